<script lang="ts" generics="Value extends string">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

  /** One of a few choices, all in sight. Arrow keys move, a tap picks. */
  let {
    label,
    value,
    options,
    onpick,
    hideLabel = false,
    stacked = false
  }: {
    label: string;
    value: Value | null;
    options: readonly { readonly value: Value; readonly text: string }[];
    onpick: (value: Value) => void;
    hideLabel?: boolean;
    stacked?: boolean;
  } = $props();
</script>

<SegmentedControl
  {value}
  orientation={stacked ? 'vertical' : 'horizontal'}
  onValueChange={({ value: picked }) => {
    const option = options.find((one) => one.value === picked);
    if (option && option.value !== value) onpick(option.value);
  }}
>
  <SegmentedControl.Label class={hideLabel ? 'sr-only' : 'text-sm soft'}>{label}</SegmentedControl.Label>
  <SegmentedControl.Control class="choice {stacked ? 'stacked' : ''}">
    {#each options as option (option.value)}
      <SegmentedControl.Item value={option.value} class="choice-item">
        <SegmentedControl.ItemText>{option.text}</SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>

<style>
  :global(.choice) {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem;
    padding: 0;
    border: 0;
    background: none;
  }
  :global(.choice.stacked) {
    flex-direction: column;
    align-items: stretch;
  }
  :global(.choice-item) {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    min-height: 2.75rem;
    min-width: 2.75rem;
    padding: 0.25rem 0.85rem;
    border: 1px solid var(--line-strong);
    border-radius: var(--radius-base);
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    text-align: center;
    flex: 1 1 auto;
    max-width: 17rem;
    width: auto;
    white-space: nowrap;
  }
  :global(.choice-item[data-state='checked']) {
    background: var(--ink);
    color: var(--ground);
    border-color: var(--ink);
    font-weight: 600;
  }
  :global(.choice-item[data-focus-visible]),
  :global(.choice-item:has(input:focus-visible)) {
    outline: 2px solid var(--next);
    outline-offset: 2px;
  }
</style>
