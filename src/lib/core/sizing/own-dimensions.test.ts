import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dimensionsOf, FAMILIES, usualSizes } from '../instruments';
import { judgeSizes, proposeSize, type SizingQuestion } from '.';

/** A family, one of its usual sizes, and that size made longer or shorter. */
const changed = fc.constantFrom(...FAMILIES).chain((family) =>
  fc.record({
    family: fc.constant(family),
    size: fc.constantFrom(...usualSizes(family)),
    heightMm: fc.integer({ min: 950, max: 1900 }),
    times: fc.double({ min: 0.93, max: 1.08, noNaN: true })
  })
);

describe('a length that the teacher found', () => {
  it('gives the same answer typed as the size’s dimension and as a real instrument', () => {
    fc.assert(
      fc.property(changed, ({ family, size, heightMm, times }) => {
        const overallMm = dimensionsOf(family, size).overallMm * times;
        const question: SizingQuestion = { family, readings: { height: [heightMm] } };
        const typed = judgeSizes({ ...question, overrides: { [family]: { [size]: { overallMm } } } });
        const real = judgeSizes({ ...question, instruments: [{ size, overallMm }] });
        expect(typed?.chosen.size).toBe(real?.chosen.size);
        for (const one of typed?.smallestFirst ?? []) {
          const other = real?.smallestFirst.find(({ size: its }) => its === one.size);
          expect([one.size, one.marginMm]).toEqual([one.size, other?.marginMm]);
        }
      }),
      { numRuns: 500 }
    );
  });

  it('costs room: a cello that is longer fits no better', () => {
    const question: SizingQuestion = { family: 'cello', readings: { height: [1300] } };
    const marginOf = (overallMm: number) =>
      proposeSize({ ...question, overrides: { cello: { '1/2': { overallMm } } } })?.candidates.find(
        ({ size }) => size === '1/2'
      )?.marginMm ?? NaN;
    const { overallMm } = dimensionsOf('cello', '1/2');
    expect(marginOf(overallMm * 1.1)).toBeLessThan(marginOf(overallMm) - 20);
    expect(marginOf(overallMm * 0.95)).toBeGreaterThan(marginOf(overallMm));
  });
});
