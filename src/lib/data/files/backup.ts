import { dayOf } from '$lib/core/time';
import { commit, problemWith } from '../journal/changes';
import { SCHEMA_VERSION, type Database } from '../store/database';
import { canonical } from './merge';
import { MIGRATIONS, type Rows } from '../store/migrations';
import {
  OWNED_TABLES,
  ownerKey,
  ownerOf,
  TABLE_NAMES,
  TABLES,
  type Records,
  type TableName
} from '../store/tables';

export const BACKUP_FORMAT = 'jarvel-backup';

export type BackupTables = { readonly [Name in TableName]: readonly Records[Name][] };

/** All records of one browser in one file. */
export interface Backup {
  readonly format: typeof BACKUP_FORMAT;
  /** Version of the records' schema. */
  readonly version: number;
  readonly savedAt: string;
  /** By what another copy knows this file again, and the files that this copy knew before; absent in older ones. */
  readonly stamp?: string;
  readonly ancestors?: readonly string[];
  /** Holds only some players: what is missing was not taken away. */
  readonly part?: true;
  readonly tables: BackupTables;
}

export type ReadBackup =
  { readonly ok: true; readonly backup: Backup } | { readonly ok: false; readonly problem: string };

/** Every record of the database, as one consistent backup. */
export const writeBackup = (db: Database, now = new Date()): Promise<Backup> =>
  db.transaction(
    'r',
    TABLE_NAMES.map((name) => db.table(name)),
    async () => {
      const entries: [TableName, unknown[]][] = [];
      for (const name of TABLE_NAMES) entries.push([name, await db.table(name).toArray()]);
      return {
        format: BACKUP_FORMAT,
        version: SCHEMA_VERSION,
        savedAt: now.toISOString(),
        tables: Object.fromEntries(entries) as unknown as BackupTables
      };
    }
  );

/** `jarvel-backup-2026-11-24.json`, by the day on this machine's calendar. */
export const backupFileName = (now: Date): string => `${BACKUP_FORMAT}-${dayOf(now)}.json`;

const fail = (problem: string): ReadBackup => ({ ok: false, problem });
const LONGEST_STAMP = 120;
const MOST_STAMPS = 40;
const isStamp = (value: unknown): value is string =>
  typeof value === 'string' && value.length <= LONGEST_STAMP;
const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Reads a backup file. Records of older versions are brought up to date. A file that is broken, foreign,
 * newer or half-written gives a sentence that names the place; it never throws.
 */
export function readBackup(text: string): ReadBackup {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch (error) {
    const reason = error instanceof Error ? error.message : '';
    return fail(
      `This file is not whole: it stops being readable at some point (${reason}). Nothing was changed.`
    );
  }
  if (!isObject(file) || file.format !== BACKUP_FORMAT)
    return fail('This is not a backup of Jarvel. Nothing was changed.');
  const { version, savedAt, tables } = file;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fail('The backup does not say its version. Nothing was changed.');
  if (version > SCHEMA_VERSION)
    return fail(
      `The backup was written by a newer Jarvel (version ${version}, this one reads up to ${SCHEMA_VERSION}). Update Jarvel, then try again. Nothing was changed.`
    );
  if (!isObject(tables)) return fail('The backup holds no records. Nothing was changed.');
  const foreign = Object.keys(tables).find((name) => !TABLE_NAMES.some((known) => known === name));
  if (foreign) return fail(`The backup holds something unknown: "${foreign}". Nothing was changed.`);

  const read: Rows = {};
  for (const name of TABLE_NAMES) {
    const records = tables[name] ?? (version < TABLES[name].since ? [] : undefined);
    if (!Array.isArray(records)) return fail(`The backup lacks its ${name}. Nothing was changed.`);
    const stranger = records.findIndex((record) => !isObject(record));
    if (stranger >= 0) return fail(`At ${name}[${stranger}] there is no record. Nothing was changed.`);
    read[name] = records;
  }
  try {
    for (let step = version + 1; step <= SCHEMA_VERSION; step++) MIGRATIONS[step]?.run(read);
  } catch {
    return fail('The backup is of an older version and not whole. Nothing was changed.');
  }
  for (const name of TABLE_NAMES) {
    const problem = problemIn(name, read[name] ?? []);
    if (problem) return fail(`${problem}. Nothing was changed.`);
  }
  const lost = orphan(read as unknown as BackupTables);
  if (lost) return fail(`${lost}. Nothing was changed.`);
  return {
    ok: true,
    backup: {
      format: BACKUP_FORMAT,
      version: SCHEMA_VERSION,
      savedAt: typeof savedAt === 'string' ? savedAt : '',
      ...(typeof file.stamp === 'string' ? { stamp: file.stamp.slice(0, LONGEST_STAMP) } : {}),
      ...(Array.isArray(file.ancestors)
        ? { ancestors: file.ancestors.filter(isStamp).slice(0, MOST_STAMPS) }
        : {}),
      ...(file.part === true ? { part: true } : {}),
      tables: read as unknown as BackupTables
    }
  };
}

