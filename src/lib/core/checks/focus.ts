import { HANDS_OFF_GOALS_S } from './catalogue';
import { RATINGS, type Check, type Rating } from './types';

export type CheckOutcome =
  | { readonly kind: 'rating'; readonly rating: Rating }
  | { readonly kind: 'seconds'; readonly seconds: number };

/** Strength of an outcome on the scale of ratings, 0 (not seen) to 4 (secure). */
function strength(outcome: CheckOutcome | undefined): number {
  if (!outcome) return 0;
  if (outcome.kind === 'rating') return RATINGS.indexOf(outcome.rating);
  if (outcome.seconds >= HANDS_OFF_GOALS_S.later) return 4;
  return outcome.seconds >= HANDS_OFF_GOALS_S.first ? 3 : 1;
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
