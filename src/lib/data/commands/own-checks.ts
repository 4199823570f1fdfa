import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import type { OwnCheckRecord } from '../store/records';

/** Keeps an own check, new or changed. */
export const keepOwnCheck = (db: Database, check: OwnCheckRecord): Promise<void> =>
  commit(db, `Own check: ${check.title}`, ({ put }) => put('ownChecks', check));

/** Removes an own check; what was seen at it stays with the players. */
export const removeOwnCheck = (db: Database, check: OwnCheckRecord): Promise<void> =>
  commit(db, `Removed an own check: ${check.title}`, ({ remove }) => remove('ownChecks', check.id));
