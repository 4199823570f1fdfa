import {
  ageYears,
  follow,
  GROWN_YEARS,
  isBeyondReference,
  nextMeasure,
  whenOutgrown,
  type DecidedOn,
  type Followed,
  type HeightReading,
  type NextMeasure,
  type Outgrown,
  type Sex
} from '../growth';
import type { MeasurementId } from '../body';
import type { Size } from '../instruments';
import {
  answerOf,
  isTooLarge,
  judgeSizes,
  outgrownAtMm,
  type SizeAnswer,
  type SizingQuestion
} from '../sizing';
import type { IsoDay, IsoMonth } from '../time';

/** The decision on the size in use. */
export interface Decided extends DecidedOn {
  /** The side on which it was taken beside what the tape said, on purpose; null where it was not. */
  readonly besideTape: 'smaller' | 'larger' | null;
}

/** A question for what comes: the body and the family as for sizing, and how the player has grown so far. */
export interface OutlookQuestion {
  readonly sizing: SizingQuestion;
  /** The size in use. */
  readonly size: Size;
  readonly sex: Sex | null;
  readonly birthMonth: IsoMonth | null;
  readonly heights: readonly HeightReading[];
  /** The day of the last measuring of any length; that of the last height when not given. */
  readonly measuredOn?: IsoDay | null;
  /** The decision on that size; without it nothing was decided yet. */
  readonly decided?: Decided | null;
  /** The last day on which a trial on the body agreed with that size. */
  readonly agreedOn?: IsoDay | null;
  readonly today: IsoDay;
}

/** Why there is no forecast. */
export type NoForecast =
  | 'no-age'
  | 'grown'
  | 'no-height'
  | 'largest-size'
  /** The last height lies far outside the reference: a slip, or a child that it does not describe. */
  | 'beyond-reference'
  /** Decided below what the tape says, and not measured since. */
  | 'below-tape';

export interface Outlook {
  /** The size by the lengths as they are; null when too little was measured. */
  readonly answer: SizeAnswer | null;
  /** The player's score as followed through all heights; null without an age or a height. */
  readonly followed: Followed | null;
  /** Height at which the size is outgrown, mm: 0 when it is so already, null when it never is. */
  readonly outgrownAtMm: number | null;
  readonly outgrown: Outgrown | null;
  /** The size was taken below what the tape says, on purpose, and nothing was measured since. */
  readonly belowTape: boolean;
  /** The size is too large by the lengths of that day, and no trial since then agreed with it. */
  readonly tooLarge: { readonly measuredOn: IsoDay; readonly onPurpose: boolean } | null;
  readonly why: NoForecast | null;
  /** Lengths that decide and were not measured: the forecast rests on height for them. */
  readonly estimated: readonly MeasurementId[];
  /** Not before today: what is overdue is wanted now. */
  readonly nextMeasure: NextMeasure;
}

/**
 * Says when the size in use will be outgrown and when to measure next. Lengths keep their ratio to height. When to
 * measure counts from the last measuring and the decision, so it stays where it is until one of them changes.
 *
 * After 18 years, without an age or without a height there is no forecast, and `why` tells which.
 */
export function outlook(question: OutlookQuestion): Outlook {
  const { sizing, size, sex, birthMonth, heights, today, decided = null } = question;
  const lastHeight = heights.reduce<HeightReading | null>(
    (last, one) => (last && last.date > one.date ? last : one),
    null
  );
  const child = birthMonth === null ? null : { sex, birthMonth };
  const beyond = child !== null && lastHeight !== null && isBeyondReference(child, lastHeight);
  // An old slip must not spoil what the later heights say.
  const telling = child ? heights.filter((height) => !isBeyondReference(child, height)) : [];
  const followed = child && !beyond && telling.length > 0 ? follow(child, telling) : null;
  const grown = birthMonth !== null && ageYears(birthMonth, today) >= GROWN_YEARS;
  const growing = followed && !grown ? followed : null;

  const measuredOn = question.measuredOn ?? lastHeight?.date ?? null;
  const belowTape = decided?.besideTape === 'smaller' && (measuredOn === null || measuredOn <= decided.day);
  const atMm = outgrownAtMm(sizing, size);
  const judgement = judgeSizes(sizing);
  const answer = judgement && answerOf(judgement);
  const borderline = !decided && measuredOn !== null && answer?.between != null;
  const agreed = measuredOn !== null && (question.agreedOn ?? '') >= measuredOn;
  const tooLarge =
    measuredOn !== null && !agreed && isTooLarge(sizing, size)
      ? { measuredOn, onPurpose: decided?.besideTape === 'larger' }
      : null;
  // One that was taken larger on purpose is looked at at each measuring; one that was not, at once.
  const lookNow = tooLarge && (!tooLarge.onPurpose || tooLarge.measuredOn > (decided?.day ?? ''));
  const next = nextMeasure(
    measuredOn ?? decided?.day ?? today,
    growing && { followed: growing, outgrownAtMm: belowTape ? Infinity : (atMm ?? Infinity) },
    {
      decided: borderline ? { day: measuredOn, borderline } : decided,
      grown,
      tooLarge: lookNow ? (tooLarge.onPurpose ? 'chosen-larger' : 'too-large') : null
    }
  );
  const why = grown
    ? 'grown'
    : beyond
      ? 'beyond-reference'
      : whyNot(growing, birthMonth, belowTape ? 'below-tape' : atMm === null ? 'largest-size' : null);
  return {
    answer,
    followed,
    outgrownAtMm: atMm,
    outgrown: growing && atMm !== null && !belowTape ? whenOutgrown(growing, atMm, today) : null,
    belowTape,
    tooLarge,
    why,
    estimated: judgement?.yardstick.estimated ?? [],
    nextMeasure: next.date < today ? { ...next, date: today } : next
  };
}

function whyNot(
  growing: Followed | null,
  birthMonth: IsoMonth | null,
  ofTheSize: NoForecast | null
): NoForecast | null {
  if (birthMonth === null) return 'no-age';
  return growing ? ofTheSize : 'no-height';
}
