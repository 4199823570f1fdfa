import { combineReadings, type MeasurementId, type Readings } from '$lib/core/body';
import type { HeightReading, Sex } from '$lib/core/growth';
import { daysBetween, type IsoDay } from '$lib/core/time';
import { isFresh, newestByKind } from '../commands/measurements';
import type { GrowthCurve, Measurement, Player } from '../store/records';

const SEX: Readonly<Record<GrowthCurve, Sex | null>> = { girl: 'female', boy: 'male', both: null };

/** Which reference a player's height follows; null for both. */
export const sexOf = ({ curve }: Player): Sex | null => (curve ? SEX[curve] : null);

/** The readings of a measurement as one value with its error. */
export const combined = ({ kind, readings }: Measurement) =>
  combineReadings(
    kind,
    readings.map(({ mm }) => mm)
  );

/** Every height of a player, oldest first. */
export const heightsOf = (measurements: readonly Measurement[]): readonly HeightReading[] =>
  measurements
    .filter(({ kind, readings }) => kind === 'height' && readings.length > 0)
    .map((measurement) => ({ date: measurement.day, mm: combined(measurement).mm }))
    .sort((a, b) => a.date.localeCompare(b.date));

/** A length and a height belong together when they were read within so many days. */
const TOGETHER_DAYS = 30;

/**
 * The newest lengths as they would be read with the last height: each keeps its ratio to the height that was read
 * with it. A length without such a height counts only while it is fresh.
 */
export function lengthsAtLastHeight(measurements: readonly Measurement[], today: IsoDay): Readings {
  const heights = heightsOf(measurements);
  const last = heights.at(-1);
  const lengths = Object.values(newestByKind(measurements)).filter(({ readings }) => readings.length > 0);
  const entries: (readonly [MeasurementId, readonly number[]])[] = [];
  for (const measurement of lengths) {
    const together = heights.findLast(
      ({ date }) => Math.abs(daysBetween(date, measurement.day)) <= TOGETHER_DAYS
    );
    const values = measurement.readings.map(({ mm }) => mm);
    if (last && together) entries.push([measurement.kind, values.map((mm) => (mm * last.mm) / together.mm)]);
    else if (isFresh(measurement, today)) entries.push([measurement.kind, values]);
  }
  return Object.fromEntries(entries);
}
