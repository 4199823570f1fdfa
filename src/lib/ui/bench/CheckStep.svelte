<script lang="ts">
  import { HANDS_OFF_GOALS_S, type Check, type Rating } from '$lib/core/checks';
  import { db, recordCheck, type CheckResult, type Player } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';
  import { PAIN_CAUTION, TOUCH_CAUTION } from '$lib/words/checks';
  import type { Bench } from './bench.svelte';
  import CheckRow from './CheckRow.svelte';
  import Stopwatch from './Stopwatch.svelte';

  let { bench, player, ondone }: { bench: Bench; player: Player; ondone: () => void } = $props();

  let resumed = $state(false);
  const stopped = $derived(bench.stopped && !resumed);

  async function record(check: Check, outcome: CheckResult['outcome'], faults: readonly string[]) {
    return attempt(() =>
      recordCheck(db, player, check, { outcome, faults, setupId: bench.kept?.id ?? null })
    );
  }

  async function rate(check: Check, rating: Rating) {
    const faults = rating === 'secure' ? [] : (bench.seen[check.id]?.faults ?? []);
    if (await record(check, { kind: 'rating', rating }, faults)) goOn(check);
  }

  /** The focus moves to the next check, so that digits alone run through them. */
  function goOn(check: Check) {
    const following = bench.checks[bench.checks.indexOf(check) + 1];
    const row = following && document.getElementById(following.id);
    row?.querySelector<HTMLElement>(following?.result === 'seconds' ? '#stopwatch' : 'input')?.focus();
  }

  function setFaults(check: Check, faults: readonly string[]) {
    const outcome = bench.seen[check.id]?.outcome;
    void record(
      check,
      outcome?.kind === 'rating' || outcome?.kind === 'seconds'
        ? outcome
        : { kind: 'rating', rating: 'not-yet' },
      faults
    );
  }

  const secondsOf = (check: Check) =>
    bench.checkResults.flatMap(({ checkId, outcome }) =>
      checkId === check.id && outcome.kind === 'seconds' ? [outcome.seconds] : []
    );

  async function stopForPain() {
    const check = bench.checks[0];
    resumed = false;
    if (check) await record(check, { kind: 'stopped', because: 'pain' }, []);
  }
</script>

{#if !bench.decided}
  <p class="soft">The checks follow the decided size.</p>
{:else}
  <div class="care">
    <p class="soft">{TOUCH_CAUTION} Digits 1 to 5 rate and go on.</p>
    <button type="button" class="btn act stop" onclick={stopForPain}>Pain, tingling or numbness</button>
  </div>
  {#if stopped}
    <div class="caution" role="alert">
      <p><b>The check is stopped.</b> {PAIN_CAUTION}</p>
      <button type="button" class="btn act" onclick={() => (resumed = true)}
        >It was gone within a minute: go on</button
      >
    </div>
  {/if}
  <ol>
    {#each bench.checks as check (check.id)}
      {#snippet timer()}
        {@const seconds = secondsOf(check)}
        <Stopwatch
          goals={[HANDS_OFF_GOALS_S.first, HANDS_OFF_GOALS_S.later]}
          best={seconds.length > 0 ? Math.max(...seconds) : null}
          last={seconds[0] ?? null}
          onstop={(time) => record(check, { kind: 'seconds', seconds: time }, [])}
        />
      {/snippet}
      <CheckRow
        {check}
        result={bench.seen[check.id]}
        disabled={stopped}
        onrate={(rating) => rate(check, rating)}
        onfaults={(faults) => setFaults(check, faults)}
        timer={check.result === 'seconds' ? timer : undefined}
      />
    {/each}
  </ol>
  <p class="done">
    <button id="to-card" type="button" class="btn act-next" onclick={ondone}
      >Make the card <span class="key">↵</span></button
    >
  </p>
{/if}

<style>
  .care {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem 1rem;
    /* Stopping must be in reach wherever the list stands. */
    position: sticky;
    top: 3rem;
    z-index: 5;
    padding-block: 0.35rem;
    background: var(--ground);
  }
  .stop {
    border: 2px solid var(--stop);
    color: var(--stop);
    font-weight: 650;
  }
  .caution {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    margin-block: 0.75rem;
    background: color-mix(in oklab, var(--stop) 8%, transparent);
    display: grid;
    gap: 0.5rem;
    justify-items: start;
  }
  .done {
    margin-top: 1rem;
  }
</style>
