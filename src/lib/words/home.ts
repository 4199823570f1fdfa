import { DRILLS, drillNamed, type Check } from '$lib/core/checks';
import type { IsoDay } from '$lib/core/time';
import type { Practice } from '$lib/data';
import { dayText } from './dates';

/** Said on everything that goes home. */
export const HOME_STOP = 'Stop and rest if it hurts, tingles or goes numb. If that comes back, see a doctor.';
/** Beside the picture of what was seen amiss. */
export const NOT_SO = 'Not so';
/** How a child checks it without the teacher. */
export const SELF_CHECK = 'Check yourself in a mirror or in your own video: the same points.';

/** One point for home, ready to be said. */
export interface HomePoint {
  readonly check: Check;
  /** What was seen amiss when it was set; null where nothing was. */
  readonly fault: string | null;
  readonly line: string;
  readonly right: string;
  readonly drill: string;
  readonly dose: string;
}

/** What is done at home for a check, and how often: its drill, or the teacher's own words where it has none. */
export function atHome(check: Check, set: Practice | null): Pick<HomePoint, 'drill' | 'dose'> {
  const drill = check.drill && DRILLS[drillNamed(set?.drill) ?? check.drill];
  return drill
    ? { drill: drill.text, dose: set?.dose || drill.dose }
    : { drill: set?.remedy || check.right, dose: set?.dose ?? '' };
}

/** What the drill of a point for home is called; empty where it has none. */
export const drillName = (check: Check | undefined, drill: string | null): string => {
  const id = check?.drill && (drillNamed(drill) ?? check.drill);
  return id ? DRILLS[id].name : '';
};

/** The points that were set as practice; one whose check is not there any more is left out. */
export const homePoints = (practice: readonly Practice[], checks: readonly Check[]): readonly HomePoint[] =>
  practice.flatMap((set) => {
    const check = checks.find(({ id }) => id === set.checkId);
    if (!check) return [];
    return [{ check, fault: set.fault, line: check.forPlayer, right: check.right, ...atHome(check, set) }];
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
