import { FRACTION_OF_HEIGHT as OF_HEIGHT } from '../body';
import type { Posture, SeatedBody } from '../cello';
import { path, smoothThrough, type Point } from './path';

/** A person seen from the right side, facing right; paths in mm, x forward, y downward with the floor at 0. */
export interface PersonView {
  readonly head: string;
  readonly trunk: string;
  readonly legs: string;
  /** Middle lines of the arms: the far left one goes behind the instrument, the near right one before it. */
  readonly leftArm: string;
  readonly rightArm: string;
  /** How thick the arms are, mm. */
  readonly armMm: number;
}

const join = (points: readonly Point[]) => path('M', ...(points[0] ?? [0, 0])) + smoothThrough(points);

/** A head in profile, placed by its ear. */
function headAt([x, y]: Point, heightMm: number): string {
  // Height of a head: 0.9 + 0.1 of 230 mm at 1700 mm, as for the seated ear.
  const size = 230 * (0.9 + (0.1 * heightMm) / 1700);
  const at = (forward: number, up: number): Point => [x + forward * size, y - up * size];
  const outline = [
    at(-0.1, -0.3),
    at(-0.3, -0.06),
    at(-0.38, 0.2),
    at(-0.26, 0.46),
    at(0.02, 0.56),
    at(0.3, 0.45),
    at(0.38, 0.2),
    at(0.385, 0.1),
    at(0.46, -0.04),
    at(0.39, -0.09),
    at(0.4, -0.2),
    at(0.36, -0.36),
    at(0.24, -0.42),
    at(0.06, -0.32)
  ];
  const ear = [at(0, 0.07), at(0.05, 0.05), at(0.05, -0.02), at(0, -0.06)];
  return join(outline) + join(ear);
}

/** Thickness of an arm as a share of height. */
const ARM_SHARE = 0.034;

/** Two segments from a shoulder to a hand, the elbow to the lower side. */
function bentArm(shoulder: Point, hand: Point, upperMm: number, foreMm: number): readonly Point[] {
  const [dx, dy] = [hand[0] - shoulder[0], hand[1] - shoulder[1]];
  const away = Math.hypot(dx, dy);
  if (away >= upperMm + foreMm || away === 0) return [shoulder, hand];
  const along = (upperMm ** 2 - foreMm ** 2 + away ** 2) / (2 * away);
  const aside = Math.sqrt(Math.max(0, upperMm ** 2 - along ** 2));
  return [
    shoulder,
    [
      shoulder[0] + (dx * along) / away - (dy * aside) / away,
      shoulder[1] + (dy * along) / away + (dx * aside) / away
    ],
    hand
  ];
}

/** The middle line of an arm, rounded at the elbow by whoever draws it thick. */
const middle = (joints: readonly Point[]): string =>
  joints.map((joint, index) => path(index === 0 ? 'M' : 'L', ...joint)).join('');

const split = (reachMm: number): readonly [upper: number, fore: number] => {
  const whole = OF_HEIGHT.upperArm + OF_HEIGHT.forearm + 0.054;
  return [(reachMm * OF_HEIGHT.upperArm) / whole, reachMm * (1 - OF_HEIGHT.upperArm / whole)];
};

/**
 * A seated player with the right arm at the bow's place and the left hand at the neck.
 *
 * @param leftHand where the left hand is, in the view's coordinates
 */
