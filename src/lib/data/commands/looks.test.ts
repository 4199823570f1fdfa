import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { averageSeatedBody } from '$lib/core/cello';
import { dimensionsOf } from '$lib/core/instruments';
import { HOLDS, noAdjustments, seatedPlan, settleSeated, type Step } from '$lib/core/setup';
import { keepSetup, noteLook, undo } from '..';
import type { Database } from '../store/database';
import type { Player } from '../store/records';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';

let db: Database;
let player: Player;
beforeEach(async () => {
  db = freshDatabase();
  player = await givenPlayer(db, { name: 'Lena Low', family: 'cello' });
  await givenReadings(db, player, { height: 1310 });
});
afterEach(() => db.delete());

const step: Step = {
  kind: 'change',
  setting: 'pin',
  from: 180,
  to: 201,
  belief: { state: 'look', by: null, next: 201, best: 201, sure: 0.6 }
};
const slumps = (after = 0) => ({
  kind: 'seated' as const,
  seen: 'seated-slumps',
  step,
  at: { setting: 'pin' as const, value: 180 },
  base: noAdjustments('seated'),
  standing: { seat: 350, pin: 180, anchor: 480 },
  after
});

describe('a look at a set-up', () => {
  it('is kept with its change, and changes the setting in the same step', async () => {
    const noted = await noteLook(db, player, slumps());
    expect(noted).toMatchObject({
      seen: 'seated-slumps',
      setupId: null,
      change: { setting: 'pin', from: 180 }
    });
    const draft = await db.drafts.get(player.id);
    expect(draft?.setup).toMatchObject({ kind: 'seated', values: { pin: 201, seat: 350, anchor: 480 } });
    await undo(db);
    expect(await db.looks.count()).toBe(0);
    expect((await db.drafts.get(player.id))?.setup ?? null).toBeNull();
  });

  it('made twice at once counts once, and many in one moment keep their order', async () => {
    const [one, other] = await Promise.all([noteLook(db, player, slumps()), noteLook(db, player, slumps())]);
    expect([one, other].filter((look) => look !== null)).toHaveLength(1);
    const now = new Date('2026-11-24T10:00:00.000Z');
    for (const after of [1, 2]) await noteLook(db, player, slumps(after), now);
    const times = (await db.looks.toArray()).map(({ at }) => at);
    expect(new Set(times).size).toBe(3);
  });

  it('that it holds changes nothing, and belongs with the others to the set-up that comes of it', async () => {
    await noteLook(db, player, slumps());
    await noteLook(db, player, {
      kind: 'seated',
      seen: HOLDS,
      step: { kind: 'holds', setting: 'pin', to: 201, belief: null },
      at: { setting: 'pin', value: 201 },
      base: noAdjustments('seated'),
      standing: {},
      after: 1
    });
    const draft = await db.drafts.get(player.id);
    const fit = await givenDecision(db, player);
    const plan = seatedPlan({ body: averageSeatedBody(1310), cello: dimensionsOf('cello', fit.size) });
    const setup = await keepSetup(db, player, {
      fit,
      arrangement: settleSeated(plan, { anchoring: 'strap', placing: 'turned' }),
      lengths: { height: 1310 },
      estimated: [],
      after: null
    });
    expect(draft?.setup).toMatchObject({ values: { pin: expect.any(Number) } });
    const looks = await db.looks.toArray();
    expect(looks.map(({ setupId }) => setupId)).toEqual([setup.id, setup.id]);
    // The next set-up begins with looks of its own.
    expect(await noteLook(db, player, slumps())).not.toBeNull();
  });
});
