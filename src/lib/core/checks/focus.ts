import { HANDS_OFF_GOALS_S } from './catalogue';
import { RATINGS, type Check, type CheckOutcome } from './types';

/** Strength of an outcome on the scale of ratings, 0 (not seen) to 4 (secure). */
function strength(outcome: CheckOutcome | undefined): number {
  switch (outcome?.kind) {
    case undefined:
      return 0;
    case 'rating':
      return RATINGS.indexOf(outcome.rating);
    case 'seconds':
      if (outcome.seconds >= HANDS_OFF_GOALS_S.later) return 4;
      return outcome.seconds >= HANDS_OFF_GOALS_S.first ? 3 : 1;
    case 'yes-no':
      return outcome.yes ? 4 : 1;
    // How much is enough is the check's own goal; until it has one, a number shows only that it was seen.
    case 'count':
    case 'angle':
      return 2;
  }
}

/**
 * The one thing to work on next: the weakest check that was looked at, the earliest of equals, since later
 * ones build on it. Null when nothing was looked at or all is secure.
 */
export function focusOf(
  checks: readonly Check[],
  outcomes: Readonly<Partial<Record<string, CheckOutcome>>>
): Check | null {
  const secure = RATINGS.length - 1;
  const open = checks
    .map((check) => ({ check, strength: strength(outcomes[check.id]) }))
    .filter((seen) => seen.strength > 0 && seen.strength < secure);
  return open.length === 0
    ? null
    : open.reduce((weakest, seen) => (seen.strength < weakest.strength ? seen : weakest)).check;
}
