<script lang="ts">
  import type { Check, CheckOutcome } from '$lib/core/checks';
  import { ageOn, type IsoDay } from '$lib/core/time';
  import type { CheckResult, Player } from '$lib/data';
  import { goalText } from '$lib/words/checks';
  import Toggles from '$lib/ui/Toggles.svelte';
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
  const YES_NO = [
    { value: 'yes', text: 'Yes', key: 'Y' },
    { value: 'no', text: 'No', key: 'X' }
  ] as const;
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
  <Toggles
    label={check.title}
    as="answer"
    look="tall"
    options={YES_NO.map(({ key, ...one }) => (keyed ? { ...one, key } : one))}
    picked={[outcome?.kind === 'yes-no' ? (outcome.yes ? 'yes' : 'no') : null]}
    onpick={(value) => onrate({ kind: 'yes-no', yes: value === 'yes' }, true)}
  />
{:else}
  <Toggles
    label="Off the straight way, degrees"
    as="angle"
    look="framed"
    options={ANGLES.map((value) => ({ value, text: `${value}°` }))}
    picked={[outcome?.kind === 'angle' ? outcome.deg : null]}
    onpick={(deg) => onrate({ kind: 'angle', deg }, true)}
  />
  <p class="soft">{goal}</p>
{/if}
{#if check.goal}<p class="stops">{check.goal.stops}</p>{/if}

<style>
  .stops {
    border-left: 3px solid var(--stop);
    padding-left: 0.75rem;
  }
</style>
