import { inRow, mesh, tube } from '../drawing/meshes';
import { acrossOf, ball, cone, ringAt, type Shape } from '../drawing/shapes';
import { angleBetween, cross, dot, mix, scale, sub, turn, unit, type Frame, type Vec } from '../vector';
import { handAt } from './hand';
import type { FigureBody } from './lengths';
import { reach } from './limbs';
import type { Side, Spine } from './spine';

/** How a hand wants to stand: one knuckle at a place, and what the arm may choose. */
export interface HandWish {
  /** Which knuckle, 0 to 3, and where it stands. */
  readonly knuckle: number;
  readonly stands: Vec;
  readonly along: Vec;
  readonly back: Vec;
  /** Where the elbow hangs. */
  readonly pole: Vec;
  /** Bend of the wrist, degrees: positive towards the palm, negative towards the back of the hand. */
  readonly flexDeg: number;
  /** How much of the way the hand may turn so that the wrist comes straight, 0 to 1. */
  readonly straightens: number;
}

export interface Arm {
  readonly shoulder: Vec;
  readonly elbow: Vec;
  readonly wrist: Vec;
  readonly hand: Frame;
  readonly shortMm: number;
}

const ROUNDS = 6;
/** The wrist turns the hand this far sideways at most, degrees. */
const SIDEWAYS_DEG = 22;

/**
 * An arm whose hand stands as wished: the hand turns about its knuckle until the wrist runs straight on from the
 * forearm, as far as the wish lets it; then it is bent as asked, the knuckle staying where it stands.
 */
export function armOf(body: FigureBody, spine: Spine, side: Side, wish: HandWish): Arm {
  const { handMm, upperArmMm, forearmMm } = body;
  const shoulder = spine.shoulders[side];
  let { along, back } = wish;
  let frame = handAt(handMm, side, wish.knuckle, wish.stands, along, back);
  let limb = reach(shoulder, frame.at, upperArmMm, forearmMm, wish.pole);
  for (let round = 0; round < ROUNDS; round++) {
    const forearm = unit(sub(limb.end, limb.middle));
    // Bend in the plane of the fingers comes from turning about the knuckles, sideways bend about the palm.
    const inPlane = signedAngle(frame.z, forearm, frame.x);
    const sideways = signedAngle(frame.z, forearm, frame.y);
    const limited = Math.max(-SIDEWAYS_DEG, Math.min(SIDEWAYS_DEG, sideways));
    along = turn(
      turn(frame.z, frame.x, wish.straightens * inPlane),
      frame.y,
      0.35 * wish.straightens * limited
    );
    back = turn(frame.y, frame.x, wish.straightens * inPlane);
    frame = handAt(handMm, side, wish.knuckle, wish.stands, along, back);
    limb = reach(shoulder, frame.at, upperArmMm, forearmMm, wish.pole);
  }
  if (wish.flexDeg !== 0) {
    const turned = (v: Vec) => turn(v, frame.x, side === 'left' ? -wish.flexDeg : wish.flexDeg);
    frame = handAt(handMm, side, wish.knuckle, wish.stands, turned(frame.z), turned(frame.y));
    limb = reach(shoulder, frame.at, upperArmMm, forearmMm, wish.pole);
  }
  return {
    shoulder,
    elbow: limb.middle,
    wrist: limb.end,
    hand: { ...frame, at: limb.end },
    shortMm: limb.shortMm
  };
}

/** Angle from one direction to another round an axis, degrees; what lies along the axis does not count. */
function signedAngle(from: Vec, to: Vec, axis: Vec): number {
  const flat = (v: Vec): Vec => sub(v, scale(axis, dot(v, axis)));
  const [a, b] = [flat(from), flat(to)];
  const angle = angleBetween(a, b);
  return dot(cross(a, b), axis) < 0 ? -angle : angle;
}

/** Points round a sleeve. */
const SLEEVE_AROUND = 22;

/** Sleeve from the shoulder, and the wrist that comes out of it. */
export function armShapes({ heightMm: h, handMm }: FigureBody, side: Side, arm: Arm): Shape[] {
  const cloth = { flesh: 'body', tone: 'top', shortest: 0.022 * h } as const;
  const { shoulder, elbow, wrist } = arm;
  const [one, other] = acrossOf(unit(sub(wrist, elbow)));
  const ring = (share: number, radius: number) =>
    ringAt(mix(elbow, wrist, share), scale(one, radius * h), scale(other, radius * h), SLEEVE_AROUND);
  return [
    cone(shoulder, elbow, 0.033 * h, 0.0245 * h, {
      part: `${side}UpperArm`,
      ...cloth,
      soft: 0.03 * h,
      softEnd: 0.008 * h
    }),
    ball(elbow, 0.0238 * h, { part: `${side}Forearm`, ...cloth, soft: 0.016 * h }),
    mesh(
      tube(inRow([...ring(0, 0.0236), ...ring(0.4, 0.0208), ...ring(0.8, 0.0182)]), SLEEVE_AROUND, {
        drawn: [-1]
      }),
      { part: `${side}Forearm`, ...cloth, soft: 0.008 * h }
    ),
    cone(mix(elbow, wrist, 0.68), wrist, 0.0148 * h, 0.0125 * h, {
      part: `${side}Wrist`,
      tone: 'skin',
      flesh: `${side}Hand`,
      soft: 0.03 * handMm,
      shortest: 3
    })
  ];
}
