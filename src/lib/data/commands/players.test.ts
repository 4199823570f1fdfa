import { describe, expect, it } from 'vitest';
import { contents, freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { redo, undo } from '../journal/changes';
import { problemWith } from '../schema/problem';
import type { Database } from '../store/database';
import { groupNames, groupOf } from '../questions/groups';
import { closePains, notePain } from './pains';
import { archivePlayer, deletePlayer, editPlayer, EMPTY_PLAYER, importPlayers } from './players';
import type { Player, PlayerForm } from '../store/records';
import { Refusal } from '../store/refusal';
import { changeSettings } from './settings';
import { clearTyped, keepText, NEW_PLAYER, SETTINGS_FORM, typedOf } from './typed';

const edit = (db: Database, player: Player, patch: Partial<PlayerForm>) =>
  editPlayer(db, player, { ...EMPTY_PLAYER, name: player.name, ...patch });

describe('a group', () => {
  it('is one whatever the letters’ case, and goes with the last who leaves it', async () => {
    const db = freshDatabase();
    const ada = await givenPlayer(db, { name: 'Ada', group: 'Monday' });
    const bea = await givenPlayer(db, { name: 'Bea', group: ' monday ' });
    expect(bea.groupId).toBe(ada.groupId);
    expect(groupOf(await groupNames(db), bea)).toBe('Monday');
    await edit(db, ada, { group: 'Tuesday' });
    expect([...(await groupNames(db)).values()].sort()).toEqual(['Monday', 'Tuesday']);
    await edit(db, bea, { group: '' });
    expect([...(await groupNames(db)).values()]).toEqual(['Tuesday']);
    await undo(db);
    expect(groupOf(await groupNames(db), (await db.players.get(bea.id)) ?? bea)).toBe('Monday');
  });

  it('comes once with a list in which many are of it', async () => {
    const db = freshDatabase();
    const form = (name: string) => ({ ...EMPTY_PLAYER, name, group: 'Class 4b' });
    await importPlayers(db, [form('Ada'), form('Bea'), form('Cem')], 'skip');
    expect(await db.groups.count()).toBe(1);
    expect(new Set((await db.players.toArray()).map(({ groupId }) => groupId)).size).toBe(1);
    await undo(db);
    expect([await db.groups.count(), await db.players.count()]).toEqual([0, 0]);
  });
});

describe('a player', () => {
  it('is changed, put away and brought back, each as a step', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await edit(db, player, { name: 'Renamed', family: 'cello' });
    await archivePlayer(db, player, '2026-11-24');
    expect(await db.players.get(player.id)).toMatchObject({
      name: 'Renamed',
      family: 'cello',
      archivedOn: '2026-11-24'
    });
    await undo(db);
    expect((await db.players.get(player.id))?.archivedOn).toBeNull();
    await undo(db);
    expect(await db.players.get(player.id)).toEqual(player);
    await redo(db);
    expect((await db.players.get(player.id))?.name).toBe('Renamed');
  });

  it('that was deleted in another tab is neither changed nor put away', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await deletePlayer(db, player);
    await expect(edit(db, player, { name: 'Back again' })).rejects.toBeInstanceOf(Refusal);
    await expect(archivePlayer(db, player, '2026-11-24')).rejects.toBeInstanceOf(Refusal);
    expect(await db.players.count()).toBe(0);
  });

  it('has a name that can be seen', async () => {
    const db = freshDatabase();
    for (const name of ['', '   ', '\u200b\u200d', '\u2060'])
      await expect(givenPlayer(db, { name })).rejects.toBeInstanceOf(Refusal);
    for (const name of ['Zoë', '李', 'נועה', 'م', '🎻']) await givenPlayer(db, { name });
    expect(await db.players.count()).toBe(5);
  });

  it('deleted twice is deleted once, and comes back whole', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db, { group: 'Monday' });
    await givenReadings(db, player, { height: 1205, armToPalm: 478 });
    await givenDecision(db, player);
    const before = await contents(db);
    await Promise.all([deletePlayer(db, player), deletePlayer(db, player)]);
    expect(await db.measurements.count()).toBe(0);
    await undo(db);
    expect(await contents(db)).toEqual(before);
  });

  it('with whatever is left out or beside its place is refused', async () => {
    const player = await givenPlayer(freshDatabase());
    expect(problemWith('players', player)).toBeNull();
    for (const key of Object.keys(player)) {
      const { [key as keyof Player]: _, ...rest } = player;
      expect([key, problemWith('players', rest)]).not.toEqual([key, null]);
    }
    expect(problemWith('players', { ...player, shoe: 30 })).toContain('shoe');
    for (const birthMonth of ['2018-13', '2018-00', '18-05', '2018-05-01', ''])
      expect([birthMonth, problemWith('players', { ...player, birthMonth })]).not.toEqual([birthMonth, null]);
  });
});

