<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { sceneOf, sidesOf, type Check } from '$lib/core/checks';
  import { clamp } from '$lib/core/maths';
  import { laid, linesFor, type LaidLine, type MirrorLine } from '$lib/core/mirror';
  import { scenePicture } from '$lib/ui/lesson/scene-picture';
  import type { MeasuredAngle } from '$lib/data';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import AnglePanel from '$lib/ui/photo/AnglePanel.svelte';
  import MeasurePoints from '$lib/ui/photo/MeasurePoints.svelte';
  import { Measuring } from '$lib/ui/photo/measuring.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { isTyping, shortcuts } from '$lib/ui/shortcuts';
  import { agreedIn } from '$lib/words/photo';
  import { camera, hasCamera, madeUpCamera, type Facing } from './camera';
  import { Mirror } from './mirror.svelte';
  import MirrorActs from './MirrorActs.svelte';
  import MirrorLines from './MirrorLines.svelte';
  import MirrorOff from './MirrorOff.svelte';
  import MirrorOutline from './MirrorOutline.svelte';
  import MirrorOver, { type Over } from './MirrorOver.svelte';

  /** A live picture of whoever plays, with the lines of a check and what right looks like laid over it. */
  let {
    check,
    who,
    playerId,
    letterKeys,
    onmeasure,
    onclose
  }: {
    check: Check;
    who: DrawnAs;
    playerId: string;
    /** Whether F holds what is seen: single letters can be switched off. */
    letterKeys: boolean;
    /** Keeps an angle that was read from a still; answers whether it is kept. */
    onmeasure: (measured: MeasuredAngle) => Promise<boolean>;
    onclose: () => void;
  } = $props();

  const mirror = new Mirror();
  let video: HTMLVideoElement | undefined = $state();
  let canvas: HTMLCanvasElement | undefined = $state();
  let place: HTMLElement | undefined = $state();
  let facing = $state<Facing>('user');
  let width = $state(640);
  let height = $state(480);

  /** The lines that each check wants, until the teacher picks others for it. */
  let on: readonly MirrorLine[] = $derived(linesFor(check, who.family));
  let outlined = $state(true);
  /** Of oneself one knows the mirror; whoever looks at another does not. */
  let flipped = $derived(facing === 'user');
  const over = $derived<readonly Over[]>([
    ...on,
    ...(outlined ? (['outline'] as const) : []),
    ...(flipped ? (['mirrored'] as const) : [])
  ]);
  let lines = $state.raw<Readonly<Partial<Record<MirrorLine, LaidLine>>>>({});
  /** A slant begins as the scroll was agreed to point. */
  const asAgreed = (line: MirrorLine) => laid(line, line === 'slant' ? who.setup?.scrollDeg : undefined);
  const shown = $derived(on.map((line) => lines[line] ?? asAgreed(line)));
  function lay(one: Over) {
    mirror.touched();
    if (one === 'outline') outlined = !outlined;
    else if (one === 'mirrored') flipped = !flipped;
    else on = on.includes(one) ? on.filter((other) => other !== one) : [...on, one];
  }

  let outline = $state.raw({ x: 0, y: 0, scale: 1 });
  const look = () => mirror.start(() => camera(facing));
  const pretend = () => {
    const [side] = sidesOf(check, who.family);
    const { question, options } = scenePicture(
      who,
      side?.faults[0]?.scene ?? sceneOf(check, who.family),
      false
    );
    return mirror.start(() => madeUpCamera(question, options));
  };
  // The touch that opens the mirror is the one that asks for the camera.
  onMount(() => {
    place?.scrollIntoView({ block: 'start' });
    if (hasCamera()) void look();
  });
  $effect(() => {
    if (video) video.srcObject = mirror.live?.stream ?? null;
  });
  $effect(() => {
    const { still } = mirror;
    if (!canvas || !still) return;
    [canvas.width, canvas.height] = [still.width, still.height];
    canvas.getContext('2d')?.drawImage(still, 0, 0);
  });

  /** Angles are measured on what is held still. */
  let measures = $state(false);
  const agreed = $derived(agreedIn(who.setup));
  /** The one of the still before: its level line serves as long as the camera stands. */
  let before: Measuring | null = null;
  const measuring = $derived.by(() => {
    const { still } = mirror;
    if (!measures || !still) return null;
    const [wide, high, family, checkId] = [still.width, still.height, who.family, check.id];
    return untrack(() => {
      const begun = new Measuring(() => ({ family, checkId, agreed, width: wide, height: high }), before);
      return (before = begun);
    });
  });

  const seen = () => (video && video.videoWidth > 0 ? video : null);
  const freeze = () =>
    attempt(async () => {
      const source = seen();
      if (source) await mirror.freeze(source);
    });
  const fromFile = (file: File) =>
    attempt(async () => {
      try {
        await mirror.freeze(file);
        mirror.stop();
      } catch {
        status.say('This file is no picture that can be shown.');
      }
    });
  function turn() {
    facing = facing === 'user' ? 'environment' : 'user';
    void look();
  }

  let from: { readonly x: number; readonly y: number; readonly outline: typeof outline } | null = null;
  function begin(event: PointerEvent) {
    mirror.touched();
    // What is held is the picture: a button in it is pressed.
    if (event.button !== 0 || (event.target instanceof Element && event.target.closest('button'))) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    from = { x: event.clientX, y: event.clientY, outline };
  }
  function move(event: PointerEvent) {
    if (!from || !outlined) return;
    const [dx, dy] = [(event.clientX - from.x) / width, (event.clientY - from.y) / height];
    outline = {
      ...outline,
      x: clamp(from.outline.x + dx, -0.6, 0.6),
      y: clamp(from.outline.y + dy, -0.6, 0.6)
    };
  }
  // What is read stands below the picture: both are in sight.
  $effect(() => {
    if (measuring) place?.scrollIntoView({ block: 'start' });
  });
  const hold = () => (mirror.still ? mirror.thaw() : void freeze());
  $effect(() =>
    letterKeys
      ? shortcuts(window, { f: (event) => !event.repeat && !isTyping(event.target) && hold() })
      : undefined
  );
