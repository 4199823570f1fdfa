import { describe, expect, it } from 'vitest';
import { normalCdf } from '../maths';
import { offItsNeighbours } from '../maths/testing';
import {
  FRACTION_OF_HEIGHT,
  MEASUREMENTS,
  headHeightMm,
  bodyOf,
  combineReadings,
  contradictions,
  heightOf,
  plausibility
} from '.';
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

  it.each([
    // What a teacher sees as the same, and what is read once more, mm.
    ['cheek', 1000, 1015, 1016],
    ['seatedEar', 600, 615, 616],
    ['lowerLeg', 300, 312, 313],
    ['handSpan', 80, 88, 89],
    ['handLength', 130, 138, 139],
    ['neckGap', 50, 56, 57],
    ['shoulderSlope', 40, 50, 51]
  ] as const)('takes two of %s for one, or asks for a third', (id, first, same, apart) => {
    expect(combineReadings(id, [first, same]).agrees).toBe(true);
    expect(combineReadings(id, [first, apart]).agrees).toBe(false);
  });

  it('asks few of two careful readings for a third: standing heights seldom, fingers oftener', () => {
    for (const { id, sdMm, toleranceMm } of Object.values(MEASUREMENTS)) {
      // Two readings differ by the error of both.
      const third = 2 * (1 - normalCdf(toleranceMm / (sdMm * Math.SQRT2)));
      const standing = ['height', 'eyebrow', 'cheek'].includes(id);
      expect(third, id).toBeGreaterThan(standing ? 0.02 : 0.05);
      expect(third, id).toBeLessThan(standing ? 0.05 : 0.2);
    }
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

  it.each([
    // A child of 1.20 m: as large as nobody asks about, and what is asked about, mm.
    ['armReach', 515, 520],
    ['handLength', 148, 150],
    ['handSpan', 106, 107],
    ['neckGap', 78, 79],
    ['cheek', 1118, 1120],
    ['eyebrow', 1178, 1179],
    ['lowerLeg', 330, 331]
  ] as const)('asks about %s beyond what its height lets expect', (id, fine, asked) => {
    expect(plausibility(id, fine, 1200).kind).toBe('fine');
    expect(plausibility(id, asked, 1200).kind).toBe('ask');
  });

  it('takes the smallest beginner and the tallest grown-up, and nobody beyond them', () => {
    for (const mm of [620, 880, 1950, 2290])
      expect(plausibility('height', mm, null).kind, `${mm}`).not.toBe('impossible');
    for (const mm of [50, 300]) expect(plausibility('height', mm, null).kind, `${mm}`).toBe('impossible');
    // Longer than at birth, shorter than at one year.
    expect(MEASUREMENTS.height.rangeMm[0]).toBeGreaterThan(520);
    expect(MEASUREMENTS.height.rangeMm[0]).toBeLessThan(700);
    expect(MEASUREMENTS.height.rangeMm[1]).toBeGreaterThan(2150);
    expect(MEASUREMENTS.height.rangeMm[1]).toBeLessThan(2600);
    // Asked about, since a slip is likelier: below a child of three, above a very tall grown-up.
    for (const mm of [840, 2060]) expect(plausibility('height', mm, null).kind, `${mm}`).toBe('ask');
    for (const mm of [860, 2040]) expect(plausibility('height', mm, null).kind, `${mm}`).toBe('fine');
    // A shoulder falls by something, and by less than a hand is long.
    for (const mm of [1, 149]) expect(plausibility('shoulderSlope', mm, null).kind, `${mm}`).toBe('fine');
    for (const mm of [0.3, 400])
      expect(plausibility('shoulderSlope', mm, null).kind, `${mm}`).toBe('impossible');
    for (const { id, expectedMm, rangeMm } of Object.values(MEASUREMENTS)) {
      if (!expectedMm) continue;
      // Nobody is refused who is only twice as far off as what is asked about, and no child has a grown-up's doubled.
      for (const height of [600, 2300])
        for (const sds of [-6, 6]) {
          const off = 1 + sds * (MEASUREMENTS[id].expectedShare ?? 0);
          if (off > 0.4)
            expect(plausibility(id, off * expectedMm(height), null).kind, id).not.toBe('impossible');
        }
      expect(rangeMm[1], id).toBeLessThan(2 * 1.1 * expectedMm(2300));
      expect(rangeMm[0], id).toBeLessThan(expectedMm(600));
    }
    // Less than a finger's breadth is no gap that anything was measured in.
    expect(plausibility('neckGap', 11, null).kind).toBe('fine');
    expect(plausibility('neckGap', 3, null).kind).toBe('impossible');
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

  it('stack up to one body: from the brow down, and what lies between two of them', () => {
    const at = FRACTION_OF_HEIGHT;
    const down = [
      at.eyebrow,
      at.nose,
      at.cheek,
      at.mouth,
      at.chin,
      at.shoulder,
      at.elbow,
      at.hip,
      at.wrist,
      at.grip,
      at.fingertip,
      at.knee,
      at.popliteal
    ];
    expect(down).toEqual([...down].sort((a, b) => b - a));
    expect(down.at(0)).toBeLessThan(1);
    for (const [whole, upper, lower] of [
      [at.upperArm, at.shoulder, at.elbow],
      [at.forearm, at.elbow, at.wrist],
      [at.hand, at.wrist, at.fingertip],
      [at.hand / 2, at.wrist, at.grip + 0.01],
      [at.hand / 2, at.neckToPalm, at.neckToWrist],
      [at.innerKneeOverLowerLeg, at.knee, at.popliteal],
      [1 - at.chin, headHeightMm(1700) / 1700, 0]
    ] as const)
      expect(Math.abs(whole - (upper - lower))).toBeLessThan(0.006);
    // Fingers spread less than the hand is long; the trunk is widest at the shoulders.
    const wide = [at.shoulderHalfBreadth, at.chestDepth, at.hand, at.hipHalfBreadth];
    expect(wide).toEqual([...wide].sort((a, b) => b - a));
    const hand = [at.hand, at.widestSpan, at.easySpan, at.handWidth];
    expect(hand).toEqual([...hand].sort((a, b) => b - a));
  });

  it('has the trunk take a smaller share the taller a child is, evenly', () => {
    const shares = [1000, 1150, 1300, 1450, 1600, 1750].map((height) => sittingHeightMm(height) / height);
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(Math.max(...offItsNeighbours(shares))).toBeLessThan(0.01);
    expect(shares[0]).toBeLessThan(0.6);
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
