<script lang="ts">
  import { clamp } from '$lib/core/maths';
  import type { MeasurementId, Readings } from '$lib/core/body';
  import { dimensionsOf, type Family } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import type { Candidate, Proposal } from '$lib/core/sizing';
  import { landingWords, SCHOOL_WORDS, verdictLine } from '$lib/words/sizing';
  import { drawArm } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureShapes from './PictureShapes.svelte';
  import Ruler from './Ruler.svelte';

  /** The outstretched arm with instruments laid along it, to scale, and the limit of the school. */
  let {
    family = 'violin',
    proposal,
    readings = {},
    unit,
    chosen = null,
    onmeasure
  }: {
    family?: Extract<Family, 'violin' | 'viola'>;
    proposal: Proposal | null;
    /** What is known of the player, so that the drawing shows this one. */
    readings?: Readings;
    unit: LengthUnit;
    /** The size that the teacher decided on, when it is not the proposal. */
    chosen?: string | null;
    /** Called when a place of the drawing is tapped, to enter its measurement; without it places are no buttons. */
    onmeasure?: (id: MeasurementId) => void;
  } = $props();

  const ROW_PX = 50;
  /** Room is kept for the proposal and its neighbours before there is one. */
  const USUAL_ROWS = 3;
  const RULER_PX = 40;
  const NARROW_PX = 480;
  /** Of the person beside and above the neck, in shares of the way from neck to wrist. */
  const LEFT_OF_NECK = 0.3;
  const ABOVE_ARM = 0.36;
  /** Room for the arm's lower half and an instrument that lies beneath it, in the same. */
  const BELOW_ARM = 0.235;
  /** Stands in until something is measured; drawn pale and never judged. */
  const WAITING = { wristMm: 415, handMm: 130 };
  const WAITING_SIZE = { violin: '1/4', viola: '13 in' } as const;

  const uid = $props.id();
  let width = $state(900);
  let windowPx = $state(800);
  const labelPx = $derived(width < NARROW_PX ? 76 : 168);
  /** Of the screen's height, for the drawing: an upright screen has other things to show below. */
  const mostPx = $derived((windowPx > 1.2 * width ? 0.27 : 0.46) * windowPx);

  const numbers = $derived(proposal?.arithmetic.kind === 'landing' ? proposal.arithmetic : null);
  const arm = $derived(numbers ?? WAITING);
  const rows = $derived(pickRows(proposal, chosen));
  const longestMm = $derived(
    Math.max(arm.wristMm + arm.handMm, ...rows.map(({ overallMm }) => overallMm)) + 6
  );
  const scale = $derived(
    clamp(
      Math.min(
        (width - labelPx) / (longestMm + LEFT_OF_NECK * arm.wristMm),
        (mostPx - USUAL_ROWS * ROW_PX - RULER_PX) / ((ABOVE_ARM + BELOW_ARM) * arm.wristMm)
      ),
      0.3,
      1.5
    )
  );
  const x0 = $derived(LEFT_OF_NECK * arm.wristMm * scale);
  /** Names and the limit stand above the hand, however small it is drawn. */
  const armY = $derived(Math.max(86, ABOVE_ARM * arm.wristMm * scale));
  const firstRowY = $derived(armY + Math.max(58, BELOW_ARM * arm.wristMm * scale));
  const drawn = new Drawn(
    () => ({
      detail: scale,
      arm: {
        family,
        readings: { ...(proposal ? readings : {}), armToWrist: [arm.wristMm], handLength: [arm.handMm] },
        instruments: rows.length
          ? rows.map(({ instrument }) => instrument)
          : [dimensionsOf(family, WAITING_SIZE[family])]
      }
    }),
    (question) => drawArm(question.arm, question.detail)
  );
  const picture = $derived(drawn.current);
  const rulerY = $derived(firstRowY + Math.max(USUAL_ROWS, rows.length) * ROW_PX - 26);
  const height = $derived(rulerY + RULER_PX);
  const at = (mm: number) => x0 + mm * scale;

  const limit = $derived(
    numbers && {
      x: at(numbers.reachMm),
      half: Math.max(1.5, numbers.reachSdMm * scale),
      text: `${SCHOOL_WORDS[numbers.rule.school].name}: your limit`
    }
  );

  const description = $derived(
    numbers
      ? `Left arm with ${rows.map((row) => `a ${row.size}: ${verdictLine(row, unit)}, scroll ${landingWords(row.landing ?? 0)}`).join('; ')}. Limit at ${formatLength(numbers.reachMm, unit)} from the neck.`
      : 'Left arm held out to the side. Nothing is measured yet.'
  );

  /** The proposal with its neighbours, largest first; an overriding choice joins them. */
  function pickRows(from: Proposal | null, own: string | null): readonly Candidate[] {
    if (!from) return [];
    const { candidates } = from;
    const index = candidates.findIndex(({ size }) => size === from.proposal);
    const near = candidates.slice(Math.max(0, index - 1), index + 2);
    const other = own === null ? undefined : candidates.find(({ size }) => size === own);
    return other && !near.includes(other) ? [...near, other].sort((a, b) => b.overallMm - a.overallMm) : near;
  }

  /** Names stand above the thumb; one that the limit's own name covers is left out. */
  const placeY = $derived(armY - Math.max(46, 0.43 * arm.handMm * scale + 12));
  const NEAR_PX = 24;
  const places = $derived(
    [
      { id: 'armToWrist' as const, name: 'wrist', mm: arm.wristMm },
      { id: 'armToPalm' as const, name: 'palm', mm: arm.wristMm + arm.handMm / 2 },
      { id: 'handLength' as const, name: 'fingertip', mm: arm.wristMm + arm.handMm }
    ].filter(({ mm }) => !limit || Math.abs(at(mm) - limit.x) > NEAR_PX)
  );
