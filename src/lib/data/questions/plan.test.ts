import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { describe, expect, it } from 'vitest';
import { checksFor, type Check, type Rating } from '$lib/core/checks';
import { recordCheck, setPractice } from '../commands/checks';
import type { Database } from '../store/database';
import { changeKit } from '../commands/kit';
import { ownCheck } from './library';
import { keepOwnCheck } from '../commands/own-checks';
import { notePain } from '../commands/pains';
import { askedFor, duesOf, standingIn, toBring } from './plan';
import type { Player } from '../store/records';
import { roster } from './roster';
import { changeSettings } from '../commands/settings';

const TODAY = '2026-11-24';
const NOW = new Date(`${TODAY}T10:00:00`);

const holds = (await checksFor('violin')).filter(({ category }) => category === 'hold');
const rate = (db: Database, player: Player, check: Check | undefined, rating: Rating, now = NOW) => {
  if (!check) throw new Error('no check');
  const outcome = { kind: 'rating', rating } as const;
  return recordCheck(db, player, check, { outcome, faults: [], setupId: null }, now);
};
const rated = holds.filter(({ result, later }) => result === 'rating' && !later);

describe('how a group stands in a category', () => {
  it('is the middle of what was seen of each, by the newest look, and 0 where nothing was', async () => {
    const db = freshDatabase();
    const [one, other, unseen] = [
      await givenPlayer(db, { name: 'One' }),
      await givenPlayer(db, { name: 'Other' }),
      await givenPlayer(db, { name: 'Unseen' })
    ];
    await rate(db, one, rated[0], 'not-yet', new Date('2026-11-10T10:00:00'));
    await rate(db, one, rated[0], 'secure');
    await rate(db, one, rated[1], 'with-help');
    await rate(db, other, rated[0], 'mostly');
    const { all } = await standingIn(db, [one, other, unseen], 'hold');
    expect(all.map(({ strength }) => strength)).toEqual([3, 3, 0]);
  });

  it('names who is behind the others, the furthest first', async () => {
    const db = freshDatabase();
    const players = [];
    for (const name of ['A', 'B', 'C', 'D']) players.push(await givenPlayer(db, { name }));
    const [a, b, c, d] = players as [Player, Player, Player, Player];
    for (const strong of [a, b]) await rate(db, strong, rated[0], 'secure');
    await rate(db, c, rated[0], 'with-help');
    await rate(db, d, rated[0], 'not-yet');
    const { behind } = await standingIn(db, players, 'hold');
    expect(behind[0]?.playerId).toBe(d.id);
    expect(behind.map(({ playerId }) => playerId)).not.toContain(a.id);
  });

  it('counts what the teacher looks at: own checks, and not those that are hidden', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await rate(db, player, rated[0], 'secure');
    await rate(db, player, rated[1], 'not-yet');
    const strength = async () => (await standingIn(db, [player], 'hold')).all[0]?.strength;
    expect(await strength()).toBe(2.5);
    await changeSettings(db, 'Hidden', { hiddenChecks: [rated[1]?.id ?? ''] });
    expect(await strength()).toBe(4);
    await keepOwnCheck(db, {
      id: 'own-smile',
      families: ['violin'],
      category: 'hold',
      standpoint: 'front',
      title: 'Smiles while playing',
      right: 'A smile.',
      forPlayer: 'Smile.',
      pose: 'playing',
      view: 'front',
      spot: 'head',
      faults: []
    });
    const [own] = await db.ownChecks.toArray();
    await rate(db, player, own && ownCheck(own), 'with-help');
    expect(await strength()).toBe(3);
  });

  it('does not count looks of another category, nor those of another player', async () => {
    const db = freshDatabase();
    const [one, other] = [await givenPlayer(db), await givenPlayer(db, { name: 'Other' })];
    const stance = (await checksFor('violin')).find(({ category }) => category === 'stance');
    await rate(db, one, stance, 'secure');
    await rate(db, other, rated[0], 'secure');
    expect((await standingIn(db, [one], 'hold')).all).toEqual([{ playerId: one.id, strength: 0 }]);
    expect(await standingIn(db, [], 'hold')).toEqual({ all: [], behind: [] });
  });
});

