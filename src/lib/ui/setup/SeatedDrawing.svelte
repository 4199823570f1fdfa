<script lang="ts">
  import { bodyOf } from '$lib/core/body';
  import { seatedBody } from '$lib/core/cello';
  import { formatLength } from '$lib/core/length';
  import { rangeOf, seatedPlan, withOwnValue, type SettingId } from '$lib/core/setup';
  import CelloFigure from '$lib/ui/figure/CelloFigure.svelte';
  import { Dragging } from './dragging.svelte';
  import type { SolvedDrawingProps } from './setup-part';

  /** Seat, pin and angle of a cello over the player, to be dragged; everything else answers at once. */
  let { laid, instrument, unit, readings, own, onadjust }: SolvedDrawingProps<'seated'> = $props();

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
</script>

<CelloFigure
  {readings}
  {instrument}
  {posture}
  {heightMm}
  handWidths={plan.handWidths}
  {unit}
  share={0.5}
  {handles}
  moving={dragged !== null}
  onhandle={dragging.move}
/>
