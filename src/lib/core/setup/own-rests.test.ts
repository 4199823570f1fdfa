import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dimensionsOf } from '../instruments';
import { offerRests, restStack, settle, suits, type OwnRest } from '.';

const arrangement = (neckGapMm: number) =>
  settle(
    restStack({
      instrument: dimensionsOf('violin', '1/2'),
      neckGapMm,
      heightMm: 1350,
      shoulder: { slope: 'medium' },
      school: 'rest-first'
    }),
    { school: 'rest-first', mount: 'beside', scroll: 'left-45' }
  );
const rest = (patch: Partial<OwnRest>): OwnRest => ({
  id: patch.name ?? 'one',
  kind: 'shoulder-rest',
  name: 'One',
  lowMm: 20,
  highMm: 60,
  narrowMm: 120,
  wideMm: 220,
  count: 1,
  ...patch
});

describe('the teacher’s own rests', () => {
  it('are offered by what they miss, and of those that suit the snuggest first', () => {
    const wanted = arrangement(78);
    const { shoulderFoot, chestFoot, restWidth } = wanted.settings;
    const [low, high] = [
      Math.min(chestFoot.value, shoulderFoot.value),
      Math.max(chestFoot.value, shoulderFoot.value)
    ];
    const offers = offerRests(
      'shoulder-rest',
      wanted,
      [
        rest({ name: 'roomy', lowMm: low - 10, highMm: high + 10 }),
        rest({ name: 'low', lowMm: low - 5, highMm: high - 4 }),
        rest({ name: 'snug', lowMm: low - 1, highMm: high + 1 }),
        rest({ name: 'narrow', lowMm: low, highMm: high, narrowMm: 100, wideMm: restWidth.value - 9 }),
        rest({ name: 'gone', lowMm: low, highMm: high, count: 0 }),
        rest({ name: 'chin', kind: 'chin-rest' })
      ].map((one) => ({ ...one, id: one.name }))
    );
    expect(offers.map(({ rest: { name } }) => name)).toEqual(['snug', 'roomy', 'low', 'narrow']);
    expect(offers.map(suits)).toEqual([true, true, false, false]);
    expect(offers[2]?.higherMm).toBeCloseTo(4, 6);
    expect(offers[3]?.widerMm).toBeCloseTo(9, 6);
    expect(offers[2]?.values.shoulderFoot).toBeCloseTo(high - 4, 6);
    expect(offers[3]?.values.restWidth).toBeCloseTo(restWidth.value - 9, 6);
  });

  it('say that a chin rest is too high by a number below nought, and have no width', () => {
    const wanted = arrangement(70);
    const [offer] = offerRests('chin-rest', wanted, [
      rest({
        kind: 'chin-rest',
        lowMm: wanted.settings.chinRest.value + 6,
        highMm: 45,
        narrowMm: 500,
        wideMm: 600
      })
    ]);
    expect(offer?.higherMm).toBeCloseTo(-6, 6);
    expect(offer?.widerMm).toBe(0);
  });

  it('always give values that they can be set to', () => {
    const range = fc.tuple(
      fc.double({ min: 5, max: 60, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true })
    );
    fc.assert(
      fc.property(
        range,
        fc.constantFrom('chin-rest', 'shoulder-rest', 'pad'),
        fc.integer({ min: 40, max: 110 }),
        ([low, wide], kind, gap) => {
          const mine = rest({ kind, lowMm: low, highMm: low + wide });
          const [offer] = offerRests(kind, arrangement(gap), [mine]);
          for (const [id, value] of Object.entries(offer?.values ?? {}).filter(([id]) => id !== 'restWidth'))
            expect([id, value >= low && value <= low + wide]).toEqual([id, true]);
          expect(offer && suits(offer)).toBe(
            Math.abs(offer?.higherMm ?? 9) < 0.5 && Math.abs(offer?.widerMm ?? 9) < 0.5
          );
        }
      ),
      { numRuns: 200 }
    );
  });
});