describe('what most of a group ask for', () => {
  it('is what each one’s own next focus says, by the checks as the teacher has them', async () => {
    const db = freshDatabase();
    const players: Player[] = [];
    for (const name of ['One', 'Two', 'Three']) players.push(await givenPlayer(db, { name }));
    expect(await askedFor(db, players, TODAY)).toBe('stance');
    const stance = (await checksFor('violin')).filter(({ category }) => category === 'stance');
    // Two have a secure stance, so plucking begins.
    for (const player of players.slice(0, 2))
      for (const check of stance) await rate(db, player, check, 'secure');
    expect(await askedFor(db, players, TODAY)).toBe('bow-use');
    expect(await askedFor(db, players.slice(2), TODAY)).toBe('stance');
    const hidden = stance.map(({ id }) => id);
    await changeSettings(db, 'Hidden', { hiddenChecks: hidden });
    expect(await askedFor(db, players.slice(2), TODAY)).toBe('bow-use');
    expect(await askedFor(db, [], TODAY)).toBeNull();
  });
});

describe('what to bring', () => {
  it('counts the sizes that are played, and what is missing, in that order', async () => {
    const db = freshDatabase();
    const players: Player[] = [];
    for (const name of ['One', 'Two']) {
      const player = await givenPlayer(db, { name });
      await givenReadings(db, player, { height: 1205, armToPalm: 478 }, NOW);
      await givenDecision(db, player, NOW);
      await changeKit(db, player, 'rosin', () => ({ state: 'missing', whose: '', until: null }));
      players.push((await db.players.get(player.id)) ?? player);
    }
    const things = await toBring(db, players);
    expect(things.map(({ what, count }) => [what, count])).toEqual([
      ['size', 2],
      ['kit', 2]
    ]);
    expect(things[0]).toMatchObject({ what: 'size', family: 'violin' });
  });

  it('is nothing for nobody, and for those of whom nothing is known', async () => {
    const db = freshDatabase();
    expect(await toBring(db, [])).toEqual([]);
    expect(await toBring(db, [await givenPlayer(db)])).toEqual([]);
  });

  it('leaves out what is lent, for that is there', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await changeKit(db, player, 'mute', () => ({ state: 'lent', whose: 'the school', until: '2026-12-24' }));
    expect(await toBring(db, [(await db.players.get(player.id)) ?? player])).toEqual([]);
  });
});

describe('what is due', () => {
  const kinds = async (db: Database) =>
    (await duesOf(db, await roster(db, TODAY), TODAY)).map(({ kind, day }) => [kind, day]);

  it('is nothing for somebody new', async () => {
    const db = freshDatabase();
    await givenPlayer(db);
    expect(await kinds(db)).toEqual([]);
  });

  it('is the look that the newest lesson set, not an older one', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const practice = { category: 'hold', practice: () => [], begun: null } as const;
    await setPractice(db, player, { ...practice, nextLook: '2026-11-10' }, new Date('2026-11-03T10:00:00'));
    await setPractice(db, player, { ...practice, nextLook: '2026-12-01' }, NOW);
    expect(await kinds(db)).toEqual([['check', '2026-12-01']]);
  });

  it('is pain that is not closed, and a thing that should have come back', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await notePain(db, player, 'lesson', null, NOW);
    await changeKit(db, player, 'mute', () => ({ state: 'lent', whose: 'the school', until: '2026-11-20' }));
    expect(await kinds(db)).toEqual([
      ['pain', TODAY],
      ['return', TODAY]
    ]);
    await changeKit(db, player, 'mute', (gap) => gap && { ...gap, until: '2026-11-30' });
    expect(await kinds(db)).toEqual([['pain', TODAY]]);
  });
});
