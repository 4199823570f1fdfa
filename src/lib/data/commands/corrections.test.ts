import { describe, expect, it } from 'vitest';
import { undo } from '../journal/changes';
import { statusOf } from '../questions/status';
import { timeline } from '../questions/timeline';
import type { Fit } from '../store/records';
import { ARRANGEMENT, contents, freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { moveReadings, takeBackFit, takeBackLesson, takeBackSetup, takeBackTrial } from './corrections';
import { keepSetup } from './fits';
import { changeReading } from './measurements';
import { notePain } from './pains';

const THEN = new Date('2026-09-01T09:00:00');
const NOW = new Date('2026-11-24T09:00:00');
const READ = { height: 1240, armToPalm: 495, neckGap: 55 };

const keep = (fit: Fit, after: string | null) => ({
  fit,
  arrangement: ARRANGEMENT,
  lengths: READ,
  estimated: [],
  after
});

/** A player with a decision of long ago and one of today, each with a set-up. */
async function twice() {
  const db = freshDatabase();
  const player = await givenPlayer(db);
  await givenReadings(db, player, { ...READ, height: 1200, armToPalm: 470 }, THEN);
  const first = await givenDecision(db, player, THEN);
  const worn = await keepSetup(db, player, keep(first, null), THEN);
  await db.drafts.clear();
  await givenReadings(db, player, READ, NOW);
  const second = await givenDecision(db, player, NOW);
  const kept = await keepSetup(db, player, keep(second, worn.id), NOW);
  return { db, player, first, worn, second, kept };
}

describe('putting right', () => {
  it('takes a decision back with the set-up on it, and what stood before stands again', async () => {
    const { db, player, first, worn, second } = await twice();
    const before = await contents(db);
    await takeBackFit(db, player, second.id);
    expect((await db.fits.toArray()).map(({ id }) => id)).toEqual([first.id]);
    expect((await db.setups.toArray()).map(({ id }) => id)).toEqual([worn.id]);
    expect((await statusOf(db, player.id, '2026-11-24'))?.size).toBe(first.size);
    await undo(db);
    expect(await contents(db)).toEqual(before);
  });

  it('takes a set-up back: looks of it go, checks stay as they were seen', async () => {
    const { db, player, second, kept, worn } = await twice();
    const owned = { playerId: player.id, at: NOW.toISOString(), day: '2026-11-24' };
    await db.looks.add({ ...owned, id: 'l', kind: 'rest', setupId: kept.id } as never);
    for (const [id, setupId] of [
      ['a', kept.id],
      ['b', worn.id]
    ])
      await db.checks.add({
        ...owned,
        id,
        setupId,
        checkId: 'hold',
        lessonId: null,
        faults: [],
        outcome: { kind: 'yes-no', yes: true }
      } as never);
    await takeBackSetup(db, player, kept.id);
    expect(await db.looks.count()).toBe(0);
    expect((await db.checks.orderBy('id').toArray()).map(({ setupId }) => setupId)).toEqual([null, worn.id]);
    expect((await db.fits.toArray()).map(({ id }) => id)).toContain(second.id);
  });

  it('takes a lesson back as a whole, but no note of pain, and a trial from under its decision', async () => {
    const { db, player, second } = await twice();
    const dated = { playerId: player.id, at: NOW.toISOString(), day: '2026-11-24' };
    const seen = { setupId: null, checkId: 'hold', faults: [], outcome: { kind: 'yes-no', yes: true } };
    await db.lessons.add({ ...dated, id: `${player.id}:2026-11-24`, groupId: null } as never);
    await db.checks.add({ ...dated, ...seen, id: 'today', lessonId: `${player.id}:2026-11-24` } as never);
    await db.checks.add({ ...dated, ...seen, id: 'earlier', day: '2026-11-17', lessonId: null } as never);
    await notePain(db, player, 'lesson', null, NOW);
    await takeBackLesson(db, player, '2026-11-24');
    expect((await db.checks.toArray()).map(({ id }) => id)).toEqual(['earlier']);
    expect([await db.lessons.count(), await db.pains.count()]).toEqual([0, 1]);
    await db.trials.add({ ...dated, id: 't', family: 'violin', size: '1/4' } as never);
    await db.fits.update(second.id, { trialId: 't' });
    await takeBackTrial(db, player, 't');
    expect(await db.trials.count()).toBe(0);
    expect(await db.fits.get(second.id)).toMatchObject({ trialId: null, size: second.size });
  });

  it('changes a reading in its place, on its day, and changes none that is gone', async () => {
    const { db, player } = await twice();
    const height = (await db.measurements.where({ playerId: player.id, kind: 'height' }).toArray()).find(
      ({ day }) => day === '2026-09-01'
    );
    const [reading] = height?.readings ?? [];
    if (!height || !reading) throw new Error('nothing was read');
    await changeReading(db, player, height, reading, 1205);
    expect(await db.measurements.get(height.id)).toMatchObject({
      day: '2026-09-01',
      readings: [{ mm: 1205, at: reading.at }]
    });
    await changeReading(db, player, height, reading, 1300);
    expect((await db.measurements.get(height.id))?.readings[0]?.mm).toBe(1205);
  });

  it('gives the lengths of a day to the child whom they belong to, beside what is there', async () => {
    const { db, player } = await twice();
    const other = await givenPlayer(db, { name: 'Bo' });
    await givenReadings(db, other, { height: 1310 }, NOW);
    const before = await contents(db);
    await moveReadings(db, player, other.id, '2026-11-24');
    const days = await timeline(db, player.id);
    expect(days.find(({ day }) => day === '2026-11-24')?.measurements).toEqual([]);
    expect(days.find(({ day }) => day === '2026-09-01')?.measurements).toHaveLength(3);
    const theirs = await db.measurements.where({ playerId: other.id }).toArray();
    expect(
      Object.fromEntries(theirs.map(({ kind, readings }) => [kind, readings.map(({ mm }) => mm)]))
    ).toEqual({
      height: [1310, 1240],
      armToPalm: [495],
      neckGap: [55]
    });
    await undo(db);
    expect(await contents(db)).toEqual(before);
    // To the same child nothing moves, and nothing is lost.
    await moveReadings(db, player, player.id, '2026-11-24');
    expect(await contents(db)).toEqual(before);
    await expect(moveReadings(db, player, 'nobody', '2026-11-24')).rejects.toThrow();
  });
});
