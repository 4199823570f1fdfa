import { describe, expect, it } from 'vitest';
import { offItsNeighbours } from '../maths/testing';
import {
  CELLO_PEG,
  dimensionsOf,
  dimensionTable,
  EDITABLE_DIMENSIONS,
  FAMILIES,
  isShoulderFamily,
  NOMINAL_INSTRUMENTS,
  sizesOf,
  sizesUp,
  stationsOf,
  usualSizes,
  type NominalInstrument
} from '.';
import { HALF_OUTLINE } from './edge';

const EVEN = [
  'bodyMm',
  'overallMm',
  'stringMm',
  'ribMm',
  'bowMm',
  'lowerBoutMm',
  'pinMaxMm',
  'heightFromMm',
  'heightToMm'
] as const;

describe('the table of instruments', () => {
  it('falls from size to size in every length, and its height bands overlap', () => {
    for (const family of FAMILIES) {
      const rows = NOMINAL_INSTRUMENTS[family];
      rows.slice(1).forEach((row, index) => {
        const larger = rows[index];
        if (!larger) throw new Error('no row');
        for (const id of ['bodyMm', 'overallMm', 'stringMm', 'bowMm', 'lowerBoutMm'] as const)
          expect([family, row.size, row[id] < larger[id]]).toEqual([family, row.size, true]);
        expect(row.heightToMm ?? Infinity).toBeGreaterThanOrEqual(larger.heightFromMm ?? 0);
      });
      expect(rows[0]?.heightToMm).toBeNull();
      expect(rows.at(-1)?.heightFromMm).toBeNull();
    }
  });

  it('goes down evenly: no length stands out between those of the next sizes', () => {
    for (const family of FAMILIES) {
      const rows = NOMINAL_INSTRUMENTS[family];
      const column = (id: Exclude<keyof NominalInstrument, 'size' | 'usual'>) =>
        rows.flatMap((row) => row[id] ?? []);
      for (const id of EVEN) {
        const off = offItsNeighbours(column(id).map(Math.log));
        expect([family, id, off.length < 3 || Math.max(...off) < 0.13]).toEqual([family, id, true]);
      }
      // Chin rests are made in whole steps.
      if (isShoulderFamily(family))
        expect(Math.max(...offItsNeighbours(column('chinRestMm')))).toBeLessThanOrEqual(2);
      else expect(new Set(column('pinMinMm')).size).toBe(1);
    }
  });

  it('is read smallest first by people, whatever is left of it', () => {
    expect(sizesUp('bass')).toEqual(['1/10', '1/8', '1/4', '1/2', '3/4', '4/4']);
    expect(sizesUp('violin', ['4/4', '1/8', '1/2'])).toEqual(['1/8', '1/2', '4/4']);
    expect(sizesOf('cello')[0]).toBe('4/4');
    expect(usualSizes('violin')).not.toContain('7/8');
    expect(usualSizes('bass')).not.toContain('4/4');
  });

  it('takes the teacher’s own dimensions one by one', () => {
    const own = { cello: { '1/2': { pinMaxMm: 300, stringMm: 580 } } };
    expect(dimensionsOf('cello', '1/2', own)).toMatchObject({ pinMaxMm: 300, stringMm: 580, bodyMm: 648 });
    expect(dimensionsOf('cello', '3/4', own)).toEqual(dimensionsOf('cello', '3/4'));
    expect(dimensionTable('violin', own)).toBe(NOMINAL_INSTRUMENTS.violin);
    expect(() => dimensionsOf('cello', '14 in')).toThrow(RangeError);
    for (const id of EDITABLE_DIMENSIONS) expect(id in dimensionsOf('violin', '1/2')).toBe(true);
  });

  it('knows which families are held on the collarbone', () => {
    expect(FAMILIES.filter(isShoulderFamily)).toEqual(['violin', 'viola']);
  });
});

describe('the outline of a body', () => {
  it('is one line without kinks, widest at its bouts and narrowest between them', () => {
    const [lower = [], waist = [], upper = []] = HALF_OUTLINE;
    expect([lower.at(-1), waist.at(-1)]).toEqual([waist[0], upper[0]]);
    const widest = (part: typeof lower) => Math.max(...part.map(([, wide]) => wide));
    expect(widest(lower)).toBe(0.5);
    expect(widest(upper) / widest(lower)).toBeCloseTo(0.81, 2);
    expect(Math.min(...waist.map(([, wide]) => wide)) / widest(lower)).toBeCloseTo(0.53, 2);
    for (const part of HALF_OUTLINE) {
      const ways = part.slice(1).map(([station, wide], index) => {
        const [from, narrow] = part[index] ?? [0, 0];
        expect(station).toBeGreaterThan(from);
        return (Math.atan2(206 * (wide - narrow), 356 * (station - from)) * 180) / Math.PI;
      });
      const turns = ways.slice(1).map((way, index) => Math.abs(way - (ways[index] ?? 0)));
      expect(Math.max(...turns)).toBeLessThan(34);
    }
  });
});

describe('places along an instrument', () => {
  it.each(FAMILIES)('of a %s lie in their order, from the bridge to the scroll', (family) => {
    for (const row of NOMINAL_INSTRUMENTS[family]) {
      const { bridge, bow, boardEnd, firstFinger, nut } = stationsOf(family, row);
      const order = [0, bridge, bow, boardEnd, row.bodyMm, firstFinger, nut, row.overallMm];
      expect([family, row.size, [...order].sort((a, b) => a - b)]).toEqual([family, row.size, order]);
    }
  });

  it('are one set: the string runs from bridge to nut, the first finger two semitones below it', () => {
    const bass = dimensionsOf('bass', '3/4');
    const at = stationsOf('bass', bass);
    expect(at.bridge).toBeCloseTo(0.46 * 1110, 9);
    expect(at.nut - at.bridge).toBe(bass.stringMm);
    expect((at.nut - at.firstFinger) / bass.stringMm).toBeCloseTo(1 - 2 ** (-2 / 12), 3);
    expect(at.bow).toBeCloseTo((at.bridge + at.boardEnd) / 2, 9);
    const cello = dimensionsOf('cello', '4/4');
    expect(stationsOf('cello', cello).bow).toBeCloseTo(0.537 * 755, 9);
    // The lowest peg sits in the pegbox, between nut and scroll.
    expect(CELLO_PEG.along * 755).toBeGreaterThan(stationsOf('cello', cello).nut);
    expect(CELLO_PEG.along * 755).toBeLessThan(1220);
  });
});
