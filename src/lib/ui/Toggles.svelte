<script lang="ts" generics="Value extends string | number">
  import { ToggleGroup } from '@skeletonlabs/skeleton-svelte';

  /** A few that are pressed or not, all in sight: one stop for the Tab key, arrows move within, a tap presses. */
  let {
    label,
    options,
    picked,
    onpick,
    look = 'plain',
    as
  }: {
    label: string;
    options: readonly { readonly value: Value; readonly text: string; readonly key?: string }[];
    picked: readonly (Value | null)[];
    /** What was tapped, pressed before or not. */
    onpick: (value: Value) => void;
    /** Without frames beside each other, with them, or tall, in equal columns. */
    look?: 'plain' | 'framed' | 'tall';
    /** The name by which the page knows them: `data-rate`. */
    as: string;
  } = $props();

  const pressed = $derived(picked.filter((one) => one !== null).map(String));
  /** The second press of a double one was not meant for what has come meanwhile. */
  const once = (act: unknown) => (event: MouseEvent) => {
    if (event.detail < 2 && typeof act === 'function') act(event);
  };

  /** What loses the focus to nothing may be going itself, and has nothing to say any more. */
  const toAnother = (act: unknown) => (event: FocusEvent) => {
    if (event.relatedTarget && typeof act === 'function') act(event);
  };

  function changed(now: readonly string[]) {
    const tapped = now.find((one) => !pressed.includes(one)) ?? pressed.find((one) => !now.includes(one));
    const option = options.find(({ value }) => String(value) === tapped);
    if (option) onpick(option.value);
  }
</script>

<ToggleGroup
  multiple
  value={pressed}
  onValueChange={({ value }) => changed(value)}
  aria-label={label}
  class="toggles {look}"
>
  {#snippet element(attributes)}
    <div {...attributes} onfocusout={toAnother(attributes.onfocusout)}>
      {#each options as { value, text, key } (value)}
        <ToggleGroup.Item value={String(value)}>
          {#snippet element(attributes)}
            <button {...attributes} {...{ [`data-${as}`]: value }} onclick={once(attributes.onclick)}
              >{text}
              {#if key}<span class="key">{key}</span>{/if}</button
            >
          {/snippet}
        </ToggleGroup.Item>
      {/each}
    </div>
  {/snippet}
</ToggleGroup>

<style>
  /* Two names: what the parts bring along is said with one. */
  :global([data-scope='toggle-group'].toggles) {
    display: flex;
    flex-wrap: wrap;
    width: auto;
    gap: 0.35rem;
    padding: 0;
    border: 0;
    background: none;
    overflow: visible;
  }
  button {
    border: 0;
    height: auto;
    min-height: 2.75rem;
    padding-inline: 0.8rem;
    border-radius: var(--radius-base);
  }
  :global(.framed) > button {
    border: 1px solid var(--line-strong);
  }
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--ground);
    border-color: var(--ink);
    font-weight: 650;
  }
  :global([data-scope='toggle-group'].toggles.tall) {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(5.25rem, 30%), 1fr));
  }
  :global(.tall) > button {
    min-height: 3.75rem;
    padding: 0.25rem;
    border: 2px solid var(--line-strong);
    border-radius: var(--radius-container);
    font-weight: 650;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 0.15rem;
    line-height: 1.15;
  }
</style>
