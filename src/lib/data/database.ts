import Dexie, { type Table, type Transaction } from 'dexie';
import type { Change } from './changes';
import { MIGRATIONS } from './migrations';
import type { Records, TableName } from './records';

export const DATABASE_NAME = 'jarvel';
/** Version of the newest schema; a backup carries it too. */
export const SCHEMA_VERSION = 3;

/** The message of the error with which a database refuses to open that a newer version wrote. */
export const WRITTEN_BY_NEWER = 'The records were written by a newer version.';
/** The browser counts a database's versions in tenths of the library's. */
const NATIVE_PER_VERSION = 10;

type Tables = { readonly [Name in TableName]: Table<Records[Name], string> };

/** The browser's own database: the teacher's records and the journal of changes. */
export type Database = Dexie & Tables & { readonly changes: Table<Change, number> };

const VERSION_1 = {
  players: 'id, name, family, group',
  measurements: 'id, playerId, [playerId+kind]',
  fits: 'id, playerId, day',
  setups: 'id, playerId, fitId',
  checks: 'id, playerId, [playerId+checkId]',
  instruments: 'id, family, number, playerId',
  drafts: 'id',
  settings: 'id',
  changes: '++seq, undone'
};

/** Takes every record of a version through its migration. */
async function migrate(transaction: Transaction, version: number): Promise<void> {
  for (const [table, change] of Object.entries(MIGRATIONS[version] ?? {}))
    await transaction
      .table<object>(table)
      .toCollection()
      .modify((record) => change(record));
}

/**
 * Opens nothing yet; the first query does. Versions are added, never changed: a database of any earlier one
 * is brought up step by step.
 */
export function createDatabase(name = DATABASE_NAME): Database {
  const db = new Dexie(name) as Database;
  db.version(1).stores(VERSION_1);
  db.version(2)
    .stores({ checks: 'id, playerId, day, [playerId+checkId]' })
    .upgrade((transaction) => migrate(transaction, 2));
  db.version(3)
    .stores({ trials: 'id, playerId, day', days: 'id, day' })
    .upgrade((transaction) => migrate(transaction, 3));
  // The library would open a newer database all the same and write records that the newer version mistrusts.
  db.on(
    'ready',
    () => {
      if (Math.floor(db.backendDB().version / NATIVE_PER_VERSION) > SCHEMA_VERSION)
        throw new Error(WRITTEN_BY_NEWER);
    },
    true
  );
  return db;
}
