import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  dimensionsOf,
  FAMILIES,
  SHOULDER_FAMILIES,
  sizesOf,
  usualSizes,
  type ShoulderFamily
} from '../instruments';
import {
  chancesOfSizes,
  CLOSED_FRAME,
  frameFit,
  landingLimit,
  proposeSize,
  solveArm,
  type LandingRule,
  type Readings
} from '.';

const PALM: LandingRule = { school: 'palm-centre' };
const propose = (readings: Readings, rule: LandingRule = PALM, family: ShoulderFamily = 'violin') => {
  const proposal = proposeSize({ family, readings, rule });
  if (!proposal) throw new Error('nothing proposed');
  return proposal;
};

it('calls no size fitting while pain is open', () => {
  fc.assert(
    fc.property(fc.constantFrom(...FAMILIES), fc.integer({ min: 900, max: 2000 }), (family, height) => {
      const verdicts = (pain: boolean) =>
        proposeSize({ family, readings: { height: [height] }, pain })?.candidates.map(
          ({ verdict }) => verdict
        );
      expect(verdicts(true)).not.toContain('fits');
      expect(verdicts(true)).toEqual(verdicts(false)?.map((one) => (one === 'fits' ? 'unsaid' : one)));
    }),
    { numRuns: 50 }
  );
});

describe('solveArm', () => {
  it('agrees with the solution worked by hand for palm, wrist and hand', () => {
    // 3 W + H = 1379 and 4 W + 11 H = 3068
    const arm = solveArm({ height: [1205], armToPalm: [478, 480], armToWrist: [421], handLength: [128] });
    expect(arm?.handMm).toBeCloseTo(3688 / 29, 6);
    expect(arm?.wristMm).toBeCloseTo((1379 - 3688 / 29) / 3, 6);
    expect(arm?.estimated).toEqual([]);
  });

  it('takes the hand from height and says so', () => {
    const arm = solveArm({ height: [1205], armToWrist: [421] });
    expect(arm?.wristMm).toBeCloseTo(421, 9);
    expect(arm?.handMm).toBeCloseTo(0.108 * 1205, 9);
    expect(arm?.estimated).toEqual(['handLength']);
  });

  it('takes everything from height alone', () => {
    const arm = solveArm({ height: [1205] });
    expect((arm?.wristMm ?? 0) + (arm?.handMm ?? 0) / 2).toBeCloseTo(482, 9);
    expect(arm?.estimated).toEqual(['armToPalm', 'handLength']);
  });

  it('needs a height or an arm', () => {
    expect(solveArm({ handLength: [128], handSpan: [80] })).toBeNull();
    expect(solveArm({ height: [] })).toBeNull();
    expect(solveArm({ armToPalm: [480] })?.handMm).toBeCloseTo((0.108 / 0.4) * 480, 6);
  });

  it('is surer with more readings', () => {
    const one = solveArm({ height: [1205], armToPalm: [480] })?.varianceAt(0.5) ?? 0;
    const three = solveArm({ height: [1205], armToPalm: [480, 480, 480] })?.varianceAt(0.5) ?? 0;
    expect(one).toBeCloseTo(36, 6);
    expect(three).toBeCloseTo(12, 6);
  });
});

