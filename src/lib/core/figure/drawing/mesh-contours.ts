import { dot, mix, type Vec } from '../vector';
import type { Camera } from './camera';
import type { Line } from './project';
import type { Mesh } from './shapes';

const KEY = 100_003;

const pointAt = (points: Float64Array, index: number): Vec => [
  points[3 * index] ?? 0,
  points[3 * index + 1] ?? 0,
  points[3 * index + 2] ?? 0
];

/** Runs of a list whose outward normal looks at the viewer. */
export function facing(
  list: readonly number[],
  normal: (index: number) => Vec | undefined,
  camera: Camera
): number[][] {
  const runs: number[][] = [[]];
  for (const index of list) {
    const out = normal(index);
    if (out && dot(out, camera.towards) > 0) runs.at(-1)?.push(index);
    else if ((runs.at(-1)?.length ?? 0) > 0) runs.push([]);
  }
  return runs.filter((run) => run.length > 1);
}

/** The lines of a mesh: its edges, and its contour, smooth or as the outline of its flat faces. */
export function contoursOf(mesh: Mesh, points: Float64Array, camera: Camera): readonly Line[] {
  const { normals } = mesh;
  const at = (index: number): Vec => pointAt(points, index);
  const edges = mesh.edges.flatMap((edge) =>
    (normals ? facing(edge, (index) => normals[index], camera) : [edge]).map((run) => run.map(at))
  );
  return [...edges, ...(normals ? smooth(mesh, normals, points, camera) : silhouette(mesh, points))];
}

/** Where the normal, run evenly between the points, stands at right angles to the view. */
function smooth(mesh: Mesh, normals: readonly Vec[], points: Float64Array, camera: Camera): Line[] {
  const facing = Float64Array.from(normals, (normal) => dot(normal, camera.towards) || 1e-9);
  const knots = new Map<number, { readonly point: Vec; readonly next: number[] }>();
  const cut = (i: number, j: number): number => {
    const key = i < j ? i * KEY + j : j * KEY + i;
    if (!knots.has(key)) {
      const [a, b] = [facing[i] ?? 0, facing[j] ?? 0];
      knots.set(key, { point: mix(pointAt(points, i), pointAt(points, j), a / (a - b)), next: [] });
    }
    return key;
  };
  for (const [i, j, k] of mesh.triangles) {
    const [a, b, c] = [(facing[i] ?? 0) > 0, (facing[j] ?? 0) > 0, (facing[k] ?? 0) > 0];
    if (a === b && b === c) continue;
    const [one, other] =
      a === b ? [cut(j, k), cut(k, i)] : b === c ? [cut(i, j), cut(k, i)] : [cut(i, j), cut(j, k)];
    knots.get(one)?.next.push(other);
    knots.get(other)?.next.push(one);
  }
  const used = new Set<number>();
  const walk = (start: number): Line => {
    const line: Vec[] = [];
    for (let key: number | undefined = start; key !== undefined;) {
      const knot = knots.get(key);
      if (!knot) break;
      used.add(key);
      line.push(knot.point);
      const next: number | undefined = knot.next.find((one) => !used.has(one));
      if (next === undefined && line.length > 2 && knot.next.includes(start) && line[0]) line.push(line[0]);
      key = next;
    }
    return line;
  };
  const lines: Line[] = [];
  for (const [key, { next }] of knots) if (next.length === 1 && !used.has(key)) lines.push(walk(key));
  for (const key of knots.keys()) if (!used.has(key)) lines.push(walk(key));
  return lines.filter((line) => line.length > 1);
}

/** Outline of flat faces: the edges between faces turned to the viewer and faces turned away. */
function silhouette(mesh: Mesh, points: Float64Array): Line[] {
  const net = new Map<number, number>();
  const xOf = (index: number): number => points[3 * index] ?? 0;
  const yOf = (index: number): number => points[3 * index + 1] ?? 0;
  for (const [i, j, k] of mesh.triangles) {
    const [ax, ay] = [xOf(i), yOf(i)];
    const area = (xOf(j) - ax) * (yOf(k) - ay) - (xOf(k) - ax) * (yOf(j) - ay);
    if (Math.abs(area) < 1e-9) continue;
    for (const [from, to] of [
      [i, j],
      [j, k],
      [k, i]
    ] as const) {
      const key = from < to ? from * KEY + to : to * KEY + from;
      net.set(key, (net.get(key) ?? 0) + (from < to ? Math.sign(area) : -Math.sign(area)));
    }
  }
  // Inner edges cancel, when every face is turned the same way round; what is left runs round the outside.
  const next = new Map<number, number[]>();
  for (const [key, count] of net) {
    if (count === 0) continue;
    const [low, high] = [Math.floor(key / KEY), key % KEY];
    const [from, to] = count > 0 ? [low, high] : [high, low];
    next.set(from, [...(next.get(from) ?? []), to]);
  }
  const lines: Line[] = [];
  for (const start of next.keys())
    while ((next.get(start)?.length ?? 0) > 0) {
      const line: Vec[] = [pointAt(points, start)];
      for (let at = next.get(start)?.pop(); at !== undefined; at = next.get(at)?.pop()) {
        line.push(pointAt(points, at));
        if (at === start) break;
      }
      if (line.length > 2) lines.push(line);
    }
  return lines;
}
