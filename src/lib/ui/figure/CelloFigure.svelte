<script lang="ts">
  import type { ComponentProps, Snippet } from 'svelte';
  import type { Readings } from '$lib/core/body';
  import { CORNER_RANGE_MM, type Posture } from '$lib/core/cello';
  import type { NominalInstrument } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import { aboveOrBelow } from '$lib/words/sizing';
  import LowScene from './LowScene.svelte';

  /** A seated player with one cello, to scale, as it stands: solved, or as it is set up. */
  let {
    readings,
    instrument,
    posture,
    heightMm,
    handWidths = null,
    unit,
    waiting = false,
    children,
    ...scene
  }: {
    readings: Readings;
    instrument: NominalInstrument;
    posture: Posture;
    heightMm: number;
    /** How long the pin is, where that is asked. */
    handWidths?: number | null;
    unit: LengthUnit;
    /** Nothing is measured yet: drawn pale, no numbers. */
    waiting?: boolean;
    children?: Snippet;
  } & Pick<
    ComponentProps<typeof LowScene>,
    'tone' | 'share' | 'handles' | 'moving' | 'onhandle' | 'onmeasure'
  > = $props();

  const topMm = $derived(
    Math.max(posture.ear.y + 0.1 * heightMm, posture.peg.y + 0.14 * instrument.overallMm)
  );
  const [lowest, highest] = CORNER_RANGE_MM;
  const notes = $derived([
    {
      title: 'Lowest peg',
      text: aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)
    },
    {
      title: 'Bow',
      text: `${Math.round(posture.bowShare * 100)} % in reach`
    },
    { title: 'Seat', text: formatLength(posture.seatMm, unit) },
    {
      title: 'Lower corner',
      text: aboveOrBelow(posture.cornerAboveKneeMm, 'the knee', unit),
      off: posture.cornerAboveKneeMm < lowest || posture.cornerAboveKneeMm > highest
    },
    {
      title: handWidths === null ? 'Endpin' : `Endpin, ${handWidths.toFixed(1)} hand-widths`,
      text: `${formatLength(posture.pinMm, unit)}, at ${Math.round(posture.angleDeg)}°`
    }
  ]);
  const description = $derived(
    waiting
      ? 'A seated player with a cello. Nothing is measured yet.'
      : `A ${instrument.size} cello on this player: seat ${formatLength(posture.seatMm, unit)}, pin ${formatLength(posture.pinMm, unit)} from the ribs at ${Math.round(posture.angleDeg)} degrees, lowest peg ${aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)}, lower corner ${aboveOrBelow(posture.cornerAboveKneeMm, 'the inner knee', unit)}, ${Math.round(posture.bowShare * 100)} % of the bow in reach.`
  );
</script>

<LowScene
  {...scene}
  family="cello"
  {readings}
  {instrument}
  setup={{ seatMm: posture.seatMm, angleDeg: posture.angleDeg, slideMm: posture.slideMm }}
  {topMm}
  {unit}
  {description}
  {waiting}
  guidesMm={[posture.ear.y, posture.kneeMm]}
  dots={['leftEar', 'peg', 'lowerCorner', 'bowPlace', ...(scene.handles ? [] : ['pinTip'])]}
  {notes}
  places={[
    { id: 'seatedEar', name: 'ear', spot: 'leftEar' },
    { id: 'seatedShoulder', name: 'shoulder', spot: 'leftShoulder' },
    { id: 'seatedBreastbone', name: 'breastbone', spot: 'contact' },
    { id: 'lowerLeg', name: 'lower leg', spot: 'leftShin' }
  ]}
>
  {@render children?.()}
</LowScene>
