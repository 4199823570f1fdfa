<script lang="ts">
  import type { CardDrawing } from '$lib/print/card';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { drawCard } from './card-drawing';
  import { Drawn } from './drawn.svelte';
  import PictureShapes from './PictureShapes.svelte';

  /** A set-up drawn: the instrument's back with the rest's feet, or the player as it is set. As high as its place. */
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
      ? 'Back of the instrument with the feet of the shoulder rest; the high end is filled'
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
  {#if drawing.kind === 'back'}
    <line
      x1={drawing.chestFoot[0]}
      y1={drawing.chestFoot[1]}
      x2={drawing.shoulderFoot[0]}
      y2={drawing.shoulderFoot[1]}
    />
    <circle
      class:high={drawing.highEnd === 'chest'}
      cx={drawing.chestFoot[0]}
      cy={drawing.chestFoot[1]}
      r="9"
    />
    <circle
      class:high={drawing.highEnd === 'shoulder'}
      cx={drawing.shoulderFoot[0]}
      cy={drawing.shoulderFoot[1]}
      r="9"
    />
  {/if}
</svg>

<style>
  svg {
    --warm: light-dark(oklch(0.47 0.12 50), oklch(0.72 0.12 55));
    height: 100%;
    width: auto;
    max-width: 100%;
  }
  line {
    stroke: var(--warm);
    stroke-width: 8;
    opacity: 0.4;
  }
  circle {
    fill: light-dark(white, black);
    stroke: var(--warm);
    stroke-width: 3;
  }
  circle.high {
    fill: var(--warm);
  }
</style>
