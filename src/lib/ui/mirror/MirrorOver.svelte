<script lang="ts" module>
  import { MIRROR_LINES } from '$lib/core/mirror';

  const OVER = [...MIRROR_LINES, 'outline', 'mirrored'] as const;
  /** What may lie over the picture, and which way round it is. */
  export type Over = (typeof OVER)[number];
</script>

<script lang="ts">
  import Toggles from '$lib/ui/Toggles.svelte';
  import { LINE_WORDS } from '$lib/words/mirror';

  /** What lies over a live picture: lines, the outline of right and its size. */
  let {
    over,
    outlined,
    outline,
    onlay,
    onscale
  }: {
    over: readonly Over[];
    outlined: boolean;
    outline: { readonly scale: number };
    onlay: (one: Over) => void;
    onscale: (scale: number) => void;
  } = $props();

  const OVER_WORDS = { ...LINE_WORDS, outline: 'Outline of right', mirrored: 'As in a mirror' };
</script>

<div class="row">
  <Toggles
    label="Over the picture"
    as="over"
    look="framed"
    options={OVER.map((value) => ({ value, text: OVER_WORDS[value] }))}
    picked={over}
    onpick={onlay}
  />
  {#if outlined}
    <label>
      Size of the outline
      <input
        type="range"
        min="0.4"
        max="2.5"
        step="0.05"
        value={outline.scale}
        oninput={({ currentTarget }) => onscale(Number(currentTarget.value))}
      />
    </label>
  {/if}
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 0.75rem;
  }
  label {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
  }
</style>
