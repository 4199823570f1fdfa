import { clamp } from '../maths';
import { STATURE, type Sex, type StatureRow } from './stature';

/** Distribution of heights at one age: Box-Cox power, median in mm, coefficient of variation. */
export interface HeightsAtAge {
  readonly l: number;
  readonly medianMm: number;
  readonly s: number;
}

/** Below this the power is taken as 0, where its formula would divide by nothing. */
const NO_POWER = 1e-9;

/** The reference has a row every half year. */
const ROW_YEARS = 0.5;

function rowAt(rows: readonly StatureRow[], ageYears: number): HeightsAtAge {
  const first = rows[0];
  const last = rows.at(-1);
  if (!first || !last) throw new RangeError('the reference is empty');
  const age = clamp(ageYears, first[0], last[0]);
  const index = Math.max(1, Math.ceil((age - first[0]) / ROW_YEARS));
  const low = rows[index - 1] ?? first;
  const high = rows[index] ?? last;
  const share = (age - low[0]) / (high[0] - low[0]);
  const between = (at: 1 | 2 | 3) => low[at] + share * (high[at] - low[at]);
  return { l: between(1), medianMm: 10 * between(2), s: between(3) };
}

/**
 * The reference at an age, linear between its half years and constant outside 2 to 20 years.
 *
 * @param sex null takes the means of L, M and S of both
 */
export function heightsAt(sex: Sex | null, ageYears: number): HeightsAtAge {
  if (sex) return rowAt(STATURE[sex], ageYears);
  const [girls, boys] = [rowAt(STATURE.female, ageYears), rowAt(STATURE.male, ageYears)];
  return {
    l: (girls.l + boys.l) / 2,
    medianMm: (girls.medianMm + boys.medianMm) / 2,
    s: (girls.s + boys.s) / 2
  };
}

/** Beyond this score on either side the reference tells nothing: a slip is likelier than such a child. */
export const REFERENCE_REACH_Z = 5;

/** Standard score of a height: z = expm1(L ln(h/M)) / (L S), or ln(h/M) / S where L is 0. */
export function zOfHeight(heightMm: number, { l, medianMm, s }: HeightsAtAge): number {
  const ratio = Math.log(heightMm / medianMm);
  return Math.abs(l) < NO_POWER ? ratio / s : Math.expm1(l * ratio) / (l * s);
}

/**
 * Height of a standard score, mm; the inverse of {@link zOfHeight}.
 *
 * @throws RangeError for a score that no height has (1 + L S z not above 0)
 */
export function heightOfZ(z: number, { l, medianMm, s }: HeightsAtAge): number {
  if (Math.abs(l) < NO_POWER) return medianMm * Math.exp(s * z);
  if (1 + l * s * z <= 0) throw new RangeError('no height has this score');
  return medianMm * Math.exp(Math.log1p(l * s * z) / l);
}
