<script lang="ts">
  import type { Readings } from '$lib/core/body';
  import type { Change, FigureSetup } from '$lib/core/figure';
  import { detailFor, shapeOf, type View } from '$lib/core/figure/views';
  import type { Family, NominalInstrument } from '$lib/core/instruments';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureView from './PictureView.svelte';

  /** A small picture of what may be seen, on this player; the words beside it say what it shows. */
  let {
    family,
    readings,
    instrument,
    pose,
    view,
    changes,
    marked = changes,
    setup
  }: {
    family: Family;
    readings: Readings;
    instrument: NominalInstrument;
    pose: string;
    view: View;
    changes: readonly Change[];
    /** What of it is marked; all of the changes where nothing else is said. */
    marked?: readonly Change[];
    setup?: FigureSetup;
  } = $props();

  const WIDE_PX = 150;
  const HIGH_PX = 120;
  const heightMm = $derived(readings.height?.[0] ?? 1400);
  const drawn = new Drawn(
    () => ({
      question: { family, readings, instrument, pose, changes, ...(setup ? { setup } : {}) },
      options: {
        view,
        detail: detailFor(view, { wide: WIDE_PX, high: HIGH_PX }, heightMm, instrument.bodyMm),
        marked
      }
    }),
    ({ question, options }) => drawPicture(question, options)
  );
</script>

<div class="seen" aria-hidden="true">
  <PictureView picture={drawn.current} label="" shape={shapeOf(view)} />
</div>

<style>
  .seen {
    --mark: 0.72;
    height: var(--seen-high, 7.5rem);
    width: 100%;
    display: flex;
    justify-content: center;
  }
  .seen :global(.figure-picture) {
    height: 100%;
    width: auto;
    max-width: 100%;
  }
</style>
