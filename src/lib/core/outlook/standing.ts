import { DAYS_PER_YEAR, GROWN_YEARS, type NextMeasure, type Outgrown } from '../growth';
import type { Size } from '../instruments';
import { daysLater, type IsoDay, type IsoMonth } from '../time';
import { outlook, type NoForecast, type OutlookQuestion } from './outlook';

/** What a player needs next, most pressing first. */
export const STANDINGS = [
  /** Pain was noted and is not closed: nothing is proposed. */
  'pain',
  /** By the tape, and no trial since then agreed with the size: it can hurt. */
  'measured-too-large',
  /** The lengths measured since the decision say so. */
  'measured-too-small',
  /** By how the player has grown so far, or by height alone. */
  'probably-too-small',
  'under-way',
  'due',
  'new',
  /** Larger than the tape says, on purpose: looked at again at each measuring. */
  'chosen-larger',
  'settled'
] as const;
export type Standing = (typeof STANDINGS)[number];

/**
 * What is foreseen for a player with a size, told so that it holds on every later day until something is measured,
 * decided or set otherwise. Every list reads this one judgement.
 */
export interface Foresight {
  readonly size: Size;
  readonly betweenSizes: boolean;
  readonly outgrown: Outgrown | null;
  readonly why: NoForecast | null;
  /** Lengths that decide were not measured: it rests on height. */
  readonly estimated: boolean;
  /** The size is too small by the lengths as they were measured last. */
  readonly tooSmall: boolean;
  /** The size is too large by those lengths, and no trial since then agreed with it. */
  readonly tooLarge: { readonly measuredOn: IsoDay; readonly onPurpose: boolean } | null;
  readonly nextMeasure: NextMeasure;
  /** From this day on nothing is forecast; null without a birth month. */
  readonly grownOn: IsoDay | null;
}

/** The day on which growth counts as done, from the 15th of the birth month. */
const grownOn = (birthMonth: IsoMonth): IsoDay =>
  daysLater(`${birthMonth}-15`, Math.ceil(GROWN_YEARS * DAYS_PER_YEAR));

/**
 * Foresees from the day of the last measuring or decision, whichever is later.
 *
 * @param question its `today` is not used
 */
export function foresee(question: OutlookQuestion): Foresight {
  const lastHeight = question.heights.reduce((last, { date }) => (date > last ? date : last), '');
  const [measured, decided] = [question.measuredOn ?? lastHeight, question.decided?.day ?? ''];
  const from = measured > decided ? measured : decided || question.today;
  const { answer, outgrown, outgrownAtMm, belowTape, tooLarge, why, estimated, nextMeasure } = outlook({
    ...question,
    today: from
  });
  return {
    size: question.size,
    betweenSizes: answer?.between != null,
    outgrown,
    why,
    estimated: estimated.length > 0,
    tooSmall: outgrownAtMm === 0 && !belowTape,
    tooLarge,
    nextMeasure,
    grownOn: question.birthMonth && grownOn(question.birthMonth)
  };
}

/**
 * Where a player stands on a day. What can hurt comes first; then a fit that was begun is gone on with before
 * anything else is asked.
 */
export function standingOn(
  foresight: Foresight | null,
  { hurts, underWay }: { readonly hurts: boolean; readonly underWay: boolean },
  today: IsoDay
): Standing {
  if (hurts) return 'pain';
  if (foresight?.tooLarge && !foresight.tooLarge.onPurpose) return 'measured-too-large';
  if (underWay) return 'under-way';
  if (!foresight) return 'new';
  if (foresight.tooLarge) return 'chosen-larger';
  const { tooSmall, estimated, outgrown, nextMeasure } = foresight;
  if (tooSmall && !estimated) return 'measured-too-small';
  const grown = isGrown(foresight, today);
  if (!grown && (tooSmall || (outgrown?.middle != null && outgrown.middle <= today)))
    return 'probably-too-small';
  return nextMeasure.date <= today ? 'due' : 'settled';
}

/** Whether growth counts as done on a day. */
export const isGrown = ({ grownOn }: Foresight, today: IsoDay): boolean =>
  grownOn !== null && grownOn <= today;
