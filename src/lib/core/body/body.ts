import { MEASUREMENTS, type MeasurementId } from './measurements';
import { FRACTION_OF_HEIGHT as OF_HEIGHT } from './proportions';
import { combineReadings } from './readings';

/** Readings by measurement, in mm; an absent or empty list means that it was not measured. */
export type Readings = Readonly<Partial<Record<MeasurementId, readonly number[]>>>;

/** A length of a body, measured or estimated from height. */
export interface BodyLength {
  readonly mm: number;
  /** Its error: of the tape when measured, of the proportion when estimated, mm. */
  readonly sdMm: number;
  readonly measured: boolean;
}

/** A body as far as it was measured; what was not is filled in by proportion and says so. */
export interface Body {
  readonly heightMm: number;
  /** One length; estimated from height where it was not read. */
  length(id: MeasurementId): BodyLength;
}

/** Lengths from which a height that was not read can be guessed, with their share of it. */
const HEIGHT_FROM: readonly (readonly [id: MeasurementId, share: number])[] = [
  ['armToPalm', OF_HEIGHT.neckToPalm],
  ['armToWrist', OF_HEIGHT.neckToWrist],
  ['armByTape', OF_HEIGHT.neckToPalm],
  ['armReach', OF_HEIGHT.armReach],
  ['eyebrow', OF_HEIGHT.eyebrow],
  ['cheek', OF_HEIGHT.cheek]
];

/** What was read of one length, or null. */
export function readOf(readings: Readings, id: MeasurementId): BodyLength | null {
  const values = readings[id];
  if (!values || values.length === 0) return null;
  const { mm, sdMm } = combineReadings(id, values);
  return { mm, sdMm, measured: true };
}

/** The height in mm, read or else guessed from arms and standing heights; null when none was read. */
export function heightOf(readings: Readings): number | null {
  const read = readOf(readings, 'height');
  if (read) return read.mm;
  const guesses = HEIGHT_FROM.flatMap(([id, share]) => {
    const length = readOf(readings, id);
    return length ? [length.mm / share] : [];
  });
  return guesses.length === 0 ? null : guesses.reduce((sum, guess) => sum + guess, 0) / guesses.length;
}

/**
 * A body from what was read of it. Lengths that were not read follow from height by proportion, each with the
 * error of its own proportion.
 *
 * @returns null when neither the height nor a length that tells it was read
 */
export function bodyOf(readings: Readings): Body | null {
  const heightMm = heightOf(readings);
  if (heightMm === null) return null;
  const known = new Map<MeasurementId, BodyLength>();
  return {
    heightMm,
    length(id) {
      const before = known.get(id);
      if (before) return before;
      const length = readOf(readings, id) ?? expectedLength(id, heightMm);
      known.set(id, length);
      return length;
    }
  };
}

/**
 * A length as height suggests it.
 *
 * @throws RangeError for a length about which height says nothing
 */
export function expectedLength(id: MeasurementId, heightMm: number): BodyLength {
  const { expectedMm, expectedShare } = MEASUREMENTS[id];
  if (id === 'height') return { mm: heightMm, sdMm: MEASUREMENTS.height.sdMm, measured: false };
  if (!expectedMm || expectedShare === undefined) throw new RangeError(`height says nothing about ${id}`);
  const mm = expectedMm(heightMm);
  return { mm, sdMm: expectedShare * mm, measured: false };
}
