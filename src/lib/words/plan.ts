import type { DueKind, Weekday } from '$lib/core/plan';
import type { ToBring } from '$lib/data/questions/plan';
import { formatLength, type LengthUnit } from '$lib/core/length';
import { FAMILY_WORDS } from './families';
import { KIT_WORDS } from './kit';

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
  pain: 'A note to read',
  'too-large': 'Measured too large',
  'set-up': 'Look at the set-up',
  measure: 'Measure',
  check: 'Look again',
  return: 'Lent thing is due back'
};

const SUPPORT_WORDS: Readonly<Record<Extract<ToBring, { what: 'rest' }>['kind'], string>> = {
  'shoulder-rest': 'shoulder rest',
  pad: 'pad',
  sponge: 'sponge with band'
};

/** A thing to bring, with how many. */
export function bringText(thing: ToBring, unit: LengthUnit): string {
  const of = (): string => {
    switch (thing.what) {
      case 'size':
        return `${thing.size} ${FAMILY_WORDS[thing.family].toLowerCase()}`;
      case 'stool':
        return `stool of ${formatLength(thing.mm, unit)}`;
      case 'rest':
        return SUPPORT_WORDS[thing.kind];
      case 'kit':
        return KIT_WORDS[thing.item].toLowerCase();
    }
  };
  return `${thing.count} × ${of()}`;
}

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
