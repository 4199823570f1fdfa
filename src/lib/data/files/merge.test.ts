import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { keyOf, mergePlan, mergeSteps, printOf, type Copy, type Held, type MergePick } from './merge';

const held = (table: string, id: string, value: number, owner: string | null = null): Held => ({
  table,
  id,
  owner,
  record: { id, value }
});
const copy = (...all: readonly Held[]): Copy => new Map(all.map((one) => [keyOf(one), one]));
const baseOf = (of: Copy) => new Map([...of].map(([key, { record }]) => [key, printOf(record)]));
const values = (of: Copy) => Object.fromEntries([...of].map(([key, { record }]) => [key, record]));

let made = 0;
function merged(
  here: Copy,
  there: Copy,
  base: ReadonlyMap<string, string>,
  picks: ReadonlyMap<string, MergePick>
): Copy {
  const { put, remove } = mergeSteps(mergePlan(here, there, base), picks, () => `made-${made++}`);
  const now = new Map(here);
  for (const one of remove) now.delete(keyOf(one));
  for (const one of put) now.set(keyOf(one), one);
  return now;
}

describe('two copies', () => {
  const start = copy(held('players', 'p', 1), held('checks', 'c', 1, 'p'));
  const base = baseOf(start);
  const caseOf = (here: Copy, there: Copy, of = base) =>
    Object.fromEntries(mergePlan(here, there, of).map((one) => [one.key, one.case]));

  it('tell what came, changed and went', () => {
    const changed = copy(held('players', 'p', 2), held('checks', 'd', 1, 'p'));
    expect(caseOf(start, changed)).toEqual({
      'players:p': 'changed-there',
      'checks:c': 'deleted-there',
      'checks:d': 'new'
    });
    expect(caseOf(changed, start)).toEqual({
      'players:p': 'changed-here',
      'checks:c': 'deleted-here',
      'checks:d': 'only-here'
    });
    expect(caseOf(copy(held('players', 'p', 3)), copy(held('players', 'p', 2)))['players:p']).toBe('both');
  });

  it('without a common start nothing goes, and what differs is asked about', () => {
    const other = copy(held('players', 'p', 2));
    expect(caseOf(start, other, new Map())).toEqual({ 'players:p': 'both', 'checks:c': 'only-here' });
  });

  it('a player taken away there, with something new here, is asked about, and goes with all that is theirs', () => {
    const here = copy(held('players', 'p', 1), held('checks', 'c', 1, 'p'), held('checks', 'n', 1, 'p'));
    expect(caseOf(here, copy())['players:p']).toBe('both');
    expect(merged(here, copy(), base, new Map([['players:p', 'there']])).size).toBe(0);
    expect(Object.keys(values(merged(here, copy(), base, new Map())))).toEqual(['players:p', 'checks:n']);
  });

  it('both can be kept', () => {
    const now = merged(
      copy(held('checks', 'c', 2)),
      copy(held('checks', 'c', 3)),
      base,
      new Map([['checks:c', 'both']])
    );
    expect([...now.values()].map(({ record }) => (record as { value: number }).value).sort()).toEqual([2, 3]);
  });
});

describe('500 pairs of histories from a common start', () => {
  type Step = readonly [kind: 'player' | 'check', at: number, value: number | null];
  const steps = fc.array(
    fc.tuple(
      fc.constantFrom('player' as const, 'check' as const),
      fc.nat(7),
      fc.option(fc.integer({ min: 2, max: 9 }), { nil: null })
    ),
    { maxLength: 14 }
  );
  /** A copy after a history: what belongs to nobody goes, as the records demand. */
  function after(start: Copy, history: readonly Step[], side: string): Copy {
    const now = new Map(start);
    for (const [kind, at, value] of history) {
      // Half of the ids are known to both, the others are this copy's own.
      const name = at < 5 ? String(at) : `${side}${at}`;
      const one =
        kind === 'player'
          ? held('players', name, value ?? 0)
          : held('checks', name, value ?? 0, String(at % 3));
      if (value === null) now.delete(keyOf(one));
      else now.set(keyOf(one), one);
    }
    for (const [key, { owner }] of now) if (owner !== null && !now.has(`players:${owner}`)) now.delete(key);
    return now;
  }

  it('merged both ways they hold the same but for what was picked, and nothing is lost', () => {
    let conflicts = 0;
    fc.assert(
      fc.property(steps, steps, steps, fc.infiniteStream(fc.boolean()), (first, mine, theirs, coin) => {
        const start = after(
          new Map(),
          first.filter(([, at]) => at < 5),
          'start'
        );
        const base = baseOf(start);
        const [here, there] = [after(start, mine, 'a'), after(start, theirs, 'b')];
        const plan = mergePlan(here, there, base);
        const picks = new Map<string, MergePick>();
        const mirrored = new Map<string, MergePick>();
        for (const one of plan)
          if (one.case === 'both') {
            conflicts++;
            const takesTheirs = coin.next().value ?? false;
            picks.set(one.key, takesTheirs ? 'there' : 'here');
            mirrored.set(one.key, takesTheirs ? 'here' : 'there');
          }
        const [one, other] = [merged(here, there, base, picks), merged(there, here, base, mirrored)];
        expect(values(one)).toEqual(values(other));
        // Nobody's records are left behind.
        for (const { owner } of one.values())
          if (owner !== null) expect(one.has(`players:${owner}`)).toBe(true);
        // What one copy had and the other never took away is there, unless its player was picked away.
        for (const { key, case: how, here: own, there: foreign } of plan) {
          const player = (own ?? foreign)?.owner ?? null;
          if (player !== null && !one.has(`players:${player}`)) continue;
          if (['new', 'only-here', 'same', 'changed-there', 'changed-here'].includes(how))
            expect([key, one.has(key)]).toEqual([key, true]);
        }
        // The file is what both know now: merged once more, it changes nothing.
        expect(values(merged(one, there, baseOf(there), picks))).toEqual(values(one));
      }),
      { numRuns: 500 }
    );
    expect(conflicts).toBeGreaterThan(100);
  });
});
