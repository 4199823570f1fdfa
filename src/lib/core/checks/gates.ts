import type { Listed } from './listed';
import type { Stand } from './seen';
import { MOSTLY, SECURE } from './strength';
import { CHECK_CATEGORIES } from './types';

/** How far a player is with what others wait for, worked out once for all checks. */
interface Ground {
  readonly stands: readonly Stand[];
  /** The least strength in each category, advanced checks left out. */
  readonly least: readonly number[];
  readonly plucks: 'none' | 'begun' | 'not-begun';
}

const BOW_USE = CHECK_CATEGORIES.indexOf('bow-use');

function groundOf(stands: readonly Stand[]): Ground {
  const least = CHECK_CATEGORIES.map(() => SECURE);
  let plucks: Ground['plucks'] = 'none';
  for (const { listed, standing } of stands) {
    const { check, category, after, isPlucking } = listed;
    if (check.later) continue;
    const { strength } = standing;
    if (strength < (least[category] ?? SECURE)) least[category] = strength;
    if (plucks === 'begun' || !isPlucking || after.length > 0) continue;
    plucks = strength > 0 ? 'begun' : 'not-begun';
  }
  return { stands, least, plucks };
}

/**
 * Whether it is time for a check: what it builds on is there. Advanced ones wait until all others of their category are
 * secure; by the ways of beginning some wait for whole categories; the bow comes after plucking was begun, where that
 * is not for later itself.
 */
function isTime(listed: Listed, { stands, least, plucks }: Ground): boolean {
  const { check, gate, after, category, isPlucking } = listed;
  if (check.later && (least[category] ?? SECURE) < SECURE) return false;
  if (gate.some((at) => (stands[at]?.standing.strength ?? SECURE) < SECURE)) return false;
  if (after.some((one) => (least[one] ?? SECURE) < MOSTLY)) return false;
  return category !== BOW_USE || isPlucking || plucks !== 'not-begun';
}

/** The open checks: what rests is left out, and what waits for its time and was never looked at. */
export function openChecks(stands: readonly Stand[]): readonly Stand[] {
  const ground = groundOf(stands);
  return stands.filter(
    ({ listed, standing: { restsUntil, strength } }) =>
      restsUntil === null && (strength > 0 || isTime(listed, ground))
  );
}