function problemIn(name: TableName, records: readonly unknown[]): string | null {
  const seen = new Set<unknown>();
  for (const [index, record] of records.entries()) {
    const place = `${name}[${index}]`;
    if (!isObject(record)) return `At ${place} there is no record`;
    const problem = problemWith(name, record);
    if (problem) return `${place}.${problem}`;
    if (seen.has(record.id)) return `${place} comes twice`;
    seen.add(record.id);
  }
  return null;
}

/** A record whose player is not in the file would be out of anybody's reach. */
function orphan(tables: BackupTables): string | null {
  const players = new Set(tables.players.map(({ id }) => id));
  for (const name of OWNED_TABLES) {
    const records: readonly Records[TableName][] = tables[name];
    const index = records.findIndex((record) => {
      const owner = ownerOf(name, record);
      return owner !== null && !players.has(owner);
    });
    if (index >= 0) return `${name}[${index}].${ownerKey(name)}: no such player in this file`;
  }
  return null;
}

/** What restoring would do to one kind of record. */
export interface RestorePreview {
  readonly table: TableName;
  readonly added: number;
  readonly changed: number;
  readonly same: number;
  /** Records that only this browser has; they stay, or go when everything is replaced. */
  readonly onlyHere: number;
}

/** Compares a backup with what is stored, before anything is written. */
export async function previewRestore(db: Database, backup: Backup): Promise<readonly RestorePreview[]> {
  const previews: RestorePreview[] = [];
  for (const table of TABLE_NAMES) {
    const here = new Map<string, string>();
    await db.table<{ id: string }>(table).each((record) => here.set(record.id, canonical(record)));
    const coming = backup.tables[table];
    const known = coming.filter(({ id }) => here.has(id));
    const same = known.filter((record) => here.get(record.id) === canonical(record)).length;
    previews.push({
      table,
      added: coming.length - known.length,
      changed: known.length - same,
      same,
      onlyHere: here.size - known.length
    });
  }
  return previews;
}

/**
 * Puts a backup's records in place, as one step that can be undone.
 *
 * @param mode `merge` keeps what only this browser has, `replace` removes it
 */
export const restoreBackup = (db: Database, backup: Backup, mode: 'merge' | 'replace'): Promise<void> =>
  commit(db, 'Restored a backup', async ({ put, remove }) => {
    for (const table of TABLE_NAMES) {
      const here = new Map<string, string>();
      await db.table<{ id: string }>(table).each((record) => here.set(record.id, canonical(record)));
      for (const record of backup.tables[table]) {
        if (here.get(record.id) !== canonical(record)) await put(table, record);
        here.delete(record.id);
      }
      if (mode === 'replace') for (const id of here.keys()) await remove(table, id);
    }
  });
