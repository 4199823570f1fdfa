import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectedLength, type MeasurementId, type Readings } from '../body';
import { dimensionsOf, dimensionTable, sizesOf, usualSizes, type Family } from '../instruments';
import { fittingSize, proposeSize, type Proposal, type Reason, type SizingQuestion } from '.';

const LOW = ['cello', 'bass'] as const;

/** From the smallest up. */
const rankOf = (family: Family, size: string | null) => -sizesOf(family).indexOf(size ?? '');

const KINDS: Readonly<Record<(typeof LOW)[number], readonly MeasurementId[]>> = {
  cello: ['lowerLeg', 'seatedBreastbone', 'seatedEar', 'seatedShoulder', 'armReach'],
  bass: ['gripHang', 'eyebrow', 'cheek']
};

/** Everything measured on an average player of that height, each length times a factor. */
const average = (
  family: (typeof LOW)[number],
  heightMm: number,
  times: Partial<Record<MeasurementId, number>> = {}
): Readings =>
  Object.fromEntries([
    ['height', [heightMm]],
    ...KINDS[family].map((id) => [id, [expectedLength(id, heightMm).mm * (times[id] ?? 1)]])
  ]);

function propose(question: SizingQuestion): Proposal {
  const proposal = proposeSize(question);
  if (!proposal) throw new Error('no proposal');
  return proposal;
}

const reasonOf = <Code extends Reason['code']>({ reasons }: Proposal, code: Code) =>
  reasons.find((reason): reason is Extract<Reason, { code: Code }> => reason.code === code);

describe.each(LOW)('average %s players', (family) => {
  const heights = Array.from({ length: 181 }, (_, index) => 1000 + 5 * index);

  it('get a size whose height band contains them, 95 times in 100, and never a smaller one when taller', () => {
    const usual = dimensionTable(family).filter((row) => usualSizes(family).includes(row.size));
    const sizes = heights.map((heightMm) => fittingSize({ family, readings: { height: [heightMm] } }));
    const inside = heights.filter((heightMm, index) => {
      const row = usual.find(({ size }) => size === sizes[index]);
      return row && heightMm >= (row.heightFromMm ?? 0) && heightMm <= (row.heightToMm ?? Infinity);
    });
    expect(inside.length / heights.length).toBeGreaterThanOrEqual(0.95);
    const ranks = sizes.map((size) => rankOf(family, size));
    expect([...ranks].sort((a, b) => a - b)).toEqual(ranks);
  });

  it('get the same size from height alone and with everything measured as expected', () => {
    for (const heightMm of heights)
      expect(fittingSize({ family, readings: average(family, heightMm) })).toBe(
        fittingSize({ family, readings: { height: [heightMm] } })
      );
  });
});

describe('any cello body', () => {
  const bodies = fc.record({
    height: fc.double({ min: 950, max: 1950, noNaN: true }),
    arm: fc.double({ min: 0.85, max: 1.15, noNaN: true }),
    trunk: fc.double({ min: 0.85, max: 1.15, noNaN: true }),
    ear: fc.double({ min: 0.96, max: 1.04, noNaN: true }),
    change: fc.double({ min: 0.5, max: 1, noNaN: true })
  });
  const sizeOf = (height: number, arm: number, trunk: number, ear: number) =>
    fittingSize({
      family: 'cello',
      readings: average('cello', height, {
        armReach: arm,
        seatedBreastbone: trunk,
        seatedEar: trunk * ear,
        seatedShoulder: trunk
      })
    });

  it('never gets a smaller size from longer arms nor a larger one from a shorter trunk', () => {
    fc.assert(
      fc.property(bodies, ({ height, arm, trunk, ear, change }) => {
        const size = rankOf('cello', sizeOf(height, arm, trunk, ear));
        expect(rankOf('cello', sizeOf(height, arm / change, trunk, ear))).toBeGreaterThanOrEqual(size);
        expect(rankOf('cello', sizeOf(height, arm, trunk * change, ear))).toBeLessThanOrEqual(size);
      }),
      { numRuns: 10_000 }
    );
  }, 60_000);
});

