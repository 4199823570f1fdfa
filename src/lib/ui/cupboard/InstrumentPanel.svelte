<script lang="ts">
  import Tick from '$lib/ui/Tick.svelte';
  import { forWhom, INSTRUMENT_STATES, type Stored } from '$lib/core/cupboard';
  import { dimensionsOf } from '$lib/core/instruments';
  import { formatLength, parseLength } from '$lib/core/length';
  import { db, newId, type Settings } from '$lib/data';
  import { changeInstrument, giveOut, removeInstrument } from '$lib/data/commands/cupboard';
  import type { Cupboard, StoredInstrument } from '$lib/data/questions/cupboard';
  import { Action } from '$lib/ui/action.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { matchText, STATE_WORDS, tapesText } from '$lib/words/cupboard';
  import { dayText } from '$lib/words/dates';
  import { FAMILY_WORDS } from '$lib/words/families';
  import InstrumentDetails from './InstrumentDetails.svelte';
  import LoanPart from './LoanPart.svelte';

  /** One instrument of the cupboard: who has it, giving it out and taking it back, what is known of it. */
  let {
    stored,
    cupboard,
    settings,
    nameOf,
    onclose
  }: {
    stored: Stored<StoredInstrument>;
    cupboard: Cupboard;
    settings: Settings;
    nameOf: (id: string) => string;
    onclose: () => void;
  } = $props();

  const { instrument, where } = $derived(stored);

  const loans = $derived(where.kind === 'out' ? where.loans : []);
  const past = $derived(
    cupboard.loans.filter(({ instrumentId, to }) => instrumentId === instrument.id && to !== null)
  );
  const isAway = $derived(instrument.state === 'workshop' || instrument.state === 'out-of-use');
  const canGoOut = $derived(!isAway && (loans.length === 0 || instrument.shared === true));
  const wanting = $derived(
    forWhom(
      instrument,
      cupboard.players.filter(({ id }) => !loans.some(({ playerId }) => playerId === id))
    )
  );
  const lengthMm = $derived(
    instrument.overallMm ?? dimensionsOf(instrument.family, instrument.size, settings.dimensions).overallMm
  );

  const doing = new Action();
  let lengthProblem = $state('');

  /** Made for this instrument and moment: pressed twice it goes out once. */
  let loanId = newId();
  const give = (playerId: string) =>
    doing.run(async () => {
      await giveOut(db, { instrumentId: instrument.id, playerId, today: clock.today }, loanId);
      loanId = newId();
    });
  /** Fields are left quickly one after the other: each is written, none is taken for a second press. */
  const change = (patch: Parameters<typeof changeInstrument>[2]) =>
    attempt(() => changeInstrument(db, instrument.id, patch));

  function measure(text: string) {
    lengthProblem = '';
    if (text.trim() === '') return void change({ overallMm: null });
    const read = parseLength(text, settings.unit);
    if (read.ok) void change({ overallMm: read.mm });
    else lengthProblem = 'This is no length.';
  }
  const STATES = INSTRUMENT_STATES.map((value) => ({ value, text: STATE_WORDS[value] }));
</script>

<section aria-label="No. {instrument.number}" data-instrument-panel>
  <header>
    <h2>no. {instrument.number}</h2>
    <span>{FAMILY_WORDS[instrument.family]} <b class="num">{instrument.size}</b></span>
    <button type="button" class="act-quiet" onclick={onclose}>Close</button>
  </header>

  {#each loans as loan (loan.id)}
    <LoanPart {loan} {instrument} {cupboard} {settings} {nameOf} />
  {/each}

  {#if instrument.tapes && instrument.tapes.length > 0}
    <p class="soft text-sm" data-tapes>{tapesText(instrument.family, instrument.tapes)}</p>
  {/if}

  {#if !isAway}
    <!-- It stays while it closes behind the one who was picked. -->
    <div hidden={!canGoOut}>
      <PickOne
        label="Give it to"
        none="Nobody of that name plays one."
        options={wanting.map(({ player, match }) => ({
          value: player.id,
          text: matchText(player.name, match)
        }))}
        onpick={give}
      />
    </div>
  {/if}

  <Choice
    label="How it is"
    stacked
    value={instrument.state}
    options={STATES}
    onpick={(state) => void change({ state })}
  />
  <Tick bind:checked={() => instrument.shared ?? false, (shared) => void change({ shared })}>
    Stays in the room, for one player a lesson
  </Tick>
  <label>
    Overall length, measured
    <input
      class="field num"
      placeholder="{formatLength(lengthMm, settings.unit)} by its size"
      value={instrument.overallMm === null ? '' : formatLength(instrument.overallMm, settings.unit)}
      aria-invalid={lengthProblem !== '' || undefined}
      onchange={({ currentTarget }) => measure(currentTarget.value)}
    />
  </label>
  {#if lengthProblem}<p class="late" role="alert">{lengthProblem}</p>{/if}
  <InstrumentDetails {instrument} unit={settings.unit} onchange={(patch) => void change(patch)} />
  <label>
    Notes
    <textarea
      class="field"
      rows="2"
      maxlength="1000"
      value={instrument.notes}
      onchange={({ currentTarget }) => void change({ notes: currentTarget.value.trim() })}></textarea>
  </label>
  {#if past.length > 0}
    <h3>Before</h3>
    <ul class="soft">
      {#each past.slice(0, 5) as { id, playerId, from, to } (id)}
        <li>{nameOf(playerId)}, {dayText(from)} to {dayText(to ?? from)}</li>
      {/each}
    </ul>
  {:else if loans.length === 0}
    <button
      type="button"
      class="act-quiet"
      onclick={() => void doing.run(() => removeInstrument(db, instrument.id))}>Remove it</button
    >
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 0.75rem;
    align-content: start;
    border-left: 2px solid var(--line-strong);
    padding-left: 1.25rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.25rem 0.75rem;
  }
  header button {
    margin-left: auto;
  }
  h2 {
    font-size: 1.3rem;
    font-weight: 700;
  }
  h3 {
    font-weight: 650;
  }
  label {
    display: grid;
  }
  .late {
    color: var(--stop);
    font-weight: 600;
  }
</style>
