<script lang="ts">
  import { standingPlaces } from '$lib/core/bass';
  import { formatLength } from '$lib/core/length';
  import { rangeOf, SETUP_CHOICES } from '$lib/core/setup';
  import { MOST_NOTCHES } from '$lib/data/schema/setup';
  import Choice from '$lib/ui/Choice.svelte';
  import { BOW_HOLD_WORDS } from '$lib/words/setup';
  import { aboveOrBelow } from '$lib/words/sizing';
  import type { SetupWaysProps } from './setup-part';
  import { standingHeights } from './standing-heights';

  /** How the bow is held, what the pin can do, and where both hands end up by each of the three rules. */
  let { laid, instrument, unit, readings, onchange }: SetupWaysProps<'standing'> = $props();

  const plan = $derived(laid.plan);
  const notchesMm = $derived(laid.arrangement.notchesMm ?? []);
  const heights = $derived(standingHeights(readings));
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

  const rules = $derived(
    (
      [
        { name: 'By the bow’s reach', mm: plan.rules.bowReachMm },
        { name: 'By the cheek', mm: plan.rules.cheekMm },
        { name: 'By the eyebrow', mm: plan.rules.eyebrowMm },
        { name: 'As it stands', mm: plan.values.pin }
      ] as const
    ).map(({ name, mm }) => {
      const places = standingPlaces(instrument, mm, plan.values.lean);
      return {
        name,
        pin: mm < 0 ? `${formatLength(-mm, unit)} too tall` : formatLength(mm, unit),
        left: aboveOrBelow(places.firstFingerMm - heights.cheekMm, 'the cheek', unit),
        bow: aboveOrBelow(places.bowMm - heights.gripHangMm, 'the hanging hand', unit)
      };
    })
  );
</script>

<div class="flex flex-col gap-3">
  <Choice
    label="Bow hold"
    value={laid.arrangement.choices.bowHold}
    options={SETUP_CHOICES.standing.bowHold.map((value) => ({ value, text: BOW_HOLD_WORDS[value] }))}
    onpick={(bowHold) =>
      onchange('Changed the bow hold', ({ choices }) => ({ choices: { ...choices, bowHold } }))}
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
