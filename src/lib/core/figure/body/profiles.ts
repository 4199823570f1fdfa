/** One height of a profile: where, half width, depth to the front and to the back. */
export type Row = readonly [at: number, half: number, front: number, back: number];

/** The trunk with its top: height above the hips in trunks, the rest in heights. Our own drawing. */
export const TORSO: readonly Row[] = [
  [-0.16, 0.104, 0.066, 0.07],
  [0, 0.1, 0.064, 0.069],
  [0.2, 0.09, 0.061, 0.062],
  [0.4, 0.084, 0.058, 0.055],
  [0.6, 0.087, 0.0575, 0.058],
  [0.76, 0.091, 0.0565, 0.062],
  [0.88, 0.085, 0.05, 0.06],
  [0.97, 0.063, 0.037, 0.048],
  [1.03, 0.036, 0.028, 0.034]
];

/** The head: height above the chin, and all else, in heads. Our own drawing. */
export const HEAD: readonly Row[] = [
  [-0.005, 0.09, 0.29, -0.12],
  [0.03, 0.175, 0.348, -0.04],
  [0.12, 0.245, 0.374, 0.08],
  [0.25, 0.288, 0.378, 0.18],
  [0.4, 0.315, 0.384, 0.3],
  [0.55, 0.33, 0.392, 0.385],
  [0.7, 0.33, 0.38, 0.42],
  [0.83, 0.285, 0.32, 0.375],
  [0.93, 0.2, 0.215, 0.27],
  [0.985, 0.1, 0.1, 0.14],
  [1, 0.02, 0.02, 0.03]
];

/** Rows at finer, smooth steps (Catmull and Rom). */
export function refined(rows: readonly (readonly number[])[], steps: number): number[][] {
  const fine: number[][] = [];
  rows.slice(1).forEach((b, i) => {
    const a = rows[i] ?? b;
    const before = rows[i - 1] ?? a;
    const after = rows[i + 2] ?? b;
    for (let k = 0; k < steps; k++) {
      const t = k / steps;
      fine.push(
        a.map((v, c) => {
          const [p, q, r] = [before[c] ?? v, b[c] ?? v, after[c] ?? v];
          return (
            0.5 *
            (2 * v + (q - p) * t + (2 * p - 5 * v + 4 * q - r) * t ** 2 + (3 * v - p - 3 * q + r) * t ** 3)
          );
        })
      );
    }
  });
  return [...fine, [...(rows.at(-1) ?? [])]];
}

const rounds = new Map<string, readonly (readonly [number, number])[]>();

/** Points of a round that is rounder than square, its half width and depth 1. */
function roundOf(around: number, power: number): readonly (readonly [number, number])[] {
  const key = `${around} ${power}`;
  const known = rounds.get(key);
  if (known) return known;
  const curved = (v: number) => Math.sign(v) * Math.abs(v) ** (2 / power);
  const made = Array.from({ length: around }, (_, i) => {
    const angle = (2 * Math.PI * i) / around;
    return [curved(Math.sin(angle)), curved(Math.cos(angle))] as const;
  });
  rounds.set(key, made);
  return made;
}

/** An oval of points, rounder than square: half width, front and back. The power 2 is an ellipse. */
export const oval = (around: number, half: number, front: number, back: number, power: number) =>
  roundOf(around, power).map(([x, z]): readonly [number, number] => [half * x, (z > 0 ? front : back) * z]);

/** Weight that runs smoothly from 0 to 1 round a place. */
export const smoothStep = (value: number, at: number, half: number): number => {
  const t = Math.min(1, Math.max(0, (value - at + half) / (2 * half)));
  return t * t * (3 - 2 * t);
};
