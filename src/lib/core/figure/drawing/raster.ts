import type { Vec } from '../vector';
import type { Box, Projected } from './project';
import type { Mesh } from './shapes';

/**
 * What is nearest to the viewer at each pixel of a picture, and what is nearest of any other flesh behind or before
 * it: two layers are enough to tell whether a line of one flesh is hidden by something else.
 */
export interface Raster {
  readonly width: number;
  readonly height: number;
  /** Pixels per mm. */
  readonly detail: number;
  readonly left: number;
  readonly top: number;
  /** Number of the nearest solid at a pixel, -1 for none. */
  readonly nearest: Int16Array;
  readonly second: Int16Array;
  /** Depth of a solid at a place, mm: exact for cones, ellipsoids and the faces of meshes. */
  depthOf(solid: number, x: number, y: number): number;
  pixel(x: number, y: number): number;
}

const EMPTY = -1;

/**
 * Room for the layers, kept from one picture to the next: each picture would leave megabytes to be collected. A
 * raster holds until the next is made.
 */
const room = {
  nearest: new Int16Array(0),
  second: new Int16Array(0),
  nearestZ: new Float32Array(0),
  secondZ: new Float32Array(0),
  faceZ: new Float32Array(0)
};

function makeRoom(pixels: number): void {
  if (room.nearest.length >= pixels) return;
  room.nearest = new Int16Array(pixels);
  room.second = new Int16Array(pixels);
  room.nearestZ = new Float32Array(pixels);
  room.secondZ = new Float32Array(pixels);
  room.faceZ = new Float32Array(pixels);
}

/** The faces of a mesh as the picture has them, and which of them is nearest at each of its pixels. */
class Faces {
  readonly #planes: Float64Array;
  readonly #face: Int16Array;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  readonly #detail: number;
  readonly #x0: number;
  readonly #y0: number;

