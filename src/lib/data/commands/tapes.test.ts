import { expect, it } from 'vitest';
import { freshDatabase, givenPlayer } from '../testing';
import { undo } from '../journal/changes';
import { changeKit, kitGaps } from './kit';
import { keptTapes, stepTapes } from './tapes';

async function laid() {
  const db = freshDatabase();
  const player = await givenPlayer(db);
  const tapes = async () => {
    const now = await db.players.get(player.id);
    return now ? keptTapes(now) : [];
  };
  await stepTapes(db, player, [2, 5], 'lay', '2026-09-01');
  return { db, player, tapes };
}

it('keep the day on which they were laid, and the day on which they came off', async () => {
  const { db, player, tapes } = await laid();
  await stepTapes(db, player, [2, 4, 5], 'lay', '2026-10-01');
  await stepTapes(db, player, [4], 'take-off', '2026-11-01');
  expect(await tapes()).toEqual([
    { semitones: 2, since: '2026-09-01', off: null },
    { semitones: 4, since: '2026-10-01', off: '2026-11-01' },
    { semitones: 5, since: '2026-09-01', off: null }
  ]);
  await stepTapes(db, player, [4], 'take-off', '2026-11-08');
  expect((await tapes())[1]).toMatchObject({ off: '2026-11-01' });
  await stepTapes(db, player, [4], 'lay', '2026-11-09');
  expect((await tapes())[1]).toEqual({ semitones: 4, since: '2026-11-09', off: null });
  await undo(db);
  expect((await tapes())[1]).toMatchObject({ off: '2026-11-01' });
});

it('take off nothing that was never laid, and two at once are two', async () => {
  const { db, player, tapes } = await laid();
  await Promise.all([
    stepTapes(db, player, [7], 'take-off', '2026-10-01'),
    stepTapes(db, player, [2], 'take-off', '2026-10-01'),
    stepTapes(db, player, [5], 'take-off', '2026-10-01')
  ]);
  expect((await tapes()).map(({ off }) => off)).toEqual(['2026-10-01', '2026-10-01']);
});

it('the kit notes two fields of one thing at once, and is undone by the step', async () => {
  const db = freshDatabase();
  const player = await givenPlayer(db);
  const gaps = async () => {
    const now = await db.players.get(player.id);
    return now ? kitGaps(now) : [];
  };
  await changeKit(db, player, 'rosin', () => ({ state: 'lent', whose: '', until: null }));
  await Promise.all([
    changeKit(db, player, 'rosin', (gap) => gap && { ...gap, whose: 'the school' }),
    changeKit(db, player, 'rosin', (gap) => gap && { ...gap, until: '2026-12-01' })
  ]);
  expect(await gaps()).toEqual([{ item: 'rosin', state: 'lent', whose: 'the school', until: '2026-12-01' }]);
  await changeKit(db, player, 'rosin', () => null);
  expect(await gaps()).toEqual([]);
  await undo(db);
  expect(await gaps()).toHaveLength(1);
});
