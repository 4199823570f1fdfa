import type { CheckCourse, TestCourse } from '$lib/core/progress';
import { CHECK_CATEGORIES, type Check, type ResultKind } from '$lib/core/checks/types';
import type { Family } from '$lib/core/instruments';
import type { IsoDay } from '$lib/core/time';
import { categoryName } from './checks';
import { dayText } from './dates';

/** Strength on the scale of ratings, 1 to 4, in a word. */
export const STRENGTH_WORDS = ['', 'not yet', 'with help', 'mostly', 'secure'] as const;
export const strengthWord = (strength: number): string => STRENGTH_WORDS[Math.round(strength)] ?? '';

const UNIT: Readonly<Record<ResultKind, string>> = {
  rating: '',
  seconds: ' s',
  count: '',
  'yes-no': '',
  angle: '°'
};
export const testValue = (check: Pick<Check, 'result'>, value: number): string =>
  `${Math.round(value * 10) / 10}${UNIT[check.result]}`;

/** How a check came along, in a few words. */
export function courseText({ days, daysToSecure, stuckSince }: CheckCourse): string {
  if (stuckSince) return `stuck since ${dayText(stuckSince)}`;
  if (daysToSecure !== null)
    return daysToSecure === 0 ? 'secure at once' : `secure after ${daysToSecure} days`;
  const [first, last] = [days[0], days.at(-1)];
  return first && last && first !== last
    ? `${strengthWord(first.strength)}, now ${strengthWord(last.strength)}`
    : strengthWord(last?.strength ?? 0);
}

/** A test from its first result to its best. */
export const testText = ({ check, points, best }: TestCourse): string =>
  `${check.title}: ${testValue(check, points[0]?.value ?? 0)} at first, ${testValue(check, best)} at best`;

/** How many checks of each category are secure, of those that were looked at. */
export const secureByCategory = (courses: readonly CheckCourse[], family: Family): readonly string[] =>
  CHECK_CATEGORIES.flatMap((category) => {
    const mine = courses.filter(({ check }) => check.category === category);
    const secure = mine.filter(({ days }) => (days.at(-1)?.strength ?? 0) >= 4).length;
    return mine.length === 0 ? [] : [`${categoryName(category, family)}: ${secure} of ${mine.length} secure`];
  });

export const periodText = (from: IsoDay, to: IsoDay): string => `${dayText(from)} to ${dayText(to)}`;