describe('common sense', () => {
  it.each([
    ['cello', 1150, '1/4'],
    ['cello', 1300, '1/2'],
    ['cello', 1650, '4/4'],
    ['cello', 1540, '4/4'],
    ['bass', 1230, '1/8'],
    ['bass', 1330, '1/4'],
    ['bass', 1650, '3/4'],
    ['bass', 1900, '3/4']
  ] as const)('gives a %s player of %d mm a %s', (family, heightMm, size) => {
    expect(fittingSize({ family, readings: average(family, heightMm) })).toBe(size);
  });

  it('proposes a 4/4 bass only where the teacher uses it', () => {
    const readings = average('bass', 1950);
    expect(fittingSize({ family: 'bass', readings })).toBe('3/4');
    expect(fittingSize({ family: 'bass', readings, sizes: ['4/4', '3/4'] })).toBe('4/4');
  });
});

describe('the reasons', () => {
  it('name the part of the body that moves the answer', () => {
    const short = propose({
      family: 'cello',
      readings: average('cello', 1270, { seatedEar: 0.9, seatedBreastbone: 0.9 })
    });
    expect(reasonOf(short, 'body-differs')).toEqual({
      code: 'body-differs',
      heightSize: '1/2',
      part: 'trunk',
      build: 'short',
      steps: -1
    });
    const arms = propose({ family: 'cello', readings: average('cello', 1240, { armReach: 0.93 }) });
    expect(reasonOf(arms, 'body-differs')).toMatchObject({ part: 'arm', build: 'short', steps: -1 });
    expect(reasonOf(propose({ family: 'cello', readings: average('cello', 1290) }), 'body-differs')).toBe(
      undefined
    );
  });

  it('say what would change the answer, and it does', () => {
    const readings = average('cello', 1340);
    const before = propose({ family: 'cello', readings });
    const needs = before.reasons.filter((reason) => reason.code === 'next-up');
    expect(needs.length).toBeGreaterThan(0);
    const up = needs[0]?.size ?? '';
    const shorter = reasonOf(before, 'shorter-instrument');
    expect(shorter?.size).toBe(up);
    const on = (overallMm: number) =>
      propose({ family: 'cello', readings, instruments: [{ size: up, overallMm }] }).proposal;
    expect(on((shorter?.overallMm ?? 0) - 0.5)).toBe(up);
    expect(on((shorter?.overallMm ?? 0) + 0.5)).toBe(before.proposal);
  });

  it('offer a short adult the usual bass with its pin in', () => {
    const question = { family: 'bass', readings: average('bass', 1520) } as const;
    expect(reasonOf(propose({ ...question, grown: true }), 'adult-pin-in')).toBeDefined();
    expect(reasonOf(propose(question), 'adult-pin-in')).toBeUndefined();
  });

  it('warn when not even the smallest bass in use can be held', () => {
    const proposal = propose({ family: 'bass', readings: average('bass', 1200), sizes: ['3/4', '1/2'] });
    expect(proposal.proposal).toBe('1/2');
    expect(proposal.candidates.at(-1)?.verdict).toBe('large');
    expect(proposal.warnings.map(({ code }) => code)).toContain('smallest-too-large');
  });

  it('give a violin player the viola of about the same length', () => {
    const from = { family: 'violin', size: '3/4' } as const;
    const proposal = propose({ family: 'viola', readings: { height: [1450], armToPalm: [580] }, from });
    expect(reasonOf(proposal, 'changes-over')).toEqual({ code: 'changes-over', from, size: '13 in' });
    const onCello = propose({ family: 'cello', readings: average('cello', 1450), from });
    expect(reasonOf(onCello, 'changes-over')).toBeUndefined();
  });
});