</script>

<section
  bind:this={place}
  aria-label="Mirror"
  data-mirror={mirror.still ? 'still' : mirror.live ? 'live' : 'off'}
>
  <div
    class="stage"
    class:measured={measuring !== null}
    bind:clientWidth={width}
    bind:clientHeight={height}
    role="group"
    aria-label="What the camera sees; drag to move the outline"
    onpointerdown={begin}
    onpointermove={move}
    onpointerup={() => (from = null)}
    onpointercancel={() => (from = null)}
  >
    <!-- It shows what is in front of the camera now, and has no sound. -->
    <video
      bind:this={video}
      class:flipped
      class:hidden={!mirror.live || mirror.still}
      autoplay
      muted
      playsinline
    ></video>
    <canvas bind:this={canvas} class:flipped class:hidden={!mirror.still}></canvas>
    {#if outlined && !measuring && (mirror.live || mirror.still)}
      <MirrorOutline {check} {who} {flipped} {width} {height} at={outline} />
    {/if}
    {#if measuring && mirror.still}
      <MeasurePoints {measuring} still={mirror.still} {width} {height} {flipped} />
    {:else if mirror.live || mirror.still}
      <MirrorLines
        lines={shown}
        {width}
        {height}
        onchange={(line) => {
          mirror.touched();
          lines = { ...lines, [line.line]: line };
        }}
      />
    {:else}
      <MirrorOff {mirror} onlook={look} onfile={fromFile} onpretend={pretend} />
    {/if}
    {#if mirror.counting !== null}<p class="count num" role="status">{mirror.counting}</p>{/if}
    {#if mirror.forgotten}
      <button type="button" class="btn act-next still-there" onclick={() => mirror.touched()}
        >Still looking? The camera goes off</button
      >
    {/if}
  </div>
  <MirrorActs
    {mirror}
    {measuring}
    onhold={hold}
    onsoon={() => mirror.freezeSoon(seen)}
    onturn={turn}
    onmeasure={() => (measures = !measures)}
    {onclose}
  />
  {#if measuring && mirror.still}
    <AnglePanel {measuring} {who} still={mirror.still} {playerId} checkId={check.id} onkeep={onmeasure} />
  {:else if mirror.live || mirror.still}
    <MirrorOver
      {over}
      {outlined}
      {outline}
      onlay={lay}
      onscale={(scale) => (outline = { ...outline, scale })}
    />
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 0.6rem;
    scroll-margin-top: 3.5rem;
  }
  .stage {
    position: relative;
    aspect-ratio: 4 / 3;
    max-height: max(16rem, calc(100vh - 16rem));
    width: 100%;
    overflow: hidden;
    background: #111614;
    color: #f4f4ef;
    touch-action: none;
  }
  .measured {
    max-height: max(16rem, calc(100vh - 27rem));
  }
  video,
  canvas {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    object-fit: contain;
  }
  .flipped {
    transform: scaleX(-1);
  }
  .hidden {
    visibility: hidden;
  }
  .count {
    position: absolute;
    inset: 0;
    display: grid;
    place-content: center;
    font-size: 8rem;
    font-weight: 750;
    text-shadow: 0 0 12px #000;
    pointer-events: none;
  }
  .still-there {
    position: absolute;
    left: 50%;
    bottom: 1rem;
    transform: translateX(-50%);
  }
</style>
