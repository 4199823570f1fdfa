import { describe, expect, it } from 'vitest';
import { MEASUREMENTS, bodyOf, combineReadings, contradictions, heightOf, plausibility } from '.';
import { seatedEarMm, sittingHeightMm } from './proportions';

describe('combineReadings', () => {
  it('averages two that agree, with less error', () => {
    const reading = combineReadings('armToPalm', [478, 480]);
    expect(reading.mm).toBe(479);
    expect(reading.sdMm).toBeCloseTo(6 / Math.SQRT2, 9);
    expect(reading.agrees).toBe(true);
  });

  it('asks for a third when two are far apart, and keeps the error of one', () => {
    const reading = combineReadings('armToPalm', [460, 476]);
    expect(reading).toMatchObject({ mm: 468, agrees: false, spreadMm: 16, sdMm: 6 });
  });

  it('drops the one that stands apart', () => {
    const reading = combineReadings('armToPalm', [470, 500, 502]);
    expect(reading).toMatchObject({ mm: 501, used: [500, 502], agrees: true });
  });

  it('takes the tightest of equal groups', () => {
    expect(combineReadings('handSpan', [90, 97, 110, 112]).used).toEqual([110, 112]);
  });

  it('takes a single reading as it is and refuses none', () => {
    expect(combineReadings('height', [1205])).toMatchObject({ mm: 1205, agrees: true, sdMm: 5 });
    expect(() => combineReadings('height', [])).toThrow(RangeError);
  });
});

describe('plausibility', () => {
  it('takes what lies within three standard deviations', () => {
    expect(plausibility('armToPalm', 482, 1205)).toEqual({ kind: 'fine' });
    expect(plausibility('armToPalm', 482 * 1.119, 1205).kind).toBe('fine');
    expect(plausibility('armToPalm', 482 * 1.121, 1205).kind).toBe('ask');
  });

  it('asks palm or wrist for an arm, and cm or inches for a number that fits the other unit', () => {
    expect(plausibility('armToWrist', 482, 1205)).toMatchObject({ kind: 'ask', likely: 'other-landmark' });
    expect(plausibility('armToPalm', 190, 1205)).toMatchObject({ kind: 'ask', likely: 'other-unit' });
    expect(plausibility('height', 470, null)).toMatchObject({ kind: 'ask', likely: 'other-unit' });
  });

  it('refuses what no player has', () => {
    expect(plausibility('height', 90, null).kind).toBe('impossible');
    expect(plausibility('neckGap', 2, 1200).kind).toBe('impossible');
  });

  it('does not judge by a height that is not known, nor where height says nothing', () => {
    expect(plausibility('armToPalm', 300, null)).toEqual({ kind: 'fine' });
    expect(plausibility('shoulderSlope', 60, 1200)).toEqual({ kind: 'fine' });
  });
});

describe('proportions', () => {
  it('runs linearly between its anchors and stays outside them', () => {
    expect(sittingHeightMm(900)).toBeCloseTo(0.56 * 900, 6);
    expect(sittingHeightMm(1075)).toBeCloseTo(0.555 * 1075, 6);
    expect(sittingHeightMm(1150)).toBeCloseTo(0.55 * 1150, 6);
    expect(sittingHeightMm(1900)).toBeCloseTo(0.52 * 1900, 6);
  });

  it('puts the ear of a child of 129 cm at about 58 cm above the seat', () => {
    expect(seatedEarMm(1290)).toBeCloseTo(0.539733 * 1290 - 131.1 * (0.9 + 129 / 1700), 0);
  });

  it('expects lengths within what it takes', () => {
    for (const { rangeMm, expectedMm } of Object.values(MEASUREMENTS))
      for (const height of [1000, 1300, 1900]) {
        const expected = expectedMm?.(height) ?? rangeMm[0];
        expect(expected).toBeGreaterThanOrEqual(rangeMm[0]);
        expect(expected).toBeLessThanOrEqual(rangeMm[1]);
      }
  });
});

describe('a body', () => {
  it('has what was read, and proportion for the rest', () => {
    const body = bodyOf({ height: [1290], armReach: [510, 512] });
    expect(body?.length('armReach')).toEqual({ mm: 511, sdMm: 6 / Math.SQRT2, measured: true });
    const ear = body?.length('seatedEar');
    expect(ear?.measured).toBe(false);
    expect(ear?.sdMm).toBeCloseTo(0.04 * (ear?.mm ?? 0), 9);
    expect(() => body?.length('shoulderSlope')).toThrow(RangeError);
  });

  it('has a height guessed from arms and standing heights, or none', () => {
    expect(heightOf({ armReach: [386] })).toBeCloseTo(1000, 6);
    expect(heightOf({ cheek: [900], eyebrow: [948] })).toBeCloseTo(1000, 6);
    expect(heightOf({ handSpan: [80] })).toBeNull();
    expect(bodyOf({ lowerLeg: [300] })).toBeNull();
  });

  it('can’t be longer in a part than as a whole, nor upside down', () => {
    expect(contradictions({ height: [1200], armToPalm: [480], armToWrist: [420] })).toEqual([]);
    expect(contradictions({ height: [500], armReach: [510] })).toEqual([
      { id: 'armReach', should: 'shorter', than: 'height' }
    ]);
    expect(contradictions({ seatedShoulder: [300], seatedBreastbone: [320], seatedEar: [310] })).toEqual([
      { id: 'seatedShoulder', should: 'longer', than: 'seatedBreastbone' },
      { id: 'seatedEar', should: 'longer', than: 'seatedBreastbone' }
    ]);
    expect(contradictions({ cheek: [1300], gripHang: [1310] })).toEqual([
      { id: 'cheek', should: 'longer', than: 'gripHang' }
    ]);
  });
});
