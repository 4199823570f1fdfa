import { afterEach, describe, expect, it, vi } from 'vitest';
import { contents, freshDatabase, givenPlayer } from './testing';
import { commit, KEPT_CHANGES, lastDone, lastUndone, redo, undo } from './changes';
import { changeDraft, getDraft } from './drafts';
import { addReading, dropReading, freshReadings, setSlopeLook } from './measurements';
import { changePlayer, deletePlayer } from './players';
import { watchSaves, type SaveState } from './save-state';
import { changeSettings, getSettings } from './settings';

describe('changes', () => {
  it('can all be taken back and done again, one by one', async () => {
    const db = freshDatabase();
    const states = [await contents(db)];
    const remember = async () => states.push(await contents(db));
    const player = await givenPlayer(db);
    await remember();
    await addReading(db, player, 'height', 1205, 'height');
    await remember();
    await changeSettings(db, 'unit', { unit: 'in' });
    await remember();
    await changeDraft(db, player, 'moved', { mount: 'centre' });
    await remember();
    await deletePlayer(db, player);
    await remember();

    for (let at = states.length - 2; at >= 0; at--) {
      await undo(db);
      expect(await contents(db)).toEqual(states[at]);
    }
    expect(await undo(db)).toBeUndefined();
    for (let at = 1; at < states.length; at++) {
      await redo(db);
      expect(await contents(db)).toEqual(states[at]);
    }
    expect(await redo(db)).toBeUndefined();
  });

  it('drop what was undone when something new is done', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await changePlayer(db, player, { group: 'A' });
    await undo(db);
    expect((await lastUndone(db))?.label).toBe('Changed Tilly Test');
    await changePlayer(db, player, { group: 'B' });
    expect(await lastUndone(db)).toBeUndefined();
    expect((await db.players.get(player.id))?.group).toBe('B');
  });

  it('are there as a whole or not at all', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const before = await contents(db);
    await expect(
      commit(db, 'breaks', async ({ put }) => {
        await put('players', { ...player, name: 'half written' });
        throw new Error('power cut');
      })
    ).rejects.toThrow('power cut');
    expect(await contents(db)).toEqual(before);
    expect((await lastDone(db))?.label).toBe('Added Tilly Test');
  });

  it('keep only so many steps', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    for (let step = 0; step < KEPT_CHANGES + 5; step++)
      await changePlayer(db, player, { group: String(step) });
    expect(await db.changes.count()).toBe(KEPT_CHANGES);
  });
});

describe('the state of saving', () => {
  afterEach(() => vi.restoreAllMocks());

  it('tells of a full disk, and the record stays as it was', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const states: SaveState[] = [];
    const stop = watchSaves((state) => states.push(state));
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    await expect(changePlayer(db, player, { group: 'B' })).rejects.toThrow();
    stop();
    vi.restoreAllMocks();
    expect(states.at(-1)).toEqual({ kind: 'failed', problem: 'disk-full' });
    expect((await db.players.get(player.id))?.group).toBe('');
  });
});

describe('measurements', () => {
  it('hold every reading of a day and let one go', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const morning = new Date('2026-11-24T09:00:00');
    await addReading(db, player, 'armToPalm', 478, 'arm', morning);
    await addReading(db, player, 'armToPalm', 481, 'arm', morning);
    const [measurement] = await db.measurements.toArray();
    expect(measurement?.readings.map(({ mm }) => mm)).toEqual([478, 481]);
    if (measurement) await dropReading(db, player, measurement, 0, 'arm');
    expect((await db.measurements.toArray())[0]?.readings.map(({ mm }) => mm)).toEqual([481]);
  });

  it('empty what was typed with the same step that takes it', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await db.drafts.put({ ...(await getDraft(db, player.id)), texts: { height: '120', armToPalm: '48' } });
    await addReading(db, player, 'height', 1200, 'height');
    expect((await getDraft(db, player.id)).texts).toEqual({ armToPalm: '48' });
    await undo(db);
    expect((await getDraft(db, player.id)).texts).toEqual({ height: '120', armToPalm: '48' });
  });

  it('count for ninety days; the newest day wins and is not mixed with older ones', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addReading(db, player, 'height', 1180, 'height', new Date('2026-10-01T09:00:00'));
    await addReading(db, player, 'height', 1200, 'height', new Date('2026-11-20T09:00:00'));
    await addReading(db, player, 'armToPalm', 470, 'arm', new Date('2026-08-01T09:00:00'));
    await setSlopeLook(db, player, 'steep', new Date('2026-11-20T09:00:00'));
    expect(freshReadings(await db.measurements.toArray(), '2026-11-24')).toEqual({ height: [1200] });
    expect(freshReadings(await db.measurements.toArray(), '2026-10-24')).toMatchObject({ armToPalm: [470] });
  });
});

it('settings start with the defaults', async () => {
  const db = freshDatabase();
  expect(await getSettings(db)).toMatchObject({
    unit: 'cm',
    rule: { school: 'palm-centre' },
    restSchool: 'rest-first'
  });
});
