import { expect, it } from 'vitest';
import { asMeasured, dimensionsOf } from '$lib/core/instruments';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { addInstruments, changeInstrument, giveOut, takeBack } from '../commands/cupboard';
import { answerCase, instrumentsAtHand, loadCase } from './case';
import { foreseeMissing } from './foreseen';
import { lentTo } from './lent';

const TODAY = '2026-11-24';

async function cello(overallMm: number | null) {
  const db = freshDatabase();
  const player = await givenPlayer(db, { family: 'cello' });
  const form = { number: '12', family: 'cello' as const, size: '1/2', overallMm, stringMm: null, notes: '' };
  await addInstruments(db, [{ id: 'i', form }]);
  await giveOut(db, { instrumentId: 'i', playerId: player.id, today: TODAY }, 'l');
  return { db, player };
}

it('what was measured of an instrument counts for whoever has it, until it is back', async () => {
  const { db, player } = await cello(1010);
  expect((await lentTo(db, [player.id])).get(player.id)).toMatchObject([
    { number: '12', size: '1/2', overallMm: 1010 }
  ]);
  await db.measurements.add({
    id: 'm',
    playerId: player.id,
    kind: 'height',
    day: TODAY,
    at: `${TODAY}T09:00:00.000Z`,
    readings: [{ mm: 1330, at: `${TODAY}T09:00:00.000Z` }]
  } as never);
  const candidates = async () => {
    const of = await loadCase(db, player.id, TODAY);
    return (of && answerCase(of))?.proposal.candidates.map(({ size, overallMm, dimensions }) => [
      size,
      dimensions,
      dimensions === 'measured' ? overallMm : 0
    ]);
  };
  expect(await candidates()).toContainEqual(['1/2', 'measured', 1010]);
  await takeBack(db, 'l', { today: TODAY, state: 'fine' });
  expect((await lentTo(db, [player.id])).size).toBe(0);
  expect(await candidates()).toContainEqual(['1/2', 'nominal', 0]);
});

it('one without a length is as its size says, but for its pin; who changed over has none of the family', async () => {
  const unmeasured = await cello(null);
  await changeInstrument(unmeasured.db, 'i', { pinMaxMm: 260, ribMm: 101, notchesMm: [100, 140] });
  const [own] = (await lentTo(unmeasured.db, [unmeasured.player.id])).get(unmeasured.player.id) ?? [];
  if (!own) throw new Error('it is lent');
  const nominal = dimensionsOf('cello', '1/2');
  expect(asMeasured(nominal, [own])).toEqual({ ...nominal, pinMaxMm: 260, ribMm: 101 });
  const of = await loadCase(unmeasured.db, unmeasured.player.id, TODAY);
  expect(of && instrumentsAtHand(of)).toEqual([]);
  const { db, player } = await cello(1010);
  await db.players.update(player.id, { family: 'bass' });
  expect((await lentTo(db, [player.id])).size).toBe(0);
});

it('what is foreseen follows the instrument: lent, measured anew, taken back', async () => {
  const db = freshDatabase();
  const player = await givenPlayer(db, { birthMonth: '2017-03' });
  const now = new Date(`${TODAY}T10:00:00`);
  await givenReadings(db, player, { height: 1260, armToPalm: 500, armToWrist: 435, handLength: 130 }, now);
  await givenDecision(db, player, now);
  const foreseen = async () => {
    await foreseeMissing(db, TODAY);
    const { outgrown, tooLarge } = (await db.foreseen.get(player.id))?.foresight ?? {};
    return { outgrown: outgrown?.middle, tooLarge: tooLarge?.onPurpose };
  };
  const size = (await db.fits.toArray())[0]?.size ?? '';
  const asDecided = await foreseen();
  expect(asDecided.tooLarge).toBeUndefined();
  expect(asDecided.outgrown).toEqual(expect.any(String));
  const nominal = dimensionsOf('violin', size).overallMm;
  const form = {
    number: '7',
    family: 'violin' as const,
    size,
    overallMm: nominal + 60,
    stringMm: null,
    notes: ''
  };
  await addInstruments(db, [{ id: 'v', form }]);
  await giveOut(db, { instrumentId: 'v', playerId: player.id, today: TODAY }, 'out');
  expect((await foreseen()).tooLarge).toBe(false);
  await changeInstrument(db, 'v', { overallMm: nominal + 2 });
  // When it is outgrown is told by the next size, whatever the own one measures.
  expect(await foreseen()).toEqual(asDecided);
  await changeInstrument(db, 'v', { overallMm: nominal + 60 });
  await takeBack(db, 'out', { today: TODAY, state: 'fine' });
  expect(await foreseen()).toEqual(asDecided);
});
