import Dexie, { type Table, type Transaction } from 'dexie';
import { MIGRATIONS, type Rows } from './migrations';
import type { Foreseen } from '../schema/foreseen';
import type { Change } from '../schema/change';
import { TABLE_NAMES, TABLES, type Records, type TableName } from './tables';

export const DATABASE_NAME = 'jarvel';
/** Version of the newest schema; a backup carries it too. */
export const SCHEMA_VERSION = 7;

/** The message of the error with which a database refuses to open that a newer version wrote. */
export const WRITTEN_BY_NEWER = 'The records were written by a newer version.';
/** The browser counts a database's versions in tenths of the library's. */
const NATIVE_PER_VERSION = 10;

/** What this copy and another knew alike, by the stamp of the file in which it stood: a print of each record. */
export interface KnownBase {
  readonly id: string;
  readonly at: string;
  readonly prints: Readonly<Record<string, string>>;
}

type Tables = { readonly [Name in TableName]: Table<Records[Name], string> };

/** The browser's own database: the teacher's records, the journal of changes, and what is foreseen from them. */
export type Database = Dexie &
  Tables & {
    readonly changes: Table<Change, number>;
    readonly foreseen: Table<Foreseen, string>;
    readonly bases: Table<KnownBase, string>;
  };

/** What earlier versions had, as they wrote it. */
const EARLIER: Readonly<Record<number, Readonly<Record<string, string>>>> = {
  1: {
    players: 'id, name, family, group',
    measurements: 'id, playerId, [playerId+kind]',
    fits: 'id, playerId, day',
    setups: 'id, playerId, fitId',
    checks: 'id, playerId, [playerId+checkId]',
    instruments: 'id, family, number, playerId',
    drafts: 'id',
    settings: 'id',
    changes: '++seq, undone'
  },
  2: { checks: 'id, playerId, day, [playerId+checkId]' },
  3: { trials: 'id, playerId, day', days: 'id, day' },
  4: {
    players: 'id, name, family, groupId',
    groups: 'id',
    measurements: 'id, playerId, [playerId+kind]',
    fits: 'id, playerId, day',
    trials: 'id, playerId, day',
    setups: 'id, playerId, fitId',
    looks: 'id, playerId, setupId',
    lessons: 'id, playerId, day',
    checks: 'id, playerId, day, [playerId+checkId]',
    pains: 'id, playerId',
    instruments: 'id, family, number',
    loans: 'id, playerId, instrumentId',
    days: 'id, day',
    drafts: 'id',
    typed: 'id, playerId',
    settings: 'id',
    foreseen: 'id'
  },
  5: {},
  6: { aids: 'id, playerId', ownChecks: 'id' }
};

/** Takes the records of a version through its migration; the journal speaks of the old ones and begins anew. */
async function migrate(transaction: Transaction, version: number): Promise<void> {
  const migration = MIGRATIONS[version];
  if (!migration) return;
  const rows: Rows = {};
  for (const name of migration.tables) rows[name] = await transaction.table<object>(name).toArray();
  migration.run(rows);
  for (const name of migration.tables) {
    await transaction.table(name).clear();
    await transaction.table(name).bulkAdd(rows[name] ?? []);
  }
  if (migration.endsJournal) await transaction.table('changes').clear();
}

/**
 * Opens nothing yet; the first query does. Versions are added, never changed: a database of any earlier one
 * is brought up step by step.
 */
export function createDatabase(name = DATABASE_NAME): Database {
  const db = new Dexie(name) as Database;
  for (const [version, stores] of Object.entries(EARLIER))
    db.version(Number(version))
      .stores(stores)
      .upgrade((transaction) => migrate(transaction, Number(version)));
  db.version(SCHEMA_VERSION)
    .stores({
      ...Object.fromEntries(TABLE_NAMES.map((table) => [table, TABLES[table].indexes])),
      changes: '++seq, undone',
      foreseen: 'id',
      bases: 'id, at'
    })
    .upgrade((transaction) => migrate(transaction, SCHEMA_VERSION));
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
