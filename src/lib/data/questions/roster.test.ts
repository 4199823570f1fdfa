import { describe, expect, it, vi } from 'vitest';
import type { Database } from '../store/database';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { DEMO_CAST } from '../demo/cast';
import { demoRecords, loadDemo } from '../demo/demo';
import { recordCheck, toggleFault } from '../commands/checks';
import { undo } from '../journal/changes';
import { newestFirst } from './case';
import { problemWith } from '../schema/problem';
import { checksFor } from '$lib/core/checks';
import { foreseeMissing } from './foreseen';
import { roster } from './roster';
import { changeSettings } from '../commands/settings';
import { DEFAULT_SETTINGS } from './settings';
import { deletePlayer } from '../commands/players';
import { timeline } from './timeline';
import { bySoonest, outgrownOn, outgrownUntil, wantedSizes } from './wanted';

const NOW = new Date('2026-11-24T10:00:00');
const TODAY = '2026-11-24';

describe('the made-up class', () => {
  it('is 24 players in all families and states, all of them sound records', () => {
    const records = demoRecords(NOW);
    expect(records.players).toHaveLength(24);
    expect(new Set(records.players.map(({ family }) => family)).size).toBe(4);
    for (const table of Object.keys(records) as (keyof typeof records)[])
      for (const record of records[table]) expect(problemWith(table, record)).toBeNull();
  });

  it('stands as its stories say, whatever the day', async () => {
    for (const now of [NOW, new Date('2028-02-29T08:00:00')]) {
      const db = freshDatabase();
      await loadDemo(db, now);
      const today = now.toISOString().slice(0, 10);
      await foreseeMissing(db, today);
      const entries = await roster(db, today);
      const standing = (name: string) => entries.find(({ player }) => player.name === name)?.standing;
      for (const { name, story } of DEMO_CAST) {
        const expected = {
          new: ['new'],
          'half-measured': ['under-way'],
          due: ['due', 'probably-too-small'],
          outgrown: ['measured-too-small'],
          history: ['settled'],
          settled: ['settled'],
          between: ['settled'],
          'changes-over': ['new'],
          'trial-differs': ['settled'],
          stopped: ['pain'],
          archived: [undefined]
        }[story];
        expect([name, expected]).toContainEqual(expect.arrayContaining([standing(name)]));
      }
    }
  });

  it('has a history of more than a year, in which sizes and set-ups change', async () => {
    const db = freshDatabase();
    await loadDemo(db, NOW);
    const days = await timeline(db, 'demo-01');
    expect(days.filter(({ fits }) => fits.length > 0)).toHaveLength(3);
    // Weekly lessons since the last one.
    expect(days.filter(({ checks }) => checks.length > 0).length).toBeGreaterThan(4);
    expect((days.at(-1)?.day ?? TODAY) < '2025-11-24').toBe(true);
    expect(days.find(({ setups }) => setups.length > 0)?.setups[0]?.changes?.length).toBeGreaterThan(0);
    expect(days.at(-1)?.setups[0]?.changes).toBeNull();
    expect(new Set(days.flatMap(({ fits }) => fits.map(({ fit }) => fit.size))).size).toBeGreaterThan(1);
    const differs = await db.fits.where({ playerId: 'demo-20' }).first();
    expect(differs?.trialId).not.toBeNull();
    expect(differs?.size).not.toBe(differs?.proposal);
    const between = await db.fits.where({ playerId: 'demo-07' }).first();
    expect(between?.betweenSizes).toBe(true);
    expect(await db.pains.count()).toBe(1);
  });
});

