<script lang="ts">
  import { Collapsible } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  /** What is folded away, and not even made, until it is wanted. Its mark turns. */
  let {
    name,
    title,
    quiet = false,
    open = $bindable(false),
    children
  }: {
    name: string;
    title: string;
    /** One of several lines rather than a part of its own. */
    quiet?: boolean;
    open?: boolean;
    children: Snippet;
  } = $props();
</script>

<Collapsible
  class="fold {quiet ? 'quiet' : ''}"
  data-fold={name}
  {open}
  onOpenChange={(now) => (open = now.open)}
>
  <Collapsible.Trigger class="fold-title"><span aria-hidden="true">▸</span>{title}</Collapsible.Trigger>
  <Collapsible.Content>
    {#if open}{@render children()}{/if}
  </Collapsible.Content>
</Collapsible>

<style>
  /* Two names: what the parts bring along is said with one. */
  :global([data-scope='collapsible'].fold) {
    display: block;
    width: auto;
  }
  :global([data-scope='collapsible'].fold:not(.quiet)) {
    border-top: 1px solid var(--line);
    margin-top: 0.75rem;
  }
  :global([data-scope='collapsible'].fold[data-state='open']) {
    width: 100%;
  }
  :global([data-scope='collapsible'].fold-title) {
    min-height: 2.75rem;
    width: auto;
    padding: 0;
    display: inline-flex;
    align-items: center;
    justify-content: flex-start;
    gap: 0.5rem;
    text-align: left;
  }
  :global(.fold:not(.quiet) > [data-scope='collapsible'].fold-title) {
    width: 100%;
    font-weight: 700;
    font-size: 1.1rem;
  }
  :global(.fold-title > span) {
    color: var(--ink-soft);
    transition: transform 0.15s;
  }
  :global(.fold-title[data-state='open'] > span) {
    transform: rotate(90deg);
  }
</style>
