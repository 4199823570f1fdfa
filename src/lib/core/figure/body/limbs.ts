import { across, add, distance, scale, sub, sum, unit, type Vec } from '../vector';

export interface TwoBones {
  /** Elbow or knee. */
  readonly middle: Vec;
  /** Wrist or ankle: the target, or as near as the limb comes. */
  readonly end: Vec;
  /** What is missing to the target, mm; 0 where it is reached. */
  readonly shortMm: number;
}

/** A limb is never drawn quite straight: its middle joint could not be told. */
const STRAIGHT = 0.999;

/**
 * Two bones from a joint to a target, the middle joint towards a pole. Out of reach they point at the target and end
 * before it; too near they fold and end beyond it. They are never stretched.
 */
export function reach(from: Vec, target: Vec, first: number, second: number, pole: Vec): TwoBones {
  const away = distance(from, target);
  const most = (first + second) * STRAIGHT;
  const least = Math.abs(first - second) / STRAIGHT + 1e-3;
  const d = Math.max(least, Math.min(most, away));
  const towards = away < 1e-6 ? ([0, -1, 0] as Vec) : unit(sub(target, from));
  const end = add(from, scale(towards, d));
  const along = (first * first - second * second + d * d) / (2 * d);
  const out = Math.sqrt(Math.max(0, first * first - along * along));
  const middle = sum(from, scale(towards, along), scale(across(pole, towards), out));
  return { middle, end, shortMm: Math.abs(away - d) < 1e-9 ? 0 : distance(end, target) };
}

/** The three bones of a finger from the base knuckle. */
export type Bones = readonly [number, number, number];
/** Knuckle, two joints, tip. */
export type Chain = readonly [Vec, Vec, Vec, Vec];

export interface Curled {
  readonly chain: Chain;
  readonly shortMm: number;
}

/** The last joint of a finger follows the middle one by this share. */
const LAST_FOLLOWS = 0.7;
const SEARCH_STEPS = 26;
/** Bent at most, radians. */
const MOST_CURL = 2;

/**
 * Three bones from a knuckle to a target, bulging to one side, the last joint following the middle one. Out of reach
 * they point straight at the target.
 *
 * @param follows how much the last joint follows; negative bends it backwards, as a collapsed finger
 */
export function curl(
  base: Vec,
  target: Vec,
  bones: Bones,
  bulge: Vec,
  follows: number = LAST_FOLLOWS
): Curled {
  const [a, b, c] = bones;
  const towards = unit(sub(target, base));
  const up = across(bulge, towards);
  const away = distance(base, target);
  const flat = (angle: number): readonly (readonly [number, number])[] => {
    const last = (1 + follows) * angle;
    const second = [a + b * Math.cos(angle), -b * Math.sin(angle)] as const;
    return [[a, 0], second, [second[0] + c * Math.cos(last), second[1] - c * Math.sin(last)]];
  };
  const span = (angle: number) => Math.hypot(...(flat(angle)[2] ?? [0, 0]));
  let [low, high] = [0, MOST_CURL];
  for (let i = 0; i < SEARCH_STEPS; i++) {
    const angle = (low + high) / 2;
    if (span(angle) > away) low = angle;
    else high = angle;
  }
  const points = flat(low);
  const [tx, ty] = points[2] ?? [1, 0];
  const turnBy = Math.atan2(-ty, tx);
  const [c0, s0] = [Math.cos(turnBy), Math.sin(turnBy)];
  const [one, two, tip] = points.map(([x, y]) =>
    sum(base, scale(towards, x * c0 - y * s0), scale(up, x * s0 + y * c0))
  ) as [Vec, Vec, Vec];
  return { chain: [base, one, two, tip], shortMm: Math.max(0, distance(tip, target) - 0.01) };
}