describe('proposeSize', () => {
  it('lands a 1/4 at 0.415 of the hand of a child of 120.5 cm', () => {
    const quarter = propose({ height: [1205], armToWrist: [421] }).candidates.find(
      ({ size }) => size === '1/4'
    );
    expect(quarter?.landing).toBeCloseTo(0.415, 3);
    expect(quarter?.verdict).toBe('fits');
  });

  it('gives the chance worked by hand', () => {
    const { candidates, arithmetic } = propose({
      armToPalm: [478, 480],
      armToWrist: [421],
      handLength: [128]
    });
    const quarter = candidates.find(({ size }) => size === '1/4');
    if (arithmetic.kind !== 'landing') throw new Error('not by landing');
    expect(arithmetic.reachMm).toBeCloseTo(480.862, 3);
    // variance of the reach 12.41 mm², of a nominal instrument 16 mm²: Phi(5.862 / 5.330)
    expect(quarter?.probability).toBeCloseTo(0.8643, 3);
  });

  it.each([
    ['a six-year-old of 115 cm', 1150, '1/8'],
    ['a child of 130 cm', 1300, '1/2'],
    ['a tall twelve-year-old of 165 cm', 1650, '4/4'],
    ['a short adult of 150 cm', 1500, '4/4'],
    ['a child of 105 cm', 1050, '1/10']
  ])('makes sense for %s', (_, heightMm, size) => {
    expect(propose({ height: [heightMm] }).proposal).toBe(size);
  });

  it('goes down a size with a more careful school', () => {
    const readings = { height: [1205], armToPalm: [482], armToWrist: [420] };
    expect(propose(readings, PALM).proposal).toBe('1/4');
    expect(propose(readings, { school: 'heel' }).proposal).toBe('1/8');
    expect(propose(readings, { school: 'wrist' }).proposal).toBe('1/10');
    expect(propose(readings, { school: 'own', limit: 0.8 }).proposal).toBe('1/2');
  });

  it('says between sizes and takes the smaller as the careful choice', () => {
    const { proposal, careful, between, betweenSizes, reasons } = propose({
      height: [1205],
      armToPalm: [476]
    });
    expect({ proposal, careful, between, betweenSizes }).toEqual({
      proposal: '1/4',
      careful: '1/8',
      between: ['1/8', '1/4'],
      betweenSizes: true
    });
    expect(reasons.map(({ code }) => code)).toContain('between-sizes');
  });

  it('takes the proposal itself as the careful choice when the doubt is with the larger one', () => {
    const { proposal, careful, between } = propose({ height: [1205], armToPalm: [473] });
    expect({ proposal, careful, between }).toEqual({
      proposal: '1/8',
      careful: '1/8',
      between: ['1/8', '1/4']
    });
  });

  it('proposes the smallest as large, with a warning, when none fits', () => {
    const { proposal, candidates, warnings } = propose({ height: [700], armToPalm: [270] });
    expect(proposal).toBe('1/32');
    expect(candidates.map(({ verdict }) => verdict)).toEqual(candidates.map(() => 'large'));
    expect(warnings).toContainEqual({
      code: 'smallest-too-large',
      family: 'violin',
      size: '1/32',
      beyondMm: expect.any(Number)
    });
  });

  it('judges a real instrument by its own length', () => {
    const question = {
      family: 'violin' as const,
      rule: PALM,
      readings: { height: [1290], armToPalm: [514] }
    };
    expect(proposeSize(question)?.proposal).toBe('1/4');
    const measured = proposeSize({ ...question, instruments: [{ size: '1/2', overallMm: 510 }] });
    expect(measured?.proposal).toBe('1/2');
    expect(measured?.candidates.find(({ size }) => size === '1/2')?.dimensions).toBe('measured');
  });

  it('considers only the sizes asked for, and the usual ones else', () => {
    const readings = { height: [1460], armToPalm: [580] };
    expect(propose(readings).candidates.map(({ size }) => size)).toEqual(usualSizes('violin'));
    const asked = proposeSize({ family: 'violin', readings, rule: PALM, sizes: ['1/2', '7/8', '3/4'] });
    expect(asked?.candidates.map(({ size }) => size)).toEqual(['7/8', '3/4', '1/2']);
    expect(asked?.proposal).toBe('7/8');
    expect(() => proposeSize({ family: 'violin', readings, rule: PALM, sizes: [] })).toThrow(RangeError);
  });

  it('uses the teacher’s own dimensions', () => {
    const question = {
      family: 'violin' as const,
      rule: PALM,
      readings: { height: [1205], armToPalm: [482] }
    };
    expect(proposeSize({ ...question, overrides: { violin: { '1/4': { overallMm: 490 } } } })?.proposal).toBe(
      '1/8'
    );
  });

  it('gives a violin player who changes a viola of about the same length', () => {
    const readings = { height: [1350], armToPalm: [540] };
    const violin = dimensionsOf('violin', propose(readings).proposal);
    const viola = dimensionsOf('viola', propose(readings, PALM, 'viola').proposal);
    expect(Math.abs(violin.overallMm - viola.overallMm)).toBeLessThan(5);
  });

  it('warns of readings that disagree, of odd ones and of a hand that is too small', () => {
    const { warnings } = propose({
      height: [1205],
      armToPalm: [470, 500],
      handSpan: [40],
      handLength: [200]
    });
    expect(warnings.map(({ code }) => code).sort()).toEqual([
      'frame-short',
      'implausible',
      'implausible',
      'readings-disagree'
    ]);
  });
});

