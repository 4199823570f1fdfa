import { at, onScreen } from '$lib/ui/testing.svelte';
import { describe, expect, it } from 'vitest';
import type { Family } from '$lib/core/instruments';
import { noAdjustments, SETUP_CHOICES, withOwn, type SettingId } from '$lib/core/setup';
import {
  changeSettings,
  changeSetup,
  db,
  editPlayer,
  EMPTY_PLAYER,
  finishDraft,
  keepSetup,
  undo,
  type Player,
  type Setup
} from '$lib/data';
import { givenDecision, givenPlayer, givenReadings } from '$lib/data/testing';
import { Bench } from './bench.svelte';
import type { SetupBench } from './setup.svelte';

const HEIGHTS: Readonly<Record<Family, number>> = { violin: 1205, viola: 1420, cello: 1310, bass: 1480 };

/** A player whose size is decided, at the bench. */
async function decided(family: Family): Promise<{ player: Player; bench: Bench; setup: SetupBench }> {
  const player = await givenPlayer(db, { family });
  const arm = family === 'violin' || family === 'viola';
  await givenReadings(db, player, {
    height: HEIGHTS[family],
    ...(arm ? { armToPalm: Math.round(0.4 * HEIGHTS[family]) } : {})
  });
  await givenDecision(db, player);
  const bench = onScreen(() => new Bench(player.id));
  await expect.poll(() => bench.ready && bench.setup.laid !== null).toBe(true);
  return { player, bench, setup: bench.setup };
}

/** Sets a value by hand, as the stepper does. */
const set = (player: Player, setup: SetupBench, id: SettingId, value: number | undefined) =>
  changeSetup(db, player, id, () => {
    if (!setup.kind) throw new Error('nothing is set up');
    return withOwn(setup.adjustments(setup.kind), id, value, setup.values);
  });

const keep = (player: Player, { bench, setup }: { bench: Bench; setup: SetupBench }): Promise<Setup> => {
  if (!setup.fit || !setup.arrangement) throw new Error('nothing to keep');
  const { fit, arrangement, basis } = setup;
  return keepSetup(db, player, { fit, arrangement, ...basis, after: bench.setups[0]?.id ?? null });
};

describe.each(['violin', 'viola', 'cello', 'bass'] as const)('a set-up of the %s', (family) => {
  it('is worked out once a size is decided, and every value has its place', async () => {
    const { setup } = await decided(family);
    const values = Object.entries(setup.values);
    expect(values.length).toBeGreaterThanOrEqual(2);
    for (const [id, value] of values) expect([id, Number.isFinite(value)]).toEqual([id, true]);
    expect([setup.kept, setup.earlier, setup.changed]).toEqual([null, null, false]);
    expect(Object.values(setup.basis.lengths)).toContain(HEIGHTS[family]);
  });

  it('keeps what is set by hand, and computes it again when it is given back', async () => {
    const { player, setup } = await decided(family);
    const id: SettingId = family === 'bass' || family === 'cello' ? 'pin' : 'chinRest';
    const computed = setup.values[id] ?? NaN;
    await set(player, setup, id, computed + 6);
    await expect.poll(() => setup.values[id]).toBeCloseTo(computed + 6, 3);
    await set(player, setup, id, undefined);
    await expect.poll(() => setup.values[id]).toBeCloseTo(computed, 3);
    await undo(db);
    await expect.poll(() => setup.values[id]).toBeCloseTo(computed + 6, 3);
  });

  it('stands as it was kept, and says when it is changed', async () => {
    const { player, bench, setup } = await decided(family);
    await keep(player, { bench, setup });
    await expect.poll(() => setup.kept?.version).toBe(1);
    expect(setup.changed).toBe(false);
    const id: SettingId = family === 'bass' || family === 'cello' ? 'pin' : 'chinRest';
    await set(player, setup, id, (setup.values[id] ?? 0) + 8);
    await expect.poll(() => setup.changed).toBe(true);
    await keep(player, { bench, setup });
    await expect.poll(() => [setup.kept?.version, setup.changed]).toEqual([2, false]);
  });

  it('is the same months later, though nothing was measured anew', async () => {
    at('2026-03-02T10:00:00');
    const { player, bench, setup } = await decided(family);
    await keep(player, { bench, setup });
    await finishDraft(db, player);
    await expect.poll(() => setup.kept?.version).toBe(1);
    const before = setup.values;
    at('2026-12-20T10:00:00');
    await expect.poll(() => Object.keys(setup.values).length).toBe(Object.keys(before).length);
    for (const [id, value] of Object.entries(before))
      expect([id, setup.values[id as SettingId]]).toEqual([id, expect.closeTo(value, 6)]);
    expect(setup.changed).toBe(false);
  });
});

