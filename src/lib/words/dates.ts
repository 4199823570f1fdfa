import { format, parseISO } from 'date-fns';
import type { IsoDay, IsoMonth } from '$lib/core/time';
import { ageOn, daysBetween } from '$lib/core/time';

/** `24 Nov 2026` */
export const dayText = (day: IsoDay): string => format(parseISO(day), 'd MMM yyyy');

/** `24 Nov`, where the year is clear. */
export const shortDayText = (day: IsoDay): string => format(parseISO(day), 'd MMM');

/** `today`, `24 Nov` within half a year, `Nov 2027` else. */
export function nearDayText(day: IsoDay, today: IsoDay): string {
  if (day === today) return 'today';
  return Math.abs(daysBetween(today, day)) < 180 ? shortDayText(day) : monthText(day);
}

/** `7 y 4 m`, or null without a birth month. */
export function ageText(birthMonth: IsoMonth | null, on: IsoDay): string | null {
  if (!birthMonth) return null;
  const { years, months } = ageOn(birthMonth, on);
  return years >= 18 ? `${years} y` : `${years} y ${months} m`;
}

/** `Nov 2026` */
export const monthText = (day: IsoDay): string => format(parseISO(day), 'MMM yyyy');
