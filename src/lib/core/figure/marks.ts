import { cameraOf, seen, type Camera } from './drawing/camera';
import { flowingLine, type Flat } from './drawing/path';
import { project, type Box } from './drawing/project';
import { Raster } from './drawing/raster';
import { regionsOf } from './drawing/regions';
import type { Shape } from './drawing/shapes';
import { place, type Vec } from './vector';
import type { View } from './views';

/**
 * What says where a part should be and which way it strayed, as paths in the coordinates of the drawing; empty where
 * nothing moved.
 */
export interface Straying {
  /** The outline of where it should be, where that stands off from where it is. */
  readonly ghost: string;
  /** From where it should be to where it is, with its head. */
  readonly arrow: string;
}

export const NOTHING_STRAYED: Straying = { ghost: '', arrow: '' };

/** How a picture is shown, and in what window. */
export interface MarkOptions {
  readonly view: View;
  readonly detail: number;
  readonly window: Box;
  readonly strokePx: number;
}

// Sizes of marks. Source: our own, tried on sheets of all faults of the four families.

/** Nearer than so many strokes to the part's own outline, the ghost would only thicken it. */
const OFF_STROKES = 1.6;
/** Shorter runs of a ghost are crumbs, pixels. */
const SHORTEST_PX = 9;
/** Moved by less than so many strokes, nothing has moved. */
const MOVED_STROKES = 2;
/** An arrow is this share of the picture's longer side long, of the shorter one at most the other; its head a share of it. */
const ARROW = 0.2;
const ARROW_MOST = 0.4;
const HEAD = 0.36;
const HEAD_RAD = 0.5;
/** Turned in the picture rather than shifted: a turn about the middle leaves less than this share unexplained. */
const TURNED = 0.45;
/** Further from its middle than so many arrows, the end of a turned part is told by itself. */
const LONG = 1.2;
/** How far round a curved arrow goes, radians. */
const ROUND_RAD = 2;
/** From so far aside one half of a body hides the other, as the sine of the angle. */
const FROM_THE_SIDE = 0.8;
/** A point this near to the edge is no place for an arrow, as a share of the picture. */
const INSET = 0.06;
/** Points of a mesh that are followed. */
const OF_MESH = 24;

type Place = readonly [x: number, y: number];

/** Which pixels of a window shapes take up, seen through everything else. */
interface Silhouette {
  readonly raster: Raster;
  readonly taken: Uint8Array;
  readonly loops: readonly Flat[];
}

function silhouette(shapes: readonly Shape[], camera: Camera, window: Box, detail: number): Silhouette {
  const solids = shapes.map((shape) => project(shape, camera, detail));
  const raster = new Raster(solids, window, detail);
  const taken = new Uint8Array(raster.nearest.length);
  for (let i = 0; i < taken.length; i++) taken[i] = (raster.nearest[i] ?? -1) >= 0 ? 1 : 0;
  const all = new Uint8Array(solids.length).fill(1);
  return { raster, taken, loops: regionsOf(raster, raster.nearest, all).get(1) ?? [] };
}

/** Whether the outline of a silhouette runs within so many pixels of a place. */
function isAtEdge({ raster, taken }: Silhouette, x: number, y: number, within: number): boolean {
  const { width, height, left, top, detail } = raster;
  const cx = Math.round((x - left) * detail);
  const cy = Math.round((y - top) * detail);
  const reach = Math.ceil(within);
  let [some, all] = [false, true];
  for (let dy = -reach; dy <= reach; dy++)
    for (let dx = -reach; dx <= reach; dx++) {
      if (dx * dx + dy * dy > within * within) continue;
      const [px, py] = [cx + dx, cy + dy];
      const is = px >= 0 && py >= 0 && px < width && py < height && taken[py * width + px] === 1;
      some ||= is;
      all &&= is;
      if (some && !all) return true;
    }
  return false;
}

