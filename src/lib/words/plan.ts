import type { Due, DueKind, Weekday } from '$lib/core/plan';
import type { IsoDay } from '$lib/core/time';
import { dayText } from './dates';

export const WEEKDAY_WORDS: Readonly<Record<Weekday, string>> = {
  1: 'Monday',
  2: 'Tuesday',
  3: 'Wednesday',
  4: 'Thursday',
  5: 'Friday',
  6: 'Saturday',
  7: 'Sunday'
};

/** What is due, as a heading in a calendar and on a list. */
export const DUE_WORDS: Readonly<Record<DueKind, string>> = {
  pain: 'Pain noted',
  'set-up': 'Look at the set-up',
  measure: 'Measure',
  check: 'Look again',
  return: 'Lent thing is due back'
};

/** What is due for one player, with since when where it is late. */
export const duesText = (dues: readonly Due[], today: IsoDay): string =>
  dues
    .map(
      ({ kind, day }) => `${DUE_WORDS[kind].toLowerCase()}${day < today ? ` (since ${dayText(day)})` : ''}`
    )
    .join(', ');

/**
 * First letters of a name, in any script.
 *
 * @example
 * initialsOf('Ottilie Fernsby') // 'O. F.'
 */
export const initialsOf = (name: string): string =>
  name
    .split(/\s+/)
    .flatMap((word) => {
      const [first] = [...new Intl.Segmenter().segment(word)];
      return first ? [`${first.segment.toUpperCase()}.`] : [];
    })
    .slice(0, 3)
    .join(' ');
