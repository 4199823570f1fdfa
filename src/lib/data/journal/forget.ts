import { dropClaims } from '../questions/claims';
import type { Change, Operation } from '../schema/change';
import type { Database } from '../store/database';
import { baseWithout } from '../files/known';
import { isShared, mentioned, OWNED_TABLES, ownerKey, ownerOf, withoutPlayers } from '../store/tables';
import { allTables } from './changes';
import { dropSteps, operationsOf, rewriteStep } from './kept';
import { saving } from './saving';

/** A deletion can be taken back for this long, ms; then nothing of the player is left but a tombstone. */
export const UNDO_DELETION_MS = 120_000;

type Gone = ReadonlySet<string>;

const belongsTo = ({ table, key, before, after }: Operation, gone: Gone): boolean => {
  if (table === 'players' || table === 'gone') return gone.has(key);
  const record = after ?? before;
  const owner = record && ownerOf(table, record);
  return owner != null && gone.has(owner);
};

/** An operation without the mention of some players. */
function scrubbed(operation: Operation, gone: Gone): Operation {
  const { table, before, after } = operation;
  if (!isShared(table)) return operation;
  const isGone = (id: string) => gone.has(id);
  return {
    ...operation,
    before: before && withoutPlayers(table, before, isGone),
    after: after && withoutPlayers(table, after, isGone)
  };
}

const mentions = (operation: Operation, gone: Gone): boolean =>
  belongsTo(operation, gone) ||
  [operation.before, operation.after].some(
    (record) =>
      record && isShared(operation.table) && mentioned(operation.table, record).some((id) => gone.has(id))
  );

/**
 * What is left of a step without everything about some players. `torn` is one that took them away together with other
 * things: taken back it would not bring back what was there before, so neither it nor what came before it can be.
 */
export function stepWithout(
  change: Change,
  gone: Gone
): { readonly kind: 'untouched' | 'nothing' | 'torn' } | { readonly kind: 'left'; readonly change: Change } {
  if (!change.operations.some((one) => mentions(one, gone))) return { kind: 'untouched' };
  const tookAway = change.operations.some(
    ({ table, key, after }) => table === 'players' && gone.has(key) && after === null
  );
  const operations = change.operations
    .filter((one) => !belongsTo(one, gone))
    .map((one) => scrubbed(one, gone))
    .filter(({ before, after }) => JSON.stringify(before) !== JSON.stringify(after));
  if (tookAway && operations.some(({ table }) => !isShared(table))) return { kind: 'torn' };
  if (operations.length === 0) return { kind: 'nothing' };
  return { kind: 'left', change: { ...change, operations, label: 'A change with players who were deleted' } };
}

/** Takes some players out of the journal. */
async function forgetInJournal(db: Database, gone: Gone): Promise<void> {
  const seqs = await db.changes.orderBy('seq').reverse().primaryKeys();
  for (const [index, seq] of seqs.entries()) {
    const kept = await db.changes.get(seq);
    if (!kept) continue;
    const change: Change = { ...kept, operations: await operationsOf(db, kept) };
    const left = stepWithout(change, gone);
    if (left.kind === 'torn') return dropSteps(db, seqs.slice(index));
    if (left.kind === 'nothing') await dropSteps(db, [seq]);
    else if (left.kind === 'left') await rewriteStep(db, left.change);
  }
}

/** What other copies knew of some players goes too: ids and prints of their records. */
async function forgetInBases(db: Database, gone: Gone): Promise<void> {
  for (const id of await db.bases.toCollection().primaryKeys()) {
    const base = await db.bases.get(id);
    const left = base && baseWithout(base, gone);
    if (left && left !== base) await db.bases.put(left);
  }
}

/**
 * Forgets players who were deleted: no table, no step of the journal and nothing that other copies knew holds anything
 * of them any more. What stays is a tombstone, the random id and a day, so that no merge brings them back.
 *
 * @param playerIds whom to forget; those who are there (again) are left alone
 */
export const forget = (db: Database, playerIds: readonly string[]): Promise<void> =>
  saving('Forgot a deleted player', () =>
    db.transaction('rw', allTables(db), async () => {
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
      await db.consents.bulkDelete([...gone]);
      await db.pictures
        .where('playerId')
        .anyOf([...gone])
        .delete();
      // A claim notes who was changed.
      await dropClaims(db);
      await forgetInJournal(db, gone);
      await forgetInBases(db, gone);
      const stones = (await db.gone.bulkGet([...gone])).flatMap((stone) => stone ?? []);
      await db.gone.bulkPut(stones.map(({ id, day }) => ({ id, day })));
    })
  );

/** Players whose deletion can't be taken back any more: done long enough ago. */
export const deletedFor = async (db: Database, now: Date): Promise<readonly string[]> =>
  db.gone
    .where('at')
    .belowOrEqual(new Date(now.getTime() - UNDO_DELETION_MS).toISOString())
    .primaryKeys();
