import { add, place, scale, unit, type Vec } from '../vector';
import { slab } from '../drawing/meshes';
import { cone, cuff, type Shape } from '../drawing/shapes';
import type { FigureBody } from './lengths';
import { reach } from './limbs';
import { signOf, type Side, type Spine } from './spine';

/** How far before the ankle a foot stands while its heel is up, as a share of height. Source: our own drawing. */
export const TOES = 0.11;

export interface Leg {
  readonly hip: Vec;
  readonly knee: Vec;
  readonly ankle: Vec;
  readonly toe: Vec;
  readonly shortMm: number;
}

/** A leg from the hip to an ankle. */
export function legOf(body: FigureBody, spine: Spine, side: Side, ankle: Vec, pole: Vec, toe: Vec): Leg {
  const hip = place(spine.pelvis, [signOf(side) * body.hipHalfMm, 0, 0]);
  const { middle, end, shortMm } = reach(hip, ankle, body.thighMm, body.shinMm, pole);
  return { hip, knee: middle, ankle: end, toe: unit(toe), shortMm };
}

export function legShapes(body: FigureBody, side: Side, { hip, knee, ankle, toe }: Leg): Shape[] {
  const { heightMm: h, ankleMm } = body;
  const cloth = {
    flesh: 'legs',
    tone: 'trousers',
    soft: 0.02 * h,
    softEnd: 0.012 * h,
    shortest: 0.014 * h
  } as const;
  const shoe = { part: `${side}Foot`, tone: 'shoe', flesh: `${side}Shoe` } as const;
  const foot = (along: number, up: number): Vec => {
    const [x, y, z] = add(ankle, scale(toe, along * h));
    return [x, y - ankleMm + up * h, z];
  };
  const calf: Vec = [
    knee[0] + 0.3 * (ankle[0] - knee[0]),
    knee[1] + 0.3 * (ankle[1] - knee[1]),
    knee[2] + 0.3 * (ankle[2] - knee[2])
  ];
  const shin = cone(calf, ankle, 0.0385 * h, 0.028 * h, { part: `${side}Shin`, ...cloth });
  return [
    cone(hip, knee, 0.047 * h, 0.0405 * h, { part: `${side}Thigh`, ...cloth }),
    cone(knee, calf, 0.0395 * h, 0.0385 * h, { part: `${side}Shin`, ...cloth }),
    shin,
    cuff(shin, 0.94),
    cone(foot(-0.02, 0.023), foot(0.1, 0.0175), 0.023 * h, 0.0185 * h, { ...shoe, soft: 0.01 * h }),
    cone(ankle, foot(0.012, 0.025), 0.02 * h, 0.023 * h, { ...shoe, soft: 0.03 * h })
  ];
}

/** A stool whose top is as high as the seat. */
export function stoolShapes({ heightMm: h }: FigureBody, seatMm: number, back: number): Shape[] {
  const [w, d] = [0.118 * h, 0.112 * h];
  const look = { part: 'stool', tone: 'seat' } as const;
  const middle = -0.02 * h + back;
  const frame = {
    at: [0, seatMm, middle] as Vec,
    x: [1, 0, 0] as Vec,
    y: [0, 0, 1] as Vec,
    z: [0, 1, 0] as Vec
  };
  const side = (x: number): readonly (readonly [number, number])[] => [
    [x, -d],
    [x, d]
  ];
  const top = slab(
    frame,
    side(-w),
    side(w),
    () => -0.024 * h,
    () => 0,
    look,
    [0, 1]
  );
  const legs = [-1, 1].flatMap((x) =>
    [-1, 1].map((z) =>
      cone(
        [x * w * 0.86, seatMm - 0.026 * h, middle + z * d * 0.86],
        [x * w * 0.95, 0.009 * h, middle + z * d * 0.95],
        0.0095 * h,
        0.009 * h,
        { ...look, slender: true }
      )
    )
  );
  return [top, ...legs];
}
