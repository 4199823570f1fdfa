import { describe, expect, it } from 'vitest';
import { believe, MOST_LOOKS, type LookSeen, type Search, type SettingLook } from './belief';

/** Numbers between 0 and 1 that are the same in every run. */
function dice(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

const lift = (start: number): Search => ({ low: 0, high: 30, start, tolerance: 2.5 });

/** Follows the looks at a player whose best value is known, each wrong now and then. */
function follow(search: Search, truth: number, wrongShare: number, roll: () => number) {
  const looks: SettingLook[] = [];
  for (;;) {
    const belief = believe(search, looks);
    if (belief.next === null) return { looks: looks.length, ...belief };
    const { tolerance } = search;
    const right: LookSeen =
      truth > belief.next + tolerance ? 'raise' : truth < belief.next - tolerance ? 'lower' : 'holds';
    const others = (['raise', 'lower', 'holds'] as const).filter((seen) => seen !== right);
    const seen = roll() < wrongShare ? (others[roll() < 0.5 ? 0 : 1] ?? right) : right;
    looks.push({ at: belief.next, seen });
  }
}

function crowd(players: number, wrongShare: number, scale = 1) {
  const roll = dice(7);
  const ends = Array.from({ length: players }, () => {
    const start = (5 + 20 * roll()) * scale;
    const truth = 30 * roll() * scale;
    const search = { low: 0, high: 30 * scale, start, tolerance: 2.5 * scale };
    return { truth, ...follow(search, truth, wrongShare, roll) };
  });
  const share = (count: number) => count / players;
  return {
    looks: share(ends.reduce((sum, { looks }) => sum + looks, 0)),
    most: Math.max(...ends.map(({ looks }) => looks)),
    within: share(ends.filter(({ best, truth }) => Math.abs(best - truth) <= 4 * scale).length)
  };
}

describe('the belief over a setting', () => {
  it('begins with the computed value, and goes one visible step the way that was seen', () => {
    expect(believe(lift(12), [])).toMatchObject({ state: 'look', next: 12 });
    const up = believe(lift(12), [{ at: 12, seen: 'raise' }]);
    expect(up.state).toBe('look');
    expect(up.next).toBeGreaterThan(15);
    expect(up.next).toBeLessThan(19);
    const down = believe(lift(12), [{ at: 12, seen: 'lower' }]);
    expect(down.next).toBeGreaterThan(5);
    expect(down.next).toBeLessThan(9);
  });

  it('ends when what holds is seen to hold, and says how sure it is', () => {
    const seen = (...all: LookSeen[]) =>
      believe(
        lift(12),
        all.map((one) => ({ at: 12, seen: one }))
      );
    expect(seen('holds', 'holds')).toMatchObject({ state: 'holds', best: 12, next: null });
    expect(seen('holds', 'holds').sure).toBeGreaterThan(0.97);
    expect(seen('raise', 'holds', 'holds', 'holds').best).toBeCloseTo(12, 6);
  });

  it('says when another part must give', () => {
    const raise = { at: 30, seen: 'raise' } as const;
    expect(believe(lift(26), [{ at: 26, seen: 'raise' }, raise, raise, raise])).toMatchObject({
      state: 'end-of-range',
      next: null
    });
  });

  it('is not ruined by one wrong answer in ten: 95 % within 4 mm, under four looks, never over eight', () => {
    const { looks, most, within } = crowd(10_000, 0.1);
    expect(within).toBeGreaterThanOrEqual(0.95);
    expect(looks).toBeLessThan(4);
    expect(most).toBeLessThanOrEqual(MOST_LOOKS);
  });

  it('comes within 4 mm of 99 % when the answers are right', () => {
    const { looks, within } = crowd(10_000, 0);
    expect(within).toBeGreaterThanOrEqual(0.99);
    expect(looks).toBeLessThan(4);
  });

  it('grows its steps with the tolerance of the setting', () => {
    expect(crowd(200, 0.1, 8)).toEqual(crowd(200, 0.1));
    const pin = believe({ low: 0, high: 300, start: 150, tolerance: 10 }, [{ at: 150, seen: 'lower' }]);
    expect(150 - (pin.next ?? 0)).toBeGreaterThan(15);
  });

  it('refuses a range without extent', () => {
    expect(() => believe({ ...lift(3), high: 0 }, [])).toThrow(RangeError);
    expect(() => believe({ ...lift(3), tolerance: 0 }, [])).toThrow(RangeError);
  });
});
