import { describe, expect, it } from 'vitest';
import { clamp } from '../maths';
import { rangeOf } from './kinds';
import { believe, MOST_LOOKS, type LookSeen, type Search, type SettingLook } from './belief';

/** Numbers between 0 and 1 that are the same in every run. */
function dice(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** A number round nought, by the bell curve of spread one. */
const bell = (roll: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - roll())) * Math.cos(2 * Math.PI * roll());

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
    const truth = clamp(start + 5 * scale * bell(roll), 0, 30 * scale);
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

  it('ends at once when the teacher says that it holds, and by itself only from 80 % on', () => {
    expect(believe(lift(12), [{ at: 12, seen: 'holds' }])).toMatchObject({
      state: 'holds',
      by: 'teacher',
      best: 12,
      next: null
    });
    const roll = dice(3);
    let claimed = 0;
    for (let i = 0; i < 4000; i++) {
      const looks = Array.from({ length: 2 + Math.floor(6 * roll()) }, () => ({
        at: Math.round(30 * roll()),
        seen: roll() < 0.5 ? ('raise' as const) : ('lower' as const)
      }));
      const { state, by, sure } = believe(lift(12), looks);
      if (state !== 'holds') continue;
      claimed++;
      expect([by, sure >= 0.8]).toEqual(['belief', true]);
    }
    expect(claimed).toBeGreaterThan(50);
  });

  it('says when another part must give, at its true end only', () => {
    const up = (at: number) =>
      believe(lift(26), [
        { at, seen: 'raise' },
        { at, seen: 'raise' }
      ]).state;
    expect([up(30), up(28), up(12)]).toEqual(['end-of-range', 'look', 'look']);
    const low = { at: 0, seen: 'lower' } as const;
    expect(believe(lift(3), [low, low]).state).toBe('end-of-range');
    expect(believe(lift(3), [{ at: 0, seen: 'raise' }]).state).toBe('look');
  });

  it('never claims that it holds what was eight times seen not to: it steps on, and says that it did not find it', () => {
    const pin = { low: 20, high: 340, start: 50, tolerance: 10 };
    const looks: SettingLook[] = [];
    let steps: number[] = [];
    for (;;) {
      const { state, next } = believe(pin, looks);
      if (next === null) {
        expect(['not-found', 'end-of-range']).toContain(state);
        break;
      }
      steps = [...steps, next];
      looks.push({ at: next, seen: 'raise' });
    }
    expect(steps.at(-1)).toBeGreaterThan(200);
    // Steps grow over a long range.
    expect((steps[3] ?? 0) - (steps[2] ?? 0)).toBeGreaterThan((steps[1] ?? 0) - (steps[0] ?? 0));
  });

  it('is not ruined by one wrong answer in ten: 95 % found within 4 mm, under three looks, never over eight', () => {
    const { looks, most, within } = crowd(10_000, 0.1);
    expect(within).toBeGreaterThanOrEqual(0.95);
    expect(looks).toBeLessThan(3);
    expect(most).toBeLessThanOrEqual(MOST_LOOKS);
  });

  it('is seldom at a loss, over long ranges too: under one in twenty-five where the model is about right', () => {
    const roll = dice(11);
    for (const { low, high } of [
      rangeOf('seated', 'pin'),
      rangeOf('standing', 'pin'),
      rangeOf('seated', 'seat')
    ]) {
      const ends = Array.from({ length: 1500 }, () => {
        const start = low + (0.2 + 0.6 * roll()) * (high - low);
        const truth = clamp(start + 20 * bell(roll), low, high);
        return follow({ low, high, start, tolerance: 10 }, truth, 0.1, roll).state;
      });
      expect(ends.filter((state) => state === 'not-found').length / 1500).toBeLessThan(0.04);
      expect(ends.filter((state) => state === 'end-of-range').length / 1500).toBeLessThan(0.01);
    }
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