describe('where players stand', () => {
  const entryOf = async (db: ReturnType<typeof freshDatabase>, id: string, today = TODAY) => {
    await foreseeMissing(db, today);
    return (await roster(db, today)).find(({ player }) => player.id === id);
  };

  it('is one judgement: the list and looking ahead say the same of the same player on the same day', async () => {
    const db = freshDatabase();
    await loadDemo(db, NOW);
    for (const today of [TODAY, '2027-03-01', '2027-11-24']) {
      await foreseeMissing(db, today);
      const entries = await roster(db, today);
      for (const entry of bySoonest(entries, today)) {
        const now = outgrownOn(entry, today) === today;
        const listed = ['measured-too-small', 'probably-too-small'].includes(entry.standing);
        if (entry.standing !== 'under-way')
          expect([entry.player.name, listed]).toEqual([entry.player.name, now]);
      }
    }
  });

  it('counts from the last measuring and the decision, and does not recede', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await givenReadings(db, player, { height: 1236, armToPalm: 502, armToWrist: 434 }, NOW);
    await givenDecision(db, player, NOW);
    await db.drafts.clear();
    const dates = [];
    for (const today of [TODAY, '2027-01-15', '2027-05-01'])
      dates.push((await entryOf(db, player.id, today))?.foresight?.nextMeasure.date);
    expect(dates).toEqual(['2027-05-24', '2027-05-24', '2027-05-24']);
    expect((await entryOf(db, player.id, '2027-05-24'))?.standing).toBe('due');
    await givenReadings(db, player, { height: 1240 }, new Date('2027-05-24T09:00:00'));
    await db.drafts.clear();
    expect((await entryOf(db, player.id, '2027-05-25'))?.foresight?.nextMeasure.date).toBe('2027-11-24');
  });

  it('is worked out anew when something about the player, or the teacher’s way, changes', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await givenReadings(db, player, { height: 1236, armToPalm: 502, armToWrist: 434 }, NOW);
    await givenDecision(db, player, NOW);
    expect((await entryOf(db, player.id))?.foresight?.size).toBe('1/4');
    await undo(db);
    expect((await roster(db, TODAY))[0]).toMatchObject({ pending: true, foresight: null });
    expect((await entryOf(db, player.id))?.foresight).toBeNull();
    const before = await db.foreseen.count();
    await changeSettings(db, 'wrist', { rule: { school: 'wrist' } });
    expect([before, await db.foreseen.count()]).toEqual([1, 0]);
    await entryOf(db, player.id);
    await deletePlayer(db, player);
    expect(await db.foreseen.count()).toBe(0);
  });

  it('tells a size that was taken smaller on purpose from one that was measured too small', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await givenReadings(db, player, { height: 1236, armToPalm: 502, armToWrist: 434, handLength: 134 }, NOW);
    const { decideFit } = await import('../commands/fits');
    await decideFit(db, player, { size: '1/8', reason: 'small for a start', after: null }, NOW);
    await db.drafts.clear();
    expect((await entryOf(db, player.id))?.standing).toBe('settled');
    await givenReadings(db, player, { armToPalm: 503, armToWrist: 435 }, new Date('2026-12-20T09:00:00'));
    await db.drafts.clear();
    expect((await entryOf(db, player.id, '2026-12-20'))?.standing).toBe('measured-too-small');
  });
});

describe('looking ahead', () => {
  it('takes everybody who has a size, soonest outgrown first, with the sizes that the teacher uses', async () => {
    const db = freshDatabase();
    await loadDemo(db, NOW);
    const reports: (readonly [number, number])[] = [];
    await foreseeMissing(db, TODAY, (done, total) => void reports.push([done, total]));
    expect(reports.at(-1)).toEqual([23, 23]);
    const rows = bySoonest(await roster(db, TODAY), TODAY);
    expect(rows.length).toBeGreaterThan(10);
    const soon = outgrownUntil(rows, '2027-05-24', TODAY);
    expect(soon.length).toBeGreaterThan(0);
    expect(soon.length).toBeLessThan(rows.length);
    // Who is hurt stands first, and nothing is foreseen there.
    expect(soon[0]?.standing).toBe('pain');
    expect(soon[1] && outgrownOn(soon[1], TODAY)).toBe(TODAY);
    expect(outgrownUntil(rows, null, TODAY)).toHaveLength(rows.length);
    const wanted = wantedSizes(soon, DEFAULT_SETTINGS, TODAY);
    expect(wanted.reduce((sum, { count }) => sum + count, 0)).toBeLessThanOrEqual(soon.length);
    expect(wanted).toContainEqual({ family: 'viola', size: '15 in', count: 1 });
    const without = { ...DEFAULT_SETTINGS, sizes: { viola: ['16 in', '14 in', '13 in'] } };
    expect(wantedSizes(soon, without, TODAY)).toContainEqual({ family: 'viola', size: '16 in', count: 1 });
  });
});

