import { normalCdf } from '../maths';
import { daysBetween, daysLater, monthsLater, type IsoDay } from '../time';
import { ageYears, sdOn, type Followed } from './follow';
import { heightsAt, zOfHeight } from './reference';

/** Nobody is forecast beyond this age. */
export const GROWN_YEARS = 18;

/** Days on which a size is outgrown with a chance of 10, 50 and 90 %; null where that is not to be seen. */
export interface Outgrown {
  readonly early: IsoDay | null;
  readonly middle: IsoDay | null;
  readonly late: IsoDay | null;
}

/** Chance that the child is at least that tall on a day. */
export function chanceOfHeight(followed: Followed, heightMm: number, day: IsoDay): number {
  const reference = heightsAt(followed.child.sex, ageYears(followed.child.birthMonth, day));
  return normalCdf((followed.z - zOfHeight(heightMm, reference)) / sdOn(followed, day));
}

/** The first day from `from` on with at least that chance, before the child is grown; null when there is none. */
function firstDay(followed: Followed, heightMm: number, chance: number, from: IsoDay): IsoDay | null {
  const { birthMonth } = followed.child;
  const last = daysBetween(from, monthsLater(`${birthMonth}-15`, GROWN_YEARS * 12));
  for (let week = 0; week <= last; week += 7)
    if (chanceOfHeight(followed, heightMm, daysLater(from, week)) >= chance) {
      let day = week;
      while (
        day > Math.max(0, week - 7) &&
        chanceOfHeight(followed, heightMm, daysLater(from, day - 1)) >= chance
      )
        day--;
      return daysLater(from, day);
    }
  return null;
}

/**
 * When a size is outgrown: when the child reaches the height at which the next size fits, all lengths keeping
 * their ratio to the last height.
 *
 * @param outgrownAtMm that height
 * @param today a size that is outgrown already gives today
 */
export function whenOutgrown(followed: Followed, outgrownAtMm: number, today: IsoDay): Outgrown {
  const at = (chance: number) => firstDay(followed, outgrownAtMm, chance, today);
  return { early: at(0.1), middle: at(0.5), late: at(0.9) };
}

export type NextMeasureReason = 'half-year' | 'change-likely' | 'borderline' | 'no-age' | 'grown';

/** Months after which everybody is measured again, however sure the size was. */
const LONGEST_WAIT_MONTHS = 6;
/** Days after which a choice between two sizes is looked at again. */
const BORDERLINE_WAIT_DAYS = 21;
/** Chance of a change that is worth a look. */
const WORTH_A_LOOK = 0.25;

/**
 * When to measure next: the earliest of six months, the day on which a change of size has a chance of 25 %,
 * and 21 days after a borderline choice. Without an age, and for the grown, six months.
 *
 * @param forecast the child as followed and the height at which its size is outgrown; null without an age
 */
export function nextMeasure(
  today: IsoDay,
  forecast: { readonly followed: Followed; readonly outgrownAtMm: number } | null,
  { borderline, grown }: { readonly borderline: boolean; readonly grown: boolean }
): { readonly date: IsoDay; readonly reason: NextMeasureReason } {
  const halfYear = monthsLater(today, LONGEST_WAIT_MONTHS);
  const likely = forecast && firstDay(forecast.followed, forecast.outgrownAtMm, WORTH_A_LOOK, today);
  const choices: { date: IsoDay; reason: NextMeasureReason }[] = [
    ...(borderline ? [{ date: daysLater(today, BORDERLINE_WAIT_DAYS), reason: 'borderline' as const }] : []),
    ...(likely ? [{ date: likely, reason: 'change-likely' as const }] : []),
    { date: halfYear, reason: grown ? 'grown' : forecast ? 'half-year' : 'no-age' }
  ];
  return choices.reduce((earliest, one) => (one.date < earliest.date ? one : earliest));
}
