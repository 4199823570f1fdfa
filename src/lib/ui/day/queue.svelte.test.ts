import { at, onScreen } from '$lib/ui/testing.svelte';
import { db, deletePlayer, notePain, type Player } from '$lib/data';
import { passInQueue, readInQueue, setDayState, startDay } from '$lib/data/commands/days';
import { givenPlayer } from '$lib/data/testing';
import { beforeEach, expect, it } from 'vitest';
import { DayQueue } from './queue.svelte';

let players: Player[] = [];
let dayId = '';

beforeEach(async () => {
  at('2026-11-24T15:00:00');
  players = [];
  for (const name of ['Ada', 'Bea', 'Cem']) players.push(await givenPlayer(db, { name }));
  dayId = await startDay(
    db,
    'Tuesday',
    players.map(({ id }) => ({ playerId: id }))
  );
});

const player = (index: number): Player => {
  const one = players[index];
  if (!one) throw new Error(`no player ${index}`);
  return one;
};

async function opened(): Promise<DayQueue> {
  const queue = onScreen(() => new DayQueue(dayId));
  await expect.poll(() => queue.ready && queue.members.length).toBe(3);
  return queue;
}

const atHand = (queue: DayQueue) => queue.current?.player.name;

it('brings one after the other, and takes each size', async () => {
  const queue = await opened();
  expect(atHand(queue)).toBe('Ada');
  await readInQueue(db, player(0), 'height', 1205, 'height');
  await readInQueue(db, player(0), 'armToPalm', 500, 'arm');
  await expect.poll(() => queue.advice?.size).toBe('1/4');
  await passInQueue(db, dayId, player(0), { size: '1/4', reason: null, after: queue.decidedId });
  expect(atHand(queue)).toBe('Bea');
  expect(queue.members.map(({ state, size }) => [state, size])).toEqual([
    ['passed', '1/4'],
    ['waiting', null],
    ['waiting', null]
  ]);
  expect(queue.newest).toEqual({});
  await setDayState(db, dayId, player(1), 'trial');
  expect(queue.secondLine.map(({ player: { name } }) => name)).toEqual(['Bea']);
  await setDayState(db, dayId, player(2), 'absent');
  expect(queue.current).toBeNull();
});

it('goes to whoever the teacher picks, and back to whoever was not absent', async () => {
  const queue = await opened();
  await setDayState(db, dayId, player(0), 'skipped');
  await setDayState(db, dayId, player(1), 'absent');
  expect(atHand(queue)).toBe('Cem');
  expect(queue.before?.player.name).toBe('Ada');
  queue.chosen = player(1).id;
  expect(atHand(queue)).toBe('Bea');
});

it('what is typed waits at each player', async () => {
  const queue = await opened();
  await expect.poll(() => queue.typed?.ready).toBe(true);
  queue.typed?.type('height', '12');
  await expect.poll(() => db.typed.count()).toBe(1);
  queue.chosen = player(1).id;
  expect(queue.typed?.of('height')).toBeUndefined();
  queue.chosen = player(0).id;
  await expect.poll(() => queue.typed?.of('height')).toBe('12');
});

it('left open overnight it goes on with what is measured after midnight', async () => {
  const queue = await opened();
  at('2026-11-25T00:20:00');
  await readInQueue(db, player(0), 'height', 1205, 'height');
  await readInQueue(db, player(0), 'armToPalm', 500, 'arm');
  await expect.poll(() => queue.proposal?.proposal).toBe('1/4');
  expect(queue.isFresh('height')).toBe(true);
  expect(queue.heightMm).toBe(1205);
});

it('measures anew: what was read before the day does not count', async () => {
  const now = new Date('2026-11-20T09:00:00');
  await readInQueue(db, player(0), 'height', 1205, 'height', now);
  const queue = await opened();
  await expect.poll(() => queue.newest.height).toBeDefined();
  expect(queue.isFresh('height')).toBe(false);
  expect(queue.proposal).toBeNull();
});

it('somebody deleted in another tab leaves the line, and it goes on', async () => {
  const queue = await opened();
  await deletePlayer(db, player(0));
  await expect.poll(() => queue.members.length).toBe(2);
  expect(atHand(queue)).toBe('Bea');
});

it('shows open pain of the player at hand, and of nobody else', async () => {
  await notePain(db, player(1), 'trial', '1/4');
  const queue = await opened();
  expect(queue.pains).toEqual([]);
  queue.chosen = player(1).id;
  await expect.poll(() => queue.pains.length).toBe(1);
});

it('asks about a height that the age does not explain', async () => {
  const queue = await opened();
  const child = { ...player(0), birthMonth: '2018-05' };
  expect(queue.isBeyondAge(child, 1250)).toBe(false);
  expect(queue.isBeyondAge(child, 600)).toBe(true);
  expect(queue.isBeyondAge(player(0), 600)).toBe(false);
});
