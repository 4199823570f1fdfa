import { contradictions, MEASUREMENTS, type MeasurementId, type Readings } from '$lib/core/body';
import type { Family } from '$lib/core/instruments';
import { asReadings, exactly, readingsOf } from './fields';
import type { FieldProblem } from './respond';

/** Every length that a request may hold, by its key. */
export const MEASUREMENT_KEYS = {
  heightMm: 'height',
  armToPalmMm: 'armToPalm',
  armToWristMm: 'armToWrist',
  handLengthMm: 'handLength',
  handSpanMm: 'handSpan',
  handSpanWidestMm: 'handSpanWidest',
  lowerLegMm: 'lowerLeg',
  seatedBreastboneMm: 'seatedBreastbone',
  seatedEarMm: 'seatedEar',
  seatedShoulderMm: 'seatedShoulder',
  armReachMm: 'armReach',
  eyebrowMm: 'eyebrow',
  cheekMm: 'cheek',
  gripHangMm: 'gripHang'
} as const satisfies Record<string, MeasurementId>;

type MeasurementKey = keyof typeof MEASUREMENT_KEYS;
const KEYS = Object.keys(MEASUREMENT_KEYS) as MeasurementKey[];

/** Lengths as they come in: each one reading or several. */
export type Measurements = { readonly [Key in MeasurementKey]?: number | readonly number[] | undefined };

/** The measurements of a request; wrong values and unknown keys are named by their path. */
export const measurementFields = exactly(
  Object.fromEntries(KEYS.map((key) => [key, readingsOf(MEASUREMENT_KEYS[key])])) as {
    [Key in MeasurementKey]: ReturnType<typeof readingsOf>;
  }
);

/** The request's lengths as readings. */
export const readingsFrom = (measurements: Measurements): Readings =>
  Object.fromEntries(KEYS.map((key) => [MEASUREMENT_KEYS[key], asReadings(measurements[key])]));

/** The key under which other programs know a measurement. */
export const keyOf = (id: MeasurementId): string => KEYS.find((key) => MEASUREMENT_KEYS[key] === id) ?? id;

/** Lengths that this family does not use, and lengths that no body has together. */
export function measurementProblems(measurements: Measurements, family: Family): FieldProblem[] {
  const strangers = KEYS.filter(
    (key) => measurements[key] !== undefined && !MEASUREMENTS[MEASUREMENT_KEYS[key]].families.includes(family)
  );
  return [
    ...strangers.map((key) => ({ path: `measurements.${key}`, message: `is not used for the ${family}` })),
    ...contradictions(readingsFrom(measurements)).map(({ id, should, than }) => ({
      path: `measurements.${keyOf(id)}`,
      message: than === 'height' ? 'must be shorter than the height' : `must be ${should} than ${keyOf(than)}`
    }))
  ];
}
