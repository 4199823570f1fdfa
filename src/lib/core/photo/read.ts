import { angleKind, type AngleId, type AngleReading } from './angles';

/** A place on a picture, pixels: right and down. */
export type At = readonly [x: number, y: number];

const RAD = 180 / Math.PI;
const ORIGIN: At = [0, 0];
const minus = ([ax, ay]: At, [bx, by]: At): At => [ax - bx, ay - by];
const dot = ([ax, ay]: At, [bx, by]: At): number => ax * bx + ay * by;

/** How far the first stands above the second, from level; left or right makes no difference. */
const levelOf = (a: At, b: At): number => Math.atan2(b[1] - a[1], Math.abs(b[0] - a[0])) * RAD;

const between = (a: At, b: At): number =>
  Math.acos(Math.max(-1, Math.min(1, dot(a, b) / (Math.hypot(...a) * Math.hypot(...b) || 1)))) * RAD;

const READ: Readonly<Record<AngleReading, (points: readonly At[]) => number>> = {
  level: ([a = ORIGIN, b = ORIGIN]) => levelOf(a, b),
  plumb: ([a = ORIGIN, b = ORIGIN]) => Math.atan2(Math.abs(a[0] - b[0]), Math.abs(a[1] - b[1])) * RAD,
  lines: ([a = ORIGIN, b = ORIGIN, c = ORIGIN, d = ORIGIN]) => levelOf(a, b) - levelOf(c, d),
  bend: ([a = ORIGIN, b = ORIGIN, c = ORIGIN]) => 180 - between(minus(a, b), minus(c, b)),
  between: ([a = ORIGIN, b = ORIGIN, c = ORIGIN, d = ORIGIN]) => between(minus(b, a), minus(d, c)),
  facing: ([a = ORIGIN, b = ORIGIN, c = ORIGIN, d = ORIGIN]) => {
    const left = minus(a, b);
    const way = minus(d, c);
    return Math.atan2(dot(way, left), dot(way, [-left[1], left[0]])) * RAD;
  }
};

/** Whether a camera that is held askew changes what is read: what is held against level or plumb, not against itself. */
export const needsLevel = (id: AngleId): boolean => ['level', 'plumb'].includes(angleKind(id).reading);

/** Points turned about the picture's corner. */
export function turned(points: readonly At[], deg: number): readonly At[] {
  const [c, s] = [Math.cos(deg / RAD), Math.sin(deg / RAD)];
  return points.map(([x, y]) => [x * c - y * s, x * s + y * c]);
}

/**
 * How far a camera was held askew, degrees, clockwise as the picture shows it: out of a line that is level or plumb in
 * truth, whichever it is nearer to.
 */
export function rollOf([a, b]: readonly [At, At]): number {
  const deg = Math.atan2(b[1] - a[1], b[0] - a[0]) * RAD;
  return deg - 90 * Math.round(deg / 90);
}

/**
 * An angle as a picture shows it, degrees, with the camera's roll taken out.
 *
 * @param points in the order of the angle's kind
 * @example
 * readAngle('shoulders', [[100, 90], [300, 120]]) // 8.5: the left one is higher
 */
export const readAngle = (id: AngleId, points: readonly At[], rollDeg = 0): number =>
  READ[angleKind(id).reading](needsLevel(id) ? turned(points, -rollDeg) : points);
