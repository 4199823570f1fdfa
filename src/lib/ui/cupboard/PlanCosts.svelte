<script lang="ts">
  import { USUAL_COSTS, yearDaysFrom, type Costs } from '$lib/core/cupboard';
  import { changeSettings, db } from '$lib/data';
  import Fold from '$lib/ui/Fold.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { COST_WORDS, costsText } from '$lib/words/cupboard';

  /** What a plan weighs against what: each number is the teacher's. */
  let { costs, starts }: { costs: Costs; starts: readonly string[] } = $props();

  const MOST = 1000;
  type Place = (typeof COST_WORDS)[number]['place'];

  const valueAt = ([name, at]: Place): number => (at === undefined ? costs[name] : costs[name][at]);
  function withValue([name, at]: Place, value: number): Costs {
    if (at === undefined) return { ...costs, [name]: value };
    const [one, more] = costs[name];
    return { ...costs, [name]: at === 0 ? [value, more] : [one, value] };
  }
  let wrong = $state(false);
  function set(place: Place, text: string) {
    const value = Number(text.trim().replace(',', '.'));
    wrong = text.trim() === '' || !(value >= 0 && value <= MOST);
    if (wrong || value === valueAt(place)) return;
    void attempt(() => changeSettings(db, 'Changed what a plan weighs', { costs: withValue(place, value) }));
  }
  let noDays = $state(false);
  function begin(text: string) {
    const days = yearDaysFrom(text);
    noDays = days === null;
    if (!days || days.join() === starts.join()) return;
    void attempt(() =>
      changeSettings(db, 'Changed when terms begin', { termStarts: days.length > 0 ? [...days] : undefined })
    );
  }
  const isUsual = $derived(JSON.stringify(costs) === JSON.stringify(USUAL_COSTS));
</script>

<Fold name="plan-costs" title="What is weighed" quiet>
  <p class="soft">{costsText(costs)}</p>
  <div class="costs">
    {#each COST_WORDS as { place, text } (text)}
      <label>
        {text}
        <input
          class="field num"
          inputmode="decimal"
          maxlength="6"
          value={valueAt(place)}
          onchange={({ currentTarget }) => set(place, currentTarget.value)}
        />
      </label>
    {/each}
    <label>
      Terms begin on
      <input
        class="field num terms"
        maxlength="60"
        placeholder="8.1. 10.4. 1.9."
        value={starts.map((day) => `${Number(day.slice(3))}.${Number(day.slice(0, 2))}.`).join(' ')}
        onchange={({ currentTarget }) => begin(currentTarget.value)}
      />
    </label>
  </div>
  {#if noDays}<p class="wrong" role="alert">Days are written as 8.1. 10.4. 1.9.</p>{/if}
  {#if wrong}<p class="wrong" role="alert">Each is a number from 0 to {MOST}.</p>{/if}
  {#if !isUsual}
    <button
      type="button"
      class="act-quiet"
      onclick={() =>
        void attempt(() => changeSettings(db, 'Changed what a plan weighs', { costs: undefined }))}
      >As usual again</button
    >
  {/if}
</Fold>

<style>
  .costs {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    padding-block: 0.5rem;
  }
  label {
    display: grid;
    font-size: 0.9rem;
  }
  input {
    width: 7rem;
  }
  .terms {
    width: 11rem;
  }
  .wrong {
    color: var(--stop);
    font-weight: 550;
  }
</style>
