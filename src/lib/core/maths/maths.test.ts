import { expect, it } from 'vitest';
import { clamp, leastSquares, median, normalCdf } from '.';

it('gives the known values of the normal distribution', () => {
  expect(normalCdf(0)).toBeCloseTo(0.5, 7);
  expect(normalCdf(1)).toBeCloseTo(0.8413447, 6);
  expect(normalCdf(-1.96)).toBeCloseTo(0.0249979, 6);
  expect(normalCdf(8)).toBeCloseTo(1, 12);
  expect(normalCdf(-40)).toBe(0);
});

it('finds the middle of values in any order', () => {
  expect(median([])).toBeNull();
  expect(median([7])).toBe(7);
  expect(median([3, 1, 2])).toBe(2);
  expect(median([10, 2, 8, 4])).toBe(6);
});

it('keeps a value in its range', () => {
  expect([clamp(-1, 0, 5), clamp(3, 0, 5), clamp(9, 0, 5)]).toEqual([0, 3, 5]);
});

it('finds the least squares within ranges', () => {
  // (x - 3)² + (y + x - 1)²: free at (3, -2), with y kept above 0 at (2, 0)
  const terms = ([x = 0, y = 0]: readonly number[]) => [x - 3, y + x - 1];
  const wide = { start: 0, low: -10, high: 10 };
  const [x, y] = leastSquares(terms, [wide, wide]);
  expect(x).toBeCloseTo(3, 4);
  expect(y).toBeCloseTo(-2, 4);
  const [heldX, heldY] = leastSquares(terms, [wide, { start: 5, low: 0, high: 10 }]);
  expect(heldX).toBeCloseTo(2, 4);
  expect(heldY).toBeCloseTo(0, 6);
  expect(leastSquares(terms, [])).toEqual([]);
});
