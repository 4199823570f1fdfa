<script lang="ts">
  import type { Check, CheckOutcome } from '$lib/core/checks';
  import { ageOn, type IsoDay } from '$lib/core/time';
  import type { CheckResult, Player } from '$lib/data';
  import { goalText } from '$lib/words/checks';
  import Counter from './Counter.svelte';
  import Stopwatch from './Stopwatch.svelte';

  /** A timed or counted test, a yes or no, or an angle: the goal, the best and the last beside it. */
  let {
    player,
    check,
    results,
    outcome = null,
    today,
    stopped,
    keyed = false,
    onrate
  }: {
    player: Player;
    check: Check;
    /** What was recorded of it, newest first. */
    results: readonly CheckResult[];
    /** What was recorded today. */
    outcome?: CheckOutcome | null;
    today: IsoDay;
    /** Pain stopped the lesson. */
    stopped: boolean;
    /** The keys Y and X answer as well. */
    keyed?: boolean;
    /** @param done nothing more is done at this look */
    onrate: (outcome: CheckOutcome, done: boolean) => void;
  } = $props();

  const numbers = $derived(
    results.flatMap(({ outcome }) =>
      outcome.kind === 'seconds' ? [outcome.seconds] : outcome.kind === 'count' ? [outcome.count] : []
    )
  );
  const best = $derived(
    numbers.length === 0 ? null : check.goal?.better === 'less' ? Math.min(...numbers) : Math.max(...numbers)
  );
  const last = $derived(numbers[0] ?? null);

  const GROWN_YEARS = 15;
  const isGrown = $derived(player.birthMonth ? ageOn(player.birthMonth, today).years > GROWN_YEARS : false);
  const goal = $derived(check.goal ? goalText(check.goal, check.result, isGrown) : '');
  /** Slants that an eye tells apart, degrees. */
  const ANGLES = [0, 5, 8, 12, 16, 20, 30];
</script>

{#if check.result === 'seconds'}
  {#key `${player.id} ${check.id}`}
    <Stopwatch
      {goal}
      {best}
      {last}
      {stopped}
      onstop={(seconds) => onrate({ kind: 'seconds', seconds }, false)}
    />
  {/key}
{:else if check.result === 'count'}
  {#key `${player.id} ${check.id}`}
    <Counter {goal} {best} {last} {stopped} onrecord={(count) => onrate({ kind: 'count', count }, false)} />
  {/key}
{:else if check.result === 'yes-no'}
  <div class="answers" role="group" aria-label={check.title}>
    {#each [true, false] as yes (yes)}
      <button
        type="button"
        aria-pressed={outcome?.kind === 'yes-no' && outcome.yes === yes}
        data-answer={yes ? 'yes' : 'no'}
        onclick={() => onrate({ kind: 'yes-no', yes }, true)}
        >{yes ? 'Yes' : 'No'}
        {#if keyed}<span class="key">{yes ? 'Y' : 'X'}</span>{/if}</button
      >
    {/each}
  </div>
{:else}
  <div class="answers" role="group" aria-label="Off the straight way, degrees">
    {#each ANGLES as deg (deg)}
      <button
        type="button"
        class="num"
        aria-pressed={outcome?.kind === 'angle' && outcome.deg === deg}
        data-angle={deg}
        onclick={() => onrate({ kind: 'angle', deg }, true)}>{deg}°</button
      >
    {/each}
  </div>
  <p class="soft">{goal}</p>
{/if}
{#if check.goal}<p class="stops">{check.goal.stops}</p>{/if}

<style>
  .answers {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  .answers button {
    min-height: 3.75rem;
    min-width: 4rem;
    padding-inline: 1rem;
    border: 2px solid var(--line-strong);
    border-radius: var(--radius-container);
    font-weight: 650;
    font-size: 1.1rem;
  }
  .answers [aria-pressed='true'] {
    border-color: var(--ink);
    background: var(--ink);
    color: var(--ground);
  }
  .stops {
    border-left: 3px solid var(--stop);
    padding-left: 0.75rem;
  }
</style>
