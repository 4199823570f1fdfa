import { place, UPRIGHT, type Frame, type Vec } from '../vector';
import { discNet, slabNet, tubeNet, type Net } from './nets';
import type { Common, Tone } from './materials';

/** The form of a surface in its own coordinates; x, y and z of each point stand one after the other. */
export interface Form {
  readonly points: Float64Array;
  readonly net: Net;
  /** Normals at the points, for a smooth surface: its contour runs between them. Without them all faces are flat. */
  readonly normals?: Float64Array;
  /** Lines of points that are drawn wherever they can be seen. */
  readonly edges: readonly (readonly number[])[];
}

/** A surface of triangles. */
export interface Mesh extends Common, Form {
  readonly kind: 'mesh';
  readonly tone: Tone;
  /** Where its own coordinates lie; its axes are at right angles and as long as one unit of them. */
  readonly frame: Frame;
}

type Look = Omit<Mesh, 'kind' | 'frame' | keyof Form>;

export const mesh = (form: Form, look: Look, frame: Frame = UPRIGHT): Mesh => ({
  kind: 'mesh',
  frame,
  ...form,
  ...look
});

/** Points as numbers in one row. */
export function inRow(points: readonly Vec[]): Float64Array {
  const row = new Float64Array(3 * points.length);
  points.forEach((point, i) => row.set(point, 3 * i));
  return row;
}

/** Normals at the points of a surface, out of the triangles that meet there; 0 at points without one. */
function normalsOf(points: Float64Array, triangles: Uint16Array): Float64Array {
  const sums = new Float64Array(points.length);
  for (let t = 0; t + 2 < triangles.length; t += 3) {
    const a = 3 * (triangles[t] ?? 0);
    const b = 3 * (triangles[t + 1] ?? 0);
    const c = 3 * (triangles[t + 2] ?? 0);
    const ax = points[a] ?? 0;
    const ay = points[a + 1] ?? 0;
    const az = points[a + 2] ?? 0;
    const bx = (points[b] ?? 0) - ax;
    const by = (points[b + 1] ?? 0) - ay;
    const bz = (points[b + 2] ?? 0) - az;
    const cx = (points[c] ?? 0) - ax;
    const cy = (points[c + 1] ?? 0) - ay;
    const cz = (points[c + 2] ?? 0) - az;
    const nx = by * cz - bz * cy;
    const ny = bz * cx - bx * cz;
    const nz = bx * cy - by * cx;
    for (let k = 0; k < 3; k++) {
      const corner = k === 0 ? a : k === 1 ? b : c;
      sums[corner] = (sums[corner] ?? 0) + nx;
      sums[corner + 1] = (sums[corner + 1] ?? 0) + ny;
      sums[corner + 2] = (sums[corner + 2] ?? 0) + nz;
    }
  }
  for (let i = 0; i < sums.length; i += 3) scaleAt(sums, i, 1 / (lengthAt(sums, i) || 1));
  return sums;
}

const lengthAt = (row: Float64Array, at: number): number => {
  const x = row[at] ?? 0;
  const y = row[at + 1] ?? 0;
  const z = row[at + 2] ?? 0;
  return Math.sqrt(x * x + y * y + z * z);
};

function scaleAt(row: Float64Array, at: number, by: number): void {
  row[at] = (row[at] ?? 0) * by;
  row[at + 1] = (row[at + 1] ?? 0) * by;
  row[at + 2] = (row[at + 2] ?? 0) * by;
}

/** Middle of some points of a row. */
function middleOf(row: Float64Array, from = 0, count = row.length / 3): Vec {
  let [x, y, z] = [0, 0, 0];
  for (let i = 3 * from; i < 3 * (from + count); i += 3) {
    x += row[i] ?? 0;
    y += row[i + 1] ?? 0;
    z += row[i + 2] ?? 0;
  }
  return [x / count, y / count, z / count];
}

/** How much the normals point away from the middle, all together. */
function outward(points: Float64Array, normals: Float64Array): number {
  const middle = middleOf(points);
  let all = 0;
  for (let i = 0; i < points.length; i++)
    all += (normals[i] ?? 0) * ((points[i] ?? 0) - (middle[i % 3] ?? 0));
  return all;
}

