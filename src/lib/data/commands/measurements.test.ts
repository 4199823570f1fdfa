import { describe, expect, it } from 'vitest';
import { daysLater } from '$lib/core/time';
import { undo } from '../journal/changes';
import {
  addReading,
  dropReading,
  FRESH_DAYS,
  freshReadings,
  isFresh,
  newestByKind,
  setSlopeLook,
  withComing
} from './measurements';
import { freshDatabase, givenPlayer } from '../testing';
import type { Measurement } from '../store/records';
import { MOST_READINGS } from '../schema/fields';

const NOW = new Date('2026-11-24T10:42:00Z');
const TODAY = '2026-11-24';
const later = (minutes: number) => new Date(NOW.getTime() + 60_000 * minutes);

const measured = (kind: Measurement['kind'], day: string, ...mm: readonly number[]): Measurement => ({
  id: `p:${kind}:${day}`,
  playerId: 'p',
  kind,
  day,
  readings: mm.map((one) => ({ mm: one, at: `${day}T09:00:00.000Z` })),
  look: null
});

describe('a reading', () => {
  it('of today joins those of today, and begins a fit', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addReading(db, player, 'armToPalm', 478, 'the arm', NOW);
    await addReading(db, player, 'armToPalm', 480, 'the arm', later(1));
    const [one, ...others] = await db.measurements.toArray();
    expect(others).toEqual([]);
    expect(one).toMatchObject({ id: `${player.id}:armToPalm:${TODAY}`, day: TODAY });
    expect(one?.readings.map(({ mm }) => mm)).toEqual([478, 480]);
    expect(await db.drafts.get(player.id)).toBeDefined();
  });

  it('of the next day is a measurement of its own', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addReading(db, player, 'height', 1200, 'height', NOW);
    await addReading(db, player, 'height', 1201, 'height', later(24 * 60));
    expect((await db.measurements.toArray()).map(({ day }) => day).sort()).toEqual([TODAY, '2026-11-25']);
  });

  it('more than are kept of one day is refused, and nothing is lost', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    for (let i = 0; i < MOST_READINGS; i++)
      await addReading(db, player, 'height', 1200 + i, 'height', later(i));
    await expect(addReading(db, player, 'height', 1300, 'height', later(99))).rejects.toThrow(
      `${MOST_READINGS} readings of one length are kept a day`
    );
    expect((await db.measurements.toArray())[0]?.readings).toHaveLength(MOST_READINGS);
  });

  it('that is dropped goes once, also when it is dropped twice, and comes back by undo', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addReading(db, player, 'height', 1200, 'height', NOW);
    await addReading(db, player, 'height', 1290, 'height', later(1));
    const [one] = await db.measurements.toArray();
    const wrong = one?.readings[1];
    if (!one || !wrong) throw new Error('nothing was measured');
    await dropReading(db, player, one, wrong, 'height');
    await dropReading(db, player, one, wrong, 'height');
    const left = async () => (await db.measurements.get(one.id))?.readings.map(({ mm }) => mm);
    expect(await left()).toEqual([1200]);
    await undo(db);
    expect(await left()).toEqual([1200, 1290]);
  });

  it('the last one takes its measurement with it', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addReading(db, player, 'height', 1200, 'height', NOW);
    const [one] = await db.measurements.toArray();
    if (!one?.readings[0]) throw new Error('nothing was measured');
    await dropReading(db, player, one, one.readings[0], 'height');
    expect(await db.measurements.count()).toBe(0);
  });

  it('of the shoulder by look stands in place of one by tape', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addReading(db, player, 'shoulderSlope', 31, 'the slope', NOW);
    await setSlopeLook(db, player, 'steep', NOW);
    expect(await db.measurements.toArray()).toMatchObject([{ readings: [], look: 'steep' }]);
  });
});

describe('what is on its way', () => {
  it('counts at once, and not twice when it has come', () => {
    const before = [measured('height', TODAY, 1200)];
    const coming = new Map([['height' as const, { mm: 1204, at: NOW }]]);
    const now = withComing(before, 'p', coming);
    expect(now[0]?.readings.map(({ mm }) => mm)).toEqual([1200, 1204]);
    expect(withComing(now, 'p', coming)).toEqual(now);
    expect(before[0]?.readings).toHaveLength(1);
  });

  it('is a measurement of today where there was none', () => {
    const old = measured('height', '2026-06-01', 1160);
    const now = withComing([old], 'p', new Map([['height' as const, { mm: 1200, at: NOW }]]));
    expect(now).toHaveLength(2);
    expect(now).toContain(old);
  });
});

describe('the newest', () => {
  const all = [
    measured('height', '2026-03-01', 1180),
    measured('height', TODAY, 1200),
    measured('armToWrist', '2026-10-01', 421)
  ];

  it('of each kind is that of the latest day, in whatever order they come', () => {
    for (const list of [all, [...all].reverse()])
      expect(newestByKind(list)).toMatchObject({ height: { day: TODAY }, armToWrist: { day: '2026-10-01' } });
  });

  it('counts for sizing for ninety days', () => {
    const old = measured('height', TODAY, 1200);
    expect(isFresh(old, daysLater(TODAY, FRESH_DAYS))).toBe(true);
    expect(isFresh(old, daysLater(TODAY, FRESH_DAYS + 1))).toBe(false);
    expect(freshReadings(all, TODAY)).toEqual({ height: [1200], armToWrist: [421] });
    expect(freshReadings(all, daysLater('2026-10-01', FRESH_DAYS + 1))).toEqual({ height: [1200] });
  });

  it('by look alone has no length', () => {
    const look: Measurement = { ...measured('shoulderSlope', TODAY), look: 'flat' };
    expect(freshReadings([look], TODAY)).toEqual({});
  });
});
