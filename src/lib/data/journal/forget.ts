import { dropClaims } from '../questions/claims';
import type { Database } from '../store/database';
import { saving } from './saving';
import type { Change, Operation } from '../schema/change';
import { OWNED_TABLES, ownerKey, ownerOf, SHARED_TABLES, TABLES, type TableName } from '../store/tables';

/** A deletion can be taken back for this long, ms; then nothing of the player is left. */
export const UNDO_DELETION_MS = 120_000;

const belongsTo = ({ table, key, before, after }: Operation, gone: ReadonlySet<string>): boolean => {
  if (table === 'players') return gone.has(key);
  const record = after ?? before;
  const owner = record && ownerOf(table, record);
  return owner != null && gone.has(owner);
};

/** A record that mentions several players, without some of them. */
function scrubbed(table: TableName, record: Operation['after'], gone: ReadonlySet<string>) {
  const { without } = TABLES[table] as {
    without?: (record: unknown, playerId: string) => Operation['after'];
  };
  if (!record || !without) return record;
  return [...gone].reduce<Operation['after']>((left, id) => without(left, id), record);
}

/** A change without everything about some players; null when nothing is left of it. */
export function changeWithout(change: Change, gone: ReadonlySet<string>): Change | null {
  const mentions = (operation: Operation) =>
    belongsTo(operation, gone) ||
    (SHARED_TABLES.includes(operation.table) &&
      [...gone].some((id) => JSON.stringify([operation.before, operation.after]).includes(id)));
  if (!change.operations.some(mentions)) return change;
  const operations = change.operations
    .filter((operation) => !belongsTo(operation, gone))
    .map((operation) => ({
      ...operation,
      before: scrubbed(operation.table, operation.before, gone),
      after: scrubbed(operation.table, operation.after, gone)
    }));
  if (operations.length === 0) return null;
  const { deletes: _gone, ...rest } = change;
  return { ...rest, operations, label: 'A change with players who were deleted' };
}

/**
 * Forgets players who were deleted: not a table and not the journal holds anything of them any more.
 *
 * @param playerIds whom to forget; those who are there (again) are left alone
 */
export const forget = (db: Database, playerIds: readonly string[]): Promise<void> =>
  saving('Forgot a deleted player', () =>
    db.transaction('rw', db.tables, async () => {
      const there = await db.players.bulkGet([...playerIds]);
      const gone = new Set(playerIds.filter((_, index) => there[index] === undefined));
      if (gone.size === 0) return;
      for (const table of OWNED_TABLES)
        await db
          .table(table)
          .where(ownerKey(table))
          .anyOf([...gone])
          .delete();
      await db.foreseen.bulkDelete([...gone]);
      // A claim notes who was changed.
      await dropClaims(db);
      for (const change of await db.changes.toArray()) {
        const left = changeWithout(change, gone);
        if (left === change) continue;
        if (left) await db.changes.put(left);
        else await db.changes.delete(change.seq ?? -1);
      }
    })
  );

/** Players whose deletion can't be taken back any more: done long enough ago. */
export const deletedFor = async (db: Database, now: Date): Promise<readonly string[]> => {
  const before = new Date(now.getTime() - UNDO_DELETION_MS).toISOString();
  const deletions = await db.changes
    .filter((change) => change.deletes !== undefined && change.undone === 0)
    .toArray();
  return deletions.filter(({ at }) => at <= before).flatMap(({ deletes = [] }) => deletes);
};
