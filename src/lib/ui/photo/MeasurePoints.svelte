<script lang="ts">
  import type { At } from '$lib/core/photo';
  import type { Measuring } from './measuring.svelte';

  /**
   * The points of an angle over a still: a tap lays the next one, a drag or the arrow keys move one, a magnifier shows
   * where it lies.
   */
  let {
    measuring,
    still,
    width,
    height,
    flipped
  }: {
    measuring: Measuring;
    still: ImageBitmap;
    /** Of the place in which the still is shown whole. */
    width: number;
    height: number;
    flipped: boolean;
  } = $props();

  const LOUPE_PX = 144;
  const LOUPE_TIMES = 3;
  const FAR_STEP = 10;

  const scale = $derived(Math.min(width / still.width, height / still.height));
  const left = $derived((width - still.width * scale) / 2);
  const top = $derived((height - still.height * scale) / 2);
  const shown = ([x, y]: At): At => [left + (flipped ? still.width - x : x) * scale, top + y * scale];
  const inStill = (x: number, y: number): At => {
    const across = (x - left) / scale;
    return [flipped ? still.width - across : across, (y - top) / scale];
  };

  let place: HTMLElement | undefined = $state();
  let loupe: HTMLCanvasElement | undefined = $state();
  /** The point in hand. */
  let held = $state<number | null>(null);
  const at = $derived(held === null ? null : (measuring.points[held] ?? null));
  /** The magnifier keeps out of the way of what it shows. */
  const aside = $derived(at !== null && shown(at)[0] < width / 2 && shown(at)[1] < LOUPE_PX * 1.6);

  $effect(() => {
    const context = loupe?.getContext('2d');
    if (!context || !at) return;
    const half = LOUPE_PX / 2 / LOUPE_TIMES / scale;
    context.fillStyle = '#111614';
    context.fillRect(0, 0, LOUPE_PX, LOUPE_PX);
    context.save();
    if (flipped) {
      context.translate(LOUPE_PX, 0);
      context.scale(-1, 1);
    }
    context.drawImage(still, at[0] - half, at[1] - half, 2 * half, 2 * half, 0, 0, LOUPE_PX, LOUPE_PX);
    context.restore();
  });

  function drag(event: PointerEvent) {
    if (held === null || !place) return;
    const box = place.getBoundingClientRect();
    measuring.lay(held, inStill(event.clientX - box.left, event.clientY - box.top));
  }
  /** A tap beside all points lays the next one. */
  function begin(event: PointerEvent, index = measuring.next) {
    if (event.button !== 0 || index < 0) return;
    event.stopPropagation();
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = index;
    place?.querySelectorAll<HTMLElement>('[data-point]')[index]?.focus();
    drag(event);
  }
  const end = () => (held = null);

  function key(event: KeyboardEvent, index: number) {
    const point = measuring.points[index];
    if (!point) return;
    if (event.key === 'Enter') {
      event.preventDefault();
      measuring.accept(index);
      place?.querySelectorAll<HTMLElement>('[data-point]')[Math.max(0, measuring.next)]?.focus();
      return;
    }
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const step = event.shiftKey ? FAR_STEP : 1;
    const [dx = 0, dy = 0] = way;
    measuring.lay(index, [point[0] + (flipped ? -dx : dx) * step, point[1] + dy * step]);
  }

  /** Which points a line joins: one after the other in a bend, else two and two. */
  const lines = $derived(
    measuring.kind?.reading === 'bend'
      ? [
          [0, 1],
          [1, 2]
        ]
      : measuring.points.flatMap((_, i) => (i % 2 === 0 ? [[i, i + 1]] : []))
  );
  const spots = $derived(measuring.points.map(shown));
</script>

<div
  class="points"
  bind:this={place}
  role="group"
  aria-label="Points of the angle: Enter takes one as it lies, arrows move it"
  onpointerdown={begin}
  onpointermove={drag}
  onpointerup={end}
  onpointercancel={end}
>
  <svg {width} {height} viewBox="0 0 {width} {height}" aria-hidden="true">
    {#each lines as [from, to], i (i)}
      {@const [a, b] = [spots[from ?? 0], spots[to ?? 0]]}
      {#if a && b}
        <line class="under" x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} />
        <line class="over" x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} />
      {/if}
    {/each}
  </svg>
  {#each spots as [x, y], i (i)}
    <button
      type="button"
      class="point"
      class:laid={measuring.laid[i]}
      class:next={measuring.next === i}
      data-point={i}
      style:left="{x}px"
      style:top="{y}px"
      aria-label="{measuring.names[i]}{measuring.laid[i] ? '' : ', not laid yet'}"
      onpointerdown={(event) => begin(event, i)}
      onpointermove={drag}
      onpointerup={end}
      onpointercancel={end}
      onfocus={() => (held ??= i)}
      onblur={end}
      onkeydown={(event) => {
        held = i;
        key(event, i);
      }}
    ></button>
  {/each}
  {#if at}
    <div class="loupe" class:aside aria-hidden="true">
      <canvas bind:this={loupe} width={LOUPE_PX} height={LOUPE_PX}></canvas>
    </div>
  {/if}
</div>

<style>
  .points,
  svg {
    position: absolute;
    inset: 0;
    touch-action: none;
  }
  svg {
    pointer-events: none;
  }
  line {
    stroke-linecap: round;
  }
  .under {
    stroke: #000;
    stroke-width: 5;
    opacity: 0.55;
  }
  .over {
    stroke: #fff;
    stroke-width: 2;
  }
  .point {
    position: absolute;
    width: 2.75rem;
    height: 2.75rem;
    transform: translate(-50%, -50%);
    cursor: crosshair;
    touch-action: none;
    border-radius: 50%;
  }
  .point::before {
    content: '';
    position: absolute;
    inset: 0.95rem;
    border-radius: 50%;
    border: 2px dashed #fff;
    box-shadow: 0 0 0 1px #000;
  }
  .laid::before {
    border-style: solid;
    background: var(--next);
  }
  .next::before {
    inset: 0.7rem;
    border-width: 3px;
  }
  .loupe {
    position: absolute;
    left: 0.5rem;
    top: 0.5rem;
    width: 144px;
    height: 144px;
    border-radius: 50%;
    overflow: hidden;
    border: 3px solid #fff;
    pointer-events: none;
  }
  .aside {
    left: auto;
    right: 0.5rem;
  }
  .loupe::before,
  .loupe::after {
    content: '';
    position: absolute;
    background: #fff;
    mix-blend-mode: difference;
  }
  .loupe::before {
    left: 50%;
    top: 30%;
    bottom: 30%;
    width: 1px;
  }
  .loupe::after {
    top: 50%;
    left: 30%;
    right: 30%;
    height: 1px;
  }
</style>
