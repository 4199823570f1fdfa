import { SECURE, strengthByDay, strengthOf, type DayStrength, type SeenResult } from '../checks/strength';
import type { Check, CheckCategory } from '../checks/types';
import { mondayOf } from '../plan';
import { daysBetween, type IsoDay } from '../time';

/** Weak as this, for so long and over so many days of looking, a check is stuck. */
const STUCK_STRENGTH = 2;
const STUCK_DAYS = 28;
const STUCK_LOOKS = 3;

/** One check over time. */
export interface CheckCourse {
  readonly check: Check;
  /** Oldest first. */
  readonly days: readonly DayStrength[];
  /** Days from the first look to the first that was secure; null while it is not. */
  readonly daysToSecure: number | null;
  /** Since when it is stuck; null when it is not. */
  readonly stuckSince: IsoDay | null;
}

/** The day since which a check has been weak at every look; null for a short while or a few looks. */
function stuckSince(days: readonly DayStrength[], today: IsoDay): IsoDay | null {
  const last = days.findLastIndex(({ strength }) => strength > STUCK_STRENGTH);
  const weak = days.slice(last + 1);
  const since = weak[0]?.day;
  if (since === undefined || weak.length < STUCK_LOOKS) return null;
  return daysBetween(since, today) >= STUCK_DAYS ? since : null;
}

/** Every check that was looked at, in the library's order, with its course. */
export function coursesOf(
  checks: readonly Check[],
  results: readonly SeenResult[],
  today: IsoDay
): readonly CheckCourse[] {
  const byCheck = new Map<string, SeenResult[]>();
  for (const result of results) {
    const known = byCheck.get(result.checkId);
    if (known) known.push(result);
    else byCheck.set(result.checkId, [result]);
  }
  return checks.flatMap((check): CheckCourse[] => {
    const days = strengthByDay(check, byCheck.get(check.id) ?? []);
    const [first] = days;
    if (!first) return [];
    const secure = days.find(({ strength }) => strength >= SECURE);
    return [
      {
        check,
        days,
        daysToSecure: secure ? daysBetween(first.day, secure.day) : null,
        stuckSince: stuckSince(days, today)
      }
    ];
  });
}

/** A timed or counted test over time, oldest first. */
export interface TestCourse {
  readonly check: Check;
  readonly points: readonly { readonly day: IsoDay; readonly value: number }[];
  readonly best: number;
}

/** The tests whose results are numbers. */
export function testsOf(checks: readonly Check[], results: readonly SeenResult[]): readonly TestCourse[] {
  return checks.flatMap((check): TestCourse[] => {
    const points = results
      .flatMap(({ checkId, day, outcome }) => {
        if (checkId !== check.id) return [];
        if (outcome.kind === 'seconds') return [{ day, value: outcome.seconds }];
        if (outcome.kind === 'count') return [{ day, value: outcome.count }];
        return outcome.kind === 'angle' ? [{ day, value: Math.abs(outcome.deg) }] : [];
      })
      .sort((a, b) => (a.day < b.day ? -1 : 1));
    if (points.length === 0) return [];
    const values = points.map(({ value }) => value);
    const best = check.goal?.better === 'less' ? Math.min(...values) : Math.max(...values);
    return [{ check, points, best }];
  });
}

/** Mean strength of what was seen in a week. */
export interface WeekStrength {
  readonly week: IsoDay;
  readonly strength: number;
}

/** The weeks in which a player was looked at, in one category or in all, oldest first. */
export function weeksOf(
  checks: readonly Check[],
  results: readonly SeenResult[],
  category: CheckCategory | null
): readonly WeekStrength[] {
  const known = new Map(checks.map((check) => [check.id, check]));
  const weeks = new Map<IsoDay, number[]>();
  for (const { checkId, day, outcome } of results) {
    const check = known.get(checkId);
    if (!check || (category !== null && check.category !== category)) continue;
    const strength = strengthOf(check, outcome);
    if (strength === 0) continue;
    const week = mondayOf(day);
    const all = weeks.get(week);
    if (all) all.push(strength);
    else weeks.set(week, [strength]);
  }
  return [...weeks]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([week, all]) => ({ week, strength: all.reduce((sum, one) => sum + one, 0) / all.length }));
}
