import { Faces, lent, type Grid } from './faces';
import { OF_POINT, type Line } from './line';
import { type Box, type Projected } from './project';
import type { Surface } from './surfaces';

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
  /** The stretch of each row that an outline holds, mm. */
  from: new Float64Array(0),
  to: new Float64Array(0)
};

function makeRoom(pixels: number, rows: number): void {
  if (room.from.length < rows) [room.from, room.to] = [new Float64Array(rows), new Float64Array(rows)];
  if (room.nearest.length >= pixels) return;
  room.nearest = new Int16Array(pixels);
  room.second = new Int16Array(pixels);
  room.nearestZ = new Float32Array(pixels);
  room.secondZ = new Float32Array(pixels);
}

/**
 * What is nearest to the viewer at each pixel of a picture, and what is nearest of any other flesh behind or before
 * it: two layers are enough to tell whether a line of one flesh is hidden by something else.
 */
export class Raster implements Grid {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  /** Pixels per mm. */
  readonly detail: number;
  /** Number of the nearest solid at a pixel, -1 for none. */
  readonly nearest: Int16Array;
  readonly second: Int16Array;
  readonly #nearestZ: Float32Array;
  readonly #secondZ: Float32Array;
  readonly #flesh: Int16Array;
  readonly #surfaces: readonly (Surface | null)[];

  /**
   * Fills the two layers from all solids of a picture.
   *
   * @param window left, top, right, bottom of the picture, mm
   * @param detail pixels per mm
   */
  constructor(solids: readonly Projected[], window: Box, detail: number) {
    this.detail = detail;
    [this.left, this.top] = window;
    this.width = Math.max(1, Math.ceil((window[2] - window[0]) * detail));
    this.height = Math.max(1, Math.ceil((window[3] - window[1]) * detail));
    const pixels = this.width * this.height;
    makeRoom(pixels, this.height);
    lent.giveBack();
    this.nearest = room.nearest.subarray(0, pixels).fill(EMPTY);
    this.second = room.second.subarray(0, pixels).fill(EMPTY);
    this.#nearestZ = room.nearestZ.subarray(0, pixels).fill(-Infinity);
    this.#secondZ = room.secondZ.subarray(0, pixels).fill(-Infinity);
    this.#flesh = fleshesOf(solids);
    this.#surfaces = solids.map(({ shape, points, surface, box, lines }, solid) => {
      if (surface) {
        this.#fill(solid, surface, lines[0] ?? [], box);
        return surface;
      }
      if (shape.kind !== 'mesh' || !points) return null;
      const faces = new Faces(shape, points, box, this);
      this.#lay(solid, faces);
      return faces;
    });
  }

  /** Depth of a solid at a place, mm: exact for cones, ellipsoids and the faces of meshes; -Infinity beside it. */
  depthOf(solid: number, x: number, y: number): number {
    return this.#surfaces[solid]?.depth(x, y) ?? -Infinity;
  }

  /** The pixel at a place; -1 beside the picture. */
  pixel(x: number, y: number): number {
    const px = Math.floor((x - this.left) * this.detail);
    const py = Math.floor((y - this.top) * this.detail);
    return px < 0 || py < 0 || px >= this.width || py >= this.height ? -1 : py * this.width + px;
  }

  #put(at: number, solid: number, flesh: number, z: number): void {
    const { nearest, second } = this;
    const first = nearest[at] ?? EMPTY;
    const firstZ = this.#nearestZ[at] ?? 0;
    const isOther = first !== EMPTY && this.#flesh[first] !== flesh;
    if (z > firstZ) {
      if (isOther) {
        second[at] = first;
        this.#secondZ[at] = firstZ;
      }
      nearest[at] = solid;
      this.#nearestZ[at] = z;
    } else if (isOther && z > (this.#secondZ[at] ?? 0)) {
      second[at] = solid;
      this.#secondZ[at] = z;
    }
  }

  /** Within a convex outline, row by row. */
  #fill(solid: number, surface: Surface, outline: Line, box: Box): void {
    const { detail, left, top, width, height } = this;
    const flesh = this.#flesh[solid] ?? 0;
    const y0 = Math.max(0, Math.ceil((box[1] - top) * detail - 0.5));
    const y1 = Math.min(height - 1, Math.floor((box[3] - top) * detail - 0.5));
    const { from, to } = room;
    from.fill(Infinity, y0, y1 + 1);
    to.fill(-Infinity, y0, y1 + 1);
    for (let i = OF_POINT; i < outline.length; i += OF_POINT) {
      const ax = outline[i - OF_POINT] ?? 0;
      const ay = outline[i - OF_POINT + 1] ?? 0;
      const bx = outline[i] ?? 0;
      const by = outline[i + 1] ?? 0;
      const [highX, high, lowX, low] = ay < by ? [ax, ay, bx, by] : [bx, by, ax, ay];
      const lowest = Math.min(y1, Math.floor((low - top) * detail - 0.5));
      const slope = (lowX - highX) / (low - high);
      for (let py = Math.max(y0, Math.ceil((high - top) * detail - 0.5)); py <= lowest; py++) {
        const x = highX + slope * (top + (py + 0.5) / detail - high);
        if (x < (from[py] ?? x)) from[py] = x;
        if (x > (to[py] ?? x)) to[py] = x;
      }
    }
    for (let py = y0; py <= y1; py++) {
      const y = top + (py + 0.5) / detail;
      const x1 = Math.min(width - 1, Math.floor(((to[py] ?? 0) - left) * detail - 0.5));
      for (let px = Math.max(0, Math.ceil(((from[py] ?? 0) - left) * detail - 0.5)); px <= x1; px++) {
        const z = surface.depth(left + (px + 0.5) / detail, y);
        if (z !== -Infinity) this.#put(py * width + px, solid, flesh, z);
      }
    }
  }

  /** Where the faces of a mesh are. */
  #lay(solid: number, faces: Faces): void {
    const flesh = this.#flesh[solid] ?? 0;
    let from = 0;
    for (let y = 0; y < faces.height; y++) {
      const at = (faces.top + y) * this.width + faces.left;
      for (let x = 0; x < faces.width; x++, from++)
        if (faces.face[from] !== 0) this.#put(at + x, solid, flesh, faces.z[from] ?? 0);
    }
  }
}

/** A number for the flesh of each solid; what has none is a flesh of its own. */
function fleshesOf(solids: readonly Projected[]): Int16Array {
  const numbers = new Map<string, number>();
  return Int16Array.from(solids, ({ shape }, solid) => {
    if (!shape.flesh) return -2 - solid;
    const number = numbers.get(shape.flesh) ?? numbers.size;
    numbers.set(shape.flesh, number);
    return number;
  });
}
