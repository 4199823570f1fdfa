<script lang="ts">
  import type { Snippet } from 'svelte';
  import { opening } from './opening.svelte';

  /** Shows a place once all that it asks for is there, so that nothing moves away under a finger. */
  let { children }: { children: Snippet } = $props();
  const place = opening();
</script>

{#if place.isLate}
  <p class="p-6 soft late" role="status">Opening your records…</p>
{/if}
<div class:opening={!place.isOpen}>{@render children()}</div>

<style>
  .opening {
    visibility: hidden;
  }

  .late {
    position: absolute;
  }
</style>
