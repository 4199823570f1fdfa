import { startOfDay } from 'date-fns';
import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import type { Draft, Player } from '../store/records';
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

/**
 * The draft in which a set-up is changed. Where none was begun and the size was decided today, it goes on with the fit
 * of that decision: a set-up that is changed begins no new one.
 */
export async function setupDraft(db: Database, playerId: string, now = new Date()): Promise<Draft> {
  const there = await db.drafts.get(playerId);
  if (there) return there;
  const today = dayOf(now);
  const decided = await db.fits
    .where('playerId')
    .equals(playerId)
    .filter(({ day }) => day === today)
    .first();
  return newDraft(playerId, decided ? startOfDay(now) : now);
}

/**
 * Changes what was set by hand, as a step that can be undone.
 *
 * @param change how it follows from what is stored at that moment
 * @param joins what is changed: changed again right away, as by a key that is held, it is one step
 */
export const changeSetup = (
  db: Database,
  player: Player,
  label: string,
  change: (setup: Draft['setup']) => Draft['setup'],
  now = new Date(),
  joins?: string
): Promise<void> =>
  commit(
    db,
    `${label}: ${player.name}`,
    async ({ put }) => {
      const draft = await setupDraft(db, player.id, now);
      await put('drafts', { ...draft, setup: change(draft.setup), updatedAt: now.toISOString() });
    },
    joins === undefined ? {} : { joins: `${player.id} ${joins}` }
  );

/** Ends a fit: the draft goes, with what was typed and not entered; the records stay. */
export const finishDraft = (db: Database, player: Player): Promise<void> =>
  commit(db, `Finished with ${player.name}`, async ({ remove }) => {
    await clearTyped(db, player.id);
    await remove('drafts', player.id);
  });
