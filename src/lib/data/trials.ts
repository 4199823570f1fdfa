import type { Size } from '$lib/core/instruments';
import { dayOf } from '$lib/core/time';
import { followTrial, looksFor, type TrialAnswer } from '$lib/core/trial';
import { commit } from './changes';
import type { Database } from './database';
import { getDraft } from './drafts';
import { newId } from './ids';
import type { Player, Trial } from './records';

/** Begins a trial of a size on the body; one that is under way is given up. */
export const beginTrial = (db: Database, player: Player, size: Size, now = new Date()): Promise<void> =>
  commit(db, `Began to try a ${size} on ${player.name}`, async ({ put }) =>
    put('drafts', {
      ...(await getDraft(db, player.id, now)),
      trial: { size, answers: [] },
      updatedAt: now.toISOString()
    })
  );

/** Gives up the trial that is under way. */
export const dropTrial = (db: Database, player: Player, now = new Date()): Promise<void> =>
  commit(db, `Gave up the trial of ${player.name}`, async ({ put }) =>
    put('drafts', { ...(await getDraft(db, player.id, now)), trial: null, updatedAt: now.toISOString() })
  );

/**
 * Takes the next answer of the trial under way. The answer that ends it makes it a record of its own.
 *
 * @throws RangeError when no trial is under way
 */
export const answerTrial = (
  db: Database,
  player: Player,
  answer: TrialAnswer,
  now = new Date()
): Promise<void> =>
  commit(db, `Tried on ${player.name}`, async ({ put }) => {
    const draft = await getDraft(db, player.id, now);
    const { trial } = draft;
    if (!trial) throw new RangeError('no trial is under way');
    const answers = [...trial.answers, answer];
    const state = followTrial(looksFor(player.family), answers);
    const open = state.kind === 'asking';
    await put('drafts', {
      ...draft,
      trial: open ? { ...trial, answers } : null,
      updatedAt: now.toISOString()
    });
    if (open) return;
    const ended: Trial = {
      id: newId(),
      playerId: player.id,
      family: player.family,
      at: now.toISOString(),
      day: dayOf(now),
      size: trial.size,
      answers,
      verdict: state.verdict
    };
    await put('trials', ended);
  });
