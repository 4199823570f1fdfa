import type { IsoDay } from '../time';
import { RATINGS, type Check, type CheckOutcome, type Goal } from './types';

/** What was seen at a check on a day. */
export interface SeenResult {
  readonly checkId: string;
  readonly day: IsoDay;
  readonly outcome: CheckOutcome;
  /** Faults that were seen. */
  readonly faults?: readonly string[];
}

/** Strengths on the scale of ratings. */
export const SECURE = RATINGS.indexOf('secure');
export const MOSTLY = RATINGS.indexOf('mostly');

/** Without a prototype, as the list of checks: thousands are read at once. */
const STRENGTHS = Object.assign(
  Object.create(null) as Partial<Record<string, number>>,
  Object.fromEntries(RATINGS.map((rating, at) => [rating, at]))
);

/** How a number stands to its goal on the scale of ratings: 1 below the first goal, 3 there, 4 at the later one. */
function byGoal(value: number, { first, later, better }: Goal): number {
  const reaches = (goal: number) => (better === 'more' ? value >= goal : value <= goal);
  if (reaches(later)) return SECURE;
  return reaches(first) ? 3 : 1;
}

/** Strength of an outcome on the scale of ratings, 0 (not seen) to 4 (secure). */
export function strengthOf(check: Pick<Check, 'goal'>, outcome: CheckOutcome): number {
  if ('rating' in outcome) return STRENGTHS[outcome.rating] ?? 0;
  const { goal } = check;
  switch (outcome.kind) {
    case 'yes-no':
      return outcome.yes ? SECURE : 1;
    case 'seconds':
      return goal ? byGoal(outcome.seconds, goal) : 2;
    case 'count':
      // Fewer tries are better, but none at all is no look.
      if (goal?.better === 'less' && outcome.count === 0) return 0;
      return goal ? byGoal(outcome.count, goal) : 2;
    case 'angle':
      return goal ? byGoal(Math.abs(outcome.deg), goal) : 2;
  }
}

/** What was seen of a check on a day, 1 (not yet) to 4 (secure): the best of the day. */
export interface DayStrength {
  readonly day: IsoDay;
  readonly strength: number;
}

/** Results as they were seen; most often they come so. */
export function inOrder(results: readonly SeenResult[]): readonly SeenResult[] {
  const jumps = results.some(({ day }, at) => at > 0 && day < (results[at - 1]?.day ?? ''));
  return jumps ? [...results].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)) : results;
}

/** Days of looking with what was seen, oldest first; looked at and not seen says nothing. */
export function strengthByDay(
  check: Pick<Check, 'goal'>,
  results: readonly SeenResult[]
): readonly DayStrength[] {
  const days: { day: IsoDay; strength: number }[] = [];
  for (const { day, outcome } of inOrder(results)) {
    const strength = strengthOf(check, outcome);
    const last = days.at(-1);
    if (strength === 0) continue;
    if (last?.day === day) last.strength = Math.max(last.strength, strength);
    else days.push({ day, strength });
  }
  return days;
}
