<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { MeasurementId, Readings } from '$lib/core/body';
  import type { FigureSetup } from '$lib/core/figure';
  import type { LengthUnit } from '$lib/core/length';
  import type { NominalInstrument } from '$lib/core/instruments';
  import Choice from '$lib/ui/Choice.svelte';
  import { sideText } from '$lib/words/figure';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureShapes from './PictureShapes.svelte';
  import Ruler from './Ruler.svelte';
  import SceneHandle, { type Handle } from './SceneHandle.svelte';
  import { Turning } from './turning.svelte';

  export interface Note {
    /** Height above the floor that it belongs to, mm. */
    readonly mm: number;
    readonly title: string;
    readonly text: string;
    readonly off?: boolean;
    readonly large?: boolean;
  }

  /** A spot of the drawing that leads to its measurement. */
  export interface Place {
    readonly id: MeasurementId;
    readonly name: string;
    readonly spot: string;
  }

  /** A player with a cello or bass to scale, from any side, on a ruler from the floor; numbers stand beside it. */
  let {
    family,
    readings,
    instrument,
    tone = '',
    setup,
    topMm,
    unit,
    description,
    waiting,
    height = 400,
    guidesMm,
    dots,
    notes,
    places = [],
    handles = [],
    moving = false,
    onmeasure,
    onhandle,
    children
  }: {
    family: 'cello' | 'bass';
    readings: Readings;
    instrument: NominalInstrument;
    /** What the instrument's colour says: `fits`, `large`, `small`, or nothing. */
    tone?: string;
    setup: FigureSetup;
    /** How high the drawing must reach, mm. */
    topMm: number;
    unit: LengthUnit;
    description: string;
    /** Nothing is measured yet: drawn pale, no numbers. */
    waiting: boolean;
    height?: number;
    /** Heights through which a line runs, mm. */
    guidesMm: readonly number[];
    /** Spots that are marked. */
    dots: readonly string[];
    notes: readonly Note[];
    places?: readonly Place[];
    /** What can be dragged in the drawing. */
    handles?: readonly Handle[];
    /** A handle is being dragged: drawn coarser. */
    moving?: boolean;
    onmeasure?: (id: MeasurementId) => void;
    onhandle?: (id: string, value: number | null, done: boolean) => void;
    /** What else is chosen for the drawing. */
    children?: Snippet;
  } = $props();

  const MARGIN_TOP = 26;
  const FLOOR_GAP = 16;
  const NOTE_GAP = 44;
  const SIDES = { '90': 'Left', '0': 'Front', '-90': 'Right', '180': 'Behind' } as const;
  const turning = new Turning(90);
  let width = $state(760);

  let keptTopMm = 0;
  /** Stays while something is dragged: what is held must not run away from the hand. */
  const shownTopMm = $derived.by(() => {
    if (!moving || keptTopMm === 0) keptTopMm = topMm;
    return keptTopMm;
  });
  const scale = $derived((height - MARGIN_TOP - FLOOR_GAP) / shownTopMm);
  const floorY = $derived(height - FLOOR_GAP);
  const notesX = $derived(Math.max(width - 216, width * 0.6));
  const originX = $derived(56 + (notesX - 56) * 0.52);
  const drawn = new Drawn(
    () => ({
      figure: { family, readings, instrument, setup },
      options: {
        view: { azimuth: turning.azimuth, elevation: 0, crop: null, without: [] },
        detail: scale,
        coarse: turning.moving || moving
      }
    }),
    ({ figure, options }) => drawPicture(figure, options)
  );
  const picture = $derived(drawn.current);
  const px = (spot: string) => {
    const at = picture?.spots[spot];
    return at && { x: originX + at[0] * scale, y: floorY + at[1] * scale };
  };
  /** Notes keep their distance from each other. */
  const spread = $derived(
    notes.reduce<(Note & { readonly y: number })[]>((placed, note) => {
      const before = placed.at(-1);
      const least = before ? before.y + (before.large ? NOTE_GAP + 8 : NOTE_GAP) : MARGIN_TOP;
      return [...placed, { ...note, y: Math.max(floorY - note.mm * scale, least) }];
    }, [])
  );
