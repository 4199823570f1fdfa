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

/** Takes the last answer of the trial under way back: its look is asked again. */
export const stepBackInTrial = (
  db: Database,
  player: Player,
  given: number,
  now = new Date()
): Promise<void> =>
  commit(db, `Tried on ${player.name}`, async (writer) => {
    const draft = await getDraft(db, player.id, now);
    const { trial } = draft;
    if (!trial || trial.answers.length !== given || given === 0) return;
    const answers = trial.answers.slice(0, -1);
    await writer.put('drafts', { ...draft, trial: { ...trial, answers }, updatedAt: now.toISOString() });
  });

/**
 * Gives another answer to a look of a trial that has ended; the others stand. Where it would go on then, the size is
 * tried again from there.
 */
export const changeTrialAnswer = (
  db: Database,
  player: Player,
  { id, answers: before, size }: Trial,
  answer: TrialAnswer,
  now = new Date()
): Promise<void> =>
  commit(db, `Changed an answer of ${player.name}’s trial`, async (writer) => {
    const [trial, current] = [await db.trials.get(id), await db.players.get(player.id)];
    if (!trial || !current) throw playerGone();
    const looks = looksFor(current.family);
    const at = (look: string) => looks.findIndex((one) => one.id === look);
    const answers = [...before.filter(({ look }) => look !== answer.look), answer].sort(
      (a, b) => at(a.look) - at(b.look)
    );
    const state = followTrial(looks, answers);
    if (state.kind === 'ended') return writer.put('trials', { ...trial, answers, verdict: state.verdict });
    const draft = await getDraft(db, player.id, now);
    await writer.put('drafts', { ...draft, trial: { size, answers }, updatedAt: now.toISOString() });
  });

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
