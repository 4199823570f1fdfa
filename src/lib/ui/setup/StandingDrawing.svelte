<script lang="ts">
  import { bodyOf } from '$lib/core/body';
  import { formatLength } from '$lib/core/length';
  import { rangeOf, standingPlan, toNotch, withOwnValue } from '$lib/core/setup';
  import LowScene from '$lib/ui/figure/LowScene.svelte';
  import { aboveOrBelow } from '$lib/words/sizing';
  import { Dragging } from './dragging.svelte';
  import type { SolvedDrawingProps } from './setup-part';
  import { standingHeights } from './standing-heights';

  /** Pin and lean of a bass beside the player, to be dragged. */
  let { laid, instrument, unit, readings, own, onadjust }: SolvedDrawingProps<'standing'> = $props();

  const dragging = new Dragging((id, value) => onadjust(id, value));
  const dragged = $derived(dragging.current);
  const notchesMm = $derived(laid.arrangement.notchesMm ?? []);
  const body = $derived(bodyOf(readings));
  const heights = $derived(standingHeights(readings));
  const plan = $derived(
    dragged
      ? standingPlan({
          heights,
          bass: instrument,
          notchesMm,
          own: withOwnValue(
            'standing',
            own,
            dragged.id,
            dragged.id === 'pin'
              ? toNotch(notchesMm, laid.arrangement.settings.pin.value, dragged.value)
              : dragged.value,
            {}
          )
        })
      : laid.plan
  );

  const heightMm = $derived(body?.heightMm ?? 1600);
  const values = $derived(plan.values);
  const topMm = $derived(
    Math.max(
      1.02 * heightMm,
      (values.pin + instrument.overallMm) * Math.cos((values.lean * Math.PI) / 180) + 20
    )
  );
  const handles = $derived([
    {
      id: 'pin',
      name: 'Pin',
      spot: 'bottom',
      value: values.pin,
      ...rangeOf('standing', 'pin'),
      text: formatLength(values.pin, unit),
      axis: 'up' as const,
      perMm: 1
    },
    {
      id: 'lean',
      name: 'Lean',
      spot: 'scroll',
      value: values.lean,
      ...rangeOf('standing', 'lean'),
      text: `${Math.round(values.lean)}°`,
      axis: 'along' as const,
      perMm: 57.3 / (values.pin + instrument.overallMm)
    }
  ]);
  const notes = $derived([
    {
      title: plan.notch === null ? 'Endpin' : `Endpin, notch ${plan.notch}`,
      text: formatLength(values.pin, unit),
      large: true
    },
    { title: 'Lean', text: `${Math.round(values.lean)}°` },
    {
      title: 'First finger',
      text: aboveOrBelow(plan.leftHandAboveCheekMm, 'the cheek', unit),
      off: plan.places.firstFingerMm > heights.eyebrowMm
    }
  ]);
  const description = $derived(
    `The player with the bass: pin ${formatLength(values.pin, unit)}, leaning ${Math.round(values.lean)} degrees; first finger ${aboveOrBelow(plan.leftHandAboveCheekMm, 'the cheek', unit)}.`
  );
</script>

<LowScene
  family="bass"
  {readings}
  {instrument}
  setup={{ pinMm: values.pin, leanDeg: values.lean }}
  {topMm}
  {unit}
  {description}
  waiting={false}
  share={0.5}
  guidesMm={[heights.eyebrowMm, heights.cheekMm, heights.gripHangMm]}
  dots={['nut', 'firstFinger', 'bowPlace']}
  {notes}
  {handles}
  moving={dragged !== null}
  onhandle={dragging.move}
/>
