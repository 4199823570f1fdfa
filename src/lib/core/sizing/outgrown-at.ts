import { dimensionsOf, type Size } from '../instruments';
import { consideredInstruments, yardstickOf } from './judge';
import { heightOf, type Readings } from '../body';
import type { SizingQuestion } from './yardstick';

const TALLEST_MM = 2300;
/** Heights are found to this, mm. */
const FINE_ENOUGH_MM = 0.5;

/**
 * The height at which a size is outgrown, since a larger one then fits: all lengths keep their ratio to the
 * present height.
 *
 * @param size the size in use
 * @returns the height in mm, 0 when it is so already; null when no larger size is in use, no player is ever so
 *   tall, or too little is known
 */
export function outgrownAtMm(question: SizingQuestion, size: Size): number | null {
  const heightMm = heightOf(question.readings);
  if (heightMm === null) return null;
  const inUseMm = dimensionsOf(question.family, size, question.overrides).overallMm;
  const larger = consideredInstruments(question)
    .map(({ instrument }) => instrument)
    .filter((one) => one.size !== size && one.overallMm > inUseMm);
  const outgrownAt = (grownMm: number) => {
    const yardstick = yardstickOf({ ...question, readings: scaled(question.readings, grownMm / heightMm) });
    return larger.some((one) => yardstick?.tests(one).every(({ marginMm }) => marginMm >= 0));
  };
  if (outgrownAt(heightMm)) return 0;
  if (!outgrownAt(TALLEST_MM)) return null;
  let low = heightMm;
  let high = TALLEST_MM;
  while (high - low > FINE_ENOUGH_MM) {
    const middle = (low + high) / 2;
    if (outgrownAt(middle)) high = middle;
    else low = middle;
  }
  return high;
}

const scaled = (readings: Readings, by: number): Readings =>
  Object.fromEntries(Object.entries(readings).map(([id, values]) => [id, values.map((mm) => mm * by)]));
