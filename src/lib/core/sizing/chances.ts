/**
 * Chance of each size from the chances that it, taken alone, would still hold.
 *
 * With F_k for size k, smallest first: F of the smallest is 1, F may not rise with size (running minimum),
 * and the chance of size k is F_k - F_(k+1), with 0 beyond the largest.
 *
 * @param holdsSmallestFirst F_k of each size, smallest first
 * @returns the chance of each size in the same order; they add up to 1
 */
export function chancesOfSizes(holdsSmallestFirst: readonly number[]): readonly number[] {
  let lowest = 1;
  const falling = holdsSmallestFirst.map((holds, index) =>
    index === 0 ? 1 : (lowest = Math.min(lowest, holds))
  );
  return falling.map((holds, index) => holds - (falling[index + 1] ?? 0));
}
