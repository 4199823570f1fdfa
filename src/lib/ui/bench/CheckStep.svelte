<script lang="ts">
  import { HANDS_OFF_GOALS_S, type Check, type CheckOutcome, type Rating } from '$lib/core/checks';
  import { db, recordCheck, toggleFault, type Player } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';
  import { TOUCH_CAUTION } from '$lib/words/checks';
  import type { Bench } from './bench.svelte';
  import CheckRow from './CheckRow.svelte';
  import Stopwatch from './Stopwatch.svelte';

  let {
    bench,
    player,
    isNext,
    ondone
  }: { bench: Bench; player: Player; isNext: boolean; ondone: () => void } = $props();

  /** Pain in this fit stops every check until its note is closed. */
  const stopped = $derived(bench.pains.length > 0);
  const setupId = $derived(bench.setup.kept?.id ?? null);
  let list: HTMLElement | undefined = $state();

  const record = (check: Check, outcome: CheckOutcome, faults: readonly string[]) =>
    attempt(() => recordCheck(db, player, check, { outcome, faults, setupId }));

  async function rate(check: Check, rating: Rating) {
    const faults = rating === 'secure' ? [] : (bench.seen[check.id]?.faults ?? []);
    if (await record(check, { kind: 'rating', rating }, faults)) goOn(check);
  }

  /** The focus moves to the next check, so that digits alone run through them. */
  function goOn(check: Check) {
    const following = bench.checks[bench.checks.indexOf(check) + 1];
    const row = following && list?.querySelector(`[data-check="${following.id}"]`);
    row?.querySelector<HTMLElement>(following?.result === 'seconds' ? '[data-watch]' : 'input')?.focus();
  }

  /** Times of one check, newest first. */
  const secondsOf = (check: Check) =>
    bench.checkResults.flatMap(({ checkId, outcome }) =>
      checkId === check.id && outcome.kind === 'seconds' ? [outcome.seconds] : []
    );
</script>

{#if !bench.decided}
  <p class="soft">The checks follow the decided size.</p>
{:else}
  <p class="soft">{TOUCH_CAUTION} Digits 1 to 5 rate and go on.</p>
  {#if stopped}<p class="stopped"><b>Stopped for pain.</b> Close its note to go on.</p>{/if}
  <ol bind:this={list}>
    {#each bench.checks as check (check.id)}
      {#snippet timer()}
        {@const seconds = secondsOf(check)}
        <Stopwatch
          goals={[HANDS_OFF_GOALS_S.first, HANDS_OFF_GOALS_S.later]}
          best={seconds.length > 0 ? Math.max(...seconds) : null}
          last={seconds[0] ?? null}
          {stopped}
          onstop={(time) => record(check, { kind: 'seconds', seconds: time }, [])}
        />
      {/snippet}
      <CheckRow
        {check}
        result={bench.seen[check.id]}
        disabled={stopped}
        onrate={(rating) => rate(check, rating)}
        onfault={(fault) => attempt(() => toggleFault(db, player, check, fault, setupId))}
        timer={check.result === 'seconds' ? timer : undefined}
      />
    {/each}
  </ol>
  <p class="done">
    <button type="button" class="btn {isNext ? 'act-next' : 'act'}" data-act="to-card" onclick={ondone}
      >Make the card <span class="key">↵</span></button
    >
  </p>
{/if}

<style>
  .stopped {
    color: var(--stop);
    margin-top: 0.5rem;
  }
  .done {
    margin-top: 1rem;
  }
</style>
