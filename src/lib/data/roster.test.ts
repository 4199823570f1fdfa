import { describe, expect, it } from 'vitest';
import { freshDatabase, givenPlayer } from './testing';
import { DEMO_CAST } from './demo/cast';
import { demoRecords, loadDemo } from './demo/demo';
import { RECORD_SCHEMAS } from './record-schemas';
import { recordCheck } from './checks';
import { HOLD_CHECKS } from '$lib/core/checks';
import { roster } from './roster';
import { timeline } from './timeline';

const NOW = new Date('2026-11-24T10:00:00');
const TODAY = '2026-11-24';

describe('the made-up class', () => {
  it('is 24 players in all families and states, all of them sound records', () => {
    const records = demoRecords(NOW);
    expect(records.players).toHaveLength(24);
    expect(new Set(records.players.map(({ family }) => family)).size).toBe(4);
    for (const table of [
      'players',
      'measurements',
      'fits',
      'setups',
      'trials',
      'checks',
      'days',
      'drafts'
    ] as const)
      for (const record of records[table])
        expect(() => RECORD_SCHEMAS[table].validateSync(record, { strict: true })).not.toThrow();
  });

  it('stands as its stories say, whatever the day', async () => {
    for (const now of [NOW, new Date('2028-02-29T08:00:00')]) {
      const db = freshDatabase();
      await loadDemo(db, now);
      const lines = await roster(db, now.toISOString().slice(0, 10));
      const standing = (name: string) => lines.find(({ player }) => player.name === name)?.standing;
      for (const { name, story } of DEMO_CAST) {
        const expected = {
          new: 'new',
          'half-measured': 'under-way',
          due: 'due',
          outgrown: 'outgrown',
          history: 'settled',
          settled: 'settled',
          between: 'settled',
          'changes-over': 'new',
          'trial-differs': 'settled',
          stopped: 'settled',
          archived: undefined
        }[story];
        expect([name, standing(name)]).toEqual([name, expected]);
      }
    }
  });

  it('has a history of more than a year, in which sizes and set-ups change', async () => {
    const db = freshDatabase();
    await loadDemo(db, NOW);
    const days = await timeline(db, 'demo-01');
    expect(days).toHaveLength(3);
    expect((days.at(-1)?.day ?? TODAY) < '2025-11-24').toBe(true);
    expect(days[0]?.setups[0]?.changes?.length).toBeGreaterThan(0);
    expect(days.at(-1)?.setups[0]?.changes).toBeNull();
    expect(new Set(days.flatMap(({ fits }) => fits.map(({ fit }) => fit.size))).size).toBeGreaterThan(1);
    const differs = await db.fits.where({ playerId: 'demo-20' }).first();
    expect(differs?.trialId).not.toBeNull();
    expect(differs?.size).not.toBe(differs?.proposal);
    const between = await db.fits.where({ playerId: 'demo-07' }).first();
    expect(between?.betweenSizes).toBe(true);
  });
});

it('a second look at a check on the same day replaces the rating, timed tests are all kept', async () => {
  const db = freshDatabase();
  const player = await givenPlayer(db);
  const [check] = HOLD_CHECKS;
  const timed = HOLD_CHECKS.find(({ result }) => result === 'seconds');
  if (!check || !timed) throw new Error('no checks');
  const seen = { faults: [], setupId: null };
  await recordCheck(db, player, check, { ...seen, outcome: { kind: 'rating', rating: 'not-yet' } });
  await recordCheck(db, player, check, { ...seen, outcome: { kind: 'rating', rating: 'mostly' } });
  await recordCheck(db, player, timed, { ...seen, outcome: { kind: 'seconds', seconds: 3 } });
  await recordCheck(db, player, timed, { ...seen, outcome: { kind: 'seconds', seconds: 5 } });
  const results = await db.checks.toArray();
  expect(results.filter(({ checkId }) => checkId === check.id)).toMatchObject([
    { outcome: { rating: 'mostly' } }
  ]);
  expect(results.filter(({ checkId }) => checkId === timed.id)).toHaveLength(2);
});
