import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHOULDER_FAMILIES, dimensionsOf } from '../instruments';
import { proposeSize } from '../sizing';
import { fittingTape, piecesOf } from '.';

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
