import { MEASUREMENTS, type MeasurementId } from './measurements';

/** Distance from what height predicts, in standard deviations, beyond which a value is asked about. */
const ASK_BEYOND_SD = 3;
/** Heights outside this are asked about: a mistyped unit is more likely than such a player. */
const USUAL_HEIGHT_MM = [850, 2050] as const;

export type Plausibility =
  | { readonly kind: 'fine' }
  /** No player can have it. */
  | { readonly kind: 'impossible'; readonly lowMm: number; readonly highMm: number }
  /** Possible, but so far from what is expected that the teacher is asked first. */
  | {
      readonly kind: 'ask';
      readonly expectedMm: number | null;
      readonly sds: number | null;
      readonly likely: 'other-unit' | 'other-landmark' | 'birth-month' | 'unknown';
    };

/**
 * Judges a typed value before it is kept, against hard limits and against what height predicts
 * (3 standard deviations of the expected length).
 *
 * @param heightMm standing height when known
 * @param forAge for a height, how far it lies from the growth reference: beyond it, the age is asked about too
 */
export function plausibility(
  id: MeasurementId,
  mm: number,
  heightMm: number | null,
  forAge: 'within' | 'beyond' = 'within'
): Plausibility {
  const kind = MEASUREMENTS[id];
  const [lowMm, highMm] = kind.rangeMm;
  const unit = looksLikeOtherUnit(id, mm, heightMm);
  if (mm < lowMm || mm > highMm) {
    return unit
      ? { kind: 'ask', expectedMm: null, sds: null, likely: 'other-unit' }
      : { kind: 'impossible', lowMm, highMm };
  }
  if (id === 'height') {
    const usual = mm >= USUAL_HEIGHT_MM[0] && mm <= USUAL_HEIGHT_MM[1];
    if (usual && forAge === 'within') return { kind: 'fine' };
    const otherwise = forAge === 'beyond' ? 'birth-month' : 'unknown';
    return { kind: 'ask', expectedMm: null, sds: null, likely: unit && !usual ? 'other-unit' : otherwise };
  }
  if (heightMm === null || !kind.expectedMm || !kind.expectedShare) return { kind: 'fine' };
  const expectedMm = kind.expectedMm(heightMm);
  const sds = (mm - expectedMm) / (kind.expectedShare * expectedMm);
  if (Math.abs(sds) <= ASK_BEYOND_SD) return { kind: 'fine' };
  return {
    kind: 'ask',
    expectedMm,
    sds,
    likely: unit ? 'other-unit' : id === 'armToPalm' || id === 'armToWrist' ? 'other-landmark' : 'unknown'
  };
}

const MM_PER_INCH_IN_CM = 2.54;

/** Whether reading the number in the other unit, inches for centimetres or back, would make sense of it. */
function looksLikeOtherUnit(id: MeasurementId, mm: number, heightMm: number | null): boolean {
  const { expectedMm, expectedShare, rangeMm } = MEASUREMENTS[id];
  const [low, high] =
    heightMm !== null && expectedMm && expectedShare
      ? [1 - 3 * expectedShare, 1 + 3 * expectedShare].map((share) => share * expectedMm(heightMm))
      : id === 'height'
        ? USUAL_HEIGHT_MM
        : rangeMm;
  return [mm * MM_PER_INCH_IN_CM, mm / MM_PER_INCH_IN_CM].some(
    (other) => other >= (low ?? 0) && other <= (high ?? 0)
  );
}
