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
  const days: { day: IsoDay; strength: number }[] = [];
  let inOrder = true;
  for (const { day, outcome } of results) {
    const strength = strengthOf(check, outcome);
    if (strength === 0) continue;
    // Most often they come as they were seen.
    const last = days.at(-1);
    const same =
      last?.day === day
        ? last
        : inOrder && last && last.day < day
          ? undefined
          : days.find((one) => one.day === day);
    if (same) same.strength = Math.max(same.strength, strength);
    else {
      inOrder &&= last === undefined || last.day < day;
      days.push({ day, strength });
    }
  }
  return inOrder ? days : days.sort((a, b) => (a.day < b.day ? -1 : 1));
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
export const standingOf = (check: Check, results: readonly SeenResult[], today: IsoDay): CheckStanding =>
  standingBy(check, results, strengthByDay(check, results), today);

const NEVER: CheckStanding = { strength: 0, lastDay: null, restsUntil: null, stuck: false, hurts: false };

function standingBy(
  check: Check,
  results: readonly SeenResult[],
  days: readonly DayStrength[],
  today: IsoDay
): CheckStanding {
  const newest = days.at(-1);
  if (!newest) return NEVER;
  const { day: lastDay, strength } = newest;
  const since = days[days.findLastIndex((one) => one.strength < SECURE) + 1]?.day;
  const rests =
    strength === SECURE && since !== undefined && daysBetween(since, lastDay) >= SECURE_APART_DAYS;
  const until = rests ? daysLater(lastDay, REST_DAYS) : '';
  const tries = days.slice(-STUCK_LOOKS);
  return {
    strength,
    lastDay,
    restsUntil: until > today ? until : null,
    stuck:
      strength < MOSTLY && tries.length === STUCK_LOOKS && tries.every((one) => one.strength >= strength),
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

const aboutHurt = new WeakMap<Check, boolean>();

/** Whether a check is first of all about something that can hurt. */
export function isAboutHurt(check: Check): boolean {
  const known = aboutHurt.get(check);
  if (known !== undefined) return known;
  const [first] = check.faults;
  const is = first !== undefined && canHurt(check.id, first.id);
  aboutHurt.set(check, is);
  return is;
}

/** What was seen of each check, by its id. */
export interface Seen {
  readonly standings: ReadonlyMap<string, CheckStanding>;
  readonly days: ReadonlyMap<string, readonly DayStrength[]>;
}

interface SeenQuestion {
  readonly checks: readonly Check[];
  readonly results: readonly SeenResult[];
  readonly today: IsoDay;
}

/** Everything that a lesson asks of a player's checks, worked out once. */
export function seenOf({ checks, results, today }: SeenQuestion): Seen {
  const byCheck = new Map<string, SeenResult[]>();
  for (const result of results) {
    const list = byCheck.get(result.checkId);
    if (list) list.push(result);
    else byCheck.set(result.checkId, [result]);
  }
  const standings = new Map<string, CheckStanding>();
  const days = new Map<string, readonly DayStrength[]>();
  for (const check of checks) {
    const own = byCheck.get(check.id) ?? [];
    const seen = own.length === 0 ? [] : strengthByDay(check, own);
    days.set(check.id, seen);
    standings.set(check.id, standingBy(check, own, seen, today));
  }
  return { standings, days };
}

/** Where a player stands with each check, by its id. */
export const standingsOf = (question: SeenQuestion): Seen['standings'] => seenOf(question).standings;
