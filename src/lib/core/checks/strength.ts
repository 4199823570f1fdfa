import { daysLater, daysBetween, type IsoDay } from '../time';
import { canHurt } from './identities';
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

/** Secure twice in a row, so many days apart, rests a check for so many days. */
const SECURE_APART_DAYS = 14;
export const REST_DAYS = 42;

/** How a number stands to its goal on the scale of ratings: 1 below the first goal, 3 there, 4 at the later one. */
function byGoal(value: number, { first, later, better }: Goal): number {
  const reaches = (goal: number) => (better === 'more' ? value >= goal : value <= goal);
  if (reaches(later)) return SECURE;
  return reaches(first) ? 3 : 1;
}

/** Strength of an outcome on the scale of ratings, 0 (not seen) to 4 (secure). */
export function strengthOf({ goal }: Pick<Check, 'goal'>, outcome: CheckOutcome): number {
  switch (outcome.kind) {
    case 'rating':
      return RATINGS.indexOf(outcome.rating);
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

/** Days of looking with what was seen, oldest first; looked at and not seen says nothing. */
export function strengthByDay(
  check: Pick<Check, 'goal'>,
  results: readonly SeenResult[]
): readonly DayStrength[] {
  const best = new Map<IsoDay, number>();
  for (const { day, outcome } of results) {
    const strength = strengthOf(check, outcome);
    if (strength > 0) best.set(day, Math.max(strength, best.get(day) ?? 0));
  }
  return [...best].map(([day, strength]) => ({ day, strength })).sort((a, b) => (a.day < b.day ? -1 : 1));
}

/** Where a player stands with one check. */
export interface CheckStanding {
  /** 0 (not seen) to 4 (secure). */
  readonly strength: number;
  readonly lastDay: IsoDay | null;
  /** The day until which it rests; null while it does not. */
  readonly restsUntil: IsoDay | null;
  /** Looked at three times in a row without coming further, and not there yet. */
  readonly stuck: boolean;
  /** Something that can hurt was seen amiss at the last look. */
  readonly hurts: boolean;
}

/** @param results of this check, in any order */
export function standingOf(check: Check, results: readonly SeenResult[], today: IsoDay): CheckStanding {
  const days = strengthByDay(check, results)
    .map(({ day, strength }) => [day, strength] as const)
    .reverse();
  const [newest] = days;
  if (!newest) return { strength: 0, lastDay: null, restsUntil: null, stuck: false, hurts: false };
  const [lastDay, strength] = newest;
  const end = days.findIndex(([, one]) => one < SECURE);
  const since = days[(end === -1 ? days.length : end) - 1]?.[0];
  const rests =
    strength === SECURE && since !== undefined && daysBetween(since, lastDay) >= SECURE_APART_DAYS;
  const until = daysLater(lastDay, REST_DAYS);
  const tries = days.slice(0, STUCK_LOOKS).map(([, one]) => one);
  return {
    strength,
    lastDay,
    restsUntil: rests && until > today ? until : null,
    stuck: strength < MOSTLY && tries.length === STUCK_LOOKS && tries.every((one) => one >= strength),
    hurts:
      strength < SECURE && hurtsAmiss(check, results.findLast(({ day }) => day === lastDay)?.faults, strength)
  };
}

/** After so many looks that bring nothing a check steps back. */
const STUCK_LOOKS = 3;

/** What can hurt was seen, or, where no fault was named, the check that is about it is not there yet. */
function hurtsAmiss(check: Check, faults: readonly string[] | undefined, strength: number): boolean {
  if (faults && faults.length > 0) return faults.some((fault) => canHurt(check.id, fault));
  return strength < MOSTLY && isAboutHurt(check);
}

/** Whether a check is first of all about something that can hurt. */
export const isAboutHurt = ({ id, faults: [first] }: Check): boolean =>
  first !== undefined && canHurt(id, first.id);

/** Everything that a lesson asks of a player's checks, worked out once. */
export function standingsOf({
  checks,
  results,
  today
}: {
  readonly checks: readonly Check[];
  readonly results: readonly SeenResult[];
  readonly today: IsoDay;
}): ReadonlyMap<string, CheckStanding> {
  const byCheck = new Map<string, SeenResult[]>();
  for (const result of results) {
    const list = byCheck.get(result.checkId);
    if (list) list.push(result);
    else byCheck.set(result.checkId, [result]);
  }
  return new Map(checks.map((check) => [check.id, standingOf(check, byCheck.get(check.id) ?? [], today)]));
}
