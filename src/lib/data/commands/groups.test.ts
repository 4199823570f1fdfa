import { describe, expect, it } from 'vitest';
import { commit, undo } from '../journal/changes';
import {
  joinGroups,
  leaveGroup,
  moveToGroup,
  removeGroup,
  renameGroup,
  setAway,
  setFocuses,
  setGroupWay,
  setLessons,
  setSeats
} from './groups';
import { groupNames, groupOf, groupsApart } from '../questions/groups';
import { editPlayer, EMPTY_PLAYER } from './players';
import { MOST_FOCUSES } from '../schema/group';
import { freshDatabase, givenPlayer } from '../testing';
import type { Database } from '../store/database';

/** A group with a player in it. */
async function band(db: Database, name = 'Owls') {
  let groupId = '';
  await commit(db, 'A group', async (writer) => {
    groupId = (await joinGroups(db, writer, [{ group: name }]))[0] ?? '';
  });
  const player = await givenPlayer(db);
  await db.players.update(player.id, { groupId });
  const group = () => db.groups.get(groupId);
  return { groupId, group, player: { ...player, groupId } };
}

describe('a group', () => {
  it('is the same one by its name, however it is written, and none for no name', async () => {
    const db = freshDatabase();
    const ids = await commit(db, 'Groups', (writer) =>
      joinGroups(
        db,
        writer,
        ['Owls', ' owls ', 'OWLS', 'Larks', '  '].map((group) => ({ group }))
      )
    );
    expect(new Set(ids.slice(0, 3)).size).toBe(1);
    expect(ids[3]).not.toBe(ids[0]);
    expect(ids[4]).toBeNull();
    const names = await groupNames(db);
    expect([...names.values()].sort()).toEqual(['Larks', 'Owls']);
    expect(groupOf(names, { groupId: ids[3] ?? null })).toBe('Larks');
    expect(groupOf(names, { groupId: 'gone' })).toBe('');
    expect(groupOf(names, { groupId: null })).toBe('');
  });

  it('is chosen by its identity where two have one name, and their names are told apart', async () => {
    const db = freshDatabase();
    await db.groups.bulkAdd(['a', 'b'].map((id) => ({ id, name: 'Owls', seating: [], demo: false })));
    await setLessons(db, 'b', [{ weekday: 1, time: '15:30', minutes: 30 }]);
    const player = await givenPlayer(db, { groupId: 'b' });
    expect(player.groupId).toBe('b');
    expect([...(await groupsApart(db)).values()]).toEqual(['Owls (1)', 'Owls (2)']);
    // Saving the form again moves nobody and removes nothing.
    await editPlayer(db, player, { ...EMPTY_PLAYER, name: 'Renamed', groupId: 'b' });
    expect(await db.players.get(player.id)).toMatchObject({ name: 'Renamed', groupId: 'b' });
    await renameGroup(db, 'b', ' Night owls ');
    expect([...(await groupsApart(db)).values()]).toEqual(['Owls', 'Night owls']);
    // Who changes the group leaves the seat; a group with times of its own stays, and can be removed.
    await setSeats(db, 'b', [{ playerId: player.id, x: 0.5, y: 0.5 }]);
    await editPlayer(db, player, { ...EMPTY_PLAYER, name: 'Ada', groupId: 'a' });
    expect(await db.groups.get('b')).toMatchObject({ seating: [], lessons: [{ time: '15:30' }] });
    await undo(db);
    expect(await db.groups.get('b')).toMatchObject({ seating: [{ playerId: player.id }] });
    await editPlayer(db, player, { ...EMPTY_PLAYER, name: 'Ada', groupId: null });
    await moveToGroup(db, player.id, 'b');
    await moveToGroup(db, player.id, 'b');
    expect(await db.players.get(player.id)).toMatchObject({ groupId: 'b' });
    await moveToGroup(db, player.id, null);
    await moveToGroup(db, player.id, 'b');
    await expect(moveToGroup(db, player.id, 'nowhere')).rejects.toThrow('removed meanwhile');
    // A group that is removed leaves its players there, and comes back with them in it.
    await removeGroup(db, 'b');
    expect(await db.groups.get('b')).toBeUndefined();
    expect(await db.players.get(player.id)).toMatchObject({ groupId: null });
    await undo(db);
    expect(await db.players.get(player.id)).toMatchObject({ groupId: 'b' });
    await removeGroup(db, 'b');
    await expect(editPlayer(db, player, { ...EMPTY_PLAYER, name: 'Ada', groupId: 'b' })).rejects.toThrow(
      'removed meanwhile'
    );
  });

  it('goes when nobody is in it any more', async () => {
    const db = freshDatabase();
    const { player, group } = await band(db);
    await commit(db, 'Still in', (writer) => leaveGroup(db, writer, player));
    expect(await group()).toBeDefined();
    await db.players.update(player.id, { groupId: null });
    await commit(db, 'Left', (writer) => leaveGroup(db, writer, player));
    expect(await group()).toBeUndefined();
  });

  it('keeps seats: whoever moves has one, the others stay', async () => {
    const db = freshDatabase();
    const { groupId, group, player } = await band(db);
    const other = await givenPlayer(db, { name: 'Bo', group: 'Owls' });
    await setSeats(db, groupId, [
      { playerId: player.id, x: 0.2, y: 0.3 },
      { playerId: other.id, x: 0.8, y: 0.3 }
    ]);
    await setSeats(db, groupId, [{ playerId: player.id, x: 0.5, y: 0.9 }]);
    expect((await group())?.seating).toEqual([
      { playerId: other.id, x: 0.8, y: 0.3 },
      { playerId: player.id, x: 0.5, y: 0.9 }
    ]);
    await undo(db);
    expect((await group())?.seating).toContainEqual({ playerId: player.id, x: 0.2, y: 0.3 });
  });

  it('knows who is away today, once each, and forgets it the next day', async () => {
    const db = freshDatabase();
    const { groupId, group, player } = await band(db);
    await setAway(db, groupId, player, '2026-11-24', true);
    await setAway(db, groupId, player, '2026-11-24', true);
    expect((await group())?.away).toEqual({ day: '2026-11-24', playerIds: [player.id] });
    await setAway(db, groupId, player, '2026-11-24', false);
    expect((await group())?.away?.playerIds).toEqual([]);
    await setAway(db, groupId, player, '2026-11-24', true);
    const other = await givenPlayer(db, { name: 'Bo', group: 'Owls' });
    await setAway(db, groupId, other, '2026-12-01', true);
    expect((await group())?.away).toEqual({ day: '2026-12-01', playerIds: [other.id] });
  });

  it('has its own way of a thing, and follows the teacher’s again', async () => {
    const db = freshDatabase();
    const { groupId, group } = await band(db);
    await setGroupWay(db, groupId, 'seat', 'further-out');
    await setGroupWay(db, groupId, 'start', 'bow-first');
    expect((await group())?.ways).toEqual({ seat: 'further-out', start: 'bow-first' });
    await setGroupWay(db, groupId, 'seat', null);
    expect((await group())?.ways).toEqual({ start: 'bow-first' });
  });

  it('comes at its times, and works on one thing a week', async () => {
    const db = freshDatabase();
    const { groupId, group } = await band(db);
    await setLessons(db, groupId, [{ weekday: 1, time: '14:15', minutes: 45 }]);
    await setFocuses(db, '2026-11-23', [[groupId, 'hold']]);
    await setFocuses(db, '2026-11-23', [[groupId, 'bow-hand']]);
    await setFocuses(db, '2026-11-30', [[groupId, 'stance']]);
    expect(await group()).toMatchObject({
      lessons: [{ weekday: 1, time: '14:15' }],
      focuses: [
        { week: '2026-11-23', category: 'bow-hand' },
        { week: '2026-11-30', category: 'stance' }
      ]
    });
    await setFocuses(db, '2026-11-23', [[groupId, null]]);
    expect((await group())?.focuses).toEqual([{ week: '2026-11-30', category: 'stance' }]);
  });

  it('keeps the newest of many weeks', async () => {
    const db = freshDatabase();
    const { groupId, group } = await band(db);
    const focuses = Array.from({ length: MOST_FOCUSES }, (_, i) => ({
      week: `20${String(10 + Math.floor(i / 12)).padStart(2, '0')}-${String(1 + (i % 12)).padStart(2, '0')}-01`,
      category: 'hold' as const
    }));
    await db.groups.update(groupId, { focuses });
    await setFocuses(db, '2026-11-23', [[groupId, 'stance']]);
    const kept = (await group())?.focuses ?? [];
    expect(kept).toHaveLength(MOST_FOCUSES);
    expect(kept.at(-1)).toEqual({ week: '2026-11-23', category: 'stance' });
    expect(kept).not.toContainEqual(focuses[0]);
  });

  it('that another tab removed is said, and nothing is written', async () => {
    const db = freshDatabase();
    const { groupId, player } = await band(db);
    await db.groups.delete(groupId);
    for (const change of [
      () => setSeats(db, groupId, [{ playerId: player.id, x: 0.5, y: 0.5 }]),
      () => setAway(db, groupId, player, '2026-11-24', true),
      () => setGroupWay(db, groupId, 'seat', 'further-out'),
      () => setLessons(db, groupId, []),
      () => setFocuses(db, '2026-11-23', [[groupId, 'hold']])
    ])
      await expect(change()).rejects.toThrow('This group was removed meanwhile');
    expect(await db.groups.count()).toBe(0);
  });
});
