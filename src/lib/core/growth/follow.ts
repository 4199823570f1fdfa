import { daysBetween, type IsoDay, type IsoMonth } from '../time';
import { heightOfZ, heightsAt, REFERENCE_REACH_Z, zOfHeight } from './reference';
import type { Sex } from './stature';

export const DAYS_PER_YEAR = 365.25;
const BIRTH_DAY = 15;
/** Error of one height reading, mm. */
const READING_SD_MM = 5;
/** How fast a standard score wanders, per root of a year: usually, and in the years of the growth spurt. */
const DRIFT = 0.25;
const SPURT_DRIFT = 0.4;
const SPURT_YEARS: Readonly<Record<Sex | 'unknown', readonly [from: number, to: number]>> = {
  female: [9, 13],
  male: [11, 15],
  unknown: [9, 15]
};

export interface Child {
  readonly sex: Sex | null;
  readonly birthMonth: IsoMonth;
}

export interface HeightReading {
  readonly date: IsoDay;
  readonly mm: number;
}

/** A child's standard score and how sure it is, on the day of the last height. */
export interface Followed {
  readonly child: Child;
  readonly on: IsoDay;
  /** Age on that day, years. */
  readonly years: number;
  readonly z: number;
  readonly variance: number;
}

/** Age in years on a day, counted from the 15th of the birth month. */
export const ageYears = (birthMonth: IsoMonth, on: IsoDay): number =>
  daysBetween(`${birthMonth}-${BIRTH_DAY}`, on) / DAYS_PER_YEAR;

/** Standard score of a height on a day. */
export const scoreOf = ({ sex, birthMonth }: Child, { date, mm }: HeightReading): number =>
  zOfHeight(mm, heightsAt(sex, ageYears(birthMonth, date)));

/** Whether a height lies so far outside the reference that nothing can be foreseen from it. */
export const isBeyondReference = (child: Child, height: HeightReading): boolean =>
  Math.abs(scoreOf(child, height)) > REFERENCE_REACH_Z;

/** Variance that a score gains by wandering between two ages. */
export function driftVariance(sex: Sex | null, fromYears: number, toYears: number): number {
  const [from, to] = SPURT_YEARS[sex ?? 'unknown'];
  const spurt = Math.max(0, Math.min(to, toYears) - Math.max(from, fromYears));
  return SPURT_DRIFT ** 2 * spurt + DRIFT ** 2 * Math.max(0, toYears - fromYears - spurt);
}

/**
 * Follows a child's standard score through all heights with a Kalman filter: 5 mm error of a reading, a
 * score that wanders, and nothing known before the first height.
 *
 * @param heights in any order; at least one
 * @throws RangeError when there is no height
 */
export function follow(child: Child, heights: readonly HeightReading[]): Followed {
  const inOrder = [...heights].sort((a, b) => a.date.localeCompare(b.date));
  let state: Followed | null = null;
  for (const { date, mm } of inOrder) {
    const age = ageYears(child.birthMonth, date);
    const reference = heightsAt(child.sex, age);
    const read = zOfHeight(mm, reference);
    const perMm = (zOfHeight(mm + 1, reference) - zOfHeight(mm - 1, reference)) / 2;
    const error = (READING_SD_MM * perMm) ** 2;
    if (!state) {
      state = { child, on: date, years: age, z: read, variance: error };
      continue;
    }
    const before: number = state.variance + driftVariance(child.sex, state.years, age);
    const gain = before / (before + error);
    const z: number = state.z + gain * (read - state.z);
    state = { child, on: date, years: age, z, variance: (1 - gain) * before };
  }
  if (!state) throw new RangeError('no height to follow');
  return state;
}

/** Standard deviation of the score at a later age. */
export const sdAt = ({ child, years, variance }: Followed, ageThen: number): number =>
  Math.sqrt(variance + driftVariance(child.sex, years, ageThen));

/** z of a tenth of the normal distribution. */
const TENTH = 1.2815515655446004;

/** Height on a day that is exceeded by nine in ten, by half, and by one in ten such children, mm. */
export function heightOn(followed: Followed, day: IsoDay): { p10Mm: number; p50Mm: number; p90Mm: number } {
  const ageThen = ageYears(followed.child.birthMonth, day);
  const reference = heightsAt(followed.child.sex, ageThen);
  const sd = sdAt(followed, ageThen);
  const at = (z: number) => heightOfZ(z, reference);
  return { p10Mm: at(followed.z - TENTH * sd), p50Mm: at(followed.z), p90Mm: at(followed.z + TENTH * sd) };
}
