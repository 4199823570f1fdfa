import { BACKUP_FORMAT, writeBackup, type Backup, type BackupTables } from './backup';
import { commit } from '../journal/changes';
import { SCHEMA_VERSION, type Database } from '../store/database';
import { newId } from '../store/ids';
import {
  keyOf,
  mergePlan,
  mergeSteps,
  printOf,
  type Copy,
  type Held,
  type Merged,
  type MergePick
} from './merge';
import type { Player } from '../store/records';
import { OWNED_TABLES, ownerOf, TABLE_NAMES, TABLES, type TableName } from '../store/tables';

/** Files of other copies that this one remembers. */
const KEPT_BASES = 6;
/** What is not another teacher's: settings, and what is half typed. */
const OWN_ONLY: readonly TableName[] = ['settings', 'typed', 'drafts'];
/** What rests on instruments, which a file of some players does not hold. */
const NOT_IN_PART: readonly TableName[] = [...OWN_ONLY, 'loans', 'instruments', 'ownChecks', 'days'];

/** What a file for another copy holds. */
export type Scope =
  | { readonly kind: 'all' }
  | { readonly kind: 'group'; readonly groupId: string }
  | { readonly kind: 'player'; readonly playerId: string };

const isIn = (scope: Scope, player: Player): boolean =>
  scope.kind === 'all' ||
  (scope.kind === 'group' ? player.groupId === scope.groupId : player.id === scope.playerId);

/** Only what belongs to some players, and their groups without the others. */
function partOf(tables: BackupTables, scope: Scope): BackupTables {
  const players = tables.players.filter((player) => isIn(scope, player));
  const ids = new Set(players.map(({ id }) => id));
  const groupIds = new Set(players.map(({ groupId }) => groupId));
  const strangers = tables.players.filter(({ id }) => !ids.has(id)).map(({ id }) => id);
  const entries = TABLE_NAMES.map((name): [TableName, readonly object[]] => {
    if (name === 'players') return [name, players];
    if (NOT_IN_PART.includes(name)) return [name, []];
    if (name === 'groups') {
      const { without = (group) => group } = TABLES.groups;
      const mine = tables.groups.filter(({ id }) => groupIds.has(id));
      return [name, mine.map((group) => strangers.reduce((left, id) => without(left, id), group))];
    }
    return [
      name,
      OWNED_TABLES.includes(name) ? tables[name].filter((one) => ids.has(ownerOf(name, one) ?? '')) : []
    ];
  });
  return Object.fromEntries(entries) as unknown as BackupTables;
}

/** The records of a file or of this copy that can be merged, by key. */
function copyOf(tables: BackupTables): Copy {
  const held = new Map<string, Held>();
  for (const table of TABLE_NAMES) {
    if (OWN_ONLY.includes(table)) continue;
    for (const record of tables[table]) {
      const one: Held = { table, id: record.id, owner: ownerOf(table, record), record };
      held.set(keyOf(one), one);
    }
  }
  return held;
}

const printsOf = (copy: Copy): Record<string, string> =>
  Object.fromEntries([...copy].map(([key, { record }]) => [key, printOf(record)]));

/** Remembers what a file held, so that a later one of the same other copy can be compared with it. */
async function remember(db: Database, stamp: string, tables: BackupTables, now: Date): Promise<void> {
  await db.bases.put({ id: stamp, at: now.toISOString(), prints: printsOf(copyOf(tables)) });
  const old = await db.bases.orderBy('at').reverse().offset(KEPT_BASES).primaryKeys();
  await db.bases.bulkDelete(old);
}

/** A file for another copy: everything, a group, or one player who is handed over. */
export async function writeCopy(db: Database, scope: Scope, now = new Date()): Promise<Backup> {
  const whole = await writeBackup(db, now);
  const stamp = newId();
  const ancestors = (await db.bases.orderBy('at').reverse().primaryKeys()) as string[];
  const tables = scope.kind === 'all' ? whole.tables : partOf(whole.tables, scope);
  await remember(db, stamp, tables, now);
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
}

/** Compares a file of another copy with what is stored; of a file of some players only those are looked at. */
export async function previewMerge(db: Database, file: Backup, scope: Scope): Promise<MergePreview> {
  const { tables: stored } = await writeBackup(db);
  const isPart = file.part === true || scope.kind !== 'all';
  const theirs = scope.kind === 'all' ? file.tables : partOf(file.tables, scope);
  const there = copyOf(theirs);
  const players = new Set(theirs.players.map(({ id }) => id));
  const mine = copyOf(stored);
  const here: Copy = isPart
    ? new Map(
        [...mine].filter(([key, one]) =>
          one.owner === null ? players.has(one.id) || there.has(key) : players.has(one.owner)
        )
      )
    : mine;
  const known = [file.stamp, ...(file.ancestors ?? [])].filter((stamp) => stamp !== undefined);
  const bases = (await db.bases.bulkGet(known)).filter((base) => base !== undefined);
  const [base] = bases;
  const plan = mergePlan(here, there, new Map(Object.entries(base?.prints ?? {})));
  // Of a file of some players, groups that are here already stay as they are.
  const settled = plan.map((one): Merged =>
    isPart && one.key.startsWith('groups:') && one.case !== 'new' ? { ...one, case: 'same' } : one
  );
  return { plan: settled, scope, commonStart: base !== undefined };
}

/** Tables in whose order records are written: whoever is belonged to comes first. */
const FIRST: readonly string[] = ['groups', 'players'];
const rank = ({ table }: Held): number => (FIRST.includes(table) ? FIRST.indexOf(table) : FIRST.length);

/** Merges a file as it was previewed, as one step that can be undone. */
export async function applyMerge(
  db: Database,
  file: Backup,
  { plan, scope }: MergePreview,
  picks: ReadonlyMap<string, MergePick>,
  now = new Date()
): Promise<void> {
  const { put, remove } = mergeSteps(plan, picks, newId);
  await commit(db, 'Merged another copy', async (writer) => {
    for (const { table, record } of [...put].sort((a, b) => rank(a) - rank(b)))
      await writer.put(table as TableName, record as never);
    for (const { table, id } of remove) await writer.remove(table as TableName, id);
  });
  if (file.stamp !== undefined)
    await remember(db, file.stamp, scope.kind === 'all' ? file.tables : partOf(file.tables, scope), now);
}
