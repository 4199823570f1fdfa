import { describe, expect, it } from 'vitest';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { dimensionsOf } from '$lib/core/instruments';
import { NO_REST_ADJUSTMENTS, restStack, settle } from '$lib/core/setup';
import { dayOf } from '$lib/core/time';
import { addPlayer, editPlayer, EMPTY_PLAYER, importPlayers } from './players';
import { answerCase, decidedOf, loadCase, sizingQuestion } from '../questions/case';
import { undo } from '../journal/changes';
import { changeDraft, changeSetup, finishDraft, getDraft } from './drafts';
import { decideFit, keepSetup, newestFirst } from './fits';
import { notePain, closePains } from './pains';
import type { Fit, Player } from '../store/records';
import { Refusal } from '../store/refusal';
import { changeSettings } from './settings';
import { DEFAULT_SETTINGS, sizesInUse } from '../questions/settings';
import { timeline } from '../questions/timeline';
import { keepText, typedOf } from './typed';
import { answerTrial, beginTrial } from './trials';
import { STOP } from '$lib/core/trial';

const NOW = new Date('2026-11-24T09:00:00');
/** Between 1/8 and 1/4. */
const BETWEEN = { height: 1205, armToPalm: 476 };

const stack = restStack({
  instrument: dimensionsOf('violin', '1/8'),
  neckGapMm: 60,
  heightMm: 1205,
  shoulder: { slope: 'medium' },
  school: 'rest-first'
});
const usual = { school: 'rest-first', mount: 'beside', scroll: 'left-45' } as const;
const arrangement = settle(stack, usual);
const keeping = (fit: Fit, after: string | null, changed = arrangement) => ({
  fit,
  arrangement: changed,
  lengths: { neckGap: 60, height: 1205 },
  estimated: [],
  after
});

async function measured(
  family: Player['family'] = 'violin',
  readings: Parameters<typeof givenReadings>[2] = BETWEEN
) {
  const db = freshDatabase();
  const player = await givenPlayer(db, { family });
  await givenReadings(db, player, readings, NOW);
  return { db, player };
}

describe('deciding a size', () => {
  it('records what was proposed, what was decided and when to look again', async () => {
    const { db, player } = await measured();
    await changeDraft(db, player, 'thought', { overrideSize: '1/4' });
    await keepText(db, player.id, 'reason', 'strong');
    const fit = await decideFit(db, player, { size: '1/4', reason: ' strong ', after: null }, NOW);
    expect(await db.fits.toArray()).toEqual([fit]);
    expect(fit).toMatchObject({
      proposal: '1/4',
      advised: '1/8',
      size: '1/4',
      reason: 'strong',
      betweenSizes: true,
      nextLook: '2026-12-15',
      readings: { height: [1205], armToPalm: [476] }
    });
    expect(await getDraft(db, player.id)).toMatchObject({ overrideSize: null });
    expect(await typedOf(db, player.id)).toEqual({});
  });

  it('pressed twice at once decides once, also in two tabs', async () => {
    const { db, player } = await measured();
    const press = () => decideFit(db, player, { size: '1/8', reason: null, after: null }, NOW);
    const [one, other] = await Promise.all([press(), press()]);
    expect(await db.fits.count()).toBe(1);
    expect(other).toEqual(one);
  });

  it('is refused when something changed between the look and the press', async () => {
    const { db, player } = await measured();
    // Another tab reads a longer arm: the 1/4 is advised now.
    await givenReadings(db, player, { armToPalm: 500, armToWrist: 432 }, NOW);
    await changeDraft(db, player, 'dropped', {});
    await expect(decideFit(db, player, { size: '1/8', reason: null, after: null }, NOW)).rejects.toThrow(
      /changed meanwhile/
    );
    await expect(decideFit(db, player, { size: '1/4', reason: ' ', after: null }, NOW)).rejects.toThrow(
      Refusal
    );
    expect(await db.fits.count()).toBe(0);
  });

  it('adds a version each time and can be undone', async () => {
    const { db, player } = await measured();
    const first = await givenDecision(db, player, NOW);
    await decideFit(
      db,
      player,
      { size: '1/4', reason: 'second thought', after: first.id },
      new Date('2026-11-24T09:05:00')
    );
    expect(newestFirst(await db.fits.toArray()).map(({ size }) => size)).toEqual(['1/4', '1/8']);
    await undo(db);
    expect((await db.fits.toArray()).map(({ size }) => size)).toEqual(['1/8']);
  });

  it('keeps the margin of a bass that is far too tall, and none where there is no limit', async () => {
    const { db, player } = await measured('bass', { height: 880 });
    await changeSettings(db, 'only big ones', { sizes: { bass: ['3/4'] } });
    const fit = await givenDecision(db, player, NOW);
    expect(fit.marginMm ?? 0).toBeLessThan(-500);
    const small = await measured('cello', { height: 990 });
    expect((await givenDecision(small.db, small.player, NOW)).marginMm).toBeNull();
  });

  it('has no scroll limit and no shoulder rest for a cello', async () => {
    const { db, player } = await measured('cello', { height: 1290 });
    const fit = await givenDecision(db, player, NOW);
    expect(fit).toMatchObject({ family: 'cello', rule: null, betweenSizes: true });
    await expect(keepSetup(db, player, keeping(fit, null))).rejects.toThrow(Refusal);
  });

  it('on one family is none on another', async () => {
    const { db, player } = await measured();
    await givenDecision(db, player, NOW);
    for (const family of ['viola', 'cello'] as const) {
      await editPlayer(db, player, { ...EMPTY_PLAYER, name: player.name, family });
      const of = await loadCase(db, player.id, '2026-11-24');
      expect(of && decidedOf(of)).toBeNull();
      expect(of && answerCase(of)?.proposal.candidates.map(({ size }) => size)).not.toContain('1/8 violin');
    }
  });
});