export function seatedPersonView(body: SeatedBody, posture: Posture, leftHand: Point): PersonView {
  const h = body.heightMm;
  const up = (x: number, y: number): Point => [x, -y];
  const seat = posture.seatMm;
  const chest = body.chestDepthMm;
  const shoulderY = seat + body.shoulderMm;
  const kneeX = 0.285 * h;
  const kneeY = posture.kneeMm;
  const back = [
    up(-0.03 * h, shoulderY + 0.055 * h),
    up(-0.05 * h, shoulderY + 0.005 * h),
    up(-0.075 * h, shoulderY - 0.09 * h),
    up(-0.06 * h, seat + 0.14 * h),
    up(-0.075 * h, seat + 0.03 * h),
    up(-0.06 * h, seat)
  ];
  const front = [
    up(0.035 * h, shoulderY + 0.04 * h),
    up(0.04 * h, shoulderY),
    up(chest / 2, seat + body.breastboneMm),
    up(chest / 2 - 0.008 * h, seat + 0.16 * h),
    up(0.07 * h, seat + 0.085 * h)
  ];
  const thighTop = [up(0.07 * h, seat + 0.085 * h), up(0.18 * h, kneeY + 0.02 * h), up(kneeX, kneeY)];
  const shin = [
    up(kneeX, kneeY),
    up(kneeX + 0.012 * h, kneeY - 0.05 * h),
    up(kneeX - 0.012 * h, 0.12 * h),
    up(kneeX - 0.015 * h, 0.045 * h),
    up(kneeX + 0.09 * h, 0.02 * h),
    up(kneeX + 0.1 * h, 0)
  ];
  const calf = [
    up(-0.06 * h, seat),
    up(0.12 * h, seat),
    up(kneeX - 0.055 * h, body.lowerLegMm),
    up(kneeX - 0.072 * h, 0.14 * h),
    up(kneeX - 0.055 * h, 0.03 * h),
    up(kneeX - 0.05 * h, 0)
  ];
  const sole = [up(kneeX - 0.05 * h, 0), up(kneeX + 0.1 * h, 0)];
  const shoulder = up(0, shoulderY);
  const [upper, fore] = split(body.armReachMm);
  const bow = up(posture.bowContact.x, posture.bowContact.y);
  return {
    head: headAt(up(posture.ear.x, posture.ear.y), h),
    trunk: [back, front].map(join).join(''),
    legs: [thighTop, shin, calf, sole].map(join).join(''),
    leftArm: middle(bentArm(shoulder, leftHand, upper, fore)),
    rightArm: middle(bentArm(shoulder, bow, upper, fore)),
    armMm: ARM_SHARE * h
  };
}

/** Points of a standing outline down to the hips. */
const HIPS = 5;

/** A standing player with both hands at the instrument; heights in mm. */
export function standingPersonView(
  heightMm: number,
  hands: { readonly bow: Point; readonly left: Point }
): PersonView {
  const h = heightMm;
  const up = (x: number, y: number): Point => [x * h, -y * h];
  const back = [
    up(-0.03, 0.868),
    up(-0.05, 0.825),
    up(-0.075, 0.74),
    up(-0.055, 0.62),
    up(-0.082, 0.52),
    up(-0.06, 0.44),
    up(-0.045, 0.29),
    up(-0.062, 0.2),
    up(-0.038, 0.05),
    up(-0.05, 0)
  ];
  const front = [
    up(0.03, 0.855),
    up(0.035, 0.82),
    up(0.06, 0.73),
    up(0.05, 0.6),
    up(0.062, 0.53),
    up(0.05, 0.42),
    up(0.035, 0.29),
    up(0.02, 0.18),
    up(0.015, 0.04),
    up(0.095, 0.018),
    up(0.1, 0)
  ];
  const sole = [up(-0.05, 0), up(0.1, 0)];
  const shoulder = up(0, OF_HEIGHT.shoulder);
  const [upper, fore] = split(OF_HEIGHT.armReach * h);
  return {
    head: headAt(up(0, 0.925), h),
    trunk: [back.slice(0, HIPS), front.slice(0, HIPS)].map(join).join(''),
    legs: [back.slice(HIPS - 1), front.slice(HIPS - 1), sole].map(join).join(''),
    leftArm: middle(bentArm(shoulder, hands.left, upper, fore)),
    rightArm: middle(bentArm(shoulder, hands.bow, upper, fore)),
    armMm: ARM_SHARE * h
  };
}
