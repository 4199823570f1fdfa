import {
  ageYears,
  follow,
  GROWN_YEARS,
  nextMeasure,
  whenOutgrown,
  type Followed,
  type HeightReading,
  type NextMeasureReason,
  type Outgrown,
  type Sex
} from '../growth';
import type { MeasurementId } from '../body';
import type { Size } from '../instruments';
import { answerOf, judgeSizes, outgrownAtMm, type SizeAnswer, type SizingQuestion } from '../sizing';
import type { IsoDay, IsoMonth } from '../time';

/** A question for what comes: the body and the family as for sizing, and how the player has grown so far. */
export interface OutlookQuestion {
  readonly sizing: SizingQuestion;
  /** The size in use. */
  readonly size: Size;
  readonly sex: Sex | null;
  readonly birthMonth: IsoMonth | null;
  readonly heights: readonly HeightReading[];
  readonly today: IsoDay;
}

/** Why there is no forecast. */
export type NoForecast = 'no-age' | 'grown' | 'no-height' | 'largest-size';

export interface Outlook {
  /** The size by the lengths as they are; null when too little was measured. */
  readonly answer: SizeAnswer | null;
  /** The player's score as followed through all heights; null without an age or a height. */
  readonly followed: Followed | null;
  /** Height at which the size is outgrown, mm: 0 when it is so already, null when it never is. */
  readonly outgrownAtMm: number | null;
  readonly outgrown: Outgrown | null;
  readonly why: NoForecast | null;
  /** Lengths that decide and were not measured: the forecast rests on height for them. */
  readonly estimated: readonly MeasurementId[];
  readonly nextMeasure: { readonly date: IsoDay; readonly reason: NextMeasureReason };
}

/**
 * Says when the size in use will be outgrown and when to measure next. Lengths keep their ratio to height.
 *
 * After 18 years, without an age or without a height there is no forecast, and `why` tells which.
 */
export function outlook(question: OutlookQuestion): Outlook {
  const { sizing, size, sex, birthMonth, heights, today } = question;
  const followed = birthMonth && heights.length > 0 ? follow({ sex, birthMonth }, heights) : null;
  const grown = birthMonth !== null && ageYears(birthMonth, today) >= GROWN_YEARS;
  const atMm = outgrownAtMm(sizing, size);
  const growing = followed && !grown ? followed : null;
  const judgement = judgeSizes(sizing);
  const answer = judgement && answerOf(judgement);
  const forecast = growing && { followed: growing, outgrownAtMm: atMm ?? Infinity };
  return {
    answer,
    followed,
    outgrownAtMm: atMm,
    outgrown: growing && atMm !== null ? whenOutgrown(growing, atMm, today) : null,
    why: whyNot(growing, grown, birthMonth, atMm),
    estimated: judgement?.yardstick.estimated ?? [],
    nextMeasure: nextMeasure(today, forecast, { borderline: answer?.between != null, grown })
  };
}

function whyNot(
  growing: Followed | null,
  grown: boolean,
  birthMonth: IsoMonth | null,
  atMm: number | null
): NoForecast | null {
  if (grown) return 'grown';
  if (birthMonth === null) return 'no-age';
  if (!growing) return 'no-height';
  return atMm === null ? 'largest-size' : null;
}

/** What a list of many players shows of each. */
export interface OutlookLine {
  /** What is advised by the lengths as they are; null when too little was measured. */
  readonly advised: Size | null;
  readonly betweenSizes: boolean;
  readonly outgrown: Outgrown | null;
  readonly why: NoForecast | null;
  readonly estimated: boolean;
  readonly nextMeasure: Outlook['nextMeasure'];
}

/** The outlook and the advised size of one player, for a list. */
export function outlookLine(question: OutlookQuestion): OutlookLine {
  const { answer, outgrown, why, estimated, nextMeasure } = outlook(question);
  return {
    advised: answer?.advised ?? null,
    betweenSizes: answer?.between != null,
    outgrown,
    why,
    estimated: estimated.length > 0,
    nextMeasure
  };
}