describe('what a set-up rests on', () => {
  it('says which lengths were estimated', async () => {
    const { setup } = await decided('cello');
    expect(setup.basis.estimated).toEqual(expect.arrayContaining(['lowerLeg', 'seatedEar']));
    expect(setup.basis.estimated).not.toContain('height');
  });

  it('takes a length that was read before the one that is foreseen from the height', async () => {
    const { player, setup } = await decided('cello');
    const seat = () => setup.values.seat ?? NaN;
    const before = seat();
    await givenReadings(db, player, { lowerLeg: 420 });
    await expect.poll(() => setup.basis.estimated.includes('lowerLeg')).toBe(false);
    expect(setup.basis.lengths.lowerLeg).toBe(420);
    expect(seat()).not.toBeCloseTo(before, 0);
  });

  it('of an arm alone has a height that goes with it', async () => {
    const player = await givenPlayer(db);
    await givenReadings(db, player, { armToPalm: 478 });
    await givenDecision(db, player);
    const bench = onScreen(() => new Bench(player.id));
    await expect.poll(() => bench.ready && bench.setup.laid !== null).toBe(true);
    const { laid } = bench.setup;
    expect(laid?.kind === 'rest' && laid.plan.neckGapMm).toBeGreaterThan(30);
  });

  it('is nothing while no size is decided', async () => {
    const player = await givenPlayer(db, { family: 'bass' });
    await givenReadings(db, player, { height: 1480 });
    const bench = onScreen(() => new Bench(player.id));
    await expect.poll(() => bench.ready).toBe(true);
    const { setup } = bench;
    expect([setup.laid, setup.arrangement, setup.instrument, setup.fit]).toEqual([null, null, null, null]);
    expect(setup.values).toEqual({});
    expect(setup.kind).toBe('standing');
  });

  it('is of the family that is played now', async () => {
    const { player, bench, setup } = await decided('violin');
    await keep(player, { bench, setup });
    await expect.poll(() => setup.kept?.kind).toBe('rest');
    await editPlayer(db, player, { ...EMPTY_PLAYER, name: player.name, family: 'cello' });
    await expect.poll(() => setup.kind).toBe('seated');
    expect([setup.kept, setup.earlier]).toEqual([null, null]);
  });
});

describe('the teacher’s ways', () => {
  it('of a cello are taken until another is chosen for this player', async () => {
    const { player, setup } = await decided('cello');
    const placing = () => (setup.laid?.kind === 'seated' ? setup.laid.arrangement.choices.placing : null);
    const [usual, other] = SETUP_CHOICES.seated.placing;
    expect(placing()).toBe(usual);
    await changeSettings(db, 'Way', ({ ways }) => ({ ways: { ...ways, 'cello-placing': other ?? '' } }));
    await expect.poll(placing).toBe(other);
    await changeSetup(db, player, 'Placing', () => ({
      ...noAdjustments('seated'),
      choices: { placing: usual }
    }));
    await expect.poll(placing).toBe(usual);
  });

  it('of a bass bow decide how the set-up counts', async () => {
    const { setup } = await decided('bass');
    const hold = () => (setup.laid?.kind === 'standing' ? setup.laid.arrangement.choices.bowHold : null);
    const before = hold();
    const other = SETUP_CHOICES.standing.bowHold.find((one) => one !== before);
    await changeSettings(db, 'Way', ({ ways }) => ({ ways: { ...ways, 'bass-bow-hold': other ?? '' } }));
    await expect.poll(hold).toBe(other);
  });

  it('of a rest change the school on the spot', async () => {
    const { setup } = await decided('violin');
    const school = () => (setup.laid?.kind === 'rest' ? setup.laid.arrangement.choices.school : null);
    expect(school()).toBe('rest-first');
    await changeSettings(db, 'School', { restSchool: 'pad' });
    await expect.poll(school).toBe('pad');
  });
});

describe('a bass with notches', () => {
  it('has its pin at one of them', async () => {
    const { player, setup } = await decided('bass');
    const notchesMm = [60, 100, 140, 180, 220];
    await changeSetup(db, player, 'Notches', () => ({ ...setup.adjustments('standing'), notchesMm }));
    await expect.poll(() => notchesMm.includes(setup.values.pin ?? NaN)).toBe(true);
    const { laid } = setup;
    expect(laid?.kind === 'standing' && notchesMm[(laid.plan.notch ?? 0) - 1]).toBe(setup.values.pin);
  });
});

describe('a cello whose values are held', () => {
  it('leaves what stands, takes along what follows, and comes back as it was kept', async () => {
    const { player, bench, setup } = await decided('cello');
    const free = setup.values;
    // A seat takes the cello along, pin and all.
    await set(player, setup, 'seat', (free.seat ?? 0) + 20);
    await expect.poll(() => setup.values.seat).toBeCloseTo((free.seat ?? 0) + 20, 6);
    expect([setup.values.angle, setup.values.slide]).toEqual([free.angle, free.slide]);
    expect(setup.values.pin).toBeGreaterThan((free.pin ?? 0) + 10);
    // A pin leaves seat and anchor.
    const before = setup.values;
    await set(player, setup, 'pin', (before.pin ?? 0) + 12);
    await expect.poll(() => setup.values.pin).toBeCloseTo((before.pin ?? 0) + 12, 6);
    expect([setup.values.seat, setup.values.anchor]).toEqual([before.seat, before.anchor]);
    expect(setup.values.angle).toBeLessThan(before.angle ?? 0);
    expect(Object.keys(setup.adjustments('seated').values).sort()).toEqual(['anchor', 'pin', 'seat']);
    const kept = setup.values;
    await keep(player, { bench, setup });
    await db.drafts.clear();
    await expect.poll(() => setup.kept?.version).toBe(1);
    expect(setup.values).toEqual(kept);
    expect(setup.kept?.settings).toMatchObject({ seat: { origin: 'adjusted' }, anchor: { origin: 'held' } });
  });
});
