import { at, onScreen } from '$lib/ui/testing.svelte';
import type { Family, Size } from '$lib/core/instruments';
import { looksFor, STOP } from '$lib/core/trial';
import {
  addReading,
  answerTrial,
  beginTrial,
  changeDraft,
  changeSettings,
  closePains,
  db,
  editPlayer,
  EMPTY_PLAYER,
  finishDraft,
  keepSetup,
  notePain,
  undo,
  type Player,
  type PlayerForm
} from '$lib/data';
import { givenDecision, givenPlayer, givenReadings } from '$lib/data/testing';
import { describe, expect, it } from 'vitest';
import { Bench } from './bench.svelte';

const MEASURED = { height: 1205, armToPalm: 478, armToWrist: 421, neckGap: 58 } as const;

async function benchOf(player: Player): Promise<Bench> {
  const bench = onScreen(() => new Bench(player.id));
  await expect.poll(() => bench.ready).toBe(true);
  return bench;
}

async function measured(
  form: Partial<PlayerForm> = {},
  readings = {}
): Promise<{ player: Player; bench: Bench }> {
  const player = await givenPlayer(db, form);
  await givenReadings(db, player, { ...MEASURED, ...readings });
  return { player, bench: await benchOf(player) };
}

const useOnly = (...violin: Size[]) =>
  changeSettings(db, 'Sizes in use', ({ sizes }) => ({ sizes: { ...sizes, violin } }));

const firstLook = (family: Family): string => looksFor(family)[0]?.id ?? '';

async function stopTrialOf(player: Player, size: Size): Promise<void> {
  await beginTrial(db, player, size);
  await answerTrial(db, player, { look: firstLook(player.family), choice: STOP }, 0);
}

const edited = (player: Player, patch: Partial<PlayerForm>) =>
  editPlayer(db, player, { ...EMPTY_PLAYER, name: player.name, family: player.family, ...patch });

describe('a fit on the bench', () => {
  it('answers with each number, and estimates what is not measured', async () => {
    const player = await givenPlayer(db);
    const bench = await benchOf(player);
    expect(bench.proposal).toBeNull();
    await addReading(db, player, 'height', 1205, 'height');
    expect(bench.valueOf('height')).toBe(1205);
    expect(bench.estimateOf('armToPalm')).toBeGreaterThan(450);
    expect(bench.estimateOf('height')).toBeNull();
    await addReading(db, player, 'armToPalm', 478, 'arm');
    expect(bench.estimateOf('armToPalm')).toBeNull();
    expect(bench.proposal?.proposal).toBe('1/4');
    await undo(db);
    expect(bench.valueOf('armToPalm')).toBeNull();
  });

  it('answers before the storage has taken a number, counts it once, and takes the answer back with it', async () => {
    const { player, bench } = await measured({}, { armToPalm: 560 });
    const given = bench.proposal?.proposal;
    const coming = { mm: 478, at: new Date() };
    bench.typed.coming.set('armToPalm', coming);
    const answered = bench.proposal;
    expect(answered?.proposal).not.toBe(given);
    expect(bench.newest.armToPalm?.readings).toHaveLength(1);
    bench.typed.coming.delete('armToPalm');
    expect(bench.proposal?.proposal).toBe(given);

    bench.typed.coming.set('armToPalm', coming);
    await addReading(db, player, 'armToPalm', coming.mm, 'arm', coming.at);
    expect(bench.readings.armToPalm).toEqual([560, 478]);
    bench.typed.coming.delete('armToPalm');
    expect(bench.readings.armToPalm).toEqual([560, 478]);
    expect(bench.proposal).toEqual(answered);
  });

  it('follows the sizes and rules in use', async () => {
    const { bench } = await measured();
    expect(bench.advice?.size).toBe('1/4');
    await useOnly('1/8', '1/2');
    await expect.poll(() => bench.proposal?.candidates.map(({ size }) => size)).not.toContain('1/4');
  });

  it('has a decision of its own family only', async () => {
    const { player, bench } = await measured();
    const { size } = await givenDecision(db, player);
    expect(bench.decided?.size).toBe(size);
    expect(bench.setup.arrangement).not.toBeNull();
    for (const family of ['viola', 'cello', 'bass'] as const) {
      await edited(player, { family });
      expect([family, bench.decided, bench.setup.arrangement]).toEqual([family, null, null]);
    }
    await edited(player, { family: 'violin' });
    expect(bench.decided?.size).toBe(size);
  });

  it('the decision before it is that of an earlier fit', async () => {
    const { player, bench } = await measured();
    const first = await givenDecision(db, player);
    expect(bench.before).toBeNull();
    await finishDraft(db, player);
    at('2031-01-10T09:00:00');
    await addReading(db, player, 'height', 1290, 'height');
    expect(bench.decided).toBeNull();
    expect(bench.before?.id).toBe(first.id);
  });
});

describe('bodies that are unlike others', () => {
  it('two warnings of one kind do not stop a cello’s bench', async () => {
    const { bench } = await measured(
      { family: 'cello' },
      { height: 1290, handSpan: 76, handSpanWidest: 87, armToPalm: 510 }
    );
    expect(bench.proposal).not.toBeNull();
    expect(bench.proposal?.warnings.length).toBeGreaterThan(1);
  });

  it('a height far below the age is asked about, and the bench still opens with it', async () => {
    at('2026-11-24T10:00:00');
    const player = await givenPlayer(db, { birthMonth: '2013-06', curve: 'boy' });
    await addReading(db, player, 'height', 850, 'height');
    const bench = await benchOf(player);
    expect(bench.isBeyondAge(850)).toBe(true);
    expect(bench.isBeyondAge(1550)).toBe(false);
    expect(bench.proposal).not.toBeNull();
    expect(() => bench.outlook).not.toThrow();
    expect(bench.outlook?.outgrown ?? null).toBeNull();
  });
});

