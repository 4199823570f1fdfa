<script lang="ts">
  import type { Readings } from '$lib/core/body';
  import { detailFor, shapeOf, VIEWS } from '$lib/core/figure/views';
  import {
    dimensionsOf,
    sizesUp,
    type DimensionOverrides,
    type Family,
    type Size
  } from '$lib/core/instruments';
  import { LOOK_PICTURES } from '$lib/core/trial';
  import { pictureText } from '$lib/words/figure';
  import { drawPair } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureView from './PictureView.svelte';

  /** How right and wrong look on this player with this size, side by side: told apart by word, shape and weight. */
  let {
    look,
    right,
    wrong,
    family,
    size,
    readings,
    dimensions
  }: {
    look: string;
    right: string;
    wrong: string;
    family: Family;
    size: Size;
    readings: Readings;
    dimensions: DimensionOverrides;
  } = $props();

  const PX = 300;
  const shown = $derived(LOOK_PICTURES[look]);
  const view = $derived(shown ? VIEWS[shown.view] : null);
  const heightMm = $derived(readings.height?.[0] ?? 1300);
  const shape = $derived(view ? shapeOf(view) : 1);
  const instrumentOf = (of: Size) => dimensionsOf(family, of, dimensions);
  const drawn = new Drawn(
    () => {
      if (!shown || !view) return null;
      const right = { family, readings, instrument: instrumentOf(size), pose: shown.pose };
      const sizes = sizesUp(family);
      const larger = sizes[Math.min(sizes.length - 1, sizes.indexOf(size) + (shown.larger ?? 0))] ?? size;
      const wrong = { ...right, instrument: instrumentOf(larger), changes: shown.wrong };
      const box = { wide: PX, high: Infinity };
      const detail = detailFor(view, box, heightMm, right.instrument.bodyMm);
      return { right, wrong, options: { view, detail, ...(shown.cue ? { cue: shown.cue } : {}) } };
    },
    ({ right, wrong, options }) => drawPair(right, wrong, options)
  );
  const label = (changes = shown?.wrong ?? []) =>
    shown ? pictureText(family, shown.pose, shown.view, changes) : '';
</script>

<div class="pair">
  <figure class="right">
    <PictureView picture={drawn.current?.right ?? null} label={label([])} {shape} />
    <figcaption><b>✓ Right</b> {right}</figcaption>
  </figure>
  <figure class="wrong">
    <PictureView picture={drawn.current?.wrong ?? null} label={label()} {shape} />
    <figcaption><b>✗ Not so</b> {wrong}</figcaption>
  </figure>
</div>

<style>
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1rem;
  }
  figure {
    border-top: 3px solid var(--pose-tone);
    padding-top: 0.25rem;
    display: grid;
    align-content: start;
    gap: 0.35rem;
  }
  .right {
    --pose-tone: var(--fits);
  }
  .wrong {
    --pose-tone: var(--large);
  }
  b {
    color: var(--pose-tone);
    display: block;
  }
  figcaption {
    font-size: 1rem;
  }
  .pair :global(.figure-picture) {
    max-height: 21rem;
    margin-inline: auto;
  }
</style>
