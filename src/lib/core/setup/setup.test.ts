import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dimensionsOf, usualSizes } from '../instruments';
import {
  changesBetween,
  chinRestClass,
  highEndOf,
  LIFT_MAX_MM,
  REST_SCHOOLS,
  restStack,
  settle,
  SLOPE_DEG,
  type AdjustmentsOf,
  type RestQuestion
} from '.';

const half: RestQuestion = {
  instrument: dimensionsOf('violin', '1/2'),
  neckGapMm: 72,
  heightMm: 1330,
  shoulder: { dropMm: 30 },
  school: 'rest-first',
  chinRestMm: 21
};
const { chinRestMm: _nominal, ...bare } = half;
const codes = (question: RestQuestion) => restStack(question).warnings.map(({ code }) => code);

describe('restStack', () => {
  it('agrees with the example worked by hand', () => {
    const stack = restStack(half);
    expect(stack.thicknessMm).toBe(36);
    expect(stack.fillerMm).toBeCloseTo(28.53, 2);
    expect(stack.liftMm).toBeCloseTo(7.53, 2);
    // d = 54, tan slope = 30 / 113.05, tan 18° = 0.3249: 7.533 + 54 x 0.5903 and 7.533 + 30.583 - 17.546
    expect(stack.shoulderFootMm).toBeCloseTo(39.41, 2);
    expect(stack.chestFootMm).toBeCloseTo(20.57, 2);
    expect(stack).toMatchObject({ highEnd: 'shoulder', warnings: [] });
  });

  it('lets the chin rest carry the height in the collarbone school', () => {
    const stack = restStack({ ...bare, school: 'collarbone-first' });
    expect(stack.chinRestMm).toBeCloseTo(28.53, 2);
    expect(stack.liftMm).toBe(0);
  });

  it('says when the chin rest is too high or too low', () => {
    expect(codes({ ...half, neckGapMm: 55 })).toEqual(['chin-rest-too-high']);
    expect(codes({ ...half, neckGapMm: 58 })).toEqual([]);
    const tall = restStack({ ...half, neckGapMm: 95 });
    expect(tall.liftMm).toBe(25);
    expect(tall.warnings).toMatchObject([{ code: 'chin-rest-too-low', fittingMm: expect.closeTo(26.53, 2) }]);
    expect(restStack({ ...half, neckGapMm: 85, school: 'pad' })).toMatchObject({ liftMm: 15 });
    expect(codes({ ...half, neckGapMm: 85, school: 'pad' })).toEqual(['chin-rest-too-low']);
  });

  it('takes less tilt rather than lose the chest foot', () => {
    const stack = restStack({ ...half, neckGapMm: 62, tiltDeg: 30 });
    expect(stack.chestFootMm).toBeCloseTo(8, 9);
    expect(stack.tiltDeg).toBeLessThan(30);
    expect(stack.warnings.map(({ code }) => code)).toEqual(['tilt-reduced']);
  });

  it('turns the high end to the chest with little tilt and flat shoulders', () => {
    expect(restStack({ ...half, shoulder: { slope: 'flat' }, tiltDeg: 0 }).highEnd).toBe('chest');
  });

  it('reads a slope by look', () => {
    for (const slope of ['flat', 'medium', 'steep'] as const)
      expect(restStack({ ...half, shoulder: { slope } }).slopeDeg).toBe(SLOPE_DEG[slope]);
  });

  it('marks an estimated gap, and needs a height for it', () => {
    expect(restStack({ ...half, neckGapMm: null }).neckGapMm).toBeCloseTo(59.85, 6);
    expect(codes({ ...half, neckGapMm: null })).toContain('estimated');
    expect(() => restStack({ ...half, neckGapMm: null, heightMm: null })).toThrow(RangeError);
    expect(() => restStack({ ...half, heightMm: null })).toThrow(RangeError);
  });

  it('keeps lift in the school’s range and the chest foot off the back, whatever the body', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...usualSizes('violin')),
        fc.constantFrom(...REST_SCHOOLS),
        fc.double({ min: 30, max: 120, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (size, school, neckGapMm, tiltDeg) => {
          const instrument = dimensionsOf('violin', size);
          const stack = restStack({ ...half, instrument, school, neckGapMm, tiltDeg });
          expect(stack.liftMm).toBeGreaterThanOrEqual(0);
          expect(stack.liftMm).toBeLessThanOrEqual(LIFT_MAX_MM[school]);
          expect(stack.chestFootMm).toBeGreaterThanOrEqual(8 - 1e-9);
          expect(stack.shoulderFootMm).toBeGreaterThan(stack.liftMm);
          expect(stack.restWidthMm).toBeLessThan(instrument.lowerBoutMm);
          expect(stack.shoulderFootAlongMm).toBeLessThan(stack.chestFootAlongMm);
        }
      )
    );
  });
});

