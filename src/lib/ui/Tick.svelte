<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A line to tick, as large as a finger. */
  let { checked = $bindable(), children }: { checked: boolean; children: Snippet } = $props();
</script>

<label><input type="checkbox" bind:checked /> {@render children()}</label>

<style>
  label {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
  }
  input {
    width: 1.5rem;
    height: 1.5rem;
  }
</style>