/** The runs of an outline that are seen in the window, and stand off from another silhouette's. */
function runsOff(loop: Flat, other: Silhouette, { window, strokePx, detail }: MarkOptions): Flat[] {
  const { raster } = other;
  const within = (OFF_STROKES * strokePx * raster.detail) / detail;
  const edge = 1.5 / raster.detail;
  const off: boolean[] = [];
  for (let i = 0; i + 1 < loop.length; i += 2) {
    const [x, y] = [loop[i] ?? 0, loop[i + 1] ?? 0];
    const inside =
      x > window[0] + edge && x < window[2] - edge && y > window[1] + edge && y < window[3] - edge;
    off.push(inside && !isAtEdge(other, x, y, within));
  }
  // A loop has no beginning: one that is off at its seam runs on through it.
  const seam = Math.max(0, off.indexOf(false));
  const count = off.length - 1;
  const runs: number[][] = [];
  let run: number[] = [];
  for (let k = 0; k <= count; k++) {
    const i = (seam + k) % Math.max(1, count);
    if (off[i]) run.push(loop[2 * i] ?? 0, loop[2 * i + 1] ?? 0);
    else {
      if (run.length > 2) runs.push(run);
      run = [];
    }
  }
  if (run.length > 2) runs.push(run);
  const long = (one: Flat) => {
    let [least, most, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
    for (let i = 0; i + 1 < one.length; i += 2) {
      [least, most] = [Math.min(least, one[i] ?? 0), Math.max(most, one[i] ?? 0)];
      [low, high] = [Math.min(low, one[i + 1] ?? 0), Math.max(high, one[i + 1] ?? 0)];
    }
    return Math.max(most - least, high - low) * detail;
  };
  return runs.filter((one) => long(one) >= SHORTEST_PX);
}

/** Points of a shape that can be followed from one figure to another. */
function followed(shape: Shape): readonly Vec[] {
  switch (shape.kind) {
    case 'cone':
      return [shape.a, shape.b];
    case 'ellipsoid':
      return [shape.at];
    case 'curve':
      return shape.points;
    case 'mesh': {
      const count = shape.points.length / 3;
      const step = Math.max(1, Math.floor(count / OF_MESH));
      return Array.from({ length: Math.floor((count - 1) / step) + 1 }, (_, k) => {
        const i = 3 * k * step;
        const point: Vec = [shape.points[i] ?? 0, shape.points[i + 1] ?? 0, shape.points[i + 2] ?? 0];
        return place(shape.frame, point);
      });
    }
  }
}

/** A point of the part: where it should be in the picture, and by how much it is off. */
interface Moved {
  readonly at: Place;
  readonly by: Place;
}

/** The points of the same shapes in two figures. */
function movedPoints(right: readonly Shape[], wrong: readonly Shape[], camera: Camera): readonly Moved[] {
  const named = new Map<string, Shape[]>();
  for (const shape of right) {
    const list = named.get(shape.part);
    if (list) list.push(shape);
    else named.set(shape.part, [shape]);
  }
  const next = new Map<string, number>();
  return wrong.flatMap((shape) => {
    const i = next.get(shape.part) ?? 0;
    next.set(shape.part, i + 1);
    const was = named.get(shape.part)?.[i];
    if (was?.kind !== shape.kind) return [];
    const before = followed(was);
    const points = followed(shape).map((point) => seen(camera, point));
    // What turns goes one way before and the other way behind: the side that is seen tells.
    const middle = points.reduce((sum, [, , z]) => sum + z, 0) / points.length;
    return points.flatMap(([x, y, z], k) => {
      const from = before[k];
      if (!from || (shape.kind === 'mesh' && z < middle)) return [];
      const [fromX, fromY] = seen(camera, from);
      return { at: [x, y], by: [x - fromX, y - fromY] } as const;
    });
  });
}

const size = ([x, y]: Place): number => Math.hypot(x, y);

/** A head at the end of a line that comes from a direction, as two strokes. */
export function headAt([x, y]: Place, towards: number, length: number): Flat {
  const stroke = (turn: number): Place => [
    x - length * Math.cos(towards + turn),
    y - length * Math.sin(towards + turn)
  ];
  return [...stroke(HEAD_RAD), x, y, ...stroke(-HEAD_RAD)];
}

/** The turn in the picture about a place that comes nearest to how points moved, and what share of it that leaves. */
function turnOf(
  moved: readonly Moved[],
  [x, y]: Place
): { readonly rad: number; readonly unexplained: number } {
  let [across, arms, all] = [0, 0, 0];
  for (const { at, by } of moved) {
    const [rx, ry] = [at[0] - by[0] - x, at[1] - by[1] - y];
    across += rx * by[1] - ry * by[0];
    arms += rx * rx + ry * ry;
    all += by[0] * by[0] + by[1] * by[1];
  }
  const rad = arms > 0 ? across / arms : 0;
  return { rad, unexplained: all > 0 ? 1 - (rad * across) / all : 1 };
}

/** The arrow of what moved: straight, or round where it turned about its own middle. */
function arrowOf(moved: readonly Moved[], { window, detail, strokePx }: MarkOptions): readonly Flat[] {
  const [left, top, right, bottom] = window;
  const [wide, high] = [right - left, bottom - top];
  const inset = INSET * Math.min(wide, high);
  const shown = moved.filter(
    ({ at: [x, y] }) => x > left + inset && x < right - inset && y > top + inset && y < bottom - inset
  );
  const furthest = shown.reduce<Moved | null>(
    (best, one) => (best && size(best.by) >= size(one.by) ? best : one),
    null
  );
  if (!furthest || size(furthest.by) < (MOVED_STROKES * strokePx) / detail) return [];
  const length = Math.min(ARROW * Math.max(wide, high), ARROW_MOST * Math.min(wide, high));
  const count = moved.length;
  const middle: Place = [
    moved.reduce((sum, { at, by }) => sum + at[0] - by[0], 0) / count,
    moved.reduce((sum, { at, by }) => sum + at[1] - by[1], 0) / count
  ];
  const turn = turnOf(moved, middle);
  const arm: Place = [furthest.at[0] - middle[0], furthest.at[1] - middle[1]];
  // A long part is turned at its end: there a straight arrow says it.
  if (turn.unexplained < TURNED && size(arm) > 0.3 * length && size(arm) < LONG * length) {
    const sense = Math.sign(turn.rad);
    const end = Math.atan2(arm[1], arm[0]);
    const radius = Math.max(size(arm), 0.5 * length);
    const steps = 10;
    const arc = Array.from({ length: steps + 1 }, (_, i) => {
      const angle = end - sense * ROUND_RAD * (1 - i / steps);
      return [middle[0] + radius * Math.cos(angle), middle[1] + radius * Math.sin(angle)];
    }).flat();
    const tip: Place = [middle[0] + radius * Math.cos(end), middle[1] + radius * Math.sin(end)];
    const isWhole = arc.every((at, i) =>
      i % 2 === 0 ? at > left + inset && at < right - inset : at > top + inset && at < bottom - inset
    );
    if (isWhole) return [arc, headAt(tip, end + (sense * Math.PI) / 2 - sense * 0.15, HEAD * length)];
  }
  const way = Math.atan2(furthest.by[1], furthest.by[0]);
  const [dx, dy] = [length * Math.cos(way), length * Math.sin(way)];
  const within = (value: number, low: number, most: number) => Math.min(most, Math.max(low, value));
  // All of it is in the picture: where its tail would not be, the whole moves along.
  const x = within(furthest.at[0], left + inset + Math.max(0, dx), right - inset + Math.min(0, dx));
  const y = within(furthest.at[1], top + inset + Math.max(0, dy), bottom - inset + Math.min(0, dy));
  return [[x - dx, y - dy, x, y], headAt([x, y], way, HEAD * length)];
}

/** What is of both sides and of nothing else has an arrow on either, unless one hides the other. */
function bySide(shapes: readonly Shape[], { azimuth }: View): readonly (readonly Shape[])[] {
  if (Math.abs(Math.sin((azimuth * Math.PI) / 180)) > FROM_THE_SIDE) return [shapes];
  const [left, right] = ['left', 'right'].map((side) => shapes.filter(({ part }) => part.startsWith(side)));
  const isBoth = left?.length && right?.length && left.length + right.length === shapes.length;
  return isBoth ? [left, right] : [shapes];
}

/**
 * Where parts should be and which way they strayed, out of the figure as it should be and as it is.
 *
 * @param right the parts' shapes as they should be
 * @param wrong the same as they are
 */
export function strayingOf(right: readonly Shape[], wrong: readonly Shape[], options: MarkOptions): Straying {
  const { view, detail, window } = options;
  const camera = cameraOf(view);
  const solid = (shapes: readonly Shape[]) => shapes.filter(({ kind }) => kind !== 'curve');
  const grid = Math.min(detail, 1.5);
  const [one, other] = [solid(right), solid(wrong)];
  // The layers of a raster are lent: the first is read before the second is filled.
  const ghosts = one.length > 0 ? silhouette(one, camera, window, grid).loops : [];
  const there = other.length > 0 ? silhouette(other, camera, window, grid) : null;
  const runs = there ? ghosts.flatMap((loop) => runsOff(loop, there, options)) : ghosts;
  const tolerance = 0.3 / detail;
  const arrow = bySide(other, view).flatMap((side) => arrowOf(movedPoints(one, side, camera), options));
  return {
    ghost: runs.map((run) => flowingLine(run, tolerance)).join(''),
    arrow: arrow.map((line) => flowingLine(line, tolerance / 4)).join('')
  };
}
