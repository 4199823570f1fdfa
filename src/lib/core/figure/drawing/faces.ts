import type { Vec } from '../vector';
import type { Box } from './project';
import type { Mesh } from './shapes';
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

  constructor({ triangles, normals }: Mesh, points: readonly Vec[], box: Box, grid: Grid) {
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
    this.#planes = new Float64Array(triangles.length * 3);
    for (let face = 0; face < triangles.length; face++) {
      const corners = triangles[face];
      if (!corners) continue;
      const [a, b, c] = [points[corners[0]], points[corners[1]], points[corners[2]]];
      if (a && b && c) this.#cover(face, a, b, c, normals !== undefined);
    }
  }

  #cover(face: number, a: Vec, b: Vec, c: Vec, outside: boolean): void {
    const bx = b[0] - a[0];
    const by = b[1] - a[1];
    const cx = c[0] - a[0];
    const cy = c[1] - a[1];
    const area = bx * cy - cx * by;
    // The picture's y runs down: of a smooth surface a face whose outside is seen turns the other way round.
    if ((area < 1e-6 && area > -1e-6) || (outside && area > 0)) return;
    const { detail, left, top } = this.#grid;
    // The box of the triangle in pixels whose middles it can hold.
    const ax = (a[0] - left) * detail - this.left - 0.5;
    const ay = (a[1] - top) * detail - this.top - 0.5;
    const x0 = Math.max(0, Math.ceil(ax + Math.min(0, bx, cx) * detail));
    const x1 = Math.min(this.width - 1, Math.floor(ax + Math.max(0, bx, cx) * detail));
    const y0 = Math.max(0, Math.ceil(ay + Math.min(0, by, cy) * detail));
    const y1 = Math.min(this.height - 1, Math.floor(ay + Math.max(0, by, cy) * detail));
    const bz = b[2] - a[2];
    const cz = c[2] - a[2];
    const zx = (bz * cy - cz * by) / area;
    const zy = (cz * bx - bz * cx) / area;
    this.#planes[face * 3] = a[2] - zx * a[0] - zy * a[1];
    this.#planes[face * 3 + 1] = zx;
    this.#planes[face * 3 + 2] = zy;
    const whole = area * detail;
    const stepB = cy / whole;
    const stepC = by / whole;
    const stepZ = zx / detail;
    for (let y = y0; y <= y1; y++) {
      let toB = ((x0 - ax) * cy - cx * (y - ay)) / whole;
      let toC = (bx * (y - ay) - (x0 - ax) * by) / whole;
      let z = a[2] + toB * bz + toC * cz;
      let at = y * this.width + x0;
      for (let x = x0; x <= x1; x++, at++, toB += stepB, toC -= stepC, z += stepZ) {
        if (toB < -1e-6 || toC < -1e-6 || toB + toC > 1 + 1e-6) continue;
        if (this.face[at] !== 0 && z <= (this.z[at] ?? 0)) continue;
        this.z[at] = z;
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
