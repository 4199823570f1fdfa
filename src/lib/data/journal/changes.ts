import type { Table } from 'dexie';
import { dayOf } from '$lib/core/time';
import { forgetAllForeseen, forgetForeseen } from '../questions/claims';
import type { Change, ChangeHead, Operation } from '../schema/change';
import { OTHER_STORES, type Database } from '../store/database';
import { endsOf } from '../store/keys';
import { Refusal } from '../store/refusal';
import {
  OWNED_TABLES,
  ownerOf,
  TABLE_NAMES,
  type AnyRecord,
  type Records,
  type TableName
} from '../store/tables';
import { passGate, type Write } from './gate';
import { tell } from './heard';
import { saving } from './saving';
import { lastDone, lastUndone } from './steps';

export type { Change, ChangeHead, Operation } from '../schema/change';

/** How many steps can be taken back. */
export const KEPT_CHANGES = 300;
/** What a step did is kept apart from what is told of it, in parts, where it is more than this. */
const PART = 500;

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

/** Everything that a change may touch. */
export const allTables = (db: Database) =>
  [...TABLE_NAMES, ...Object.keys(OTHER_STORES)].map((name) => db.table(name));

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
async function apply(db: Database, table: TableName, writes: readonly Write[]): Promise<void> {
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
function recorder(db: Database) {
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

type ProblemWith = (table: TableName, record: unknown) => string | null;

function writerOf(replace: ReturnType<typeof recorder>['replace'], problemWith: ProblemWith): Writer {
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

const schemas = () => import('../schema/problem');

/** What a change tells of itself besides what it writes. */
export interface CommitOptions {
  readonly now?: Date;
  /** The file that is merged with it. */
  readonly base?: string;
  /** What is done under the same name within a second belongs to the same step. */
  readonly joins?: string;
}

/** So soon after it a change under the same name still belongs to the step, ms. */
const JOINS_FOR_MS = 1000;

/**
 * Carries out one change. Every write and its inverse go into the database in the same transaction, so a
 * change is there as a whole and can be undone, or is not there at all. A new change drops what was undone.
 * Whatever a write depends on is to be read inside it. At its end everything passes the gate.
 *
 * @param label what is done, for people
 * @param write does the writing; what it throws cancels the change
 * @returns what `write` returns, once everything is in the database and every screen of this tab knows
 * @throws Refusal from `write`; NotSaved when the storage does not take it
 */
export async function commit<T = void>(
  db: Database,
  label: string,
  write: (writer: Writer) => Promise<T> | T,
  { now = new Date(), base, joins }: CommitOptions = {}
): Promise<T> {
  const { result, operations } = await saving(label, async () => {
    // A running transaction does not wait for anything but the database.
    const { problemWith } = await schemas();
    return db.transaction('rw', allTables(db), async () => {
      const { operations, replace } = recorder(db);
      const result = await write(writerOf(replace, problemWith));
      await passGate(db, operations, replace, { day: dayOf(now), at: new Date().toISOString() });
      if (operations.length === 0) return { result, operations };
      const before = joins === undefined ? undefined : await goesOn(db, joins);
      const [seq] = await Promise.all([
        keepStep(db, {
          ...(before?.seq === undefined ? {} : { seq: before.seq }),
          at: new Date().toISOString(),
          label,
          undone: 0,
          operations: before ? joined(before.operations, operations) : operations,
          ...(base === undefined ? {} : { base }),
          ...(joins === undefined ? {} : { joins })
        }),
        dropSteps(db, await db.changes.where('undone').equals(1).primaryKeys()),
        forgetWhatRestsOn(db, operations)
      ]);
      const old = await db.changes
        .where('seq')
        .belowOrEqual(seq - KEPT_CHANGES)
        .primaryKeys();
      if (old.length > 0) await dropSteps(db, old);
      return { result, operations };
    });
  });
  tell(operations);
  return result;
}

/** The newest step, where what is done under a name right now belongs to it. */
async function goesOn(db: Database, joins: string): Promise<Change | undefined> {
  const newest = await db.changes.orderBy('seq').last();
  return newest?.joins === joins && newest.undone === 0 && Date.now() - Date.parse(newest.at) < JOINS_FOR_MS
    ? newest
    : undefined;
}

/** Two accounts of what was done as one: a record goes from where it was first to where it is last. */
function joined(first: readonly Operation[], then: readonly Operation[]): readonly Operation[] {
  const all = new Map<string, Operation>();
  for (const one of [...first, ...then]) {
    const place = `${one.table} ${one.key}`;
    const known = all.get(place);
    all.set(place, known ? { ...known, after: one.after } : one);
  }
  return [...all.values()];
}

/** Keeps a step; what a large one did stands apart, so that whoever asks for its name need not read it. */
async function keepStep(db: Database, { operations, ...head }: Change): Promise<number> {
  if (operations.length <= PART) {
    const { apart: _, ...rest } = head;
    return db.changes.put({ ...rest, operations });
  }
  const seq = await db.changes.put({ ...head, operations: [], apart: true });
  for (let from = 0; from < operations.length; from += PART)
    await db.parts.add({ seq, operations: operations.slice(from, from + PART) });
  return seq;
}

/** All that a step did, in order. */
export async function operationsOf(db: Database, change: Change): Promise<readonly Operation[]> {
  if (!change.apart || change.seq === undefined) return change.operations;
  const parts = await db.parts.where('seq').equals(change.seq).toArray();
  return parts.flatMap(({ operations }) => operations);
}

/** Puts another account of what a step did in place of the first. */
export async function rewriteStep(db: Database, change: Change): Promise<void> {
  if (change.seq !== undefined) await db.parts.where('seq').equals(change.seq).delete();
  await keepStep(db, change);
}

/** Drops steps with all that they hold. */
export async function dropSteps(db: Database, seqs: readonly number[]): Promise<void> {
  if (seqs.length === 0) return;
  await db.changes.bulkDelete([...seqs]);
  await db.parts
    .where('seq')
    .anyOf([...seqs])
    .delete();
}

/**
 * Writes what is only typed so far. It is kept at once, but is no step of its own to undo. What belongs to a player
 * who is not there any more is not kept.
 *
 * @throws Error for a text that its schema does not allow: a field that can't be kept must not look saved
 */
export async function keepTyped(
  db: Database,
  label: string,
  records: readonly Records['typed'][]
): Promise<void> {
  await saving(label, async () => {
    const { problemWith } = await schemas();
    for (const record of records) {
      const problem = problemWith('typed', record);
      if (problem) throw new Error(`What is typed can’t be kept: ${problem}`);
    }
    return db.transaction('rw', [db.typed, db.players], async () => {
      for (const record of records) {
        if (record.playerId !== null && (await db.players.get(record.playerId)) === undefined) continue;
        if (record.text === '') await db.typed.delete(record.id);
        else await db.typed.put(record);
      }
    });
  });
}

const inverse = (operations: readonly Operation[]): readonly Operation[] =>
  operations.toReversed().map((one) => ({ ...one, before: one.after, after: one.before }));

/** Takes the newest change back. Returns it, or undefined when there is none. */
export const undo = (db: Database): Promise<ChangeHead | undefined> => step(db, lastDone, 1);

/** Does the change again that was undone last. Returns it, or undefined when there is none. */
export const redo = (db: Database): Promise<ChangeHead | undefined> => step(db, lastUndone, 0);

/**
 * Walks one step. What has to go or come with it besides what it did, such as what is half typed at a player who is
 * not there any more, becomes part of the step: walked back it returns.
 */
async function step(
  db: Database,
  find: (db: Database) => Promise<Change | undefined>,
  undone: 0 | 1
): Promise<ChangeHead | undefined> {
  const { change, operations } = await saving(undone ? 'Undo' : 'Redo', () =>
    db.transaction('rw', allTables(db), async () => {
      const change = await find(db);
      if (!change) return { change, operations: [] };
      const done = await operationsOf(db, change);
      const walked = undone ? inverse(done) : done.map(asOfNow);
      for (const [table, writes] of writesByTable(walked)) await apply(db, table, writes);
      const { operations: more, replace } = recorder(db);
      await passGate(db, walked, replace, null);
      const whole = undone ? [...inverse(more), ...done] : [...done, ...more];
      if (more.length > 0) await rewriteStep(db, { ...change, operations: whole, undone });
      else await db.changes.put({ ...change, undone });
      if (change.base !== undefined)
        await db.bases
          .where(':id')
          .equals(change.base)
          .modify((base) => {
            Object.assign(base, { undone: undone === 1 ? true : undefined });
          });
      const operations = [...walked, ...more];
      await forgetWhatRestsOn(db, operations);
      return { change, operations };
    })
  );
  tell(operations);
  return change;
}

/** Who is deleted again can be brought back for as long as the first time. */
const asOfNow = (operation: Operation): Operation =>
  operation.table === 'gone' && operation.after && 'at' in operation.after
    ? { ...operation, after: { ...operation.after, at: new Date().toISOString() } }
    : operation;

function writesByTable(operations: readonly Operation[]): ReadonlyMap<TableName, readonly Write[]> {
  const all = new Map<TableName, Write[]>();
  for (const { table, key, after } of operations) {
    const writes = all.get(table);
    if (writes) writes.push([key, after]);
    else all.set(table, [[key, after]]);
  }
  return all;
}

/** What was foreseen for the players concerned is worked out anew; all of it when the teacher's way changed. */
async function forgetWhatRestsOn(db: Database, operations: readonly Operation[]): Promise<void> {
  if (operations.some(({ table }) => table === 'settings')) return forgetAllForeseen(db);
  const players = new Set<string>();
  for (const { table, key, before, after } of operations) {
    const record = after ?? before;
    const owner =
      table === 'players' ? key : record && OWNED_TABLES.includes(table) ? ownerOf(table, record) : null;
    if (owner !== null) players.add(owner);
  }
  if (players.size > 0) await forgetForeseen(db, [...players]);
}
