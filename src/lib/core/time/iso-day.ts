import { addMonths, differenceInMonths, formatISO, parseISO } from 'date-fns';

/** A calendar day, `2026-11-24`. */
export type IsoDay = string;
/** A calendar month, `2018-05`. */
export type IsoMonth = string;

const day = (date: Date): IsoDay => formatISO(date, { representation: 'date' });

/** The local calendar day of a moment. */
export const dayOf = (moment: Date): IsoDay => day(moment);

/** The day that many months later; the 31st becomes the last day of a shorter month. */
export const monthsLater = (from: IsoDay, months: number): IsoDay => day(addMonths(parseISO(from), months));

const MS_PER_DAY = 86_400_000;

/** Midnight of a day in UTC, where every day has 24 hours; counting days so costs a tenth of parsing dates. */
const utcOf = (day: IsoDay): number => Date.parse(day);

const DAY = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

/** Whether a text is a day of the calendar; the 31st of February is none. */
export function isDay(text: string): boolean {
  if (!DAY.test(text)) return false;
  const moment = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(moment.getTime()) && moment.toISOString().startsWith(text);
}

const DAY_FIRST = /^(\d{1,2})\. ?(\d{1,2})\. ?(\d{4})$/;

/**
 * A day as it is typed: year first with hyphens, or day first with points. Numbers that could be either are no day.
 *
 * @returns the day, or null for what is none
 * @example
 * typedDay('1.7.2027') // '2027-07-01'
 */
export function typedDay(text: string): IsoDay | null {
  const plain = text.trim();
  const [, date = '', month = '', year = ''] = DAY_FIRST.exec(plain) ?? [];
  const day = year === '' ? plain : `${year}-${month.padStart(2, '0')}-${date.padStart(2, '0')}`;
  return isDay(day) ? day : null;
}

/** The day that many days later, or earlier when negative. */
export const daysLater = (from: IsoDay, days: number): IsoDay =>
  new Date(utcOf(from) + days * MS_PER_DAY).toISOString().slice(0, 10);

/** Whole days from one day to another; negative when the second is earlier. */
export const daysBetween = (from: IsoDay, to: IsoDay): number => (utcOf(to) - utcOf(from)) / MS_PER_DAY;

/** Age on a day in whole years and months. A birth month counts as its 15th day. */
export function ageOn(birthMonth: IsoMonth, on: IsoDay): { readonly years: number; readonly months: number } {
  const months = Math.max(0, differenceInMonths(parseISO(on), parseISO(`${birthMonth}-15`)));
  return { years: Math.floor(months / 12), months: months % 12 };
}
