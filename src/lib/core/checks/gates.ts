import { MOSTLY, placesIn, SECURE, type CheckStanding } from './strength';
import type { Check, CheckCategory } from './types';

type Standings = ReadonlyMap<string, CheckStanding>;

const strengthIn = (standings: Standings, { id }: Check): number => standings.get(id)?.strength ?? 0;

export const isPlucking = ({ id }: Pick<Check, 'id'>): boolean => id.startsWith('pluck-');

/** How far a player is with what others wait for, worked out once for all checks. */
interface Ground {
  /** The least strength in a category, advanced checks left out. */
  readonly least: Readonly<Partial<Record<CheckCategory, number>>>;
  readonly known: ReadonlyMap<string, unknown>;
  readonly plucks: 'none' | 'begun' | 'not-begun';
}

function groundOf(checks: readonly Check[], standings: Standings): Ground {
  const least: Partial<Record<CheckCategory, number>> = {};
  let plucks: Ground['plucks'] = 'none';
  for (const check of checks) {
    if (check.later) continue;
    const strength = strengthIn(standings, check);
    least[check.category] = Math.min(least[check.category] ?? SECURE, strength);
    if (!isPlucking(check) || check.after || plucks === 'begun') continue;
    plucks = strength > 0 ? 'begun' : 'not-begun';
  }
  return { least, known: placesIn(checks), plucks };
}

/**
 * Whether it is time for a check: what it builds on is there. Advanced ones wait until all others of their category are
 * secure; by the ways of beginning some wait for whole categories; the bow comes after plucking was begun, where that
 * is not for later itself.
 */
function isTime(check: Check, { least, known, plucks }: Ground, standings: Standings): boolean {
  const { later, gate = [], after = [], category } = check;
  if (later && (least[category] ?? SECURE) < SECURE) return false;
  if (gate.some((id) => known.has(id) && standings.get(id)?.strength !== SECURE)) return false;
  if (after.some((one) => (least[one] ?? SECURE) < MOSTLY)) return false;
  return category !== 'bow-use' || isPlucking(check) || plucks !== 'not-begun';
}

/** The open checks: what rests is left out, and what waits for its time and was never looked at. */
export function openChecks(checks: readonly Check[], standings: Standings): readonly Check[] {
  const ground = groundOf(checks, standings);
  return checks.filter(
    (check) =>
      standings.get(check.id)?.restsUntil == null &&
      (strengthIn(standings, check) > 0 || isTime(check, ground, standings))
  );
}
