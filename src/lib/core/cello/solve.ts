import { beyondRange, leastSquares } from '../maths';
import {
  seatedPosture,
  standsAt,
  START_SEAT_OVER_LEG_MM,
  START_ANGLE_DEG,
  startPlacement,
  type Cello,
  type Placement,
  type Posture,
  type Stands
} from './posture';
import type { SeatedBody } from './seated-body';

/** Angles and slides that a player can be given; the seat lies this far over the lower leg. */
export const ANGLE_RANGE_DEG = [20, 40] as const;
export const SLIDE_RANGE_MM = [-50, 40] as const;
const SEAT_OVER_LEG_MM = [0, 40] as const;

/** The lowest peg against the ear canal where all is well, mm; negative is below it. */
export const PEG_RANGE_MM = [-30, 0] as const;
/** The peg is wanted this far from the ear canal, mm. */
const PEG_AIM_MM = -15;
/** The corner may lie this far above or below the inner knee, mm. */
export const CORNER_RANGE_MM = [-40, 40] as const;
/** What counts as one step of misfit: mm, and degrees for the angle. */
const STEP = { peg: 25, corner: 25, pin: 25, slide: 30, seat: 20, angle: 10 } as const;
const WEIGHT_OF_HABIT = 2;
const HABIT = Math.sqrt(WEIGHT_OF_HABIT);

/** What is missed, each in steps of its own; the misfit is the sum of their squares. */
function misses(
  { pegAboveEarMm, cornerAboveKneeMm, pinMm }: Omit<Stands, 'tipMm'>,
  { angleDeg, seatMm, slideMm }: Placement,
  body: SeatedBody,
  cello: Cello
): number[] {
  return [
    (pegAboveEarMm - PEG_AIM_MM) / STEP.peg,
    beyondRange(cornerAboveKneeMm, CORNER_RANGE_MM[0], CORNER_RANGE_MM[1]) / STEP.corner,
    beyondRange(pinMm, cello.pinMinMm ?? 0, cello.pinMaxMm ?? Infinity) / STEP.pin,
    slideMm / STEP.slide,
    (HABIT * (angleDeg - START_ANGLE_DEG)) / STEP.angle,
    (HABIT * (seatMm - body.lowerLegMm - START_SEAT_OVER_LEG_MM)) / STEP.seat
  ];
}

/** Misfit of a posture: 0 where all is as wished, growing with the square of each miss. */
export const misfit = (posture: Posture, body: SeatedBody, cello: Cello): number =>
  misses(posture, posture, body, cello).reduce((sum, miss) => sum + miss * miss, 0);

/** What must not change: the seat of the only stool there is, an angle, a slide, a pin, and where its tip is anchored. */
export type Locked = Partial<Placement> & {
  readonly pinMm?: number;
  /** How far forward of the hips the tip is held. */
  readonly tipMm?: number;
};

/** They are held this firmly, mm: a deviation of so much weighs as one step of misfit. Of the two the pin is the firmer. */
const PIN_HELD_MM = 0.05;
const TIP_HELD_MM = 0.1;

/**
 * Finds seat, angle and slide with the least misfit for one body and one cello; what is locked stays. A locked pin and
 * its anchor are met by what is left free; where they can't be, the posture's own pin and tip tell by how much.
 */
export function solvePosture(body: SeatedBody, cello: Cello, locked: Locked = {}): Posture {
  const { pinMm, tipMm, ...placement } = locked;
  const start = { ...startPlacement(body), ...placement };
  const ranges = {
    angleDeg: ANGLE_RANGE_DEG,
    slideMm: SLIDE_RANGE_MM,
    seatMm: [body.lowerLegMm + SEAT_OVER_LEG_MM[0], body.lowerLegMm + SEAT_OVER_LEG_MM[1]]
  } as const;
  const free = (['angleDeg', 'slideMm', 'seatMm'] as const).filter((key) => placement[key] === undefined);
  const [angleAt, slideAt, seatAt] = [
    free.indexOf('angleDeg'),
    free.indexOf('slideMm'),
    free.indexOf('seatMm')
  ];
  const placementAt = (values: readonly number[]): Placement => ({
    angleDeg: values[angleAt] ?? start.angleDeg,
    slideMm: values[slideAt] ?? start.slideMm,
    seatMm: values[seatAt] ?? start.seatMm
  });
  const found = leastSquares(
    (values) => {
      const at = placementAt(values);
      const stands = standsAt(body, cello, at.angleDeg, at.seatMm, at.slideMm);
      const missed = misses(stands, at, body, cello);
      if (pinMm !== undefined) missed.push((stands.pinMm - pinMm) / PIN_HELD_MM);
      if (tipMm !== undefined) missed.push((stands.tipMm - tipMm) / TIP_HELD_MM);
      return missed;
    },
    free.map((key) => ({ start: start[key], low: ranges[key][0], high: ranges[key][1] }))
  );
  return seatedPosture(body, cello, placementAt(found));
}