</script>

<div class="scene {waiting ? 'waiting' : tone}" bind:clientWidth={width}>
  <svg
    {width}
    {height}
    viewBox="0 0 {width} {height}"
    role="img"
    aria-label="{description} Seen {sideText(turning.azimuth)}."
  >
    <line class="floor" x1="40" x2={width - 8} y1={floorY} y2={floorY} />
    <Ruler lengthMm={Math.floor(shownTopMm / 100) * 100} {scale} x={48} y={floorY} {unit} direction="up" />
    {#if !waiting}
      {#each guidesMm as mm, index (index)}
        <line class="guide" x1="60" x2={notesX - 12} y1={floorY - mm * scale} y2={floorY - mm * scale} />
      {/each}
    {/if}
    {#if picture}
      <g class="figure-picture" transform="translate({originX} {floorY}) scale({scale})">
        <PictureShapes {picture} />
      </g>
    {/if}
    {#if !waiting}
      {#each dots as spot (spot)}
        {@const at = px(spot)}
        {#if at}<circle class="dot" cx={at.x} cy={at.y} r="3.5" />{/if}
      {/each}
      {#each spread as { title, text, off, large, y } (title)}
        <g class="note" transform="translate({notesX} {y})">
          <text>{title}</text>
          <text y={large ? 24 : 18} class={large ? 'large-number' : 'number'} class:off>{text}</text>
        </g>
      {/each}
    {/if}
  </svg>
  <div
    class="turn no-print"
    role="slider"
    tabindex="0"
    aria-label="Turn the figure"
    aria-valuemin={-180}
    aria-valuemax={180}
    aria-valuenow={turning.azimuth}
    aria-valuetext={sideText(turning.azimuth)}
    style:left="56px"
    style:width="{notesX - 64}px"
    style:height="{floorY}px"
    onpointerdown={turning.begin}
    onpointermove={turning.move}
    onpointerup={turning.end}
    onpointercancel={turning.end}
    onkeydown={turning.key}
  ></div>
  {#if onhandle}
    {#each handles as handle (handle.id)}
      {@const at = px(handle.spot)}
      {#if at}<SceneHandle {handle} {...at} {scale} azimuth={turning.azimuth} onmove={onhandle} />{/if}
    {/each}
  {/if}
  {#if onmeasure}
    {#each places as { id, name, spot } (id)}
      {@const at = px(spot)}
      {#if at}
        <button
          type="button"
          class="scene-place no-print"
          style:left="{at.x}px"
          style:top="{at.y}px"
          onclick={() => onmeasure(id)}
          aria-label="Enter {name}">{name}</button
        >
      {/if}
    {/each}
  {/if}
</div>
<div class="sides no-print">
  {@render children?.()}
  <Choice
    label="Seen from"
    value={SIDES[String(turning.azimuth) as keyof typeof SIDES] ? String(turning.azimuth) : null}
    options={Object.entries(SIDES).map(([value, text]) => ({ value, text }))}
    onpick={(value) => (turning.azimuth = Number(value))}
  />
</div>

<style>
  .scene-place {
    transform: translate(18px, -50%);
    background: color-mix(in oklab, var(--ground) 72%, transparent);
  }
  .turn {
    position: absolute;
    top: 0;
    cursor: ew-resize;
    touch-action: pan-y;
  }
  .turn:focus-visible {
    outline: 2px solid var(--next);
    outline-offset: -2px;
  }
  .sides {
    display: flex;
    flex-wrap: wrap;
    justify-content: flex-end;
    align-items: end;
    gap: 0.5rem 1.25rem;
    padding-block: 0.25rem;
  }
</style>
