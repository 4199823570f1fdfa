import { expect, it } from 'vitest';
import { STOP } from '$lib/core/trial';
import { undo } from '../journal/changes';
import { freshDatabase, givenPlayer } from '../testing';
import { answerTrial, beginTrial, dropTrial } from './trials';

it('a trial waits in the draft and becomes a record when it ends', async () => {
  const db = freshDatabase();
  const player = await givenPlayer(db, { family: 'bass' });
  // Without a trial under way an answer changes nothing.
  await answerTrial(db, player, { look: 'bass-stance', choice: 'leans' }, 0);
  expect(await db.drafts.count()).toBe(0);
  await beginTrial(db, player, '3/4');
  const leans = () => answerTrial(db, player, { look: 'bass-stance', choice: 'leans' }, 0);
  // Two quick presses answer one look.
  await Promise.all([leans(), leans()]);
  await answerTrial(db, player, { look: 'bass-hands-off', choice: 'stays' }, 1);
  expect((await db.drafts.get(player.id))?.trial?.answers).toHaveLength(2);
  expect(await db.trials.count()).toBe(0);
  await answerTrial(db, player, { look: 'bass-left', choice: 'above' }, 2);
  expect((await db.drafts.get(player.id))?.trial).toBeNull();
  expect(await db.trials.toArray()).toMatchObject([{ size: '3/4', verdict: 'smaller', family: 'bass' }]);
  await undo(db);
  expect(await db.trials.count()).toBe(0);
  expect((await db.drafts.get(player.id))?.trial?.answers).toHaveLength(2);
});

it('pain ends it at once, and a trial can be given up', async () => {
  const db = freshDatabase();
  const player = await givenPlayer(db);
  await beginTrial(db, player, '1/4');
  await dropTrial(db, player);
  expect((await db.drafts.get(player.id))?.trial).toBeNull();
  await beginTrial(db, player, '1/4');
  const stop = () => answerTrial(db, player, { look: 'shoulder-seat', choice: STOP }, 0);
  await Promise.all([stop(), stop()]);
  expect(await db.trials.toArray()).toMatchObject([{ verdict: 'stopped' }]);
  expect(await db.pains.toArray()).toMatchObject([{ during: 'trial', size: '1/4', closedAt: null }]);
});
