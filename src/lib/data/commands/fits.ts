import { SETUP_KIND_OF, type Arrangement } from '$lib/core/setup';
import { outlook } from '$lib/core/outlook';
import type { MeasurementId } from '$lib/core/body';
import type { Size } from '$lib/core/instruments';
import { dayOf } from '$lib/core/time';
import {
  answerCase,
  decidedOf,
  besideTape,
  loadCase,
  outlookQuestion,
  readingsOf,
  type CaseAnswer,
  type PlayerCase,
  instrumentsAtHand
} from '../questions/case';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { getDraft } from './drafts';
import { newId } from '../store/ids';
import type { Fit, Player, Setup } from '../store/records';
import { overtaken, playerGone, Refusal } from '../store/refusal';
import { looksOfSetup } from './looks';
import { clearTyped } from './typed';

export { newestFirst } from '../questions/case';

/** What the teacher decided, and what stood on the screen then. */
export interface Decision {
  readonly size: Size;
  /** Why it is not the advised size; null when it is. */
  readonly reason: string | null;
  /** The decision of this fit that the teacher saw, by its id; null when it was open. */
  readonly after: string | null;
}

/**
 * The record of a decision, worked out anew from the case as it stands, with the day on which to look again.
 *
 * @throws Refusal when the advice is not any more what the teacher took, or a reason is missing
 */
export function fitFrom(of: PlayerCase, answer: CaseAnswer, { size, reason }: Decision, now: Date): Fit {
  const { proposal, advice, tried } = answer;
  const { family, id: playerId } = of.player;
  const chosen = proposal.candidates.find((candidate) => candidate.size === size);
  if (!chosen || (reason === null && size !== advice.size)) throw overtaken();
  if (reason?.trim() === '') throw new Refusal('An own choice needs a line of reason.');
  const day = dayOf(now);
  const decided = {
    day,
    borderline: proposal.betweenSizes,
    besideTape: besideTape({ family, size, proposal: proposal.proposal })
  };
  const question = { ...outlookQuestion({ ...of, today: day }, size), decided };
  return {
    id: newId(),
    playerId,
    family,
    at: now.toISOString(),
    day,
    readings: readingsOf(of),
    rule: proposal.arithmetic.kind === 'landing' ? proposal.arithmetic.rule : null,
    instruments: instrumentsAtHand(of),
    trialId: tried?.id ?? null,
    proposal: proposal.proposal,
    advised: advice.size,
    betweenSizes: proposal.betweenSizes,
    probability: chosen.probability,
    marginMm: chosen.marginMm,
    size,
    reason: reason === null ? null : reason.trim(),
    nextLook: outlook(question).nextMeasure.date
  };
}

/**
 * Decides inside a change: reads the case there, so that two presses or two tabs decide once.
 *
 * @returns the new decision, or the one that this press was about already
 */
export async function decideIn(
  db: Database,
  playerId: string,
  decision: Decision,
  now: Date,
  since?: string
): Promise<{ readonly fit: Fit; readonly isNew: boolean; readonly of: PlayerCase }> {
  const loaded = await loadCase(db, playerId, dayOf(now));
  if (!loaded) throw playerGone();
  const of = since ? { ...loaded, since } : loaded;
  const standing = decidedOf(of);
  if ((standing?.id ?? null) !== decision.after) {
    if (standing?.size === decision.size) return { fit: standing, isNew: false, of };
    throw overtaken();
  }
  const answer = answerCase(of);
  if (!answer) throw overtaken();
  return { fit: fitFrom(of, answer, decision, now), isNew: true, of };
}

/** Records the teacher's decision as a new version. The same press twice decides once. */
export const decideFit = (db: Database, player: Player, decision: Decision, now = new Date()): Promise<Fit> =>
  commit(db, `Decided ${decision.size} for ${player.name}`, async ({ put }) => {
    const { fit, isNew } = await decideIn(db, player.id, decision, now);
    if (!isNew) return fit;
    await put('fits', fit);
    const draft = await getDraft(db, player.id, now);
    await put('drafts', { ...draft, overrideSize: null, updatedAt: fit.at });
    await clearTyped(db, player.id, (field) => field === 'reason');
    return fit;
  });

/** A set-up to keep, and the newest one that the teacher saw. */
export interface SetupToKeep {
  readonly fit: Fit;
  readonly arrangement: Arrangement;
  /** Lengths that it was computed from, mm, and which of them were estimated. */
  readonly lengths: Readonly<Partial<Record<MeasurementId, number>>>;
  readonly estimated: readonly MeasurementId[];
  /** The newest set-up of this player that stood on the screen, by its id. */
  readonly after: string | null;
}

/**
 * Records a set-up as the player's next version. The same press twice keeps it once.
 *
 * @throws Refusal for a family that is not set up this way
 */
export const keepSetup = (
  db: Database,
  player: Player,
  { fit, arrangement, lengths, estimated, after }: SetupToKeep,
  now = new Date()
): Promise<Setup> =>
  commit(db, `Kept the set-up of ${player.name}`, async ({ put }) => {
    if (SETUP_KIND_OF[fit.family] !== arrangement.kind)
      throw new Refusal(`A ${fit.family} is not set up this way.`);
    const earlier = (await db.setups.where('playerId').equals(player.id).toArray()).sort(
      (a, b) => a.version - b.version
    );
    const newest = earlier.at(-1);
    if (newest && newest.id !== after && newest.fitId === fit.id) return newest;
    const setup: Setup = {
      ...arrangement,
      id: newId(),
      playerId: player.id,
      fitId: fit.id,
      instrumentId: null,
      family: fit.family,
      size: fit.size,
      version: (newest?.version ?? 0) + 1,
      at: now.toISOString(),
      day: dayOf(now),
      basis: { lengths, estimated }
    };
    await put('setups', setup);
    for (const look of await looksOfSetup(db, player.id, arrangement.kind, setup.id))
      await put('looks', look);
    await clearTyped(db, player.id, (field) => field.startsWith('mark.'));
    return setup;
  });