const HOLD_CHECKS = (await checksFor('violin')).filter(({ category }) => category === 'hold');

describe('checks', () => {
  const [check] = HOLD_CHECKS;
  const timed = HOLD_CHECKS.find(({ result }) => result === 'seconds');
  if (!check || !timed) throw new Error('no checks');
  const seen = { faults: [], setupId: null };

  it('of a second look on the same day replace the rating, timed tests are all kept', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await recordCheck(db, player, check, { ...seen, outcome: { kind: 'rating', rating: 'not-yet' } });
    await recordCheck(db, player, check, { ...seen, outcome: { kind: 'rating', rating: 'mostly' } });
    await recordCheck(db, player, timed, { ...seen, outcome: { kind: 'seconds', seconds: 3 } });
    await recordCheck(db, player, timed, { ...seen, outcome: { kind: 'seconds', seconds: 5 } });
    const results = await db.checks.toArray();
    expect(results.filter(({ checkId }) => checkId === check.id)).toMatchObject([
      { outcome: { rating: 'mostly' } }
    ]);
    expect(results.filter(({ checkId }) => checkId === timed.id)).toHaveLength(2);
    expect(await db.lessons.count()).toBe(1);
  });

  it('take faults at the hold that was timed, and store it once', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await recordCheck(db, player, timed, { ...seen, outcome: { kind: 'seconds', seconds: 3 } });
    await toggleFault(db, player, timed, 'cannot', { shown: null, setupId: null });
    await toggleFault(db, player, timed, 'other', { shown: null, setupId: null });
    expect(await db.checks.toArray()).toMatchObject([
      { outcome: { kind: 'seconds', seconds: 3 }, faults: ['cannot', 'other'] }
    ]);
    await toggleFault(db, player, timed, 'cannot', { shown: null, setupId: null });
    expect((await db.checks.toArray())[0]?.faults).toEqual(['other']);
  });

  it('are changed at the result that is shown, whatever set-up it was seen with', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const mostly = { outcome: { kind: 'rating', rating: 'mostly' } as const, faults: ['body-bends'] };
    await recordCheck(db, player, check, { ...mostly, setupId: null });
    const [shown] = await db.checks.toArray();
    // The set-up was kept meanwhile: the fault is taken off what is on the screen, and its rating stays.
    await toggleFault(db, player, check, 'body-bends', { shown: shown?.id ?? null, setupId: 'newer' });
    expect(await db.checks.toArray()).toMatchObject([{ outcome: mostly.outcome, faults: [], setupId: null }]);
    // Rated with the newer set-up it is a result of its own; once more, it replaces that one.
    for (const rating of ['with-help', 'secure'] as const) {
      const newest = newestFirst(await db.checks.toArray())[0]?.id ?? null;
      const seenNow = {
        outcome: { kind: 'rating', rating } as const,
        faults: [],
        setupId: 'newer',
        shown: newest
      };
      await recordCheck(db, player, check, seenNow, new Date(Date.now() + 1000));
    }
    const ratings = (await db.checks.toArray()).map(({ outcome }) => (outcome as { rating: string }).rating);
    expect(ratings.sort()).toEqual(['mostly', 'secure']);
  });

  it('seen amiss before they were rated count as not yet there', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await toggleFault(db, player, check, 'body-bends', { shown: null, setupId: null });
    expect(await db.checks.toArray()).toMatchObject([
      { outcome: { kind: 'rating', rating: 'not-yet' }, faults: ['body-bends'] }
    ]);
  });
});

