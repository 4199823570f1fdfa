import type { InstrumentState, Match, Whereabouts } from '$lib/core/cupboard';
import type { IsoDay } from '$lib/core/time';
import { nearDayText } from './dates';

export const STATE_WORDS: Readonly<Record<InstrumentState, string>> = {
  fine: 'Fine',
  'to-mend': 'To mend',
  workshop: 'In the workshop',
  'out-of-use': 'Out of use'
};

/** What a size is for somebody, behind the name. */
const MATCH_WORDS: Readonly<Record<Match, string>> = {
  fits: 'the size in use',
  smaller: 'smaller than the size in use',
  larger: 'larger than the size in use',
  unknown: 'no size to go by'
};
export const matchText = (name: string, match: Match): string => `${name}, ${MATCH_WORDS[match]}`;

/** Two lines below an instrument on the shelf: who has it, and until when or why not. */
export function whereText(
  where: Whereabouts,
  {
    nameOf,
    state,
    today
  }: { readonly nameOf: (id: string) => string; readonly state: InstrumentState; readonly today: IsoDay }
): readonly [who: string, note: string] {
  switch (where.kind) {
    case 'here':
      return ['free', state === 'to-mend' ? 'to mend' : ''];
    case 'workshop':
      return ['workshop', ''];
    case 'out-of-use':
      return ['out of use', ''];
    case 'out': {
      const [first] = where.loans;
      const who = where.loans.length > 1 ? `${where.loans.length} players` : nameOf(first?.playerId ?? '');
      const until = first?.until ?? null;
      if (until === null || where.loans.length > 1) return [who, ''];
      return [who, where.overdue ? `due ${nearDayText(until, today)}` : `until ${nearDayText(until, today)}`];
    }
  }
}

export const freeText = (free: number): string => (free === 0 ? 'none free' : `${free} free`);
