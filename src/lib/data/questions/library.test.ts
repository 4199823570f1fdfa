import { describe, expect, it } from 'vitest';
import { checksFor } from '$lib/core/checks';
import { FAMILIES } from '$lib/core/instruments';
import { addAid, aidsInUse, keepAid, weanAid } from '../commands/aids';
import { undo } from '../journal/changes';
import { lastPractised, setPractice, withoutPoint, withPoint } from '../commands/checks';
import { setAway, setGroupWay, setSeats } from '../commands/groups';
import { asTaught, libraryFor, ownCheck, taughtTo, type Taught } from './library';
import { keepOwnCheck, removeOwnCheck } from '../commands/own-checks';
import { deletePlayer } from '../commands/players';
import type { RestSchool } from '$lib/core/setup';
import type { OwnCheckRecord, Setup } from '../store/records';
import { DEFAULT_SETTINGS } from './settings';
import { freshDatabase, givenPlayer } from '../testing';

const OWN: OwnCheckRecord = {
  id: 'own-1',
  families: ['violin', 'cello'],
  category: 'hold',
  standpoint: 'front',
  title: 'Smiles',
  right: 'The face is soft.',
  forPlayer: 'Smile!',
  pose: 'playing',
  view: 'head',
  spot: 'head',
  faults: [
    {
      id: 'f',
      text: 'Frowns',
      remedy: 'Breathe out.',
      changes: [{ kind: 'head-tipped' }, { kind: 'gone-by-now' }]
    }
  ]
};

describe('the library as a teacher has it', () => {
  it('has own checks of the family, and no hidden ones', async () => {
    for (const family of FAMILIES) {
      const all = await checksFor(family);
      const settings = { ...DEFAULT_SETTINGS, hiddenChecks: ['ready-tune'] };
      const library = await libraryFor(family, settings, [OWN], taughtTo(settings, null));
      expect(library.some(({ id }) => id === 'ready-tune')).toBe(false);
      expect(library.some(({ id }) => id === OWN.id)).toBe(OWN.families.includes(family));
      expect(library.length).toBe(all.length - 1 + (OWN.families.includes(family) ? 1 : 0));
    }
  });

  it('draws an own check by what is still known of its picture', () => {
    const made = ownCheck({ ...OWN, view: 'a view of old' });
    expect(made.picture.view).toBe('front');
    expect(made.faults[0]?.changes).toEqual([{ kind: 'head-tipped' }]);
    expect(made.faults[0]?.causes).toEqual([{ cause: 'habit', remedy: 'Breathe out.' }]);
  });

  it('speaks in the teacher’s words, and in the library’s where there are none', async () => {
    const checks = await checksFor('violin');
    const said = asTaught(checks, { ...DEFAULT_SETTINGS, checkWords: { 'hold-jaw': { title: 'Jaw down' } } });
    const jaw = said.find(({ id }) => id === 'hold-jaw');
    expect(jaw?.title).toBe('Jaw down');
    expect(jaw?.right).toBe(checks.find(({ id }) => id === 'hold-jaw')?.right);
  });

  it('keeps the teacher’s order within a category, and nothing is lost by it', async () => {
    const checks = await checksFor('viola');
    const ids = checks.filter(({ category }) => category === 'hold').map(({ id }) => id);
    const turned = ids.toReversed();
    const ordered = asTaught(checks, { ...DEFAULT_SETTINGS, checkOrder: turned });
    expect(ordered.filter(({ category }) => category === 'hold').map(({ id }) => id)).toEqual(turned);
    expect(ordered.map(({ category }) => category)).toEqual(checks.map(({ category }) => category));
    expect(new Set(ordered.map(({ id }) => id)).size).toBe(checks.length);
  });

  it('follows the group’s way before the teacher’s', async () => {
    const settings = { ...DEFAULT_SETTINGS, ways: { seat: 'further-out', feet: 'step-out' } };
    const taught = taughtTo(settings, { ways: { seat: 'near-centre' } });
    expect(taught.ways).toMatchObject({ seat: 'near-centre', feet: 'step-out' });
    const rightOf = async (one: Taught) =>
      (await libraryFor('violin', settings, [], one)).find(({ id }) => id === 'hold-seat')?.right;
    expect(await rightOf(taughtTo(settings, null))).not.toBe(await rightOf(taught));
  });

  it('looks for what is under the back: as the newest set-up has it, or as the teacher usually does', async () => {
    const settings = { ...DEFAULT_SETTINGS, restSchool: 'pad' as const };
    const rest = async (taught: Taught) =>
      (await libraryFor('violin', settings, [], taught)).find(({ id }) => id === 'ready-rest')?.title;
    expect(taughtTo(settings, null).support).toBe('pad');
    expect(await rest(taughtTo(settings, null))).toBe('The pad is on as marked');
    const kept = (school: RestSchool, day: string) =>
      ({ kind: 'rest', at: `${day}T10:00:00.000Z`, choices: { school } }) as unknown as Setup;
    const without = taughtTo(settings, null, [kept('rest-first', '2026-01-01'), kept('none', '2026-02-01')]);
    expect(without.support).toBe('none');
    expect(await rest(without)).toBeUndefined();
  });
});

