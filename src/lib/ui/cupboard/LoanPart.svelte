<script lang="ts">
  import { INSTRUMENT_STATES, type InstrumentState, type Out } from '$lib/core/cupboard';
  import { db, type Settings } from '$lib/data';
  import { changeLoan, takeBack } from '$lib/data/commands/cupboard';
  import type { Cupboard, StoredInstrument } from '$lib/data/questions/cupboard';
  import { recordOf } from '$lib/data/questions/records';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { fileNamePart } from '$lib/ui/download';
  import { paperOf } from '$lib/print/papers';
  import { STATE_WORDS } from '$lib/words/cupboard';
  import { dayText } from '$lib/words/dates';
  import { loanPaper } from '$lib/print/loan';

  /** Somebody who has an instrument: since and until when, how it went out, the paper to sign, and taking it back. */
  let {
    loan,
    instrument,
    cupboard,
    settings,
    nameOf
  }: {
    loan: Out;
    instrument: StoredInstrument;
    cupboard: Cupboard;
    settings: Settings;
    nameOf: (id: string) => string;
  } = $props();

  const doing = new Action();
  /** It is being taken back: asked for how it is. */
  let returning = $state(false);
  let seen = $state('');

  const record = $derived(cupboard.loans.find(({ id }) => id === loan.id));
  const STATES = INSTRUMENT_STATES.map((value) => ({ value, text: STATE_WORDS[value] }));
  const back = (state: InstrumentState) =>
    doing.run(() => takeBack(db, loan.id, { today: clock.today, state, seen: seen.trim() }));
</script>

<div class="loan" data-loan>
  <p>
    With <a href="/players/{loan.playerId}">{nameOf(loan.playerId)}</a> since {dayText(loan.from)}
    {#if loan.until !== null && loan.until < clock.today}<b class="late">Overdue</b>{/if}
  </p>
  <DayField
    label="Until"
    value={loan.until}
    onpick={(until) => void attempt(() => changeLoan(db, loan.id, { until }))}
  />
  {#if returning}
    <p class="soft">How is it?</p>
    <p class="row">
      {#each STATES as { value, text } (value)}
        <button type="button" class="btn act" disabled={doing.busy} onclick={() => back(value)}>{text}</button
        >
      {/each}
      <button type="button" class="act-quiet" onclick={() => (returning = false)}>Not yet</button>
    </p>
    <label>
      What is to be seen on it
      <input class="field" maxlength="300" bind:value={seen} />
    </label>
  {:else}
    <label>
      What was to be seen on it
      <input
        class="field"
        maxlength="300"
        placeholder="nothing"
        value={record?.stateOut ?? ''}
        onchange={({ currentTarget }) =>
          void attempt(() => changeLoan(db, loan.id, { stateOut: currentTarget.value.trim() }))}
      />
    </label>
    <div class="row">
      <button type="button" class="btn act" data-act="take-back" onclick={() => (returning = true)}
        >Take it back</button
      >
      {#if record}
        <PdfButton
          text="Loan paper"
          fileName="loan-{fileNamePart(`${instrument.number}-${nameOf(loan.playerId)}`)}.pdf"
          ask={async (door, report) => {
            // As it stands now: what was typed last may not be on the screen's record yet.
            const [one, out] = await Promise.all([
              recordOf(db, 'instruments', instrument.id),
              recordOf(db, 'loans', loan.id)
            ]);
            const { unit, teacherName: teacher } = settings;
            const papers =
              one && out ? [loanPaper(one, out, { player: nameOf(loan.playerId), unit, teacher })] : [];
            return door.loans(papers, paperOf(unit), report);
          }}
        />
      {/if}
    </div>
  {/if}
</div>

<style>
  .loan {
    display: grid;
    gap: 0.5rem;
    justify-items: start;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  label {
    display: grid;
    width: 100%;
  }
  .late {
    color: var(--stop);
    font-weight: 600;
  }
</style>
