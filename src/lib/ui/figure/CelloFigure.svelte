<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { MeasurementId, Readings } from '$lib/core/body';
  import { CORNER_RANGE_MM, solvePosture, type SeatedBody } from '$lib/core/cello';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import type { Candidate } from '$lib/core/sizing';
  import { aboveOrBelow } from '$lib/words/sizing';
  import LowScene from './LowScene.svelte';

  /** A seated player with one cello, to scale: seat, pin and angle as solved. */
  let {
    body,
    readings,
    candidate,
    unit,
    waiting = false,
    onmeasure,
    children
  }: {
    body: SeatedBody;
    readings: Readings;
    candidate: Candidate;
    unit: LengthUnit;
    /** Nothing is measured yet: drawn pale, no numbers. */
    waiting?: boolean;
    /** Called when a place of the drawing is tapped, to enter its measurement. */
    onmeasure?: (id: MeasurementId) => void;
    children?: Snippet;
  } = $props();

  const cello = $derived(candidate.instrument);
  const posture = $derived(solvePosture(body, cello));
  const topMm = $derived(
    Math.max(posture.ear.y + 0.1 * body.heightMm, posture.peg.y + 0.14 * cello.overallMm)
  );
  const [lowest, highest] = CORNER_RANGE_MM;
  const notes = $derived([
    {
      mm: Math.max(posture.ear.y, posture.peg.y),
      title: 'Lowest peg',
      text: aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)
    },
    {
      mm: posture.bowContact.y,
      title: 'Bow',
      text: `${Math.round(posture.bowShare * 100)} % in reach`
    },
    { mm: posture.seatMm + 0.09 * body.heightMm, title: 'Seat', text: formatLength(posture.seatMm, unit) },
    {
      mm: posture.corner.y,
      title: 'Lower corner',
      text: aboveOrBelow(posture.cornerAboveKneeMm, 'the knee', unit),
      off: posture.cornerAboveKneeMm < lowest || posture.cornerAboveKneeMm > highest
    },
    {
      mm: Math.max(posture.pinTop.y / 2, 50),
      title: 'Endpin',
      text: `${formatLength(posture.pinMm, unit)}, at ${Math.round(posture.angleDeg)}°`
    }
  ]);
  const description = $derived(
    waiting
      ? 'A seated player with a cello. Nothing is measured yet.'
      : `A ${candidate.size} cello on this player: seat ${formatLength(posture.seatMm, unit)}, pin ${formatLength(posture.pinMm, unit)} from the ribs at ${Math.round(posture.angleDeg)} degrees, lowest peg ${aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)}, lower corner ${aboveOrBelow(posture.cornerAboveKneeMm, 'the inner knee', unit)}, ${Math.round(posture.bowShare * 100)} % of the bow in reach.`
  );
</script>

<LowScene
  family="cello"
  {readings}
  instrument={candidate.instrument}
  tone={candidate.verdict}
  setup={{ seatMm: posture.seatMm, angleDeg: posture.angleDeg, slideMm: posture.slideMm }}
  {topMm}
  {unit}
  {description}
  {waiting}
  guidesMm={[posture.ear.y, posture.kneeMm]}
  dots={['leftEar', 'peg', 'lowerCorner', 'bowPlace', 'pinTip']}
  {notes}
  places={[
    { id: 'seatedEar', name: 'ear', spot: 'leftEar' },
    { id: 'seatedShoulder', name: 'shoulder', spot: 'leftShoulder' },
    { id: 'seatedBreastbone', name: 'breastbone', spot: 'contact' },
    { id: 'lowerLeg', name: 'lower leg', spot: 'leftShin' }
  ]}
  {...onmeasure ? { onmeasure } : {}}
>
  {@render children?.()}
</LowScene>
