import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { daysLater } from '../time';
import {
  behindIn,
  dueUntil,
  freeTime,
  lessonsOn,
  mondayOf,
  mostAskedFor,
  plannedOn,
  takenUpOn,
  weekdayOf,
  weekOf,
  type WeeklyLesson,
  byPressing,
  isNow,
  nextOf,
  type Due
} from '.';

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
      { id: 'l', name: 'Late', lessons: [at(4, '16:00'), at(5, '08:00')] },
      { id: 'e', name: 'Early', lessons: [at(4, '09:15')] },
      { id: 'n', name: 'Never' }
    ];
    expect(lessonsOn(groups, '2026-11-26').map(({ group }) => group.name)).toEqual(['Early', 'Late']);
    expect(lessonsOn(groups, '2026-11-28')).toEqual([]);
    // Two at one time, of one group or of two with one name, stay two rows that can be told apart.
    const twice = ['x', 'y'].map((id) => ({ id, name: 'Owls', lessons: [at(4, '16:00'), at(4, '16:00')] }));
    const rows = lessonsOn(twice, '2026-11-26').map(({ group, at: which }) => `${group.id} ${which}`);
    expect(rows).toEqual(['x 0', 'x 1', 'y 0', 'y 1']);
  });

  it('proposes a time at which nothing comes yet', () => {
    const at = (weekday: 1 | 2 | 7, time: string, minutes = 45) => ({ weekday, time, minutes });
    expect(freeTime([], [])).toEqual(at(1, '15:00'));
    expect(freeTime([at(1, '15:00')], [])).toEqual(at(1, '15:45'));
    expect(freeTime([at(1, '15:00')], [at(1, '15:30', 60)])).toEqual(at(1, '16:30'));
    expect(freeTime([at(1, '20:00', 60)], [])).toEqual(at(2, '20:00', 60));
    expect(freeTime([at(7, '20:30', 60)], [])).toEqual(at(1, '20:30', 60));
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            weekday: fc.constantFrom(...([1, 2, 3, 4, 5, 6, 7] as const)),
            time: fc
              .tuple(fc.nat(23), fc.nat(59))
              .map(([h, m]) => [h, m].map((n) => String(n).padStart(2, '0')).join(':')),
            minutes: fc.integer({ min: 5, max: 300 })
          }),
          { maxLength: 14 }
        ),
        (lessons) => {
          const free = freeTime(lessons, []);
          expect(free.time).toMatch(/^([01]\d|2[0-3]):[0-5]\d$/);
          expect(lessons).not.toContainEqual(free);
        }
      )
    );
  });
});

describe('what a group works on', () => {
  it('is planned for whole weeks', () => {
    const weeks = [
      { week: '2026-11-23', category: 'hold' },
      { week: '2026-11-30', category: 'stance' }
    ] as const;
    expect(plannedOn(weeks, '2026-11-22')).toBeNull();
    expect(plannedOn(weeks, '2026-11-23')).toBe('hold');
    expect(plannedOn(weeks, '2026-11-29')).toBe('hold');
    expect(plannedOn(weeks, '2026-11-30')).toBe('stance');
    expect(plannedOn(undefined, '2026-11-30')).toBeNull();
  });

  it('is asked for by most, the earlier of equals', () => {
    expect(mostAskedFor(['hold', 'bow-use', 'bow-use', null])).toBe('bow-use');
    expect(mostAskedFor(['bow-use', 'stance'])).toBe('stance');
    expect(mostAskedFor([null, null])).toBeNull();
    expect(mostAskedFor([])).toBeNull();
  });
});

describe('the day on which something due is taken up', () => {
  const on = (...weekdays: readonly WeeklyLesson['weekday'][]): readonly WeeklyLesson[] =>
    weekdays.map((weekday) => ({ weekday, time: '15:30', minutes: 45 }));

  // Today is a Tuesday.
  it.each([
    ['2026-11-17', on(4), '2026-11-26'],
    ['2026-11-24', on(2), '2026-11-24'],
    ['2026-11-17', on(2, 5), '2026-11-24'],
    ['2026-11-25', on(2, 5), '2026-11-27'],
    ['2026-11-25', on(1), '2026-11-30'],
    ['2026-11-17', on(), '2026-11-24'],
    ['2027-01-03', on(), '2027-01-03']
  ])('due %s with lessons %j: %s', (due, lessons, day) =>
    expect(takenUpOn(due, lessons, '2026-11-24')).toBe(day)
  );

  it('is never before it is due or before today, and less than a week after', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -400, max: 400 }),
        fc.subarray([1, 2, 3, 4, 5, 6, 7] as const),
        (days, weekdays) => {
          const [today, due] = ['2026-11-24', daysLater('2026-11-24', days)];
          const day = takenUpOn(due, on(...weekdays), today);
          expect(day >= due && day >= today).toBe(true);
          expect(day <= daysLater(due > today ? due : today, 6)).toBe(true);
          if (weekdays.length > 0) expect(weekdays).toContain(weekdayOf(day));
        }
      )
    );
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

describe('what comes next for a child', () => {
  const today = '2026-11-24';
  const due = (kind: Due['kind'], day: string): Due => ({ playerId: 'a', kind, day });

  it.each([
    ['pain before all', 'pain', [due('pain', '2026-11-20'), due('measure', '2026-11-01')], 'pain'],
    [
      'a size that is too large before what is due',
      'measured-too-large',
      [due('check', '2026-11-01')],
      'too-large'
    ],
    ['a fit that was begun', 'under-way', [due('check', '2026-11-01')], 'go-on'],
    ['a size for who has none', 'new', [], 'size'],
    ['a size that was outgrown', 'probably-too-small', [due('set-up', '2026-11-01')], 'too-small'],
    [
      'the set-up before the measuring, where both are due',
      'due',
      [due('measure', '2026-10-01'), due('set-up', '2026-11-20')],
      'set-up'
    ],
    [
      'the nearest ahead, where nothing is due',
      'settled',
      [due('measure', '2027-03-01'), due('check', '2026-12-01')],
      'check'
    ],
    ['nothing, where nothing is known', 'settled', [], 'nothing']
  ] as const)('%s', (_, standing, dues, kind) => {
    expect(nextOf(standing, dues, today).kind).toBe(kind);
  });

  it('is wanted now where it has no day, or one that has come; and sorts so', () => {
    const pain = nextOf('pain', [due('pain', '2026-11-20')], today);
    const look = nextOf('settled', [{ ...due('check', '2026-11-24'), category: 'hold' }], today);
    const later = nextOf('settled', [due('measure', '2027-03-01')], today);
    expect(look.category).toBe('hold');
    expect([pain, look, later].map((next) => isNow(next, today))).toEqual([true, true, false]);
    const size = nextOf('new', [], today);
    expect([size, later, look, pain].sort(byPressing)).toEqual([pain, later, look, size]);
    expect(isNow({ kind: 'nothing', day: null }, today)).toBe(false);
  });
});
