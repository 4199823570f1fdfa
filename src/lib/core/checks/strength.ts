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

/** Results as they were seen; most often they come so. */
function inOrder(results: readonly SeenResult[]): readonly SeenResult[] {
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

const NEVER: CheckStanding = { strength: 0, lastDay: null, restsUntil: null, stuck: false, hurts: false };

/** What is kept of a check while its looks are gone through. */
interface Looks {
  /** The newest lesson with a look at it, what was seen in it at best, and the faults that were named last. */
  lesson: LessonSeen;
  strength: number;
  faults: readonly string[] | undefined;
  /** The first lesson of those that are secure without a break, where the newest is. */
  since: LessonSeen;
  /** What was seen in the two lessons before it; 0 where there was none. */
  before: number;
  earlier: number;
}

/** @param results of this check, in any order */
export const standingOf = (check: Check, results: readonly SeenResult[], today: IsoDay): CheckStanding =>
  standingsOf({ checks: [check], results, today }).get(check.id) ?? NEVER;

/** @param restsFrom what was last seen on this day or before rests no more */
function standingBy(check: Check, looks: Looks | undefined, restsFrom: IsoDay): CheckStanding {
  if (!looks) return NEVER;
  const { strength, faults, since, before, earlier } = looks;
  const { day } = looks.lesson;
  const rests =
    strength === SECURE &&
    since !== looks.lesson &&
    day > restsFrom &&
    daysBetween(since.day, day) >= SECURE_APART_DAYS;
  return {
    strength,
    lastDay: day,
    restsUntil: rests ? daysLater(day, REST_DAYS) : null,
    stuck: strength < MOSTLY && before >= strength && earlier >= strength,
    hurts: strength < SECURE && hurtsAmiss(check, faults, strength)
  };
}

/** What can hurt was seen, or, where no fault was named, the check that is about it is not there yet. */
function hurtsAmiss(check: Check, faults: readonly string[] | undefined, strength: number): boolean {
  if (faults && faults.length > 0) return faults.some((fault) => canHurt(check.id, fault));
  return strength < MOSTLY && isAboutHurt(check);
}

/** Whether a check is first of all about something that can hurt. */
export const isAboutHurt = ({ id, faults: [first] }: Pick<Check, 'id' | 'faults'>): boolean =>
  first !== undefined && canHurt(id, first.id);

/** A day with looks. */
export interface LessonSeen {
  readonly day: IsoDay;
  /** Where what was looked at on it begins. */
  readonly from: number;
}

/** A check, and where a player stands with it. */
export interface Stand {
  readonly check: Check;
  readonly standing: CheckStanding;
}

/** What was seen of each check. */
export interface Seen {
  /** In the order of the checks. */
  readonly stands: readonly Stand[];
  /** Oldest first. */
  readonly lessons: readonly LessonSeen[];
  /** What was looked at, lesson by lesson, each by its place in the list of checks. */
  readonly looked: readonly number[];
}

interface SeenQuestion {
  readonly checks: readonly Check[];
  readonly results: readonly SeenResult[];
  readonly today: IsoDay;
}

const places = new WeakMap<readonly Check[], ReadonlyMap<string, number>>();

/** Where each check stands in a list; a class shares one list. */
export function placesIn(checks: readonly Check[]): ReadonlyMap<string, number> {
  const known = places.get(checks) ?? new Map(checks.map(({ id }, at) => [id, at]));
  places.set(checks, known);
  return known;
}

/** Everything that a lesson asks of a player's checks, worked out once. */
export function seenOf({ checks, results, today }: SeenQuestion): Seen {
  const placeOf = placesIn(checks);
  const all: (Looks | undefined)[] = checks.map(() => undefined);
  const lessons: LessonSeen[] = [];
  const looked: number[] = [];
  let lesson = lessons[0];
  for (const { checkId, day, outcome, faults } of results) {
    const at = placeOf.get(checkId);
    const check = at === undefined ? undefined : checks[at];
    const strength = check ? strengthOf(check, outcome) : 0;
    if (at === undefined || strength === 0) continue;
    if (lesson?.day !== day) {
      // Most often they come as they were seen.
      if (lesson && day < lesson.day) return seenOf({ checks, results: inOrder(results), today });
      lessons.push((lesson = { day, from: looked.length }));
    }
    const looks = all[at];
    if (looks?.lesson === lesson) {
      if (strength > looks.strength) looks.strength = strength;
      looks.faults = faults;
      continue;
    }
    looked.push(at);
    if (looks) {
      if (looks.strength < SECURE) looks.since = lesson;
      looks.earlier = looks.before;
      looks.before = looks.strength;
      looks.lesson = lesson;
      looks.strength = strength;
      looks.faults = faults;
    } else all[at] = { lesson, strength, faults, since: lesson, before: 0, earlier: 0 };
  }
  const restsFrom = daysLater(today, -REST_DAYS);
  const stands = checks.map((check, at) => ({ check, standing: standingBy(check, all[at], restsFrom) }));
  return { stands, lessons, looked };
}

/** Where a player stands with each check, by its id. */
export const standingsOf = (question: SeenQuestion): ReadonlyMap<string, CheckStanding> =>
  byId(seenOf(question).stands);

export const byId = (stands: readonly Stand[]): ReadonlyMap<string, CheckStanding> =>
  new Map(stands.map(({ check, standing }) => [check.id, standing]));
