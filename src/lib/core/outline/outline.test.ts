import { describe, expect, it } from 'vitest';
import { alongEdgeMm, dimensionsOf, footPlace, HALF_OUTLINE, halfWidthMm, sizesOf } from '../instruments';
import { armView, bodyOutlinePath, path, sideView, smoothThrough } from '.';

const full = dimensionsOf('violin', '4/4');
const numbers = (d: string) => (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);

describe('the body outline', () => {
  it('is as wide as the lower bout at its widest and closes at the ends', () => {
    expect(halfWidthMm(full, 0.2)).toBeCloseTo(full.lowerBoutMm / 2, 9);
    expect(halfWidthMm(full, 0)).toBe(0);
    expect(() => halfWidthMm(full, 0.6)).toThrow(RangeError);
    const curves = HALF_OUTLINE.map((curve) => [curve[0], curve.at(-1)]);
    expect(curves[0]?.[1]).toEqual(curves[1]?.[0]);
    expect(curves[1]?.[1]).toEqual(curves[2]?.[0]);
  });

  it('measures along the edge and finds the same place again', () => {
    const along = alongEdgeMm(full, 0.15);
    expect(along).toBeGreaterThan(Math.hypot(0.15 * full.bodyMm, halfWidthMm(full, 0.15)));
    const [x, y] = footPlace(full, along, 'right');
    expect(x).toBeCloseTo(halfWidthMm(full, 0.15), 6);
    expect(y).toBeCloseTo(full.bodyMm * 0.85, 6);
    expect(footPlace(full, along, 'left')[0]).toBeCloseTo(-x, 9);
    expect(footPlace(full, 5000, 'right')[1]).toBeCloseTo(full.bodyMm * (1 - 0.37), 6);
  });

  it('is drawn to scale, closed and mirrored', () => {
    const d = bodyOutlinePath(full);
    expect(d).toMatch(/^M.*Z$/);
    expect(Math.max(...numbers(d))).toBeCloseTo(full.bodyMm, 0);
    expect(Math.min(...numbers(d))).toBeGreaterThan(-full.lowerBoutMm / 2 - 2);
  });
});

describe('the side view', () => {
  it.each([...sizesOf('violin')])('of a %s is as long as the instrument and as deep as its ribs', (size) => {
    const instrument = dimensionsOf('violin', size);
    const view = sideView(instrument);
    const longest = Math.max(...numbers(view.scroll + view.neck));
    expect(longest).toBeLessThanOrEqual(instrument.overallMm + 1);
    expect(longest).toBeGreaterThan(instrument.overallMm - 30);
    expect(numbers(view.ribs)).toContain(instrument.ribMm / 2);
    expect(view.topMm).toBeLessThan(-instrument.ribMm / 2);
  });
});

describe('the arm view', () => {
  it('ends at the wrist and the fingertip', () => {
    const view = armView(420, 130);
    expect(numbers(view.body)).toContain(420);
    expect(Math.max(...numbers(view.hand))).toBeCloseTo(550, 6);
    expect(view.unit).toBeCloseTo(420 / 415.2, 6);
  });
});

it('writes paths briefly', () => {
  expect(path('M', 0, 0, 'L', 10, 5.006)).toBe('M0 0 L10 5.01 ');
  expect(smoothThrough([[0, 0]])).toBe('');
  expect(
    smoothThrough([
      [0, 0],
      [6, 0]
    ])
  ).toBe('C1 0 5 0 6 0 ');
});
