import { problemsOf } from '../schema/problem';
import { SCHEMA_VERSION, type Database } from '../store/database';
import { MIGRATIONS, type Rows } from '../store/migrations';
import {
  OWNED_TABLES,
  ownerKey,
  ownerOf,
  TABLE_NAMES,
  TABLES,
  type AnyRecord,
  type Records,
  type TableName
} from '../store/tables';

export const BACKUP_FORMAT = 'jarvel-backup';

export type BackupTables = { readonly [Name in TableName]: readonly Records[Name][] };

/** A file that a copy knew before: all of it, only some players of it, or all but some. */
export interface Ancestor {
  readonly id: string;
  readonly players?: readonly string[];
  readonly but?: readonly string[];
}

/** All records of one browser in one file. */
export interface Backup {
  readonly format: typeof BACKUP_FORMAT;
  /** Version of the records' schema. */
  readonly version: number;
  readonly savedAt: string;
  /** By what another copy knows this file again, and the files that this copy knew before; absent in older ones. */
  readonly stamp?: string;
  readonly ancestors?: readonly Ancestor[];
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

const fail = (problem: string): ReadBackup => ({ ok: false, problem });
const LONGEST_STAMP = 120;
const MOST_STAMPS = 60;
const MOST_NAMED = 20_000;
const isStamp = (value: unknown): value is string =>
  typeof value === 'string' && value.length <= LONGEST_STAMP;
const stampsIn = (value: unknown): readonly string[] | undefined =>
  Array.isArray(value) ? value.slice(0, MOST_NAMED).filter(isStamp) : undefined;
/** Files before version 8 named those that they knew by their stamp alone. */
function ancestorIn(value: unknown): readonly Ancestor[] {
  if (isStamp(value)) return [{ id: value }];
  if (!isObject(value) || !isStamp(value.id)) return [];
  const [players, but] = [stampsIn(value.players), stampsIn(value.but)];
  return [{ id: value.id, ...(players ? { players } : {}), ...(but ? { but } : {}) }];
}
const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Reads a backup file. Records of older versions are brought up to date. A file that is broken, foreign,
 * newer or half-written gives a sentence that names the place; it never throws.
 */
export function readBackup(text: string): ReadBackup {
  const found = unchecked(text);
  if (!found.ok) return found;
  const { tables } = found.backup;
  const wrong = problemIn(tables) ?? twice(tables) ?? orphan(tables);
  return wrong === null ? found : fail(`${wrong}. Nothing was changed.`);
}

/** Reads a file and brings it up to date, without holding its records against their schemas. */
function unchecked(text: string): ReadBackup {
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
  return {
    ok: true,
    backup: {
      format: BACKUP_FORMAT,
      version: SCHEMA_VERSION,
      savedAt: typeof savedAt === 'string' ? savedAt : '',
      ...(typeof file.stamp === 'string' ? { stamp: file.stamp.slice(0, LONGEST_STAMP) } : {}),
      ...(Array.isArray(file.ancestors)
        ? { ancestors: file.ancestors.slice(0, MOST_STAMPS).flatMap(ancestorIn) }
        : {}),
      ...(file.part === true ? { part: true } : {}),
      tables: read as unknown as BackupTables
    }
  };
}

/** What is wrong with the first record that breaks its schema. */
function problemIn(tables: BackupTables): string | null {
  for (const name of TABLE_NAMES) {
    const problemWith = problemsOf(name);
    for (const [index, record] of tables[name].entries()) {
      const problem = problemWith(record);
      if (problem) return `${name}[${index}].${problem}`;
    }
  }
  return null;
}

/** A record that comes twice would be one of two. */
function twice(tables: BackupTables): string | null {
  for (const name of TABLE_NAMES) {
    const seen = new Set<string>();
    for (const [index, { id }] of tables[name].entries()) {
      if (seen.has(id)) return `${name}[${index}] comes twice`;
      seen.add(id);
    }
  }
  return null;
}

/** A record whose player is not in the file would be out of anybody's reach. */
function orphan(tables: BackupTables): string | null {
  const players = new Set(tables.players.map(({ id }) => id));
  for (const name of OWNED_TABLES) {
    const records: readonly AnyRecord[] = tables[name];
    const index = records.findIndex((record) => {
      const owner = ownerOf(name, record);
      return owner !== null && !players.has(owner);
    });
    if (index >= 0) return `${name}[${index}].${ownerKey(name)}: no such player in this file`;
  }
  const groups = new Set(tables.groups.map(({ id }) => id));
  const lost = tables.players.findIndex(({ groupId }) => groupId !== null && !groups.has(groupId));
  if (lost >= 0) return `players[${lost}].groupId: no such group in this file`;
  const back = tables.gone.findIndex(({ id }) => players.has(id));
  return back >= 0 ? `gone[${back}].id: is a player in this file` : null;
}
