import { describe, expect, it } from 'vitest';
import { loadDemo } from '../demo/demo';
import { freshDatabase } from '../testing';
import { FITTING_REACH, fittingsFor } from './fittings';

const TODAY = '2026-11-24';

describe('stools and rests for the made-up school', () => {
  it('serve every cellist that was set up, today within reach of the seat that was kept', async () => {
    const db = freshDatabase();
    await loadDemo(db, new Date(`${TODAY}T10:42:00`));
    const cellists = (await db.players.toArray()).filter(({ family }) => family === 'cello');
    const { stools, rests, without } = await fittingsFor(db, cellists, TODAY);
    const setups = (await db.setups.toArray()).filter(({ kind, playerId }) =>
      cellists.some(({ id }) => id === playerId && kind === 'seated')
    );
    expect(stools.length).toBeGreaterThan(0);
    expect(rests).toEqual([]);
    expect(new Set(setups.map(({ playerId }) => playerId)).size + without).toBe(cellists.length);
    const served = new Set(stools.flatMap(({ ids }) => ids));
    expect(served.size).toBe(cellists.length - without);
    // No fewer heights than the spread of the seats needs.
    const heights = stools.map(({ mm }) => mm);
    for (const [at, mm] of heights.slice(1).entries())
      expect(mm - (heights[at] ?? 0)).toBeGreaterThan(FITTING_REACH.stepMm);
  });

  it('who outgrows a size needs a wider rest within the year', async () => {
    const db = freshDatabase();
    await loadDemo(db, new Date(`${TODAY}T10:42:00`));
    const all = (await db.players.toArray()).filter(({ family }) => family === 'violin');
    const now = await fittingsFor(db, all, TODAY);
    const later = await fittingsFor(db, all, TODAY, new Set(all.map(({ id }) => id)));
    expect(now.rests.length).toBeGreaterThan(0);
    const width = (rests: typeof now.rests) => rests.reduce((sum, { mm, count }) => sum + mm * count, 0);
    expect(width(later.rests)).toBeGreaterThan(width(now.rests));
  });
});
