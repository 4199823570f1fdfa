/** A point of a drawing in mm: x to the right, y downward. */
export type Point = readonly [x: number, y: number];

const round = (value: number) => Math.round(value * 100) / 100;

/**
 * Joins SVG path commands and numbers to a path, numbers to a hundredth of a millimetre.
 *
 * @example
 * path('M', 0, 0, 'L', 10, 5.006) // 'M0 0 L10 5.01 '
 */
export const path = (...parts: readonly (string | number)[]): string =>
  parts.map((part) => (typeof part === 'number' ? `${round(part)} ` : part)).join('');

/** A smooth curve through points (Catmull-Rom as cubic Béziers), continuing from the first one. */
export function smoothThrough(points: readonly Point[]): string {
  const at = (index: number): Point => points[Math.min(points.length - 1, Math.max(0, index))] ?? [0, 0];
  return points
    .slice(1)
    .map((to, index) => {
      const from = at(index);
      const before = at(index - 1);
      const after = at(index + 2);
      return path(
        'C',
        from[0] + (to[0] - before[0]) / 6,
        from[1] + (to[1] - before[1]) / 6,
        to[0] - (after[0] - from[0]) / 6,
        to[1] - (after[1] - from[1]) / 6,
        ...to
      );
    })
    .join('');
}
