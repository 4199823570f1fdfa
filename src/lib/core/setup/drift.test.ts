import { describe, expect, it } from 'vitest';
import { dimensionsOf } from '../instruments';
import { driftAt, reviewHeight, setupReview } from './drift';

const rest = {
  kind: 'rest',
  instrument: dimensionsOf('violin', '1/4'),
  lengths: { height: 1205, neckGap: 62 }
} as const;
const seated = {
  kind: 'seated',
  instrument: dimensionsOf('cello', '1/2'),
  lengths: { height: 1310 }
} as const;
const standing = {
  kind: 'standing',
  instrument: dimensionsOf('bass', '3/4'),
  lengths: { height: 1620 }
} as const;

describe('a set-up', () => {
  it('has not drifted while nothing grows, and drifts further the more grows', () => {
    for (const then of [rest, seated, standing]) {
      for (const { byMm } of driftAt(then, then.lengths.height)) expect(Math.abs(byMm)).toBeLessThan(1e-6);
      const [some, more] = [1.03, 1.06].map((by) =>
        Math.max(...driftAt(then, then.lengths.height * by).map(({ byMm }) => Math.abs(byMm)))
      );
      expect(more).toBeGreaterThan(some ?? Infinity);
    }
  });

  it('with a rest is looked at again when the gap has grown by 4 mm: 62 mm at 1205 mm', () => {
    // 4 / 62 of 1205 mm: at 1283 mm.
    const found = reviewHeight(rest);
    expect(found?.drift.setting).toBe('lift');
    expect(found?.drift.byMm).toBeCloseTo(4, 0);
    expect(Math.abs((found?.heightMm ?? 0) - 1283)).toBeLessThan(4);
  });

  it('has not drifted where the same would be set: no lift then, and none now', () => {
    const half = {
      kind: 'rest',
      instrument: dimensionsOf('violin', '1/2'),
      lengths: { height: 1300, neckGap: 58.5 }
    } as const;
    // Filler 15 under a chin rest of 21, at 1389 mm 19: still no lift.
    expect(driftAt(half, 1389).every(({ byMm }) => Math.abs(byMm) < 1)).toBe(true);
    expect(reviewHeight(half)?.heightMm).toBeGreaterThan(1500);
    // By the collarbone first it is the chin rest that grows.
    const first = { ...half, rest: { school: 'collarbone-first', chinRestMm: 15 } } as const;
    expect(reviewHeight(first)?.drift.setting).toBe('chinRest');
    // A sponge can be no thicker: then a higher chin rest is asked for.
    const sponge = { ...half, rest: { school: 'sponge', chinRestMm: 10 } } as const;
    expect(driftAt(sponge, 1900).find(({ setting }) => setting === 'chinRest')?.byMm).toBeGreaterThan(10);
  });

  it('of a cello and a bass is looked at again after some growth, with a longer pin or a higher seat', () => {
    // A teacher mends a cello's pin by a finger's breadth, a bass's by two.
    for (const [then, seen] of [
      [seated, 12],
      [standing, 20]
    ] as const) {
      const found = reviewHeight(then);
      expect(Math.abs((found?.drift.byMm ?? 0) - seen)).toBeLessThan(1);
      expect(found?.heightMm).toBeGreaterThan(then.lengths.height + 15);
      expect(found?.heightMm).toBeLessThan(then.lengths.height * 1.12);
    }
  });

  it('without a height says nothing', () => {
    expect(reviewHeight({ ...rest, lengths: { neckGap: 62 } })).toBeNull();
    expect(driftAt({ ...seated, lengths: {} }, 1400)).toEqual([]);
  });
});

describe('a review', () => {
  const growing = {
    sex: 'female',
    birthMonth: '2018-05',
    heights: [{ date: '2026-11-01', mm: 1310 }],
    today: '2026-11-24'
  } as const;

  it('has an early, a middle and a late date, in this order', () => {
    const when = setupReview(seated, growing)?.when;
    expect(when?.middle && when.middle > growing.today).toBe(true);
    expect([when?.early, when?.middle, when?.late]).toEqual([when?.early, when?.middle, when?.late].sort());
  });

  it('says why there is no date', () => {
    expect(setupReview(seated, { ...growing, birthMonth: null })).toMatchObject({
      when: null,
      why: 'no-age'
    });
    expect(setupReview(seated, { ...growing, birthMonth: '1990-01' })).toMatchObject({ why: 'grown' });
    // At seventeen somebody may still grow, at eighteen nobody is forecast.
    const at = (birthMonth: '2009-10' | '2008-10') => setupReview(seated, { ...growing, birthMonth })?.why;
    expect([at('2009-10'), at('2008-10')]).toEqual([null, 'grown']);
    expect(setupReview(seated, { ...growing, heights: [] })).toMatchObject({ why: 'no-height' });
    expect(setupReview({ ...rest, lengths: {} }, growing)).toBeNull();
  });
});
