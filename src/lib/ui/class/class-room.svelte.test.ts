import { at, onScreen } from '$lib/ui/testing.svelte';
import { describe, expect, it } from 'vitest';
import { subjectOf, type CheckOutcome, type Rating } from '$lib/core/checks';
import { mondayOf } from '$lib/core/plan';
import {
  changeSettings,
  closePains,
  db,
  editPlayer,
  EMPTY_PLAYER,
  notePain,
  recordCheck,
  undo
} from '$lib/data';
import { setAway, setFocuses, setGroupWay, setSeats } from '$lib/data/commands/groups';
import { givenPlayer } from '$lib/data/testing';
import { ClassRoom, type Sitter } from './class-room.svelte';

const GROUP = 'Thursday';
const rated = (rating: Rating): CheckOutcome => ({ kind: 'rating', rating });

/** A room with some players, whose looks are there. */
async function roomOf(...names: readonly string[]): Promise<ClassRoom> {
  for (const name of names) await givenPlayer(db, { name, group: GROUP });
  const group = (await db.groups.toArray()).find(({ name }) => name === GROUP);
  const room = onScreen(() => new ClassRoom(group?.id ?? ''));
  await expect.poll(() => room.ready && room.check !== null).toBe(true);
  return room;
}

const sitter = (room: ClassRoom, name: string): Sitter => {
  const found = room.sitters.find(({ player }) => player.name === name);
  if (!found) throw new Error(`${name} does not sit here`);
  return found;
};
const stateOf = (room: ClassRoom, name: string) => sitter(room, name).state;

