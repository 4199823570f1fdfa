import { normalCdf } from '../maths';
import { daysBetween, daysLater, monthsLater, type IsoDay } from '../time';
import { ageYears, DAYS_PER_YEAR, sdAt, type Followed } from './follow';
import { heightsAt, zOfHeight } from './reference';

/** Nobody is forecast beyond this age. */
export const GROWN_YEARS = 18;

/** Days on which a size is outgrown with a chance of 10, 50 and 90 %; null where that is not to be seen. */
export interface Outgrown {
  readonly early: IsoDay | null;
  readonly middle: IsoDay | null;
  readonly late: IsoDay | null;
}

const chanceAt = (followed: Followed, heightMm: number, ageThen: number): number =>
  normalCdf(
    (followed.z - zOfHeight(heightMm, heightsAt(followed.child.sex, ageThen))) / sdAt(followed, ageThen)
  );

/** Days in one stride of the search; within the stride it goes day by day. */
const STRIDE = 28;

/**
 * The first days from `from` on with at least these chances, given smallest first; null where there is none within
 * so many days.
 */
function firstDays(
  followed: Followed,
  heightMm: number,
  chances: readonly number[],
  from: IsoDay,
  withinDays: number
): readonly (IsoDay | null)[] {
  const years = ageYears(followed.child.birthMonth, from);
  const chanceOn = (day: number) => chanceAt(followed, heightMm, years + day / DAYS_PER_YEAR);
  const found: IsoDay[] = [];
  for (let day = 0; day <= withinDays; day = Math.min(day + STRIDE, Math.max(day + 1, withinDays))) {
    const reached = chanceOn(day);
    for (let wanted = chances[found.length]; wanted !== undefined && reached >= wanted;) {
      let first = day;
      while (first > Math.max(0, day - STRIDE) && chanceOn(first - 1) >= wanted) first--;
      found.push(daysLater(from, first));
      wanted = chances[found.length];
    }
    if (found.length === chances.length) break;
  }
  return chances.map((_, index) => found[index] ?? null);
}

/** Days until the child counts as grown. */
const growingDays = (followed: Followed, from: IsoDay) =>
  Math.floor((GROWN_YEARS - ageYears(followed.child.birthMonth, from)) * DAYS_PER_YEAR);

/**
 * When a size is outgrown: when the child reaches the height at which the next size fits, all lengths keeping
 * their ratio to the last height.
 *
 * @param outgrownAtMm that height
 * @param today a size that is outgrown already gives today
 */
export function whenOutgrown(followed: Followed, outgrownAtMm: number, today: IsoDay): Outgrown {
  const within = growingDays(followed, today);
  const [early, middle, late] = firstDays(followed, outgrownAtMm, [0.1, 0.5, 0.9], today, within);
  return { early: early ?? null, middle: middle ?? null, late: late ?? null };
}

export type NextMeasureReason =
  'half-year' | 'change-likely' | 'borderline' | 'no-age' | 'grown' | 'too-large' | 'chosen-larger';

/** Months after which everybody is measured again, however sure the size was. */
const LONGEST_WAIT_MONTHS = 6;
/** Days after which a choice between two sizes is looked at again, and the soonest for any decision. */
const BORDERLINE_WAIT_DAYS = 21;
/** Chance of a change that is worth a look. */
const WORTH_A_LOOK = 0.25;

/** When to measure next, and why then. */
export interface NextMeasure {
  readonly date: IsoDay;
  readonly reason: NextMeasureReason;
}

/** The last decision on a size. */
export interface DecidedOn {
  readonly day: IsoDay;
  /** It was a choice between two sizes. */
  readonly borderline: boolean;
}

/**
 * When to measure next: the earliest of six months after the last measuring, the day on which a change of size has a
 * chance of 25 %, and 21 days after a borderline choice. Without an age, and for the grown, six months. A decision
 * is never looked at again sooner than 21 days later, but for a size that was measured too large: that is at once.
 *
 * @param measured the day of the last measuring, from which everything counts
 * @param forecast the child as followed and the height at which its size is outgrown; null without an age
 * @param decided the last decision, where there is one
 */
export function nextMeasure(
  measured: IsoDay,
  forecast: { readonly followed: Followed; readonly outgrownAtMm: number } | null,
  {
    decided,
    grown,
    tooLarge = null
  }: {
    readonly decided: DecidedOn | null;
    readonly grown: boolean;
    readonly tooLarge?: 'too-large' | 'chosen-larger' | null;
  }
): NextMeasure {
  if (tooLarge) return { date: measured, reason: tooLarge };
  const halfYear = monthsLater(measured, LONGEST_WAIT_MONTHS);
  const likely =
    forecast &&
    firstDays(
      forecast.followed,
      forecast.outgrownAtMm,
      [WORTH_A_LOOK],
      measured,
      Math.min(daysBetween(measured, halfYear), growingDays(forecast.followed, measured))
    )[0];
  const soonest = decided && daysLater(decided.day, BORDERLINE_WAIT_DAYS);
  const choices: NextMeasure[] = [
    ...(soonest && decided?.borderline ? [{ date: soonest, reason: 'borderline' as const }] : []),
    ...(likely ? [{ date: likely, reason: 'change-likely' as const }] : []),
    { date: halfYear, reason: grown ? 'grown' : forecast ? 'half-year' : 'no-age' }
  ];
  const earliest = choices.reduce((first, one) => (one.date < first.date ? one : first));
  return soonest && earliest.date < soonest ? { ...earliest, date: soonest } : earliest;
}