const bodies = fc
  .record({
    height: fc.integer({ min: 850, max: 2000 }),
    palmQuirk: fc.double({ min: 0.9, max: 1.1, noNaN: true }),
    handQuirk: fc.double({ min: 0.85, max: 1.15, noNaN: true }),
    withWrist: fc.boolean(),
    withHand: fc.boolean(),
    withHeight: fc.boolean()
  })
  .map((body): Readings & { readonly armToPalm: readonly number[] } => {
    const palm = body.height * 0.4 * body.palmQuirk;
    const hand = body.height * 0.108 * body.handQuirk;
    return {
      armToPalm: [palm],
      ...(body.withHeight ? { height: [body.height] } : {}),
      ...(body.withWrist ? { armToWrist: [palm - hand / 2] } : {}),
      ...(body.withHand ? { handLength: [hand] } : {})
    };
  });
const limits = fc.double({ min: -0.2, max: 0.8, noNaN: true });
const rankOf = (family: ShoulderFamily, size: string) =>
  sizesOf(family).length - sizesOf(family).indexOf(size);

describe('whatever the body', () => {
  it('never gives a longer arm a smaller size', () => {
    fc.assert(
      fc.property(bodies, limits, fc.double({ min: 0, max: 60, noNaN: true }), (body, limit, longer) => {
        const rule: LandingRule = { school: 'own', limit };
        const grown = {
          ...body,
          armToPalm: body.armToPalm.map((mm) => mm + longer),
          ...(body.armToWrist ? { armToWrist: body.armToWrist.map((mm) => mm + longer) } : {})
        };
        for (const family of SHOULDER_FAMILIES)
          expect(rankOf(family, propose(grown, rule, family).proposal)).toBeGreaterThanOrEqual(
            rankOf(family, propose(body, rule, family).proposal)
          );
      }),
      { numRuns: 1000 }
    );
  });

  it('never gives a higher limit a smaller size', () => {
    fc.assert(
      fc.property(bodies, limits, limits, (body, one, other) => {
        const [low, high] = [Math.min(one, other), Math.max(one, other)];
        expect(
          rankOf('violin', propose(body, { school: 'own', limit: high }).proposal)
        ).toBeGreaterThanOrEqual(rankOf('violin', propose(body, { school: 'own', limit: low }).proposal));
      }),
      { numRuns: 1000 }
    );
  });

  it('has chances that add up to 1 and exactly one size that fits, the proposal', () => {
    fc.assert(
      fc.property(bodies, limits, (body, limit) => {
        const { proposal, candidates } = propose(body, { school: 'own', limit });
        expect(candidates.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
        expect(Math.min(...candidates.map(({ probability }) => probability))).toBeGreaterThanOrEqual(0);
        const at = candidates.findIndex(({ size }) => size === proposal);
        const smallestIsLarge = candidates.at(-1)?.verdict === 'large';
        expect(candidates.map(({ verdict }) => verdict)).toEqual(
          candidates.map((_, index) =>
            index < at || smallestIsLarge ? 'large' : index === at ? 'fits' : 'small'
          )
        );
      }),
      { numRuns: 500 }
    );
  });
});

it('brings chances of holding to chances of sizes', () => {
  const chances = chancesOfSizes([0.9, 0.7, 0.8, 0.1]);
  [0.3, 0, 0.6, 0.1].forEach((chance, index) => expect(chances[index]).toBeCloseTo(chance, 9));
  expect(chancesOfSizes([0.2])).toEqual([1]);
});

it('knows the limits of the schools', () => {
  expect((['palm-centre', 'heel', 'wrist'] as const).map((school) => landingLimit({ school }))).toEqual([
    0.5, 0.25, 0
  ]);
  expect(landingLimit({ school: 'own', limit: 0.33 })).toBe(0.33);
});

it('compares a span with the frame', () => {
  // closed frame on a 1/4 violin: 0.2235 x 258 = 57.66 mm
  const fit = (spanMm: number, pain = false) => frameFit(CLOSED_FRAME.violin, 258, spanMm, pain);
  expect(fit(58).verdict).toBe('covers');
  expect(fit(54).verdict).toBe('will-come');
  expect(fit(54, true).verdict).toBe('too-short');
  expect(fit(50).verdict).toBe('too-short');
  expect(fit(50).shortfallMm).toBeCloseTo(7.663, 3);
});
