import type { Check, ResultKind } from '$lib/core/checks';
import { byCategory, summaryOf, type CheckCourse, type TestCourse } from '$lib/core/progress';
import type { Family } from '$lib/core/instruments';
import type { IsoDay } from '$lib/core/time';
import { categoryName } from './checks';
import { dayText, shortDayText } from './dates';

/** Strength on the scale of ratings, 1 to 4, in a word. */
const STRENGTH_WORDS = ['', 'not yet', 'with help', 'mostly', 'secure'] as const;
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
    return daysToSecure === 0 ? 'secure at once' : `secure after ${secureAfterText(daysToSecure)}`;
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
  byCategory(courses).map(({ category, courses: mine }) => {
    const { seen, secure } = summaryOf(mine);
    return `${categoryName(category, family)}: ${secure} of ${seen} secure`;
  });

/** How long it took until a check was secure. */
export const secureAfterText = (days: number | null): string =>
  days === null ? '' : days === 1 ? '1 day' : `${Math.round(days)} days`;

/** What is stuck, with since when. */
export const stuckText = (stuck: readonly CheckCourse[]): string =>
  stuck
    .map(({ check, stuckSince }) => `${check.title.toLowerCase()}, since ${dayText(stuckSince ?? '')}`)
    .join('; ');

/** Days along a chart: the year stands where it begins. */
export const alongDays = (days: readonly IsoDay[]): readonly string[] =>
  days.map((day, i) =>
    day.slice(0, 4) === days[i - 1]?.slice(0, 4)
      ? shortDayText(day)
      : `${shortDayText(day)}\n${day.slice(0, 4)}`
  );

export const periodText = (from: IsoDay, to: IsoDay): string => `${dayText(from)} to ${dayText(to)}`;
