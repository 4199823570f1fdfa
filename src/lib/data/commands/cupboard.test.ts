import { describe, expect, it } from 'vitest';
import { shelvesOf } from '$lib/core/cupboard';
import { undo } from '../journal/changes';
import { cupboardOf } from '../questions/cupboard';
import { newId } from '../store/ids';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import {
  addInstruments,
  changeInstrument,
  changeLoan,
  giveOut,
  lookedAtInstrument,
  removeInstrument,
  takeBack,
  takePlan,
  takeToWorkshop,
  type InstrumentForm
} from './cupboard';
import { loadDemo } from '../demo/demo';
import { deletePlayer, removeDemo } from './players';
import { notePain } from './pains';
import { stepTapes } from './tapes';
import type { Database } from '../store/database';

const TODAY = '2026-11-24';

async function givenInstrument(db: Database, form: Partial<InstrumentForm> = {}): Promise<string> {
  const id = newId();
  const whole = {
    number: id,
    family: 'violin',
    size: '1/4',
    overallMm: null,
    stringMm: null,
    notes: ''
  } as const;
  await addInstruments(db, [{ id, form: { ...whole, ...form } }]);
  return id;
}

/** The tapes of a player and of an instrument, by semitones. */
const tapesNow = async (db: Database, playerId: string, instrumentId: string) => [
  (await db.players.get(playerId))?.tapes?.map(({ semitones }) => semitones) ?? [],
  (await db.instruments.get(instrumentId))?.tapes?.map(({ semitones }) => semitones) ?? []
];

const outNow = async (db: Database) =>
  (await cupboardOf(db)).out.map(({ instrumentId, playerId }) => [instrumentId, playerId]);

describe('an instrument', () => {
  it('is added once, however often it is pressed, and undone as one step', async () => {
    const db = freshDatabase();
    const form = {
      number: '7',
      family: 'cello',
      size: '1/2',
      overallMm: null,
      stringMm: null,
      notes: ''
    } as const;
    await addInstruments(db, [
      { id: 'one', form },
      { id: 'two', form: { ...form, number: '8' } }
    ]);
    await addInstruments(db, [{ id: 'one', form }]);
    expect(await db.instruments.count()).toBe(2);
    await undo(db);
    await undo(db);
    expect(await db.instruments.count()).toBe(0);
  });

  it('goes out, comes back, and says how it was then', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const id = await givenInstrument(db);
    await giveOut(db, { instrumentId: id, playerId: player.id, today: TODAY, until: '2027-07-01' }, 'loan');
    await giveOut(db, { instrumentId: id, playerId: player.id, today: TODAY }, 'loan');
    await giveOut(db, { instrumentId: id, playerId: player.id, today: TODAY }, 'another');
    expect(await outNow(db)).toEqual([[id, player.id]]);
    expect((await cupboardOf(db)).out[0]?.until).toBe('2027-07-01');
    await changeLoan(db, 'loan', { until: '2027-02-01' });
    await takeBack(db, 'loan', { today: '2026-12-01', state: 'to-mend', seen: 'a seam is open' });
    await takeBack(db, 'loan', { today: '2026-12-24', state: 'workshop' });
    expect(await outNow(db)).toEqual([]);
    expect(await db.loans.get('loan')).toMatchObject({
      to: '2026-12-01',
      stateBack: 'a seam is open',
      until: '2027-02-01'
    });
    expect((await db.instruments.get(id))?.state).toBe('to-mend');
    await undo(db);
    expect(await outNow(db)).toEqual([[id, player.id]]);
    expect((await db.instruments.get(id))?.state).toBeUndefined();
  });

  it('is with one player at a time, unless it stays in the room', async () => {
    const db = freshDatabase();
    const [ida, olaf] = [await givenPlayer(db, { name: 'Ida' }), await givenPlayer(db, { name: 'Olaf' })];
    const id = await givenInstrument(db);
    await giveOut(db, { instrumentId: id, playerId: ida.id, today: TODAY });
    await expect(giveOut(db, { instrumentId: id, playerId: olaf.id, today: TODAY })).rejects.toThrow(
      'somebody else'
    );
    await changeInstrument(db, id, { shared: true });
    await giveOut(db, { instrumentId: id, playerId: olaf.id, today: TODAY });
    expect(await outNow(db)).toHaveLength(2);
  });

  it('takes the place of what the player had of that family', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const [quarter, half] = [await givenInstrument(db), await givenInstrument(db, { size: '1/2' })];
    await giveOut(db, { instrumentId: quarter, playerId: player.id, today: '2026-09-01' });
    await giveOut(db, { instrumentId: half, playerId: player.id, today: TODAY });
    expect(await outNow(db)).toEqual([[half, player.id]]);
    expect((await db.loans.where({ instrumentId: quarter }).first())?.to).toBe(TODAY);
    await undo(db);
    expect(await outNow(db)).toEqual([[quarter, player.id]]);
  });

  it.each([
    ['in the workshop', { state: 'workshop' }, 'in the workshop'],
    ['out of use', { state: 'out-of-use' }, 'out of use'],
    ['of another family', { family: 'cello', size: '1/2' }, 'another instrument']
  ] as const)('%s goes out to nobody', async (_, form, said) => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const id = await givenInstrument(db, form);
    await expect(giveOut(db, { instrumentId: id, playerId: player.id, today: TODAY })).rejects.toThrow(said);
    expect(await outNow(db)).toEqual([]);
  });

  it('that was lent stays on record; one that nobody had can go', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const [lent, never] = [await givenInstrument(db), await givenInstrument(db)];
    await giveOut(db, { instrumentId: lent, playerId: player.id, today: TODAY }, 'loan');
    await takeBack(db, 'loan', { today: TODAY, state: 'fine' });
    await expect(removeInstrument(db, lent)).rejects.toThrow('stays on record');
    await removeInstrument(db, never);
    expect(await db.instruments.count()).toBe(1);
  });

  it('is free again when the child who had it is forgotten', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const id = await givenInstrument(db);
    await giveOut(db, { instrumentId: id, playerId: player.id, today: TODAY });
    await deletePlayer(db, player);
    const { instruments, out } = await cupboardOf(db);
    expect(shelvesOf('violin', instruments, out, TODAY)[0]?.free).toBe(1);
    expect(await db.loans.count()).toBe(0);
  });
});

