import type { Table } from 'dexie';
import { ValidationError } from 'yup';
import { forgetAllForeseen, forgetForeseen } from '../questions/claims';
import type { Database } from '../store/database';
import { playerGone, Refusal } from '../store/refusal';
import { saving } from './saving';
import type { Change, Operation } from '../schema/change';
import { OWNED_TABLES, ownerOf, TABLE_NAMES, TABLES, type Records, type TableName } from '../store/tables';

export type { Change, Operation } from '../schema/change';

/** How many steps can be taken back. */
export const KEPT_CHANGES = 300;

/** Writes records inside a change and remembers what stood there. */
export interface Writer {
  /**
   * @throws Refusal for a record that its schema does not allow, or whose player is not there
   */
  put<Name extends TableName>(table: Name, record: Records[Name]): Promise<void>;
  remove(table: TableName, key: string): Promise<void>;
}

type AnyRecord = Records[TableName];
const anyTable = (db: Database, name: TableName) => db[name] as unknown as Table<AnyRecord, string>;

const allTables = (db: Database) => [
  ...TABLE_NAMES.map((name) => db.table(name)),
  db.table('changes'),
  db.table('foreseen')
];

type Heard = (operations: readonly Operation[]) => void;
const listeners = new Set<Heard>();

/** Hears every change of this tab as soon as it is in the database. Returns the way to stop. */
export function onCommitted(listener: Heard): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const tell = (operations: readonly Operation[]) => {
  if (operations.length > 0) for (const listener of listeners) listener(operations);
};

/**
 * What is wrong with a record, with its place, or null.
 *
 * @example
 * problemWith('players', { id: 'a' }) // 'name: Give a name, initials or a number.'
 */
export function problemWith(table: TableName, record: unknown): string | null {
  try {
    TABLES[table].schema.validateSync(record, { strict: true });
    return null;
  } catch (error) {
    if (error instanceof ValidationError) return `${error.path ? `${error.path}: ` : ''}${error.message}`;
    return error instanceof Error ? error.message : 'can’t be read';
  }
}

/** Writes into a running transaction; what it did is in `operations`. */
function writerOf(db: Database): { readonly writer: Writer; readonly operations: Operation[] } {
  const operations: Operation[] = [];
  const there = new Set<string>();
  const stored = async (table: TableName, key: string) => (await anyTable(db, table).get(key)) ?? null;
  const replace = async (
    table: TableName,
    key: string,
    before: AnyRecord | null,
    after: AnyRecord | null
  ) => {
    // What changes nothing is no step to take back.
    if (JSON.stringify(before) === JSON.stringify(after)) return;
    operations.push({ table, key, before, after });
    await apply(db, table, key, after);
  };
  const writer: Writer = {
    async put(table, record) {
      const problem = problemWith(table, record);
      if (problem) throw new Refusal(`This can’t be kept: ${table}, ${problem}`);
      const owner = ownerOf(table, record);
      // Both are asked for at once: each look into the database costs a keystroke's answer a few milliseconds.
      const [before, player] = await Promise.all([
        stored(table, record.id),
        owner === null || there.has(owner) ? true : db.players.get(owner)
      ]);
      if (player === undefined) throw playerGone();
      if (owner !== null) there.add(owner);
      if (table === 'players') there.add(record.id);
      await replace(table, record.id, before, record);
    },
    async remove(table, key) {
      if (table === 'players') there.delete(key);
      await replace(table, key, await stored(table, key), null);
    }
  };
  return { writer, operations };
}

/**
 * Carries out one change. Every write and its inverse go into the database in the same transaction, so a
 * change is there as a whole and can be undone, or is not there at all. A new change drops what was undone.
 * Whatever a write depends on is to be read inside it.
 *
 * @param label what is done, for people
 * @param write does the writing; what it throws cancels the change
 * @returns what `write` returns, once everything is in the database and every screen of this tab knows
 * @throws Refusal from `write`; NotSaved when the storage does not take it
 */
export async function commit<T = void>(
  db: Database,
  label: string,
  write: (writer: Writer) => Promise<T> | T
): Promise<T> {
  const { result, operations } = await saving(label, () =>
    db.transaction('rw', allTables(db), async () => {
      const { writer, operations } = writerOf(db);
      const result = await write(writer);
      if (operations.length === 0) return { result, operations };
      const deletes = operations.flatMap(({ table, key, after }) =>
        table === 'players' && after === null ? [key] : []
      );
      const [seq] = await Promise.all([
        db.changes.add({
          at: new Date().toISOString(),
          label,
          operations,
          undone: 0,
          ...(deletes.length > 0 ? { deletes } : {})
        }),
        db.changes.where('undone').equals(1).delete(),
        forgetWhatRestsOn(db, operations)
      ]);
      await db.changes
        .where('seq')
        .belowOrEqual(seq - KEPT_CHANGES)
        .delete();
      return { result, operations };
    })
  );
  tell(operations);
  return result;
}

/**
 * Writes what is only typed so far. It is kept at once, but is no step of its own to undo. What belongs to a player
 * who is not there any more is not kept.
 */
export async function keepTyped(
  db: Database,
  label: string,
  records: readonly Records['typed'][]
): Promise<void> {
  await saving(label, () =>
    db.transaction('rw', [db.typed, db.players], async () => {
      for (const record of records) {
        if (record.playerId !== null && (await db.players.get(record.playerId)) === undefined) continue;
        if (record.text === '') await db.typed.delete(record.id);
        else if (problemWith('typed', record) === null) await db.typed.put(record);
      }
    })
  );
}

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

/** Takes the newest change back. Returns it, or undefined when there is none. */
export const undo = (db: Database): Promise<Change | undefined> =>
  step(db, lastDone, 1, (operations) =>
    operations.toReversed().map((op) => ({ ...op, before: op.after, after: op.before }))
  );

/** Does the change again that was undone last. Returns it, or undefined when there is none. */
export const redo = (db: Database): Promise<Change | undefined> =>
  step(db, lastUndone, 0, (operations) => operations);

async function step(
  db: Database,
  find: (db: Database) => Promise<Change | undefined>,
  undone: 0 | 1,
  plan: (operations: readonly Operation[]) => readonly Operation[]
): Promise<Change | undefined> {
  const { change, operations } = await saving(undone ? 'Undo' : 'Redo', () =>
    db.transaction('rw', allTables(db), async () => {
      const change = await find(db);
      if (!change) return { change, operations: [] };
      const operations = plan(change.operations);
      for (const { table, key, after } of operations) await apply(db, table, key, after);
      await db.changes.put({ ...change, undone });
      await forgetWhatRestsOn(db, operations);
      return { change, operations };
    })
  );
  tell(operations);
  return change;
}

async function apply(db: Database, table: TableName, key: string, record: AnyRecord | null) {
  if (record) await anyTable(db, table).put(record);
  else await anyTable(db, table).delete(key);
}

/** What was foreseen for the players concerned is worked out anew; all of it when the teacher's way changed. */
async function forgetWhatRestsOn(db: Database, operations: readonly Operation[]): Promise<void> {
  if (operations.some(({ table }) => table === 'settings')) return forgetAllForeseen(db);
  const players = operations.flatMap(({ table, key, before, after }) => {
    if (table === 'players') return [key];
    const record = after ?? before;
    const owner = OWNED_TABLES.includes(table) && record ? ownerOf(table, record) : null;
    return owner === null ? [] : [owner];
  });
  if (players.length > 0) await forgetForeseen(db, [...new Set(players)]);
}
