import { onScreen } from './testing.svelte';
import { addReading, db, undo } from '$lib/data';
import { givenPlayer } from '$lib/data/testing';
import { expect, it } from 'vitest';
import { TypedTexts } from './typed.svelte';

const typedAt = (owner: string) => onScreen(() => new TypedTexts(owner));

it('every letter is kept, and is there again after the tab is gone', async () => {
  const { id } = await givenPlayer(db);
  const typed = typedAt(id);
  for (const text of ['4', '47', '47.9']) typed.type('armToPalm', text);
  typed.type('override-reason', 'school rule');
  await expect
    .poll(async () => (await db.typed.toArray()).map(({ text }) => text).sort())
    .toEqual(['47.9', 'school rule']);
  const again = typedAt(id);
  await expect.poll(() => again.ready).toBe(true);
  expect(again.of('armToPalm')).toBe('47.9');
  expect(again.of('override-reason')).toBe('school rule');
});

it('what was typed before the stored texts came is not overwritten by them', async () => {
  const { id } = await givenPlayer(db);
  await db.typed.put({
    id: `${id}:height`,
    playerId: id,
    field: 'height',
    text: '11',
    at: '2026-11-24T09:00:00.000Z'
  });
  const typed = typedAt(id);
  typed.type('height', '120');
  await expect.poll(() => typed.ready).toBe(true);
  expect(typed.of('height')).toBe('120');
});

it('undo takes back what was chosen, and leaves what is being typed', async () => {
  const player = await givenPlayer(db);
  const typed = typedAt(player.id);
  await addReading(db, player, 'height', 1200, 'height');
  typed.type('armToPalm', '47.9');
  await expect.poll(() => db.typed.count()).toBe(1);
  await undo(db);
  expect(await db.measurements.count()).toBe(0);
  expect(typed.of('armToPalm')).toBe('47.9');
  expect((await db.typed.toArray()).map(({ text }) => text)).toEqual(['47.9']);
});

it('a text that became a record goes, unless something else was typed meanwhile', async () => {
  const typed = typedAt((await givenPlayer(db)).id);
  typed.type('height', '120');
  typed.type('height', '1204');
  typed.entered('height', '120');
  expect(typed.of('height')).toBe('1204');
  typed.entered('height', '1204');
  expect(typed.of('height')).toBeUndefined();
});

it('a text that was used goes, here and from what is stored', async () => {
  const { id } = await givenPlayer(db);
  const typed = typedAt(id);
  typed.type('pain-note', 'gone after a rest');
  await expect.poll(() => db.typed.count()).toBe(1);
  typed.drop('pain-note');
  expect(typed.of('pain-note')).toBeUndefined();
  await expect.poll(() => db.typed.count()).toBe(0);
});
