import { contradictions, MEASUREMENTS, type MeasurementId, type Readings } from '$lib/core/body';
import type { Family } from '$lib/core/instruments';
import { asReadings, exactly, readingsOf } from './fields';
import type { FieldProblem } from './problem';

/** Every length that a request may hold, by its key, with what it is. */
const FIELDS = {
  heightMm: ['height', 'Standing height'],
  armToPalmMm: ['armToPalm', 'Violin, viola: base of the neck to the palm centre'],
  armToWristMm: ['armToWrist', 'Violin, viola: base of the neck to the wrist crease'],
  handLengthMm: ['handLength', 'Violin, viola: wrist crease to the middle fingertip'],
  handSpanMm: ['handSpan', 'First to fourth fingertip, spread with ease'],
  handSpanWidestMm: ['handSpanWidest', 'The same, as wide as it goes without pull'],
  lowerLegMm: ['lowerLeg', 'Cello: floor to the crease behind the knee, seated'],
  seatedBreastboneMm: ['seatedBreastbone', 'Cello: seat to the lower third of the breastbone'],
  seatedEarMm: ['seatedEar', 'Cello: seat to the ear canal'],
  seatedShoulderMm: ['seatedShoulder', 'Cello: seat to the point of the shoulder'],
  armReachMm: ['armReach', 'Cello, bass: shoulder point to the centre of the closed hand'],
  eyebrowMm: ['eyebrow', 'Bass: floor to the eyebrow, standing'],
  cheekMm: ['cheek', 'Bass: floor to the cheek, standing'],
  gripHangMm: ['gripHang', 'Bass: floor to the closed hand, arm hanging']
} as const satisfies Record<string, readonly [MeasurementId, string]>;

type MeasurementKey = keyof typeof FIELDS;
const KEYS = Object.keys(FIELDS) as MeasurementKey[];
const idOf = (key: MeasurementKey): MeasurementId => FIELDS[key][0];

/** Lengths as they come in: each one reading or several. */
export type Measurements = { readonly [Key in MeasurementKey]?: number | readonly number[] | undefined };

/** A field for each length. */
export const measurementShape = Object.fromEntries(
  KEYS.map((key) => [key, readingsOf(idOf(key), FIELDS[key][1])])
) as { [Key in MeasurementKey]: ReturnType<typeof readingsOf> };

/** The measurements of a request; wrong values and unknown keys are named by their path. */
export const measurementFields = exactly(
  measurementShape,
  'The height or an arm length must be there; lengths that the family does not use are refused.'
);

/** The request's lengths as readings. */
export const readingsFrom = (measurements: Measurements): Readings =>
  Object.fromEntries(KEYS.map((key) => [idOf(key), asReadings(measurements[key])]));

/** The key under which other programs know a measurement. */
export const keyOf = (id: MeasurementId): string => KEYS.find((key) => idOf(key) === id) ?? id;

/** Lengths that this family does not use, and lengths that no body has together. */
export function measurementProblems(measurements: Measurements, family: Family): FieldProblem[] {
  const strangers = KEYS.filter(
    (key) => measurements[key] !== undefined && !MEASUREMENTS[idOf(key)].families.includes(family)
  );
  return [
    ...strangers.map((key) => ({ path: `measurements.${key}`, message: `is not used for the ${family}` })),
    ...contradictions(readingsFrom(measurements)).map(({ id, should, than }) => ({
      path: `measurements.${keyOf(id)}`,
      message: than === 'height' ? 'must be shorter than the height' : `must be ${should} than ${keyOf(than)}`
    }))
  ];
}
