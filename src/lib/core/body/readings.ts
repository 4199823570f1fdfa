import { MEASUREMENTS, type MeasurementId } from './measurements';

/** Several tape readings of one length, brought to one value. */
export interface Reading {
  /** Mean of the readings that agree, mm; of all when none do. */
  readonly mm: number;
  /** Standard deviation of that mean from tape error, mm. */
  readonly sdMm: number;
  /** Readings that the value rests on. */
  readonly used: readonly number[];
  /** Largest less smallest of all readings, mm. */
  readonly spreadMm: number;
  /** False when no two of several readings agree: another one is needed. */
  readonly agrees: boolean;
}

/**
 * Brings readings of one length to a value.
 *
 * The largest group of readings that lie within the kind's tolerance counts (of equal groups the tightest);
 * its mean has the error of one reading over the root of their number. Two readings that disagree give their
 * mean with the error of one reading, and ask for a third.
 *
 * @param readingsMm one or more readings, mm
 * @throws RangeError when there is no reading
 * @example
 * combineReadings('armToPalm', [478, 480]).mm // 479
 */
export function combineReadings(id: MeasurementId, readingsMm: readonly number[]): Reading {
  if (readingsMm.length === 0) throw new RangeError(`no reading of ${id}`);
  const { sdMm, toleranceMm, interval } = MEASUREMENTS[id];
  const sorted = [...readingsMm].sort((a, b) => a - b);
  if (interval) return between(sorted, sdMm);
  const group = largestGroup(sorted, toleranceMm);
  const agrees = group.length > 1 || sorted.length === 1;
  const used = agrees ? group : sorted;
  return {
    mm: mean(used),
    sdMm: sdMm / Math.sqrt(group.length),
    used,
    spreadMm: last(sorted) - (sorted[0] ?? 0),
    agrees
  };
}

/** Anything between the ends is as likely: its spread is the breadth over the root of twelve, beside the tape's own. */
function between(sorted: readonly number[], sdMm: number): Reading {
  const [low, high] = [sorted[0] ?? 0, last(sorted)];
  return {
    mm: (low + high) / 2,
    sdMm: Math.hypot(sdMm, (high - low) / Math.sqrt(12)),
    used: sorted,
    spreadMm: high - low,
    agrees: true
  };
}

const last = (values: readonly number[]) => values[values.length - 1] ?? 0;
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const width = (group: readonly number[]) => last(group) - (group[0] ?? 0);

function largestGroup(sorted: readonly number[], toleranceMm: number): readonly number[] {
  let best: readonly number[] = [];
  sorted.forEach((low, from) => {
    const group = sorted.slice(from).filter((value) => value - low <= toleranceMm);
    const better = group.length > best.length;
    const tighter = group.length === best.length && width(group) < width(best);
    if (better || tighter) best = group;
  });
  return best;
}
