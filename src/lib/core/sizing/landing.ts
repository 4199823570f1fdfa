import { bodyOf } from '../body';
import { solveArm } from './arm';
import { DEFAULT_LANDING_SCHOOL, landingLimit } from './schools';
import type { SizingQuestion, Yardstick } from './yardstick';

/**
 * Violin and viola: laid along the straight arm from the base of the neck, the scroll may come up to a limit on
 * the hand.
 */
export function landingYardstick({ readings, rule }: SizingQuestion): Yardstick | null {
  const arm = solveArm(readings);
  const body = bodyOf(readings);
  if (!arm || !body) return null;
  const chosen = rule ?? { school: DEFAULT_LANDING_SCHOOL };
  const limit = landingLimit(chosen);
  const { wristMm, handMm, estimated } = arm;
  const reachMm = wristMm + limit * handMm;
  const reachSdMm = Math.sqrt(arm.varianceAt(limit));
  return {
    body,
    estimated,
    arithmetic: { kind: 'landing', wristMm, handMm, reachMm, reachSdMm, rule: chosen, limit },
    tests: ({ overallMm }) => [
      {
        kind: 'landing',
        value: (overallMm - wristMm) / handMm,
        limit,
        marginMm: reachMm - overallMm,
        sdMm: reachSdMm
      }
    ]
  };
}
