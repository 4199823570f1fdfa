import { isShoulderFamily, type MeasuredInstrument, type Size } from '$lib/core/instruments';
import { outlook, type OutlookQuestion } from '$lib/core/outlook';
import type { RestSettings, RestStack } from '$lib/core/setup';
import type { Proposal, Readings } from '$lib/core/sizing';
import { dayOf, daysLater, type IsoDay } from '$lib/core/time';
import { commit } from './changes';
import type { Database } from './database';
import { getDraft } from './drafts';
import { newId } from './ids';
import { outlookQuestion } from './outlook';
import type { Fit, Player, Setup } from './records';
import { getSettings } from './settings';

/** Newest first, by moment. */
export const newestFirst = <T extends { readonly at: string }>(records: readonly T[]): readonly T[] =>
  [...records].sort((a, b) => b.at.localeCompare(a.at));

/** A size as decided, with everything that it rests on. */
export interface Decision {
  readonly proposal: Proposal;
  readonly readings: Readings;
  /** What tape, trial and growth together advised. */
  readonly advised: Size;
  readonly size: Size;
  /** Why it is not the advised size; null when it is. */
  readonly reason: string | null;
  readonly instruments?: readonly MeasuredInstrument[];
  readonly trialId?: string | null;
}

/** The record of a decision, with the day on which to look again. */
export async function fitFrom(db: Database, player: Player, decision: Decision, now: Date): Promise<Fit> {
  const { proposal, readings, advised, size, reason, instruments = [], trialId = null } = decision;
  const day = dayOf(now);
  const chosen = proposal.candidates.find((candidate) => candidate.size === size);
  const measurements = await db.measurements.where('playerId').equals(player.id).toArray();
  const question = outlookQuestion(player, measurements, await getSettings(db), size, day);
  return {
    id: newId(),
    playerId: player.id,
    family: player.family,
    at: now.toISOString(),
    day,
    readings,
    rule: proposal.arithmetic.kind === 'landing' ? proposal.arithmetic.rule : null,
    instruments,
    trialId,
    proposal: proposal.proposal,
    advised,
    betweenSizes: proposal.betweenSizes,
    probability: chosen?.probability ?? 0,
    marginMm: Math.min(MOST_MARGIN_MM, chosen?.marginMm ?? 0),
    size,
    reason,
    nextLook: nextLook(question, proposal.betweenSizes)
  };
}

/** The smallest cello has no limit; its record says this much room. */
const MOST_MARGIN_MM = 1000;
/** A decision is never looked at again sooner than this, days. */
const SOONEST_LOOK_DAYS = 21;

/** When to look at a size again, from how the player grows. */
export function nextLook(question: OutlookQuestion, borderline: boolean): IsoDay {
  const soonest = daysLater(question.today, SOONEST_LOOK_DAYS);
  if (borderline) return soonest;
  const { date } = outlook(question).nextMeasure;
  return date < soonest ? soonest : date;
}

/** Records the teacher's decision as a new version. */
export async function decideFit(
  db: Database,
  player: Player,
  decision: Decision,
  now = new Date()
): Promise<Fit> {
  const fit = await fitFrom(db, player, decision, now);
  await commit(db, `Decided ${decision.size} for ${player.name}`, async ({ put }) => {
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

/**
 * Records a set-up as the player's next version.
 *
 * @throws RangeError for a family that has no shoulder rest
 */
export async function keepSetup(
  db: Database,
  player: Player,
  fit: Fit,
  stack: RestStack,
  rest: RestSettings,
  now = new Date()
): Promise<Setup> {
  if (!isShoulderFamily(fit.family)) throw new RangeError(`no shoulder rest on a ${fit.family}`);
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
