<script lang="ts">
  import type { CheckScene } from '$lib/core/checks';
  import { shapeOf, VIEWS } from '$lib/core/figure/views';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from '$lib/ui/figure/drawn.svelte';
  import PictureView from '$lib/ui/figure/PictureView.svelte';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import { scenePicture } from '$lib/ui/lesson/scene-picture';

  /** A large picture to look at; tells when it is there, and where it is tapped. */
  let {
    who,
    scene,
    marked = false,
    gone = false,
    label,
    tapped = null,
    ontap,
    onthere
  }: {
    who: DrawnAs;
    scene: CheckScene;
    /** Whether what is amiss is marked. */
    marked?: boolean;
    /** Only its frame is left. */
    gone?: boolean;
    label: string;
    tapped?: readonly [x: number, y: number] | null;
    ontap?: (at: readonly [x: number, y: number]) => void;
    onthere?: () => void;
  } = $props();

  const view = $derived(VIEWS[scene.view]);
  const drawn = new Drawn(
    () => scenePicture(who, scene, marked),
    ({ question, options }) => drawPicture(question, options)
  );
  let place: HTMLElement | undefined = $state();
  $effect(() => {
    if (drawn.current) onthere?.();
  });

  function tap(event: MouseEvent) {
    const svg = place?.querySelector('svg');
    const toPicture = svg?.getScreenCTM()?.inverse();
    // A key has no place.
    if (!toPicture || event.detail === 0) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(toPicture);
    ontap?.([x, y]);
  }
</script>

<div class="eye-picture" class:gone bind:this={place}>
  <PictureView picture={drawn.current} {label} shape={shapeOf(view)} {tapped} />
  {#if ontap}
    <button type="button" class="tap" aria-label="The place in the picture where it is amiss" onclick={tap}
    ></button>
  {/if}
</div>

<style>
  .eye-picture {
    height: 100%;
    min-height: 0;
    min-width: 0;
    display: flex;
    justify-content: center;
    position: relative;
  }
  .eye-picture :global(.figure-picture) {
    height: 100%;
    width: auto;
    max-width: 100%;
  }
  .gone :global(.figure-picture > g) {
    visibility: hidden;
  }
  .gone :global(.figure-picture) {
    background: color-mix(in oklab, var(--line) 40%, transparent);
  }
  .tap {
    position: absolute;
    inset: 0;
    cursor: crosshair;
  }
</style>
