import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { describe, expect, it } from 'vitest';
import { workedHere } from '$lib/core/causes';
import { faultLooks, standingsFor } from '../commands/remedies';
import { readBackup } from '../files/backup';
import { problemWith } from '../schema/problem';
import { createDatabase, SCHEMA_VERSION, WRITTEN_BY_NEWER } from './database';
import {
  version1,
  version2,
  version3,
  VERSION_1_STORES,
  VERSION_2_STORES,
  VERSION_3_STORES
} from './older.testing';
import { TABLE_NAMES, TABLES } from './tables';

type Tables = Record<string, object[]>;
const OLDER = [
  { version: 1, stores: VERSION_1_STORES, tables: version1 },
  { version: 2, stores: VERSION_2_STORES, tables: version2 },
  { version: 3, stores: VERSION_3_STORES, tables: version3 as unknown as () => Tables }
] as const;

/** What became of the older records, from a database or from a backup. */
function expectBroughtUp(tables: Tables, version: number): void {
  for (const table of TABLE_NAMES)
    for (const record of tables[table] ?? [])
      expect([table, problemWith(table, record)]).toEqual([table, null]);
  const [group] = tables.groups ?? [];
  expect(tables.groups).toHaveLength(1);
  expect(group).toMatchObject({ name: 'Owls', seating: [], demo: false });
  const groupId = (group as { id: string }).id;
  expect(tables.players).toMatchObject([
    { id: 'a', name: 'Ada', notes: 'kept', groupId, archivedOn: null },
    { id: 'b', name: 'Bo', groupId, archivedOn: version === 1 ? '1970-01-01' : '2026-02-01' }
  ]);
  expect(tables.measurements).toMatchObject([{ id: 'a:height:2026-01-01' }]);
  expect((tables.measurements?.[0] as { readings: object[] }).readings).toHaveLength(30);
  expect(tables.fits).toMatchObject([{ id: 'f', size: '1/4', marginMm: 7, trialId: null, instruments: [] }]);
  expect(tables.setups).toMatchObject([
    {
      id: 's',
      kind: 'rest',
      choices: { school: 'rest-first', mount: 'centre' },
      settings: {
        lift: { value: 6, unit: 'mm', origin: 'adjusted', mark: 'two folds' },
        shoulderFootAlong: { value: 70, mark: 'blue' },
        tilt: { value: 17, unit: 'deg', origin: 'computed' }
      },
      basis: { lengths: { neckGap: 62 }, estimated: ['neckGap'] }
    }
  ]);
  expect(tables.checks).toMatchObject([{ id: 'c2', outcome: { rating: 'mostly' }, faults: ['on-chest'] }]);
  // Something was seen after Ada's pain, so that one is closed; nothing after Bo's.
  expect(tables.pains).toMatchObject([
    { playerId: 'a', during: 'check', closedAt: '2026-01-01T09:10:00.000Z' },
    { playerId: 'b', family: 'cello', closedAt: null }
  ]);
  expect(tables.loans).toMatchObject([{ playerId: 'a', instrumentId: 'i', from: '2026-01-01', to: null }]);
  expect(tables.drafts).toMatchObject([
    {
      id: 'a',
      overrideSize: '1/8',
      setup: {
        kind: 'rest',
        choices: { school: 'pad', mount: 'between' },
        values: { lift: 8, tilt: 9 },
        marks: { lift: 'three folds' }
      }
    }
  ]);
  const typed = Object.fromEntries(
    (tables.typed as { id: string; text: string }[]).map(({ id, text }) => [id, text])
  );
  expect(typed).toEqual({
    'a:height': '12',
    'a:reason': 'tired today',
    ...(version === 3 ? { 'b:armReach': '48' } : {})
  });
  expect(tables.settings).toMatchObject([{ unit: 'in', teacherName: 'Ms Placeholder' }]);
  expect(tables.trials).toHaveLength(version === 3 ? 1 : 0);
  expect(tables.days).toHaveLength(version === 3 ? 1 : 0);
}

