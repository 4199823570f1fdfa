import { addDays, addMonths, differenceInMonths, formatISO, parseISO } from 'date-fns';

/** A calendar day, `2026-11-24`. */
export type IsoDay = string;
/** A calendar month, `2018-05`. */
export type IsoMonth = string;

const day = (date: Date): IsoDay => formatISO(date, { representation: 'date' });

/** The local calendar day of a moment. */
export const dayOf = (moment: Date): IsoDay => day(moment);

/** The day that many months later; the 31st becomes the last day of a shorter month. */
export const monthsLater = (from: IsoDay, months: number): IsoDay => day(addMonths(parseISO(from), months));

/** The day that many days later, or earlier when negative. */
export const daysLater = (from: IsoDay, days: number): IsoDay => day(addDays(parseISO(from), days));

/** Whole days from one day to another; negative when the second is earlier. */
export const daysBetween = (from: IsoDay, to: IsoDay): number =>
  Math.round((parseISO(to).getTime() - parseISO(from).getTime()) / 86_400_000);

/** Age on a day in whole years and months. A birth month counts as its 15th day. */
export function ageOn(birthMonth: IsoMonth, on: IsoDay): { readonly years: number; readonly months: number } {
  const months = Math.max(0, differenceInMonths(parseISO(on), parseISO(`${birthMonth}-15`)));
  return { years: Math.floor(months / 12), months: months % 12 };
}
