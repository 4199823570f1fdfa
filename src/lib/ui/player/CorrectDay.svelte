<script lang="ts">
  import { MEASUREMENT_IDS, plausibility } from '$lib/core/body';
  import { parseLength, lengthNumber, type LengthUnit } from '$lib/core/length';
  import { db, dropReading, type Fit, type Measurement, type Player } from '$lib/data';
  import {
    moveReadings,
    takeBackFit,
    takeBackLesson,
    takeBackSetup,
    takeBackTrial
  } from '$lib/data/commands/corrections';
  import { changeReading } from '$lib/data/commands/measurements';
  import { allOf } from '$lib/data/questions/records';
  import type { TimelineDay } from '$lib/data/questions/timeline';
  import { Action } from '$lib/ui/action.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import { live } from '$lib/ui/live.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { dayText } from '$lib/words/dates';
  import { lengthProblemSentence, plausibilitySentence } from '$lib/words/lengths';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';

  /** What was recorded on one day, to be put right: each thing by itself, with what follows said before it is pressed. */
  let {
    player,
    day,
    fits,
    unit
  }: {
    player: Player;
    day: TimelineDay;
    /** All decisions, newest first. */
    fits: readonly Fit[];
    unit: LengthUnit;
  } = $props();

  const working = new Action();
  let problem = $state('');
  const others = live(
    async () =>
      (await allOf(db, 'players'))
        .filter(({ id, archivedOn }) => id !== player.id && archivedOn === null)
        .map(({ id, name }) => ({ value: id, text: name }))
        .sort((a, b) => a.text.localeCompare(b.text)),
    [],
    () => player.id
  );
  let movedTo = $state('');

  const nameOf = ({ kind }: Measurement) => MEASUREMENT_WORDS[kind].name;
  const read = $derived(
    day.measurements
      .filter(({ readings }) => readings.length > 0)
      .sort((a, b) => MEASUREMENT_IDS.indexOf(a.kind) - MEASUREMENT_IDS.indexOf(b.kind))
  );
  /** Decisions that were made with what was read on this day: they stay as they were made. */
  const madeWith = $derived(
    fits.filter((fit) =>
      read.some(({ kind, readings }) => readings.some(({ mm }) => fit.readings[kind]?.includes(mm)))
    )
  );

  function change(measurement: Measurement, reading: Measurement['readings'][number], text: string) {
    const parsed = parseLength(text, unit);
    if (!parsed.ok) {
      problem = lengthProblemSentence(parsed.problem, unit);
      return;
    }
    const { mm } = parsed;
    const heightMm = read.find(({ kind }) => kind === 'height')?.readings[0]?.mm ?? null;
    const judged = plausibility(
      measurement.kind,
      mm,
      measurement.kind === 'height' ? null : heightMm,
      'within'
    );
    problem = judged.kind === 'impossible' ? plausibilitySentence(measurement.kind, mm, judged, unit) : '';
    if (problem === '' && mm !== reading.mm)
      void working.run(() => changeReading(db, player, measurement, reading, mm));
  }

  function standsAgain(fit: Fit): string {
    const before = fits.find((one) => one.family === fit.family && one.at < fit.at);
    return before ? `The ${before.size} of ${dayText(before.day)} stands again` : 'No size is decided then';
  }

  async function move(toId: string) {
    const text = others.current.find(({ value }) => value === toId)?.text ?? '';
    if (await working.run(() => moveReadings(db, player, toId, day.day))) movedTo = text;
  }
</script>

{#snippet takeBack(what: string, follows: string, work: () => Promise<void>)}
  <p>
    <button type="button" class="btn act" disabled={working.busy} onclick={() => working.run(work)}
      >Take back {what}</button
    >
    <span class="soft">{follows}</span>
  </p>
{/snippet}

<div class="correct" data-correct={day.day}>
  {#each day.fits as { fit } (fit.id)}
    {@render takeBack(`the ${fit.size}`, `${standsAgain(fit)}; a set-up that was kept on it goes too.`, () =>
      takeBackFit(db, player, fit.id)
    )}
  {/each}
  {#each day.setups as { setup } (setup.id)}
    {@render takeBack(`set-up ${setup.version}`, 'The one before it stands again; its card goes.', () =>
      takeBackSetup(db, player, setup.id)
    )}
  {/each}
  {#each day.trials as trial (trial.id)}
    {@render takeBack(`the trial of the ${trial.size}`, 'A decision that came after it stays.', () =>
      takeBackTrial(db, player, trial.id)
    )}
  {/each}
  {#if day.checks.length > 0}
    {@render takeBack('the lesson', 'What was seen and set as practice goes; a note of pain stays.', () =>
      takeBackLesson(db, player, day.day)
    )}
  {/if}
  {#if read.length > 0}
    <ul>
      {#each read as measurement, at (measurement.id)}
        {#each measurement.readings as reading, index (reading.at + reading.mm + index)}
          <li>
            <label>
              <span>{nameOf(measurement)}</span>
              <input
                {@attach at + index === 0 ? focusOnOpen : null}
                class="field num"
                value={lengthNumber(reading.mm, unit)}
                onfocus={({ currentTarget }) => currentTarget.select()}
                autocomplete="off"
                inputmode={unit === 'cm' ? 'decimal' : 'text'}
                onchange={({ currentTarget }) => change(measurement, reading, currentTarget.value)}
              />
              {unit}
            </label>
            <button
              type="button"
              class="act-quiet"
              disabled={working.busy}
              aria-label="Drop {nameOf(measurement)} {lengthNumber(reading.mm, unit)}"
              onclick={() =>
                working.run(() =>
                  dropReading(db, player, measurement, reading, nameOf(measurement).toLowerCase())
                )}>drop</button
            >
          </li>
        {/each}
      {/each}
    </ul>
    {#if problem !== ''}<p class="stop" role="alert">{problem}</p>{/if}
    <p class="soft">
      Growth and what is advised follow.
      {#if madeWith.length > 0}
        What was decided with these lengths ({madeWith
          .map(({ size, day: on }) => `${size}, ${dayText(on)}`)
          .join('; ')}) stays until you decide anew or take it back.
      {/if}
    </p>
    {#if others.current.length > 0}
      <PickOne
        label="These lengths belong to somebody else"
        options={others.current}
        onpick={(id) => void move(id)}
      />
    {/if}
  {/if}
  {#if movedTo}<p role="status">Moved to {movedTo}.</p>{/if}
</div>

<style>
  .correct {
    display: grid;
    gap: 0.5rem;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--next);
  }
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(22rem, 1fr));
    gap: 0 2rem;
  }
  li,
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  label {
    flex: 1;
  }
  label span {
    flex: 1;
  }
  input {
    width: 6rem;
    text-align: right;
  }
</style>