describe('settle', () => {
  const stack = restStack(half);
  const choice = { school: 'rest-first', mount: 'beside', scroll: 'left-45' } as const;

  const own = (change: Partial<AdjustmentsOf<'rest'>>): AdjustmentsOf<'rest'> => ({
    kind: 'rest',
    choices: {},
    values: {},
    marks: {},
    ...change
  });

  it('keeps computed values and marks, and says which are the teacher’s', () => {
    const { settings } = settle(
      stack,
      choice,
      own({ values: { restWidth: 150 }, marks: { restWidth: 'third hole' } })
    );
    expect(settings.restWidth).toEqual({ value: 150, unit: 'mm', origin: 'adjusted', mark: 'third hole' });
    expect(settings.lift).toEqual({ value: stack.liftMm, unit: 'mm', origin: 'computed', mark: '' });
    expect(settings.tilt).toEqual({ value: stack.tiltDeg, unit: 'deg', origin: 'computed', mark: '' });
  });

  it('raises both feet with an own lift', () => {
    const { settings } = settle(stack, choice, own({ values: { lift: stack.liftMm + 5 } }));
    expect(settings.shoulderFoot.value).toBeCloseTo(stack.shoulderFootMm + 5, 9);
    expect(settings.chestFoot.value).toBeCloseTo(stack.chestFootMm + 5, 9);
  });

  it('takes the usual ways unless the teacher chose others for this player', () => {
    expect(settle(stack, choice).choices).toEqual(choice);
    expect(settle(stack, choice, own({ choices: { mount: 'centre' } })).choices).toEqual({
      ...choice,
      mount: 'centre'
    });
  });

  it('finds the high end from the feet as they are set', () => {
    expect(highEndOf(10, 30)).toBe('chest');
    expect(highEndOf(20, 21)).toBe('even');
    expect(highEndOf(24, 20)).toBe('shoulder');
  });

  it('says an own tilt is the teacher’s, also where the chest foot made it give', () => {
    const tight = restStack({ ...half, neckGapMm: 62, tiltDeg: 30 });
    const { tilt } = settle(tight, choice, own({ values: { tilt: 30 } })).settings;
    expect(tilt.origin).toBe('adjusted');
    expect(tilt.value).toBe(tight.tiltDeg);
  });

  it('names what changed between two versions, and nothing else', () => {
    const first = settle(stack, choice);
    const second = settle(
      stack,
      { ...choice, mount: 'centre' },
      own({ values: { lift: 12 }, marks: { lift: 'line' } })
    );
    expect(changesBetween(first, first)).toEqual([]);
    expect(changesBetween(first, second)).toMatchObject([
      { kind: 'choice', id: 'mount', from: 'beside', to: 'centre' },
      { kind: 'value', id: 'lift', unit: 'mm', to: 12 },
      { kind: 'mark', id: 'lift', from: '', to: 'line' },
      { kind: 'value', id: 'shoulderFoot' },
      { kind: 'value', id: 'chestFoot' }
    ]);
  });

  it('does not call it a change where people read the same millimetre', () => {
    const at = (lift: number) =>
      settle(stack, choice, own({ values: { lift, shoulderFoot: 30, chestFoot: 20 } }));
    expect(changesBetween(at(5.6), at(6.4))).toEqual([]);
    expect(changesBetween(at(5.4), at(5.6))).toMatchObject([{ id: 'lift' }]);
  });

  it('has nothing to compare between kinds', () => {
    const setting = { value: 1, unit: 'mm', origin: 'typed', mark: '' } as const;
    const standing = {
      kind: 'standing',
      choices: { bowHold: 'overhand' },
      settings: { pin: setting, lean: setting, bowOffset: setting, stool: setting }
    } as const;
    expect(changesBetween(settle(stack, choice), standing)).toEqual([]);
    const taller = { ...standing, settings: { ...standing.settings, pin: { ...setting, value: 40 } } };
    expect(changesBetween(standing, taller)).toEqual([
      { kind: 'value', id: 'pin', unit: 'mm', from: 1, to: 40 }
    ]);
  });
});

it('sorts chin rests into classes', () => {
  expect([10, 20, 28, 40].map(chinRestClass)).toEqual(['low', 'medium', 'high', 'very-high']);
  expect([15, 16, 23, 24, 32, 33].map(chinRestClass)).toEqual([
    'low',
    'medium',
    'medium',
    'high',
    'high',
    'very-high'
  ]);
});
