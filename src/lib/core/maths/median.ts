/**
 * The middle of some values, or the mean of the two in the middle; null of none.
 *
 * @example
 * median([3, 1, 2, 4]) // 2.5
 */
export function median(values: readonly number[]): number | null {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const upper = sorted[half];
  if (upper === undefined) return null;
  return sorted.length % 2 === 1 ? upper : (upper + (sorted[half - 1] ?? upper)) / 2;
}
