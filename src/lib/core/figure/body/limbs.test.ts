import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { angleBetween, distance, dot, sub, type Vec } from '../vector';
import { curl, reach, type Bones } from './limbs';

const vec = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -700, max: 700 }))) as fc.Arbitrary<
  [number, number, number]
>;
const bone = fc.integer({ min: 60, max: 420 });

describe('an arm or leg', () => {
  it('by hand: a right angle of 300 and 400 spans 500', () => {
    const { middle, end, shortMm } = reach([0, 0, 0], [500, 0, 0], 300, 400, [0, 1, 0]);
    expect(end).toEqual([500, 0, 0]);
    expect(shortMm).toBe(0);
    // The elbow lies 180 along and 240 out, on the side of its pole.
    expect(middle[0]).toBeCloseTo(180, 6);
    expect(middle[1]).toBeCloseTo(240, 6);
  });

  it('keeps its bones, bends towards its pole, and says what is missing', () => {
    fc.assert(
      fc.property(vec, vec, bone, bone, vec, (from, target, first, second, pole) => {
        const away = distance(from, target);
        fc.pre(
          away > 5 && angleBetween(pole, sub(target, from)) > 5 && angleBetween(pole, sub(target, from)) < 175
        );
        const { middle, end, shortMm } = reach(from, target, first, second, pole);
        expect(distance(from, middle)).toBeCloseTo(first, 3);
        expect(distance(middle, end)).toBeCloseTo(second, 3);
        expect(shortMm).toBeCloseTo(distance(end, target), 3);
        expect(dot(sub(middle, from), pole) - dot(sub(end, from), pole) * 0.5).not.toBeNaN();
        // It ends on the way to its target, or beyond it when that is too near to fold to.
        if (away > first + second) expect(angleBetween(sub(end, from), sub(target, from))).toBeLessThan(0.01);
      }),
      { numRuns: 500, seed: 5 }
    );
  });

  it('is never quite straight, nor stretched, however far the target', () => {
    for (const far of [700, 701, 900, 5000]) {
      const { middle, end, shortMm } = reach([0, 0, 0], [far, 0, 0], 300, 400, [0, 1, 0]);
      expect(middle[1]).toBeGreaterThan(0);
      expect(end[0]).toBeLessThan(700);
      expect(shortMm).toBeCloseTo(far - end[0], 6);
    }
  });

  it('a target in the joint itself is no direction: it hangs', () => {
    const { end } = reach([0, 0, 0], [0, 0, 0], 300, 300, [0, 0, 1]);
    expect(end.every(Number.isFinite)).toBe(true);
    expect(end[1]).toBeLessThanOrEqual(0);
  });
});

describe('a finger', () => {
  const bones: Bones = [40, 24, 18];
  const base: Vec = [0, 0, 0];
  const up: Vec = [0, 1, 0];
  const gaps = (chain: readonly Vec[]) =>
    chain.slice(1).map((joint, i) => distance(joint, chain[i] ?? joint));

  it('keeps its bones and comes to the string wherever it can', () => {
    fc.assert(
      fc.property(fc.integer({ min: 34, max: 81 }), fc.integer({ min: -60, max: 60 }), (away, deg) => {
        const target: Vec = [
          away * Math.cos((deg * Math.PI) / 180),
          0,
          away * Math.sin((deg * Math.PI) / 180)
        ];
        const { chain, shortMm } = curl(base, target, bones, up);
        gaps(chain).forEach((gap, i) => expect(gap).toBeCloseTo(bones[i] ?? 0, 3));
        expect(shortMm).toBeLessThan(0.05);
        expect(distance(chain[3], target)).toBeLessThan(0.1);
        // It bulges to the side asked for.
        expect(chain[1][1]).toBeGreaterThanOrEqual(-0.01);
      }),
      { numRuns: 200, seed: 6 }
    );
  });

  it('out of reach it points straight at the string, and says how far that is', () => {
    const { chain, shortMm } = curl(base, [120, 0, 0], bones, up);
    expect(chain[3][0]).toBeCloseTo(82, 1);
    expect(shortMm).toBeCloseTo(38, 0);
  });

  it('collapsed, its last joint bends the other way', () => {
    const bend = (follows: number) => {
      const { chain } = curl(base, [70, 0, 0], bones, up, follows);
      const [, one, two, tip] = chain;
      const [a, b] = [sub(two, one), sub(tip, two)];
      return a[0] * b[1] - a[1] * b[0];
    };
    expect(bend(0.7)).toBeLessThan(0);
    expect(bend(-0.8)).toBeGreaterThan(0);
  });
});
