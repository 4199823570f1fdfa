import type { Table } from 'dexie';
import type { Operation } from '../schema/change';
import type { Database } from '../store/database';
import { endsOf } from '../store/keys';
import { Refusal } from '../store/refusal';
import type { AnyRecord, Records, TableName } from '../store/tables';
import type { Write } from './gate';

/** Writes records inside a change and remembers what stood there. */
export interface Writer {
  /** @throws Refusal for a record that its schema does not allow */
  put<Name extends TableName>(table: Name, record: Records[Name]): Promise<void>;
  /**
   * Puts many records of one table at once.
   *
   * @param checked they were held against their schema just now
   * @throws Refusal for a record that its schema does not allow
   */
  putAll<Name extends TableName>(
    table: Name,
    records: readonly Records[Name][],
    checked?: boolean
  ): Promise<void>;
  remove(table: TableName, key: string): Promise<void>;
  removeAll(table: TableName, keys: readonly string[]): Promise<void>;
}

const anyTable = (db: Database, name: TableName) => db[name] as unknown as Table<AnyRecord, string>;

/** Removes records; a table of which nothing would be left is emptied, which costs a small part of it. */
async function remove(rows: Table<AnyRecord, string>, keys: readonly string[]): Promise<void> {
  if (keys.length > STRETCH && (await rows.count()) <= keys.length) {
    const going = new Set(keys);
    const there = await rows.toCollection().primaryKeys();
    if (there.every((key) => going.has(key))) return rows.clear();
  }
  for (let from = 0; from < keys.length; from += STRETCH)
    await rows.bulkDelete(keys.slice(from, from + STRETCH));
}

/** Puts what is to stand under each key; of one key the last counts. */
export async function apply(db: Database, table: TableName, writes: readonly Write[]): Promise<void> {
  const rows = anyTable(db, table);
  const [only] = writes;
  if (writes.length === 1 && only) {
    const [key, after] = only;
    await (after ? rows.put(after) : rows.delete(key));
    return;
  }
  const last = new Map(writes);
  const [put, gone]: [AnyRecord[], string[]] = [[], []];
  for (const [key, after] of last) {
    if (after) put.push(after);
    else gone.push(key);
  }
  await remove(rows, gone);
  for (let from = 0; from < put.length; from += STRETCH) await rows.bulkPut(put.slice(from, from + STRETCH));
}

/** Records that are written at one go. */
const STRETCH = 250;
/** More records than this are read in one stretch of the table: a request for each costs many times as much. */
const FEW = 40;

/** What stands under some keys, by key. */
async function standing(
  rows: Table<AnyRecord, string>,
  keys: readonly string[]
): Promise<ReadonlyMap<string, AnyRecord>> {
  const found =
    keys.length > FEW
      ? await rows
          .where(':id')
          .between(...endsOf(keys), true, true)
          .toArray()
      : await Promise.all(keys.map((key) => rows.get(key)));
  return new Map(found.flatMap((record) => (record ? [[record.id, record] as const] : [])));
}

/** Writes into a running transaction; what it did is in `operations`. */
export function recorder(db: Database) {
  const operations: Operation[] = [];
  const replace = async (table: TableName, writes: readonly Write[]): Promise<void> => {
    const there = await standing(
      anyTable(db, table),
      writes.map(([key]) => key)
    );
    const before = new Map<string, AnyRecord | null>(there);
    const changing: Write[] = [];
    for (const [key, after] of writes) {
      const stood = before.get(key) ?? null;
      // What changes nothing is no step to take back.
      if (JSON.stringify(stood) === JSON.stringify(after)) continue;
      operations.push({ table, key, before: stood, after });
      before.set(key, after);
      changing.push([key, after]);
    }
    if (changing.length > 0) await apply(db, table, changing);
  };
  return { operations, replace };
}

export type ProblemWith = (table: TableName, record: unknown) => string | null;

export function writerOf(replace: ReturnType<typeof recorder>['replace'], problemWith: ProblemWith): Writer {
  const check = (table: TableName, record: AnyRecord) => {
    const problem = problemWith(table, record);
    if (problem) throw new Refusal(`This can’t be kept: ${table}, ${problem}`);
  };
  /** Neighbours together, and not so many at once that whoever waits beside is kept waiting. */
  const inStretches = async (table: TableName, writes: readonly Write[]) => {
    const sorted = writes.length > STRETCH ? writes.toSorted(([a], [b]) => (a < b ? -1 : 1)) : writes;
    for (let from = 0; from < sorted.length; from += STRETCH)
      await replace(table, sorted.slice(from, from + STRETCH));
  };
  const putAll: Writer['putAll'] = async (table, records, checked = false) => {
    if (!checked) for (const record of records) check(table, record);
    await inStretches(
      table,
      records.map((record): Write => [record.id, record])
    );
  };
  const removeAll: Writer['removeAll'] = async (table, keys) => {
    await inStretches(
      table,
      keys.map((key): Write => [key, null])
    );
  };
  return {
    put: (table, record) => putAll(table, [record]),
    putAll,
    remove: (table, key) => removeAll(table, [key]),
    removeAll
  };
}