describe('pain', () => {
  it('leaves no size to take; one taken all the same needs a reason', async () => {
    const { db, player } = await measured();
    await beginTrial(db, player, '1/32', NOW);
    await answerTrial(db, player, { look: 'shoulder-seat', choice: STOP }, 0, NOW);
    const of = await loadCase(db, player.id, '2026-11-24');
    expect(of && answerCase(of)?.advice).toMatchObject({ size: null, because: 'pain', smaller: null });
    await expect(decideFit(db, player, { size: '1/8', reason: null, after: null }, NOW)).rejects.toThrow(
      Refusal
    );
    const fit = await decideFit(db, player, { size: '1/8', reason: 'softer pad', after: null }, NOW);
    expect(fit).toMatchObject({ advised: null, size: '1/8', reason: 'softer pad' });
  });

  it('counts while its note is open or its trial is of this fit, not for ever and not from another family', async () => {
    const { db, player } = await measured();
    const pain = async (today: string) => {
      const of = await loadCase(db, player.id, today);
      return of && sizingQuestion(of).pain;
    };
    expect(await pain('2026-11-24')).toBe(false);
    await notePain(db, player, 'lesson', null, new Date('2026-01-05T09:00:00'));
    expect(await pain('2026-11-24')).toBe(true);
    const [note] = await db.pains.toArray();
    await closePains(db, player, [note?.id ?? ''], ' gone ', NOW);
    expect(await db.pains.toArray()).toMatchObject([{ note: 'gone', closedAt: NOW.toISOString() }]);
    expect(await pain('2026-11-24')).toBe(false);
    await beginTrial(db, player, '1/4', NOW);
    await answerTrial(db, player, { look: 'shoulder-seat', choice: STOP }, 0, NOW);
    const [fresh] = (await db.pains.toArray()).filter(({ closedAt }) => closedAt === null);
    await closePains(db, player, [fresh?.id ?? ''], 'rested', NOW);
    expect(await pain('2026-11-24')).toBe(true);
    await finishDraft(db, player);
    expect(await pain('2026-11-25')).toBe(false);
  });

  it('noted twice by one press is one note', async () => {
    const { db, player } = await measured();
    const press = (ms: number) => notePain(db, player, 'check', '1/4', new Date(NOW.getTime() + ms));
    await Promise.all([press(0), press(80)]);
    expect(await db.pains.count()).toBe(1);
    await press(60_000);
    expect(await db.pains.count()).toBe(2);
  });
});

