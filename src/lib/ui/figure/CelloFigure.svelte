<script lang="ts">
  import type { MeasurementId } from '$lib/core/body';
  import { CORNER_RANGE_MM, solvePosture, type SeatedBody } from '$lib/core/cello';
  import { stationsOf } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import { lowStringsView, seatedPersonView, seatedPlacing } from '$lib/core/outline';
  import type { Candidate } from '$lib/core/sizing';
  import { aboveOrBelow } from '$lib/words/sizing';
  import Limb from './Limb.svelte';
  import LowStrings from './LowStrings.svelte';
  import Ruler from './Ruler.svelte';

  /** A seated player with one cello, from the side and to scale: seat, pin and angle as solved. */
  let {
    body,
    candidate,
    unit,
    waiting = false,
    height = 400,
    onmeasure
  }: {
    body: SeatedBody;
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
  const LEFT = 250;
  let width = $state(760);

  const cello = $derived(candidate.instrument);
  const posture = $derived(solvePosture(body, cello));
  const topMm = $derived(
    Math.max(posture.ear.y + 0.1 * body.heightMm, posture.peg.y + 0.14 * cello.overallMm)
  );
  const scale = $derived((height - MARGIN_TOP - FLOOR_GAP) / topMm);
  const floorY = $derived(height - FLOOR_GAP);
  const originX = $derived(Math.min(LEFT, width * 0.36));

  const at = $derived(seatedPlacing(posture, cello.bodyMm));
  const view = $derived(lowStringsView(at, cello, posture.pinMm, 'cello'));
  const leftHand = $derived(at(stationsOf('cello', cello).firstFinger, 1.1 * cello.ribMm));
  const person = $derived(seatedPersonView(body, posture, leftHand));

  const px = (x: number, y: number) => ({ x: originX + x * scale, y: floorY - y * scale });
  const ear = $derived(px(posture.ear.x, posture.ear.y));
  const peg = $derived(px(posture.peg.x, posture.peg.y));
  const corner = $derived(px(posture.corner.x, posture.corner.y));
  const knee = $derived(px(posture.corner.x, posture.kneeMm));
  const tip = $derived(px(posture.pinTip.x, 0));
  const bow = $derived(px(posture.bowContact.x, posture.bowContact.y));
  const seat = $derived(px(0, posture.seatMm));
  const contact = $derived(px(posture.contact.x, posture.contact.y));
  const pinMiddle = $derived(
    px((posture.pinTop.x + posture.pinTip.x) / 2, (posture.pinTop.y + posture.pinTip.y) / 2)
  );
  /** Notes stand to the right of everything that is drawn. */
  const notesX = $derived(originX + Math.max(posture.pinTip.x, 0.42 * body.heightMm) * scale + 24);
  const cornerFits = $derived(
    posture.cornerAboveKneeMm >= CORNER_RANGE_MM[0] && posture.cornerAboveKneeMm <= CORNER_RANGE_MM[1]
  );

  const notes = $derived([
    {
      y: Math.min(ear.y, peg.y) + 4,
      title: 'Lowest peg',
      text: aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)
    },
    { y: bow.y, title: 'Bow', text: `${Math.round(posture.bowShare * 100)} % in reach` },
    {
      y: corner.y + 8,
      title: 'Lower corner',
      text: aboveOrBelow(posture.cornerAboveKneeMm, 'the knee', unit)
    },
    {
      y: Math.min(pinMiddle.y + 6, floorY - 32),
      title: 'Endpin',
      text: `${formatLength(posture.pinMm, unit)}, at ${Math.round(posture.angleDeg)}°`
    }
  ]);
  /** Notes keep their distance from each other. */
  const spread = $derived(
    notes.reduce<(typeof notes)[number][]>((placed, note) => {
      const before = placed.at(-1)?.y ?? -Infinity;
      return [...placed, { ...note, y: Math.max(note.y, before + 44) }];
    }, [])
  );

  const description = $derived(
    waiting
      ? 'A seated player with a cello, from the side. Nothing is measured yet.'
      : `A ${candidate.size} cello on this player, from the side: seat ${formatLength(posture.seatMm, unit)}, pin ${formatLength(posture.pinMm, unit)} from the ribs at ${Math.round(posture.angleDeg)} degrees, lowest peg ${aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)}, lower corner ${aboveOrBelow(posture.cornerAboveKneeMm, 'the inner knee', unit)}, ${Math.round(posture.bowShare * 100)} % of the bow in reach.`
  );

  const places: readonly { id: MeasurementId; name: string; place: () => { x: number; y: number } }[] = [
    { id: 'seatedEar', name: 'ear', place: () => ({ x: ear.x - 26, y: ear.y }) },
    { id: 'seatedShoulder', name: 'shoulder', place: () => px(-0.11 * body.heightMm, posture.shoulder.y) },
    { id: 'seatedBreastbone', name: 'breastbone', place: () => ({ x: seat.x - 70, y: contact.y }) },
    { id: 'lowerLeg', name: 'lower leg', place: () => px(0.27 * body.heightMm, body.lowerLegMm * 0.5) }
  ];
</script>

<div class="scene {waiting ? 'waiting' : candidate.verdict}" bind:clientWidth={width}>
  <svg {width} {height} viewBox="0 0 {width} {height}" role="img" aria-label={description}>
    <line class="floor" x1="40" x2={width - 8} y1={floorY} y2={floorY} />
    <Ruler lengthMm={Math.floor(topMm / 100) * 100} {scale} x={48} y={floorY} {unit} direction="up" />

    <g class="stool">
      <path
        d="M{seat.x - 0.12 * body.heightMm * scale} {seat.y}h{0.24 * body.heightMm * scale}v6h{-0.24 *
          body.heightMm *
          scale}z"
      />
      <path
        d="M{seat.x - 0.1 * body.heightMm * scale} {seat.y + 6}V{floorY}M{seat.x +
          0.09 * body.heightMm * scale} {seat.y + 6}V{floorY}"
      />
    </g>
    {#if !waiting}
      <line class="guide" x1={ear.x - 60} x2={notesX - 8} y1={ear.y} y2={ear.y} />
      <line class="guide" x1={knee.x - 60} x2={notesX - 8} y1={knee.y} y2={knee.y} />
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
      <circle class="dot" cx={ear.x} cy={ear.y} r="3.5" />
      <circle class="dot" cx={peg.x} cy={peg.y} r="3.5" />
      <circle class="dot" cx={corner.x} cy={corner.y} r="3.5" />
      <circle class="dot" cx={bow.x} cy={bow.y} r="3.5" />
      <circle class="dot" cx={tip.x} cy={tip.y} r="3.5" />
      {#each spread as note, index (note.title)}
        <g class="note" transform="translate({notesX} {note.y})">
          <text>{note.title}</text>
          <text y="18" class="number" class:off={index === 2 && !cornerFits}>{note.text}</text>
        </g>
      {/each}
      <g class="note end" transform="translate({seat.x - 0.12 * body.heightMm * scale - 10} {seat.y - 4})">
        <text>Seat</text>
        <text y="18" class="number">{formatLength(posture.seatMm, unit)}</text>
      </g>
    {/if}
  </svg>
  {#if onmeasure}
    {#each places as { id, name, place } (id)}
      {@const { x, y } = place()}
      <button
        type="button"
        class="scene-place no-print"
        style:left="{x}px"
        style:top="{y}px"
        onclick={() => onmeasure(id)}
        aria-label="Enter {name}">{name}</button
      >
    {/each}
  {/if}
</div>

<style>
  .scene-place {
    transform: translate(-100%, -50%);
  }
</style>
