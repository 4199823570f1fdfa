import { daysLater, daysBetween, type IsoDay } from '../time';
import {
  CHECK_CATEGORIES,
  RATINGS,
  type Check,
  type CheckCategory,
  type CheckOutcome,
  type Goal
} from './types';

/** What was seen at a check on a day. */
export interface SeenResult {
  readonly checkId: string;
  readonly day: IsoDay;
  readonly outcome: CheckOutcome;
}

const SECURE = RATINGS.length - 1;

/** Secure twice in a row, so many days apart, rests a check for so many days. */
const SECURE_APART_DAYS = 14;
export const REST_DAYS = 42;
/** No category with something open waits for more lessons than this. */
export const MOST_LESSONS_WAITING = 8;

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
      return goal ? byGoal(outcome.count, goal) : 2;
    case 'angle':
      return goal ? byGoal(Math.abs(outcome.deg), goal) : 2;
  }
}

/** Where a player stands with one check. */
export interface CheckStanding {
  /** 0 (not seen) to 4 (secure). */
  readonly strength: number;
  readonly lastDay: IsoDay | null;
  /** The day until which it rests; null while it does not. */
  readonly restsUntil: IsoDay | null;
}

/** @param results of this check, in any order */
export function standingOf(check: Check, results: readonly SeenResult[], today: IsoDay): CheckStanding {
  const byDay = new Map<IsoDay, number>();
  for (const { day, outcome } of results) {
    const strength = strengthOf(check, outcome);
    // Looked at and not seen says nothing; the best try of a day counts.
    if (strength > 0) byDay.set(day, Math.max(strength, byDay.get(day) ?? 0));
  }
  const days = [...byDay.entries()].sort(([a], [b]) => (a < b ? 1 : -1));
  const [newest] = days;
  if (!newest) return { strength: 0, lastDay: null, restsUntil: null };
  const [lastDay, strength] = newest;
  const end = days.findIndex(([, one]) => one < SECURE);
  const since = days[(end === -1 ? days.length : end) - 1]?.[0];
  const rests =
    strength === SECURE && since !== undefined && daysBetween(since, lastDay) >= SECURE_APART_DAYS;
  const until = daysLater(lastDay, REST_DAYS);
  return { strength, lastDay, restsUntil: rests && until > today ? until : null };
}

/** Why a category is proposed. */
export type FocusReason =
  /** Pain comes before everything: nothing is worked on until its note is closed. */
  | { readonly kind: 'pain' }
  /** It waited for so many lessons. */
  | { readonly kind: 'waited'; readonly lessons: number }
  | { readonly kind: 'new' }
  /** Weakest of those on which the others build; looked at last on a day. */
  | { readonly kind: 'weakest'; readonly lastDay: IsoDay }
  /** All that was looked at is secure; this one comes back. */
  | { readonly kind: 'back' };

export interface Focus {
  readonly category: CheckCategory | null;
  /** The one check to work on; null where pain stops everything or all rests. */
  readonly check: Check | null;
  readonly reason: FocusReason;
  readonly resting: readonly { readonly checkId: string; readonly until: IsoDay }[];
}

export interface FocusQuestion {
  readonly checks: readonly Check[];
  readonly results: readonly SeenResult[];
  readonly today: IsoDay;
  /** Pain was noted and is not closed. */
  readonly pain?: boolean;
  /** A category of the teacher's choice. */
  readonly category?: CheckCategory | null;
}

/**
 * How much is still to do at a strength, and below it how much builds on a category.
 *
 * Source: our own weights for the teachers' rule, the weakest first, from the body outward; not seen lies between "with help" and "mostly".
 */
const NEED = [0.6, 1, 0.75, 0.35, 0.08] as const;
/** How much builds on a category: what comes first carries the rest. */
const CARRIES: Readonly<Record<CheckCategory, number>> = {
  ready: 1.05,
  stance: 1.25,
  hold: 1.2,
  'left-hand': 1.1,
  'bow-hand': 1.05,
  'bow-use': 1
};
const DAYS_TO_DOUBLE = 42;

/** Everything that a lesson asks of a player's checks, worked out once. */
export function standingsOf({ checks, results, today }: FocusQuestion) {
  const byCheck = new Map<string, SeenResult[]>();
  for (const result of results) {
    const list = byCheck.get(result.checkId);
    if (list) list.push(result);
    else byCheck.set(result.checkId, [result]);
  }
  return new Map(
    checks.map((check) => [check.id, standingOf(check, byCheck.get(check.id) ?? [], today)] as const)
  );
}

const mostly = RATINGS.indexOf('mostly');

/**
 * The open checks of a category: what rests is left out, and what is for later until all others of the category are
 * mostly there.
 */
