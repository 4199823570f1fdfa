import { MOSTLY, SECURE, type CheckStanding } from './strength';
import type { Check, CheckCategory } from './types';

type Standings = ReadonlyMap<string, CheckStanding>;

const strengthIn = (standings: Standings, { id }: Check): number => standings.get(id)?.strength ?? 0;

export const isPlucking = ({ id }: Pick<Check, 'id'>): boolean => id.startsWith('pluck-');

/**
 * Whether it is time for a check: what it builds on is there. Advanced ones wait until all others of their category are
 * secure; by the ways of beginning some wait for whole categories; the bow comes after plucking was begun, where that
 * is not for later itself.
 */
function isTime(check: Check, checks: readonly Check[], standings: Standings): boolean {
  const reach = (some: readonly Check[], least: number) =>
    some.every((one) => one.later || strengthIn(standings, one) >= least);
  if (
    check.later &&
    !reach(
      checks.filter(({ category }) => category === check.category),
      SECURE
    )
  )
    return false;
  const { gate = [], after = [] } = check;
  if (!checks.every(({ id }) => !gate.includes(id) || (standings.get(id)?.strength ?? 0) === SECURE))
    return false;
  if (
    after.length > 0 &&
    !reach(
      checks.filter(({ category }) => after.includes(category)),
      MOSTLY
    )
  )
    return false;
  if (check.category !== 'bow-use' || isPlucking(check)) return true;
  const begins = checks.filter((one) => isPlucking(one) && !one.later && !one.after);
  return begins.length === 0 || begins.some((one) => strengthIn(standings, one) > 0);
}

/** The open checks of a category: what rests is left out, and what waits for its time and was never looked at. */
export const openChecks = (
  checks: readonly Check[],
  category: CheckCategory,
  standings: Standings
): readonly Check[] =>
  checks.filter(
    (check) =>
      check.category === category &&
      standings.get(check.id)?.restsUntil == null &&
      (strengthIn(standings, check) > 0 || isTime(check, checks, standings))
  );
