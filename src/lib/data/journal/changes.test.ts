import { afterEach, describe, expect, it, vi } from 'vitest';
import { contents, freshDatabase, givenPlayer } from '../testing';
import { commit, redo, undo } from './changes';
import { KEPT_CHANGES } from './kept';
import { lastDone, lastUndone } from './steps';
import { changeDraft, changeSetup } from '../commands/drafts';
import { addReading, dropReading, freshReadings, setSlopeLook } from '../commands/measurements';
import { archivePlayer, deletePlayer, editPlayer, EMPTY_PLAYER } from '../commands/players';
import { Refusal } from '../store/refusal';
import { MOST_READINGS } from '../schema/fields';
import { keepText, typedOf } from '../commands/typed';
import { NotSaved, watchSaves, type SaveState } from './save-state';
import { changeSettings } from '../commands/settings';
import { getSettings } from '../questions/settings';

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
    await changeDraft(db, player, 'thought', { overrideSize: '1/4' });
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
    await archivePlayer(db, player, '2026-01-01');
    await undo(db);
    expect((await lastUndone(db))?.label).toBe('Archived Tilly Test');
    await archivePlayer(db, player, '2026-02-02');
    expect(await lastUndone(db)).toBeUndefined();
    expect((await db.players.get(player.id))?.archivedOn).toBe('2026-02-02');
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

  it('of a key that is held are one step, and what comes later is another', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const lift = (mm: number) =>
      changeSetup(
        db,
        player,
        'Lift',
        () => ({ kind: 'rest', choices: {}, values: { lift: mm }, marks: {} }),
        undefined,
        'lift'
      );
    const steps = await db.changes.count();
    for (const mm of [1, 2, 3, 4]) await lift(mm);
    expect(await db.changes.count()).toBe(steps + 1);
    await db.changes
      .toCollection()
      .modify((change) => void Object.assign(change, { at: '2026-01-01T09:00:00.000Z' }));
    await lift(5);
    expect(await db.changes.count()).toBe(steps + 2);
    await undo(db);
    expect((await db.drafts.get(player.id))?.setup?.values).toEqual({ lift: 4 });
    await undo(db);
    expect(await db.drafts.get(player.id)).toBeUndefined();
    await redo(db);
    expect((await db.drafts.get(player.id))?.setup?.values).toEqual({ lift: 4 });
  });

  it('keep only so many steps', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    for (let step = 0; step < KEPT_CHANGES + 5; step++)
      await archivePlayer(db, player, step % 2 === 0 ? '2026-01-01' : null);
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
    await expect(archivePlayer(db, player, '2026-01-01')).rejects.toThrow(NotSaved);
    stop();
    vi.restoreAllMocks();
    expect(states.at(-1)).toEqual({ kind: 'failed', problem: 'disk-full', label: 'Archived Tilly Test' });
    expect((await db.players.get(player.id))?.archivedOn).toBeNull();
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
    const [first] = measurement?.readings ?? [];
    if (measurement && first) {
      // Two quick presses on the same reading drop it once.
      const drop = () => dropReading(db, player, measurement, first, 'arm');
      await Promise.all([drop(), drop()]);
    }
    expect((await db.measurements.toArray())[0]?.readings.map(({ mm }) => mm)).toEqual([481]);
  });

  it('dropped one after the other on an old screen both go', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const at = (minute: number) => new Date(`2026-11-24T09:0${minute}:00`);
    for (const [index, mm] of [478, 481, 490].entries())
      await addReading(db, player, 'armToPalm', mm, 'arm', at(index));
    const [seen] = await db.measurements.toArray();
    const [first, second] = seen?.readings ?? [];
    if (!seen || !first || !second) throw new Error('nothing was read');
    await Promise.all([
      dropReading(db, player, seen, first, 'arm'),
      dropReading(db, player, seen, second, 'arm')
    ]);
    expect((await db.measurements.toArray())[0]?.readings.map(({ mm }) => mm)).toEqual([490]);
  });

  it('are no more a day than a backup takes', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    for (let count = 0; count < MOST_READINGS; count++)
      await addReading(db, player, 'height', 1200, 'height');
    await expect(addReading(db, player, 'height', 1200, 'height')).rejects.toThrow(Refusal);
    expect((await db.measurements.toArray())[0]?.readings).toHaveLength(MOST_READINGS);
  });

  it('typed into a field that can’t be kept are an error, and not called saved', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await expect(keepText(db, player.id, 'a name with spaces', 'text')).rejects.toThrow('can’t be kept');
  });

  it('take what was typed for them along; what undo takes back leaves typed text alone', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await keepText(db, player.id, 'height', '120');
    await keepText(db, player.id, 'armToPalm', '48');
    await addReading(db, player, 'height', 1200, 'height');
    expect(await typedOf(db, player.id)).toEqual({ armToPalm: '48' });
    await keepText(db, player.id, 'armToPalm', '48.5');
    await undo(db);
    expect(await db.measurements.count()).toBe(0);
    expect(await typedOf(db, player.id)).toEqual({ armToPalm: '48.5' });
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

describe('what a write depends on', () => {
  it('is checked by the schema of its table, and nothing is written that a backup would refuse', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const put = (change: object) => commit(db, 'odd', ({ put }) => put('players', { ...player, ...change }));
    await expect(put({ name: '' })).rejects.toThrow(/players, name/);
    await expect(put({ archivedOn: '2026-02-31' })).rejects.toThrow(/players, archivedOn/);
    await expect(put({ shoe: 38 })).rejects.toThrow(/shoe/);
    expect(await db.players.get(player.id)).toEqual(player);
  });

  it('is there: nothing is kept of a player who was deleted in another tab', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await deletePlayer(db, player);
    const states: SaveState[] = [];
    const stop = watchSaves((state) => states.push(state));
    await expect(addReading(db, player, 'height', 1200, 'height')).rejects.toThrow(/deleted meanwhile/);
    await expect(changeDraft(db, player, 'thought', { overrideSize: '1/4' })).rejects.toThrow(Refusal);
    await expect(editPlayer(db, player, EMPTY_PLAYER)).rejects.toThrow(Refusal);
    stop();
    await keepText(db, player.id, 'height', '12');
    for (const table of [db.measurements, db.drafts, db.typed, db.players])
      expect(await table.count()).toBe(0);
    // A refusal is no failure of the storage.
    expect(states.some(({ kind }) => kind === 'failed')).toBe(false);
  });
});