export function openChecks(
  checks: readonly Check[],
  category: CheckCategory,
  standings: ReadonlyMap<string, CheckStanding>
): readonly Check[] {
  const own = checks.filter((check) => check.category === category);
  const strength = ({ id }: Check) => standings.get(id)?.strength ?? 0;
  const allMostly = (some: readonly Check[]) =>
    some.every((check) => check.later || strength(check) >= mostly);
  const ready = allMostly(own);
  const isTime = ({ after = [] }: Check) => allMostly(checks.filter((one) => after.includes(one.category)));
  return own.filter(
    (check) =>
      standings.get(check.id)?.restsUntil == null &&
      (strength(check) > 0 || ((!check.later || ready) && isTime(check)))
  );
}

/**
 * The one thing to work on next: the weakest category, weighted by how long ago it was looked at and by how much builds
 * on it, and in it the weakest check, the earliest of equals. No category with something open waits for more than
 * eight lessons. Pain comes first.
 *
 * Source: one category at a time, from the body outward; what is secure rests for six weeks and comes back once.
 */
export function focusOf(question: FocusQuestion): Focus {
  const { checks, results, today, pain = false } = question;
  const standings = standingsOf(question);
  const resting = checks.flatMap(({ id }) => {
    const until = standings.get(id)?.restsUntil;
    return until ? [{ checkId: id, until }] : [];
  });
  if (pain) return { category: null, check: null, reason: { kind: 'pain' }, resting };

  const waiting = lessonsWaiting(checks, results);
  const open = CHECK_CATEGORIES.map((category) => {
    const own = openChecks(checks, category, standings);
    const lastDay = own
      .map(({ id }) => standings.get(id)?.lastDay ?? null)
      .reduce<IsoDay | null>(
        (last, day) => (day !== null && (last === null || day > last) ? day : last),
        null
      );
    const need =
      own.reduce((sum, { id }) => sum + (NEED[standings.get(id)?.strength ?? 0] ?? 0), 0) / (own.length || 1);
    const days = lastDay === null ? 2 * DAYS_TO_DOUBLE : Math.max(0, daysBetween(lastDay, today));
    const score = need * CARRIES[category] * (1 + Math.min(2, days / DAYS_TO_DOUBLE));
    return { category, own, lastDay, score, waits: waiting.get(category) ?? 0 };
  }).filter(({ own }) => own.length > 0);

  const asked = open.find(({ category }) => category === question.category);
  const byScore = [...open].sort((a, b) => b.score - a.score);
  const chosen =
    asked ??
    byScore.find((one) => canWait(open.filter((other) => other !== one).map(({ waits }) => waits))) ??
    [...open].sort((a, b) => b.waits - a.waits)[0];
  if (!chosen) return { category: null, check: null, reason: { kind: 'back' }, resting };
  const { category, own, lastDay, waits } = chosen;
  const check = own.reduce((weakest, one) =>
    needOf(standings, one) > needOf(standings, weakest) ? one : weakest
  );
  const reason: FocusReason =
    chosen !== byScore[0] && chosen !== asked
      ? { kind: 'waited', lessons: waits }
      : lastDay === null
        ? { kind: 'new' }
        : own.every(({ id }) => (standings.get(id)?.strength ?? 0) === SECURE)
          ? { kind: 'back' }
          : { kind: 'weakest', lastDay };
  return { category, check, reason, resting };
}

const needOf = (standings: ReadonlyMap<string, CheckStanding>, { id }: Check): number =>
  NEED[standings.get(id)?.strength ?? 0] ?? 0;

/** Whether all of these can still come in time when one other is taken now: the longest waiting one after the other. */
const canWait = (waits: readonly number[]): boolean =>
  [...waits].sort((a, b) => b - a).every((lessons, i) => lessons + 1 + i <= MOST_LESSONS_WAITING);

/** For how many lessons each category was not looked at: days on which something else was. */
function lessonsWaiting(
  checks: readonly Check[],
  results: readonly SeenResult[]
): ReadonlyMap<CheckCategory, number> {
  const categoryOf = new Map(checks.map(({ id, category }) => [id, category]));
  const last = new Map<CheckCategory, IsoDay>();
  const days = new Set<IsoDay>();
  for (const { checkId, day } of results) {
    const category = categoryOf.get(checkId);
    if (!category) continue;
    days.add(day);
    if (day > (last.get(category) ?? '')) last.set(category, day);
  }
  return new Map(
    CHECK_CATEGORIES.map((category) => {
      const since = last.get(category) ?? '';
      return [category, [...days].filter((day) => day > since).length];
    })
  );
}