describe('a note of pain', () => {
  it('stays open until it is closed with a word, and the word is kept', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const first = new Date('2026-11-24T10:00:00');
    await notePain(db, player, 'trial', '1/4', first);
    await notePain(db, player, 'check', '1/4', new Date('2026-11-24T10:20:00'));
    const [one, two] = await db.pains.toCollection().sortBy('at');
    expect([one?.closedAt, two?.closedAt]).toEqual([null, null]);
    await closePains(db, player, [one?.id ?? ''], '  gone after a rest ', new Date('2026-11-24T10:30:00'));
    expect(await db.pains.get(one?.id ?? '')).toMatchObject({ note: 'gone after a rest' });
    expect((await db.pains.get(two?.id ?? ''))?.closedAt).toBeNull();
    const closed = await db.pains.get(one?.id ?? '');
    await closePains(db, player, [one?.id ?? ''], 'another word');
    expect(await db.pains.get(one?.id ?? '')).toEqual(closed);
  });
});

describe('what is typed', () => {
  it('comes back as it was typed last, however often its player goes and comes', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    for (const text of ['1', '12', '']) {
      await keepText(db, player.id, 'height', text);
      await undo(db);
      expect(await db.typed.count()).toBe(0);
      await redo(db);
      expect(await typedOf(db, player.id)).toEqual(text === '' ? {} : { height: text });
    }
  });

  it('has a place for each field of each player, and one for a player who is not there yet', async () => {
    const db = freshDatabase();
    const ada = await givenPlayer(db, { name: 'Ada' });
    const bea = await givenPlayer(db, { name: 'Bea' });
    await keepText(db, ada.id, 'height', '12');
    await keepText(db, ada.id, 'reason', 'small for her');
    await keepText(db, bea.id, 'height', '13');
    await keepText(db, NEW_PLAYER, 'form.name', 'Ce');
    await keepText(db, SETTINGS_FORM, 'teacherName', 'Ms');
    expect(await typedOf(db, ada.id)).toEqual({ height: '12', reason: 'small for her' });
    expect(await typedOf(db, NEW_PLAYER)).toEqual({ 'form.name': 'Ce' });
    expect(await typedOf(db, SETTINGS_FORM)).toEqual({ teacherName: 'Ms' });
    await changeSettings(db, 'Changed the name on the card', { teacherName: 'Ms Placeholder' });
    expect(await typedOf(db, SETTINGS_FORM)).toEqual({});
    await keepText(db, ada.id, 'height', '');
    expect(await typedOf(db, ada.id)).toEqual({ reason: 'small for her' });
    await clearTyped(db, ada.id, (field) => field === 'reason');
    expect(await typedOf(db, ada.id)).toEqual({});
    expect(await typedOf(db, bea.id)).toEqual({ height: '13' });
  });

  it('is kept of nobody who is gone', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await keepText(db, player.id, 'height', '12');
    await deletePlayer(db, player);
    await keepText(db, player.id, 'height', '120');
    expect(await db.typed.count()).toBe(0);
  });
});
