import { createEvents, type EventAttributes } from 'ics';
import type { Due } from '$lib/core/plan';
import { daysLater } from '$lib/core/time';
import { DUE_WORDS, initialsOf } from '$lib/words/plan';

/** The alarm of a day begins at nine in the morning of the day before. */
const ALARM = { hours: 15, minutes: 0, before: true };

const dateOf = (day: string): [number, number, number] => [
  Number(day.slice(0, 4)),
  Number(day.slice(5, 7)),
  Number(day.slice(8, 10))
];

/**
 * A calendar file of what is due, each a whole day with an alarm on the day before. Each entry has an identity of its
 * own, so that a file that is read in twice changes entries instead of doubling them. Days have no zone.
 *
 * @param names of the players by their id; only first letters are written unless `full`
 * @throws Error when an entry can't be written
 */
export function calendarFile(
  dues: readonly Due[],
  names: ReadonlyMap<string, string>,
  { full, now }: { readonly full: boolean; readonly now: Date }
): string {
  const stamp = now.getTime();
  const events = dues
    .filter(({ kind }) => kind !== 'pain')
    .map(({ playerId, kind, day }): EventAttributes => {
      const name = names.get(playerId) ?? '';
      return {
        uid: `${playerId}-${kind}@jarvel`,
        title: `${DUE_WORDS[kind]}: ${full ? name : initialsOf(name)}`,
        start: dateOf(day),
        // An end, for some calendars do not read how long it lasts.
        end: dateOf(daysLater(day, 1)),
        productId: 'jarvel',
        busyStatus: 'FREE',
        // Later files are newer: a calendar takes the newer one.
        sequence: Math.floor(stamp / 60_000) % 2_000_000_000,
        alarms: [{ action: 'display', description: DUE_WORDS[kind], trigger: ALARM }]
      };
    });
  if (events.length === 0) return 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:jarvel\r\nEND:VCALENDAR\r\n';
  const { error, value } = createEvents(events);
  if (error || value == null) throw error ?? new Error('The calendar file could not be written.');
  return value;
}