describe('what a lesson leaves', () => {
  const NOW = new Date('2026-11-24T10:00:00');
  const point = {
    checkId: 'hold-jaw',
    fault: null,
    remedy: 'Lay it down.',
    drill: null,
    dose: '10'
  };

  it('is kept by the lesson of the day, and the newest with practice is the last', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const set = (now: Date, practice: readonly (typeof point)[]) =>
      setPractice(db, player, { category: 'hold', practice: () => practice, nextLook: '2026-12-01' }, now);
    await set(new Date('2026-11-17T10:00:00'), [point]);
    await set(NOW, []);
    expect(lastPractised(await db.lessons.toArray())?.day).toBe('2026-11-17');
    await set(NOW, [{ ...point, checkId: 'hold-neck' }]);
    expect(lastPractised(await db.lessons.toArray())?.practice?.[0]?.checkId).toBe('hold-neck');
    expect(await db.lessons.count()).toBe(2);
  });

  it('takes a second point for a check instead of the first, and three at most', () => {
    const points = ['a', 'b', 'c'].map((checkId) => ({ ...point, checkId }));
    const again = { ...point, checkId: 'a', remedy: 'Otherwise.' };
    expect(withPoint(points, again).map(({ checkId, remedy }) => [checkId, remedy])).toEqual([
      ['b', point.remedy],
      ['c', point.remedy],
      ['a', 'Otherwise.']
    ]);
    expect(withPoint(points, { ...point, checkId: 'd' }).map(({ checkId }) => checkId)).toEqual([
      'b',
      'c',
      'd'
    ]);
    expect(withoutPoint(points, 'b').map(({ checkId }) => checkId)).toEqual(['a', 'c']);
  });

  it('refuses more points than anybody remembers', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const many = ['a', 'b', 'c', 'd'].map((checkId) => ({ ...point, checkId }));
    await expect(
      setPractice(db, player, { category: 'hold', practice: () => many, nextLook: '2026-12-01' }, NOW)
    ).rejects.toThrow();
  });

  it('is an aid that is weaned in two steps, and can come back', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    await addAid(db, player, 'cup', ' on the bow ', '2026-11-01');
    const [aid] = await db.aids.toArray();
    if (!aid) throw new Error('no aid');
    expect(aid.where).toBe('on the bow');
    await weanAid(db, player, aid.id, '2026-11-08');
    expect(await db.aids.get(aid.id)).toMatchObject({ weaned: '2026-11-08', to: null });
    await keepAid(db, player, aid.id);
    expect(await db.aids.get(aid.id)).toMatchObject({ weaned: null, to: null });
    await weanAid(db, player, aid.id, '2026-11-15');
    await weanAid(db, player, aid.id, '2026-11-22');
    await weanAid(db, player, aid.id, '2026-11-29');
    expect(await db.aids.get(aid.id)).toMatchObject({ weaned: '2026-11-15', to: '2026-11-22' });
    expect(aidsInUse(await db.aids.toArray())).toEqual([]);
    await deletePlayer(db, player);
    expect(await db.aids.count()).toBe(0);
  });
});

describe('a group in its room', () => {
  it('keeps seats, who is away on which day, and its own ways; a player who is deleted leaves all of them', async () => {
    const db = freshDatabase();
    await db.groups.put({ id: 'g', name: 'Hall', seating: [], demo: false });
    const player = await givenPlayer(db, { group: 'Hall' });
    await setSeats(db, 'g', [{ playerId: player.id, x: 0.2, y: 0.3 }]);
    await setSeats(db, 'g', [{ playerId: player.id, x: 0.4, y: 0.3 }]);
    await setAway(db, 'g', player, '2026-11-24', true);
    await setAway(db, 'g', player, '2026-11-24', true);
    await setGroupWay(db, 'g', 'seat', 'further-out');
    expect(await db.groups.get('g')).toMatchObject({
      seating: [{ playerId: player.id, x: 0.4, y: 0.3 }],
      away: { day: '2026-11-24', playerIds: [player.id] },
      ways: { seat: 'further-out' }
    });
    await setGroupWay(db, 'g', 'seat', null);
    expect((await db.groups.get('g'))?.ways).toEqual({});
    await undo(db);
    expect((await db.groups.get('g'))?.ways).toEqual({ seat: 'further-out' });
    await givenPlayer(db, { name: 'Stays', group: 'Hall' });
    await deletePlayer(db, player);
    expect(await db.groups.get('g')).toMatchObject({ seating: [], away: { playerIds: [] } });
  });

  it('says so when the group is gone meanwhile', async () => {
    const db = freshDatabase();
    await expect(setGroupWay(db, 'gone', 'seat', 'further-out')).rejects.toThrow('removed meanwhile');
  });
});

it('an own check is kept, changed and removed as steps that can be undone', async () => {
  const db = freshDatabase();
  await keepOwnCheck(db, OWN);
  await keepOwnCheck(db, { ...OWN, title: 'Smiles a lot' });
  expect(await db.ownChecks.toArray()).toMatchObject([{ title: 'Smiles a lot' }]);
  await removeOwnCheck(db, OWN);
  expect(await db.ownChecks.count()).toBe(0);
  await undo(db);
  expect(await db.ownChecks.toArray()).toMatchObject([{ title: 'Smiles a lot' }]);
});
