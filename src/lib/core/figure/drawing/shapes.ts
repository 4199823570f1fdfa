import {
  across,
  cross,
  direct,
  dot,
  mix,
  place,
  scale,
  sub,
  sum,
  unit,
  type Frame,
  type Vec
} from '../vector';

/** What a surface is made of: each has its own tone on screen and on paper. */
export const TONES = [
  'skin',
  'nail',
  'top',
  'trousers',
  'shoe',
  'hair',
  'wood',
  'rib',
  'board',
  'bow',
  'rest',
  'seat',
  'metal'
] as const;
export type Tone = (typeof TONES)[number];

interface Common {
  /** What it belongs to, for marks and for leaving out: `leftFinger2`, `torso`, `scroll`. */
  readonly part: string;
  /** Shapes of one flesh melt into each other: between them a line needs a jump in depth. */
  readonly flesh?: string;
  /** That jump, mm; `softEnd` at the far end of a cone. */
  readonly soft?: number;
  readonly softEnd?: number;
  /** Pieces of a line shorter than this are not drawn, mm. */
  readonly shortest?: number;
}

/** A tapered capsule: a sphere that runs from a to b. */
export interface Cone extends Common {
  readonly kind: 'cone';
  readonly tone: Tone;
  readonly a: Vec;
  readonly b: Vec;
  readonly ra: number;
  readonly rb: number;
  /** Drawn as one line where two would run together. */
  readonly slender?: boolean;
}

export interface Ellipsoid extends Common {
  readonly kind: 'ellipsoid';
  readonly tone: Tone;
  readonly at: Vec;
  /** Three directions at right angles whose lengths are the radii. */
  readonly axes: readonly [Vec, Vec, Vec];
}

/** A surface of triangles. */
export interface Mesh extends Common {
  readonly kind: 'mesh';
  readonly tone: Tone;
  readonly points: readonly Vec[];
  readonly triangles: readonly Triangle[];
  /** Normals at the points, for a smooth surface: its contour runs between them. Without them all faces are flat. */
  readonly normals?: readonly Vec[];
  /** Lines of points that are drawn wherever they can be seen. */
  readonly edges: readonly (readonly number[])[];
  /** An open surface that counts only from outside. */
  readonly shell?: boolean;
}

/** A line on or near a surface. */
export interface Curve extends Common {
  readonly kind: 'curve';
  readonly points: readonly Vec[];
  /** Normals along it: only what faces the viewer is drawn. */
  readonly normals?: readonly Vec[];
  /** Parts whose surface it lies on, by the beginning of their name. */
  readonly on: readonly string[];
  /** Not drawn where a mm takes less than this many pixels. */
  readonly fromDetail?: number;
  readonly fine?: boolean;
}

export type Solid = Cone | Ellipsoid | Mesh;
export type Shape = Solid | Curve;

type Look = Omit<Cone, 'kind' | 'a' | 'b' | 'ra' | 'rb'>;

export const cone = (a: Vec, b: Vec, ra: number, rb: number, look: Look): Cone => ({
  kind: 'cone',
  a,
  b,
  ra,
  rb,
  ...look
});

/** An ellipsoid along the axes of a frame. */
export const egg = (frame: Frame, at: Vec, [rx, ry, rz]: Vec, look: Look): Ellipsoid => ({
  kind: 'ellipsoid',
  at: place(frame, at),
  axes: [scale(frame.x, rx), scale(frame.y, ry), scale(frame.z, rz)],
  ...look
});

export const ball = (at: Vec, radius: number, look: Look): Ellipsoid => ({
  kind: 'ellipsoid',
  at,
  axes: [
    [radius, 0, 0],
    [0, radius, 0],
    [0, 0, radius]
  ],
  ...look
});

type Triangle = readonly [number, number, number];

/** Normals at the points of a mesh, out of triangles that run counter-clockwise from outside. */
function normalsOf(points: readonly Vec[], triangles: readonly Triangle[]): Vec[] {
  const sums = new Float64Array(points.length * 3);
  for (const triangle of triangles) {
    const a = points[triangle[0]];
    const b = points[triangle[1]];
    const c = points[triangle[2]];
    if (!a || !b || !c) continue;
    const bx = b[0] - a[0];
    const by = b[1] - a[1];
    const bz = b[2] - a[2];
    const cx = c[0] - a[0];
    const cy = c[1] - a[1];
    const cz = c[2] - a[2];
    for (const corner of triangle) {
      sums[3 * corner] = (sums[3 * corner] ?? 0) + by * cz - bz * cy;
      sums[3 * corner + 1] = (sums[3 * corner + 1] ?? 0) + bz * cx - bx * cz;
      sums[3 * corner + 2] = (sums[3 * corner + 2] ?? 0) + bx * cy - by * cx;
    }
  }
  return points.map((_, i) => unit([sums[3 * i] ?? 0, sums[3 * i + 1] ?? 0, sums[3 * i + 2] ?? 0]));
}

function middleOf(points: readonly Vec[]): Vec {
  let [x, y, z] = [0, 0, 0];
  for (const point of points) {
    x += point[0];
    y += point[1];
    z += point[2];
  }
  const { length } = points;
  return [x / length, y / length, z / length];
}

const nets = new Map<string, readonly Triangle[]>();

