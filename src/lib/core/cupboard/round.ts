import { isShoulderFamily, type Family } from '../instruments';
import { daysBetween, type IsoDay } from '../time';
import type { Kept } from './shelves';

/**
 * What is looked at on each instrument when a teacher goes round the cupboard, in the order of taking it out. Source:
 * what workshops ask schools to look at once a term.
 */
export const ROUND_POINTS = [
  'case',
  'strings',
  'pegs',
  'bridge',
  'soundpost',
  'tailpiece',
  'seams',
  'pin',
  'bow-hair',
  'bow-screw',
  'bow-stick'
] as const;
export type RoundPoint = (typeof ROUND_POINTS)[number];

/** What there is to be looked at: a violin and a viola have no endpin. */
export const pointsOf = (family: Family): readonly RoundPoint[] =>
  ROUND_POINTS.filter((point) => point !== 'pin' || !isShoulderFamily(family));

/** Days after which an instrument is looked at again: a term. */
const AGAIN_AFTER = 100;

/** An instrument with what was seen on it the last time. */
export interface LookedAt extends Kept {
  /** The day on which it was looked at last. */
  readonly seenOn?: IsoDay | undefined;
  readonly amiss?: readonly RoundPoint[] | undefined;
}

/** Those that are to be looked at, in the order in which they are met: by size and number. What is out of use is not. */
export const roundOf = <I extends LookedAt>(
  instruments: readonly I[],
  sizes: readonly string[],
  today: IsoDay
): readonly I[] =>
  instruments
    .filter(
      ({ state, seenOn }) =>
        state !== 'out-of-use' && (seenOn === undefined || daysBetween(seenOn, today) > AGAIN_AFTER)
    )
    .sort(
      (a, b) =>
        sizes.indexOf(a.size) - sizes.indexOf(b.size) ||
        a.number.localeCompare(b.number, 'en', { numeric: true })
    );

/** What is to be mended, by number: the list for the workshop. */
export const toMend = <I extends LookedAt>(instruments: readonly I[]): readonly I[] =>
  instruments
    .filter(({ state, amiss }) => state === 'to-mend' || (state === 'workshop' && (amiss ?? []).length > 0))
    .sort((a, b) => a.number.localeCompare(b.number, 'en', { numeric: true }));