describe.each(OLDER)('version $version', ({ version, stores, tables }) => {
  it('opens as a database, with nothing lost', async () => {
    const name = `older-${version}`;
    const old = new Dexie(name);
    old.version(version).stores(stores);
    for (const [table, records] of Object.entries(tables())) await old.table(table).bulkAdd(records);
    await old.table('changes').add({ at: '', label: 'old', operations: [], undone: 0 });
    old.close();
    const db = createDatabase(name);
    const read: Tables = {};
    for (const table of TABLE_NAMES) read[table] = await db.table(table).toArray();
    expect(db.verno).toBe(SCHEMA_VERSION);
    expectBroughtUp(read, version);
    // Steps of the old version would bring its records back.
    expect(await db.changes.count()).toBe(0);
  });

  it('is read from a backup, with nothing lost', () => {
    const records = tables();
    // An orphan would be refused in a backup of any version.
    const file = { format: 'jarvel-backup', version, savedAt: '2026-01-01T09:00:00.000Z', tables: records };
    const read = readBackup(JSON.stringify(file));
    expect(read.ok ? '' : read.problem).toBe('');
    if (read.ok) expectBroughtUp(read.backup.tables as unknown as Tables, version);
  });
});

it('gives the group of an older database and of an older backup one id, whatever order they come in', () => {
  const idsOf = (players: object[]) => {
    const file = { format: 'jarvel-backup', version: 3, tables: { ...version3(), players } };
    const read = readBackup(JSON.stringify(file));
    return read.ok ? read.backup.tables.groups.map(({ id }) => id) : read.problem;
  };
  const { players } = version3();
  expect(idsOf(players)).toEqual(idsOf(players.toReversed()));
});

it('a rest of version 4 gets the usual way for its scroll', () => {
  const read = readBackup(JSON.stringify({ format: 'jarvel-backup', version: 3, tables: version3() }));
  if (!read.ok) throw new Error(read.problem);
  const { tables } = read.backup;
  const before = tables.setups.map(({ choices, ...setup }) => {
    const { scroll: _unknown, ...known } = choices as Readonly<Record<string, unknown>>;
    return { ...setup, choices: known };
  });
  const file = { format: 'jarvel-backup', version: 4, tables: { ...tables, setups: before } };
  const again = readBackup(JSON.stringify(file));
  expect(again.ok && again.backup.tables.setups).toEqual(tables.setups);
  expect(tables.setups[0]?.choices).toMatchObject({ scroll: 'left-45' });
});

it('an older backup that is not whole is refused, not thrown at', () => {
  const file = {
    format: 'jarvel-backup',
    version: 3,
    tables: { ...version3(), setups: [{ id: 's', rest: 3 }] }
  };
  expect(readBackup(JSON.stringify(file))).toMatchObject({ ok: false });
});

it('refuses a database that a newer version wrote', async () => {
  const newer = new Dexie('newer');
  newer.version(SCHEMA_VERSION + 1).stores(VERSION_3_STORES);
  await newer.open();
  newer.close();
  await expect(createDatabase('newer').players.count()).rejects.toThrow(WRITTEN_BY_NEWER);
});

