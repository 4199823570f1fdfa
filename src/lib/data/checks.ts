import { dayOf } from '$lib/core/time';
import type { Check } from '$lib/core/checks';
import { commit } from './changes';
import type { Database } from './database';
import { newId } from './ids';
import type { CheckResult, Player } from './records';

/**
 * Records what was seen at a check. A second look on the same day with the same set-up replaces the first,
 * since the teacher corrects herself; the journal still holds it.
 */
export const recordCheck = (
  db: Database,
  player: Player,
  check: Check,
  seen: Pick<CheckResult, 'outcome' | 'faults' | 'setupId'>,
  now = new Date()
): Promise<void> =>
  commit(db, `Checked ${check.title.toLowerCase()}: ${player.name}`, async ({ put }) => {
    const day = dayOf(now);
    const sameDay = await db.checks
      .where('[playerId+checkId]')
      .equals([player.id, check.id])
      .filter((result) => result.day === day && result.setupId === seen.setupId)
      .first();
    const keepsEach = seen.outcome.kind !== 'rating';
    const id = sameDay && !keepsEach && sameDay.outcome.kind === 'rating' ? sameDay.id : newId();
    await put('checks', { ...seen, id, playerId: player.id, checkId: check.id, at: now.toISOString(), day });
  });

/** The newest result of each check. */
export function newestByCheck(
  results: readonly CheckResult[]
): Readonly<Partial<Record<string, CheckResult>>> {
  const newest: Partial<Record<string, CheckResult>> = {};
  for (const result of results) {
    const known = newest[result.checkId];
    if (!known || result.at > known.at) newest[result.checkId] = result;
  }
  return newest;
}
