import { cross, dot, unit, type Vec } from '../vector';
import { arcStep } from './arcs';
import { seen, type Camera } from './camera';
import type { Line } from './line';
import type { Cone, Ellipsoid } from './shapes';

/** A surface as the picture has it. */
export interface Surface {
  /** Its nearest depth at a place of the picture, mm; -Infinity beside it. */
  depth(x: number, y: number): number;
}

/** Taken off a surface when it hides others, mm, so that outlines which touch do not eat each other. */
const SHRINK_MM = 0.5;

/**
 * A sphere whose centre runs along an axis and whose radius changes on the way. At a place of the picture the sphere at
 * a share t of the way has the depth `az + dz t + sqrt(A t² + B t + C)`; the nearest is where that has no slope, or at
 * an end of the way.
 */
export class ConeSurface implements Surface {
  readonly #ax: number;
  readonly #ay: number;
  readonly #az: number;
  readonly #dx: number;
  readonly #dy: number;
  readonly #dz: number;
  readonly #A: number;
  readonly #rr: number;
  readonly #rw: number;
  /** How far before the middle of the way the nearest sphere stands, for each mm of its radius there. */
  readonly #slope: number;

  constructor({ a: from, b: to, ra, rb }: Cone, camera: Camera) {
    const [a, b] = [seen(camera, from), seen(camera, to)];
    [this.#ax, this.#ay, this.#az] = a;
    this.#dx = b[0] - a[0];
    this.#dy = b[1] - a[1];
    this.#dz = b[2] - a[2];
    const [radius, widens] = [ra - SHRINK_MM, rb - ra];
    this.#A = widens * widens - this.#dx * this.#dx - this.#dy * this.#dy;
    this.#rr = radius * radius;
    this.#rw = radius * widens;
    this.#slope = this.#A < -1e-9 ? this.#dz / Math.sqrt(this.#A * (this.#A - this.#dz * this.#dz)) : 0;
  }

  depth(x: number, y: number): number {
    const qx = x - this.#ax;
    const qy = y - this.#ay;
    const A = this.#A;
    const B = 2 * (this.#rw + qx * this.#dx + qy * this.#dy);
    const C = this.#rr - qx * qx - qy * qy;
    if (A > -1e-9) return this.#alongAxis(A, B, C);
    const middle = -B / (2 * A);
    const most = C + (B * middle) / 2;
    if (most < 0) return -Infinity;
    let t = middle + this.#slope * Math.sqrt(most);
    if (t < 0) t = 0;
    else if (t > 1) t = 1;
    const square = (A * t + B) * t + C;
    return square < 0 ? -Infinity : this.#az + this.#dz * t + Math.sqrt(square);
  }

  /** Seen along the axis one end covers the other, or both are covered by a sphere between them. */
  #alongAxis(A: number, B: number, C: number): number {
    const depthAt = (t: number): number => {
      const square = (A * t + B) * t + C;
      return square < 0 ? -Infinity : this.#az + this.#dz * t + Math.sqrt(square);
    };
    const ends = Math.max(depthAt(0), depthAt(1));
    const steep = A * (A - this.#dz * this.#dz);
    const least = C - (B * B) / (4 * A);
    if (A < 1e-9 || steep >= 0 || least >= 0) return ends;
    const t = -B / (2 * A) - this.#dz * Math.sqrt(least / steep);
    return t > 0 && t < 1 ? Math.max(ends, depthAt(t)) : ends;
  }
}

/** An ellipsoid: in the coordinates of its own axes it is a sphere, which a ray to the viewer meets. */
export class EllipsoidSurface implements Surface {
  readonly #at: Vec;
  readonly #rows: Float64Array;
  readonly #slope: Vec;
  readonly #steep: number;

  constructor({ at, axes }: Ellipsoid, camera: Camera) {
    this.#at = seen(camera, at);
    const own = axes.map((axis) => seen(camera, axis)) as [Vec, Vec, Vec];
    const squares = own.map((axis) => dot(axis, axis));
    const shrink = 1 - SHRINK_MM / Math.sqrt(Math.min(...squares));
    const of = (axis: 0 | 1 | 2, way: 0 | 1 | 2) => own[axis][way] / (squares[axis] ?? 1) / shrink;
    this.#rows = Float64Array.of(of(0, 0), of(0, 1), of(1, 0), of(1, 1), of(2, 0), of(2, 1));
    this.#slope = [of(0, 2), of(1, 2), of(2, 2)];
    this.#steep = dot(this.#slope, this.#slope);
  }

  depth(x: number, y: number): number {
    const px = x - this.#at[0];
    const py = y - this.#at[1];
    const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = this.#rows;
    const m0 = px * a + py * b;
    const m1 = px * c + py * d;
    const m2 = px * e + py * f;
    const along = m0 * this.#slope[0] + m1 * this.#slope[1] + m2 * this.#slope[2];
    const square = along * along - this.#steep * (m0 * m0 + m1 * m1 + m2 * m2 - 1);
    return square < 0 ? -Infinity : this.#at[2] + (Math.sqrt(square) - along) / this.#steep;
  }
}

/** The outline of an ellipsoid as the picture has it: the circle of its own sphere that stands across the view. */
export function ellipsoidOutline({ at, axes }: Ellipsoid, camera: Camera, detail: number): Line {
  const o = seen(camera, at);
  const [p, q, r] = axes.map((axis) => seen(camera, axis)) as [Vec, Vec, Vec];
  const axis = unit([p[2] / dot(p, p), q[2] / dot(q, q), r[2] / dot(r, r)]);
  const one = unit(cross(axis, Math.abs(axis[0]) < 0.8 ? [1, 0, 0] : [0, 1, 0]));
  const other = cross(axis, one);
  const line: number[] = [];
  const largest = Math.sqrt(Math.max(dot(p, p), dot(q, q), dot(r, r)));
  const steps = Math.ceil((2 * Math.PI) / arcStep(largest, detail));
  for (let i = 0; i <= steps; i++) {
    const angle = (2 * Math.PI * i) / steps;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const [u, v, w] = [one[0] * c + other[0] * s, one[1] * c + other[1] * s, one[2] * c + other[2] * s];
    line.push(
      o[0] + p[0] * u + q[0] * v + r[0] * w,
      o[1] + p[1] * u + q[1] * v + r[1] * w,
      o[2] + p[2] * u + q[2] * v + r[2] * w,
      0
    );
  }
  return line;
}
