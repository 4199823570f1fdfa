import {
  expectedLength,
  FRACTION_OF_HEIGHT,
  heightOf,
  readOf,
  type MeasurementId,
  type Readings
} from '../body';

/** The outstretched left arm, as far as it matters for the scroll: where the hand begins and how long it is. */
export interface Arm {
  /** Neck base to wrist crease, mm. */
  readonly wristMm: number;
  /** Wrist crease to middle fingertip, mm. */
  readonly handMm: number;
  /** Variance of the point `wrist + landing x hand` on the arm, mm². */
  varianceAt(landing: number): number;
  /** What was not measured and stands in by estimate. */
  readonly estimated: readonly MeasurementId[];
}

interface Observation {
  /** The reading is `wrist x W + hand x H`. */
  readonly wrist: number;
  readonly hand: number;
  readonly mm: number;
  readonly sdMm: number;
}

/** The palm's centre on the hand. */
export const PALM_LANDING = 0.5;
/** A hand's length as a share of the arm to the palm's centre, where nothing else tells it. */
export const HAND_OF_ARM = FRACTION_OF_HEIGHT.hand / FRACTION_OF_HEIGHT.neckToPalm;

/**
 * Finds wrist and hand from whatever was read, as the weighted least-squares solution of
 * palm = W + H/2, wrist = W and hand = H. A fitting tape leaves the palm between two lines.
 *
 * A hand that was not read is taken from height, else from the arm itself, with 5 % error; an arm that was
 * not read from height, with 4 % error. Estimates never join a length that was read.
 *
 * @returns the arm, or null when neither the height nor an arm length is known
 */
export function solveArm(readings: Readings): Arm | null {
  const palm = readOf(readings, 'armToPalm');
  const wrist = readOf(readings, 'armToWrist');
  const tape = readOf(readings, 'armByTape');
  const hand = readOf(readings, 'handLength');
  const heightMm = heightOf(readings);
  if (heightMm === null) return null;

  const observations: Observation[] = [];
  const estimated: MeasurementId[] = [];
  const observe = (wristShare: number, handPart: number, at: { mm: number; sdMm: number }) =>
    observations.push({ wrist: wristShare, hand: handPart, mm: at.mm, sdMm: at.sdMm });

  if (palm) observe(1, PALM_LANDING, palm);
  if (wrist) observe(1, 0, wrist);
  if (tape) observe(1, PALM_LANDING, tape);
  if (!palm && !wrist && !tape) {
    observe(1, PALM_LANDING, expectedLength('armToPalm', heightMm));
    estimated.push('armToPalm');
  }
  if (hand) observe(0, 1, hand);
  else {
    observe(0, 1, expectedLength('handLength', heightMm));
    estimated.push('handLength');
  }
  return { ...wristAndHand(observations), estimated };
}

/** Weighted least squares in closed form, for two unknowns. */
function wristAndHand(observations: readonly Observation[]): Omit<Arm, 'estimated'> {
  let ww = 0;
  let wh = 0;
  let hh = 0;
  let w = 0;
  let h = 0;
  for (const { wrist, hand, mm, sdMm } of observations) {
    const weight = 1 / (sdMm * sdMm);
    ww += weight * wrist * wrist;
    wh += weight * wrist * hand;
    hh += weight * hand * hand;
    w += weight * wrist * mm;
    h += weight * hand * mm;
  }
  const determinant = ww * hh - wh * wh;
  return {
    wristMm: (hh * w - wh * h) / determinant,
    handMm: (ww * h - wh * w) / determinant,
    varianceAt: (landing) => (hh - 2 * landing * wh + landing * landing * ww) / determinant
  };
}
