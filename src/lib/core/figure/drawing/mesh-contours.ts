import { dot, type Vec } from '../vector';
import type { Camera } from './camera';
import type { Mesh } from './meshes';
import type { Net } from './nets';
import { OF_POINT, type Line } from './line';

/**
 * The lines of a mesh: its edges, and its contour, smooth or as the outline of its flat faces.
 *
 * @param points the mesh's points as the picture has them
 */
export function contoursOf(
  { net, normals, edges, frame }: Mesh,
  points: Float64Array,
  { towards }: Camera
): Line[] {
  if (!normals) return [...edges.map((edge) => through(edge, points)), ...silhouette(net, points)];
  const facing = facingOf(normals, [dot(towards, frame.x), dot(towards, frame.y), dot(towards, frame.z)]);
  const seen = edges.flatMap((edge) => runsOf(edge, facing).map((run) => through(run, points)));
  return [...seen, ...smooth(net, facing, points)];
}

/** How much the surface looks at the viewer at each point: below 0 away from him. */
function facingOf(normals: Float64Array, [x, y, z]: Vec): Float64Array {
  const facing = new Float64Array(normals.length / 3);
  for (let i = 0; i < facing.length; i++)
    facing[i] =
      (normals[3 * i] ?? 0) * x + (normals[3 * i + 1] ?? 0) * y + (normals[3 * i + 2] ?? 0) * z || 1e-9;
  return facing;
}

/** A line through points by their numbers. */
function through(numbers: readonly number[], points: Float64Array): Line {
  const line: number[] = [];
  for (const number of numbers)
    line.push(points[3 * number] ?? 0, points[3 * number + 1] ?? 0, points[3 * number + 2] ?? 0, 0);
  return line;
}

/** The runs of an edge that look at the viewer. */
function runsOf(edge: readonly number[], facing: Float64Array): number[][] {
  const runs: number[][] = [[]];
  for (const index of edge)
    if ((facing[index] ?? 0) > 1e-9) runs.at(-1)?.push(index);
    else if (runs.at(-1)?.length) runs.push([]);
  return runs.filter((run) => run.length > 1);
}

const NONE = -1;
/** The up to two neighbours of each side that the contour crosses, kept from one mesh to the next. */
let neighbours = new Int32Array(0);

/** Where the normal, run evenly between the points, stands at right angles to the view. */
function smooth({ triangles, sideOf, ends }: Net, facing: Float64Array, points: Float64Array): Line[] {
  if (neighbours.length < ends.length) neighbours = new Int32Array(ends.length);
  const next = neighbours.fill(NONE, 0, ends.length);
  const crossed: number[] = [];
  const join = (side: number, other: number) => {
    if (next[2 * side] === NONE) {
      next[2 * side] = other;
      crossed.push(side);
    } else next[2 * side + 1] = other;
  };
  for (let t = 0; t + 2 < triangles.length; t += 3) {
    const a = (facing[triangles[t] ?? 0] ?? 0) > 0;
    const b = (facing[triangles[t + 1] ?? 0] ?? 0) > 0;
    const c = (facing[triangles[t + 2] ?? 0] ?? 0) > 0;
    if (a === b && b === c) continue;
    // The two sides of the corner that looks the other way.
    const one = sideOf[a === b ? t + 1 : t] ?? 0;
    const other = sideOf[a === c ? t + 1 : t + 2] ?? 0;
    join(one, other);
    join(other, one);
  }
  return walked(crossed, next, (side, line) => {
    const from = ends[2 * side] ?? 0;
    const to = ends[2 * side + 1] ?? 0;
    const near = facing[from] ?? 0;
    const share = near / (near - (facing[to] ?? 0));
    for (let i = 0; i < 3; i++) {
      const start = points[3 * from + i] ?? 0;
      line.push(start + ((points[3 * to + i] ?? 0) - start) * share);
    }
    line.push(0);
  });
}

/** The lines that run from knot to knot: first those with an end, then the loops. Knots that were walked are cut. */
function walked(
  knots: readonly number[],
  next: Int32Array,
  lay: (knot: number, line: number[]) => void
): Line[] {
  const used = new Uint8Array(next.length / 2);
  const walk = (start: number): Line => {
    const line: number[] = [];
    for (let knot = start; knot !== NONE;) {
      used[knot] = 1;
      lay(knot, line);
      const one = next[2 * knot] ?? NONE;
      const other = next[2 * knot + 1] ?? NONE;
      const open = one !== NONE && used[one] !== 1 ? one : other !== NONE && used[other] !== 1 ? other : NONE;
      const closes = line.length > 2 * OF_POINT && (one === start || other === start);
      if (open === NONE && closes) line.push(...line.slice(0, OF_POINT));
      knot = open;
    }
    return line;
  };
  const lines: Line[] = [];
  for (const knot of knots) if (next[2 * knot + 1] === NONE && used[knot] !== 1) lines.push(walk(knot));
  for (const knot of knots) if (used[knot] !== 1) lines.push(walk(knot));
  return lines.filter(({ length }) => length > OF_POINT);
}

/** Outline of flat faces: the edges between faces turned to the viewer and faces turned away. */
function silhouette({ triangles, sideOf, ends }: Net, points: Float64Array): Line[] {
  const turns = new Int8Array(ends.length / 2);
  for (let t = 0; t + 2 < triangles.length; t += 3) {
    const [i, j, k] = [3 * (triangles[t] ?? 0), 3 * (triangles[t + 1] ?? 0), 3 * (triangles[t + 2] ?? 0)];
    const x = points[i] ?? 0;
    const y = points[i + 1] ?? 0;
    const area =
      ((points[j] ?? 0) - x) * ((points[k + 1] ?? 0) - y) -
      ((points[k] ?? 0) - x) * ((points[j + 1] ?? 0) - y);
    if (area < 1e-9 && area > -1e-9) continue;
    for (let corner = t; corner < t + 3; corner++) {
      const side = sideOf[corner] ?? 0;
      const rises = triangles[corner] === ends[2 * side];
      turns[side] = (turns[side] ?? 0) + (rises === area > 0 ? 1 : -1);
    }
  }
  // Inner edges cancel, when every face is turned the same way round; what is left runs round the outside.
  const next = new Map<number, number[]>();
  turns.forEach((turn, side) => {
    if (turn === 0) return;
    const [low = 0, high = 0] = ends.subarray(2 * side, 2 * side + 2);
    const [from, to] = turn > 0 ? [low, high] : [high, low];
    const known = next.get(from);
    if (known) known.push(to);
    else next.set(from, [to]);
  });
  const lines: Line[] = [];
  for (const start of next.keys())
    while (next.get(start)?.length) {
      const outline = [start];
      for (let at = next.get(start)?.pop(); at !== undefined; at = next.get(at)?.pop()) {
        outline.push(at);
        if (at === start) break;
      }
      if (outline.length > 2) lines.push(through(outline, points));
    }
  return lines;
}
