import { DRILLS, drillNamed, type Check } from '$lib/core/checks';
import type { IsoDay } from '$lib/core/time';
import type { Practice } from '$lib/data';
import { dayText } from './dates';

/** Said on everything that goes home. */
export const HOME_STOP = 'Stop and rest if it hurts, tingles or goes numb. If that comes back, see a doctor.';
/** How a child checks it without the teacher. */
export const SELF_CHECK = 'Check yourself in a mirror or in your own video: the same points.';

/** One point for home, ready to be said. */
export interface HomePoint {
  readonly check: Check;
  readonly line: string;
  readonly right: string;
  readonly drill: string;
  readonly dose: string;
}

/** The points that were set as practice; one whose check is not there any more is left out. */
export const homePoints = (practice: readonly Practice[], checks: readonly Check[]): readonly HomePoint[] =>
  practice.flatMap(({ checkId, drill, dose }) => {
    const check = checks.find(({ id }) => id === checkId);
    if (!check) return [];
    const named = DRILLS[drillNamed(drill) ?? check.drill];
    return [
      { check, line: check.forPlayer, right: check.right, drill: named.text, dose: dose || named.dose }
    ];
  });

/** The same as a short text to copy. */
export function homeText(
  name: string,
  practice: readonly Practice[],
  checks: readonly Check[],
  nextLook: IsoDay
): string {
  const points = homePoints(practice, checks).map(
    ({ line, drill, dose }, i) => `${i + 1}. ${line} ${drill} (${dose})`
  );
  return [`${name}, until ${dayText(nextLook)}:`, ...points, SELF_CHECK, HOME_STOP].join('\n');
}
