import { across, cross, direct, mix, place, scale, sub, sum, unit, type Frame, type Vec } from '../vector';
import type { Common, Tone } from './materials';
import type { Mesh } from './meshes';

/** A tapered capsule: a sphere that runs from a to b. */
export interface Cone extends Common {
  readonly kind: 'cone';
  readonly tone: Tone;
  readonly a: Vec;
  readonly b: Vec;
  readonly ra: number;
  readonly rb: number;
  /** Drawn as one line where two would run together. */
  readonly slender?: boolean;
}

export interface Ellipsoid extends Common {
  readonly kind: 'ellipsoid';
  readonly tone: Tone;
  readonly at: Vec;
  /** Three directions at right angles whose lengths are the radii. */
  readonly axes: readonly [Vec, Vec, Vec];
}

/** A line on or near a surface. */
export interface Curve extends Common {
  readonly kind: 'curve';
  readonly points: readonly Vec[];
  /** Normals along it: only what faces the viewer is drawn. */
  readonly normals?: readonly Vec[];
  /** Parts whose surface it lies on, by the beginning of their name. */
  readonly on: readonly string[];
  /** Not drawn where a mm takes less than this many pixels. */
  readonly fromDetail?: number;
  readonly fine?: boolean;
}

export type Solid = Cone | Ellipsoid | Mesh;
export type Shape = Solid | Curve;

type Look = Omit<Cone, 'kind' | 'a' | 'b' | 'ra' | 'rb'>;

export const cone = (a: Vec, b: Vec, ra: number, rb: number, look: Look): Cone => ({
  kind: 'cone',
  a,
  b,
  ra,
  rb,
  ...look
});

/** An ellipsoid along the axes of a frame. */
export const egg = (frame: Frame, at: Vec, [rx, ry, rz]: Vec, look: Look): Ellipsoid => ({
  kind: 'ellipsoid',
  at: place(frame, at),
  axes: [scale(frame.x, rx), scale(frame.y, ry), scale(frame.z, rz)],
  ...look
});

export const ball = (at: Vec, radius: number, look: Look): Ellipsoid => ({
  kind: 'ellipsoid',
  at,
  axes: [
    [radius, 0, 0],
    [0, radius, 0],
    [0, 0, radius]
  ],
  ...look
});

/** The same shape elsewhere. */
export function shifted(shape: Shape, by: Vec): Shape {
  switch (shape.kind) {
    case 'cone':
      return { ...shape, a: sum(shape.a, by), b: sum(shape.b, by) };
    case 'ellipsoid':
      return { ...shape, at: sum(shape.at, by) };
    case 'curve':
      return { ...shape, points: shape.points.map((point) => sum(point, by)) };
    case 'mesh':
      return { ...shape, frame: { ...shape.frame, at: sum(shape.frame.at, by) } };
  }
}

/** A ring of points round an axis; the radii along two directions across it. */
export const ringAt = (at: Vec, across1: Vec, across2: Vec, around: number): Vec[] =>
  Array.from({ length: around }, (_, i) => {
    const angle = (2 * Math.PI * i) / around;
    return sum(at, scale(across1, Math.cos(angle)), scale(across2, Math.sin(angle)));
  });

/** Two unit directions across an axis. */
export function acrossOf(axis: Vec): readonly [Vec, Vec] {
  const first = across(Math.abs(axis[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0], axis);
  return [first, cross(axis, first)];
}

/** A ring round a cone where a share of it is run through, as the edge of a sleeve. */
export function cuff({ a, b, ra, rb, part, flesh }: Cone, share: number): Curve {
  const axis = unit(sub(b, a));
  const radius = ra + (rb - ra) * share + 0.6;
  const [one, other] = acrossOf(axis);
  const ring = ringAt(mix(a, b, share), scale(one, radius), scale(other, radius), 32);
  return { kind: 'curve', part, flesh, points: [...ring, ring[0] ?? a], on: [part] };
}

/** Points of a frame as a curve on a surface. */
export const curveOn = (
  frame: Frame,
  points: readonly Vec[],
  look: Omit<Curve, 'kind' | 'points' | 'normals'>,
  normals?: readonly Vec[]
): Curve => ({
  kind: 'curve',
  points: points.map((point) => place(frame, point)),
  ...(normals ? { normals: normals.map((normal) => direct(frame, normal)) } : {}),
  ...look
});
