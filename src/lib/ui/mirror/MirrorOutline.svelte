<script lang="ts">
  import { sceneOf, sidesOf, type Check } from '$lib/core/checks';
  import { shapeOf, VIEWS } from '$lib/core/figure/views';
  import { scenePicture } from '$lib/ui/lesson/scene-picture';
  import { Drawn } from '$lib/ui/figure/drawn.svelte';
  import PictureView from '$lib/ui/figure/PictureView.svelte';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import { drawPicture } from '$lib/workers/pictures';

  /** The lines of how it should be, over a live picture: moved and scaled to whoever stands there. */
  let {
    check,
    who,
    flipped,
    width,
    height,
    at
  }: {
    check: Check;
    who: DrawnAs;
    /** As in a mirror, as the picture under it. */
    flipped: boolean;
    width: number;
    height: number;
    /** How far it was moved, as shares of the picture, and its scale. */
    at: { readonly x: number; readonly y: number; readonly scale: number };
  } = $props();

  const scene = $derived(sidesOf(check, who.family)[0]?.right ?? sceneOf(check, who.family));
  const drawn = new Drawn(
    () => scenePicture(who, scene, false),
    ({ question, options }) => drawPicture(question, options)
  );
</script>

<div
  class="drawn"
  style:transform="translate({at.x * width}px, {at.y * height}px) scale({flipped ? -at.scale : at.scale}, {at.scale})"
>
  <PictureView
    picture={drawn.current}
    label="Outline of how it should be"
    shape={shapeOf(VIEWS[scene.view])}
  />
</div>

<style>
  .drawn {
    position: absolute;
    inset: 3%;
    display: flex;
    justify-content: center;
    pointer-events: none;
  }
  .drawn :global(.figure-picture) {
    height: 100%;
    width: auto;
  }
  /* Of the drawing its lines alone, light on anything. */
  .drawn :global(.region) {
    display: none;
  }
  .drawn :global(.line) {
    stroke: #fff !important;
    stroke-width: 2.2px;
    filter: drop-shadow(0 0 1px #000) drop-shadow(0 0 1px #000);
  }
</style>
