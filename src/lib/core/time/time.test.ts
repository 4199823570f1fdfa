import { describe, expect, it } from 'vitest';
import { ageOn, dayOf, daysBetween, daysLater, isDay, monthsLater, typedDay } from '.';

describe('days', () => {
  it('counts across months, leap days and the change of clocks', () => {
    expect(daysLater('2028-02-28', 2)).toBe('2028-03-01');
    expect(daysLater('2026-03-01', -1)).toBe('2026-02-28');
    expect(monthsLater('2026-08-31', 6)).toBe('2027-02-28');
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
    expect(daysBetween('2026-10-31', '2026-11-02')).toBe(2);
    expect(dayOf(new Date(2026, 10, 24, 23, 59))).toBe('2026-11-24');
  });

  it.each(['2026-11-24', '2028-02-29', '0001-01-01', '9999-12-31'])('has %s', (text) => {
    expect(isDay(text)).toBe(true);
  });

  it.each([
    '2026-02-29',
    '2026-02-30',
    '2026-04-31',
    '2026-13-01',
    '2026-00-10',
    '2026-11-00',
    '2026-11-32',
    '2026-1-1',
    ' 2026-11-24',
    '2026-11-24T10:00:00Z',
    'today',
    ''
  ])('has no “%s”', (text) => {
    expect(isDay(text)).toBe(false);
  });

  it.each([
    ['2027-07-01', '2027-07-01'],
    [' 1.7.2027 ', '2027-07-01'],
    ['01. 07. 2027', '2027-07-01'],
    ['31.6.2027', null],
    ['1/7/2027', null],
    ['tomorrow', null],
    ['', null]
  ])('reads “%s” as it is typed', (text, day) => expect(typedDay(text)).toBe(day));

  it('takes a birth month as its 15th day', () => {
    expect(ageOn('2019-07', '2026-11-24')).toEqual({ years: 7, months: 4 });
    expect(ageOn('2019-07', '2026-07-14')).toEqual({ years: 6, months: 11 });
    expect(ageOn('2019-07', '2026-07-15')).toEqual({ years: 7, months: 0 });
    expect(ageOn('2030-01', '2026-07-15')).toEqual({ years: 0, months: 0 });
  });
});