it('goes by no size of a player who hurts', async () => {
  const db = freshDatabase();
  const player = await givenPlayer(db);
  await givenReadings(db, player, { height: 1240, armToPalm: 495, armToWrist: 427, handLength: 132 });
  const { size } = await givenDecision(db, player);
  expect((await cupboardOf(db)).players[0]?.size).toBe(size);
  await notePain(db, player, 'trial', size);
  expect((await cupboardOf(db)).players[0]?.size).toBeNull();
});

describe('a plan', () => {
  it('is taken as one step, also where two swap, and not where something moved meanwhile', async () => {
    const db = freshDatabase();
    const [ida, olaf] = [await givenPlayer(db, { name: 'Ida' }), await givenPlayer(db, { name: 'Olaf' })];
    const [one, other] = [await givenInstrument(db), await givenInstrument(db)];
    await giveOut(db, { instrumentId: one, playerId: ida.id, today: TODAY }, 'first');
    await giveOut(db, { instrumentId: other, playerId: olaf.id, today: TODAY });
    const swap = [
      { playerId: ida.id, from: one, to: other },
      { playerId: olaf.id, from: other, to: one }
    ];
    await takePlan(db, swap, '2026-12-01');
    expect(new Map((await outNow(db)) as [string, string][])).toEqual(
      new Map([
        [one, olaf.id],
        [other, ida.id]
      ])
    );
    await undo(db);
    await takeBack(db, 'first', { today: TODAY, state: 'fine' });
    await expect(takePlan(db, swap, '2026-12-01')).rejects.toThrow('meanwhile');
    expect(await outNow(db)).toEqual([[other, olaf.id]]);
  });
});

it('what somebody has of the made-up school stays when that goes, until it is taken back', async () => {
  const db = freshDatabase();
  await loadDemo(db, new Date('2026-11-24T10:00:00Z'));
  const player = await givenPlayer(db);
  const { instruments, out } = await cupboardOf(db);
  const spare = instruments.find(
    ({ id, family, state }) =>
      family === 'violin' && state === 'fine' && !out.some(({ instrumentId }) => instrumentId === id)
  );
  await giveOut(db, { instrumentId: spare?.id ?? '', playerId: player.id, today: TODAY });
  await removeDemo(db);
  const after = await cupboardOf(db);
  expect(after.instruments.map(({ id }) => id)).toEqual([spare?.id]);
  expect(after.out.map(({ instrumentId }) => instrumentId)).toEqual([spare?.id]);
});

