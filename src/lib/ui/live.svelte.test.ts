import { onScreen } from './testing.svelte';
import { db, deletePlayer, editPlayer, EMPTY_PLAYER, addReading } from '$lib/data';
import { givenPlayer } from '$lib/data/testing';
import { flushSync } from 'svelte';
import { expect, it } from 'vitest';
import { live, liveRecord, liveRows } from './live.svelte';

const followed = (id: string) => onScreen(() => liveRecord('players', () => id));

it('a change of this tab is there the moment it is in the database', async () => {
  const player = await givenPlayer(db);
  const one = followed(player.id);
  expect(one.ready).toBe(false);
  await expect.poll(() => one.ready).toBe(true);
  await editPlayer(db, player, { ...EMPTY_PLAYER, name: 'Renamed' });
  expect(one.current?.name).toBe('Renamed');
  await deletePlayer(db, player);
  expect(one.current).toBeNull();
});

it('a change of another tab comes too', async () => {
  const player = await givenPlayer(db);
  const one = followed(player.id);
  await expect.poll(() => one.ready).toBe(true);
  await db.players.update(player.id, { name: 'From elsewhere' });
  await expect.poll(() => one.current?.name).toBe('From elsewhere');
});

it('rows come and go as they belong', async () => {
  const [ada, bea] = [await givenPlayer(db, { name: 'Ada' }), await givenPlayer(db, { name: 'Bea' })];
  const rows = onScreen(() =>
    liveRows(
      'measurements',
      () => db.measurements.where({ playerId: ada.id }).toArray(),
      ({ playerId }) => playerId === ada.id
    )
  );
  await expect.poll(() => rows.ready).toBe(true);
  await addReading(db, ada, 'height', 1200, 'height');
  await addReading(db, bea, 'height', 1300, 'height');
  expect(rows.current.map(({ readings }) => readings[0]?.mm)).toEqual([1200]);
  await addReading(db, ada, 'height', 1204, 'height');
  expect(rows.current).toHaveLength(1);
  await deletePlayer(db, ada);
  expect(rows.current).toEqual([]);
});

it('another key asks anew', async () => {
  let key = $state('a');
  const value = onScreen(() =>
    live(
      () => Promise.resolve(`of ${key}`),
      '',
      () => key
    )
  );
  await expect.poll(() => value.current).toBe('of a');
  key = 'b';
  flushSync();
  await expect.poll(() => value.current).toBe('of b');
});
