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

  it('come apart until each can be pressed, and stay in the picture', () => {
    const place = fc.record({
      x: fc.double({ min: 0, max: 1, noNaN: true }),
      y: fc.double({ min: 0, max: 1, noNaN: true })
    });
    fc.assert(
      fc.property(
        fc.array(place, { maxLength: 7 }),
        fc.double({ min: 0.6, max: 1.6, noNaN: true }),
        (some, shape) => {
          const apart = 0.11;
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
            for (const other of found.slice(i + 1))
              expect(Math.hypot(one.x - other.x, (one.y - other.y) / shape)).toBeGreaterThan(apart * 0.8);
          });
        }
      ),
      { numRuns: 300, seed: 3 }
    );
  });
});
