<script lang="ts">
  import { LEAN_DEG, pinFor, standingPlaces, type HeightRules, type StandingHeights } from '$lib/core/bass';
  import type { MeasurementId } from '$lib/core/body';
  import { stationsOf } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import { lowStringsView, standingPersonView, standingPlacing, type Point } from '$lib/core/outline';
  import type { Candidate } from '$lib/core/sizing';
  import Limb from './Limb.svelte';
  import LowStrings from './LowStrings.svelte';
  import Ruler from './Ruler.svelte';

  /** A standing player with one bass, from the side and to scale, and the three height rules beside it. */
  let {
    heightMm,
    heights,
    rules,
    candidate,
    unit,
    waiting = false,
    height = 400,
    onmeasure
  }: {
    heightMm: number;
    heights: StandingHeights;
    rules: HeightRules;
    candidate: Candidate;
    unit: LengthUnit;
    /** Nothing is measured yet: drawn pale, no numbers. */
    waiting?: boolean;
    height?: number;
    /** Called when a place of the drawing is tapped, to enter its measurement. */
    onmeasure?: (id: MeasurementId) => void;
  } = $props();

  const MARGIN_TOP = 26;
  const FLOOR_GAP = 16;
  let width = $state(760);

  const bass = $derived(candidate.instrument);
  const pinMm = $derived(pinFor(rules, bass));
  const places = $derived(standingPlaces(bass, pinMm));
  const stations = $derived(stationsOf('bass', bass));
  const topMm = $derived(
    Math.max(1.02 * heightMm, (pinMm + bass.overallMm) * Math.cos((LEAN_DEG * Math.PI) / 180) + 20)
  );
  const scale = $derived((height - MARGIN_TOP - FLOOR_GAP) / topMm);
  const floorY = $derived(height - FLOOR_GAP);
  const originX = $derived(Math.min(300, width * 0.4));

  const at = $derived(standingPlacing(heightMm, bass, pinMm));
  const view = $derived(lowStringsView(at, bass, pinMm, 'bass'));
  const onString = (along: number) =>
    at(along, bass.ribMm + 0.1 * bass.bodyMm * (along < stations.nut ? 0.8 : 0.4));
  const bow = $derived(onString(stations.bow));
  const finger = $derived(at(stations.firstFinger, bass.ribMm + 30));
  const nut = $derived(at(stations.nut, bass.ribMm + 24));
  const person = $derived(standingPersonView(heightMm, { bow, left: finger }));

  const px = ([x, y]: Point) => ({ x: originX + x * scale, y: floorY + y * scale });
  const yOf = (mm: number) => floorY - mm * scale;
  const notesX = $derived(px(at(0, bass.ribMm * 1.5)).x + 40);

  const levels = $derived([
    { id: 'eyebrow' as const, name: 'eyebrow', mm: heights.eyebrowMm },
    { id: 'cheek' as const, name: 'cheek', mm: heights.cheekMm },
    { id: 'gripHang' as const, name: 'bow hand', mm: heights.gripHangMm }
  ] satisfies readonly { id: MeasurementId; name: string; mm: number }[]);
  const ruleLines = $derived([
    { name: 'by the bow’s reach', mm: rules.bowReachMm },
    { name: 'by the cheek', mm: rules.cheekMm },
    { name: 'by the eyebrow', mm: rules.eyebrowMm }
  ]);
  const pinText = (mm: number) => (mm < 0 ? `${formatLength(-mm, unit)} too tall` : formatLength(mm, unit));

  const description = $derived(
    waiting
      ? 'A standing player with a bass, from the side. Nothing is measured yet.'
      : `A ${candidate.size} bass on this player, from the side, pin ${formatLength(pinMm, unit)}: first finger at ${formatLength(places.firstFingerMm, unit)}, cheek at ${formatLength(heights.cheekMm, unit)}; bow at ${formatLength(places.bowMm, unit)}, hand hangs at ${formatLength(heights.gripHangMm, unit)}. Pin ${ruleLines.map(({ name, mm }) => `${name} ${pinText(mm)}`).join(', ')}.`
  );
</script>

<div class="scene {waiting ? 'waiting' : candidate.verdict}" bind:clientWidth={width}>
  <svg {width} {height} viewBox="0 0 {width} {height}" role="img" aria-label={description}>
    <line class="floor" x1="40" x2={width - 8} y1={floorY} y2={floorY} />
    <Ruler lengthMm={Math.floor(topMm / 100) * 100} {scale} x={48} y={floorY} {unit} direction="up" />
    {#if !waiting}
      {#each levels as { id, mm } (id)}
        <line class="guide" x1="60" x2={notesX - 12} y1={yOf(mm)} y2={yOf(mm)} />
      {/each}
    {/if}
    <g transform="translate({originX} {floorY}) scale({scale})" class="person">
      <path d={person.head} />
      <path d={person.trunk} />
      <path d={person.legs} />
      <Limb d={person.leftArm} widthMm={person.armMm} {scale} />
    </g>
    <g transform="translate({originX} {floorY}) scale({scale})" class="wood">
      <LowStrings {view} />
    </g>
    <g transform="translate({originX} {floorY}) scale({scale})">
      <Limb d={person.rightArm} widthMm={person.armMm} {scale} />
    </g>
    {#if !waiting}
      {#each [nut, finger, bow] as point, index (index)}
        {@const { x, y } = px(point)}
        <circle class="dot" cx={x} cy={y} r="3.5" />
      {/each}
      <g class="note" transform="translate({notesX} {MARGIN_TOP + 26})">
        <text>Endpin to begin with</text>
        <text y="24" class="large-number">{formatLength(pinMm, unit)}</text>
        {#each ruleLines as line, index (line.name)}
          <text y={54 + index * 22}>{line.name}</text>
          <text x="128" y={54 + index * 22} class="number" class:off={line.mm < 0}>{pinText(line.mm)}</text>
        {/each}
      </g>
      <g class="note" transform="translate({notesX} {MARGIN_TOP + 176})">
        <text>First finger</text>
        <text y="18" class="number" class:off={places.firstFingerMm > heights.eyebrowMm}
          >{formatLength(Math.abs(places.firstFingerMm - heights.cheekMm), unit)}
          {places.firstFingerMm >= heights.cheekMm ? 'above' : 'below'} the cheek</text
        >
      </g>
    {/if}
  </svg>
  {#if onmeasure}
    {#each levels as { id, name, mm } (id)}
      <button
        type="button"
        class="scene-place no-print"
        style:left="62px"
        style:top="{yOf(mm) + (id === 'cheek' ? 9 : -9)}px"
        onclick={() => onmeasure(id)}
        aria-label="Enter {name}">{name}</button
      >
    {/each}
  {/if}
</div>

<style>
  .scene-place {
    transform: translateY(-50%);
  }
</style>
