import { at, onScreen } from '$lib/ui/testing.svelte';
import { describe, expect, it } from 'vitest';
import type { CheckOutcome, Rating } from '$lib/core/checks';
import {
  changeSettings,
  closePains,
  db,
  deletePlayer,
  editPlayer,
  EMPTY_PLAYER,
  notePain,
  undo,
  type Player
} from '$lib/data';
import { keepOwnCheck, removeOwnCheck } from '$lib/data/commands/own-checks';
import { givenPlayer } from '$lib/data/testing';
import { Lesson } from './lesson.svelte';

const rated = (rating: Rating): CheckOutcome => ({ kind: 'rating', rating });

async function lessonOf(player: Player): Promise<Lesson> {
  const lesson = onScreen(() => new Lesson(player.id));
  await expect.poll(() => lesson.ready).toBe(true);
  return lesson;
}

/** Rates the look in hand. */
async function rate(lesson: Lesson, rating: Rating): Promise<string> {
  const { current } = lesson;
  if (!current) throw new Error('no look in hand');
  await lesson.rate(current, rated(rating));
  return current.id;
}

describe('a lesson', () => {
  it('proposes a category, and its looks and their order stay while they are rated', async () => {
    const lesson = await lessonOf(await givenPlayer(db));
    expect(lesson.category).toBe('stance');
    const looks = lesson.looks.map(({ id }) => id);
    expect(looks).toHaveLength(6);
    for (const id of looks) {
      expect(lesson.current?.id).toBe(id);
      await rate(lesson, 'secure');
      expect(lesson.category).toBe('stance');
      expect(lesson.looks.map((look) => look.id)).toEqual(looks);
    }
    expect(lesson.ended).toBe(true);
    expect(await db.checks.count()).toBe(6);
  });

  it('keeps in hand what is marked, and takes back what is undone', async () => {
    const lesson = await lessonOf(await givenPlayer(db));
    const first = lesson.current;
    if (!first) throw new Error('no look');
    await lesson.toggle(first, first.faults[0]?.id ?? '');
    await expect.poll(() => lesson.seen[first.id]?.faults).toHaveLength(1);
    expect(lesson.current?.id).toBe(first.id);
    expect(lesson.seen[first.id]?.outcome).toEqual(rated('not-yet'));
    await lesson.rate(first, rated('secure'));
    await expect.poll(() => lesson.seen[first.id]?.faults).toEqual([]);
    await undo(db);
    await expect.poll(() => lesson.seen[first.id]?.faults).toHaveLength(1);
    lesson.goTo(first);
    expect(lesson.current?.id).toBe(first.id);
  });

  it('stops at pain until its note is closed', async () => {
    const player = await givenPlayer(db);
    const lesson = await lessonOf(player);
    const look = lesson.current;
    if (!look) throw new Error('no look');
    await notePain(db, player, 'lesson', null);
    await expect.poll(() => lesson.pains.length).toBe(1);
    expect(lesson.focus.reason).toEqual({ kind: 'pain' });
    await lesson.rate(look, rated('mostly'));
    await lesson.toggle(look, 'together');
    expect(await db.checks.count()).toBe(0);
    await closePains(
      db,
      player,
      lesson.pains.map(({ id }) => id),
      'gone'
    );
    await expect.poll(() => lesson.category).toBe('stance');
  });

  it('knows the last time, and begins anew on the next day', async () => {
    at('2026-11-24T09:00:00Z');
    const lesson = await lessonOf(await givenPlayer(db));
    const id = await rate(lesson, 'with-help');
    await expect.poll(() => lesson.seen[id]?.outcome).toEqual(rated('with-help'));
    expect(lesson.last[id]).toBeUndefined();
    at('2026-12-01T09:00:00Z');
    await expect.poll(() => lesson.last[id]?.outcome).toEqual(rated('with-help'));
    expect(lesson.seen[id]).toBeUndefined();
  });

  it('follows another family, an own check that comes and goes, and a player who goes', async () => {
    const player = await givenPlayer(db);
    const lesson = await lessonOf(player);
    lesson.choose('hold');
    await editPlayer(db, player, { ...EMPTY_PLAYER, name: player.name, family: 'bass' });
    await expect.poll(() => lesson.library.checks.some(({ id }) => id === 'hold-contacts')).toBe(true);
    expect(lesson.current?.category).toBe('hold');
    const own = {
      id: 'own-smile',
      families: ['bass'],
      category: 'hold',
      standpoint: 'front',
      title: 'Smiles',
      right: 'A soft face.',
      forPlayer: 'Smile!',
      pose: 'playing',
      view: 'head',
      spot: 'head',
      faults: []
    } as const;
    await keepOwnCheck(db, own);
    await expect.poll(() => lesson.own.some(({ id }) => id === own.id)).toBe(true);
    lesson.all = true;
    lesson.goTo(lesson.own.find(({ id }) => id === own.id));
    expect(lesson.current?.id).toBe(own.id);
    await removeOwnCheck(db, own);
    await expect.poll(() => lesson.current?.id !== own.id).toBe(true);
    await changeSettings(db, 'Hidden', { hiddenChecks: ['hold-contacts'] });
    await expect.poll(() => lesson.own.some(({ id }) => id === 'hold-contacts')).toBe(false);
    await deletePlayer(db, player);
    await expect.poll(() => lesson.player).toBeNull();
  });
});
