import { expect, it } from 'vitest';
import { clamp, normalCdf } from '.';

it('gives the known values of the normal distribution', () => {
  expect(normalCdf(0)).toBeCloseTo(0.5, 7);
  expect(normalCdf(1)).toBeCloseTo(0.8413447, 6);
  expect(normalCdf(-1.96)).toBeCloseTo(0.0249979, 6);
  expect(normalCdf(8)).toBeCloseTo(1, 12);
  expect(normalCdf(-40)).toBe(0);
});

it('keeps a value in its range', () => {
  expect([clamp(-1, 0, 5), clamp(3, 0, 5), clamp(9, 0, 5)]).toEqual([0, 3, 5]);
});
