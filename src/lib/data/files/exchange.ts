import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import { lastDone, lastUndone } from '../journal/steps';
import { SCHEMA_VERSION, type Database, type KnownBase } from '../store/database';
import { newId } from '../store/ids';
import { Refusal } from '../store/refusal';
import { ownerOf, TABLE_NAMES } from '../store/tables';
import { BACKUP_FORMAT, writeBackup, type Ancestor, type Backup, type BackupTables } from './backup';
import { baseWithout, knownFrom, type CommonBase, type Known } from './known';
import {
  heldOf,
  keyOf,
  mergePlan,
  mergeSteps,
  type Copy,
  type Held,
  type Merged,
  type Picks,
  type Traces
} from './merge';
import { OUT_OF_PART, OWN_ONLY, partOf, type Scope } from './scope';

/** Files that this copy remembers: of everything, and of some players. */
const KEPT_WHOLE = 12;
const KEPT_PARTS = 40;
/** The records of a file or of this copy that can be merged, by key. */
function copyOf(tables: BackupTables): Copy {
  const held = new Map<string, Held>();
  for (const table of TABLE_NAMES) {
    if (OWN_ONLY.includes(table)) continue;
    for (const record of tables[table]) {
      const one = heldOf(table, record, ownerOf(table, record));
      held.set(keyOf(one), one);
    }
  }
  return held;
}

/** What a file held, to compare a later one of the same other copy with. */
function baseOf(id: string, copy: Copy, whole: boolean, now: Date): KnownBase {
  const shared: Record<string, string> = {};
  const players: Record<string, Record<string, string>> = {};
  for (const [key, { owner, print }] of copy) {
    if (owner === null) shared[key] = print;
    else (players[owner] ??= {})[key] = print;
  }
  return { id, at: now.toISOString(), whole, shared, players };
}

/** Remembers a file. Those of everything are not pushed out by those of some players. */
async function remember(db: Database, base: KnownBase): Promise<void> {
  await db.bases.put(base);
  const all: { id: string; whole: boolean }[] = [];
  await db.bases
    .orderBy('at')
    .reverse()
    .each(({ id, whole }) => all.push({ id, whole }));
  const old = [true, false].flatMap((whole) =>
    all.filter((one) => one.whole === whole).slice(whole ? KEPT_WHOLE : KEPT_PARTS)
  );
  await db.bases.bulkDelete(old.map(({ id }) => id));
}

/** A file for another copy: everything, a group, or one player who is handed over. */
export async function writeCopy(db: Database, scope: Scope, now = new Date()): Promise<Backup> {
  const whole = await writeBackup(db, now);
  const stamp = newId();
  const bases = (await db.bases.orderBy('at').reverse().toArray()).filter(({ undone }) => undone !== true);
  const ancestors = bases.map(({ id, whole: isWhole, players, open }): Ancestor => ({
    id,
    ...(isWhole ? {} : { players: Object.keys(players) }),
    ...(open ? { but: open } : {})
  }));
  const tables = partOf(whole.tables, scope);
  await remember(db, baseOf(stamp, copyOf(tables), scope.kind === 'all', now));
  return {
    format: BACKUP_FORMAT,
    version: SCHEMA_VERSION,
    savedAt: whole.savedAt,
    stamp,
    ancestors,
    ...(scope.kind === 'all' ? {} : { part: true as const }),
    tables
  };
}

/** What a merge would do. */
export interface MergePreview {
  readonly plan: readonly Merged[];
  /** What of the file was looked at: only that is known to both afterwards. */
  readonly scope: Scope;
  /** Whether both copies are known to have begun alike. */
  readonly commonStart: boolean;
  /** Tells whether anything changed here since. */
  readonly asOf: string;
}

/** The merge was seen with other records than there are now: nothing was written. */
export class MergeOvertaken extends Refusal {
  constructor() {
    super('Something changed here meanwhile. Nothing was merged: look at it once more.');
  }
}

/** Changes with each step that is done, taken back or forgotten. */
async function stateOf(db: Database): Promise<string> {
  const [done, undone, gone, bases] = await Promise.all([
    lastDone(db),
    lastUndone(db),
    db.gone.toArray(),
    db.bases.toCollection().primaryKeys()
  ]);
  return JSON.stringify([done?.seq, undone?.seq, gone, bases]);
}

async function commonBases(db: Database, file: Backup): Promise<readonly CommonBase[]> {
  const named: Ancestor[] = [
    ...(file.stamp === undefined ? [] : [{ id: file.stamp }]),
    ...(file.ancestors ?? [])
  ];
  const found = await db.bases.bulkGet(named.map(({ id }) => id));
  return named.flatMap(({ id: _, ...limits }, index) => {
    const base = found[index];
    return base ? [{ base, ...limits }] : [];
  });
}

/** Who was worked on here since both last met, in ways that no file for another copy holds. */
function touchedSince({ drafts, typed }: BackupTables, common: readonly CommonBase[]): ReadonlySet<string> {
  const met = common.reduce((last, { base }) => (base.at > last ? base.at : last), '');
  return new Set([
    ...drafts.filter(({ updatedAt }) => updatedAt > met).map(({ id }) => id),
    ...typed.filter(({ at }) => at > met).flatMap(({ playerId }) => playerId ?? [])
  ]);
}

