import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coveringOf, type Need } from './cover';

const WITHIN = { withinMm: 15, stepMm: 5 };
const need = (id: string, ...mm: readonly number[]): Need => ({ id, mm });

/** Whether so many heights, each at the end of somebody's reach, are enough: all of them tried. */
function isEnough(values: readonly number[], count: number): boolean {
  const [least] = [...values].sort((a, b) => a - b);
  if (least === undefined) return true;
  if (count === 0) return false;
  // Whatever meets the least one stands at most at its end of reach; tried are all ends below it.
  return values
    .map((mm) => mm + WITHIN.withinMm)
    .filter((height) => Math.abs(height - least) <= WITHIN.withinMm)
    .some((height) =>
      isEnough(
        values.filter((mm) => Math.abs(mm - height) > WITHIN.withinMm),
        count - 1
      )
    );
}

describe('the fewest stools', () => {
  it('stand between those whom they serve, and are as many as sit at once', () => {
    expect(coveringOf([need('a', 300), need('b', 320), need('c', 345)], WITHIN)).toEqual([
      { mm: 310, count: 2, ids: ['a', 'b'] },
      { mm: 345, count: 1, ids: ['c'] }
    ]);
    expect(coveringOf([], WITHIN)).toEqual([]);
  });

  it('go on serving who grows: one low and one high, but never two at the low one', () => {
    const found = coveringOf([need('a', 300, 335), need('b', 340, 345)], WITHIN);
    expect(found).toEqual([
      { mm: 300, count: 1, ids: ['a'] },
      { mm: 340, count: 2, ids: ['b', 'a'] }
    ]);
  });

  it('leave nobody out of reach, and one less would', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.integer({ min: 250, max: 480 }), { minLength: 1, maxLength: 3 }), {
          maxLength: 5
        }),
        (lists) => {
          const needs = lists.map((mm, at) => need(`p${at}`, ...mm));
          const found = coveringOf(needs, WITHIN);
          for (const mm of lists.flat())
            expect(Math.min(...found.map((one) => Math.abs(one.mm - mm)))).toBeLessThanOrEqual(15);
          if (found.length > 0) expect(isEnough(lists.flat(), found.length - 1)).toBe(false);
          expect(found.reduce((sum, { count }) => sum + count, 0)).toBeGreaterThanOrEqual(lists.length);
        }
      ),
      { numRuns: 500 }
    );
  });
});