describe('a class in its room', () => {
  it('has each of its players once, by name, without those of another group or put away', async () => {
    await givenPlayer(db, { name: 'Elsewhere', group: 'Other' });
    const room = await roomOf('Berta', 'Aron', 'Chidi');
    expect(room.players.map(({ name }) => name)).toEqual(['Aron', 'Berta', 'Chidi']);
    const { player } = sitter(room, 'Berta');
    await db.players.update(player.id, { archivedOn: '2026-01-05' });
    await expect.poll(() => room.players.map(({ name }) => name)).toEqual(['Aron', 'Chidi']);
    expect(room.sitters).toHaveLength(2);
  });

  it('begins with what most of it needs, and goes where the teacher goes', async () => {
    const room = await roomOf('Aron', 'Berta');
    expect(room.proposed).toBe('stance');
    expect(room.at).toBe('stance');
    expect(room.looks.every(({ category }) => category === 'stance')).toBe(true);
    const [group] = await db.groups.toArray();
    await setFocuses(db, mondayOf(room.today), [[group?.id ?? '', 'bow-hand']]);
    await expect.poll(() => room.at).toBe('bow-hand');
    expect(room.proposed).toBe('stance');
    room.choose('hold');
    expect(room.looks.map(({ category }) => category)).toContain('hold');
    expect(room.check?.category).toBe('hold');
    const [, second] = room.looks;
    room.look(second);
    expect(room.check?.id).toBe(second?.id);
    room.look(undefined);
    expect(room.check?.id).toBe(second?.id);
  });

  it('looks from one standpoint at a time, each of which has a look', async () => {
    const room = await roomOf('Aron');
    room.choose('hold');
    const all = room.looks.length;
    for (const standpoint of room.standpoints) {
      room.standpoint = standpoint;
      expect(room.looks.length).toBeGreaterThan(0);
      expect(room.looks.length).toBeLessThanOrEqual(all);
      expect(room.looks.every((look) => look.standpoint === standpoint)).toBe(true);
    }
    room.choose('left-hand');
    expect(room.standpoint).toBeNull();
  });

  it('keeps a tap for each, and a second for the fault', async () => {
    const room = await roomOf('Aron', 'Berta');
    await room.rate(sitter(room, 'Aron'), rated('mostly'));
    await expect.poll(() => stateOf(room, 'Aron')).toBe('seen');
    expect(stateOf(room, 'Berta')).toBe('waiting');
    expect(sitter(room, 'Aron').strength).toBe(3);
    const [fault] = room.check?.faults ?? [];
    await room.toggle(sitter(room, 'Aron'), fault?.id ?? '');
    await expect.poll(() => sitter(room, 'Aron').result?.faults).toEqual([fault?.id]);
    await room.toggle(sitter(room, 'Berta'), fault?.id ?? '');
    await expect.poll(() => sitter(room, 'Berta').result?.outcome).toEqual(rated('not-yet'));
    expect(await db.checks.count()).toBe(2);
  });

  it('what is secure has no fault left, and what is undone is open again', async () => {
    const room = await roomOf('Aron');
    const [fault] = room.check?.faults ?? [];
    await room.toggle(sitter(room, 'Aron'), fault?.id ?? '');
    await expect.poll(() => sitter(room, 'Aron').result?.faults).toHaveLength(1);
    await room.rate(sitter(room, 'Aron'), rated('secure'));
    await expect.poll(() => sitter(room, 'Aron').result?.faults).toEqual([]);
    await undo(db);
    await undo(db);
    await expect.poll(() => stateOf(room, 'Aron')).toBe('waiting');
    expect(sitter(room, 'Aron').strength).toBe(0);
  });

  it('shows the last time, and counts only what was seen today', async () => {
    at('2026-11-24T10:00:00');
    const room = await roomOf('Aron');
    const { player } = sitter(room, 'Aron');
    const { check } = room;
    if (!check) throw new Error('no look');
    // What was seen before changes what is proposed; the teacher stays with this one.
    room.choose(check.category);
    room.look(check);
    const before = { outcome: rated('with-help'), faults: [], setupId: null };
    await recordCheck(db, player, check, before, new Date('2026-11-17T10:00:00'));
    await expect.poll(() => sitter(room, 'Aron').last?.day).toBe('2026-11-17');
    expect(stateOf(room, 'Aron')).toBe('waiting');
    expect(sitter(room, 'Aron').strength).toBe(2);
    expect(room.seen).toEqual([]);
    await recordCheck(
      db,
      player,
      check,
      { ...before, outcome: rated('mostly') },
      new Date('2026-11-24T10:01:00')
    );
    await expect.poll(() => stateOf(room, 'Aron')).toBe('seen');
    expect(sitter(room, 'Aron').results.map(({ day }) => day)).toEqual(['2026-11-24', '2026-11-17']);
    // Left open overnight, it begins anew.
    at('2026-11-25T08:00:00');
    expect(stateOf(room, 'Aron')).toBe('waiting');
    expect(sitter(room, 'Aron').last?.day).toBe('2026-11-24');
  });

  it('leaves out who is away today, and has them back the next day', async () => {
    at('2026-11-24T10:00:00');
    const room = await roomOf('Aron', 'Berta');
    const groupId = room.group?.id ?? '';
    await setAway(db, groupId, sitter(room, 'Berta').player, '2026-11-24', true);
    await expect.poll(() => stateOf(room, 'Berta')).toBe('away');
    expect(room.here.map(({ player }) => player.name)).toEqual(['Aron']);
    at('2026-12-01T10:00:00');
    expect(stateOf(room, 'Berta')).toBe('waiting');
    expect(room.here).toHaveLength(2);
  });

  it('helps first who hurts, then the weakest; who is well is not in that line', async () => {
    const room = await roomOf('Aron', 'Berta', 'Chidi', 'Dana');
    await room.rate(sitter(room, 'Aron'), rated('with-help'));
    await room.rate(sitter(room, 'Berta'), rated('not-yet'));
    await room.rate(sitter(room, 'Chidi'), rated('secure'));
    await notePain(db, sitter(room, 'Dana').player, 'lesson', null);
    await expect
      .poll(() => room.helpFirst.map(({ player }) => player.name))
      .toEqual(['Dana', 'Berta', 'Aron']);
    // One that is good but for a fault comes last.
    const [fault] = room.check?.faults ?? [];
    await room.rate(sitter(room, 'Chidi'), rated('mostly'));
    await room.toggle(sitter(room, 'Chidi'), fault?.id ?? '');
    await expect
      .poll(() => room.helpFirst.map(({ player }) => player.name))
      .toEqual(['Dana', 'Berta', 'Aron', 'Chidi']);
  });

  it('takes nothing of who hurts until the note is closed', async () => {
    const room = await roomOf('Aron');
    await notePain(db, sitter(room, 'Aron').player, 'lesson', null);
    await expect.poll(() => sitter(room, 'Aron').hurts).toBe(true);
    await room.rate(sitter(room, 'Aron'), rated('secure'));
    await room.toggle(sitter(room, 'Aron'), room.check?.faults[0]?.id ?? '');
    expect(await db.checks.count()).toBe(0);
    const [pain] = await db.pains.toArray();
    await closePains(db, sitter(room, 'Aron').player, [pain?.id ?? ''], 'seen by a doctor');
    await expect.poll(() => sitter(room, 'Aron').hurts).toBe(false);
    await room.rate(sitter(room, 'Aron'), rated('secure'));
    await expect.poll(() => stateOf(room, 'Aron')).toBe('seen');
  });

  it('of several families has the look of each, and none where a family has none', async () => {
    await givenPlayer(db, { name: 'Cellist', group: GROUP, family: 'cello' });
    const room = await roomOf('Aron');
    await expect.poll(() => room.families).toEqual(['violin', 'cello']);
    room.choose('hold');
    await expect.poll(() => room.looks.some(({ id }) => id === 'hold-peg')).toBe(true);
    room.look(room.looks.find(({ id }) => id === 'hold-peg'));
    expect(sitter(room, 'Cellist').check?.id).toBe('hold-peg');
    expect(sitter(room, 'Aron').check).toBeNull();
    expect(room.here.map(({ player }) => player.name)).toEqual(['Cellist']);
    await room.rate(sitter(room, 'Aron'), rated('secure'));
    expect(await db.checks.count()).toBe(0);
  });

  it('keeps a seat that was moved, while the others stay in rows', async () => {
    const room = await roomOf('Aron', 'Berta');
    const before = sitter(room, 'Berta');
    await setSeats(db, room.group?.id ?? '', [{ playerId: sitter(room, 'Aron').playerId, x: 0.2, y: 0.9 }]);
    await expect.poll(() => sitter(room, 'Aron').y).toBe(0.9);
    expect([sitter(room, 'Berta').x, sitter(room, 'Berta').y]).toEqual([before.x, before.y]);
  });

  it('follows the group’s own way before the teacher’s', async () => {
    const room = await roomOf('Aron');
    const said = () => JSON.stringify(room.libraries.violin);
    const usual = said();
    const [first, other] = subjectOf('thumb-shape').ways;
    await changeSettings(db, 'Way', ({ ways }) => ({ ways: { ...ways, 'thumb-shape': other?.id ?? '' } }));
    await expect.poll(said).not.toBe(usual);
    await setGroupWay(db, room.group?.id ?? '', 'thumb-shape', first?.id ?? '');
    await expect.poll(said).toBe(usual);
  });

  it('loses who goes to another group meanwhile', async () => {
    const room = await roomOf('Aron', 'Berta');
    const { player } = sitter(room, 'Aron');
    await editPlayer(db, player, { ...EMPTY_PLAYER, name: 'Aron', family: 'violin', group: 'Friday' });
    await expect.poll(() => room.players.map(({ name }) => name)).toEqual(['Berta']);
  });
});
