<script lang="ts">
  import { standingPlaces } from '$lib/core/bass';
  import { bodyOf } from '$lib/core/body';
  import { formatLength } from '$lib/core/length';
  import { rangeOf, SETUP_CHOICES, standingPlan, toNotch, withOwnValue } from '$lib/core/setup';
  import { MOST_NOTCHES } from '$lib/data/schema/setup';
  import Choice from '$lib/ui/Choice.svelte';
  import LowScene from '$lib/ui/figure/LowScene.svelte';
  import { BOW_HOLD_WORDS } from '$lib/words/setup';
  import { aboveOrBelow } from '$lib/words/sizing';
  import { Dragging } from './dragging.svelte';
  import type { LowSetupProps } from './low-setup';

  /** Pin and lean of a bass beside the player, to be dragged, and where both hands end up by each of the three rules. */
  let { laid, instrument, unit, readings, own, onchange, onadjust }: LowSetupProps<'standing'> = $props();

  const dragging = new Dragging((id, value) => onadjust(id, value));
  const dragged = $derived(dragging.current);
  const notchesMm = $derived(laid.arrangement.notchesMm ?? []);
  let notchProblem = $state('');

  function setNotches(text: string) {
    const list = text.split(/[\s;,]+/).filter((one) => one !== '');
    const read = list.map(Number);
    const { low, high } = rangeOf('standing', 'pin');
    notchProblem = read.every((one) => one >= low && one <= high)
      ? read.length > MOST_NOTCHES
        ? `A pin has ${MOST_NOTCHES} notches at most.`
        : ''
      : `Type how much pin each notch gives, in mm, such as 40 65 90.`;
    if (notchProblem !== '') return;
    const sorted = [...new Set(read)].sort((a, b) => a - b);
    void onchange('Changed the notches', ({ values: { pin: _free, ...values } }) => ({
      values,
      notchesMm: sorted.length > 0 ? sorted : undefined
    }));
  }

  const body = $derived(bodyOf(readings));
  const heights = $derived({
    gripHangMm: body?.length('gripHang').mm ?? 0,
    cheekMm: body?.length('cheek').mm ?? 0,
    eyebrowMm: body?.length('eyebrow').mm ?? 0
  });
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
  const rules = $derived(
    (
      [
        { name: 'By the bow’s reach', mm: plan.rules.bowReachMm },
        { name: 'By the cheek', mm: plan.rules.cheekMm },
        { name: 'By the eyebrow', mm: plan.rules.eyebrowMm },
        { name: 'As it stands', mm: values.pin }
      ] as const
    ).map(({ name, mm }) => {
      const places = standingPlaces(instrument, mm, values.lean);
      return {
        name,
        pin: mm < 0 ? `${formatLength(-mm, unit)} too tall` : formatLength(mm, unit),
        left: aboveOrBelow(places.firstFingerMm - heights.cheekMm, 'the cheek', unit),
        bow: aboveOrBelow(places.bowMm - heights.gripHangMm, 'the hanging hand', unit)
      };
    })
  );
  const notes = $derived([
    {
      mm: topMm,
      title: plan.notch === null ? 'Endpin' : `Endpin, notch ${plan.notch}`,
      text: formatLength(values.pin, unit),
      large: true
    },
    { mm: topMm, title: 'Lean', text: `${Math.round(values.lean)}°` },
    {
      mm: plan.places.firstFingerMm,
      title: 'First finger',
      text: aboveOrBelow(plan.leftHandAboveCheekMm, 'the cheek', unit),
      off: plan.places.firstFingerMm > heights.eyebrowMm
    }
  ]);
  const description = $derived(
    `The player with the bass: pin ${formatLength(values.pin, unit)}, leaning ${Math.round(values.lean)} degrees; first finger ${aboveOrBelow(plan.leftHandAboveCheekMm, 'the cheek', unit)}.`
  );
</script>

<div class="flex flex-col gap-3">
  <Choice
    label="Bow hold"
    value={laid.arrangement.choices.bowHold}
    options={SETUP_CHOICES.standing.bowHold.map((value) => ({ value, text: BOW_HOLD_WORDS[value] }))}
    onpick={(bowHold) =>
      onchange('Changed the bow hold', ({ choices }) => ({ choices: { ...choices, bowHold } }))}
    stacked
  />
  <p class="text-sm soft">
    A hold that plays higher or lower by a few centimetres goes into the bow offset, and the pin follows.
  </p>
  <label class="text-sm">
    Notches of this pin, mm of pin
    <input
      class="field num"
      maxlength="200"
      placeholder="none: set freely"
      value={notchesMm.join(' ')}
      onchange={(event) => setNotches(event.currentTarget.value)}
    />
  </label>
  {#if notchProblem}<p class="problem" role="alert">{notchProblem}</p>{/if}
  <p class="text-sm soft">
    Feet under the shoulders, weight on the right leg, left foot turned out. Drag the pin and the scroll in
    the drawing, or use the arrow keys on them.
  </p>
</div>
<div>
  <LowScene
    family="bass"
    {readings}
    {instrument}
    setup={{ pinMm: values.pin, leanDeg: values.lean }}
    {topMm}
    {unit}
    {description}
    waiting={false}
    guidesMm={[heights.eyebrowMm, heights.cheekMm, heights.gripHangMm]}
    dots={['nut', 'firstFinger', 'bowPlace']}
    {notes}
    {handles}
    moving={dragged !== null}
    onhandle={dragging.move}
  />
  <table>
    <caption class="sr-only">The pin by each rule, and where both hands end up</caption>
    <thead>
      <tr
        ><th scope="col">Rule</th><th scope="col">Pin</th><th scope="col">First finger</th><th scope="col"
          >Bow</th
        ></tr
      >
    </thead>
    <tbody>
      {#each rules as { name, pin, left, bow } (name)}
        <tr><th scope="row">{name}</th><td class="num">{pin}</td><td>{left}</td><td>{bow}</td></tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  table {
    width: 100%;
    margin-top: 0.5rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.3rem 0.75rem 0.3rem 0;
    border-bottom: 1px solid var(--line);
    font-weight: 400;
  }
  thead th {
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  tbody tr:last-child {
    font-weight: 650;
  }
  tbody tr:last-child th {
    font-weight: 650;
  }
  .problem {
    color: var(--stop);
    font-weight: 550;
  }
</style>
