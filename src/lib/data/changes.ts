import type { Table } from 'dexie';
import type { Database } from './database';
import { TABLE_NAMES, type Records, type TableName } from './records';
import { reportSave } from './save-state';

/** What one change did to one record; `null` where there was none before or is none after. */
export interface Operation {
  readonly table: TableName;
  readonly key: string;
  readonly before: Records[TableName] | null;
  readonly after: Records[TableName] | null;
}

/** One step that can be undone, as kept in the journal. */
export interface Change {
  readonly seq?: number;
  readonly at: string;
  /** What was done, for people: `Measured height of Ada`. */
  readonly label: string;
  readonly operations: readonly Operation[];
  /** 1 once undone, until it is redone or overtaken. */
  readonly undone: 0 | 1;
}

/** How many steps can be taken back. */
export const KEPT_CHANGES = 300;

/** Writes records inside a change and remembers what stood there. */
export interface Writer {
  put<Name extends TableName>(table: Name, record: Records[Name] & { readonly id: string }): Promise<void>;
  remove(table: TableName, key: string): Promise<void>;
}

const anyTable = (db: Database, name: TableName) => db[name] as unknown as Table<Records[TableName], string>;

const allTables = (db: Database) => [...TABLE_NAMES.map((name) => db.table(name)), db.changes];

/**
 * Carries out one change. Every write and its inverse go into the database in the same transaction, so a
 * change is there as a whole and can be undone, or is not there at all. A new change drops what was undone.
 *
 * @param label what is done, for people
 * @param write does the writing; what it throws cancels the change
 * @throws what `write` throws, or the database's error when it cannot be kept
 */
export async function commit(
  db: Database,
  label: string,
  write: (writer: Writer) => Promise<void> | void
): Promise<void> {
  await saving(() =>
    db.transaction('rw', allTables(db), async () => {
      const operations: Operation[] = [];
      const replace = async (table: TableName, key: string, after: Records[TableName] | null) => {
        const before = (await anyTable(db, table).get(key)) ?? null;
        operations.push({ table, key, before, after });
        await apply(db, table, key, after);
      };
      await write({
        put: (table, record) => replace(table, record.id, record),
        remove: (table, key) => replace(table, key, null)
      });
      if (operations.length === 0) return;
      await db.changes.where('undone').equals(1).delete();
      const seq = await db.changes.add({ at: new Date().toISOString(), label, operations, undone: 0 });
      await db.changes
        .where('seq')
        .belowOrEqual(seq - KEPT_CHANGES)
        .delete();
    })
  );
}

/**
 * Writes what is only typed so far. It is kept at once, but is no step of its own to undo.
 *
 * @param change gives the new record from the stored one, in one transaction
 * @param start the record to begin with; without it, nothing is written where none is stored
 */
export const keepTyped = <Name extends 'drafts' | 'days'>(
  db: Database,
  table: Name,
  key: string,
  change: (record: Records[Name]) => Records[Name],
  start?: Records[Name]
): Promise<void> =>
  saving(() =>
    db.transaction('rw', db.table(table), async () => {
      const records = db.table<Records[Name], string>(table);
      const record = (await records.get(key)) ?? start;
      if (record) await records.put(change(record));
    })
  );

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
  step(db, lastDone, 1, (operations) => operations.toReversed().map((op) => ({ ...op, to: op.before })));

/** Does the change again that was undone last. Returns it, or undefined when there is none. */
export const redo = (db: Database): Promise<Change | undefined> =>
  step(db, lastUndone, 0, (operations) => operations.map((op) => ({ ...op, to: op.after })));

async function step(
  db: Database,
  find: (db: Database) => Promise<Change | undefined>,
  undone: 0 | 1,
  plan: (operations: readonly Operation[]) => readonly (Operation & { to: Operation['after'] })[]
): Promise<Change | undefined> {
  return saving(() =>
    db.transaction('rw', allTables(db), async () => {
      const change = await find(db);
      if (!change) return undefined;
      for (const { table, key, to } of plan(change.operations)) await apply(db, table, key, to);
      await db.changes.put({ ...change, undone });
      return change;
    })
  );
}

async function apply(db: Database, table: TableName, key: string, record: Records[TableName] | null) {
  if (record) await anyTable(db, table).put(record);
  else await anyTable(db, table).delete(key);
}

/** Writes that have begun and not ended; everything is saved when there are none. */
let underWay = 0;

async function saving<T>(work: () => PromiseLike<T>): Promise<T> {
  underWay++;
  reportSave({ kind: 'saving' });
  try {
    const result = await work();
    if (underWay === 1) reportSave({ kind: 'saved', at: new Date().toISOString() });
    return result;
  } catch (error) {
    reportSave({ kind: 'failed', problem: problemOf(error) });
    throw error;
  } finally {
    underWay--;
  }
}

function problemOf(error: unknown): 'disk-full' | 'closed' | 'unknown' {
  const text = error instanceof Error ? `${error.name} ${error.message}` : String(error);
  if (/quota/i.test(text)) return 'disk-full';
  return /DatabaseClosed|VersionError|InvalidState/i.test(text) ? 'closed' : 'unknown';
}