export interface TubeOptions {
  /** Open at both ends, as a sleeve; else lids close it. */
  readonly isOpen?: boolean;
  /** The rings that are drawn as lines, by their number; negative from the end. */
  readonly drawn?: readonly number[];
}

/**
 * A smooth tube through rings of as many points each.
 *
 * @param row the points of all rings, one ring after the other
 * @param around points of a ring
 */
export function tube(
  row: Float64Array,
  around: number,
  { isOpen = false, drawn = [] }: TubeOptions = {}
): Form {
  const rings = row.length / 3 / around;
  let normals = normalsOf(row, tubeNet(rings, around, true, false).triangles);
  const inwards = outward(row, normals) < 0;
  if (inwards) normals = normals.map((way) => -way);
  const net = tubeNet(rings, around, isOpen, inwards);
  const edges = drawn.map((ring) => {
    const from = (ring < 0 ? rings + ring : ring) * around;
    return Array.from({ length: around + 1 }, (_, i) => from + (i % around));
  });
  return isOpen ? { points: row, net, normals, edges } : { ...closedBy(row, normals, around), net, edges };
}

/** A tube's points and normals with those of its lids after them. */
function closedBy(
  row: Float64Array,
  normals: Float64Array,
  around: number
): Pick<Form, 'points' | 'normals'> {
  const points = new Float64Array(row.length + 6);
  const all = new Float64Array(row.length + 6);
  points.set(row);
  all.set(normals);
  const rings = row.length / 3 / around;
  for (const [lid, ring, inner] of [
    [0, 0, 1],
    [1, rings - 1, rings - 2]
  ] as const) {
    const at = row.length + 3 * lid;
    const centre = middleOf(row, ring * around, around);
    const within = middleOf(row, inner * around, around);
    points.set(centre, at);
    for (let i = 0; i < 3; i++) all[at + i] = (centre[i] ?? 0) - (within[i] ?? 0);
    scaleAt(all, at, 1 / (lengthAt(all, at) || 1));
  }
  return { points, normals: all };
}

/** Across and along a board. */
export type FlatPoint = readonly [wide: number, along: number];

/** An outline on two sheets: what is cut out of a board. Its outlines and the corners named are drawn. */
export function slab(
  frame: Frame,
  left: readonly FlatPoint[],
  right: readonly FlatPoint[],
  low: (along: number) => number,
  high: (along: number) => number,
  look: Look,
  corners: readonly number[] = []
): Mesh {
  const count = left.length;
  const sheet = (side: typeof left, out: typeof low) =>
    side.map(([wide, along]): Vec => [wide, along, out(along)]);
  const points = inRow([
    ...sheet(left, low),
    ...sheet(right, low),
    ...sheet(left, high),
    ...sheet(right, high)
  ]);
  const loop = (from: number) => [
    ...Array.from({ length: count }, (_, i) => from + i),
    ...Array.from({ length: count }, (_, i) => from + 2 * count - 1 - i),
    from
  ];
  const posts = corners.flatMap((i) => [
    [i, 2 * count + i],
    [count + i, 3 * count + i]
  ]);
  return mesh({ points, net: slabNet(count), edges: [loop(0), loop(2 * count), ...posts] }, look, frame);
}

/** Points round a disc's face. */
const DISC_AROUND = 28;

/** A disc that stands upright in a frame, its faces to the left and right. */
export function disc(frame: Frame, centre: Vec, radius: number, half: number, look: Look): Mesh {
  const face = (side: number) =>
    Array.from({ length: DISC_AROUND }, (_, i): Vec => {
      const angle = (2 * Math.PI * i) / DISC_AROUND;
      return [
        centre[0] + side * half,
        centre[1] + radius * Math.cos(angle),
        centre[2] + radius * Math.sin(angle)
      ];
    });
  const loop = (from: number) => Array.from({ length: DISC_AROUND + 1 }, (_, i) => from + (i % DISC_AROUND));
  return mesh(
    {
      points: inRow([...face(-1), ...face(1)]),
      net: discNet(DISC_AROUND),
      edges: [loop(0), loop(DISC_AROUND)]
    },
    look,
    frame
  );
}

/** A point of a form in the world. */
export const pointOf = (row: Float64Array, index: number, frame: Frame): Vec =>
  place(frame, [row[3 * index] ?? 0, row[3 * index + 1] ?? 0, row[3 * index + 2] ?? 0]);
