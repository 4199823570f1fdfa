<script lang="ts">
  import type { CheckScene } from '$lib/core/checks';
  import { detailFor, shapeOf, VIEWS } from '$lib/core/figure/views';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from '$lib/ui/figure/drawn.svelte';
  import PictureView from '$lib/ui/figure/PictureView.svelte';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';

  /** A large picture to look at; tells when it is there. */
  let {
    who,
    scene,
    marked = false,
    label,
    onthere
  }: {
    who: DrawnAs;
    scene: CheckScene;
    /** Whether what is amiss is marked. */
    marked?: boolean;
    label: string;
    onthere?: () => void;
  } = $props();

  const PX = 420;
  const view = $derived(VIEWS[scene.view]);
  const drawn = new Drawn(
    () => {
      const { family, readings, instrument, setup } = who;
      const { pose, changes } = scene;
      return {
        question: { family, readings, instrument, pose, changes, ...(setup ? { setup } : {}) },
        options: {
          view,
          detail: detailFor(view, { wide: PX, high: PX }, readings.height?.[0] ?? 1400, instrument.bodyMm),
          marked: marked ? scene.marked : []
        }
      };
    },
    ({ question, options }) => drawPicture(question, options)
  );
  $effect(() => {
    if (drawn.current) onthere?.();
  });
</script>

<div class="eye-picture"><PictureView picture={drawn.current} {label} shape={shapeOf(view)} /></div>

<style>
  .eye-picture {
    height: 100%;
    min-height: 0;
    min-width: 0;
    display: flex;
    justify-content: center;
  }
  .eye-picture :global(.figure-picture) {
    height: 100%;
    width: auto;
    max-width: 100%;
  }
</style>