</script>

<svelte:window bind:innerHeight={windowPx} />
<div class="figure" bind:clientWidth={width}>
  <svg {width} {height} viewBox="0 0 {width} {height}" role="img" aria-label={description}>
    <defs>
      <linearGradient id="{uid}-fade" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stop-color="black" />
        <stop offset="0.18" stop-color="white" />
        <stop offset="0.86" stop-color="white" />
        <stop offset="1" stop-color="black" />
      </linearGradient>
      <mask id="{uid}-fade-out" maskUnits="userSpaceOnUse" x="0" y="0" {width} height={armY * 2}>
        <rect x="0" y="0" {width} height={armY + 0.28 * arm.wristMm * scale} fill="url(#{uid}-fade)" />
      </mask>
    </defs>

    {#each places as place (place.id)}
      <line class="guide" x1={at(place.mm)} x2={at(place.mm)} y1={placeY + 8} y2={rulerY} />
    {/each}
    <line class="guide" x1={x0} x2={x0} y1={armY} y2={rulerY} />

    {#if limit}
      <rect
        class="error"
        x={limit.x - limit.half}
        width={limit.half * 2}
        y={placeY - 8}
        height={rulerY - placeY + 8}
      />
    {/if}

    {#if picture}
      <g mask="url(#{uid}-fade-out)">
        <g
          transform="translate({x0 - picture.neck[0] * scale} {armY -
            picture.neck[1] * scale}) scale({scale})"
          class="figure-picture"
          class:waiting={!proposal}
        >
          <PictureShapes picture={picture.person} />
        </g>
      </g>
    {/if}

    {#if limit}
      <line class="limit" x1={limit.x} x2={limit.x} y1={placeY - 18} y2={rulerY} />
      <text class="limit-text" x={limit.x} y={placeY - 26}>{limit.text}</text>
    {/if}

    {#each rows as row, index (row.size)}
      {@const y = firstRowY + index * ROW_PX}
      <g class="row {row.verdict}" class:chosen={row.size === chosen}>
        {#if picture?.instruments[index]}
          <g class="figure-picture" transform="translate({x0} {y}) scale({scale})" aria-hidden="true">
            <PictureShapes picture={picture.instruments[index]} />
          </g>
        {/if}
        <text class="size" x={at(row.overallMm) + 14} y={y - 2}>{row.size}</text>
        {#if width >= NARROW_PX}
          <text class="note" x={at(row.overallMm) + 14} y={y + 16}>{landingWords(row.landing ?? 0)}</text>
        {/if}
      </g>
    {/each}

    <Ruler lengthMm={Math.ceil(longestMm / 50) * 50} {scale} x={x0} y={rulerY} {unit} />
  </svg>

  {#if onmeasure}
    {#each places as place (place.id)}
      <button
        type="button"
        class="scene-place no-print"
        style:left="{at(place.mm)}px"
        style:top="{placeY - 16}px"
        onclick={() => onmeasure(place.id)}
        aria-label="Enter {place.name}"
      >
        {place.name}
      </button>
    {/each}
  {/if}
</div>

<style>
  .figure {
    position: relative;
    width: 100%;
    overflow: hidden;
  }
  svg {
    display: block;
  }
  .waiting {
    opacity: 0.45;
  }
  .guide {
    stroke: var(--line-strong);
    stroke-width: 1;
    stroke-dasharray: 1 5;
  }
  .error {
    fill: var(--wash);
  }
  .limit {
    stroke: var(--next);
    stroke-width: 1.5;
  }
  .limit-text {
    fill: var(--next);
    font-size: 13px;
    font-weight: 650;
    text-anchor: middle;
  }
  .row {
    color: var(--small);
    opacity: 0.9;
  }
  .row.fits {
    color: var(--fits);
    opacity: 1;
  }
  .row.large {
    color: var(--large);
  }
  .row .figure-picture {
    --tone-wood: color-mix(in oklab, currentColor 8%, var(--ground));
    --instrument-ink: currentColor;
  }
  .row.fits .figure-picture,
  .row.chosen .figure-picture {
    --tone-wood: color-mix(in oklab, currentColor 26%, var(--ground));
  }
  .size,
  .note {
    paint-order: stroke;
    stroke: var(--ground);
    stroke-width: 5px;
    stroke-linejoin: round;
  }
  .size {
    font: 700 20px var(--mono);
    fill: currentColor;
  }
  .note {
    font-size: 13px;
    fill: var(--ink-soft);
  }
  .scene-place {
    transform: translateX(-50%);
  }
</style>
