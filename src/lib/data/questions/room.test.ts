import 'fake-indexeddb/auto';
import { expect, it } from 'vitest';
import { demoRecords } from '../demo/demo';
import { roomSheet } from './room';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';

it('lists who is in the group, in seating order, each with the set-up of the size in use', async () => {
  const db = freshDatabase();
  const [ann, bo, cy] = await Promise.all(
    ['Ann', 'Bo', 'Cy'].map((name) => givenPlayer(db, { name, group: 'Tuesday' }))
  );
  if (!ann || !bo || !cy) throw new Error('no players');
  await givenPlayer(db, { name: 'Elsewhere', group: 'Friday' });
  await givenReadings(db, bo, { armToPalm: 478 });
  const fit = await givenDecision(db, bo);
  const groupId = ann.groupId ?? '';
  const before = await roomSheet(db, groupId);
  expect(before?.places.map(({ player }) => player.name)).toEqual(['Ann', 'Bo', 'Cy']);
  expect(before?.places[1]).toMatchObject({ fit: { id: fit.id }, setup: null });
  await db.groups.update(groupId, {
    seating: [
      { playerId: cy.id, x: 0.2, y: 0.1 },
      { playerId: bo.id, x: 0.8, y: 0.1 }
    ]
  });
  await db.players.update(bo.id, { archivedOn: '2026-11-24' });
  const after = await roomSheet(db, groupId);
  expect(after?.places.map(({ player }) => player.name)).toEqual(['Cy', 'Ann']);
  expect(await roomSheet(db, 'nobody')).toBeNull();
  await db.delete();
});

it('has the set-ups of the made-up class', async () => {
  const db = freshDatabase();
  const { players, groups, fits, setups } = demoRecords(new Date('2026-11-24T10:00:00'));
  await db.players.bulkPut([...players]);
  await db.groups.bulkPut([...groups]);
  await db.fits.bulkPut([...fits]);
  await db.setups.bulkPut([...setups]);
  const sheets = await Promise.all(groups.map(({ id }) => roomSheet(db, id)));
  const places = sheets.flatMap((sheet) => sheet?.places ?? []);
  expect(places).toHaveLength(players.filter(({ archivedOn, groupId }) => !archivedOn && groupId).length);
  expect(places.some(({ setup }) => setup !== null)).toBe(true);
  await db.delete();
});
