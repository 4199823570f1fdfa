import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { describe, expect, it } from 'vitest';
import {
  answerCase,
  decidedOf,
  foresightOf,
  groupByPlayer,
  isOfThisFit,
  loadCase,
  newestFirst,
  newestFitOf,
  openPains,
  outlookQuestion,
  readingsOf,
  setupReviewOf,
  sizingQuestion,
  triedOf,
  type PlayerCase
} from './case';
import type { Database } from '../store/database';
import { finishDraft } from '../commands/drafts';
import { notePain, closePains } from '../commands/pains';
import { editPlayer, EMPTY_PLAYER } from '../commands/players';
import type { Fit, Player, Trial } from '../store/records';
import { answerTrial, beginTrial } from '../commands/trials';
import { dimensionsOf } from '$lib/core/instruments';
import { looksFor, STOP } from '$lib/core/trial';

const TODAY = '2026-11-24';
const NOW = new Date(`${TODAY}T10:00:00`);
const LATER = '2027-03-09';

async function caseOf(db: Database, player: Player, today = TODAY): Promise<PlayerCase> {
  const of = await loadCase(db, player.id, today);
  if (!of) throw new Error('no case');
  return of;
}

/** A violin beginner of 7, measured, with a size decided. */
async function decided(db: Database) {
  const player = await givenPlayer(db, { birthMonth: '2019-05', curve: 'girl' });
  await givenReadings(db, player, { height: 1205, armToPalm: 478 }, NOW);
  const fit = await givenDecision(db, player, NOW);
  return { player, fit };
}

describe('records', () => {
  const record = (playerId: string, at: string) => ({ playerId, at });

  it('stand newest first, and the list that was given stays as it was', () => {
    const given = [record('a', '2026-01-01'), record('b', '2026-03-01'), record('c', '2026-02-01')];
    expect(newestFirst(given).map(({ playerId }) => playerId)).toEqual(['b', 'c', 'a']);
    expect(given.map(({ playerId }) => playerId)).toEqual(['a', 'b', 'c']);
  });

  it('are found by whom they belong to, in their order', () => {
    const groups = groupByPlayer([record('a', '1'), record('b', '2'), record('a', '3')]);
    expect([...groups.keys()]).toEqual(['a', 'b']);
    expect(groups.get('a')?.map(({ at }) => at)).toEqual(['1', '3']);
    expect(groups.get('c')).toBeUndefined();
    expect(groupByPlayer([]).size).toBe(0);
  });
});

describe('the fit under way', () => {
  const draft = { startedAt: `${TODAY}T09:00:00.000Z` } as NonNullable<PlayerCase['draft']>;

  it('has what was recorded since it was begun, on whatever day', () => {
    const of = { draft, today: '2026-11-26' };
    expect(isOfThisFit(of, { at: `${TODAY}T09:00:00.000Z`, day: TODAY })).toBe(true);
    expect(isOfThisFit(of, { at: '2026-11-25T12:00:00.000Z', day: '2026-11-25' })).toBe(true);
    expect(isOfThisFit(of, { at: `${TODAY}T08:59:59.000Z`, day: TODAY })).toBe(false);
  });

  it('where none was begun has what was recorded today', () => {
    const of = { draft: null, today: TODAY };
    expect(isOfThisFit(of, { at: `${TODAY}T01:00:00.000Z`, day: TODAY })).toBe(true);
    expect(isOfThisFit(of, { at: '2026-11-23T23:00:00.000Z', day: '2026-11-23' })).toBe(false);
  });

  it('has its decision while it lasts, and none of another family', async () => {
    const db = freshDatabase();
    const { player, fit } = await decided(db);
    expect(decidedOf(await caseOf(db, player))?.id).toBe(fit.id);
    expect(decidedOf(await caseOf(db, player, LATER))?.id).toBe(fit.id);
    await finishDraft(db, player);
    expect(decidedOf(await caseOf(db, player))?.id).toBe(fit.id);
    expect(decidedOf(await caseOf(db, player, LATER))).toBeNull();
    const cellist = { ...(await caseOf(db, player)), player: { ...player, family: 'cello' as const } };
    expect(decidedOf(cellist)).toBeNull();
  });

  it('has the newest trial that ended in it', () => {
    const trial = (id: string, at: string, family = 'violin') =>
      ({ id, at, day: at.slice(0, 10), family }) as Trial;
    const of = {
      player: { family: 'violin' } as Player,
      draft: null,
      today: TODAY,
      trials: [
        trial('early', `${TODAY}T08:00:00`),
        trial('late', `${TODAY}T09:00:00`),
        trial('cello', `${TODAY}T10:00:00`, 'cello'),
        trial('long ago', '2026-10-01T10:00:00')
      ]
    };
    expect(triedOf(of)?.id).toBe('late');
    expect(triedOf({ ...of, today: '2026-11-25' })).toBeNull();
  });
});

