import { armOf, type Arm, type HandWish } from '../body/arm';
import { handAt, type HandTargets } from '../body/hand';
import type { FigureBody } from '../body/lengths';
import { CHEST_AT, signOf, type Side, type Spine } from '../body/spine';
import { onBow, stickOver, type Bow, type BowFrame } from '../instrument/bow';
import type { Model } from '../instrument/model';
import { add, cosDeg, distance, place, scale, sinDeg, sub, sum, unit, type Frame, type Vec } from '../vector';
import type { HandPlan } from './left-hand';

const RELAXED: HandTargets = { fingers: [null, null, null, null], thumb: null };

/** An arm that hangs beside the body. */
export function hangingPlan(body: FigureBody, spine: Spine, side: Side): HandPlan {
  const shoulder = spine.shoulders[side];
  const out = signOf(side);
  const down = 0.985 * (body.upperArmMm + body.forearmMm);
  const wrist = sum(shoulder, [out * 0.03 * body.heightMm, -down, 0.03 * body.heightMm]);
  const along: Vec = unit([-out * 0.02, -1, 0.12]);
  return {
    wish: wishAt(body, side, wrist, along, [out, 0, 0.25], [out * 0.25, 0, -1]),
    targets: () => RELAXED,
    touches: []
  };
}

/** A hand that lies on the thigh of one who sits. */
export function lapPlan(body: FigureBody, spine: Spine, side: Side): HandPlan {
  const h = body.heightMm;
  const out = signOf(side);
  const wrist = place(spine.pelvis, [out * 0.085 * h, 0.055 * h, 0.15 * h]);
  return {
    wish: wishAt(body, side, wrist, [-out * 0.25, -0.16, 1], [0, 1, 0.1], [out * 0.5, -0.3, -1]),
    targets: () => RELAXED,
    touches: []
  };
}

/** The left hand carries the bow by the middle of its stick, from below. */
export function carryingPlan(body: FigureBody, bow: Bow, lies: BowFrame): HandPlan {
  const H = body.handMm;
  const at = (along: number, up: number, beyond: number) =>
    onBow(lies, [along, stickOver(bow, along) + up, beyond]);
  const middle = 0.62 * bow.hairMm;
  const wrist = at(middle + 0.25 * H, -0.5 * H, 0);
  return {
    wish: wishAt(body, 'left', wrist, sub(at(middle, 0, 0), wrist), lies.along, [0.6, -1, 0]),
    targets: () => ({
      ...RELAXED,
      fingers: [0.12, 0, -0.1, -0.2].map((x) => at(middle + x * H, 0.05 * H, 0.04 * H))
    }),
    touches: []
  };
}

/** A wish of a hand by its wrist: the knuckle is put where the wrist wants it. */
function wishAt({ handMm }: FigureBody, side: Side, wrist: Vec, along: Vec, back: Vec, pole: Vec): HandWish {
  const knuckle = 1;
  const begins = handAt(handMm, side, knuckle, wrist, along, back).at;
  const stands = add(wrist, sub(wrist, begins));
  return { knuckle, stands, along: unit(along), back, pole, flexDeg: 0, straightens: 0 };
}

/** Where an instrument that is laid along the arm begins: at the side of the neck, on the collarbone. */
const neckPlace = (body: FigureBody, spine: Spine): Vec =>
  place(spine.chest, [
    0.028 * body.heightMm,
    (1 - CHEST_AT) * body.trunkMm + 0.012 * body.heightMm,
    0.012 * body.heightMm
  ]);

/**
 * The arm stretched out level as for sizing: the wrist lies as far from the neck as was measured. To the side it comes
 * nearer to the neck than the arm is long, to the front further: between the two it fits.
 *
 * @param wristMm from the side of the neck to the wrist
 */
export function alongArm(body: FigureBody, spine: Spine, wristMm: number, downDeg: number) {
  const from = neckPlace(body, spine);
  const shoulder = spine.shoulders.left;
  const arm = 0.999 * (body.upperArmMm + body.forearmMm);
  const [level, down] = [cosDeg(downDeg), sinDeg(downDeg)];
  const way = (deg: number): Vec => [cosDeg(deg) * level, -down, sinDeg(deg) * level];
  let [low, high] = [0, 90];
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2;
    if (distance(add(from, scale(way(middle), wristMm)), shoulder) < arm) low = middle;
    else high = middle;
  }
  const along = way(low);
  const wrist = add(from, scale(along, wristMm));
  const plan: HandPlan = {
    wish: {
      ...wishAt(body, 'left', wrist, along, [0, -1, 0], [0.2, -1, -0.3]),
      straightens: 0
    },
    targets: (hand) => {
      const open = (x: number, z: number): Vec =>
        place(hand, [x * body.handMm, -0.02 * body.handMm, z * body.handMm]);
      return {
        fingers: [open(0.19, 0.93), open(0.06, 1), open(-0.07, 0.93), open(-0.2, 0.79)],
        thumb: open(0.42, 0.42)
      };
    },
    touches: []
  };
  return { from, along, plan };
}

/** The left hand curls round the scroll of an instrument that is held out. */
export function scrollPlan(body: FigureBody, model: Model, frame: Frame): HandPlan {
  const H = body.handMm;
  const on = (wide: number, along: number, out: number) => place(frame, [wide, along, out]);
  const radius = (model.overallMm - model.nut) * 0.155;
  const eye = model.overallMm - radius;
  const out = model.boardAtNut - radius * 0.75;
  const beyond = (x: number, up: number) => on(x, eye + radius * up, out + 0.12 * H);
  return {
    wish: {
      knuckle: 1,
      stands: on(-0.02 * H, eye - 0.15 * H, out - radius - 0.12 * H),
      along: sub(scale(frame.y, 1), scale(frame.z, -0.15)),
      back: scale(frame.z, -1),
      pole: [0.1, -1, 0.1],
      flexDeg: 0,
      straightens: 0.3
    },
    targets: (hand) => ({
      fingers: [beyond(0.1 * H, 1.1), beyond(0.02 * H, 1.25), beyond(-0.07 * H, 1.2), beyond(-0.14 * H, 1)],
      thumb: on(0.2 * H, eye - 0.1 * H, out),
      bulge: [0, 1, 2, 3].map(() => add(hand.y, scale(hand.z, 1)))
    }),
    touches: [on(0, eye + radius, out)]
  };
}

export const armFor = (body: FigureBody, spine: Spine, side: Side, { wish }: HandPlan): Arm =>
  armOf(body, spine, side, wish);
