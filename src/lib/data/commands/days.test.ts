import { describe, expect, it } from 'vitest';
import { freshDatabase, givenPlayer } from '../testing';
import { undo } from '../journal/changes';
import { allWritten } from '../journal/saving';
import { dayMembers, membersOfDay } from '../questions/day-members';
import {
  closeDay,
  joinQueue,
  passInQueue,
  queueMembers,
  readInQueue,
  removeDay,
  setDayState,
  startDay
} from './days';
import { archivePlayer, deletePlayer, EMPTY_PLAYER } from './players';
import type { Fit } from '../store/records';
import { Refusal } from '../store/refusal';

const form = (name: string, family: 'violin' | 'cello' = 'violin') => ({ ...EMPTY_PLAYER, name, family });

describe('a class list', () => {
  it('adds who is new and knows who is there by name and family', async () => {
    const db = freshDatabase();
    const ada = await givenPlayer(db, form('Ada'));
    const list = [form(' ada '), form('Bea'), form('Ada', 'cello'), form('ADA')];
    expect(queueMembers(list, [ada], 'list')).toEqual([
      { playerId: ada.id },
      { form: form('Bea'), id: 'list-1' },
      { form: form('Ada', 'cello'), id: 'list-2' }
    ]);
    const archived = { ...ada, archivedOn: '2026-01-01' };
    expect(queueMembers([form('Ada')], [archived], 'list')).toEqual([{ form: form('Ada'), id: 'list-0' }]);
  });
});

describe('a fitting day', () => {
  const decision = { size: '1/4', reason: null, after: null };

  async function started() {
    const db = freshDatabase();
    const known = await givenPlayer(db);
    const members = [{ playerId: known.id }, { form: form('New One'), id: 'new-one' }];
    const id = await startDay(db, 'Trial line', members);
    const standings = () => membersOfDay(db, id);
    return { db, id, known, members, standings };
  }

  it('is read, as for a file, with what was pressed just before', async () => {
    const { db, id, known, standings } = await started();
    const pressed = setDayState(db, id, known, 'absent');
    await allWritten();
    expect((await standings())[0]?.state).toBe('absent');
    await pressed;
    await removeDay(db, id);
    expect(await standings()).toEqual([]);
  });

  it('is read after what was refused, too', async () => {
    const { db, known, standings } = await started();
    const refused = setDayState(db, 'gone', known, 'absent').catch((error: unknown) => error);
    await allWritten();
    expect(await refused).toBeInstanceOf(Refusal);
    expect((await standings())[0]?.state).toBe('waiting');
  });

  it('adds its new players and itself as one step, once', async () => {
    const { db, id, known, members, standings } = await started();
    expect((await standings()).map(({ player, state }) => [player.name, state])).toEqual([
      [known.name, 'waiting'],
      ['New One', 'waiting']
    ]);
    await startDay(db, 'Trial line', members, new Date(), id);
    expect(await db.days.count()).toBe(1);
    await undo(db);
    expect(await db.days.count()).toBe(0);
    expect(await db.players.count()).toBe(1);
  });

  it('measures without beginning a fit, and lets pass with a decision as one step, once', async () => {
    const { db, id, known, standings } = await started();
    await readInQueue(db, known, 'height', 1236, 'height');
    await readInQueue(db, known, 'armToPalm', 502, 'arm');
    await readInQueue(db, known, 'armToWrist', 434, 'arm');
    await Promise.all([passInQueue(db, id, known, decision), passInQueue(db, id, known, decision)]);
    expect(await db.drafts.count()).toBe(0);
    expect(await db.fits.count()).toBe(1);
    expect((await standings())[0]).toMatchObject({ state: 'passed', size: '1/4' });
    await undo(db);
    expect((await standings())[0]).toMatchObject({ state: 'waiting', size: null });
    expect(await db.fits.count()).toBe(0);
  });

  it('takes a decision at the bench for who waits in the second line, none from before or on another family', async () => {
    const { db, id, known, standings } = await started();
    await readInQueue(db, known, 'height', 1236, 'height');
    await readInQueue(db, known, 'armToPalm', 502, 'arm');
    await readInQueue(db, known, 'armToWrist', 434, 'arm');
    await passInQueue(db, id, known, decision);
    await setDayState(db, id, known, 'trial');
    const [day, [fit]] = [await db.days.get(id), await db.fits.toArray()];
    if (!day || !fit) throw new Error('it is not there');
    const stateWith = (changed: Partial<Fit>) => dayMembers(day, [known], [{ ...fit, ...changed }])[0];
    expect(stateWith({ at: '2020-01-01T00:00:00.000Z' })).toMatchObject({ state: 'trial', size: null });
    expect(stateWith({ family: 'viola' })).toMatchObject({ state: 'trial', size: null });
    expect(stateWith({ at: '2999-01-01T00:00:00.000Z' })).toMatchObject({ state: 'passed', size: '1/4' });
    await setDayState(db, id, known, 'waiting');
    expect((await standings())[0]?.state).toBe('waiting');
  });

  it('takes somebody at its end, once', async () => {
    const { db, id, known, standings } = await started();
    await joinQueue(db, id, form('Late Comer', 'cello'));
    await joinQueue(db, id, form(' late comer', 'cello'));
    await joinQueue(db, id, { ...EMPTY_PLAYER, name: known.name, family: known.family });
    expect((await standings()).map(({ player }) => player.name)).toEqual([
      known.name,
      'New One',
      'Late Comer'
    ]);
  });

  it('closes, opens again, and goes without its players', async () => {
    const { db, id, known, standings } = await started();
    await closeDay(db, id, true);
    expect((await db.days.get(id))?.closedAt).not.toBeNull();
    await closeDay(db, id, false);
    expect((await db.days.get(id))?.closedAt).toBeNull();
    await deletePlayer(db, known);
    expect((await standings()).map(({ player }) => player.name)).toEqual(['New One']);
    await removeDay(db, id);
    expect(await db.players.count()).toBe(1);
    await expect(setDayState(db, id, known, 'absent')).rejects.toThrow(Refusal);
  });

  it('keeps who was archived meanwhile in their place', async () => {
    const { db, known, standings } = await started();
    await archivePlayer(db, known, '2026-11-24');
    expect((await standings()).map(({ player }) => player.name)).toEqual([known.name, 'New One']);
  });
});
