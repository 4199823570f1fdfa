import { clamp } from './range';

/** One value that a search may change. */
export interface Variable {
  readonly start: number;
  readonly low: number;
  readonly high: number;
}

const MOST_ROUNDS = 60;
const SMALL = 1e-4;
const ENOUGH = 1e-5;

/** Sum of products of two rows. A plain loop: one proposal asks for it thousands of times. */
function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
}

/**
 * Values within their ranges at which a sum of squares is least, by the Levenberg–Marquardt method with slopes
 * from differences. A value at an end of its range to which the sum still falls stays there.
 *
 * @param residuals the terms to be squared, for given values
 */
export function leastSquares(
  residuals: (values: readonly number[]) => readonly number[],
  variables: readonly Variable[]
): readonly number[] {
  let at = variables.map(({ start, low, high }) => clamp(start, low, high));
  let terms = residuals(at);
  let sum = dot(terms, terms);
  let damping = 1e-3;
  const slopesAt = () =>
    at.map((value, index) => {
      const { high } = variables[index] as Variable;
      const way = value + SMALL > high ? -SMALL : SMALL;
      const place = [...at];
      place[index] = value + way;
      const moved = residuals(place);
      return terms.map((term, row) => ((moved[row] as number) - term) / way);
    });
  let slopes = slopesAt();
  for (let round = 0; round < MOST_ROUNDS && damping < 1e9; round++) {
    const downhill = slopes.map((slope) => -dot(slope, terms));
    const free = downhill.flatMap((pull, index) => {
      const { low, high } = variables[index] as Variable;
      const value = at[index] ?? 0;
      return (value <= low && pull < 0) || (value >= high && pull > 0) ? [] : [index];
    });
    if (free.length === 0) break;
    const matrix = free.map((i) =>
      free.map((j) => {
        const product = dot(slopes[i] ?? [], slopes[j] ?? []);
        return i === j ? product * (1 + damping) + 1e-12 : product;
      })
    );
    const step = solveLinear(
      matrix,
      free.map((i) => downhill[i] ?? 0)
    );
    const next = at.map((value, index) => {
      const { low, high } = variables[index] as Variable;
      return clamp(value + (step[free.indexOf(index)] ?? 0), low, high);
    });
    const nextTerms = residuals(next);
    const nextSum = dot(nextTerms, nextTerms);
    if (nextSum > sum) {
      damping *= 6;
      continue;
    }
    const gained = sum - nextSum;
    [at, terms, sum] = [next, nextTerms, nextSum];
    damping = Math.max(1e-9, damping / 6);
    if (gained <= ENOUGH * (1e-3 + sum) * 1e-3) break;
    slopes = slopesAt();
  }
  return at;
}

/** Solves a small symmetric, positive system by elimination. */
function solveLinear(matrix: readonly (readonly number[])[], right: readonly number[]): readonly number[] {
  const rows = matrix.map((row, index) => [...row, right[index] ?? 0]);
  const size = rows.length;
  for (let pivot = 0; pivot < size; pivot++)
    for (let below = pivot + 1; below < size; below++) {
      const factor = (rows[below]?.[pivot] ?? 0) / (rows[pivot]?.[pivot] ?? 1);
      for (let column = pivot; column <= size; column++)
        (rows[below] as number[])[column] =
          (rows[below]?.[column] ?? 0) - factor * (rows[pivot]?.[column] ?? 0);
    }
  const solution = new Array<number>(size).fill(0);
  for (let row = size - 1; row >= 0; row--) {
    let rest = rows[row]?.[size] ?? 0;
    for (let column = row + 1; column < size; column++)
      rest -= (rows[row]?.[column] ?? 0) * (solution[column] ?? 0);
    solution[row] = rest / (rows[row]?.[row] ?? 1);
  }
  return solution;
}
