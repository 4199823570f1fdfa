import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { expect, it } from 'vitest';
import { readBackup } from './backup';
import { createDatabase, SCHEMA_VERSION, WRITTEN_BY_NEWER } from './database';
import { RECORD_SCHEMAS } from './record-schemas';

const VERSION_1_STORES = {
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

it('brings a database of version 1 up to date and loses nothing', async () => {
  const old = new Dexie('older');
  old.version(1).stores(VERSION_1_STORES);
  const player = {
    name: 'Old Timer',
    birthMonth: null,
    curve: null,
    family: 'violin',
    group: '',
    notes: 'kept',
    photosAllowed: false,
    createdAt: '2025-01-01T00:00:00.000Z'
  };
  await old.table('players').bulkAdd([
    { ...player, id: 'a', archived: false },
    { ...player, id: 'b', archived: true }
  ]);
  await old.table('checks').add({ id: 'c', playerId: 'a', checkId: 'hold-seat', day: '2025-02-01' });
  old.close();

  const db = createDatabase('older');
  const players = await db.players.toArray();
  expect(db.verno).toBe(SCHEMA_VERSION);
  expect(players.map(({ archivedOn, demo, notes }) => ({ archivedOn, demo, notes }))).toEqual([
    { archivedOn: null, demo: false, notes: 'kept' },
    { archivedOn: '1970-01-01', demo: false, notes: 'kept' }
  ]);
  for (const record of players)
    expect(RECORD_SCHEMAS.players.isValidSync(record, { strict: true })).toBe(true);
  expect(await db.checks.where('day').equals('2025-02-01').count()).toBe(1);
});

it('brings fits and drafts of version 2 up to date', async () => {
  const old = new Dexie('second');
  old.version(2).stores({ ...VERSION_1_STORES, checks: 'id, playerId, day, [playerId+checkId]' });
  const fit = {
    id: 'f',
    playerId: 'a',
    family: 'violin',
    at: '2026-01-01T09:00:00.000Z',
    day: '2026-01-01',
    readings: { height: [1205] },
    rule: { school: 'palm-centre' },
    proposal: '1/4',
    advised: '1/4',
    betweenSizes: false,
    probability: 0.9,
    marginMm: 7,
    size: '1/4',
    reason: null,
    nextLook: '2026-07-01'
  };
  const draft = {
    id: 'a',
    startedAt: fit.at,
    updatedAt: fit.at,
    texts: { height: '12' },
    overrideSize: null,
    overrideReason: '',
    restSchool: null,
    mount: 'beside',
    tiltDeg: null,
    adjustments: { values: {}, marks: {} }
  };
  await old.table('fits').add(fit);
  await old.table('drafts').add(draft);
  old.close();
  const db = createDatabase('second');
  const [read] = await db.fits.toArray();
  expect(read).toEqual({ ...fit, trialId: null, instruments: [] });
  expect(RECORD_SCHEMAS.fits.isValidSync(read, { strict: true })).toBe(true);
  const [half] = await db.drafts.toArray();
  expect(half).toMatchObject({ texts: { height: '12' }, trial: null, instruments: [] });
  expect(RECORD_SCHEMAS.drafts.isValidSync(half, { strict: true })).toBe(true);
  expect(await db.trials.count()).toBe(0);

  const backup = readBackup(
    JSON.stringify({
      format: 'jarvel-backup',
      version: 2,
      tables: {
        players: [],
        measurements: [],
        fits: [],
        setups: [],
        checks: [],
        instruments: [],
        drafts: [draft],
        settings: []
      }
    })
  );
  expect(backup.ok && backup.backup.tables.drafts[0]).toMatchObject({ trial: null });
  expect(backup.ok && backup.backup.tables.days).toEqual([]);
});

it('refuses a database that a newer version wrote', async () => {
  const newer = new Dexie('newer');
  newer
    .version(SCHEMA_VERSION + 1)
    .stores({ ...VERSION_1_STORES, checks: 'id, playerId, day, [playerId+checkId]' });
  await newer.open();
  newer.close();
  await expect(createDatabase('newer').players.count()).rejects.toThrow(WRITTEN_BY_NEWER);
});
