import type { Box } from './project';
import type { Mesh } from './meshes';
import type { Surface } from './surfaces';

/** Where the pixels of a picture lie: pixels per mm, and its left and top edge, mm. */
export interface Grid {
  readonly width: number;
  readonly height: number;
  readonly detail: number;
  readonly left: number;
  readonly top: number;
}

/** Memory that is lent for one picture and used again for the next: fresh pages for each would have to be collected. */
class Lent {
  #cells = new Int16Array(0);
  #used = 0;

  /** Cells that are all 0. */
  take(count: number): Int16Array {
    if (this.#used + count > this.#cells.length) {
      this.#cells = new Int16Array(Math.max(2 * this.#cells.length, count));
      this.#used = 0;
    }
    this.#used += count;
    return this.#cells.subarray(this.#used - count, this.#used).fill(0);
  }

  giveBack(): void {
    this.#used = 0;
  }
}

export const lent = new Lent();
let depths = new Float32Array(0);

/**
 * Six times the volume of a closed body, below 0 when its faces turn the other way round: the faces that are seen all
 * turn one way, and this tells which.
 */
function volumeOf(triangles: Uint16Array, points: Float64Array): number {
  let all = 0;
  for (let at = 0; at + 2 < triangles.length; at += 3) {
    const a = 3 * (triangles[at] ?? 0);
    const b = 3 * (triangles[at + 1] ?? 0);
    const c = 3 * (triangles[at + 2] ?? 0);
    const x = points[a] ?? 0;
    const y = points[a + 1] ?? 0;
    const area =
      ((points[b] ?? 0) - x) * ((points[c + 1] ?? 0) - y) -
      ((points[c] ?? 0) - x) * ((points[b + 1] ?? 0) - y);
    all += area * ((points[a + 2] ?? 0) + (points[b + 2] ?? 0) + (points[c + 2] ?? 0));
  }
  return all;
}

/** The faces of a mesh as the picture has them, and which of them is nearest at each pixel of its box. */
export class Faces implements Surface {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** Number of the nearest face at each pixel of the box, counted from 1. */
  readonly face: Int16Array;
  /** Depth of that face at the pixel's middle; holds until the next mesh. */
  readonly z: Float32Array;
  readonly #planes: Float64Array;
  readonly #grid: Grid;

  constructor({ net: { triangles }, normals }: Mesh, points: Float64Array, box: Box, grid: Grid) {
    const { detail, width, height } = grid;
    const clamped = (value: number, most: number) => Math.max(0, Math.min(most, value));
    this.#grid = grid;
    this.left = clamped(Math.floor((box[0] - grid.left) * detail) - 1, width);
    this.top = clamped(Math.floor((box[1] - grid.top) * detail) - 1, height);
    this.width = clamped(Math.ceil((box[2] - grid.left) * detail) + 1, width) - this.left;
    this.height = clamped(Math.ceil((box[3] - grid.top) * detail) + 1, height) - this.top;
    const pixels = Math.max(0, this.width * this.height);
    this.face = lent.take(pixels);
    if (depths.length < pixels) depths = new Float32Array(pixels);
    this.z = depths;
    this.#planes = new Float64Array(triangles.length);
    // The picture's y runs down: the outside of a smooth surface is seen where a face turns the other way round.
    const seenTurn = normals ? -1 : volumeOf(triangles, points) > 0 ? 1 : -1;
    for (let at = 0; at + 2 < triangles.length; at += 3) {
      const a = 3 * (triangles[at] ?? 0);
      const b = 3 * (triangles[at + 1] ?? 0);
      const c = 3 * (triangles[at + 2] ?? 0);
      this.#cover(at / 3, points, a, b, c, seenTurn);
    }
  }

  /** Where a, b and c are where the face's corners begin among the points. */
  #cover(face: number, points: Float64Array, a: number, b: number, c: number, seenTurn: 1 | -1): void {
    const x = points[a] ?? 0;
    const y = points[a + 1] ?? 0;
    const bx = (points[b] ?? 0) - x;
    const by = (points[b + 1] ?? 0) - y;
    const cx = (points[c] ?? 0) - x;
    const cy = (points[c + 1] ?? 0) - y;
    const area = bx * cy - cx * by;
    if (area * seenTurn < 1e-6) return;
    const { detail, left, top } = this.#grid;
    // The box of the triangle in pixels whose middles it can hold.
    const ax = (x - left) * detail - this.left - 0.5;
    const ay = (y - top) * detail - this.top - 0.5;
    const x0 = Math.max(0, Math.ceil(ax + Math.min(0, bx, cx) * detail));
    const x1 = Math.min(this.width - 1, Math.floor(ax + Math.max(0, bx, cx) * detail));
    const y0 = Math.max(0, Math.ceil(ay + Math.min(0, by, cy) * detail));
    const y1 = Math.min(this.height - 1, Math.floor(ay + Math.max(0, by, cy) * detail));
    const z = points[a + 2] ?? 0;
    const bz = (points[b + 2] ?? 0) - z;
    const cz = (points[c + 2] ?? 0) - z;
    const zx = (bz * cy - cz * by) / area;
    const zy = (cz * bx - bz * cx) / area;
    this.#planes[face * 3] = z - zx * x - zy * y;
    this.#planes[face * 3 + 1] = zx;
    this.#planes[face * 3 + 2] = zy;
    const whole = area * detail;
    const stepB = cy / whole;
    const stepC = by / whole;
    const stepZ = zx / detail;
    for (let py = y0; py <= y1; py++) {
      let toB = ((x0 - ax) * cy - cx * (py - ay)) / whole;
      let toC = (bx * (py - ay) - (x0 - ax) * by) / whole;
      let depth = z + toB * bz + toC * cz;
      let at = py * this.width + x0;
      for (let px = x0; px <= x1; px++, at++, toB += stepB, toC -= stepC, depth += stepZ) {
        if (toB < -1e-6 || toC < -1e-6 || toB + toC > 1 + 1e-6) continue;
        if (this.face[at] !== 0 && depth <= (this.z[at] ?? 0)) continue;
        this.z[at] = depth;
        this.face[at] = face + 1;
      }
    }
  }

  depth(x: number, y: number): number {
    const { detail, left, top } = this.#grid;
    const px = Math.floor((x - left) * detail) - this.left;
    const py = Math.floor((y - top) * detail) - this.top;
    if (px < 0 || py < 0 || px >= this.width || py >= this.height) return -Infinity;
    const at = 3 * ((this.face[py * this.width + px] ?? 0) - 1);
    if (at < 0) return -Infinity;
    return (this.#planes[at] ?? 0) + (this.#planes[at + 1] ?? 0) * x + (this.#planes[at + 2] ?? 0) * y;
  }
}
