import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { combineReadings } from '../body';
import { SHOULDER_FAMILIES, dimensionsOf } from '../instruments';
import { LANDING_LIMITS, LANDING_SCHOOLS, proposeSize } from '../sizing';
import { fittingTape, palmFrom, piecesOf, zonesOf } from '.';

describe('a fitting tape', () => {
  it('has the own instruments at their lengths, and the table where there is none or none was measured', () => {
    const marks = fittingTape({
      family: 'violin',
      sizes: ['1/4', '1/2', '3/4'],
      own: [
        { name: '7', size: '1/2', overallMm: 512 },
        { name: '9', size: '1/2', overallMm: 512.3 },
        { name: '8', size: '1/2', overallMm: 524 },
        { name: '3', size: '1/4', overallMm: null }
      ]
    });
    expect(marks.map(({ size, names, dimensions }) => [size, names.join(' '), dimensions])).toEqual([
      ['1/4', '3', 'nominal'],
      ['1/2', '7 9', 'measured'],
      ['1/2', '8', 'measured'],
      ['3/4', '', 'nominal']
    ]);
    // One tape reading of an arm is 6 mm off; a size of the table 4 mm more or less, of its own.
    expect(marks[1]?.doubtMm).toEqual([506, 518]);
    const quarter = dimensionsOf('violin', '1/4').overallMm;
    expect((marks[0]?.doubtMm[1] ?? 0) - quarter).toBeCloseTo(Math.sqrt(36 + 16), 6);
  });

  it('says what the rule of the landing says, wherever no reading is in doubt', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHOULDER_FAMILIES),
        fc.integer({ min: 330, max: 640 }),
        fc.constantFrom('palm-centre', 'heel', 'wrist'),
        (family, armToWrist, school) => {
          const hand = Math.round(armToWrist * 0.3);
          const at = { 'palm-centre': 0.5, heel: 0.25, wrist: 0 }[school];
          const placeMm = armToWrist + at * hand;
          const proposal = proposeSize({
            family,
            readings: { armToWrist: [armToWrist], handLength: [hand] },
            rule: { school }
          });
          const marks = fittingTape({ family });
          // On a line it is either.
          fc.pre(marks.every(({ overallMm }) => Math.abs(overallMm - placeMm) > 0.01));
          const reached = marks.filter(({ overallMm }) => overallMm <= placeMm).at(-1) ?? marks[0];
          expect(proposal?.proposal).toBe(reached?.size);
        }
      ),
      { numRuns: 300 }
    );
  });

  it('comes in pieces that join without a gap and hold every line', () => {
    const marks = fittingTape({ family: 'viola' });
    const pieces = piecesOf(marks, 270);
    expect(pieces[0]?.fromMm).toBe(0);
    pieces.slice(1).forEach(({ fromMm }, at) => expect(fromMm).toBe(pieces[at]?.toMm));
    expect(pieces.at(-1)?.toMm).toBeGreaterThan(marks.at(-1)?.doubtMm[1] ?? Infinity);
    expect(pieces).toHaveLength(3);
  });
});

describe('the word of an assistant', () => {
  it('lies between two lines, or beyond the last ones', () => {
    const zones = zonesOf(fittingTape({ family: 'violin', sizes: ['1/4', '1/2'] }));
    const [quarter, half] = ['1/4', '1/2'].map((size) => dimensionsOf('violin', size).overallMm);
    expect(zones.map(({ after, before }) => [after?.size, before?.size])).toEqual([
      [undefined, '1/4'],
      ['1/4', '1/2'],
      ['1/2', undefined]
    ]);
    expect(zones[1]).toMatchObject({ fromMm: quarter, toMm: half });
    expect(zonesOf([])).toEqual([]);
  });

  it('is a reading whose error is the room that it leaves, and the tape’s own', () => {
    // 36 mm between two lines: 36 / root 12 is 10.4, with 6 of the tape 12.
    expect(combineReadings('armByTape', [480, 516])).toMatchObject({ mm: 498, agrees: true });
    expect(combineReadings('armByTape', [480, 516]).sdMm).toBeCloseTo(Math.hypot(36 / Math.sqrt(12), 6), 9);
  });

  it.each(LANDING_SCHOOLS)(
    'proposes the size of the line before it, less surely than a number: %s',
    (school) => {
      const heightMm = 1250;
      const zones = zonesOf(fittingTape({ family: 'violin' }));
      let told = 0;
      for (const zone of zones) {
        if (!zone.after || !zone.before) continue;
        const at = { handMm: null, heightMm };
        const between = [zone.fromMm, zone.toMm].map((mm) => palmFrom(mm, LANDING_LIMITS[school], at));
        const of = (armToPalm: readonly number[], armByTape: readonly number[]) =>
          proposeSize({
            family: 'violin',
            readings: { height: [heightMm], armToPalm, armByTape },
            rule: { school }
          });
        const [low = 0, high = 0] = between;
        const byTape = of([], between);
        const byNumber = of([(low + high) / 2], []);
        expect(byTape?.proposal).toBe(zone.after.size);
        expect(byTape?.estimated).not.toContain('armToPalm');
        const chance = (one: typeof byTape) =>
          one?.candidates.find(({ size }) => size === one.proposal)?.probability ?? 0;
        expect(chance(byTape)).toBeLessThan(chance(byNumber));
        told++;
      }
      expect(told).toBeGreaterThan(4);
    }
  );
});
