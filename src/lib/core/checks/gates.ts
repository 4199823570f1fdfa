import { listOf } from './listed';
import type { Stand } from './seen';
import { MOSTLY, SECURE } from './strength';
import { isPlucking } from './themes';
import type { Check, CheckCategory } from './types';

/** How far a player is with what others wait for, worked out once for all checks. */
interface Ground {
  /** The least strength in a category, advanced checks left out. */
  readonly least: Readonly<Partial<Record<CheckCategory, number>>>;
  /** Strength of a check; null where it is not in the list. */
  readonly strengthOf: (id: string) => number | null;
  readonly plucks: 'none' | 'begun' | 'not-begun';
}

function groundOf(checks: readonly Check[], stands: readonly Stand[]): Ground {
  const least: Partial<Record<CheckCategory, number>> = {};
  let plucks: Ground['plucks'] = 'none';
  for (const { check, standing } of stands) {
    if (check.later) continue;
    const { strength } = standing;
    least[check.category] = Math.min(least[check.category] ?? SECURE, strength);
    if (plucks === 'begun' || check.after || !isPlucking(check)) continue;
    plucks = strength > 0 ? 'begun' : 'not-begun';
  }
  const { placeOf } = listOf(checks);
  const strengthOf = (id: string) => {
    const at = placeOf.get(id);
    return at === undefined ? null : (stands[at]?.standing.strength ?? null);
  };
  return { least, strengthOf, plucks };
}

/**
 * Whether it is time for a check: what it builds on is there. Advanced ones wait until all others of their category are
 * secure; by the ways of beginning some wait for whole categories; the bow comes after plucking was begun, where that
 * is not for later itself.
 */
function isTime(check: Check, { least, strengthOf, plucks }: Ground): boolean {
  const { later, gate = [], after = [], category } = check;
  if (later && (least[category] ?? SECURE) < SECURE) return false;
  if (gate.some((id) => (strengthOf(id) ?? SECURE) < SECURE)) return false;
  if (after.some((one) => (least[one] ?? SECURE) < MOSTLY)) return false;
  return category !== 'bow-use' || isPlucking(check) || plucks !== 'not-begun';
}

/** The open checks: what rests is left out, and what waits for its time and was never looked at. */
export function openChecks(checks: readonly Check[], stands: readonly Stand[]): readonly Stand[] {
  const ground = groundOf(checks, stands);
  return stands.filter(
    ({ check, standing: { restsUntil, strength } }) =>
      restsUntil === null && (strength > 0 || isTime(check, ground))
  );
}
