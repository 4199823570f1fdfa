import type { Size } from '$lib/core/instruments';
import { dayOf } from '$lib/core/time';
import { followTrial, looksFor, type TrialAnswer } from '$lib/core/trial';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { changeDraft, getDraft } from './drafts';
import { newId } from '../store/ids';
import { putPain } from './pains';
import type { Player, Trial } from '../store/records';
import { playerGone } from '../store/refusal';

/** Begins a trial of a size on the body; one that is under way is given up. */
export const beginTrial = (db: Database, player: Player, size: Size, now = new Date()): Promise<void> =>
  changeDraft(db, player, `Began to try a ${size}`, { trial: { size, answers: [] } }, now);

/** Gives up the trial that is under way. */
export const dropTrial = (db: Database, player: Player, now = new Date()): Promise<void> =>
  changeDraft(db, player, 'Gave up the trial', { trial: null }, now);

/**
 * Takes the next answer of the trial under way. The answer that ends it makes it a record of its own; pain becomes
 * a note that stays open. An answer to a look that was answered already changes nothing.
 *
 * @param given how many answers stood on the screen
 */
export const answerTrial = (
  db: Database,
  player: Player,
  answer: TrialAnswer,
  given: number,
  now = new Date()
): Promise<void> =>
  commit(db, `Tried on ${player.name}`, async (writer) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    const draft = await getDraft(db, player.id, now);
    const { trial } = draft;
    if (!trial || trial.answers.length !== given) return;
    const answers = [...trial.answers, answer];
    const state = followTrial(looksFor(current.family), answers);
    const open = state.kind === 'asking';
    await writer.put('drafts', {
      ...draft,
      trial: open ? { ...trial, answers } : null,
      updatedAt: now.toISOString()
    });
    if (open) return;
    const ended: Trial = {
      id: newId(),
      playerId: player.id,
      family: current.family,
      at: now.toISOString(),
      day: dayOf(now),
      size: trial.size,
      answers,
      verdict: state.verdict
    };
    await writer.put('trials', ended);
    if (state.verdict === 'stopped') await putPain(db, writer, current, 'trial', trial.size, now);
  });