describe('pain', () => {
  it('noted in this fit stops it; an older note is shown apart until it is closed', async () => {
    at('2026-11-20T09:00:00');
    const { player, bench } = await measured();
    await notePain(db, player, 'trial', '1/4');
    expect(bench.pains).toHaveLength(1);
    await finishDraft(db, player);
    at('2026-11-24T09:00:00');
    await changeDraft(db, player, 'Began', {});
    expect(bench.pains).toEqual([]);
    expect(bench.earlierPains).toHaveLength(1);
    await notePain(db, player, 'check', '1/4');
    expect(bench.pains.map(({ during }) => during)).toEqual(['check']);
    await closePains(
      db,
      player,
      [...bench.pains, ...bench.earlierPains].map(({ id }) => id),
      'gone after a rest'
    );
    expect([...bench.pains, ...bench.earlierPains]).toEqual([]);
  });

  it('in a trial of the smallest size in use leaves no size to take', async () => {
    const { player, bench } = await measured();
    await useOnly('1/4');
    await stopTrialOf(player, '1/4');
    await expect.poll(() => bench.tried?.verdict).toBe('stopped');
    expect(bench.advice).toMatchObject({ size: null });
  });

  it('in a trial of a size that is not in use any more never leads to a larger one', async () => {
    const { player, bench } = await measured();
    await beginTrial(db, player, '1/8');
    await useOnly('1/4', '4/4');
    await answerTrial(db, player, { look: firstLook('violin'), choice: STOP }, 0);
    await expect.poll(() => bench.tried?.verdict).toBe('stopped');
    expect(bench.advice).toMatchObject({ size: null });
  });
});

describe('left open overnight', () => {
  it('a fit under way goes on, and what is noted after midnight is seen', async () => {
    at('2026-11-24T23:50:00');
    const { player, bench } = await measured();
    await givenDecision(db, player);
    at('2026-11-25T00:10:00');
    expect(bench.today).toBe('2026-11-25');
    await notePain(db, player, 'set-up', '1/4');
    expect(bench.pains).toHaveLength(1);
    await addReading(db, player, 'handLength', 128, 'hand');
    expect(bench.valueOf('handLength')).toBe(128);
  });

  it('a finished one begins anew, and shows pain that is noted then', async () => {
    at('2026-11-24T18:00:00');
    const { player, bench } = await measured();
    await givenDecision(db, player);
    await finishDraft(db, player);
    at('2026-11-25T08:00:00');
    expect(bench.decided).toBeNull();
    await notePain(db, player, 'measuring', null);
    expect(bench.pains).toHaveLength(1);
  });
});

describe('the rest', () => {
  const kept = async (player: Player, bench: Bench) => {
    const { decided, setup, setups } = bench;
    if (!decided || !setup.arrangement) throw new Error('nothing to keep');
    const { arrangement, basis } = setup;
    return keepSetup(db, player, { fit: decided, arrangement, ...basis, after: setups[0]?.id ?? null });
  };

  it('is worked out from the neck gap, and says when that was estimated', async () => {
    const { player, bench } = await measured();
    await givenDecision(db, player);
    expect(bench.setup.basis.lengths.neckGap).toBe(58);
    expect(bench.setup.basis.estimated).toEqual([]);
    const other = await givenPlayer(db, { name: 'No Gap' });
    await givenReadings(db, other, { armToPalm: 478 });
    await givenDecision(db, other);
    const { setup } = await benchOf(other);
    expect(setup.basis.estimated).toEqual(['neckGap']);
    expect(setup.laid?.kind === 'rest' ? setup.laid.plan.neckGapMm : 0).toBeGreaterThan(40);
  });

  it('changed by hand differs from what was kept, until that is kept too or taken back', async () => {
    const { player, bench } = await measured();
    await givenDecision(db, player);
    await kept(player, bench);
    expect([bench.setup.kept?.version, bench.setup.changed]).toEqual([1, false]);
    await changeDraft(db, player, 'Chin rest', {
      setup: { kind: 'rest', choices: {}, values: { chinRest: 25 }, marks: {} }
    });
    expect(bench.setup.changed).toBe(true);
    expect(bench.setup.arrangement?.settings['chinRest' as never]).toMatchObject({
      value: 25,
      origin: 'adjusted'
    });
    await undo(db);
    expect(bench.setup.changed).toBe(false);
    await changeDraft(db, player, 'Chin rest', {
      setup: { kind: 'rest', choices: {}, values: { chinRest: 25 }, marks: {} }
    });
    await kept(player, bench);
    expect([bench.setup.kept?.version, bench.setup.changed]).toEqual([2, false]);
  });

  it('pressed twice is kept once', async () => {
    const { player, bench } = await measured();
    await givenDecision(db, player);
    await Promise.all([kept(player, bench), kept(player, bench)]);
    expect(bench.setups.map(({ version }) => version)).toEqual([1]);
  });
});
