import type { Flat } from './path';
import { OF_POINT, type Line } from './line';
import { overlap, type Projected } from './project';
import type { Raster } from './raster';

/** A surface this near before a line does not hide it, mm. */
const TOUCHES_MM = 0.8;
/** The same for a line that lies on a surface. */
const LIES_ON_MM = 4;
/** A mesh's own faces, mm: its edges lie in them. */
const OWN_FACES_MM = 1.6;
export interface VisibleOptions {
  /** Thickness of a stroke, mm. */
  readonly strokeMm: number;
  /** Steps along a line, mm. */
  readonly stepMm: number;
  /** How often the step at the end of a piece is halved to find where it ends. */
  readonly halvings: number;
  /** Shortest piece of a line that is drawn, mm. */
  readonly shortestMm: number;
}

/** Length of a line whose places stand in a row, each the same count of numbers after the last. */
function lengthOf(line: readonly number[], each: number): number {
  let all = 0;
  for (let i = each; i + 1 < line.length; i += each) {
    const dx = (line[i] ?? 0) - (line[i - each] ?? 0);
    const dy = (line[i + 1] ?? 0) - (line[i - each + 1] ?? 0);
    all += Math.sqrt(dx * dx + dy * dy);
  }
  return all;
}

/** Another shape of the same flesh: it hides only what lies well behind it, from the near end of a line to the far. */
interface Kin {
  readonly solid: number;
  readonly box: Projected['box'];
  readonly start: number;
  readonly end: number;
}

/** Solids by their flesh: what may melt into each other. */
export function fleshOf(solids: readonly Projected[]): ReadonlyMap<string, readonly number[]> {
  const found = new Map<string, number[]>();
  solids.forEach(({ shape: { flesh } }, solid) => {
    if (flesh === undefined) return;
    const all = found.get(flesh);
    if (all) all.push(solid);
    else found.set(flesh, [solid]);
  });
  return found;
}

/** All solids of a picture, and what is nearest where. */
export interface Scene {
  readonly solids: readonly Projected[];
  readonly flesh: ReadonlyMap<string, readonly number[]>;
  readonly raster: Raster;
}

/** Whether points of one shape's lines are seen, by all solids of the picture. */
class Sight {
  readonly #kin: readonly Kin[];
  readonly #mine: number;
  readonly #ownFaces: boolean;
  /** Of a curve: 1 for each solid whose surface it lies on, 2 for the others, 0 until it is asked for. */
  readonly #liesOn: Uint8Array | null;

  constructor(
    private readonly me: Projected,
    private readonly scene: Scene,
    strokeMm: number
  ) {
    const { shape } = me;
    const { solids, flesh } = scene;
    this.#ownFaces = shape.kind === 'mesh' && !shape.normals;
    const isCurve = shape.kind === 'curve';
    this.#mine = isCurve ? -1 : solids.indexOf(me);
    this.#liesOn = isCurve ? new Uint8Array(solids.length) : null;
    const soft = (value: number) => -Math.max(value, 0.5 * strokeMm);
    const kin: Kin[] = [];
    if (shape.flesh !== undefined && !isCurve)
      for (const solid of flesh.get(shape.flesh) ?? []) {
        const other = solids[solid];
        if (!other || other === me || !overlap(other.box, me.box)) continue;
        const start = soft(Math.min(shape.soft ?? 4, other.shape.soft ?? 4));
        const end = shape.softEnd === undefined ? start : soft(shape.softEnd);
        kin.push({ solid, box: other.box, start, end });
      }
    this.#kin = kin;
  }

