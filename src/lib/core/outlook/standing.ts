import { DAYS_PER_YEAR, GROWN_YEARS, type NextMeasure, type Outgrown } from '../growth';
import type { Size } from '../instruments';
import { daysLater, type IsoDay, type IsoMonth } from '../time';
import { outlook, type NoForecast, type OutlookQuestion } from './outlook';

/** What a player needs next, most pressing first. */
export const STANDINGS = [
  /** The lengths measured since the decision say so. */
  'measured-too-small',
  /** By how the player has grown so far, or by height alone. */
  'probably-too-small',
  'under-way',
  'due',
  'new',
  'settled'
] as const;
export type Standing = (typeof STANDINGS)[number];

/**
 * What is foreseen for a player with a size, told so that it holds on every later day until something is measured,
 * decided or set otherwise. Every list reads this one judgement.
 */
export interface Foresight {
  readonly size: Size;
  /** What the tape alone would hand out now; null when too little was measured. */
  readonly careful: Size | null;
  readonly betweenSizes: boolean;
  readonly outgrown: Outgrown | null;
  readonly why: NoForecast | null;
  /** Lengths that decide were not measured: it rests on height. */
  readonly estimated: boolean;
  /** The size is too small by the lengths as they were measured last. */
  readonly tooSmall: boolean;
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
  const { answer, outgrown, outgrownAtMm, belowTape, why, estimated, nextMeasure } = outlook({
    ...question,
    today: from
  });
  return {
    size: question.size,
    careful: answer?.careful ?? null,
    betweenSizes: answer?.between != null,
    outgrown,
    why,
    estimated: estimated.length > 0,
    tooSmall: outgrownAtMm === 0 && !belowTape,
    nextMeasure,
    grownOn: question.birthMonth && grownOn(question.birthMonth)
  };
}

/** Where a player stands on a day. A fit that was begun is gone on with before anything else is asked. */
export function standingOn(foresight: Foresight | null, underWay: boolean, today: IsoDay): Standing {
  if (underWay) return 'under-way';
  if (!foresight) return 'new';
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
