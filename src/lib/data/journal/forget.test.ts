import { describe, expect, it } from 'vitest';
import { freshDatabase, givenDecision, givenPlayer, givenReadings, SHOT } from '../testing';
import { undo } from './changes';
import { dayOf } from '$lib/core/time';
import { startDay } from '../commands/days';
import { loadDemo } from '../demo/demo';
import { noteConsent } from '../pictures/consent';
import { keepPicture } from '../pictures/kept';
import { deletedFor, forget, UNDO_DELETION_MS } from './forget';
import { keepText } from '../commands/typed';
import { notePain } from '../commands/pains';
import { deletePlayer, EMPTY_PLAYER, importPlayers, removeDemo } from '../commands/players';
import { writeBackup } from '../files/backup';

const NOW = new Date('2026-11-24T09:00:00');

/** Everything that the database holds in any table, the journal included, but the tombstones. */
async function everything(db: ReturnType<typeof freshDatabase>): Promise<string> {
  const tables = db.tables.filter(({ name }) => name !== 'gone');
  return JSON.stringify(await Promise.all(tables.map((table) => table.toArray())));
}

async function givenLife() {
  const db = freshDatabase();
  const other = await givenPlayer(db, { name: 'Olive Other', group: 'Owls' });
  const player = await givenPlayer(db, { name: 'Gone Girl', group: 'Owls' });
  await givenReadings(db, player, { height: 1205, armToPalm: 502 }, NOW);
  await givenDecision(db, player, NOW);
  await notePain(db, player, 'check', '1/4', NOW);
  await keepText(db, player.id, 'height', '12');
  await noteConsent(db, player.id, { by: 'Her mother', on: '2026-11-20', what: 'posture in lessons' });
  await keepPicture(db, { ...SHOT, playerId: player.id }, NOW);
  await startDay(db, 'Line', [{ playerId: other.id }, { playerId: player.id }]);
  return { db, other, player };
}

describe('a deleted player', () => {
  it('comes back with everything by undo, for a moment', async () => {
    const { db, player } = await givenLife();
    const before = await writeBackup(db, NOW);
    await deletePlayer(db, player);
    await undo(db);
    expect(await writeBackup(db, NOW)).toEqual(before);
    expect(await deletedFor(db, new Date(Date.now() + 2 * UNDO_DELETION_MS))).toEqual([]);
  });

  it('is due to be forgotten only when the moment is over', async () => {
    const { db, player } = await givenLife();
    await deletePlayer(db, player);
    const deleted = Date.now();
    expect(await deletedFor(db, new Date(deleted + UNDO_DELETION_MS / 2))).toEqual([]);
    expect(await deletedFor(db, new Date(deleted + 2 * UNDO_DELETION_MS))).toEqual([player.id]);
  });

  it('leaves nothing in any table when forgotten, and takes nobody else along', async () => {
    const { db, other, player } = await givenLife();
    await deletePlayer(db, player);
    await forget(db, [player.id]);
    const left = await everything(db);
    expect(left).not.toContain(player.id);
    expect(left).not.toContain('Gone Girl');
    // A random id and a day: enough that no merge brings her back.
    expect(await db.gone.toArray()).toEqual([{ id: player.id, day: dayOf(new Date()) }]);
    expect(left).toContain('Olive Other');
    expect((await db.days.toArray())[0]?.entries.map(({ playerId }) => playerId)).toEqual([other.id]);
    // What is left of the steps can still be taken back.
    while (await undo(db));
    expect(await everything(db)).not.toContain(player.id);
    expect(await db.players.count()).toBe(0);
  });

  it('goes out of a list that came in with others; they stay undoable', async () => {
    const db = freshDatabase();
    await importPlayers(
      db,
      ['Ann', 'Zed'].map((name) => ({ ...EMPTY_PLAYER, name })),
      'skip'
    );
    const zed = (await db.players.toArray()).find(({ name }) => name === 'Zed');
    if (!zed) throw new Error('nobody came in');
    await deletePlayer(db, zed);
    await forget(db, [zed.id]);
    expect(await everything(db)).not.toContain('Zed');
    await undo(db);
    expect(await db.players.count()).toBe(0);
  });

  it('who is there again is not forgotten', async () => {
    const { db, player } = await givenLife();
    await deletePlayer(db, player);
    await undo(db);
    await forget(db, [player.id]);
    expect(await db.players.get(player.id)).toBeDefined();
    expect(await db.measurements.count()).toBe(2);
  });
});

it('the made-up class goes the same way', async () => {
  const db = freshDatabase();
  await givenPlayer(db, { name: 'Mine' });
  await loadDemo(db, NOW);
  const gone = await removeDemo(db);
  expect(gone).toHaveLength(24);
  await forget(db, gone);
  const left = await everything(db);
  expect(left).not.toContain('demo-01');
  expect(left).not.toContain('Fernsby');
  expect(left).toContain('Mine');
});
