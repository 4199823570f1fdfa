import { expect, it } from 'vitest';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { demoSetUp } from '../demo/set-ups';
import { keepSetup } from '../commands/fits';
import { archivePlayer } from '../commands/players';
import { setUpAlike } from './set-up-alike';
import type { Fit, Player } from '../store/records';
import type { Database } from '../store/database';

const DAY = new Date('2026-11-24T09:00:00');

async function givenSetUp(
  db: Database,
  name: string,
  heightMm: number
): Promise<{ player: Player; fit: Fit }> {
  const player = await givenPlayer(db, { name, family: 'cello' });
  await givenReadings(db, player, { height: heightMm }, DAY);
  const fit = await givenDecision(db, player, DAY);
  return { player, fit };
}

const kept = async (
  db: Database,
  { player, fit }: { player: Player; fit: Fit },
  after: string | null,
  now = DAY
) => {
  const { basis, ...arrangement } = demoSetUp(fit, 'rest-first');
  return keepSetup(db, player, { fit, arrangement, ...basis, after }, now);
};

it('names who is set up on the same size with the newest set-up, and nobody else', async () => {
  const db = freshDatabase();
  const me = await givenSetUp(db, 'Me', 1310);
  const sibling = await givenSetUp(db, 'Zoe', 1308);
  const other = await givenSetUp(db, 'Ann', 1312);
  const taller = await givenSetUp(db, 'Tall', 1700);
  await givenSetUp(db, 'Not set up', 1311);
  const first = await kept(db, sibling, null);
  const second = await kept(db, sibling, first.id, new Date('2026-11-24T10:00:00'));
  for (const one of [me, other, taller]) await kept(db, one, null);
  const asked = { family: 'cello', size: me.fit.size, not: me.player.id } as const;

  const alike = await setUpAlike(db, asked);
  expect(alike.map(({ player }) => player.name)).toEqual(['Ann', 'Zoe']);
  expect(alike[1]?.setup.id).toBe(second.id);
  await archivePlayer(db, other.player, '2026-11-24');
  expect((await setUpAlike(db, asked)).map(({ player }) => player.name)).toEqual(['Zoe']);
  expect(await setUpAlike(db, { ...asked, family: 'bass' })).toEqual([]);
});
