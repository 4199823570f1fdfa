import { daysLater, isDay, type IsoDay } from '../time';

/** A day of every year, `04-10`. */
export type YearDay = string;

/** Days of a term where none are set: a third of a year. */
const TERM_DAYS = 122;
/** Any leap year: each day of the year is in it. */
const LEAP = '2028';

/** Whether a text is a day of the year. */
export const isYearDay = (text: string): boolean => isDay(`${LEAP}-${text}`);

/**
 * Days of the year as they are typed, day first with points.
 *
 * @returns the days in order, each once; null where one of them is none
 * @example
 * yearDaysFrom('1.9. 8.1.') // ['01-08', '09-01']
 */
export function yearDaysFrom(text: string): readonly YearDay[] | null {
  const days: YearDay[] = [];
  for (const part of text.split(/[\s,;]+/).filter((one) => one !== '')) {
    const [, day = '', month = ''] = /^(\d{1,2})\.(\d{1,2})\.?$/.exec(part) ?? [];
    const found = `${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
    if (!isYearDay(found)) return null;
    days.push(found);
  }
  return [...new Set(days)].sort();
}

/** A term shorter than this is the rest of one: it counts to the next, days. */
const REST_DAYS = 14;

/**
 * The first day of each term: the first one is now, the others as the school's terms begin.
 *
 * @param starts days on which terms begin; a third of a year each where there are none
 */
export function termsFrom(today: IsoDay, count: number, starts: readonly YearDay[] = []): readonly IsoDay[] {
  if (starts.length === 0)
    return Array.from({ length: count }, (_, term) => daysLater(today, term * TERM_DAYS));
  const year = Number(today.slice(0, 4));
  const soon = daysLater(today, REST_DAYS);
  const ahead = Array.from({ length: count + 2 }, (_, at) => at).flatMap((at) =>
    starts
      .map((start) => `${year + at}-${start}`)
      .map((day) => (isDay(day) ? day : day.replace('02-29', '03-01')))
  );
  return [today, ...ahead.filter((day) => day > soon)].slice(0, count);
}
