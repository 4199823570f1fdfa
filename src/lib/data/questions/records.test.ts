import { describe, expect, it } from 'vitest';
import { freshDatabase, givenPlayer } from '../testing';
import { addReading } from '../commands/measurements';
import { ofPlayers } from './records';

describe('the records of some players', () => {
  it('come player by player, all of each, and of nobody else', async () => {
    const db = freshDatabase();
    const [ada, bo, cy] = [
      await givenPlayer(db, { name: 'Ada' }),
      await givenPlayer(db, { name: 'Bo' }),
      await givenPlayer(db, { name: 'Cy' })
    ];
    for (const player of [ada, bo, cy])
      for (const kind of ['height', 'armToPalm'] as const)
        await addReading(db, player, kind, 1200, 'a length');
    const found = await ofPlayers(db, 'measurements', [cy.id, ada.id]);
    expect(found.map(({ playerId }) => playerId)).toEqual([cy.id, cy.id, ada.id, ada.id]);
    expect(new Set(found.map(({ kind }) => kind))).toEqual(new Set(['height', 'armToPalm']));
  });

  it('are none of nobody, and none of somebody who is not there', async () => {
    const db = freshDatabase();
    expect(await ofPlayers(db, 'measurements', [])).toEqual([]);
    expect(await ofPlayers(db, 'measurements', ['gone'])).toEqual([]);
  });
});
