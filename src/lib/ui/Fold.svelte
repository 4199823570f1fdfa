<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A part of a step that is folded away, and not even made, until it is wanted. */
  let {
    name,
    title,
    onclose,
    children
  }: { name: string; title: string; onclose?: () => void; children: Snippet } = $props();

  let opened = $state(false);
  function toggled({ open }: HTMLDetailsElement) {
    if (open) opened = true;
    else onclose?.();
  }
</script>

<details data-fold={name} ontoggle={(event) => toggled(event.currentTarget)}>
  <summary>{title}</summary>
  {#if opened}{@render children()}{/if}
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
