import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { daysLater } from '../time';
import { behindIn, dueUntil, lessonsOn, mondayOf, weekdayOf, weekOf } from '.';

describe('a week', () => {
  it.each([
    ['2026-11-23', 1],
    ['2026-11-26', 4],
    ['2026-11-29', 7],
    ['2020-02-29', 6],
    ['1999-12-31', 5]
  ] as const)('%s is weekday %i', (day, weekday) => expect(weekdayOf(day)).toBe(weekday));

  it('begins on Monday, holds its day, and goes on without a gap, also across a change of summer time', () => {
    fc.assert(
      fc.property(fc.integer({ min: -4000, max: 9000 }), (days) => {
        const day = daysLater('2026-03-29', days);
        const week = weekOf(day);
        expect(week).toContain(day);
        expect(week.map(weekdayOf)).toEqual([1, 2, 3, 4, 5, 6, 7]);
        expect(mondayOf(daysLater(week[0] ?? '', 7))).toBe(daysLater(mondayOf(day), 7));
      })
    );
  });

  it('has the lessons of a day by time', () => {
    const at = (weekday: 4 | 5, time: string) => ({ weekday, time, minutes: 45 });
    const groups = [
      { name: 'Late', lessons: [at(4, '16:00'), at(5, '08:00')] },
      { name: 'Early', lessons: [at(4, '09:15')] },
      { name: 'Never' }
    ];
    expect(lessonsOn(groups, '2026-11-26').map(({ group }) => group.name)).toEqual(['Early', 'Late']);
    expect(lessonsOn(groups, '2026-11-28')).toEqual([]);
  });
});

describe('due', () => {
  it('pain comes first, then the longest overdue of each kind', () => {
    const due = [
      { playerId: 'a', kind: 'check', day: '2026-11-20' },
      { playerId: 'b', kind: 'check', day: '2026-11-10' },
      { playerId: 'c', kind: 'pain', day: '2026-11-24' },
      { playerId: 'd', kind: 'measure', day: '2026-12-24' }
    ] as const;
    expect(dueUntil(due, '2026-11-26').map(({ playerId }) => playerId)).toEqual(['c', 'b', 'a']);
  });
});

describe('behind', () => {
  const of = (...strengths: readonly number[]) =>
    behindIn(strengths.map((strength, i) => ({ playerId: String(i), strength }))).map(
      ({ playerId }) => playerId
    );

  it('is who lies clearly below the middle of the group', () => {
    // Worked by hand: the middle is 2.5, the limit 1.75.
    expect(of(3, 1.75, 2, 3, 0)).toEqual(['4']);
    expect(of(3, 1.7, 2.5, 3, 0)).toEqual(['4', '1']);
    expect(of(3, 1, 2, 4)).toEqual(['1']);
    expect(of(0, 0, 0)).toEqual([]);
    expect(of(2)).toEqual([]);
    expect(of()).toEqual([]);
  });
});
