import { daysLater, monthsLater, type IsoDay } from './iso-day';

export type NextLookReason = 'borderline' | 'half-year';

export interface NextLook {
  readonly day: IsoDay;
  readonly reason: NextLookReason;
}

/** Months after which every player is measured again, however sure the size was. */
export const LONGEST_WAIT_MONTHS = 6;
/** Days after which a choice between two sizes is looked at again. */
export const BORDERLINE_WAIT_DAYS = 21;

/**
 * When to measure again after a decision: 21 days after a choice between two sizes, six months else.
 *
 * @param decidedOn the day of the decision
 * @param betweenSizes whether two sizes were nearly equally likely
 */
export function nextLook(decidedOn: IsoDay, betweenSizes: boolean): NextLook {
  return betweenSizes
    ? { day: daysLater(decidedOn, BORDERLINE_WAIT_DAYS), reason: 'borderline' }
    : { day: monthsLater(decidedOn, LONGEST_WAIT_MONTHS), reason: 'half-year' };
}
