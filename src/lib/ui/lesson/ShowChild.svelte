<script lang="ts">
  import { Dialog } from '@skeletonlabs/skeleton-svelte';
  import { onMount } from 'svelte';
  import { sidesOf, type Check } from '$lib/core/checks';
  import { detailFor, shapeOf, VIEWS } from '$lib/core/figure/views';
  import { Drawn } from '$lib/ui/figure/drawn.svelte';
  import PictureView from '$lib/ui/figure/PictureView.svelte';
  import { camera, hasCamera } from '$lib/ui/mirror/camera';
  import { Mirror } from '$lib/ui/mirror/mirror.svelte';
  import { NOT_SO } from '$lib/words/home';
  import { drawPair } from '$lib/workers/pictures';
  import type { DrawnAs } from './drawn-as';

  /** What right and not so look like, as large as the screen, turning slowly, for the child; a mirror beside it. */
  let {
    check,
    who,
    faults,
    onclose
  }: {
    check: Check;
    who: DrawnAs;
    /** The faults that were seen: the first of them is shown first. */
    faults: readonly string[];
    onclose: () => void;
  } = $props();

  const PX = 520;
  /** So far to both sides it turns, and how long there and back takes. */
  const TURN_DEG = 14;
  const TURN_MS = 9000;
  /** It is drawn anew when it has turned so far. */
  const STEP_DEG = 2;

  const pairs = $derived(
    sidesOf(check, who.family).flatMap(({ right, faults: found }) =>
      found.map(({ fault, scene }) => ({ right, fault, scene }))
    )
  );
  let at = $derived(
    Math.max(
      0,
      pairs.findIndex(({ fault }) => faults.includes(fault.id))
    )
  );
  const pair = $derived(pairs[at]);

  let turned = $state(0);
  onMount(() => {
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    const begun = performance.now();
    const timer = setInterval(() => {
      const deg = TURN_DEG * Math.sin((2 * Math.PI * (performance.now() - begun)) / TURN_MS);
      turned = STEP_DEG * Math.round(deg / STEP_DEG);
    }, 60);
    return () => clearInterval(timer);
  });

  const drawn = new Drawn(
    () => {
      if (!pair) return null;
      const { family: _, ...as } = who;
      const usual = VIEWS[pair.right.view];
      // What is seen from above turns the other way round with the azimuth: there it stands still.
      const view = usual.elevation > 60 ? usual : { ...usual, azimuth: usual.azimuth + turned };
      const detail = detailFor(
        view,
        { wide: PX, high: PX },
        who.readings.height?.[0] ?? 1400,
        who.instrument.bodyMm
      );
      const question = { ...as, family: who.family, pose: pair.right.pose };
      return {
        right: { ...question, changes: pair.right.changes },
        wrong: { ...question, changes: pair.scene.changes },
        options: { view, detail }
      };
    },
    ({ right, wrong, options }) => drawPair(right, wrong, options)
  );

  const mirror = new Mirror();
  let video: HTMLVideoElement | undefined = $state();
  $effect(() => {
    if (video) video.srcObject = mirror.live?.stream ?? null;
  });
  const step = (by: number) => (at = (at + by + pairs.length) % Math.max(1, pairs.length));
</script>

<Dialog open onOpenChange={({ open }) => !open && onclose()}>
  <Dialog.Positioner class="fixed inset-0 z-50">
    <Dialog.Content>
      <div class="show" data-show-child={check.id}>
        <Dialog.Title class="line">{check.forPlayer}</Dialog.Title>
        <div class="pictures" class:three={mirror.live !== null}>
          {#if mirror.live}
            <!-- It shows what is in front of the camera now, and has no sound. -->
            <video bind:this={video} autoplay muted playsinline></video>
          {/if}
          {#if pair && drawn.current}
            {@const shape = shapeOf(VIEWS[pair.right.view])}
            <figure class="right">
              <PictureView picture={drawn.current.right} label="Right" {shape} />
              <figcaption>✓ Right</figcaption>
            </figure>
            <figure class="not">
              <PictureView picture={drawn.current.wrong} label={pair.fault.text} {shape} />
              <figcaption>✗ {NOT_SO}</figcaption>
            </figure>
          {/if}
        </div>
        <p class="row">
          {#if pairs.length > 1}
            <button type="button" class="btn act" data-act="next-fault" onclick={() => step(1)}
              >Another “not so”</button
            >
          {/if}
          {#if mirror.live}
            <button type="button" class="btn act" onclick={() => mirror.stop()}>Mirror off</button>
          {:else if hasCamera()}
            <button
              type="button"
              class="btn act"
              data-act="mirror-beside"
              disabled={mirror.starting}
              onclick={() => mirror.start(() => camera('user'))}>Mirror beside it</button
            >
          {/if}
          {#if mirror.forgotten}
            <button type="button" class="btn act-next" onclick={() => mirror.touched()}
              >Still looking? The camera goes off</button
            >
          {/if}
          {#if mirror.refusal}<span role="alert">{mirror.refusal}</span>{/if}
          <Dialog.CloseTrigger class="btn act-next">Back to the lesson</Dialog.CloseTrigger>
        </p>
      </div>
    </Dialog.Content>
  </Dialog.Positioner>
</Dialog>

<style>
  .show {
    position: fixed;
    inset: 0;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 1rem;
    padding: 1.25rem 1.75rem;
    background: var(--page, var(--panel));
    color: var(--ink);
  }
  .show :global(.line) {
    font-size: clamp(1.6rem, 4vw, 2.8rem);
    font-weight: 700;
    text-align: center;
  }
  .pictures {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1.5rem;
    min-height: 0;
  }
  .three {
    grid-template-columns: 1.2fr 1fr 1fr;
  }
  video {
    width: 100%;
    height: 100%;
    object-fit: contain;
    transform: scaleX(-1);
    background: #111614;
    min-height: 0;
  }
  figure {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    min-height: 0;
    min-width: 0;
    padding: 0.75rem;
    border: 3px solid var(--fits);
  }
  figure :global(.figure-picture) {
    width: 100%;
    height: 100%;
  }
  .not {
    border: 3px dashed var(--stop);
  }
  figcaption {
    text-align: center;
    font-size: 1.6rem;
    font-weight: 700;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: center;
    gap: 0.75rem;
  }
  @media (orientation: portrait) {
    .pictures,
    .three {
      grid-template-columns: 1fr;
    }
  }
</style>
