import { FAMILIES, type Family } from '$lib/core/instruments';
import type { GrowthCurve } from '../schema/player';

/** Which of two small numbers of a date is the day. */
export type DayOrder = 'day-first' | 'month-first';

const MONTHS: Readonly<Record<string, number>> = {
  jan: 1,
  feb: 2,
  mar: 3,
  mär: 3,
  apr: 4,
  may: 5,
  mai: 5,
  jun: 6,
  jul: 7,
  aug: 8,
  sep: 9,
  oct: 10,
  okt: 10,
  nov: 11,
  dec: 12,
  dez: 12
};

const YEAR_FIRST = /^(\d{4})[-./](\d{1,2})(?:[-./]\d{1,2})?(?:[t ].*)?$/;
const PARTS = /^(\d{1,2})[-./ ]+(\d{1,2})[-./ ]+(\d{4}|\d{2})$/;
const MONTH_YEAR = /^(\d{1,2})[-./](\d{4})$/;
const NAMED =
  /^(?:\d{1,2}(?:\.|st|nd|rd|th)?[ -]+)?([a-zä]{3})[a-zä.]*[ -]+(?:\d{1,2}(?:st|nd|rd|th)?,? +)?(\d{4})$/;

const fullYear = (text: string): number => (text.length === 2 ? 2000 + Number(text) : Number(text));
const monthText = (year: number, month: number): string | null =>
  month >= 1 && month <= 12 ? `${year}-${String(month).padStart(2, '0')}` : null;

/**
 * The month of a birth date as schools write it: the day is not kept.
 *
 * @param order of dates in which both numbers could be the month
 * @returns year and month, or null for what is no date
 * @example
 * birthMonthOf('14.05.2018', 'day-first') // '2018-05'
 */
export function birthMonthOf(text: string, order: DayOrder): string | null {
  const plain = text.trim().toLowerCase();
  const yearFirst = YEAR_FIRST.exec(plain);
  if (yearFirst) return monthText(Number(yearFirst[1]), Number(yearFirst[2]));
  const parts = PARTS.exec(plain);
  if (parts) {
    const [first, second] = [Number(parts[1]), Number(parts[2])];
    const isDayFirst = first > 12 || (second <= 12 && order === 'day-first');
    const [day, month] = isDayFirst ? [first, second] : [second, first];
    return day >= 1 && day <= 31 ? monthText(fullYear(parts[3] ?? ''), month) : null;
  }
  const monthYear = MONTH_YEAR.exec(plain);
  if (monthYear) return monthText(Number(monthYear[2]), Number(monthYear[1]));
  const named = NAMED.exec(plain);
  const month = named && MONTHS[named[1] ?? ''];
  return month ? monthText(Number(named[2]), month) : null;
}

/** What a column's dates say of their order; null where nothing in it tells. */
export function dayOrderOf(texts: readonly string[]): DayOrder | null {
  for (const text of texts) {
    const parts = PARTS.exec(text.trim());
    if (!parts) continue;
    if (Number(parts[1]) > 12 || text.includes('.')) return 'day-first';
    if (Number(parts[2]) > 12) return 'month-first';
  }
  return null;
}

/** Whether a date reads differently by the order of its numbers. */
export const isAmbiguous = (text: string): boolean =>
  birthMonthOf(text, 'day-first') !== birthMonthOf(text, 'month-first');

/** Words for the instruments, the shortest beginning that no other has. */
const FAMILY_BEGINNINGS: Readonly<Record<Family, readonly string[]>> = {
  violin: ['violin', 'vln', 'vl.', 'geige', 'fiddle'],
  viola: ['viola', 'vla', 'bratsche'],
  cello: ['cello', 'violoncello', 'vc', 'vlc'],
  bass: ['bass', 'double bass', 'doublebass', 'string bass', 'kontrabass', 'db', 'cb']
};

/** The instrument that a text names, also with its size behind; null for none of the four. */
export function familyOf(text: string): Family | null {
  const plain = text.trim().toLowerCase();
  const isCalled = (beginning: string) =>
    plain === beginning || (plain.startsWith(beginning) && /[\s,(\d/]/.test(plain[beginning.length] ?? ''));
  return FAMILIES.find((family) => FAMILY_BEGINNINGS[family].some(isCalled)) ?? null;
}

const CURVES: Readonly<Record<string, GrowthCurve>> = {
  girl: 'girl',
  female: 'girl',
  f: 'girl',
  w: 'girl',
  boy: 'boy',
  male: 'boy',
  m: 'boy',
  both: 'both'
};
/** The growth curve that a text names; null for none. */
export const curveOf = (text: string): GrowthCurve | null => CURVES[text.trim().toLowerCase()] ?? null;
