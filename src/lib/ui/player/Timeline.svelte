<script lang="ts">
  import Fold from '$lib/ui/Fold.svelte';
  import { combineReadings, MEASUREMENT_IDS } from '$lib/core/body';
  import type { Check } from '$lib/core/checks';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import type { IsoDay } from '$lib/core/time';
  import type { CheckResult, Measurement, Player } from '$lib/data';
  import type { TimelineDay } from '$lib/data/questions/timeline';
  import { outcomeText } from '$lib/words/checks';
  import { painSentence } from '$lib/words/pains';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { dayText } from '$lib/words/dates';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import { changeSentences, SLOPE_WORDS } from '$lib/words/setup';
  import { trialVerdictSentence } from '$lib/words/trial';
  import CorrectDay from './CorrectDay.svelte';
  import OldCard from './OldCard.svelte';

  let {
    player,
    days,
    unit,
    checks: library
  }: { player: Player; days: readonly TimelineDay[]; unit: LengthUnit; checks: readonly Check[] } = $props();

  /** The day that is being put right; null while none is. */
  let correcting = $state<IsoDay | null>(null);
  const decided = $derived(days.flatMap(({ fits }) => fits.map(({ fit }) => fit)));

  const inOrder = (measurements: readonly Measurement[]) =>
    [...measurements].sort((a, b) => MEASUREMENT_IDS.indexOf(a.kind) - MEASUREMENT_IDS.indexOf(b.kind));

  function valueText({ kind, readings, look }: Measurement): string {
    if (readings.length === 0) return look ? SLOPE_WORDS[look].toLowerCase() : '–';
    const value = combineReadings(
      kind,
      readings.map(({ mm }) => mm)
    );
    return formatLength(value.mm, unit);
  }

  const checkOf = (result: CheckResult) => library.find(({ id }) => id === result.checkId);
  const titleOf = (result: CheckResult) => checkOf(result)?.title ?? result.checkId;
  const faultsOf = (result: CheckResult) =>
    checkOf(result)?.faults.filter(({ id }) => result.faults.includes(id)) ?? [];
</script>

<ol class="days">
  {#each days as one (one.day)}
    {@const { day, measurements, fits, setups, trials, checks, pains } = one}
    <li>
      <h3>
        <time datetime={day}>{dayText(day)}</time>
        <button
          type="button"
          class="act-quiet"
          aria-expanded={correcting === day}
          aria-label="Correct {dayText(day)}"
          onclick={() => (correcting = correcting === day ? null : day)}
          >{correcting === day ? 'Done' : 'Correct'}</button
        >
      </h3>
      <div class="grid gap-[0.35rem]">
        {#if correcting === day}<CorrectDay {player} day={one} fits={decided} {unit} />{/if}
        {#each fits as { fit, earlier } (fit.id)}
          <p class="size">
            <b class="num">{fit.size}</b>
            {#if earlier && earlier.family !== fit.family}<span
                >on the {FAMILY_WORDS[fit.family].toLowerCase()}, from a {earlier.size}
                {FAMILY_WORDS[earlier.family].toLowerCase()}</span
              >{:else if earlier && earlier.size !== fit.size}<span>from {earlier.size}</span>{/if}
            <span class="soft">
              {fit.size === fit.advised
                ? 'as advised'
                : `own choice, ${fit.advised === null ? 'none was advised' : `advised was ${fit.advised}`}: ${fit.reason ?? ''}`}{fit.betweenSizes
                ? ', between sizes'
                : ''}
            </span>
          </p>
        {/each}
        {#each trials as trial (trial.id)}
          <p>{trialVerdictSentence(trial.size, trial.verdict)}</p>
        {/each}
        {#each setups as { setup, changes } (setup.id)}
          <p>
            Set-up {setup.version}:
            {#if changes === null}the first{:else}{changeSentences(changes, unit).join('; ') ||
                'as before'}{/if}
          </p>
          <OldCard {player} {setup} />
        {/each}
        {#each pains as pain (pain.id)}
          <p class="pain">
            {painSentence(pain)}
            {pain.closedAt ? `Closed${pain.note ? `: ${pain.note}` : ''}.` : 'Open.'}
          </p>
        {/each}
        {#if measurements.length > 0}
          <dl>
            {#each inOrder(measurements) as measurement (measurement.id)}
              <div>
                <dt>{MEASUREMENT_WORDS[measurement.kind].name}</dt>
                <dd class="num">{valueText(measurement)}</dd>
              </div>
            {/each}
          </dl>
        {/if}
        {#if checks.length > 0}
          <Fold name="checks" title="{checks.length} checks" quiet>
            <ul>
              {#each checks as result (result.id)}
                <li>
                  {titleOf(result)}: <b>{outcomeText(result.outcome)}</b>
                  {#if result.faults.length > 0}<span class="soft"
                      >{faultsOf(result)
                        .map(({ text }) => text)
                        .join(', ')}</span
                    >{/if}
                </li>
              {/each}
            </ul>
          </Fold>
        {/if}
      </div>
    </li>
  {/each}
</ol>

<style>
  .days > li {
    display: grid;
    grid-template-columns: 8rem 1fr;
    gap: 0.25rem 1.5rem;
    padding-block: 0.75rem;
    border-top: 1px solid var(--line);
  }
  h3 {
    font-weight: 650;
  }
  .size {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 0.6rem;
  }
  .pain {
    color: var(--stop);
  }
  .size b {
    font-size: 1.5rem;
    color: var(--fits);
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 1.5rem;
    font-size: 0.95rem;
  }
  dl div {
    display: flex;
    gap: 0.5rem;
  }
  dt {
    color: var(--ink-soft);
  }
  @media (max-width: 640px) {
    .days > li {
      grid-template-columns: 1fr;
    }
  }
</style>