describe('keeping a set-up', () => {
  it('counts versions of the player, and the history says what changed', async () => {
    const { db, player } = await measured();
    const fit = await givenDecision(db, player, new Date('2026-11-23T09:00:00'));
    const first = await keepSetup(db, player, keeping(fit, null), new Date('2026-11-23T09:10:00'));
    const higher = settle(stack, usual, { kind: 'rest', choices: {}, values: { lift: 9 }, marks: {} });
    const second = await keepSetup(
      db,
      player,
      keeping(fit, first.id, higher),
      new Date('2026-11-24T09:10:00')
    );
    expect(second.version).toBe(2);
    const [today, before] = await timeline(db, player.id);
    expect(today?.setups[0]?.changes?.[0]).toMatchObject({ kind: 'value', id: 'lift', to: 9 });
    expect(before?.setups[0]?.changes).toBeNull();
    expect(before?.fits[0]).toMatchObject({ fit: { size: '1/8' }, earlier: null });
  });

  it('pressed twice at once keeps it once', async () => {
    const { db, player } = await measured();
    const fit = await givenDecision(db, player, NOW);
    const press = () => keepSetup(db, player, keeping(fit, null), NOW);
    await Promise.all([press(), press()]);
    expect((await db.setups.toArray()).map(({ version }) => version)).toEqual([1]);
  });
});

describe('a draft', () => {
  it('ends when the fit is finished, with what was typed', async () => {
    const { db, player } = await measured();
    expect(await db.drafts.count()).toBe(1);
    await keepText(db, player.id, 'height', '12');
    await keepText(db, player.id, 'height', '120');
    expect(await typedOf(db, player.id)).toEqual({ height: '120' });
    await finishDraft(db, player);
    expect(await db.drafts.count()).toBe(0);
    expect(await db.typed.count()).toBe(0);
    await undo(db);
    expect(await db.drafts.count()).toBe(1);
  });

  it('a set-up that is changed after the fit was finished goes on with that day’s decision, and begins anew later', async () => {
    const { db, player } = await measured();
    await decideFit(db, player, { size: '1/8', reason: null, after: null }, NOW);
    await finishDraft(db, player);
    const decidedAfter = async (moment: Date) => {
      await changeSetup(db, player, 'marked', () => NO_REST_ADJUSTMENTS, moment);
      const of = await loadCase(db, player.id, dayOf(moment));
      await undo(db);
      return of && decidedOf(of);
    };
    expect((await decidedAfter(new Date('2026-11-24T16:00:00')))?.size).toBe('1/8');
    expect(await decidedAfter(new Date('2026-12-01T16:00:00'))).toBeNull();
  });

  it('loses none of two changes made at the same moment', async () => {
    const { db, player } = await measured();
    const mark = (id: 'lift' | 'chinRest') =>
      changeDraft(db, player, 'marked', ({ setup }) => ({
        setup: {
          kind: 'rest',
          choices: {},
          values: {},
          marks: { ...(setup?.kind === 'rest' ? setup.marks : {}), [id]: 'dot' }
        }
      }));
    await Promise.all([mark('lift'), mark('chinRest'), keepText(db, player.id, 'height', '1')]);
    expect((await getDraft(db, player.id)).setup?.marks).toEqual({ lift: 'dot', chinRest: 'dot' });
    expect(await typedOf(db, player.id)).toEqual({ height: '1' });
  });
});

it('a player and a list of players sent twice come in once', async () => {
  const db = freshDatabase();
  const forms = ['A', 'B', 'C'].map((name) => ({ ...EMPTY_PLAYER, name, group: 'Owls' }));
  await Promise.all([importPlayers(db, forms, 'skip', 'list'), importPlayers(db, forms, 'skip', 'list')]);
  expect(await db.players.count()).toBe(3);
  expect(await db.groups.count()).toBe(1);
  await Promise.all([
    addPlayer(db, { ...EMPTY_PLAYER, name: 'D' }, 'd'),
    addPlayer(db, { ...EMPTY_PLAYER, name: 'D' }, 'd')
  ]);
  expect(await db.players.count()).toBe(4);
  await undo(db);
  await undo(db);
  expect(await db.players.count()).toBe(0);
  expect(await db.groups.count()).toBe(0);
});

it('the sizes in use are the teacher’s, else the usual ones', () => {
  expect(sizesInUse(DEFAULT_SETTINGS, 'violin')).not.toContain('7/8');
  expect(sizesInUse({ ...DEFAULT_SETTINGS, sizes: { violin: ['7/8'] } }, 'violin')).toEqual(['7/8']);
});
