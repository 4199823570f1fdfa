import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { offItsNeighbours } from '../maths/testing';
import { daysLater, monthsLater } from '../time';
import {
  ageYears,
  driftVariance,
  follow,
  heightOfZ,
  heightOn,
  heightsAt,
  nextMeasure,
  STATURE,
  whenOutgrown,
  zOfHeight,
  type Sex
} from '.';

const SEXES: readonly (Sex | null)[] = ['female', 'male', null];
const BIRTH = '2017-05';
const child = (sex: Sex | null) => ({ sex, birthMonth: BIRTH });
const dayAtAge = (years: number) => daysLater(`${BIRTH}-15`, Math.round(years * 365.25));

describe('the reference', () => {
  it('covers 2 to 20 years in half years and grows all the way', () => {
    for (const rows of Object.values(STATURE)) {
      expect(rows.map(([age]) => age)).toEqual(Array.from({ length: 37 }, (_, index) => 2 + index / 2));
      rows.slice(1).forEach((row, index) => expect(row[2]).toBeGreaterThan(rows[index]?.[2] ?? 0));
    }
  });

  it('has girls of nine at 132.92 cm', () => {
    expect(heightsAt('female', 9).medianMm).toBeCloseTo(1329.2, 6);
    expect(heightOfZ(0, heightsAt('female', 9))).toBeCloseTo(1329.2, 6);
  });

  it('is the mean of girls and boys where the sex is not told', () => {
    const [girls, boys, both] = [
      heightsAt('female', 10.25),
      heightsAt('male', 10.25),
      heightsAt(null, 10.25)
    ];
    for (const part of ['l', 'medianMm', 's'] as const)
      expect(both[part]).toBeCloseTo((girls[part] + boys[part]) / 2, 9);
  });

  it('is smooth: no row stands out between its neighbours', () => {
    for (const rows of Object.values(STATURE))
      for (const [column, off, within] of [
        [1, 0.12, 0.03],
        [2, 0.6, 0.06],
        [3, 0.0007, 0.0002]
      ] as const) {
        // From five on: before, L falls steeply, in a curve.
        const values = rows.filter(([age]) => age >= (column === 1 ? 5 : 2.5)).map((row) => row[column]);
        expect([column, Math.max(...offItsNeighbours(values)) < off]).toEqual([column, true]);
        const curve = rows.filter(([age]) => age >= 3).map((row) => row[column]);
        expect([column, Math.max(...offItsNeighbours(curve).slice(2, -2)) < within]).toEqual([column, true]);
      }
  });

  it('goes to a score and back to 0.01 mm, also where L crosses 0', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SEXES),
        fc.double({ min: 2, max: 20, noNaN: true }),
        fc.double({ min: 0.75, max: 1.25, noNaN: true }),
        (sex, age, share) => {
          const reference = heightsAt(sex, age);
          const heightMm = reference.medianMm * share;
          expect(Math.abs(heightOfZ(zOfHeight(heightMm, reference), reference) - heightMm)).toBeLessThan(
            0.01
          );
        }
      ),
      { numRuns: 2000 }
    );
    for (const l of [0, 1e-12, -1e-10, 1e-7])
      expect(
        heightOfZ(zOfHeight(1300, { l, medianMm: 1250, s: 0.04 }), { l, medianMm: 1250, s: 0.04 })
      ).toBeCloseTo(1300, 6);
  });

  it('refuses a score that no height has', () => {
    expect(() => heightOfZ(-40, { l: 1, medianMm: 1250, s: 0.04 })).toThrow(RangeError);
  });
});

