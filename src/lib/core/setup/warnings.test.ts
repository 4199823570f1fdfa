import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../instruments';
import { judgeSizes } from '../sizing';
import { REST_SCHOOLS, withOwnValue, type RestSchool, type SettingId } from '.';
import { laidFor } from './testing';

/** A setting that is wrong by so much, and what else then stays as it was. */
const WRONG: Readonly<Record<'rest' | 'seated' | 'standing', readonly (readonly [SettingId, number])[]>> = {
  rest: [
    ['chinRest', 12],
    ['chinRest', -12]
  ],
  seated: [
    ['pin', 40],
    ['pin', -40]
  ],
  standing: [
    ['pin', 40],
    ['pin', -40],
    ['lean', 5],
    ['lean', -5]
  ]
};
const LOWEST_CHIN_REST = 10;

const ASKED = FAMILIES.flatMap((family): { family: Family; school: RestSchool }[] =>
  family === 'violin' || family === 'viola'
    ? REST_SCHOOLS.map((school) => ({ family, school }))
    : [{ family, school: 'rest-first' }]
);

describe.each(ASKED)('warnings of $family, $school', ({ family, school }) => {
  const proposed = Array.from({ length: 91 }, (_, i) => 1000 + 10 * i).flatMap((heightMm) => {
    const chosen = judgeSizes({ family, readings: { height: [heightMm] } })?.chosen;
    return chosen?.holds ? [{ heightMm, size: chosen.size }] : [];
  });

  it('are for what is unusual: at most one average body in twenty gets one on its size', () => {
    const warned = proposed.filter(
      ({ heightMm, size }) => laidFor(family, size, heightMm, {}, school).warnings.length > 0
    );
    expect(proposed.length).toBeGreaterThan(60);
    expect(warned.length / proposed.length).toBeLessThanOrEqual(0.05);
  });

  it('see what is wrong: a pin by 40 mm, a chin rest by 12, a lean by 5 degrees', () => {
    const tried = proposed.flatMap(({ heightMm, size }) => {
      const { arrangement, values } = laidFor(family, size, heightMm, {}, school);
      return WRONG[arrangement.kind].flatMap(([id, by]) => {
        const value = (values[id] ?? 0) + by;
        if (id === 'chinRest' && value < LOWEST_CHIN_REST) return [];
        const own =
          arrangement.kind === 'rest'
            ? { chinRest: value, lift: values.lift ?? 0 }
            : withOwnValue(arrangement.kind, {}, id, value, values);
        return [laidFor(family, size, heightMm, own, school).warnings.length > 0];
      });
    });
    expect(tried.filter(Boolean).length / tried.length).toBeGreaterThanOrEqual(0.95);
  });
});

describe('warnings speak of the set-up as it stands', () => {
  const codes = (...of: Parameters<typeof laidFor>) => laidFor(...of).warnings.map(({ code }) => code);

  it('of a bass: a pin that is longer than there is, one between notches, a stool that changes the heights', () => {
    expect(codes('bass', '1/10', 1150, { pin: 450 })).toEqual(
      expect.arrayContaining(['pin-range', 'stands-off', 'hand-high'])
    );
  });

  it('of a bass name a stool only where one ends them, and the one that does', () => {
    let named = 0;
    for (const size of ['1/8', '1/4', '1/2', '3/4'])
      for (let heightMm = 1000; heightMm < 1700; heightMm += 20)
        for (const warning of laidFor('bass', size, heightMm).warnings) {
          if (warning.code !== 'conflict' && warning.code !== 'hand-high') continue;
          const stoolMm = 'stoolMm' in warning ? Number(warning.stoolMm) : 700;
          const left = codes('bass', size, heightMm, { stool: stoolMm });
          expect([size, heightMm, left.includes(warning.code)]).toEqual([
            size,
            heightMm,
            !('stoolMm' in warning)
          ]);
          if ('stoolMm' in warning) named++;
        }
    expect(named).toBeGreaterThan(5);
  });

  it('of a rest: a chin rest that leaves a gap, a sponge thicker than sponges are', () => {
    const gap = laidFor('violin', '4/4', 1700, { chinRest: 15, lift: 0 }, 'collarbone-first');
    expect(gap.warnings).toMatchObject([{ code: 'chin-rest-too-low' }]);
    expect(codes('violin', '1/2', 1340, { lift: 30 }, 'sponge')).toContain('lift-beyond');
    expect(codes('violin', '1/2', 1340, { lift: 20 }, 'rest-first')).toContain('lift-too-high');
  });

  it('of a cello: an anchor that the tip can’t reach with what is held', () => {
    const { values } = laidFor('cello', '1/2', 1300);
    const { seat = 0, pin = 0, anchor = 0 } = values;
    expect(codes('cello', '1/2', 1300, { seat, pin, anchor })).toEqual([]);
    expect(codes('cello', '1/2', 1300, { seat, pin, anchor: anchor - 150 })).toContain('peg');
    expect(codes('cello', '1/2', 1300, { seat, pin, anchor: 1200 })).toContain('anchor-unreachable');
  });
});