describe('the evidence', () => {
  const evidenceOf = (proposal: Proposal, size: string, kind: string) =>
    proposal.candidates
      .find((candidate) => candidate.size === size)
      ?.evidence.find((one) => one.kind === kind);

  it('stands by weight, with the rule first', () => {
    const order = ['decides', 'supports', 'hint'];
    for (const family of LOW) {
      const proposal = propose({
        family,
        readings: { ...average(family, 1400), handSpan: [95], handSpanWidest: [120] }
      });
      for (const { evidence } of proposal.candidates) {
        const weights = evidence.map(({ weight }) => order.indexOf(weight));
        expect([...weights].sort((a, b) => a - b)).toEqual(weights);
        expect(weights[0]).toBe(0);
      }
    }
  });

  it('counts a hand that is 8 % short as one that will grow, unless there is pain', () => {
    // closed frame on a 1/2: 0.1417 x 585 = 82.9 mm; extended 0.1947 x 585 = 113.9 mm
    const readings = { ...average('cello', 1300), handSpan: [78], handSpanWidest: [103] };
    const calm = propose({ family: 'cello', readings });
    expect(evidenceOf(calm, '1/2', 'frame-closed')).toMatchObject({ value: 78, speaksFor: 'this' });
    expect(evidenceOf(calm, '1/2', 'frame-closed')?.limit).toBeCloseTo(82.89, 2);
    expect(evidenceOf(calm, '1/2', 'frame-extended')).toMatchObject({ value: 103, speaksFor: 'smaller' });
    const sore = propose({ family: 'cello', readings, pain: true });
    expect(evidenceOf(sore, '1/2', 'frame-closed')).toMatchObject({ speaksFor: 'smaller' });
  });

  it('never holds an estimated span against a size', () => {
    const proposal = propose({ family: 'cello', readings: average('cello', 1300) });
    expect(evidenceOf(proposal, '4/4', 'frame-closed')).toBeUndefined();
  });

  it('sees from the scroll on the face that a cello is far too large or small', () => {
    const proposal = propose({ family: 'cello', readings: average('cello', 1300) });
    expect(evidenceOf(proposal, '1/2', 'standing-look')).toMatchObject({ speaksFor: 'this', weight: 'hint' });
    expect(evidenceOf(proposal, '4/4', 'standing-look')).toMatchObject({ speaksFor: 'smaller' });
    expect(evidenceOf(proposal, '1/10', 'standing-look')).toMatchObject({ speaksFor: 'larger' });
    const limitOf = (size: string) => evidenceOf(proposal, size, 'standing-look')?.limit ?? 0;
    expect(limitOf('4/4')).toBe(limitOf('1/2'));
    // The mouth is below the eyebrow.
    expect(limitOf('1/10')).toBeLessThan(limitOf('1/2'));
  });

  it('adds up to one size that fits, with chances that add up to 1', () => {
    fc.assert(
      fc.property(fc.constantFrom(...LOW), fc.integer({ min: 900, max: 2000 }), (family, heightMm) => {
        const { candidates, proposal } = propose({ family, readings: average(family, heightMm) });
        expect(candidates.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
        expect(candidates.filter(({ verdict }) => verdict === 'fits').length).toBeLessThanOrEqual(1);
        const at = candidates.findIndex(({ size }) => size === proposal);
        candidates.forEach(({ verdict }, index) => {
          if (index !== at) expect(verdict).toBe(index < at ? 'large' : 'small');
        });
      }),
      { numRuns: 200 }
    );
  });

  it('judges a real instrument by its own length and string', () => {
    const nominal = dimensionsOf('cello', '1/2');
    const proposal = propose({
      family: 'cello',
      readings: average('cello', 1210),
      instruments: [{ size: '1/2', overallMm: nominal.overallMm - 25 }]
    });
    expect(proposal.proposal).toBe('1/2');
    expect(fittingSize({ family: 'cello', readings: average('cello', 1210) })).toBe('1/4');
  });
});