describe('the size in use', () => {
  const fit = (id: string, at: string, family: Fit['family'] = 'violin') => ({ id, at, family }) as Fit;

  it('is the newest decision on the family that is played, whatever the order', () => {
    const fits = [fit('b', '2026-02'), fit('c', '2026-03', 'cello'), fit('a', '2026-01')];
    expect(newestFitOf({ family: 'violin' }, fits)?.id).toBe('b');
    expect(newestFitOf({ family: 'violin' }, fits.toReversed())?.id).toBe('b');
    expect(newestFitOf({ family: 'cello' }, fits)?.id).toBe('c');
    expect(newestFitOf({ family: 'bass' }, fits)).toBeNull();
    expect(newestFitOf({ family: 'bass' })).toBeNull();
  });
});

describe('a question for a size', () => {
  it('asks with what was measured lately, and from a day on where that is wanted', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await givenReadings(db, player, { height: 1180 }, new Date('2026-11-20T10:00:00'));
    await givenReadings(db, player, { armToPalm: 478 }, NOW);
    const of = await caseOf(db, player);
    expect(readingsOf(of)).toEqual({ height: [1180], armToPalm: [478] });
    expect(readingsOf({ ...of, since: TODAY })).toEqual({ armToPalm: [478] });
    expect(sizingQuestion(of)).toMatchObject({ family: 'violin', pain: false, grown: false });
  });

  it('is careful with pain until its note is closed, and after a trial that stopped', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await notePain(db, player, 'measuring', null, NOW);
    const hurt = await caseOf(db, player);
    expect([openPains(hurt.pains).length, sizingQuestion(hurt).pain]).toEqual([1, true]);
    await closePains(db, player, [hurt.pains[0]?.id ?? ''], 'fine again', NOW);
    expect(sizingQuestion(await caseOf(db, player)).pain).toBe(false);

    const other = await givenPlayer(db, { name: 'Stopped' });
    await beginTrial(db, other, '1/4', NOW);
    await answerTrial(db, other, { look: looksFor('violin')[0]?.id ?? '', choice: STOP }, 0, NOW);
    const [trial] = await db.trials.toArray();
    expect(trial?.verdict).toBe('stopped');
    const stopped = await caseOf(db, other);
    expect(openPains(stopped.pains)).toHaveLength(1);
    const closed = { ...stopped, pains: stopped.pains.map((pain) => ({ ...pain, closedAt: pain.at })) };
    expect(sizingQuestion(closed).pain).toBe(true);
    expect(sizingQuestion({ ...closed, trials: [] }).pain).toBe(false);
  });

  it('knows from which instrument somebody comes, and who is grown', async () => {
    const db = freshDatabase();
    const { player, fit } = await decided(db);
    await editPlayer(db, player, {
      ...EMPTY_PLAYER,
      name: player.name,
      family: 'viola',
      birthMonth: '1990-01'
    });
    const changed = await db.players.get(player.id);
    const question = sizingQuestion(await caseOf(db, changed ?? player));
    expect(question).toMatchObject({
      family: 'viola',
      grown: true,
      from: { family: 'violin', size: fit.size }
    });
  });

  it('leaves out real instruments of a family that is no longer played', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const of = await caseOf(db, player);
    const instruments = ['1/4', '12 in'].map((size) => ({ ...dimensionsOf('violin', '1/4'), size }));
    const draft = { instruments } as unknown as PlayerCase['draft'];
    expect(sizingQuestion({ ...of, draft }).instruments?.map(({ size }) => size)).toEqual(['1/4']);
    expect(sizingQuestion(of).instruments).toEqual([]);
  });
});

describe('the answer', () => {
  it('is null while too little is measured, and then has a size with its advice', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    expect(answerCase(await caseOf(db, player))).toBeNull();
    await givenReadings(db, player, { height: 1205, armToPalm: 478 }, NOW);
    const answer = answerCase(await caseOf(db, player));
    expect(answer?.tried).toBeNull();
    expect(answer?.proposal.careful).toBeTruthy();
    expect(answer?.advice).toBeTruthy();
  });

  it('is none for somebody who is not there', async () => {
    expect(await loadCase(freshDatabase(), 'nobody', TODAY)).toBeNull();
  });
});

describe('what is to come', () => {
  it('is asked of the size in use, with all heights and the day of the last reading', async () => {
    const db = freshDatabase();
    const { player, fit } = await decided(db);
    const question = outlookQuestion(await caseOf(db, player, LATER), fit.size);
    expect(question).toMatchObject({
      size: fit.size,
      birthMonth: '2019-05',
      measuredOn: TODAY,
      today: LATER
    });
    expect(question.heights.map(({ mm }) => mm)).toEqual([1205]);
    expect(question.decided).toMatchObject({ day: TODAY });
    expect(outlookQuestion(await caseOf(db, player), '4/4').decided).toBeNull();
  });

  it('is foreseen from the last thing on record, so that it stays the same until something is', async () => {
    const db = freshDatabase();
    const { player } = await decided(db);
    const soon = foresightOf(await caseOf(db, player));
    expect(soon).not.toBeNull();
    expect(foresightOf(await caseOf(db, player, LATER))).toEqual(soon);
    expect(foresightOf(await caseOf(db, await givenPlayer(db, { name: 'New' })))).toBeNull();
  });

  it('of a set-up is asked only where one was kept for the size in use', async () => {
    const db = freshDatabase();
    const { player } = await decided(db);
    expect(setupReviewOf(await caseOf(db, player))).toBeNull();
    expect(setupReviewOf({ ...(await caseOf(db, player)), setups: [] })).toBeNull();
  });
});
