import { isSmaller, sizesOf, type Family, type Size } from '../instruments';
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
  /** It suits the body, but lies beyond what the rule allows: that is for the teacher to take. */
  | 'beyond-rule'
  /** The trial found it too large, and no smaller one is in use. */
  | 'none-smaller'
  /** Pain is open, or ended the trial: no size is advised. */
  | 'pain';

export interface Advice {
  /** What to hand out; null after pain, and where it is too large and no smaller one is in use. */
  readonly size: Size | null;
  /** What the trial alone says, a size; null before a trial or where there is no such size. */
  readonly trialSize: Size | null;
  readonly because: AdviceReason;
  /** After pain: the next smaller size in use, should the teacher want to go on; null where there is none. */
  readonly smaller: Size | null;
  /** Tape and trial differ by a size: measure again. */
  readonly readAgain: boolean;
}

/** What an advice rests on. */
export interface AdviceQuestion {
  readonly family: Family;
  readonly proposal: Proposal;
  readonly tried: TriedOn | null;
  /** Pain that is open, with the size it was felt on where that is known: nothing is advised until it is closed. */
  readonly hurts?: { readonly size: Size | null } | null;
  readonly today: IsoDay;
  /** The middle day on which the smaller of two sizes is outgrown, where known. */
  readonly smallerOutgrown?: IsoDay | null;
}

/** The smaller of two sizes should last this long, or growth speaks for the larger. */
const SOON_DAYS = 120;

/**
 * Brings tape, trial and growth together. The trial on the body outranks the tape; between two sizes the larger is
 * advised only when the trial and the growth forecast both speak for it, and none beyond what the rule allows. Sizes
 * are ordered by the whole list of the family, so that a size that is no longer in use keeps its place.
 *
 * @throws RangeError for a size that the family does not come in
 */
export function advise(question: AdviceQuestion): Advice {
  const { family, proposal, tried, hurts = null } = question;
  const plain = { trialSize: null, smaller: null, readAgain: false };
  const inUse = proposal.candidates.map(({ size }) => size);
  const next = (size: Size, side: 'smaller' | 'larger') => neighbour(family, inUse, size, side);
  if (hurts || tried?.verdict === 'stopped') {
    const on = hurts?.size ?? tried?.size ?? null;
    return { ...plain, size: null, because: 'pain', smaller: on && next(on, 'smaller') };
  }
  if (!tried)
    return {
      ...plain,
      size: proposal.careful,
      because: proposal.betweenSizes ? 'careful' : 'tape'
    };
  switch (tried.verdict) {
    case 'smaller': {
      const smaller = next(tried.size, 'smaller');
      if (smaller === null) return { ...plain, size: null, because: 'none-smaller' };
      return settled(question, smaller);
    }
    case 'larger': {
      // Too small by the body lifts the answer up to what the rule allows, and never beyond it.
      const larger = next(tried.size, 'larger');
      const allowed = larger !== null && !isSmaller(family, proposal.proposal, larger);
      return settled(question, allowed ? larger : tried.size);
    }
    case 'keep':
      return settled(question, tried.size);
  }
}

/** The next size in use on one side of a size, by the family's whole list; null where there is none. */
function neighbour(
  family: Family,
  inUse: readonly Size[],
  size: Size,
  side: 'smaller' | 'larger'
): Size | null {
  const largestFirst = sizesOf(family);
  const at = largestFirst.indexOf(size);
  if (at < 0) throw new RangeError(`no ${family} of size ${size}`);
  const beyond = side === 'smaller' ? largestFirst.slice(at + 1) : largestFirst.slice(0, at).toReversed();
  return beyond.find((one) => inUse.includes(one)) ?? null;
}

function settled(
  { family, proposal, today, smallerOutgrown = null }: AdviceQuestion,
  trialSize: Size
): Advice {
  const { between } = proposal;
  const plain = { trialSize, smaller: null, readAgain: false };
  if (isSmaller(family, proposal.proposal, trialSize))
    return { ...plain, size: proposal.careful, because: 'beyond-rule', readAgain: true };
  if (between?.includes(trialSize)) {
    const [smaller, larger] = between;
    const soon = smallerOutgrown !== null && daysBetween(today, smallerOutgrown) <= SOON_DAYS;
    if (trialSize === larger && soon) return { ...plain, size: larger, because: 'room-to-grow' };
    return { ...plain, size: smaller, because: trialSize === smaller ? 'agree' : 'careful' };
  }
  const agree = trialSize === proposal.proposal;
  return { ...plain, size: trialSize, because: agree ? 'agree' : 'trial-outranks', readAgain: !agree };
}
