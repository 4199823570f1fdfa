import type { Size } from '../instruments';
import type { Proposal } from '../sizing';
import { daysBetween, type IsoDay } from '../time';
import type { TrialVerdict } from './types';

/** A trial as it ended, with the size that was tried. */
export interface TriedOn {
  readonly size: Size;
  readonly verdict: TrialVerdict;
}

/** Why tape, trial and growth together advise what they do. */
export type AdviceReason =
  /** Only the tape has spoken. */
  | 'tape'
  /** Tape and trial agree. */
  | 'agree'
  /** The trial outranks the tape; they differ, and a second reading is wanted. */
  | 'trial-outranks'
  /** Between sizes, the trial and growth both speak for the larger. */
  | 'room-to-grow'
  /** Between sizes, and not both speak for the larger. */
  | 'careful'
  /** Pain ended the trial: the size below the one tried, or none. */
  | 'pain';

export interface Advice {
  /** What to hand out; null where pain leaves no smaller size. */
  readonly size: Size | null;
  /** What the trial alone says, a size; null before a trial or where there is no such size. */
  readonly trialSize: Size | null;
  readonly because: AdviceReason;
  /** Tape and trial differ by a size: measure again. */
  readonly readAgain: boolean;
}

/** The smaller of two sizes should last this long, or growth speaks for the larger. */
const SOON_DAYS = 120;

/**
 * Brings tape, trial and growth together. The trial on the body outranks the tape; between two sizes the larger is
 * advised only when the trial and the growth forecast both speak for it.
 *
 * @param smallerOutgrown the middle day on which the smaller of two sizes is outgrown, where known
 */
export function advise(
  proposal: Proposal,
  tried: TriedOn | null,
  today: IsoDay,
  smallerOutgrown: IsoDay | null = null
): Advice {
  const largestFirst = proposal.candidates.map(({ size }) => size);
  const step = (size: Size, by: number) => largestFirst[largestFirst.indexOf(size) - by] ?? null;
  if (!tried)
    return {
      size: proposal.advised,
      trialSize: null,
      because: proposal.betweenSizes ? 'careful' : 'tape',
      readAgain: false
    };
  if (tried.verdict === 'stopped')
    return { size: step(tried.size, -1), trialSize: null, because: 'pain', readAgain: false };

  const moves = { smaller: -1, keep: 0, larger: 1 } as const;
  const trialSize = step(tried.size, moves[tried.verdict]) ?? tried.size;
  const { between } = proposal;
  if (between?.includes(trialSize)) {
    const [smaller, larger] = between;
    const soon = smallerOutgrown !== null && daysBetween(today, smallerOutgrown) <= SOON_DAYS;
    if (trialSize === larger && soon)
      return { size: larger, trialSize, because: 'room-to-grow', readAgain: false };
    return {
      size: smaller,
      trialSize,
      because: trialSize === smaller ? 'agree' : 'careful',
      readAgain: false
    };
  }
  const agree = trialSize === proposal.proposal;
  return {
    size: trialSize,
    trialSize,
    because: agree ? 'agree' : 'trial-outranks',
    readAgain: !agree
  };
}