describe('going round', () => {
  it('notes the day and what is amiss; what is in the workshop stays there until it is fine', async () => {
    const db = freshDatabase();
    const id = await givenInstrument(db);
    await lookedAtInstrument(db, id, { today: TODAY, amiss: ['pegs'], state: 'to-mend' });
    expect(await db.instruments.get(id)).toMatchObject({ seenOn: TODAY, amiss: ['pegs'], state: 'to-mend' });
    await takeToWorkshop(db, [id, 'removed meanwhile']);
    await lookedAtInstrument(db, id, { today: TODAY, amiss: ['pegs'], state: 'to-mend' });
    expect((await db.instruments.get(id))?.state).toBe('workshop');
    await lookedAtInstrument(db, id, { today: TODAY, amiss: [], state: 'fine' });
    // Mended meanwhile: it is not taken there.
    await takeToWorkshop(db, [id]);
    expect(await db.instruments.get(id)).toMatchObject({ amiss: [], state: 'fine' });
  });

  it('takes all to the workshop, and undone they are all back', async () => {
    const db = freshDatabase();
    const ids = [await givenInstrument(db), await givenInstrument(db)];
    for (const id of ids) await lookedAtInstrument(db, id, { today: TODAY, amiss: [], state: 'to-mend' });
    await takeToWorkshop(db, ids);
    const states = async () => (await db.instruments.toArray()).map(({ state }) => state);
    expect(await states()).toEqual(['workshop', 'workshop']);
    await undo(db);
    expect(await states()).toEqual(['to-mend', 'to-mend']);
  });
});

describe('finger tapes', () => {
  it('stay on the instrument: whoever has it next has them, and one undo brings all back', async () => {
    const db = freshDatabase();
    const [ida, theo] = [await givenPlayer(db), await givenPlayer(db)];
    const [quarter, other] = [await givenInstrument(db), await givenInstrument(db)];
    // What is on record before the cupboard was, is on what was in use.
    await stepTapes(db, ida, [2, 5], 'lay', TODAY);
    await giveOut(db, { instrumentId: quarter, playerId: ida.id, today: TODAY });
    expect(await tapesNow(db, ida.id, quarter)).toEqual([[2, 5], []]);
    expect((await cupboardOf(db)).instruments.find(({ id }) => id === quarter)?.tapes).toHaveLength(2);
    // Ida gets another one: hers stays behind with its tapes.
    await giveOut(db, { instrumentId: other, playerId: ida.id, today: TODAY });
    expect(await tapesNow(db, ida.id, quarter)).toEqual([[], [2, 5]]);
    await giveOut(db, { instrumentId: quarter, playerId: theo.id, today: TODAY });
    expect((await tapesNow(db, theo.id, quarter))[0]).toEqual([2, 5]);
    const [loan] = await db.loans.where({ instrumentId: quarter, playerId: theo.id }).toArray();
    await takeBack(db, loan?.id ?? '', { today: TODAY, state: 'to-mend' });
    expect(await tapesNow(db, theo.id, quarter)).toEqual([[], [2, 5]]);
    expect((await db.instruments.get(quarter))?.state).toBe('to-mend');
    await undo(db);
    expect((await tapesNow(db, theo.id, quarter))[0]).toEqual([2, 5]);
  });

  it('go along where a plan moves the instrument on to somebody else', async () => {
    const db = freshDatabase();
    const [ida, theo] = [await givenPlayer(db), await givenPlayer(db)];
    const quarter = await givenInstrument(db, { tapes: [{ semitones: 2, since: TODAY, off: null }] });
    await giveOut(db, { instrumentId: quarter, playerId: ida.id, today: TODAY });
    await takePlan(
      db,
      [
        { playerId: ida.id, from: quarter, to: null },
        { playerId: theo.id, from: null, to: quarter }
      ],
      TODAY
    );
    expect((await tapesNow(db, ida.id, quarter))[0]).toEqual([]);
    expect((await tapesNow(db, theo.id, quarter))[0]).toEqual([2]);
  });
});
