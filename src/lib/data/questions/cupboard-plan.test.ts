import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { assign, linesOf, solveWith } from '$lib/core/cupboard';
import { FAMILIES } from '$lib/core/instruments';
import { giveOut } from '../commands/cupboard';
import { notePain } from '../commands/pains';
import { archivePlayer } from '../commands/players';
import { loadDemo } from '../demo/demo';
import type { Database } from '../store/database';
import { freshDatabase } from '../testing';
import { cupboardOf } from './cupboard';
import { planQuestion } from './cupboard-plan';
import { foreseeMissing } from './foreseen';
import { roster } from './roster';

const NOW = new Date('2026-11-24T10:00:00Z');
const TODAY = '2026-11-24';
const highs = await loadHighs();
const solve = (text: string) => Promise.resolve(solveWith(highs, text));

async function school(): Promise<Database> {
  const db = freshDatabase();
  await loadDemo(db, NOW);
  await foreseeMissing(db, TODAY);
  return db;
}

async function asked(db: Database, family: (typeof FAMILIES)[number], terms = 1) {
  await foreseeMissing(db, TODAY);
  return planQuestion(db, family, await cupboardOf(db), await roster(db, TODAY), { today: TODAY, terms });
}

describe('who gets what in the made-up school', () => {
  it.each([...FAMILIES])(
    'is asked with chances that add up, and answered without a size that is likely too large: %s',
    async (family) => {
      const db = await school();
      const question = await asked(db, family, 3);
      expect(question.players.length).toBeGreaterThan(0);
      for (const { wanted } of question.players)
        for (const term of wanted) expect(term.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1);
      const found = await assign(question, solve);
      expect(found?.gap).toBe(0);
      const away = new Set(question.instruments.filter(({ there }) => !there[0]).map(({ id }) => id));
      for (const { playerId, term, instrumentId } of found?.assignments ?? []) {
        if (instrumentId === null) continue;
        if (term === 0) expect(away.has(instrumentId)).toBe(false);
        const player = question.players.find(({ id }) => id === playerId);
        const size = question.instruments.find(({ id }) => id === instrumentId)?.size ?? '';
        const tooLarge = (player?.wanted[term] ?? [])
          .filter((one) => question.sizes.indexOf(one.size) < question.sizes.indexOf(size))
          .reduce((sum, { chance }) => sum + chance, 0);
        if (player?.fixed.length === 0) expect(tooLarge).toBeLessThanOrEqual(0.35);
      }
    }
  );

  it('who hurts keeps what is in use, and nothing is said of it', async () => {
    const db = await school();
    const [loan] = (await cupboardOf(db)).out;
    const player = await db.players.get(loan?.playerId ?? '');
    if (!player || !loan) throw new Error('nobody has anything');
    await notePain(db, player, 'lesson', null, NOW);
    const question = await asked(db, player.family);
    const found = await assign(question, solve);
    expect(found?.assignments.find(({ playerId }) => playerId === player.id)?.instrumentId).toBe(
      loan.instrumentId
    );
    const lines = found ? linesOf(question, found) : [];
    expect(lines.some(({ playerId }) => playerId === player.id)).toBe(false);
  });

  it('of whom nothing is known nothing is asked, and who plays another family is none of it', async () => {
    const db = await school();
    const question = await asked(db, 'cello');
    const players = await db.players.bulkGet(question.players.map(({ id }) => id));
    expect(players.every((player) => player?.family === 'cello' && player.archivedOn === null)).toBe(true);
    const nobody = await db.players.filter(({ name }) => name === 'Hettie Moonraker').first();
    expect(question.players.some(({ id }) => id === nobody?.id)).toBe(false);
  });

  it('counts an instrument as in use where it was given out', async () => {
    const db = await school();
    const before = await asked(db, 'violin');
    const free = before.players.find(({ now }) => now === null);
    const player = await db.players.get(free?.id ?? '');
    const spare = (await cupboardOf(db)).instruments.find(
      ({ id, family, state }) =>
        family === 'violin' && state === 'fine' && !before.players.some(({ now }) => now === id)
    );
    if (!player || !spare) throw new Error('nobody waits');
    await giveOut(db, { instrumentId: spare.id, playerId: player.id, today: TODAY });
    const after = await asked(db, 'violin');
    expect(after.players.find(({ id }) => id === player.id)?.now).toBe(spare.id);
  });

  it('an instrument stays with somebody who was put away, until it is taken back', async () => {
    const db = await school();
    const [loan] = (await cupboardOf(db)).out;
    const player = await db.players.get(loan?.playerId ?? '');
    if (!player || !loan) throw new Error('nobody has anything');
    await archivePlayer(db, player, TODAY);
    const question = await asked(db, player.family);
    expect(question.players.some(({ id }) => id === player.id)).toBe(false);
    const found = await assign(question, solve);
    expect(found?.assignments.some(({ instrumentId }) => instrumentId === loan.instrumentId)).toBe(false);
  });
});
