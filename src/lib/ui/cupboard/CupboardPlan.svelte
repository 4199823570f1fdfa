<script lang="ts">
  import {
    linesOf,
    termsFrom,
    USUAL_COSTS,
    type Assignment,
    type AssignQuestion,
    type MoreOf,
    type PlanLine,
    type SolverState
  } from '$lib/core/cupboard';
  import type { Family } from '$lib/core/instruments';
  import { db, type Settings } from '$lib/data';
  import { takePlan } from '$lib/data/commands/cupboard';
  import type { Cupboard } from '$lib/data/questions/cupboard';
  import { planQuestion } from '$lib/data/questions/cupboard-plan';
  import type { RosterEntry } from '$lib/data/questions/roster';
  import { Action } from '$lib/ui/action.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { costText, fixedText, planText, stateText } from '$lib/words/cupboard';
  import { monthText } from '$lib/words/dates';

  import PlanCosts from './PlanCosts.svelte';

  /** Who gets which instrument, so that the fewest change and nobody plays too large: worked out beside the page. */
  let {
    family,
    cupboard,
    entries,
    settings,
    nameOf,
    onlines,
    ontaken
  }: {
    family: Family;
    cupboard: Cupboard;
    entries: readonly RosterEntry[];
    settings: Settings;
    nameOf: (id: string) => string;
    /** Told what the plan would do today, so that the shelves show it. */
    onlines: (lines: readonly PlanLine[]) => void;
    /** Told what of it was done, which stays in sight though the next plan is another. */
    ontaken: (lines: readonly PlanLine[]) => void;
  } = $props();

  const LENGTHS = ['1', '2', '3'] as const;
  let length = $state<(typeof LENGTHS)[number]>('1');
  /** The plan with what was asked; null while it is worked out. */
  let plan = $state.raw<{ readonly question: AssignQuestion; readonly planned: Assignment | null } | null>(
    null
  );
  let more = $state.raw<readonly MoreOf[]>([]);
  let howFar = $state.raw<SolverState | null>(null);
  let failed = $state('');
  /** What the teacher fixed, and what the plan cost before anything was. */
  let fixed = $state.raw<ReadonlyMap<string, string | null>>(new Map());
  let costBefore = $state<number | null>(null);

  $effect(() => {
    const [of, whose, what, terms, today] = [cupboard, entries, family, Number(length), clock.today];
    const held = fixed;
    void [settings.costs, settings.termStarts];
    plan = null;
    more = [];
    howFar = null;
    failed = '';
    let isWanted = true;
    let stop: () => void = () => undefined;
    void attempt(async () => {
      const [question, { planAside }] = await Promise.all([
        planQuestion(db, what, of, whose, { today, terms, fixed: held }),
        import('$lib/workers/assign')
      ]);
      if (!isWanted) return;
      const planning = planAside(question, (how) => (howFar = how));
      stop = planning.stop;
      try {
        const planned = await planning.plan;
        if (!isWanted) return;
        plan = { question, planned };
        if (held.size === 0) costBefore = planned?.cost ?? null;
        const saved = await planning.more;
        if (isWanted) more = saved;
      } catch (error) {
        if (isWanted) failed = error instanceof Error ? error.message : String(error);
      }
    });
    return () => {
      isWanted = false;
      stop();
    };
  });

  const lines = $derived(plan?.planned ? linesOf(plan.question, plan.planned) : []);
  const terms = $derived(
    termsFrom(clock.today, Number(length), settings.termStarts).map((from, term) => ({
      from,
      lines: lines.filter((line) => line.term === term)
    }))
  );
  /** What can be done today. */
  const doable = $derived(lines.filter(({ term, from, to }) => term === 0 && from !== to));
  $effect(() => {
    onlines(doable);
    return () => onlines([]);
  });
  const named = (id: string) => {
    const one = cupboard.instruments.find((instrument) => instrument.id === id);
    return one ? `no. ${one.number} (${one.size})` : 'one';
  };

  const fix = (playerId: string, instrumentId: string | null) =>
    (fixed = new Map([...fixed, [playerId, instrumentId]]));
  const letGo = (playerId: string) => (fixed = new Map([...fixed].filter(([id]) => id !== playerId)));

  const taking = new Action();
  const take = () =>
    taking.run(async () => {
      const done = doable;
      await takePlan(db, done, clock.today);
      ontaken(done);
      status.say('The plan is taken over. Undo takes it back.');
    });
</script>

<section class="no-print" aria-label="Who gets what" data-plan>
  <header>
    <h2>Who gets what</h2>
    <Choice
      label="For"
      hideLabel
      value={length}
      options={LENGTHS.map((value) => ({ value, text: value === '1' ? 'now' : `${value} terms` }))}
      onpick={(picked) => (length = picked)}
    />
    {#if doable.length > 0}
      <button type="button" class="btn act-next" disabled={taking.busy} onclick={take}
        >Take this plan{length === '1' ? '' : ', as far as now'}</button
      >
    {/if}
  </header>
  {#if failed}
    <p role="alert">The plan could not be worked out: {failed}</p>
  {:else if !plan}
    <p class="soft" role="status">Working it out… {howFar ? stateText(howFar) : ''}</p>
  {:else if !plan.planned}
    <p role="alert">
      What is fixed can’t be: an instrument is away, or somebody who hurts keeps one that is.
    </p>
  {:else}
    {#each terms as { from, lines: own }, term (term)}
      {#if terms.length > 1}<h3>{term === 0 ? 'Now' : `From ${monthText(from)}`}</h3>{/if}
      {#if own.length === 0}
        <p class="soft">Everybody keeps what is in use.</p>
      {:else}
        <ul>
          {#each own as line (line.playerId)}
            {@const [what, why] = planText(line, named)}
            <li data-line={line.kind}>
              <a href="/players/{line.playerId}">{nameOf(line.playerId)}</a>
              <b>{what}</b> <span class="soft">{why}</span>
              {#if term === 0 && line.from !== line.to}
                <button type="button" class="act-quiet" onclick={() => fix(line.playerId, line.from)}
                  >Leave as it is</button
                >
              {/if}
            </li>
          {/each}
        </ul>
      {/if}
    {/each}
    {#if fixed.size > 0}
      <ul data-fixed>
        {#each [...fixed] as [playerId, instrumentId] (playerId)}
          <li>
            {nameOf(playerId)}
            {instrumentId === null ? 'waits' : `keeps ${named(instrumentId)}`}, fixed by you
            <button type="button" class="act-quiet" onclick={() => letGo(playerId)}>Let go</button>
          </li>
        {/each}
        {#if costBefore !== null}
          <li class="soft">{fixedText(plan.planned.cost - costBefore)}</li>
        {/if}
      </ul>
    {/if}
    <p>{costText(plan.planned, more)}</p>
  {/if}
  <PlanCosts costs={settings.costs ?? USUAL_COSTS} starts={settings.termStarts ?? []} />
</section>

<style>
  section {
    display: grid;
    gap: 0.6rem;
    padding-top: 1rem;
    border-top: 1px solid var(--line-strong);
    margin-top: 1rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem 1rem;
    align-items: center;
  }
  header button {
    margin-left: auto;
  }
  h2 {
    font-size: 1.2rem;
    font-weight: 700;
  }
  h3 {
    font-weight: 650;
  }
  li {
    padding-block: 0.15rem;
  }
  [role='alert'] {
    color: var(--stop);
    font-weight: 550;
  }
</style>
