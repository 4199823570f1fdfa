import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checksFor, type CheckOutcome, type SeenResult } from '../checks';
import { daysLater } from '../time';
import { byCategory, coursesOf, summaryOf, testsOf, weeksOf } from '.';

const checks = await checksFor('violin');
const START = '2026-01-05';
const seen = (checkId: string, day: number, outcome: CheckOutcome): SeenResult => ({
  checkId,
  day: daysLater(START, day),
  outcome
});
const rated = (
  day: number,
  rating: 'not-seen' | 'not-yet' | 'with-help' | 'mostly' | 'secure',
  checkId = 'hold-jaw'
) => seen(checkId, day, { kind: 'rating', rating });

describe('the course of a check', () => {
  it('counts the days to secure from the first look', () => {
    const [course] = coursesOf(
      checks,
      [
        rated(21, 'secure'),
        rated(0, 'not-yet'),
        rated(7, 'with-help'),
        rated(7, 'mostly'),
        rated(9, 'not-seen')
      ],
      daysLater(START, 30)
    );
    expect(course?.days.map(({ strength }) => strength)).toEqual([1, 3, 4]);
    expect(course?.daysToSecure).toBe(21);
    expect(course?.stuckSince).toBeNull();
  });

  it('is stuck after three weak looks in four weeks, since the first of them', () => {
    const weak = [rated(0, 'mostly'), rated(7, 'not-yet'), rated(14, 'with-help'), rated(28, 'not-yet')];
    const at = (day: number, results = weak) =>
      coursesOf(checks, results, daysLater(START, day))[0]?.stuckSince;
    expect(at(34)).toBeNull();
    expect(at(35)).toBe(daysLater(START, 7));
    expect(at(90, weak.slice(0, 3))).toBeNull();
    expect(at(90, [...weak, rated(40, 'mostly')])).toBeNull();
  });
});

describe('where checks stand', () => {
  it('is told by category: what is secure now, how long that took, what is stuck', () => {
    const results = [
      rated(0, 'secure', 'stance-back'),
      rated(0, 'not-yet'),
      rated(10, 'secure'),
      rated(0, 'with-help', 'hold-neck'),
      rated(30, 'secure', 'hold-neck'),
      rated(40, 'mostly', 'hold-neck'),
      ...[0, 14, 28].map((day) => rated(day, 'not-yet', 'hold-shoulder'))
    ];
    const parts = byCategory(coursesOf(checks, results, daysLater(START, 60)));
    expect(parts.map(({ category }) => category)).toEqual(['stance', 'hold']);
    const [stance, hold] = parts.map(({ courses }) => summaryOf(courses));
    // Secure at once took no time that could be told.
    expect(stance).toMatchObject({ seen: 1, secure: 1, daysToSecure: null, stuck: [] });
    // Worked by hand: 10 and 30 days, and one of the two has slipped since.
    expect(hold).toMatchObject({ seen: 3, secure: 1, daysToSecure: 20 });
    expect(hold?.stuck.map(({ check }) => check.id)).toEqual(['hold-shoulder']);
    expect(byCategory([])).toEqual([]);
  });
});

describe('tests', () => {
  it('have their best by what is better', () => {
    const results = [
      seen('hold-hands-off', 0, { kind: 'seconds', seconds: 4.5 }),
      seen('hold-hands-off', 7, { kind: 'seconds', seconds: 3 }),
      seen('use-straight', 0, { kind: 'angle', deg: -20 }),
      seen('use-straight', 7, { kind: 'angle', deg: 8 })
    ];
    expect(testsOf(checks, results).map(({ check, best }) => [check.id, best])).toEqual([
      ['hold-hands-off', 4.5],
      ['use-straight', 8]
    ]);
  });
});

describe('weeks', () => {
  it('have the mean of what was seen, by category', () => {
    const results = [
      rated(0, 'not-yet'),
      rated(3, 'mostly'),
      rated(8, 'secure'),
      rated(8, 'not-yet', 'stance-back')
    ];
    // Worked by hand: (1 + 3) / 2, then 4 in the hold, (4 + 1) / 2 in all.
    expect(weeksOf(checks, results, 'hold').map(({ strength }) => strength)).toEqual([2, 4]);
    expect(weeksOf(checks, results, null).map(({ strength }) => strength)).toEqual([2, 2.5]);
  });

  it('are in order and within the scale, whatever the order of the results', () => {
    const result = fc
      .tuple(
        fc.nat(700),
        fc.constantFrom('not-seen', 'not-yet', 'mostly', 'secure'),
        fc.nat(checks.length - 1)
      )
      .map(([day, rating, at]) => rated(day, rating, checks[at]?.id));
    fc.assert(
      fc.property(fc.array(result, { maxLength: 80 }), (results) => {
        const weeks = weeksOf(checks, results, null);
        expect(weeksOf(checks, results.toReversed(), null)).toEqual(weeks);
        for (const [i, { week, strength }] of weeks.entries()) {
          expect(week > (weeks[i - 1]?.week ?? '')).toBe(true);
          expect(strength).toBeGreaterThanOrEqual(1);
          expect(strength).toBeLessThanOrEqual(4);
        }
      }),
      { numRuns: 100 }
    );
  });
});
