<script lang="ts">
  import type { Snippet } from 'svelte';

  /** One kind of file, out and in. */
  let { id, title, children }: { id: string; title: string; children: Snippet } = $props();
</script>

<section aria-labelledby={id} data-files={id}>
  <h2 {id}>{title}</h2>
  {@render children()}
</section>

<style>
  section {
    border-top: 1px solid var(--ink);
    padding-top: 0.75rem;
    display: grid;
    gap: 0.6rem;
  }
  section :global(.row) {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  /* What a file would change, before it does. */
  section :global(.preview) {
    border-left: 4px solid var(--next);
    padding: 0.5rem 1rem;
    display: grid;
    gap: 0.6rem;
  }
</style>