describe('version 7', () => {
  const player = {
    id: 'a',
    name: 'Ada',
    birthMonth: null,
    curve: null,
    family: 'violin',
    notes: '',
    photosAllowed: false,
    groupId: 'owls',
    archivedOn: null,
    createdAt: '2026-11-01T09:00:00.000Z',
    demo: false
  };
  const typed = (playerId: string) => ({
    id: `${playerId}:height`,
    playerId,
    field: 'height',
    text: '12',
    at: '2026-11-01T09:00:00.000Z'
  });
  const seat = (playerId: string) => ({ playerId, x: 0.5, y: 0.5 });
  /** What undo, merges and a change of the group could leave behind. */
  const tables = (): Tables => ({
    players: [player, { ...player, id: 'b', name: 'Bo', groupId: 'nowhere' }],
    groups: [{ id: 'owls', name: 'Owls', seating: [seat('a'), seat('b'), seat('gone')], demo: false }],
    days: [
      {
        id: 'd',
        name: 'Line',
        day: '2026-11-01',
        startedAt: '2026-11-01T09:00:00.000Z',
        closedAt: null,
        entries: ['a', 'gone'].map((playerId) => ({ playerId, state: 'waiting' })),
        demo: false
      }
    ],
    typed: [typed('a'), typed('gone')]
  });
  const mended = {
    players: [
      { id: 'a', groupId: 'owls' },
      { id: 'b', groupId: null }
    ],
    groups: [{ seating: [seat('a')] }],
    days: [{ entries: [{ playerId: 'a' }] }],
    typed: [{ playerId: 'a' }]
  };

  it('in a backup, which the version itself could not read any more, is read', () => {
    const empty = Object.fromEntries(TABLE_NAMES.filter((name) => name !== 'gone').map((name) => [name, []]));
    const read = readBackup(
      JSON.stringify({ format: 'jarvel-backup', version: 7, savedAt: '', tables: { ...empty, ...tables() } })
    );
    expect(read.ok ? read.backup.tables : read.problem).toMatchObject({ ...mended, gone: [] });
  });

  it('of version 8 keeps its meaning: causes without a direction, faults and answers by check', () => {
    const empty = Object.fromEntries(TABLE_NAMES.map((name) => [name, []]));
    const at = { at: '2026-11-01T09:00:00.000Z', day: '2026-11-01', playerId: 'a' };
    const check = (day: string, rating: string, faults: readonly string[]) => ({
      ...at,
      id: `${day}:light`,
      day,
      at: `${day}T09:00:00.000Z`,
      checkId: 'bow-light',
      lessonId: null,
      setupId: null,
      outcome: { kind: 'rating', rating },
      faults
    });
    const kept = {
      players: [{ ...player, groupId: null }],
      checks: [
        check('2026-11-01', 'not-yet', ['fist']),
        check('2026-11-08', 'not-yet', ['fist']),
        check('2026-11-15', 'secure', [])
      ],
      remedies: [
        {
          ...at,
          id: 'a:bow-light:2026-11-01',
          family: 'violin',
          checkId: 'bow-light',
          fault: 'fist',
          cause: 'size',
          remedy: 'A lighter bow.',
          drill: null,
          setting: null
        }
      ],
      reviews: []
    };
    const read = readBackup(
      JSON.stringify({ format: 'jarvel-backup', version: 8, savedAt: '', tables: { ...empty, ...kept } })
    );
    if (!read.ok) throw new Error(read.problem);
    expect(read.backup.tables).toMatchObject(kept);
    const { remedies, checks } = read.backup.tables;
    const [standing] = standingsFor(remedies, faultLooks(checks), '2026-11-24');
    expect(standing).toMatchObject({ open: false, effect: 'helped', remedy: { cause: 'size' } });
    // Seen at another check it is the same fault, and the same record of what worked.
    expect(workedHere(standing ? [standing] : []).get('bow-fist')).toEqual([
      { cause: 'size', tries: 1, successes: 1 }
    ]);
  });

  it('in a database is mended, and what other copies knew is sorted by player', async () => {
    const old = new Dexie('version-7');
    const stores = Object.fromEntries(
      TABLE_NAMES.filter((name) => name !== 'gone').map((name) => [name, TABLES[name].indexes])
    );
    old.version(7).stores({ ...stores, changes: '++seq, undone', foreseen: 'id', bases: 'id, at' });
    for (const [name, rows] of Object.entries(tables())) await old.table(name).bulkAdd(rows);
    const prints = { 'players:a': '1', 'typed:x': '2', 'players:zoe': '3', 'groups:owls': '4' };
    await old.table('bases').add({ id: 'file', at: '2026-11-01T09:00:00.000Z', prints });
    old.close();
    const db = createDatabase('version-7');
    for (const [name, rows] of Object.entries(mended))
      expect(await db.table(name).toArray()).toMatchObject(rows);
    expect(await db.bases.toArray()).toMatchObject([
      { id: 'file', whole: false, players: { a: { 'players:a': '1' } }, shared: { 'groups:owls': '4' } }
    ]);
    // Who was known and is not there any more was deleted.
    expect((await db.gone.toArray()).map(({ id }) => id)).toEqual(['zoe']);
  });
});
