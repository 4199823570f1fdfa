<script lang="ts" generics="Value extends string">
  import { Tabs } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  /** Parts of one place, of which one is there at a time: each a named button above it. Made when it is wanted. */
  let {
    label,
    parts,
    at,
    onpick,
    children
  }: {
    label: string;
    parts: readonly (readonly [value: Value, text: string])[];
    at: Value;
    onpick: (value: Value) => void;
    children: Snippet<[Value]>;
  } = $props();

  function pick(value: string) {
    const part = parts.find(([one]) => one === value);
    if (part) onpick(part[0]);
  }
</script>

<Tabs class="tab-parts" value={at} onValueChange={({ value }) => pick(value)} loopFocus>
  <Tabs.List class="no-print" aria-label={label}>
    {#each parts as [value, text] (value)}
      <Tabs.Trigger {value}>{text}</Tabs.Trigger>
    {/each}
  </Tabs.List>
  {#each parts as [value] (value)}
    <Tabs.Content {value}>
      {#if value === at}{@render children(value)}{/if}
    </Tabs.Content>
  {/each}
</Tabs>

<style>
  :global([data-scope='tabs'][data-part='root'].tab-parts) {
    display: block;
    min-width: 0;
  }
  :global(.tab-parts > [data-part='list']) {
    flex-wrap: wrap;
    gap: 0.25rem;
    padding: 0;
    margin: 0 0 0.05rem;
    border: 0;
  }
  :global(.tab-parts > [data-part='list'] > [data-part='trigger']) {
    min-height: 2.75rem;
    padding-inline: 0.7rem;
    border: 1px solid var(--line-strong);
  }
  :global(.tab-parts > [data-part='list'] > [data-selected]) {
    background: var(--ink);
    color: var(--ground);
  }
</style>
