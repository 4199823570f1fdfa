<script lang="ts">
  import { onMount } from 'svelte';
  import { sceneOf, sidesOf, type Check } from '$lib/core/checks';
  import { clamp } from '$lib/core/maths';
  import { laid, linesFor, MIRROR_LINES, type LaidLine, type MirrorLine } from '$lib/core/mirror';
  import { scenePicture } from '$lib/ui/lesson/scene-picture';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { isTyping, shortcuts } from '$lib/ui/shortcuts';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { LINE_WORDS } from '$lib/words/mirror';
  import { camera, hasCamera, madeUpCamera, type Facing } from './camera';
  import { Mirror } from './mirror.svelte';
  import MirrorLines from './MirrorLines.svelte';
  import MirrorOff from './MirrorOff.svelte';
  import MirrorOutline from './MirrorOutline.svelte';

  /** A live picture of whoever plays, with the lines of a check and what right looks like laid over it. */
  let {
    check,
    who,
    letterKeys,
    onclose
  }: {
    check: Check;
    who: DrawnAs;
    /** Whether F holds what is seen: single letters can be switched off. */
    letterKeys: boolean;
    onclose: () => void;
  } = $props();

  const mirror = new Mirror();
  let video: HTMLVideoElement | undefined = $state();
  let canvas: HTMLCanvasElement | undefined = $state();
  let place: HTMLElement | undefined = $state();
  let facing = $state<Facing>('user');
  let width = $state(640);
  let height = $state(480);

  const OVER = [...MIRROR_LINES, 'outline', 'mirrored'] as const;
  const OVER_WORDS = { ...LINE_WORDS, outline: 'Outline of right', mirrored: 'As in a mirror' };
  /** The lines that each check wants, until the teacher picks others for it. */
  let on: readonly MirrorLine[] = $derived(linesFor(check, who.family));
  let outlined = $state(true);
  /** Of oneself one knows the mirror; whoever looks at another does not. */
  let flipped = $derived(facing === 'user');
  const over = $derived<readonly (typeof OVER)[number][]>([
    ...on,
    ...(outlined ? (['outline'] as const) : []),
    ...(flipped ? (['mirrored'] as const) : [])
  ]);
  let lines = $state.raw<Readonly<Partial<Record<MirrorLine, LaidLine>>>>({});
  /** A slant begins as the scroll was agreed to point. */
  const asAgreed = (line: MirrorLine) => laid(line, line === 'slant' ? who.setup?.scrollDeg : undefined);
  const shown = $derived(on.map((line) => lines[line] ?? asAgreed(line)));
  function lay(one: (typeof OVER)[number]) {
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
    {#if outlined && (mirror.live || mirror.still)}
      <MirrorOutline {check} {who} {flipped} {width} {height} at={outline} />
    {/if}
    {#if mirror.live || mirror.still}
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
  <p class="row">
    {#if mirror.still}
      <button type="button" class="btn act-next" data-act="thaw" onclick={hold}
        >{mirror.live ? 'Look on' : 'Put it away'} <span class="key">F</span></button
      >
    {:else if mirror.live}
      <button type="button" class="btn act-next" data-act="freeze" onclick={hold}
        >Hold still <span class="key">F</span></button
      >
      <button
        type="button"
        class="btn act"
        aria-pressed={mirror.counting !== null}
        onclick={() => mirror.freezeSoon(seen)}>In 3 seconds</button
      >
    {/if}
    {#if mirror.live}
      <button type="button" class="btn act" onclick={turn}>Other camera</button>
      <button type="button" class="btn act" data-act="camera-off" onclick={() => mirror.stop()}
        >Camera off</button
      >
    {/if}
    <button type="button" class="btn act" onclick={onclose}>Close</button>
  </p>
  {#if mirror.live || mirror.still}
    <div class="row">
      <Toggles
        label="Over the picture"
        as="over"
        look="framed"
        options={OVER.map((value) => ({ value, text: OVER_WORDS[value] }))}
        picked={over}
        onpick={lay}
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
            oninput={({ currentTarget }) => (outline = { ...outline, scale: Number(currentTarget.value) })}
          />
        </label>
      {/if}
    </div>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 0.6rem;
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
