import { commit } from './changes';
import type { Database } from './database';
import type { Draft, Player } from './records';
import { clearTyped } from './typed';

/** A fit that begins now. */
export const newDraft = (playerId: string, now = new Date()): Draft => ({
  id: playerId,
  startedAt: now.toISOString(),
  updatedAt: now.toISOString(),
  overrideSize: null,
  instruments: [],
  trial: null,
  setup: null
});

/** The draft of a player's fit, a new one when none was begun. */
export const getDraft = async (db: Database, playerId: string, now = new Date()): Promise<Draft> =>
  (await db.drafts.get(playerId)) ?? newDraft(playerId, now);

/**
 * Changes what was chosen so far in a fit, as a step that can be undone.
 *
 * @param change the new values, or how they follow from the draft as it is stored at that moment
 */
export const changeDraft = (
  db: Database,
  player: Player,
  label: string,
  change: Partial<Draft> | ((draft: Draft) => Partial<Draft>),
  now = new Date()
): Promise<void> =>
  commit(db, `${label}: ${player.name}`, async ({ put }) => {
    const draft = await getDraft(db, player.id, now);
    const patch = typeof change === 'function' ? change(draft) : change;
    await put('drafts', { ...draft, ...patch, updatedAt: now.toISOString() });
  });

/** Ends a fit: the draft goes, with what was typed and not entered; the records stay. */
export const finishDraft = (db: Database, player: Player): Promise<void> =>
  commit(db, `Finished with ${player.name}`, async ({ remove }) => {
    await clearTyped(db, player.id);
    await remove('drafts', player.id);
  });
