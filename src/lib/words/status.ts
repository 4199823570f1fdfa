import type { Next } from '$lib/core/plan';
import type { IsoDay } from '$lib/core/time';
import type { Family } from '$lib/core/instruments';
import type { ChildStatus, WithNext } from '$lib/data/questions/status';
import { categoryName } from './checks';
import { nearDayText } from './dates';
import { lowered, STANDING_WORDS, standingText } from './players';

/** What comes next, in a few words that begin a line. */
export function nextText({ entry: { standing, player, pending }, next }: WithNext): string {
  switch (next.kind) {
    case 'pain':
      return 'Read the note first';
    case 'too-large':
    case 'too-small':
      return STANDING_WORDS[standing];
    case 'go-on':
      return 'Go on with the fit';
    case 'size':
      return pending ? 'Looking…' : 'Measure for a size';
    case 'measure':
      return 'Measure again';
    case 'set-up':
      return 'Look at the set-up';
    case 'check':
      return lookText(next, player.family);
    case 'return':
      return 'A lent thing is due back';
    case 'nothing':
      return 'Nothing is due';
  }
}

const lookText = ({ category }: Next, family: Family): string =>
  category ? `Look at the ${categoryName(category, family).toLowerCase()}` : 'Look again';

const onDay = (day: IsoDay, today: IsoDay): string =>
  day === today ? 'today' : `on ${nearDayText(day, today)}`.replace(/^on (?=[A-Z])/, 'in ');

/** Why, and since or until when. */
export function whyText({ entry, next }: WithNext, today: IsoDay): string {
  const { pain, foresight } = entry;
  switch (next.kind) {
    case 'pain':
      return [pain ? `noted ${onDay(pain.day, today)}` : '', pain?.size ? `with the ${pain.size}` : '']
        .filter((part) => part)
        .join(', ');
    case 'too-large':
    case 'too-small':
      return foresight ? standingText(entry).replace(/^[^:]*: /, '') : '';
    case 'go-on':
      return 'half done, it waits where it was';
    case 'size':
      return '';
    case 'nothing':
      return '';
    default:
      return next.day === null
        ? ''
        : next.day < today
          ? `since ${nearDayText(next.day, today)}`
          : onDay(next.day, today);
  }
}

/** One part of the line about a child; `is` says how it stands, in a word and a shape. */
export interface StatusPart {
  readonly text: string;
  readonly is: 'done' | 'open' | 'amiss';
}

const SET_UP: Readonly<Record<ChildStatus['setUp'], StatusPart>> = {
  none: { text: 'no set-up yet', is: 'open' },
  open: { text: 'set-up open', is: 'open' },
  kept: { text: 'set-up', is: 'done' },
  past: { text: 'set-up outgrown', is: 'amiss' }
};

/** The line about a child: size, set-up, checks; what is next is told behind it. */
export function statusParts(
  { entry, size, setUp, lookedOn }: ChildStatus,
  today: IsoDay
): readonly StatusPart[] {
  const { standing } = entry;
  const amiss = ['measured-too-large', 'measured-too-small', 'probably-too-small'].includes(standing);
  const sizePart: StatusPart =
    size === null
      ? { text: 'no size yet', is: 'open' }
      : amiss
        ? { text: `size ${size}: ${STANDING_WORDS[standing].toLowerCase()}`, is: 'amiss' }
        : standing === 'chosen-larger'
          ? { text: `size ${size}, chosen larger`, is: 'open' }
          : { text: `size ${size}`, is: standing === 'pain' ? 'open' : 'done' };
  return [
    ...(standing === 'pain' ? [{ text: 'pain is open', is: 'amiss' } as const] : []),
    sizePart,
    SET_UP[setUp],
    lookedOn === null
      ? { text: 'no checks yet', is: 'open' }
      : { text: `checks ${nearDayText(lookedOn, today)}`, is: 'done' }
  ];
}

/** What is next, with its day. */
export function nextWords(known: WithNext, today: IsoDay): string {
  const why = known.next.kind === 'pain' ? '' : whyText(known, today);
  if (why === '' || !known.next.day) return nextText(known);
  return `${nextText(known)}${why.startsWith('since') ? `, due ${why}` : ` ${why}`}`;
}

/** What is next, as the end of the line. */
export function nextLine(known: WithNext, today: IsoDay): string {
  return `next: ${lowered(nextWords(known, today))}`;
}
