import { describe, expect, it } from 'vitest';
import { undo } from '../journal/changes';
import { taughtTo } from '../questions/library';
import { DEFAULT_SETTINGS } from '../questions/settings';
import { ARRANGEMENT, freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { keepSetup } from './fits';
import { applyWay, keptOtherwise } from './ways';

const IN_LINE = { kind: 'rest', choice: 'scroll', way: 'in-line' } as const;

async function three() {
  const db = freshDatabase();
  const players = [];
  for (const [name, group] of [
    ['Ada', 'Owls'],
    ['Bo', ''],
    ['Cy', '']
  ] as const) {
    const player = await givenPlayer(db, { name, group });
    await givenReadings(db, player, { height: 1240, armToPalm: 495 });
    const fit = await givenDecision(db, player);
    await keepSetup(db, player, { fit, arrangement: ARRANGEMENT, lengths: {}, estimated: [], after: null });
    players.push(player);
  }
  return { db, players };
}

describe('a way that changes', () => {
  it('asks about the set-ups in use, and keeps those anew with nothing else changed', async () => {
    const { db, players } = await three();
    const [ada, , cy] = players;
    if (!ada || !cy) throw new Error('nobody');
    await db.players.update(cy.id, { archivedOn: '2026-11-01' });
    expect(await keptOtherwise(db, IN_LINE, null)).toHaveLength(2);
    expect(await keptOtherwise(db, IN_LINE, ada.groupId)).toHaveLength(1);
    expect(await keptOtherwise(db, { ...IN_LINE, way: 'left-45' }, null)).toEqual([]);
    expect(await applyWay(db, IN_LINE, null)).toBe(2);
    const [first, second] = (await db.setups.where({ playerId: ada.id }).toArray()).sort(
      (a, b) => a.version - b.version
    );
    expect(second).toMatchObject({ version: 2, choices: { scroll: 'in-line', mount: 'beside' } });
    expect(second?.settings).toEqual(first?.settings);
    expect(await db.setups.where({ playerId: cy.id }).count()).toBe(1);
    // Pressed twice: nothing is left to apply it to.
    expect(await applyWay(db, IN_LINE, null)).toBe(0);
    await undo(db);
    expect(await db.setups.count()).toBe(3);
  });

  it('leaves players alone whose group has a way of its own', async () => {
    const { db, players } = await three();
    const groupId = players[0]?.groupId ?? '';
    await db.groups.update(groupId, { ways: { anchoring: 'stop' } });
    const kept = { ...IN_LINE, subject: 'anchoring' } as const;
    expect(await keptOtherwise(db, kept, null)).toHaveLength(2);
    expect(await keptOtherwise(db, kept, groupId)).toHaveLength(1);
  });

  it('turns the body to the music with the scroll, kept before usual', async () => {
    const { db, players } = await three();
    const setups = await db.setups.where({ playerId: players[1]?.id }).toArray();
    const inLine = { ...DEFAULT_SETTINGS, scrollSchool: 'in-line' as const };
    expect(taughtTo(inLine, null).ways.facing).toBe('left-side');
    expect(taughtTo(inLine, null, setups).ways.facing).toBe('square');
    expect(taughtTo({ ...DEFAULT_SETTINGS, ways: { facing: 'left-side' } }, null).ways.facing).toBe(
      'left-side'
    );
    expect(taughtTo(DEFAULT_SETTINGS, { ways: { facing: 'left-side' } }).ways.facing).toBe('square');
  });
});
