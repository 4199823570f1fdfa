import Dexie, { type Table, type Transaction } from 'dexie';
import { dayOf } from '$lib/core/time';
import type { Rows } from './rows';
import type { Foreseen } from '../schema/foreseen';
import type { Change, ChangePart } from '../schema/change';
import type { Consent, KeptPicture } from '../schema/picture';
import { TABLE_NAMES, TABLES, type Records, type TableName } from './tables';

export const DATABASE_NAME = 'jarvel';
/** Version of the newest schema; a backup carries it too. */
export const SCHEMA_VERSION = 10;

/** The message of the error with which a database refuses to open that a newer version wrote. */
export const WRITTEN_BY_NEWER = 'The records were written by a newer version.';
/** The browser counts a database's versions in tenths of the library's. */
const NATIVE_PER_VERSION = 10;

/** Prints of records by their key. */
export type Prints = Readonly<Record<string, string>>;

/** What this copy and another knew alike, by the stamp of the file in which it stood: a print of each record. */
export interface KnownBase {
  readonly id: string;
  readonly at: string;
  /** Whether it holds everything that the other copy had: whoever is not in it was not there. */
  readonly whole: boolean;
  /** Records that belong to no player. */
  readonly shared: Prints;
  /** Records of each player, the player's own among them. */
  readonly players: Readonly<Record<string, Prints>>;
  /** Somebody who was in it is forgotten since: who is not in it may have been there. */
  readonly unclear?: true;
  /** Players about whom a question was left open: of them nothing is known by this. */
  readonly open?: readonly string[];
  /** The merge that read it was taken back: nothing is known by it. */
  readonly undone?: true;
}

type Tables = { readonly [Name in TableName]: Table<Records[Name], string> };

/** The browser's own database: the teacher's records, the journal of changes, and what is foreseen from them. */
export type Database = Dexie &
  Tables & {
    readonly changes: Table<Change, number>;
    readonly parts: Table<ChangePart, number>;
    readonly foreseen: Table<Foreseen, string>;
    readonly bases: Table<KnownBase, string>;
    readonly consents: Table<Consent, string>;
    readonly pictures: Table<KeptPicture, string>;
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
  6: { aids: 'id, playerId', ownChecks: 'id' },
  7: { remedies: 'id, playerId, [checkId+fault]', reviews: 'id, playerId', bases: 'id, at' },
  8: { gone: 'id, at' },
  9: {}
};

/**
 * Tables that are not the teacher's records: the journal, what follows from the records, what other copies knew, and
 * pictures with the consents for them, which no journal, backup or hand-over carries.
 */
export const OTHER_STORES = {
  changes: '++seq, undone',
  parts: '++id, seq',
  foreseen: 'id',
  bases: 'id, at',
  consents: 'id',
  pictures: 'id, playerId'
} as const;

/** Takes the records of a version through its migration; the journal speaks of the old ones and begins anew. */
async function migrate(transaction: Transaction, version: number): Promise<void> {
  // Who has the newest records needs none of it. The upgrade is kept open while it loads.
  const { basesByPlayer, MIGRATIONS } = await Dexie.waitFor(import('./migrations'));
  const migration = MIGRATIONS[version];
  if (!migration) return;
  const rows: Rows = {};
  for (const name of migration.tables) rows[name] = await transaction.table<object>(name).toArray();
  migration.run(rows);
  if (version === 8) await migrateBases(transaction, rows, basesByPlayer);
  for (const name of migration.tables) {
    await transaction.table(name).clear();
    await transaction.table(name).bulkAdd(rows[name] ?? []);
  }
  if (migration.endsJournal) await transaction.table('changes').clear();
}

/** What other copies knew is kept by player from version 8 on. */
async function migrateBases(
  transaction: Transaction,
  rows: Rows,
  byPlayer: (rows: Rows, today: string) => readonly object[]
): Promise<void> {
  const bases = await transaction.table<object>('bases').toArray();
  const stones = byPlayer({ ...rows, bases }, dayOf(new Date()));
  await transaction.table('bases').bulkPut(bases);
  await transaction.table('gone').bulkPut([...stones]);
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
      ...OTHER_STORES
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
