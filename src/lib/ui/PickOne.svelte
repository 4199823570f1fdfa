<script lang="ts">
  import { Combobox, Portal, useListCollection } from '@skeletonlabs/skeleton-svelte';
  import { plainText } from '$lib/ui/plain-text';

  /**
   * One of many, found while typing its name. Where a value is given it stands in the field; else what is picked is
   * told, and the field is empty again.
   */
  let {
    label,
    options,
    value = null,
    hideLabel = false,
    none = 'Nobody of that name.',
    onpick
  }: {
    label: string;
    options: readonly { readonly value: string; readonly text: string }[];
    value?: string | null;
    hideLabel?: boolean;
    /** What is said where nothing has the typed name. */
    none?: string;
    onpick: (value: string) => void;
  } = $props();

  /** More than anybody reads: who is not among them is found by typing on. */
  const MOST = 30;
  /** Null while nothing is being typed. */
  let typed = $state<string | null>(null);
  const chosen = $derived(options.find((one) => one.value === value)?.text ?? '');
  const found = $derived(
    options.filter(({ text }) => plainText(text).includes(plainText((typed ?? '').trim()))).slice(0, MOST)
  );
  const collection = $derived(
    useListCollection({
      items: found,
      itemToValue: ({ value }) => value,
      itemToString: ({ text }) => text
    })
  );
</script>

<Combobox
  class="pick-one"
  {collection}
  value={value === null ? [] : [value]}
  inputValue={typed ?? chosen}
  onInputValueChange={({ inputValue, reason }) => (typed = reason === 'input-change' ? inputValue : null)}
  onOpenChange={({ open }) => open || (typed = null)}
  onValueChange={({ value: [picked] }) => {
    typed = null;
    if (picked !== undefined && picked !== value) onpick(picked);
  }}
  inputBehavior="autohighlight"
  openOnClick
  selectionBehavior={value === null ? 'clear' : 'replace'}
>
  <Combobox.Label class={hideLabel ? 'sr-only' : 'soft text-sm'}>{label}</Combobox.Label>
  <Combobox.Control>
    <Combobox.Input class="field" onfocus={(event) => event.currentTarget.select()} />
    <Combobox.Trigger class="pick-mark" tabindex={-1}>▾</Combobox.Trigger>
  </Combobox.Control>
  <Portal>
    <Combobox.Positioner>
      <Combobox.Content class="menu-list pick-list">
        {#each found as item (item.value)}
          <Combobox.Item {item}><Combobox.ItemText>{item.text}</Combobox.ItemText></Combobox.Item>
        {:else}
          <p class="soft">{none}</p>
        {/each}
      </Combobox.Content>
    </Combobox.Positioner>
  </Portal>
</Combobox>

<style>
  :global(.pick-one) {
    max-width: 22rem;
  }
  :global([data-scope='combobox'].pick-mark) {
    position: absolute;
    inset: 0 0 0 auto;
    transform: none;
    width: 2.5rem;
    height: 100%;
    color: var(--ink-soft);
    background: none;
  }
  :global(.pick-list) {
    max-height: 18rem;
    overflow-y: auto;
  }
</style>