const daysOf = (tables: BackupTables): ReadonlyMap<string, string> =>
  new Map(tables.gone.map(({ id, day }) => [id, day]));

async function planOf(db: Database, file: Backup, scope: Scope) {
  const { tables: stored } = await writeBackup(db);
  const isPart = file.part === true || scope.kind !== 'all';
  const theirs = partOf(file.tables, scope);
  const there = copyOf(theirs);
  const players = new Set(theirs.players.map(({ id }) => id));
  const mine = copyOf(stored);
  const here: Copy = isPart
    ? new Map(
        [...mine].filter(([key, { table, owner }]) =>
          owner === null ? there.has(key) : players.has(owner) && !OUT_OF_PART.includes(table)
        )
      )
    : mine;
  const common = await commonBases(db, file);
  const known = knownFrom(common, isPart);
  const traces: Traces = {
    goneHere: daysOf(stored),
    goneThere: daysOf(file.tables),
    touchedHere: touchedSince(stored, common)
  };
  const plan = mergePlan(here, there, known, traces);
  // Of a file of some players, groups that are here already stay as they are.
  const settled = plan.map((one): Merged =>
    isPart && one.key.startsWith('groups:') && one.case !== 'new' ? { ...one, case: 'same' } : one
  );
  return { plan: settled, known, there, isPart };
}

/** Compares a file of another copy with what is stored; of a file of some players only those are looked at. */
export async function previewMerge(db: Database, file: Backup, scope: Scope): Promise<MergePreview> {
  const asOf = await stateOf(db);
  const { plan, known } = await planOf(db, file, scope);
  return { plan, scope, commonStart: known.met, asOf };
}

/** Whether two plans would do and ask the same. */
const isSamePlan = (a: readonly Merged[], b: readonly Merged[]): boolean => {
  const place = ({ case: how, here, there }: Merged) => `${how} ${here?.print ?? ''} ${there?.print ?? ''}`;
  const known = new Map(a.map((one) => [one.key, place(one)]));
  return known.size === b.length && b.every((one) => known.get(one.key) === place(one));
};

/**
 * What the file held is known to both from now on, but for what was left open: that is as it was before. Of players
 * who stay deleted here nothing is kept.
 */
function baseAfter(
  file: Backup & { readonly stamp: string },
  { there, isPart, known }: { there: Copy; isPart: boolean; known: Known },
  open: readonly Merged[],
  away: ReadonlySet<string>,
  now: Date
): KnownBase {
  const base = baseOf(file.stamp, there, !isPart, now);
  const players: Record<string, Record<string, string>> = { ...base.players };
  const openPlayers = open.flatMap(({ case: how, here, there: other }) =>
    how === 'asked' ? ((here ?? other)?.owner ?? []) : []
  );
  for (const id of openPlayers) Reflect.deleteProperty(players, id);
  for (const { key, case: how, here, there: other } of open) {
    const owner = (here ?? other)?.owner;
    const before = known.printOf(key, owner ?? null);
    if (how === 'asked' || owner == null || before === undefined) continue;
    players[owner] = { ...players[owner], [key]: before };
  }
  return baseWithout({ ...base, players, ...(openPlayers.length > 0 ? { open: openPlayers } : {}) }, away);
}

async function write(
  { putAll, removeAll }: Writer,
  put: readonly Held[],
  remove: readonly Held[]
): Promise<void> {
  for (const table of TABLE_NAMES) {
    const coming = put.filter((one) => one.table === table).map(({ record }) => record);
    await putAll(table, coming as never, true);
    await removeAll(
      table,
      remove.filter((one) => one.table === table).map(({ id }) => id)
    );
  }
}

/** Who is deleted here once all that is written. */
async function goneNow(
  db: Database,
  put: readonly Held[],
  remove: readonly Held[]
): Promise<ReadonlySet<string>> {
  const players = (held: readonly Held[]) =>
    held.flatMap(({ table, id }) => (table === 'players' ? [id] : []));
  const back = new Set(players(put));
  return new Set(
    [...(await db.gone.toCollection().primaryKeys()), ...players(remove)].filter((id) => !back.has(id))
  );
}

/**
 * Merges a file as it was previewed, as one step that can be undone.
 *
 * @param file as `readBackup` gave it: its records are held against their schemas
 * @returns how many questions stayed open
 * @throws MergeOvertaken when it would do something else now than was seen
 */
export const applyMerge = (
  db: Database,
  file: Backup,
  preview: MergePreview,
  picks: Picks,
  now = new Date()
): Promise<number> =>
  commit(
    db,
    'Merged another copy',
    async (writer) => {
      const planned = await planOf(db, file, preview.scope);
      if (preview.asOf !== (await stateOf(db)) && !isSamePlan(planned.plan, preview.plan))
        throw new MergeOvertaken();
      const { put, remove, open } = mergeSteps(planned.plan, picks, newId);
      await write(writer, put, remove);
      if (file.stamp !== undefined)
        await remember(
          db,
          baseAfter({ ...file, stamp: file.stamp }, planned, open, await goneNow(db, put, remove), now)
        );
      return open.length;
    },
    { now, ...(file.stamp === undefined ? {} : { base: file.stamp }) }
  );