/** The triangles between rings of as many points each, the same for every tube of that shape. */
function netOf(rings: number, around: number, inwards: boolean): readonly Triangle[] {
  const key = `${rings} ${around} ${inwards}`;
  const known = nets.get(key);
  if (known) return known;
  const net: Triangle[] = [];
  for (let ring = 0; ring + 1 < rings; ring++)
    for (let i = 0; i < around; i++) {
      const a = ring * around + i;
      const b = ring * around + ((i + 1) % around);
      net.push([a, b, a + around], [b, b + around, a + around]);
    }
  const made = inwards ? net.map(([a, b, c]): Triangle => [c, b, a]) : net;
  nets.set(key, made);
  return made;
}

/**
 * A smooth tube through rings of as many points each, closed at both ends.
 *
 * @param drawn the rings that are drawn as lines, by their number; negative from the end
 */
export function tube(
  rings: readonly (readonly Vec[])[],
  look: Look & { readonly shell?: boolean },
  drawn: readonly number[] = []
): Mesh {
  const around = rings[0]?.length ?? 0;
  const points: Vec[] = rings.flat();
  const middle = middleOf(points);
  let net = netOf(rings.length, around, false);
  let normals = normalsOf(points, net);
  const outward = normals.reduce((all, normal, i) => all + dot(normal, sub(points[i] ?? middle, middle)), 0);
  if (outward < 0) {
    net = netOf(rings.length, around, true);
    normals = normals.map((normal) => scale(normal, -1));
  }
  const triangles = [...net];
  const edges = drawn.map((ring) => {
    const from = (ring < 0 ? rings.length + ring : ring) * around;
    return Array.from({ length: around + 1 }, (_, i) => from + (i % around));
  });
  if (!look.shell)
    for (const [ring, inner] of [
      [0, 1],
      [rings.length - 1, rings.length - 2]
    ] as const) {
      const rim = rings[ring] ?? [];
      const centre = middleOf(rim);
      const out = unit(sub(centre, middleOf(rings[inner] ?? rim)));
      const at = points.push(centre) - 1;
      normals.push(out);
      for (let i = 0; i < around; i++) {
        const [a, b] = [ring * around + i, ring * around + ((i + 1) % around)];
        triangles.push([a, b, at]);
      }
    }
  return { kind: 'mesh', points, triangles, normals, edges, ...look };
}

/** A ring of points round an axis; the radii along two directions across it. */
export const ringAt = (at: Vec, across1: Vec, across2: Vec, around: number): Vec[] =>
  Array.from({ length: around }, (_, i) => {
    const angle = (2 * Math.PI * i) / around;
    return sum(at, scale(across1, Math.cos(angle)), scale(across2, Math.sin(angle)));
  });

/** Two unit directions across an axis. */
export function acrossOf(axis: Vec): readonly [Vec, Vec] {
  const first = across(Math.abs(axis[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0], axis);
  return [first, cross(axis, first)];
}

/** A ring round a cone where a share of it is run through, as the edge of a sleeve. */
export function cuff({ a, b, ra, rb, part, flesh }: Cone, share: number): Curve {
  const axis = unit(sub(b, a));
  const radius = ra + (rb - ra) * share + 0.6;
  const [one, other] = acrossOf(axis);
  const ring = ringAt(mix(a, b, share), scale(one, radius), scale(other, radius), 32);
  return { kind: 'curve', part, flesh, points: [...ring, ring[0] ?? a], on: [part] };
}

/** An outline on two sheets: what is cut out of a board. Its outlines and the corners named are drawn. */
export function slab(
  frame: Frame,
  left: readonly (readonly [number, number])[],
  right: readonly (readonly [number, number])[],
  low: (along: number) => number,
  high: (along: number) => number,
  look: Look,
  corners: readonly number[] = []
): Mesh {
  const count = left.length;
  const sheet = (side: typeof left, out: typeof low) =>
    side.map(([wide, along]) => place(frame, [wide, along, out(along)]));
  const points = [...sheet(left, low), ...sheet(right, low), ...sheet(left, high), ...sheet(right, high)];
  const triangles: [number, number, number][] = [];
  const quad = (a: number, b: number, c: number, d: number) => triangles.push([a, b, c], [a, c, d]);
  for (let i = 0; i + 1 < count; i++) {
    const [ll, rl, lh, rh] = [i, count + i, 2 * count + i, 3 * count + i];
    quad(ll, ll + 1, rl + 1, rl);
    quad(lh, rh, rh + 1, lh + 1);
    quad(ll, lh, lh + 1, ll + 1);
    quad(rl, rl + 1, rh + 1, rh);
  }
  quad(0, count, 3 * count, 2 * count);
  quad(count - 1, 3 * count - 1, 4 * count - 1, 2 * count - 1);
  const loop = (from: number) => [
    ...Array.from({ length: count }, (_, i) => from + i),
    ...Array.from({ length: count }, (_, i) => from + 2 * count - 1 - i),
    from
  ];
  const posts = corners.flatMap((i) => [
    [i, 2 * count + i],
    [count + i, 3 * count + i]
  ]);
  return { kind: 'mesh', points, triangles, edges: [loop(0), loop(2 * count), ...posts], ...look };
}

/** Points of a frame as a curve on a surface. */
export const curveOn = (
  frame: Frame,
  points: readonly Vec[],
  look: Omit<Curve, 'kind' | 'points' | 'normals'>,
  normals?: readonly Vec[]
): Curve => ({
  kind: 'curve',
  points: points.map((point) => place(frame, point)),
  ...(normals ? { normals: normals.map((normal) => direct(frame, normal)) } : {}),
  ...look
});