describe('what is foreseen', () => {
  const withSize = async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db, { birthMonth: '2018-05', curve: 'girl' });
    await givenReadings(db, player, { height: 1205, armToPalm: 500 }, NOW);
    await givenDecision(db, player, NOW);
    return { db, player };
  };
  const standingIn = async (db: Awaited<ReturnType<typeof withSize>>['db']) => {
    const [entry] = await roster(db, TODAY);
    return entry && { pending: entry.pending, known: entry.foresight !== null };
  };

  it('is missing until it is worked out, and again after a change of the player or the settings', async () => {
    const { db, player } = await withSize();
    expect(await standingIn(db)).toEqual({ pending: true, known: false });
    await foreseeMissing(db, TODAY);
    expect(await standingIn(db)).toEqual({ pending: false, known: true });
    await givenReadings(db, player, { armToPalm: 502 }, NOW);
    expect(await standingIn(db)).toMatchObject({ pending: true });
    await foreseeMissing(db, TODAY);
    await undo(db);
    expect(await standingIn(db)).toMatchObject({ pending: true });
    await foreseeMissing(db, TODAY);
    await changeSettings(db, 'Sizes in use', { sizes: { violin: ['1/4', '4/4'] } });
    expect(await standingIn(db)).toMatchObject({ pending: true });
  });

  it('is worked out anew when another judgement made it', async () => {
    const { db, player } = await withSize();
    await db.foreseen.put({ id: player.id, by: -1, foresight: null });
    expect(await standingIn(db)).toMatchObject({ pending: true });
    await foreseeMissing(db, TODAY);
    expect(await standingIn(db)).toEqual({ pending: false, known: true });
  });

  it('one player whose records cannot be judged does not keep the others back', async () => {
    const { db, player } = await withSize();
    const other = await givenPlayer(db, { name: 'Broken' });
    const [fit] = await db.fits.toArray();
    await db.fits.put({ ...fit, id: 'broken', playerId: other.id, size: 'no such size' } as never);
    await foreseeMissing(db, TODAY);
    const entries = await roster(db, TODAY);
    expect(entries.map(({ player: { name }, pending }) => [name, pending])).toEqual([
      ['Broken', false],
      [player.name, false]
    ]);
  });

  it('reports how far it is', async () => {
    const { db } = await withSize();
    const reports: (readonly [number, number])[] = [];
    await foreseeMissing(db, TODAY, (done, total) => reports.push([done, total]));
    expect(reports).toEqual([
      [0, 1],
      [1, 1]
    ]);
  });

  it('is worked out in shares, each player by one of them', async () => {
    const db = freshDatabase();
    for (const name of ['Ada', 'Bea', 'Cem', 'Dil', 'Eda']) await givenPlayer(db, { name });
    const totals: number[] = [];
    for (const number of [0, 1])
      await foreseeMissing(db, TODAY, (done, total) => done === total && totals.push(total), {
        number,
        of: 2
      });
    expect(totals.reduce((sum, total) => sum + total, 0)).toBe(5);
    expect((await roster(db, TODAY)).every(({ pending }) => !pending)).toBe(true);
  });

  /** Lets something happen after the records were read, and before what follows from them is kept. */
  function beforeKeeping(db: Database, happens: () => Promise<unknown>) {
    const transaction = db.transaction.bind(db) as (...given: unknown[]) => unknown;
    let turn = 0;
    const spy = vi.spyOn(db, 'transaction').mockImplementation(((...given: unknown[]) => {
      if (++turn < 3) return transaction(...given);
      spy.mockRestore();
      return happens().then(() => transaction(...given));
    }) as never);
  }

  it('never rests on records that were changed while it was worked out', async () => {
    const { db, player } = await withSize();
    beforeKeeping(db, () => givenReadings(db, player, { armToPalm: 503 }, NOW));
    await foreseeMissing(db, TODAY);
    expect(await standingIn(db)).toMatchObject({ pending: true });
    await foreseeMissing(db, TODAY);
    expect(await standingIn(db)).toEqual({ pending: false, known: true });
  });

  it('leaves nothing of somebody who was deleted while it was worked out', async () => {
    const { db, player } = await withSize();
    beforeKeeping(db, () => deletePlayer(db, player));
    await foreseeMissing(db, TODAY);
    expect(await db.foreseen.toArray()).toEqual([]);
  });
});
