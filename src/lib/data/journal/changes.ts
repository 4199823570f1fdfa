import { dayOf } from '$lib/core/time';
import { forgetAllForeseen, forgetForeseen } from '../questions/claims';
import { DEFAULT_SETTINGS } from '../questions/settings';
import type { ChangeHead, Change, Operation } from '../schema/change';
import { OTHER_STORES, type Database } from '../store/database';
import type { Settings } from '../store/records';
import { OWNED_TABLES, ownerOf, TABLE_NAMES, type Records, type TableName } from '../store/tables';
import { passGate, type Write } from './gate';
import { tell } from './heard';
import { dropSteps, goesOn, joined, keepStep, KEPT_CHANGES, operationsOf, rewriteStep } from './kept';
import { saving } from './saving';
import { lastDone, lastUndone } from './steps';
import { apply, recorder, writerOf, type Writer } from './writer';

export type { Change, ChangeHead, Operation } from '../schema/change';

/** Everything that a change may touch. */
export const allTables = (db: Database) =>
  [...TABLE_NAMES, ...Object.keys(OTHER_STORES)].map((name) => db.table(name));

let loading: Promise<typeof import('../schema/problem')> | null = null;
/**
 * The schemas, loaded with the first write. All wait for one and the same: two imports of a file may arrive in either
 * order, and what was asked for first must be written first. Where it does not come, the next write asks anew.
 */
const schemas = () =>
  (loading ??= import('../schema/problem').catch((error: unknown) => {
    loading = null;
    throw error;
  }));

/** What a change tells of itself besides what it writes. */
export interface CommitOptions {
  readonly now?: Date;
  /** The file that is merged with it. */
  readonly base?: string;
  /** What is done under the same name within a second belongs to the same step. */
  readonly joins?: string;
}

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
      const all = await operationsOf(db, change);
      // Texts that came back with the step were typed on since: the gate takes along what stands there now.
      const done = undone ? all.filter(({ table, before }) => table !== 'typed' || before !== null) : all;
      const walked = undone ? inverse(done) : done.map(asOfNow);
      for (const [table, writes] of writesByTable(walked)) await apply(db, table, writes);
      const { operations: more, replace } = recorder(db);
      await passGate(db, walked, replace, null);
      const whole = undone ? [...inverse(more), ...done] : [...done, ...more];
      if (more.length > 0 || done.length < all.length)
        await rewriteStep(db, { ...change, operations: whole, undone });
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

/** Settings on which nothing rests that is foreseen. */
const BESIDE: readonly string[] = [
  'theme',
  'costs',
  'termStarts',
  'letters',
  'teacherName',
  'aHz',
  'noLetterKeys'
] satisfies readonly (keyof Settings)[];

/** Whether a change is one of the teacher's way, by which sizes and set-ups are judged. */
function changesTheWay({ table, before, after }: Operation): boolean {
  if (table !== 'settings') return false;
  const [was, is] = [before, after].map(
    (record) => (record ?? DEFAULT_SETTINGS) as Readonly<Record<string, unknown>>
  );
  return Object.keys({ ...was, ...is }).some(
    (key) => !BESIDE.includes(key) && JSON.stringify(was?.[key]) !== JSON.stringify(is?.[key])
  );
}

/** What was foreseen for the players concerned is worked out anew; all of it when the teacher's way changed. */
async function forgetWhatRestsOn(db: Database, operations: readonly Operation[]): Promise<void> {
  if (operations.some(changesTheWay)) return forgetAllForeseen(db);
  const players = new Set<string>();
  const instruments = operations.filter(({ table }) => table === 'instruments').map(({ key }) => key);
  if (instruments.length > 0)
    for (const { playerId } of await db.loans.where('instrumentId').anyOf(instruments).toArray())
      players.add(playerId);
  for (const { table, key, before, after } of operations) {
    const record = after ?? before;
    const owner =
      table === 'players' ? key : record && OWNED_TABLES.includes(table) ? ownerOf(table, record) : null;
    if (owner !== null) players.add(owner);
  }
  if (players.size > 0) await forgetForeseen(db, [...players]);
}