describe('following a child', () => {
  it('stays on the median, height after height', () => {
    for (const sex of SEXES) {
      const heights = [4, 6, 8, 9].map((age) => {
        const date = dayAtAge(age);
        return { date, mm: heightsAt(sex, ageYears(BIRTH, date)).medianMm };
      });
      const followed = follow(child(sex), heights);
      expect(followed.z).toBeCloseTo(0, 9);
      const later = dayAtAge(11);
      expect(heightOn(followed, later).p50Mm).toBeCloseTo(heightsAt(sex, ageYears(BIRTH, later)).medianMm, 6);
    }
  });

  it('forecasts within 5 mm of the reference two years on, from one height at any age', () => {
    for (const sex of SEXES)
      for (let age = 4; age <= 16; age++)
        for (const z of [-1, 0, 1]) {
          const date = dayAtAge(age);
          const mm = heightOfZ(z, heightsAt(sex, ageYears(BIRTH, date)));
          const later = monthsLater(date, 24);
          const expected = heightOfZ(z, heightsAt(sex, ageYears(BIRTH, later)));
          expect(Math.abs(heightOn(follow(child(sex), [{ date, mm }]), later).p50Mm - expected)).toBeLessThan(
            5
          );
        }
  });

  it('believes two heights more than one, and the order of entry does not matter', () => {
    const one = { date: dayAtAge(7), mm: 1220 };
    const two = { date: dayAtAge(7.02), mm: 1226 };
    const both = follow(child('female'), [one, two]);
    expect(both.variance).toBeLessThan(follow(child('female'), [one]).variance);
    expect(follow(child('female'), [two, one])).toEqual(both);
    expect(() => follow(child('female'), [])).toThrow(RangeError);
  });

  it('is less sure through the spurt', () => {
    expect(driftVariance('female', 5, 7)).toBeCloseTo(0.125, 9);
    expect(driftVariance('female', 8, 10)).toBeCloseTo(0.0625 + 0.16, 9);
    expect(driftVariance('male', 8, 10)).toBeCloseTo(0.125, 9);
    expect(driftVariance(null, 14, 16)).toBeCloseTo(0.0625 + 0.16, 9);
  });

  it('spreads with time', () => {
    const followed = follow(child('male'), [{ date: dayAtAge(7), mm: 1225 }]);
    const width = (day: string) => heightOn(followed, day).p90Mm - heightOn(followed, day).p10Mm;
    expect(width(dayAtAge(9))).toBeGreaterThan(width(dayAtAge(7.5)));
  });
});

describe('being outgrown', () => {
  const today = dayAtAge(7);
  const followed = follow(child('female'), [
    { date: today, mm: heightsAt('female', ageYears(BIRTH, today)).medianMm }
  ]);

  it('has its middle where the median reaches the height, between early and late', () => {
    const { early, middle, late } = whenOutgrown(followed, 1300, today);
    if (!early || !middle || !late) throw new Error('no forecast');
    expect(early < middle && middle < late).toBe(true);
    expect(heightOn(followed, middle).p50Mm).toBeCloseTo(1300, 0);
  });

  it('is today when it is so already, and open when it may never be', () => {
    expect(whenOutgrown(followed, 900, today)).toEqual({ early: today, middle: today, late: today });
    expect(whenOutgrown(followed, 2300, today)).toEqual({ early: null, middle: null, late: null });
    const tall = whenOutgrown(followed, 1640, today);
    expect(tall.early).not.toBeNull();
    expect(tall.late).toBeNull();
  });

  it('says when to measure next, and why', () => {
    const calm = { decided: null, grown: false };
    expect(nextMeasure('2026-11-24', null, calm)).toEqual({ date: '2027-05-24', reason: 'no-age' });
    expect(nextMeasure('2026-11-24', null, { ...calm, grown: true })).toEqual({
      date: '2027-05-24',
      reason: 'grown'
    });
    const between = { ...calm, decided: { day: '2026-11-24', borderline: true } };
    expect(nextMeasure('2026-11-24', null, between)).toEqual({ date: '2026-12-15', reason: 'borderline' });
    // No decision is looked at again sooner than three weeks later, however long ago it was measured.
    const late = { ...calm, decided: { day: '2027-05-20', borderline: false } };
    expect(nextMeasure('2026-11-24', null, late).date).toBe('2027-06-10');
    expect(nextMeasure(today, { followed, outgrownAtMm: 1600 }, calm).reason).toBe('half-year');
    const soon = nextMeasure(today, { followed, outgrownAtMm: 1235 }, calm);
    expect(soon.reason).toBe('change-likely');
    expect(soon.date > today && soon.date < monthsLater(today, 6)).toBe(true);
  });
});
