import { cross, dot, unit, type Vec } from '../vector';
import { seen, type Camera } from './camera';
import { contoursOf, facing } from './mesh-contours';
import type { Cone, Curve, Ellipsoid, Mesh, Shape } from './shapes';

/** A point of a line in the picture, with how far along its shape it lies, 0 to 1. */
export type LinePoint = readonly [x: number, y: number, z: number, along?: number];
export type Line = readonly LinePoint[];

/** The nearest depth of a surface at a place of the picture; -Infinity beside it. */
export type Depth = (x: number, y: number) => number;

/** Left, top, right, bottom, mm. */
export type Box = readonly [number, number, number, number];

/** A shape as the picture has it. */
export interface Projected {
  readonly shape: Shape;
  readonly lines: readonly Line[];
  readonly box: Box;
  /** The surface of a cone or an ellipsoid; null for meshes and curves. */
  readonly depth: Depth | null;
  /** The points of a mesh. */
  readonly points: readonly Vec[] | null;
}

/** Taken off a surface when it hides others, mm, so that outlines which touch do not eat each other. */
const SHRINK_MM = 0.5;
const ARC_STEP = 0.2;

function projectCone({ a: from, b: to, ra, rb }: Cone, camera: Camera) {
  const a = seen(camera, from);
  const b = seen(camera, to);
  const [dx, dy, dz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
  const flat = Math.hypot(dx, dy);
  const ring: LinePoint[] = [];
  const arc = (centre: Vec, radius: number, start: number, end: number, along: number) => {
    const steps = Math.max(2, Math.ceil(Math.abs(end - start) / ARC_STEP));
    for (let i = 0; i <= steps; i++) {
      const angle = start + ((end - start) * i) / steps;
      ring.push([
        centre[0] + radius * Math.cos(angle),
        centre[1] + radius * Math.sin(angle),
        centre[2],
        along
      ]);
    }
  };
  if (flat <= Math.abs(ra - rb) + 1e-6)
    if (ra > rb) arc(a, ra, 0, 2 * Math.PI, 0);
    else arc(b, rb, 0, 2 * Math.PI, 1);
  else {
    const along = Math.atan2(dy, dx);
    const lean = Math.acos((ra - rb) / flat);
    arc(b, rb, along - lean, along + lean, 1);
    arc(a, ra, along + lean, along - lean + 2 * Math.PI, 0);
    ring.push(ring[0] ?? [0, 0, 0]);
  }
  return { lines: [ring], depth: coneDepth(a, [dx, dy, dz], ra - SHRINK_MM, rb - ra) };
}

/** The sphere whose centre runs along the axis is nearest where its depth has no slope, or at an end. */
function coneDepth(a: Vec, [dx, dy, dz]: Vec, radius: number, widens: number): Depth {
  const [ax, ay, az] = a;
  const A = widens * widens - dx * dx - dy * dy;
  const D = dz * dz;
  const k2 = 4 * A * (A - D);
  const rr = radius * radius;
  const flat = Math.hypot(dx, dy);
  const beside = (Math.max(radius, radius + widens) + 1e-6) * flat;
  const rw = radius * widens;
  return (x, y) => {
    const qx = x - ax;
    const qy = y - ay;
    const off = qx * dy - qy * dx;
    if (off > beside || off < -beside) {
      if (flat > 1e-9) return -Infinity;
    }
    const B = 2 * (rw + qx * dx + qy * dy);
    const C = rr - qx * qx - qy * qy;
    let best = C >= 0 ? az + Math.sqrt(C) : -Infinity;
    const atEnd = A + B + C;
    if (atEnd >= 0) {
      const z = az + dz + Math.sqrt(atEnd);
      if (z > best) best = z;
    }
    if (k2 > 1e-9 || k2 < -1e-9) {
      const k1 = 4 * B * (A - D);
      const disc = k1 * k1 - 4 * k2 * (B * B - 4 * D * C);
      if (disc >= 0) {
        const root = Math.sqrt(disc);
        for (let sign = -1; sign <= 1; sign += 2) {
          const t = (-k1 + sign * root) / (2 * k2);
          if (t <= 0 || t >= 1) continue;
          const square = (A * t + B) * t + C;
          if (square < 0) continue;
          const z = az + dz * t + Math.sqrt(square);
          if (z > best) best = z;
        }
      }
    }
    return best;
  };
}

function projectEllipsoid({ at, axes }: Ellipsoid, camera: Camera) {
  const o = seen(camera, at);
  const [p, q, r] = axes.map((axis) => seen(camera, axis)) as [Vec, Vec, Vec];
  const squares: Vec = [dot(p, p), dot(q, q), dot(r, r)];
  const slope: Vec = [p[2] / squares[0], q[2] / squares[1], r[2] / squares[2]];
  const axis = unit(slope);
  const one = unit(cross(axis, Math.abs(axis[0]) < 0.8 ? [1, 0, 0] : [0, 1, 0]));
  const other = cross(axis, one);
  const ring: LinePoint[] = [];
  for (let i = 0; i <= 36; i++) {
    const [c, s] = [Math.cos((i * Math.PI) / 18), Math.sin((i * Math.PI) / 18)];
    const [u, v, w] = [one[0] * c + other[0] * s, one[1] * c + other[1] * s, one[2] * c + other[2] * s];
    ring.push([
      o[0] + p[0] * u + q[0] * v + r[0] * w,
      o[1] + p[1] * u + q[1] * v + r[1] * w,
      o[2] + p[2] * u + q[2] * v + r[2] * w
    ]);
  }
  const shrink = 1 - SHRINK_MM / Math.sqrt(Math.min(...squares));
  const G: Vec = [slope[0] / shrink, slope[1] / shrink, slope[2] / shrink];
  const gg = dot(G, G);
  const rows = [p, q, r].map((v, i) => [
    v[0] / (squares[i] ?? 1) / shrink,
    v[1] / (squares[i] ?? 1) / shrink
  ]) as [[number, number], [number, number], [number, number]];
  const depth: Depth = (x, y) => {
    const px = x - o[0];
    const py = y - o[1];
    const m0 = px * rows[0][0] + py * rows[0][1];
    const m1 = px * rows[1][0] + py * rows[1][1];
    const m2 = px * rows[2][0] + py * rows[2][1];
    const mg = m0 * G[0] + m1 * G[1] + m2 * G[2];
    const disc = mg * mg - gg * (m0 * m0 + m1 * m1 + m2 * m2 - 1);
    return disc < 0 ? -Infinity : o[2] + (-mg + Math.sqrt(disc)) / gg;
  };
  return { lines: [ring], depth };
}

function projectMesh(mesh: Mesh, camera: Camera) {
  const points = mesh.points.map((point) => seen(camera, point));
  return { lines: contoursOf(mesh, points, camera), points };
}

const projectCurve = ({ points, normals }: Curve, camera: Camera) => {
  const all = points.map((_, i) => i);
  const runs = normals ? facing(all, (i) => normals[i], camera) : [all];
  return { lines: runs.map((run) => run.map((i) => seen(camera, points[i] ?? [0, 0, 0]))) };
};

const boxOf = (points: Iterable<readonly [number, number, ...unknown[]]>): Box => {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of points) {
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  return [left, top, right, bottom];
};

export function project(shape: Shape, camera: Camera): Projected {
  switch (shape.kind) {
    case 'cone': {
      const { lines, depth } = projectCone(shape, camera);
      return { shape, lines, depth, points: null, box: boxOf(lines[0] ?? []) };
    }
    case 'ellipsoid': {
      const { lines, depth } = projectEllipsoid(shape, camera);
      return { shape, lines, depth, points: null, box: boxOf(lines[0] ?? []) };
    }
    case 'mesh': {
      const { lines, points } = projectMesh(shape, camera);
      return { shape, lines, depth: null, points, box: boxOf(points) };
    }
    case 'curve': {
      const { lines } = projectCurve(shape, camera);
      return { shape, lines, depth: null, points: null, box: boxOf(lines.flat()) };
    }
  }
}

export const overlap = (a: Box, b: Box): boolean => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
