import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Due } from '$lib/core/plan';
import { initialsOf } from '$lib/words/plan';
import { calendarFile } from './calendar';

const NOW = new Date('2026-11-24T10:42:00Z');
const NAMES = new Map([
  ['a', 'Ottilie Fernsby'],
  ['b', 'Иво Холл']
]);
// Both sides of a change of summer time, and a leap day.
const DUES: readonly Due[] = [
  { playerId: 'a', kind: 'measure', day: '2027-03-28' },
  { playerId: 'a', kind: 'check', day: '2027-10-31' },
  { playerId: 'b', kind: 'set-up', day: '2028-02-29' },
  { playerId: 'b', kind: 'pain', day: '2026-11-24' }
];
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    const [alarm] = one.getAllSubcomponents('valarm');
    return {
      uid: event.uid,
      summary: event.summary,
      start: event.startDate.toString(),
      isDay: event.startDate.isDate,
      end: event.endDate.toString(),
      alarm: String(alarm?.getFirstPropertyValue('trigger'))
    };
  });

describe('a calendar file', () => {
  it('is read by another program: whole days with an alarm, without full names', () => {
    const text = calendarFile(DUES, NAMES, { full: false, now: NOW });
    expect(read(text)).toEqual([
      {
        uid: 'a-measure@jarvel',
        summary: 'Measure: O. F.',
        start: '2027-03-28',
        isDay: true,
        end: '2027-03-29',
        alarm: '-PT15H'
      },
      {
        uid: 'a-check@jarvel',
        summary: 'Look again: O. F.',
        start: '2027-10-31',
        isDay: true,
        end: '2027-11-01',
        alarm: '-PT15H'
      },
      {
        uid: 'b-set-up@jarvel',
        summary: 'Look at the set-up: И. Х.',
        start: '2028-02-29',
        isDay: true,
        end: '2028-03-01',
        alarm: '-PT15H'
      }
    ]);
    // Some calendars take a day's length for a time of day: each event names its end.
    expect(text).toContain('DTEND;VALUE=DATE:20270329');
    expect(text).not.toContain('DURATION');
    expect(text).not.toContain('Fernsby');
    expect(calendarFile(DUES, NAMES, { full: true, now: NOW })).toContain('Ottilie Fernsby');
  });

  it('keeps its identities, so that reading it twice doubles nothing', () => {
    const later = new Date(NOW.getTime() + 86_400_000);
    const ids = (now: Date) => read(calendarFile(DUES, NAMES, { full: false, now })).map(({ uid }) => uid);
    expect(ids(later)).toEqual(ids(NOW));
    expect(new Set(ids(NOW)).size).toBe(3);
  });

  describe.each(['America/Los_Angeles', 'Europe/Berlin', 'Pacific/Kiritimati'])('in %s', (zone) => {
    const usual = process.env.TZ;
    beforeAll(() => {
      process.env.TZ = zone;
    });
    afterAll(() => {
      if (usual === undefined) delete process.env.TZ;
      else process.env.TZ = usual;
    });

    it('has the same days, on both sides of a change of summer time', () => {
      expect(Intl.DateTimeFormat().resolvedOptions().timeZone).toBe(zone);
      expect(
        read(calendarFile(DUES, NAMES, { full: false, now: NOW })).map(({ start, end }) => [start, end])
      ).toEqual([
        ['2027-03-28', '2027-03-29'],
        ['2027-10-31', '2027-11-01'],
        ['2028-02-29', '2028-03-01']
      ]);
    });
  });

  it('is a calendar also when nothing is due', () =>
    expect(read(calendarFile([], NAMES, { full: false, now: NOW }))).toEqual([]));

  it.each([
    ['Ottilie Fernsby', 'O. F.'],
    ['  ana  maria de la Cruz ', 'A. M. D.'],
    ['李 明', '李. 明.'],
    ['17', '1.'],
    ['', '']
  ])('%j has the first letters %j', (name, letters) => expect(initialsOf(name)).toBe(letters));
});
