import { describe, expect, it } from 'vitest';
import { freshDatabase, givenPlayer } from './testing';
import { dimensionsOf } from '$lib/core/instruments';
import { restStack, settle } from '$lib/core/setup';
import { proposeSize, type Readings } from '$lib/core/sizing';
import { undo } from './changes';
import { changeDraft, finishDraft, getDraft, keepText } from './drafts';
import { decideFit, keepSetup, newestFirst } from './fits';
import { addPlayers, EMPTY_PLAYER } from './players';
import { DEFAULT_SETTINGS, sizesInUse } from './settings';
import { timeline } from './timeline';

const readings: Readings = { height: [1205], armToPalm: [476] };
const proposal = proposeSize({ family: 'violin', readings, rule: { school: 'palm-centre' } });
if (!proposal) throw new Error('nothing proposed');

const stack = restStack({
  instrument: dimensionsOf('violin', '1/8'),
  neckGapMm: 60,
  heightMm: 1205,
  shoulder: { slope: 'medium' },
  school: 'rest-first'
});
const rest = settle(stack, { school: 'rest-first', mount: 'beside' });

const deciding = (size: string, reason: string | null = null) => ({
  proposal,
  readings,
  advised: proposal.advised,
  size,
  reason
});

describe('deciding a size', () => {
  it('records what was proposed, what was decided and when to look again', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await changeDraft(db, player, 'thought', { overrideSize: '1/4', overrideReason: 'strong' });
    const now = new Date('2026-11-24T09:00:00');
    const fit = await decideFit(db, player, deciding('1/4', 'strong'), now);
    expect(await db.fits.toArray()).toEqual([fit]);
    expect(fit).toMatchObject({
      proposal: '1/4',
      advised: '1/8',
      size: '1/4',
      reason: 'strong',
      betweenSizes: true,
      nextLook: '2026-12-15',
      readings
    });
    expect(await getDraft(db, player.id)).toMatchObject({ overrideSize: null, overrideReason: '' });
  });

  it('adds a version each time and can be undone', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await decideFit(db, player, deciding('1/8'), new Date('2026-11-24T09:00:00'));
    await decideFit(db, player, deciding('1/4', 'second thought'), new Date('2026-11-24T09:05:00'));
    expect(newestFirst(await db.fits.toArray()).map(({ size }) => size)).toEqual(['1/4', '1/8']);
    await undo(db);
    expect((await db.fits.toArray()).map(({ size }) => size)).toEqual(['1/8']);
  });

  it('has no scroll limit and no shoulder rest for a cello', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db, { family: 'cello' });
    const cello = proposeSize({ family: 'cello', readings: { height: [1290] } });
    if (!cello) throw new Error('nothing proposed');
    const fit = await decideFit(db, player, {
      proposal: cello,
      readings: { height: [1290] },
      advised: cello.advised,
      size: cello.advised,
      reason: null
    });
    expect(fit).toMatchObject({ family: 'cello', rule: null, betweenSizes: true });
    await expect(keepSetup(db, player, fit, stack, rest)).rejects.toThrow(RangeError);
  });
});

describe('keeping a set-up', () => {
  it('counts versions of the player, and the history says what changed', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const fit = await decideFit(db, player, deciding('1/8'), new Date('2026-11-23T09:00:00'));
    await keepSetup(db, player, fit, stack, rest, new Date('2026-11-23T09:10:00'));
    const higher = settle(
      stack,
      { school: 'rest-first', mount: 'beside' },
      { values: { lift: 9 }, marks: {} }
    );
    const second = await keepSetup(db, player, fit, stack, higher, new Date('2026-11-24T09:10:00'));
    expect(second.version).toBe(2);
    const [today, before] = await timeline(db, player.id);
    expect(today?.setups[0]?.changes?.[0]).toMatchObject({ kind: 'length', id: 'lift', toMm: 9 });
    expect(before?.setups[0]?.changes).toBeNull();
    expect(before?.fits[0]).toMatchObject({ fit: { size: '1/8' }, earlier: null });
  });
});

describe('a draft', () => {
  it('begins with the first thing that is typed and ends when the fit is finished', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    expect(await db.drafts.count()).toBe(0);
    await keepText(db, player.id, 'height', '12');
    await keepText(db, player.id, 'height', '120');
    expect((await getDraft(db, player.id)).texts).toEqual({ height: '120' });
    await finishDraft(db, player);
    expect(await db.drafts.count()).toBe(0);
    await undo(db);
    expect((await getDraft(db, player.id)).texts).toEqual({ height: '120' });
  });

  it('loses none of two changes made at the same moment', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const mark = (id: 'lift' | 'chinRest') =>
      changeDraft(db, player, 'marked', ({ adjustments }) => ({
        adjustments: { ...adjustments, marks: { ...adjustments.marks, [id]: 'dot' } }
      }));
    await Promise.all([mark('lift'), mark('chinRest'), keepText(db, player.id, 'height', '1')]);
    const draft = await getDraft(db, player.id);
    expect(draft.adjustments.marks).toEqual({ lift: 'dot', chinRest: 'dot' });
    expect(draft.texts).toEqual({ height: '1' });
  });
});

it('a list of players comes in as one step', async () => {
  const db = freshDatabase();
  await addPlayers(
    db,
    ['A', 'B', 'C'].map((name) => ({ ...EMPTY_PLAYER, name }))
  );
  expect(await db.players.count()).toBe(3);
  await undo(db);
  expect(await db.players.count()).toBe(0);
});

it('the sizes in use are the teacher’s, else the usual ones', () => {
  expect(sizesInUse(DEFAULT_SETTINGS, 'violin')).not.toContain('7/8');
  expect(sizesInUse({ ...DEFAULT_SETTINGS, sizes: { violin: ['7/8'] } }, 'violin')).toEqual(['7/8']);
});
