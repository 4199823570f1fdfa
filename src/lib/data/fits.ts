import { isShoulderFamily, type Size } from '$lib/core/instruments';
import type { RestSettings, RestStack } from '$lib/core/setup';
import type { Proposal, Readings } from '$lib/core/sizing';
import { nextMeasure } from '$lib/core/growth';
import { dayOf } from '$lib/core/time';
import { commit } from './changes';
import type { Database } from './database';
import { getDraft } from './drafts';
import { newId } from './ids';
import type { Fit, Player, Setup } from './records';

/** Newest first, by moment. */
export const newestFirst = <T extends { readonly at: string }>(records: readonly T[]): readonly T[] =>
  [...records].sort((a, b) => b.at.localeCompare(a.at));

/**
 * Records the teacher's decision as a new version.
 *
 * @param reason why it is not the advised size; null when it is
 * @throws RangeError for a family that is not sized by the scroll's landing
 */
export async function decideFit(
  db: Database,
  player: Player,
  proposal: Proposal,
  readings: Readings,
  size: Size,
  reason: string | null,
  now = new Date()
): Promise<Fit> {
  if (!isShoulderFamily(player.family)) throw new RangeError(`${player.family} has no landing`);
  const day = dayOf(now);
  const chosen = proposal.candidates.find((candidate) => candidate.size === size);
  const fit: Fit = {
    id: newId(),
    playerId: player.id,
    family: player.family,
    at: now.toISOString(),
    day,
    readings,
    rule: proposal.arithmetic.rule,
    proposal: proposal.proposal,
    advised: proposal.advised,
    betweenSizes: proposal.betweenSizes,
    probability: chosen?.probability ?? 0,
    marginMm: chosen?.marginMm ?? 0,
    size,
    reason,
    nextLook: nextMeasure(day, null, { borderline: proposal.betweenSizes, grown: false }).date
  };
  await commit(db, `Decided ${size} for ${player.name}`, async ({ put }) => {
    await put('fits', fit);
    await put('drafts', {
      ...(await getDraft(db, player.id, now)),
      overrideSize: null,
      overrideReason: '',
      updatedAt: fit.at
    });
  });
  return fit;
}

/** Records a set-up as the player's next version. */
export async function keepSetup(
  db: Database,
  player: Player,
  fit: Fit,
  stack: RestStack,
  rest: RestSettings,
  now = new Date()
): Promise<Setup> {
  const earlier = await db.setups.where('playerId').equals(player.id).toArray();
  const setup: Setup = {
    id: newId(),
    playerId: player.id,
    fitId: fit.id,
    family: fit.family,
    size: fit.size,
    version: 1 + Math.max(0, ...earlier.map(({ version }) => version)),
    at: now.toISOString(),
    day: dayOf(now),
    fillerMm: stack.fillerMm,
    neckGapMm: stack.neckGapMm,
    neckGapEstimated: stack.warnings.some(({ code }) => code === 'estimated'),
    rest
  };
  await commit(db, `Kept set-up ${setup.version} of ${player.name}`, ({ put }) => put('setups', setup));
  return setup;
}
