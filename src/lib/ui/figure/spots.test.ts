import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spread } from './spots';

describe('spots on a picture', () => {
  it('stay where they are when they are far apart', () => {
    const places = [
      { id: 'a', x: 0.2, y: 0.2 },
      { id: 'b', x: 0.8, y: 0.7 }
    ];
    spread(places, 0.1, 1).forEach(({ id, x, y }, i) => {
      expect(id).toBe(places[i]?.id);
      expect(x).toBeCloseTo(places[i]?.x ?? NaN, 6);
      expect(y).toBeCloseTo(places[i]?.y ?? NaN, 6);
    });
  });

  it('at one place go apart to all sides, as near as they can stay', () => {
    const many = Array.from({ length: 11 }, (_, i) => ({ id: String(i), x: 0.5, y: 0.5 }));
    const found = spread(many, 0.19, 0.66);
    const far = Math.max(...found.map(({ x, y }) => Math.hypot(x - 0.5, (y - 0.5) / 0.66)));
    expect(far).toBeLessThan(0.6);
    found.forEach((one, i) => {
      for (const other of found.slice(i + 1))
        expect(Math.hypot(one.x - other.x, (one.y - other.y) / 0.66)).toBeGreaterThan(0.8 * 0.19);
    });
  });

  it('come apart until each can be pressed, and stay in the picture', () => {
    const place = fc.record({
      x: fc.double({ min: 0, max: 1, noNaN: true }),
      y: fc.double({ min: 0, max: 1, noNaN: true })
    });
    fc.assert(
      fc.property(
        fc.array(place, { maxLength: 12 }),
        fc.double({ min: 0.5, max: 1.6, noNaN: true }),
        fc.double({ min: 0.07, max: 0.2, noNaN: true }),
        (some, shape, apart) => {
          const found = spread(
            some.map((one, i) => ({ ...one, id: String(i) })),
            apart,
            shape
          );
          found.forEach((one, i) => {
            expect(one.x).toBeGreaterThan(-1e-9);
            expect(one.x).toBeLessThan(1 + 1e-9);
            expect(one.y).toBeGreaterThan(-1e-9);
            expect(one.y).toBeLessThan(1 + 1e-9);
            const least = 0.8 * Math.min(apart, Math.sqrt(0.6 / shape / found.length));
            for (const other of found.slice(i + 1))
              expect(Math.hypot(one.x - other.x, (one.y - other.y) / shape)).toBeGreaterThan(least);
          });
        }
      ),
      { numRuns: 300, seed: 3 }
    );
  });
});
