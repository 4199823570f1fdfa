/** A point or direction, mm: x to the player's left, y up from the floor, z forward. */
export type Vec = readonly [x: number, y: number, z: number];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, by: number): Vec => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0]
];
export const length = (a: Vec): number => Math.hypot(a[0], a[1], a[2]);
export const distance = (a: Vec, b: Vec): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
export const unit = (a: Vec): Vec => scale(a, 1 / (length(a) || 1));
export const mix = (a: Vec, b: Vec, share: number): Vec => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share
];
export const sum = (...all: readonly Vec[]): Vec => all.reduce(add, [0, 0, 0]);

/** The part of a direction at right angles to a unit axis, as a unit vector. */
export const across = (direction: Vec, axis: Vec): Vec =>
  unit(sub(direction, scale(axis, dot(direction, axis))));

const RADIANS = Math.PI / 180;
export const radians = (deg: number): number => deg * RADIANS;
export const sinDeg = (deg: number): number => Math.sin(deg * RADIANS);
export const cosDeg = (deg: number): number => Math.cos(deg * RADIANS);

/** Turns a vector round a unit axis by the right-hand rule. */
export function turn(a: Vec, axis: Vec, deg: number): Vec {
  if (deg === 0) return a;
  const c = cosDeg(deg);
  return sum(scale(a, c), scale(cross(axis, a), sinDeg(deg)), scale(axis, dot(axis, a) * (1 - c)));
}

/** Angle between two directions, degrees, 0 to 180. */
export const angleBetween = (a: Vec, b: Vec): number =>
  Math.acos(Math.max(-1, Math.min(1, dot(unit(a), unit(b))))) / RADIANS;

/** A place with three unit axes of its own, right-handed. */
export interface Frame {
  readonly at: Vec;
  readonly x: Vec;
  readonly y: Vec;
  readonly z: Vec;
}

/** World point of local coordinates. */
export const place = (frame: Frame, local: Vec): Vec => add(frame.at, direct(frame, local));

/** World direction of local coordinates. */
export const direct = ({ x, y, z }: Frame, [a, b, c]: Vec): Vec => [
  x[0] * a + y[0] * b + z[0] * c,
  x[1] * a + y[1] * b + z[1] * c,
  x[2] * a + y[2] * b + z[2] * c
];

/** Local coordinates of a world point. */
export const within = (frame: Frame, point: Vec): Vec => {
  const from = sub(point, frame.at);
  return [dot(from, frame.x), dot(from, frame.y), dot(from, frame.z)];
};

export const moved = (frame: Frame, at: Vec): Frame => ({ ...frame, at });

const turned = (frame: Frame, axis: Vec, deg: number): Frame =>
  deg === 0
    ? frame
    : { at: frame.at, x: turn(frame.x, axis, deg), y: turn(frame.y, axis, deg), z: turn(frame.z, axis, deg) };

/** How a joint is bent, degrees: yaw turns to the player's left, pitch bends forward, roll tips to the left. */
export interface Bend {
  readonly yaw?: number;
  readonly pitch?: number;
  readonly roll?: number;
}

/** A frame bent about its own axes: yaw, then pitch, then roll. */
export function bent(frame: Frame, { yaw = 0, pitch = 0, roll = 0 }: Bend): Frame {
  const once = turned(frame, frame.y, yaw);
  const twice = turned(once, once.x, pitch);
  return turned(twice, twice.z, -roll);
}

export const UPRIGHT: Frame = { at: [0, 0, 0], x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] };