  constructor(mesh: Mesh, points: readonly Vec[], box: Box, raster: Omit<Raster, 'depthOf' | 'pixel'>) {
    const { detail, left, top } = raster;
    this.#detail = detail;
    this.#x0 = left;
    this.#y0 = top;
    const clampTo = (value: number, most: number) => Math.max(0, Math.min(most, value));
    this.left = clampTo(Math.floor((box[0] - left) * detail) - 1, raster.width);
    this.top = clampTo(Math.floor((box[1] - top) * detail) - 1, raster.height);
    this.width = clampTo(Math.ceil((box[2] - left) * detail) + 1, raster.width) - this.left;
    this.height = clampTo(Math.ceil((box[3] - top) * detail) + 1, raster.height) - this.top;
    this.#planes = new Float64Array(mesh.triangles.length * 3);
    this.#face = new Int16Array(Math.max(0, this.width * this.height)).fill(EMPTY);
    const depth = room.faceZ.subarray(0, this.#face.length).fill(-Infinity);
    mesh.triangles.forEach(([i, j, k], face) => {
      const [a, b, c] = [points[i], points[j], points[k]];
      if (a && b && c) this.#cover(face, a, b, c, mesh.normals !== undefined, depth);
    });
  }

  #cover(face: number, a: Vec, b: Vec, c: Vec, outside: boolean, depth: Float32Array): void {
    const area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
    // The picture's y runs down: of a smooth surface a face whose outside is seen turns the other way round.
    if (Math.abs(area) < 1e-6 || (outside && area > 0)) return;
    const detail = this.#detail;
    const [ax, ay] = [(a[0] - this.#x0) * detail - this.left, (a[1] - this.#y0) * detail - this.top];
    const [bx, by] = [(b[0] - this.#x0) * detail - this.left, (b[1] - this.#y0) * detail - this.top];
    const [cx, cy] = [(c[0] - this.#x0) * detail - this.left, (c[1] - this.#y0) * detail - this.top];
    const whole = area * detail * detail;
    const x0 = Math.max(0, Math.floor(Math.min(ax, bx, cx)));
    const x1 = Math.min(this.width - 1, Math.ceil(Math.max(ax, bx, cx)));
    const y0 = Math.max(0, Math.floor(Math.min(ay, by, cy)));
    const y1 = Math.min(this.height - 1, Math.ceil(Math.max(ay, by, cy)));
    const zx = ((b[2] - a[2]) * (c[1] - a[1]) - (c[2] - a[2]) * (b[1] - a[1])) / area;
    const zy = ((c[2] - a[2]) * (b[0] - a[0]) - (b[2] - a[2]) * (c[0] - a[0])) / area;
    this.#planes[face * 3] = a[2] - zx * a[0] - zy * a[1];
    this.#planes[face * 3 + 1] = zx;
    this.#planes[face * 3 + 2] = zy;
    const [stepB, stepC] = [(cy - ay) / whole, (by - ay) / whole];
    for (let y = y0; y <= y1; y++) {
      const py = y + 0.5 - ay;
      let toB = ((x0 + 0.5 - ax) * (cy - ay) - (cx - ax) * py) / whole;
      let toC = ((bx - ax) * py - (x0 + 0.5 - ax) * (by - ay)) / whole;
      for (let x = x0; x <= x1; x++, toB += stepB, toC -= stepC) {
        if (toB < -1e-6 || toC < -1e-6 || toB + toC > 1 + 1e-6) continue;
        const z = a[2] + toB * (b[2] - a[2]) + toC * (c[2] - a[2]);
        const at = y * this.width + x;
        if (z <= (depth[at] ?? Infinity)) continue;
        depth[at] = z;
        this.#face[at] = face;
      }
    }
  }

  /** Depth at a place of the picture, mm. */
  depth(x: number, y: number): number {
    const px = Math.floor((x - this.#x0) * this.#detail) - this.left;
    const py = Math.floor((y - this.#y0) * this.#detail) - this.top;
    if (px < 0 || py < 0 || px >= this.width || py >= this.height) return -Infinity;
    const face = this.#face[py * this.width + px] ?? EMPTY;
    if (face === EMPTY) return -Infinity;
    return (
      (this.#planes[face * 3] ?? 0) +
      (this.#planes[face * 3 + 1] ?? 0) * x +
      (this.#planes[face * 3 + 2] ?? 0) * y
    );
  }
}

/**
 * Fills the two layers from all solids of a picture.
 *
 * @param window left, top, right, bottom of the picture, mm
 * @param detail pixels per mm
 */
export function rasterise(solids: readonly Projected[], window: Box, detail: number): Raster {
  const width = Math.max(1, Math.ceil((window[2] - window[0]) * detail));
  const height = Math.max(1, Math.ceil((window[3] - window[1]) * detail));
  const [left, top] = window;
  const pixels = width * height;
  makeRoom(pixels);
  const nearest = room.nearest.subarray(0, pixels).fill(EMPTY);
  const second = room.second.subarray(0, pixels).fill(EMPTY);
  const nearestZ = room.nearestZ.subarray(0, pixels).fill(-Infinity);
  const secondZ = room.secondZ.subarray(0, pixels).fill(-Infinity);
  const base = { width, height, detail, left, top, nearest, second };
  const fleshes = new Map<string, number>();
  const flesh = Int16Array.from(solids, ({ shape }, solid) => {
    if (!shape.flesh) return -2 - solid;
    if (!fleshes.has(shape.flesh)) fleshes.set(shape.flesh, fleshes.size);
    return fleshes.get(shape.flesh) ?? 0;
  });
  const depths = solids.map(({ shape, points, depth, box }) => {
    if (depth) return depth;
    if (shape.kind !== 'mesh' || !points) return () => -Infinity;
    const faces = new Faces(shape, points, box, base);
    return (x: number, y: number) => faces.depth(x, y);
  });
  solids.forEach(({ box }, solid) => {
    const depth = depths[solid];
    if (!depth) return;
    const mine = flesh[solid] ?? 0;
    const x0 = Math.max(0, Math.floor((box[0] - left) * detail));
    const x1 = Math.min(width - 1, Math.floor((box[2] - left) * detail));
    const y0 = Math.max(0, Math.floor((box[1] - top) * detail));
    const y1 = Math.min(height - 1, Math.floor((box[3] - top) * detail));
    for (let py = y0; py <= y1; py++)
      for (let px = x0; px <= x1; px++) {
        const z = depth(left + (px + 0.5) / detail, top + (py + 0.5) / detail);
        if (z === -Infinity) continue;
        const at = py * width + px;
        const first = nearest[at] ?? EMPTY;
        if (z > (nearestZ[at] ?? 0)) {
          if (first !== EMPTY && flesh[first] !== mine) {
            second[at] = first;
            secondZ[at] = nearestZ[at] ?? 0;
          }
          nearest[at] = solid;
          nearestZ[at] = z;
        } else if (flesh[first] !== mine && z > (secondZ[at] ?? 0)) {
          second[at] = solid;
          secondZ[at] = z;
        }
      }
  });
  return {
    ...base,
    depthOf: (solid, x, y) => depths[solid]?.(x, y) ?? -Infinity,
    pixel(x, y) {
      const px = Math.floor((x - left) * detail);
      const py = Math.floor((y - top) * detail);
      return px < 0 || py < 0 || px >= width || py >= height ? -1 : py * width + px;
    }
  };
}
