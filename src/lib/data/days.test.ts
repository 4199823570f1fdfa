import { describe, expect, it } from 'vitest';
import { proposeSize } from '$lib/core/sizing';
import { freshDatabase, givenPlayer } from './testing';
import { undo } from './changes';
import {
  closeDay,
  joinLine,
  keepLineText,
  lineMembers,
  lineStandings,
  passInLine,
  readInLine,
  removeDay,
  setLineState,
  startDay
} from './days';
import { deletePlayer, EMPTY_PLAYER, playerFrom } from './players';

const form = (name: string, family: 'violin' | 'cello' = 'violin') => ({ ...EMPTY_PLAYER, name, family });

describe('a class list', () => {
  it('adds who is new and knows who is there by name and family', () => {
    const ada = playerFrom(form('Ada'));
    expect(lineMembers([form(' ada '), form('Bea'), form('Ada', 'cello'), form('ADA')], [ada])).toEqual([
      { playerId: ada.id },
      { form: form('Bea') },
      { form: form('Ada', 'cello') }
    ]);
    const archived = { ...ada, archivedOn: '2026-01-01' };
    expect(lineMembers([form('Ada')], [archived])).toEqual([{ form: form('Ada') }]);
  });
});

describe('a line of players', () => {
  const readings = { height: [1236], armToPalm: [502] };
  const proposal = proposeSize({ family: 'violin', readings });
  if (!proposal) throw new Error('nothing proposed');
  const decision = { proposal, readings, advised: '1/4', size: '1/4', reason: null };

  async function started() {
    const db = freshDatabase();
    const known = await givenPlayer(db);
    const id = await startDay(db, 'Trial line', [{ playerId: known.id }, { form: form('New One') }]);
    const standings = async () => {
      const day = await db.days.get(id);
      return day ? lineStandings(day, await db.players.toArray(), await db.fits.toArray()) : [];
    };
    return { db, id, known, standings };
  }

  it('adds its new players and itself as one step', async () => {
    const { db, known, standings } = await started();
    expect((await standings()).map(({ player, state }) => [player.name, state])).toEqual([
      [known.name, 'waiting'],
      ['New One', 'waiting']
    ]);
    await undo(db);
    expect(await db.days.count()).toBe(0);
    expect(await db.players.count()).toBe(1);
  });

  it('measures without beginning a fit, and lets pass with a decision as one step', async () => {
    const { db, id, known, standings } = await started();
    await readInLine(db, id, known, 'height', 1236, 'height');
    await passInLine(db, id, known, decision);
    expect(await db.drafts.count()).toBe(0);
    expect(await db.measurements.count()).toBe(1);
    expect((await standings())[0]).toMatchObject({ state: 'passed', size: '1/4' });
    await undo(db);
    expect((await standings())[0]).toMatchObject({ state: 'waiting', size: null });
    expect(await db.fits.count()).toBe(0);
  });

  it('takes a decision at the bench for who waits in the second line, and none from before', async () => {
    const { db, id, known, standings } = await started();
    await setLineState(db, id, known, 'trial');
    const day = await db.days.get(id);
    const fit = { ...(await fitAt(db, known)), at: '2020-01-01T00:00:00.000Z' };
    expect(lineStandings(day ?? never(), [known], [fit])[0]).toMatchObject({ state: 'trial', size: null });
    expect(
      lineStandings(day ?? never(), [known], [{ ...fit, at: '2999-01-01T00:00:00.000Z' }])[0]
    ).toMatchObject({ state: 'passed', size: '1/4' });
    await setLineState(db, id, known, 'waiting');
    expect((await standings())[0]?.state).toBe('waiting');
  });

  it('keeps what is typed without a step of its own, until somebody else comes', async () => {
    const { db, id, known } = await started();
    await keepLineText(db, id, 'height', '12');
    expect((await db.days.get(id))?.typed).toEqual({ height: '12' });
    await readInLine(db, id, known, 'height', 1236, 'height');
    expect((await db.days.get(id))?.typed).toEqual({});
    await keepLineText(db, id, 'armToPalm', '5');
    await setLineState(db, id, known, 'absent');
    expect((await db.days.get(id))?.typed).toEqual({});
    await keepLineText(db, 'nowhere', 'height', '1');
    expect(await db.days.count()).toBe(1);
  });

  it('takes somebody at its end, once', async () => {
    const { db, id, known, standings } = await started();
    await joinLine(db, id, form('Late Comer', 'cello'));
    await joinLine(db, id, form(' late comer', 'cello'));
    await joinLine(db, id, { ...EMPTY_PLAYER, name: known.name, family: known.family });
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
    await expect(setLineState(db, id, known, 'absent')).rejects.toThrow(RangeError);
  });

  async function fitAt(
    db: Parameters<typeof passInLine>[0],
    player: Awaited<ReturnType<typeof givenPlayer>>
  ) {
    const { fitFrom } = await import('./fits');
    return fitFrom(db, player, decision, new Date());
  }
});

function never(): never {
  throw new Error('it is not there');
}
