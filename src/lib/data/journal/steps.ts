import type { Change } from '../schema/change';
import type { Database } from '../store/database';

/** The newest change that can be undone, if any. */
export const lastDone = (db: Database): Promise<Change | undefined> =>
  db.changes
    .orderBy('seq')
    .reverse()
    .filter(({ undone }) => undone === 0)
    .first();

/** The change that redo would bring back, if any. */
export const lastUndone = (db: Database): Promise<Change | undefined> =>
  db.changes.where('undone').equals(1).first();
