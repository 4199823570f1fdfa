import { dot, type Vec } from '../vector';
import { arcStep } from './arcs';
import { seen, type Camera } from './camera';
import { OF_POINT, type Line } from './line';
import { contoursOf } from './mesh-contours';
import type { Mesh } from './meshes';
import type { Cone, Curve, Shape } from './shapes';
import { ConeSurface, ellipsoidOutline, EllipsoidSurface, type Surface } from './surfaces';

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

/** The outline of a cone: two arcs and what joins them. */
function coneOutline({ a: from, b: to, ra, rb }: Cone, camera: Camera, detail: number): Line {
  const a = seen(camera, from);
  const b = seen(camera, to);
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const flat = Math.sqrt(dx * dx + dy * dy);
  const ring: number[] = [];
  const arc = (centre: Vec, radius: number, start: number, end: number, along: number) => {
    const steps = Math.max(2, Math.ceil(Math.abs(end - start) / arcStep(radius, detail)));
    for (let i = 0; i <= steps; i++) {
      const angle = start + ((end - start) * i) / steps;
      ring.push(centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle), centre[2], along);
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
    ring.push(...ring.slice(0, OF_POINT));
  }
  return ring;
}

/** The points of a mesh as the picture has them, x, y and z one after the other. */
function pointsOf({ points, frame }: Mesh, camera: Camera): Float64Array {
  const at = seen(camera, frame.at);
  const x = seen(camera, frame.x);
  const y = seen(camera, frame.y);
  const z = seen(camera, frame.z);
  const all = new Float64Array(points.length);
  for (let i = 0; i + 2 < points.length; i += 3) {
    const a = points[i] ?? 0;
    const b = points[i + 1] ?? 0;
    const c = points[i + 2] ?? 0;
    all[i] = at[0] + x[0] * a + y[0] * b + z[0] * c;
    all[i + 1] = at[1] + x[1] * a + y[1] * b + z[1] * c;
    all[i + 2] = at[2] + x[2] * a + y[2] * b + z[2] * c;
  }
  return all;
}

/** The runs of a curve that face the viewer. */
function curveLines({ points, normals }: Curve, camera: Camera): Line[] {
  const lines: number[][] = [[]];
  points.forEach((point, i) => {
    const normal = normals?.[i];
    if (!normals || (normal && dot(normal, camera.towards) > 0)) {
      const [x, y, z] = seen(camera, point);
      lines.at(-1)?.push(x, y, z, 0);
    } else if (lines.at(-1)?.length) lines.push([]);
  });
  return normals ? lines.filter(({ length }) => length > OF_POINT) : lines;
}

/** The box round places that stand in a row, each the same count of numbers after the last. */
function boxOf(row: ArrayLike<number>, each: number): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (let i = 0; i < row.length; i += each) {
    const x = row[i] ?? 0;
    const y = row[i + 1] ?? 0;
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  return [left, top, right, bottom];
}

/**
 * Brings a shape into the picture.
 *
 * @param detail pixels per mm at which it is shown
 */
export function project(shape: Shape, camera: Camera, detail: number): Projected {
  switch (shape.kind) {
    case 'cone': {
      const outline = coneOutline(shape, camera, detail);
      const surface = new ConeSurface(shape, camera);
      return { shape, lines: [outline], surface, points: null, box: boxOf(outline, OF_POINT) };
    }
    case 'ellipsoid': {
      const outline = ellipsoidOutline(shape, camera, detail);
      const surface = new EllipsoidSurface(shape, camera);
      return { shape, lines: [outline], surface, points: null, box: boxOf(outline, OF_POINT) };
    }
    case 'mesh': {
      const points = pointsOf(shape, camera);
      const lines = contoursOf(shape, points, camera);
      return { shape, lines, surface: null, points, box: boxOf(points, 3) };
    }
    case 'curve': {
      const lines = curveLines(shape, camera);
      return { shape, lines, surface: null, points: null, box: boxOf(lines.flat(), OF_POINT) };
    }
  }
}

export const overlap = (a: Box, b: Box): boolean => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
