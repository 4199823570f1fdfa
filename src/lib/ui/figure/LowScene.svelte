<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { MeasurementId, Readings } from '$lib/core/body';
  import type { FigureSetup } from '$lib/core/figure';
  import { clamp } from '$lib/core/maths';
  import type { LengthUnit } from '$lib/core/length';
  import type { NominalInstrument } from '$lib/core/instruments';
  import Choice from '$lib/ui/Choice.svelte';
  import { sideText } from '$lib/words/views';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureShapes from './PictureShapes.svelte';
  import PlaceLabels from './PlaceLabels.svelte';
  import Ruler from './Ruler.svelte';
  import SceneHandle, { type Handle } from './SceneHandle.svelte';
  import { Turning } from './turning.svelte';

  export interface Note {
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

  /** A player with a cello or bass to scale, from any side, on a ruler from the floor; its numbers stand beside it, or below where it is narrow. */
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
    share = 0.4,
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
    /** Of the screen's height, for the drawing. */
    share?: number;
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
  const LEAST_PX = 240;
  const MOST_PX = 560;
  /** An upright screen has other things to show below. */
  const TALL_PX = 900;
  const SIDES = { '90': 'Left', '0': 'Front', '-90': 'Right', '180': 'Behind' } as const;
  const turning = new Turning(90);
  let width = $state(760);
  let windowPx = $state(800);

  let keptTopMm = 0;
  /** Stays while something is dragged: what is held must not run away from the hand. */
  const shownTopMm = $derived.by(() => {
    if (!moving || keptTopMm === 0) keptTopMm = topMm;
    return keptTopMm;
  });
  /** How wide a player with the instrument is, as a share of the height. */
  const WIDE = { cello: 0.95, bass: 0.6 } as const;
  const LETTER_PX = 7.5;
  const LABEL_GAP_PX = 44;
  /** What the labels beside the drawing take of its width. */
  const labelPx = $derived(
    onmeasure && places.length > 0 ? 24 + LETTER_PX * Math.max(...places.map(({ name }) => name.length)) : 0
  );
  const scale = $derived(
    Math.min(
      (clamp(share * Math.min(windowPx, TALL_PX), LEAST_PX, MOST_PX) - MARGIN_TOP - FLOOR_GAP) / shownTopMm,
      (width - 64 - labelPx) / (WIDE[family] * shownTopMm)
    )
  );
  const height = $derived(Math.round(shownTopMm * scale) + MARGIN_TOP + FLOOR_GAP);
  const floorY = $derived(height - FLOOR_GAP);
  const originX = $derived(56 + (width - 64 - labelPx) * 0.52);
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
</script>

<svelte:window bind:innerHeight={windowPx} />
<div class="around">
  <div class="with-notes">
    <div class="scene {waiting ? 'waiting' : tone}" bind:clientWidth={width}>
      <svg
        {width}
        {height}
        viewBox="0 0 {width} {height}"
        role="img"
        aria-label="{description} Seen {sideText(turning.azimuth)}."
      >
        <line class="floor" x1="40" x2={width - 8} y1={floorY} y2={floorY} />
        <Ruler
          lengthMm={Math.floor(shownTopMm / 100) * 100}
          {scale}
          x={48}
          y={floorY}
          {unit}
          direction="up"
        />
        {#if !waiting}
          {#each guidesMm as mm, index (index)}
            <line class="guide" x1="60" x2={width - 8} y1={floorY - mm * scale} y2={floorY - mm * scale} />
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
        style:width="{width - 64}px"
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
          {#if at}<SceneHandle
              {handle}
              {...at}
              {scale}
              azimuth={turning.azimuth}
              before={at.x < originX}
              onmove={onhandle}
            />{/if}
        {/each}
      {/if}
      {#if onmeasure}
        {#if picture}
          <PlaceLabels
            {places}
            spots={Object.keys(picture.spots)}
            {px}
            {width}
            height={floorY}
            gapPx={LABEL_GAP_PX}
            roomPx={labelPx}
            onpick={onmeasure}
          />
        {/if}
      {/if}
    </div>
    {#if !waiting}
      <dl class="notes">
        {#each notes as { title, text, off, large } (title)}
          <div>
            <dt>{title}</dt>
            <dd class="num" class:off class:big={large}>{text}</dd>
          </div>
        {/each}
      </dl>
    {/if}
  </div>
</div>
<div class="sides no-print">
  {@render children?.()}
  <Choice
    label="Seen from"
    hideLabel
    value={SIDES[String(turning.azimuth) as keyof typeof SIDES] ? String(turning.azimuth) : null}
    options={Object.entries(SIDES).map(([value, text]) => ({ value, text }))}
    onpick={(value) => (turning.azimuth = Number(value))}
  />
</div>

<style>
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
  .around {
    container-type: inline-size;
  }
  .with-notes {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.5rem 1.25rem;
  }
  .notes {
    display: flex;
    flex-direction: column;
    gap: 0.5rem;
  }
  dt {
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  dd {
    font-weight: 650;
  }
  .big {
    font-size: 1.4rem;
  }
  .off {
    color: var(--large);
  }
  @container (max-width: 40rem) {
    .with-notes {
      grid-template-columns: minmax(0, 1fr);
    }
    .notes {
      flex-direction: row;
      flex-wrap: wrap;
      gap: 0.25rem 1.25rem;
    }
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
