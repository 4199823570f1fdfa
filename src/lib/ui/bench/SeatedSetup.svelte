<script lang="ts">
  import { bodyOf } from '$lib/core/body';
  import { CORNER_RANGE_MM, seatedBody } from '$lib/core/cello';
  import { formatLength } from '$lib/core/length';
  import { rangeOf, seatedPlan, SETUP_CHOICES, withOwnValue, type SettingId } from '$lib/core/setup';
  import Choice from '$lib/ui/Choice.svelte';
  import LowScene from '$lib/ui/figure/LowScene.svelte';
  import { aboveOrBelow } from '$lib/words/sizing';
  import { ANCHORING_WORDS, PLACING_WORDS } from '$lib/words/setup';
  import { Dragging } from './dragging.svelte';
  import type { LowSetupProps } from './low-setup';

  /** Seat, pin and angle of a cello over the player, to be dragged; everything else answers at once. */
  let { laid, instrument, unit, readings, own, onchange, onadjust }: LowSetupProps<'seated'> = $props();

  const dragging = new Dragging((id, value) => onadjust(id, value));
  const dragged = $derived(dragging.current);
  const body = $derived(bodyOf(readings));
  const plan = $derived(
    dragged && body
      ? seatedPlan({
          body: seatedBody(body),
          cello: instrument,
          own: withOwnValue('seated', own, dragged.id, dragged.value, laid.plan.values)
        })
      : laid.plan
  );
  const posture = $derived(plan.posture);
  const choices = $derived(laid.arrangement.choices);

  const reach = (id: SettingId) => rangeOf('seated', id);
  const heightMm = $derived(body?.heightMm ?? 1300);
  const handles = $derived([
    {
      id: 'seat',
      name: 'Seat',
      spot: 'seat',
      value: posture.seatMm,
      ...reach('seat'),
      text: formatLength(posture.seatMm, unit),
      axis: 'up' as const,
      perMm: 1
    },
    {
      id: 'pin',
      name: 'Pin',
      spot: 'pinTip',
      value: posture.pinMm,
      ...reach('pin'),
      text: formatLength(posture.pinMm, unit),
      axis: 'up' as const,
      perMm: 1
    },
    {
      id: 'angle',
      name: 'Angle',
      spot: 'scroll',
      value: posture.angleDeg,
      ...reach('angle'),
      text: `${Math.round(posture.angleDeg)}°`,
      axis: 'along' as const,
      perMm: 57.3 / (posture.pinMm + instrument.overallMm)
    }
  ]);
  const [lowest, highest] = CORNER_RANGE_MM;
  const topMm = $derived(
    Math.max(posture.ear.y + 0.1 * heightMm, posture.peg.y + 0.14 * instrument.overallMm)
  );
  const notes = $derived([
    {
      mm: Math.max(posture.ear.y, posture.peg.y),
      title: 'Lowest peg',
      text: aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)
    },
    { mm: posture.bowContact.y, title: 'Bow', text: `${Math.round(posture.bowShare * 100)} % in reach` },
    { mm: posture.seatMm + 0.09 * heightMm, title: 'Seat', text: formatLength(posture.seatMm, unit) },
    {
      mm: posture.corner.y,
      title: 'Lower corner',
      text: aboveOrBelow(posture.cornerAboveKneeMm, 'the knee', unit),
      off: posture.cornerAboveKneeMm < lowest || posture.cornerAboveKneeMm > highest
    },
    {
      mm: Math.max(posture.pinTop.y / 2, 50),
      title: `Endpin, ${plan.handWidths.toFixed(1)} hand-widths`,
      text: `${formatLength(posture.pinMm, unit)}, at ${Math.round(posture.angleDeg)}°`
    }
  ]);
  const description = $derived(
    `The player with the cello: seat ${formatLength(posture.seatMm, unit)}, pin ${formatLength(posture.pinMm, unit)} from the ribs at ${Math.round(posture.angleDeg)} degrees, lowest peg ${aboveOrBelow(posture.pegAboveEarMm, 'the ear', unit)}, lower corner ${aboveOrBelow(posture.cornerAboveKneeMm, 'the inner knee', unit)}.`
  );
</script>

<div class="flex flex-col gap-3">
  <Choice
    label="The pin is held by"
    value={choices.anchoring}
    options={SETUP_CHOICES.seated.anchoring.map((value) => ({ value, text: ANCHORING_WORDS[value] }))}
    onpick={(anchoring) =>
      onchange('Changed the anchor', ({ choices }) => ({ choices: { ...choices, anchoring } }))}
    stacked
  />
  <Choice
    label="The cello stands"
    value={choices.placing}
    options={SETUP_CHOICES.seated.placing.map((value) => ({ value, text: PLACING_WORDS[value].name }))}
    onpick={(placing) =>
      onchange('Changed how the cello stands', ({ choices }) => ({ choices: { ...choices, placing } }))}
    stacked
  />
  <p class="text-sm soft">{PLACING_WORDS[choices.placing].why}</p>
  <p class="text-sm soft">
    Drag seat, pin and scroll in the drawing, or use the arrow keys on them. A changed pin leaves seat and
    anchor where they are, and the cello turns a little; a turned cello takes its anchor along; a changed seat
    takes the whole cello along.
  </p>
</div>
<div>
  <LowScene
    family="cello"
    {readings}
    {instrument}
    setup={{ seatMm: posture.seatMm, angleDeg: posture.angleDeg, slideMm: posture.slideMm }}
    {topMm}
    {unit}
    {description}
    waiting={false}
    guidesMm={[posture.ear.y, posture.kneeMm]}
    dots={['leftEar', 'peg', 'lowerCorner', 'bowPlace']}
    {notes}
    {handles}
    moving={dragged !== null}
    onhandle={dragging.move}
  />
</div>
