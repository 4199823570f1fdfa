import type { Vec } from '../vector';
import { seen, type Camera } from './camera';
import { contoursOf, facing } from './mesh-contours';
import type { Cone, Curve, Mesh, Shape } from './shapes';
import { ConeSurface, ellipsoidOutline, EllipsoidSurface, type Surface } from './surfaces';

/** A point of a line in the picture, with how far along its shape it lies, 0 to 1. */
export type LinePoint = readonly [x: number, y: number, z: number, along?: number];
export type Line = readonly LinePoint[];

/** Left, top, right, bottom, mm. */
export type Box = readonly [number, number, number, number];

/** A shape as the picture has it. */
export interface Projected {
  readonly shape: Shape;
  readonly lines: readonly Line[];
  readonly box: Box;
  /** The surface of a cone or an ellipsoid; null for meshes and curves. */
  readonly surface: Surface | null;
  /** The points of a mesh: x, y and z of each, one after the other. */
  readonly points: Float64Array | null;
}

const ARC_STEP = 0.2;

/** The outline of a cone: two arcs and what joins them. */
function coneOutline({ a: from, b: to, ra, rb }: Cone, camera: Camera): Line {
  const a = seen(camera, from);
  const b = seen(camera, to);
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
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
  return ring;
}

/** A mesh in the picture. Numbers in one row, since a figure has thousands of them. */
function projectMesh(mesh: Mesh, camera: Camera): Projected {
  const { right, up, towards } = camera;
  const points = new Float64Array(3 * mesh.points.length);
  let [left, top, far, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  let at = 0;
  for (const point of mesh.points) {
    const px = point[0];
    const py = point[1];
    const pz = point[2];
    const x = px * right[0] + py * right[1] + pz * right[2];
    const y = -(px * up[0] + py * up[1] + pz * up[2]);
    points[at++] = x;
    points[at++] = y;
    points[at++] = px * towards[0] + py * towards[1] + pz * towards[2];
    if (x < left) left = x;
    if (x > far) far = x;
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  return {
    shape: mesh,
    lines: contoursOf(mesh, points, camera),
    surface: null,
    points,
    box: [left, top, far, bottom]
  };
}

const projectCurve = ({ points, normals }: Curve, camera: Camera) => {
  const all = points.map((_, i) => i);
  const runs = normals ? facing(all, (i) => normals[i], camera) : [all];
  return { lines: runs.map((run) => run.map((i) => seen(camera, points[i] ?? [0, 0, 0]))) };
};

const boxOf = (points: Iterable<readonly [number, number, ...unknown[]]>): Box => {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const point of points) {
    const x = point[0];
    const y = point[1];
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
      const outline = coneOutline(shape, camera);
      const surface = new ConeSurface(shape, camera);
      return { shape, lines: [outline], surface, points: null, box: boxOf(outline) };
    }
    case 'ellipsoid': {
      const outline = ellipsoidOutline(shape, camera);
      const surface = new EllipsoidSurface(shape, camera);
      return { shape, lines: [outline], surface, points: null, box: boxOf(outline) };
    }
    case 'mesh':
      return projectMesh(shape, camera);
    case 'curve': {
      const { lines } = projectCurve(shape, camera);
      return { shape, lines, surface: null, points: null, box: boxOf(lines.flat()) };
    }
  }
}

export const overlap = (a: Box, b: Box): boolean => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
