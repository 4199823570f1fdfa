import { daysBetween, daysLater, type IsoDay } from '../time';
import { canHurt } from './identities';
import { listOf, type Listed } from './listed';
import { inOrder, MOSTLY, SECURE, strengthOf, type SeenResult } from './strength';
import { LessonsSoFar } from './themes';
import type { Check } from './types';

/** Secure twice in a row, so many days apart, rests a check for so many days. */
const SECURE_APART_DAYS = 14;
export const REST_DAYS = 42;

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

/** A check of a list, and where a player stands with it. */
export interface Stand {
  readonly check: Check;
  readonly listed: Listed;
  readonly standing: CheckStanding;
}

/** Everything that a lesson asks of a player's checks. */
export interface Seen {
  /** In the order of the checks. */
  readonly stands: readonly Stand[];
  /** Those of them that rest, and those where what can hurt was seen amiss. */
  readonly resting: readonly Stand[];
  readonly hurting: readonly Stand[];
  /** What the lessons before today were about. */
  readonly lessons: LessonsSoFar;
}

interface SeenQuestion {
  readonly checks: readonly Check[];
  readonly results: readonly SeenResult[];
  readonly today: IsoDay;
}

/** What is kept of a check while its looks are gone through. */
interface Looks {
  /** The newest lesson with a look at it, by its number, what was seen in it at best, and its last look. */
  lesson: number;
  strength: number;
  last: SeenResult;
  /** The first day of those that are secure without a break, where the newest is. */
  since: IsoDay;
  /** What was seen in the two lessons before it; 0 where there was none. */
  before: number;
  earlier: number;
}

/** Goes through what was seen once, as it was seen: there is much of it, and a class asks for all at once. */
export function seenOf({ checks, results, today }: SeenQuestion): Seen {
  const { named, each } = listOf(checks);
  const all: (Looks | undefined)[] = each.map(() => undefined);
  const lessons = new LessonsSoFar();
  let lesson = 0;
  let day = '';
  for (const result of results) {
    const listed = named[result.checkId];
    if (!listed) continue;
    const strength = strengthOf(listed.check, result.outcome);
    if (strength === 0) continue;
    if (result.day !== day) {
      // Most often they come as they were seen.
      if (result.day < day) return seenOf({ checks, results: inOrder(results), today });
      if (day < today) lessons.end(day);
      day = result.day;
      lesson += 1;
    }
    const { at } = listed;
    const looks = all[at];
    if (looks?.lesson === lesson) {
      if (strength > looks.strength) looks.strength = strength;
      looks.last = result;
      continue;
    }
    lessons.look(listed.theme, listed.tells);
    if (looks) {
      if (looks.strength < SECURE) looks.since = day;
      looks.earlier = looks.before;
      looks.before = looks.strength;
      looks.lesson = lesson;
      looks.strength = strength;
      looks.last = result;
    } else all[at] = { lesson, strength, last: result, since: day, before: 0, earlier: 0 };
  }
  if (day < today) lessons.end(day);
  const restsFrom = daysLater(today, -REST_DAYS);
  const [stands, resting, hurting]: [Stand[], Stand[], Stand[]] = [[], [], []];
  for (const listed of each) {
    const looks = all[listed.at];
    const standing = looks ? standingBy(listed, looks, restsFrom) : NEVER;
    const stand = { check: listed.check, listed, standing };
    stands.push(stand);
    if (standing.restsUntil !== null) resting.push(stand);
    if (standing.hurts) hurting.push(stand);
  }
  return { stands, resting, hurting, lessons };
}

/** @param restsFrom what was last seen on this day or before rests no more */
function standingBy(listed: Listed, looks: Looks, restsFrom: IsoDay): CheckStanding {
  const { strength, since, before, earlier } = looks;
  const { day, faults } = looks.last;
  const rests =
    strength === SECURE && since < day && day > restsFrom && daysBetween(since, day) >= SECURE_APART_DAYS;
  return {
    strength,
    lastDay: day,
    restsUntil: rests ? daysLater(day, REST_DAYS) : null,
    stuck: strength < MOSTLY && before >= strength && earlier >= strength,
    hurts: strength < SECURE && hurtsAmiss(listed, faults, strength)
  };
}

/** What can hurt was seen, or, where no fault was named, the check that is about it is not there yet. */
function hurtsAmiss(
  { check, isAboutHurt }: Listed,
  faults: readonly string[] = [],
  strength: number
): boolean {
  if (faults.length > 0) return faults.some((fault) => canHurt(check.id, fault));
  return strength < MOSTLY && isAboutHurt;
}

export const byId = (stands: readonly Stand[]): ReadonlyMap<string, CheckStanding> =>
  new Map(stands.map(({ check, standing }) => [check.id, standing]));

/** Where a player stands with each check, by its id. */
export const standingsOf = (question: SeenQuestion): ReadonlyMap<string, CheckStanding> =>
  byId(seenOf(question).stands);

/** @param results of this check, in any order */
export const standingOf = (check: Check, results: readonly SeenResult[], today: IsoDay): CheckStanding =>
  standingsOf({ checks: [check], results, today }).get(check.id) ?? NEVER;
