<script lang="ts">
  import type { CardDrawing } from '$lib/print/card';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { ON_BACK_WORDS } from '$lib/words/setup';
  import { drawCard } from './card-drawing';
  import { Drawn } from './drawn.svelte';
  import OnBackShapes from './OnBackShapes.svelte';
  import PictureShapes from './PictureShapes.svelte';

  /** A set-up drawn: the instrument's back with what lies on it, or the player as it is set. As high as its place. */
  let {
    drawing,
    ondrawn
  }: {
    drawing: CardDrawing;
    /** Called when it is there, or can't be. */
    ondrawn?: () => void;
  } = $props();

  const drawn = new Drawn(() => drawing, drawCard);
  $effect(() => {
    if (drawn.current || drawn.failed) ondrawn?.();
  });
  /** Room is kept while it is being drawn. */
  const view = $derived(drawn.current?.window ?? { x: 0, y: 0, width: 3, height: 5 });
  const label = $derived(
    drawing.kind === 'back'
      ? `Back of the instrument ${ON_BACK_WORDS[drawing.on.kind]}`
      : `The player with the ${FAMILY_WORDS[drawing.question.family].toLowerCase()} as it is set, from the left`
  );
</script>

<svg
  class="figure-picture"
  viewBox="{view.x} {view.y} {view.width} {view.height}"
  role="img"
  aria-label={label}
>
  {#if drawn.current}<PictureShapes picture={drawn.current} />{/if}
  {#if drawing.kind === 'back'}<OnBackShapes on={drawing.on} />{/if}
</svg>

<style>
  svg {
    height: 100%;
    width: auto;
    max-width: 100%;
  }
</style>
