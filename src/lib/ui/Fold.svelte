<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A part of a step that is folded away until it is wanted. */
  let {
    name,
    title,
    onclose,
    children
  }: { name: string; title: string; onclose?: () => void; children: Snippet } = $props();
</script>

<details data-fold={name} ontoggle={(event) => !event.currentTarget.open && onclose?.()}>
  <summary>{title}</summary>
  {@render children()}
</details>

<style>
  details {
    border-top: 1px solid var(--line);
    margin-top: 0.75rem;
  }
  summary {
    min-height: 2.75rem;
    display: flex;
    align-items: center;
    font-weight: 700;
    font-size: 1.1rem;
    cursor: pointer;
  }
</style>
