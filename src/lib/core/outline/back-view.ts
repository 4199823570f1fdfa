import { HALF_OUTLINE, type OutlineSize } from '../instruments';
import { path, smoothThrough, type Point } from './path';

/**
 * Outline of a violin or viola body, upright with the end button below: x from the centre line, y downward
 * from 0 at the top of the body to its length. A closed path in mm.
 */
export function bodyOutlinePath({ bodyMm, lowerBoutMm }: OutlineSize): string {
  const point = ([station, half]: readonly [number, number], side: 1 | -1): Point => [
    side * half * lowerBoutMm,
    bodyMm * (1 - station)
  ];
  const left = HALF_OUTLINE.map((curve) => curve.map((at) => point(at, -1)));
  const right = HALF_OUTLINE.map((curve) => curve.map((at) => point(at, 1)).reverse()).reverse();
  const start = left[0]?.[0] ?? [0, bodyMm];
  const top = right[0]?.[0] ?? [0, 0];
  return (
    path('M', ...start) +
    left.map(smoothThrough).join('') +
    path('L', ...top) +
    right.map(smoothThrough).join('') +
    'Z'
  );
}
