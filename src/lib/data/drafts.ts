import type { MeasurementId } from '$lib/core/body';
import { NO_ADJUSTMENTS } from '$lib/core/setup';
import { commit, keepTyped } from './changes';
import type { Database } from './database';
import type { Draft, Player } from './records';

const EMPTY: Omit<Draft, 'id' | 'startedAt' | 'updatedAt'> = {
  texts: {},
  overrideSize: null,
  overrideReason: '',
  instruments: [],
  trial: null,
  restSchool: null,
  mount: 'beside',
  tiltDeg: null,
  adjustments: NO_ADJUSTMENTS
};

/** A fit that begins now. */
export const newDraft = (playerId: string, now = new Date()): Draft => ({
  ...EMPTY,
  id: playerId,
  startedAt: now.toISOString(),
  updatedAt: now.toISOString()
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
  change: Partial<Draft> | ((draft: Draft) => Partial<Draft>)
): Promise<void> =>
  commit(db, `${label}: ${player.name}`, async ({ put }) => {
    const draft = await getDraft(db, player.id);
    const patch = typeof change === 'function' ? change(draft) : change;
    await put('drafts', { ...draft, ...patch, updatedAt: new Date().toISOString() });
  });

/** Ends a fit: the draft goes, the records stay. */
export const finishDraft = (db: Database, player: Player): Promise<void> =>
  commit(db, `Finished with ${player.name}`, ({ remove }) => remove('drafts', player.id));

/** Keeps the text of a field as it is being typed, so that a killed tab loses none of it. */
export const keepText = (db: Database, playerId: string, kind: MeasurementId, text: string): Promise<void> =>
  keepTyped(
    db,
    'drafts',
    playerId,
    (draft) => ({
      ...draft,
      texts: { ...draft.texts, [kind]: text },
      updatedAt: new Date().toISOString()
    }),
    newDraft(playerId)
  );
