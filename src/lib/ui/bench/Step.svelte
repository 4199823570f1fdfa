<script lang="ts">
  import type { Snippet } from 'svelte';
  import Part from '$lib/ui/shell/Part.svelte';

  /** One step of the bench: a heading that the foot of the page leads to, and its content. */
  let {
    id,
    title,
    note = '',
    children
  }: { id: string; title: string; note?: string; children: Snippet } = $props();
</script>

<section {id} aria-labelledby="{id}-title">
  <header>
    <h2 id="{id}-title" tabindex="-1">{title}</h2>
    {#if note}<p class="soft">{note}</p>{/if}
  </header>
  <Part name={title}>{@render children()}</Part>
</section>

<style>
  section {
    border-top: 1px solid var(--ink);
    padding-block: 1rem 2rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 1rem;
    margin-bottom: 0.75rem;
  }
  h2:focus {
    outline: none;
  }
</style>
