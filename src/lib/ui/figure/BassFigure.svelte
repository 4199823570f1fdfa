<script lang="ts">
  import type { Snippet } from 'svelte';
  import { LEAN_DEG, pinFor, standingPlaces, type HeightRules, type StandingHeights } from '$lib/core/bass';
  import type { MeasurementId, Readings } from '$lib/core/body';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import type { Candidate } from '$lib/core/sizing';
  import LowScene from './LowScene.svelte';

  /** A standing player with one bass, to scale, and the three height rules beside it. */
  let {
    heightMm,
    heights,
    rules,
    readings,
    candidate,
    unit,
    waiting = false,
    onmeasure,
    children
  }: {
    heightMm: number;
    heights: StandingHeights;
    rules: HeightRules;
    readings: Readings;
    candidate: Candidate;
    unit: LengthUnit;
    /** Nothing is measured yet: drawn pale, no numbers. */
    waiting?: boolean;
    /** Called when a place of the drawing is tapped, to enter its measurement. */
    onmeasure?: (id: MeasurementId) => void;
    children?: Snippet;
  } = $props();

  const bass = $derived(candidate.instrument);
  const pinMm = $derived(pinFor(rules, bass));
  const places = $derived(standingPlaces(bass, pinMm));
  const topMm = $derived(
    Math.max(1.02 * heightMm, (pinMm + bass.overallMm) * Math.cos((LEAN_DEG * Math.PI) / 180) + 20)
  );
  const ruleLines = $derived([
    { name: 'by the bow’s reach', mm: rules.bowReachMm },
    { name: 'by the cheek', mm: rules.cheekMm },
    { name: 'by the eyebrow', mm: rules.eyebrowMm }
  ]);
  const pinText = (mm: number) => (mm < 0 ? `${formatLength(-mm, unit)} too tall` : formatLength(mm, unit));
  const aboveCheekMm = $derived(places.firstFingerMm - heights.cheekMm);
  const notes = $derived([
    { title: 'Endpin to begin with', text: formatLength(pinMm, unit), large: true },
    ...ruleLines.map(({ name, mm }) => ({ title: name, text: pinText(mm), off: mm < 0 })),
    {
      title: 'First finger',
      text: `${formatLength(Math.abs(aboveCheekMm), unit)} ${aboveCheekMm >= 0 ? 'above' : 'below'} the cheek`,
      off: places.firstFingerMm > heights.eyebrowMm
    }
  ]);
  const description = $derived(
    waiting
      ? 'A standing player with a bass. Nothing is measured yet.'
      : `A ${candidate.size} bass on this player, pin ${formatLength(pinMm, unit)}: first finger at ${formatLength(places.firstFingerMm, unit)}, cheek at ${formatLength(heights.cheekMm, unit)}; bow at ${formatLength(places.bowMm, unit)}, hand hangs at ${formatLength(heights.gripHangMm, unit)}. Pin ${ruleLines.map(({ name, mm }) => `${name} ${pinText(mm)}`).join(', ')}.`
  );
</script>

<LowScene
  family="bass"
  {readings}
  instrument={candidate.instrument}
  tone={candidate.verdict}
  setup={{ pinMm }}
  {topMm}
  {unit}
  {description}
  {waiting}
  guidesMm={[heights.eyebrowMm, heights.cheekMm, heights.gripHangMm]}
  dots={['nut', 'firstFinger', 'bowPlace']}
  {notes}
  places={[
    { id: 'eyebrow', name: 'eyebrow', spot: 'eyebrow' },
    { id: 'cheek', name: 'cheek', spot: 'cheek' },
    { id: 'gripHang', name: 'bow hand', spot: 'rightHand' }
  ]}
  {...onmeasure ? { onmeasure } : {}}
>
  {@render children?.()}
</LowScene>