  /** How far before the line a solid may lie without hiding it, mm. */
  #leaveOf(solid: number): number {
    const { shape } = this.me;
    if (solid === this.#mine) return this.#ownFaces ? OWN_FACES_MM : Infinity;
    const other = this.scene.solids[solid]?.shape;
    if (!this.#liesOn || shape.kind !== 'curve')
      return shape.flesh !== undefined && other?.flesh === shape.flesh ? Infinity : TOUCHES_MM;
    const known = (this.#liesOn[solid] ||= shape.on.some((on) => other?.part.startsWith(on)) ? 1 : 2);
    return known === 1 ? LIES_ON_MM : TOUCHES_MM;
  }

  #hides(solid: number, x: number, y: number, z: number): boolean {
    if (solid < 0) return false;
    const leave = this.#leaveOf(solid);
    return leave !== Infinity && this.scene.raster.depthOf(solid, x, y) > z + leave;
  }

  sees(x: number, y: number, z: number, along: number): boolean {
    const { raster } = this.scene;
    const at = raster.pixel(x, y);
    // Nothing is drawn beside the picture.
    if (at < 0) return false;
    if (this.#hides(raster.nearest[at] ?? -1, x, y, z)) return false;
    if (this.#hides(raster.second[at] ?? -1, x, y, z)) return false;
    for (const { solid, box, start, end } of this.#kin) {
      if (x < box[0] || x > box[2] || y < box[1] || y > box[3]) continue;
      if (raster.depthOf(solid, x, y) > z + start + (end - start) * along) return false;
    }
    return true;
  }
}

/** Room for the samples of a line, each as a point of it, used again for the next. */
let samples = new Float64Array(4096);

/** Lays samples along a line, its own points among them, and counts them. */
function sampled(line: Line, stepMm: number): number {
  let count = 0;
  for (let i = 0; i + 3 < line.length; i += OF_POINT) {
    const from = Math.max(0, i - OF_POINT);
    const x = line[from] ?? 0;
    const y = line[from + 1] ?? 0;
    const z = line[from + 2] ?? 0;
    const along = line[from + 3] ?? 0;
    const dx = (line[i] ?? 0) - x;
    const dy = (line[i + 1] ?? 0) - y;
    const dz = (line[i + 2] ?? 0) - z;
    const further = (line[i + 3] ?? 0) - along;
    const steps = Math.max(1, Math.ceil(Math.sqrt(dx * dx + dy * dy) / stepMm));
    if ((count + steps) * OF_POINT > samples.length) {
      const larger = new Float64Array(2 * (samples.length + steps * OF_POINT));
      larger.set(samples);
      samples = larger;
    }
    for (let k = 1; k <= steps; k++) {
      const t = k / steps;
      const at = count++ * OF_POINT;
      samples[at] = x + dx * t;
      samples[at + 1] = y + dy * t;
      samples[at + 2] = z + dz * t;
      samples[at + 3] = along + further * t;
    }
  }
  return count;
}

/** Where between two samples the sight changes, as a share of the way: on the side that is seen. */
function changeAt(sight: Sight, at: number, was: boolean, halvings: number): number {
  const before = at - OF_POINT;
  const x = samples[before] ?? 0;
  const y = samples[before + 1] ?? 0;
  const z = samples[before + 2] ?? 0;
  const along = samples[before + 3] ?? 0;
  const dx = (samples[at] ?? 0) - x;
  const dy = (samples[at + 1] ?? 0) - y;
  const dz = (samples[at + 2] ?? 0) - z;
  const further = (samples[at + 3] ?? 0) - along;
  let low = 0;
  let high = 1;
  for (let i = 0; i < halvings; i++) {
    const t = (low + high) / 2;
    const seen = sight.sees(x + dx * t, y + dy * t, z + dz * t, along + further * t);
    if (seen === was) low = t;
    else high = t;
  }
  return was ? low : high;
}

/** The seen pieces of one line, x and y of each point one after the other. */
function piecesOf(line: Line, sight: Sight, { stepMm, halvings }: VisibleOptions): number[][] {
  const pieces: number[][] = [];
  const count = sampled(line, stepMm);
  let piece: number[] = [];
  let was = false;
  for (let i = 0; i < count; i++) {
    const at = i * OF_POINT;
    const x = samples[at] ?? 0;
    const y = samples[at + 1] ?? 0;
    const now = sight.sees(x, y, samples[at + 2] ?? 0, samples[at + 3] ?? 0);
    if (i > 0 && now !== was) {
      const t = changeAt(sight, at, was, halvings);
      const beforeX = samples[at - OF_POINT] ?? 0;
      const beforeY = samples[at - OF_POINT + 1] ?? 0;
      piece.push(beforeX + (x - beforeX) * t, beforeY + (y - beforeY) * t);
      if (was) {
        pieces.push(piece);
        piece = [];
      }
    }
    if (now) piece.push(x, y);
    was = now;
  }
  if (piece.length > 0) pieces.push(piece);
  return pieces;
}

/** The pieces of a shape's lines that nothing hides; their ends are found by halving. */
export function visiblePieces(me: Projected, scene: Scene, options: VisibleOptions): readonly Flat[] {
  const sight = new Sight(me, scene, options.strokeMm);
  const shortest = Math.max(options.shortestMm, me.shape.shortest ?? 0);
  return me.lines.flatMap((line) => {
    const least = Math.min(shortest, 0.8 * lengthOf(line, OF_POINT));
    return piecesOf(line, sight, options).filter((one) => one.length > 2 && lengthOf(one, 2) > least);
  });
}
