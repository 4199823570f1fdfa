import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { KnownBase } from '../store/database';
import type { AnyRecord, TableName } from '../store/tables';
import { knownFrom, NOTHING_KNOWN } from './known';
import {
  heldOf,
  isAsked,
  keyOf,
  mergePlan,
  mergeSteps,
  needsAnswer,
  NO_TRACES,
  type Copy,
  type Held,
  type MergePick,
  type Traces
} from './merge';

const held = (
  table: TableName,
  id: string,
  value: number,
  owner: string | null = null,
  more: object = {}
): Held => heldOf(table, { id, value, ...more } as unknown as AnyRecord, owner);
const copy = (...all: readonly Held[]): Copy => new Map(all.map((one) => [keyOf(one), one]));
const values = (of: Copy) => Object.fromEntries([...of].map(([key, { record }]) => [key, record]));

const baseOf = (of: Copy, whole = true, id = 'base', at = '1'): KnownBase => {
  const shared: Record<string, string> = {};
  const players: Record<string, Record<string, string>> = {};
  for (const [key, { owner, print }] of of)
    if (owner === null) shared[key] = print;
    else (players[owner] ??= {})[key] = print;
  return { id, at, whole, shared, players };
};
const known = (...bases: readonly KnownBase[]) => knownFrom(bases.map((base) => ({ base })));

let made = 0;
function merged(
  here: Copy,
  there: Copy,
  of = NOTHING_KNOWN,
  picks: ReadonlyMap<string, MergePick> = new Map(),
  traces: Traces = NO_TRACES
): Copy {
  const { put, remove } = mergeSteps(mergePlan(here, there, of, traces), picks, () => `made-${made++}`);
  const now = new Map(here);
  for (const one of remove) now.delete(keyOf(one));
  for (const one of put) now.set(keyOf(one), one);
  return now;
}
const casesOf = (here: Copy, there: Copy, of = NOTHING_KNOWN, traces: Traces = NO_TRACES) =>
  Object.fromEntries(mergePlan(here, there, of, traces).map((one) => [one.key, one.case]));

describe('a player whom both have', () => {
  const start = copy(held('players', 'p', 1), held('checks', 'c', 1, 'p'));
  const both = known(baseOf(start));

  it('has records that come, change and go by themselves', () => {
    const changed = copy(held('players', 'p', 2), held('checks', 'd', 1, 'p'));
    expect(casesOf(start, changed, both)).toEqual({
      'players:p': 'changed-there',
      'checks:c': 'deleted-there',
      'checks:d': 'new'
    });
    expect(casesOf(changed, start, both)).toEqual({
      'players:p': 'changed-here',
      'checks:c': 'deleted-here',
      'checks:d': 'only-here'
    });
    expect(casesOf(copy(held('players', 'p', 3)), copy(held('players', 'p', 2)), both)['players:p']).toBe(
      'both'
    );
  });

  it('without a common start nothing goes, and what differs is asked about', () => {
    const other = copy(held('players', 'p', 2));
    expect(casesOf(start, other)).toEqual({ 'players:p': 'both', 'checks:c': 'only-here' });
  });

  it('keeps both of what can stand twice', () => {
    const player = held('players', 'p', 1);
    const now = merged(
      copy(player, held('checks', 'c', 2, 'p')),
      copy(player, held('checks', 'c', 3, 'p')),
      both,
      new Map([['checks:c', 'both']])
    );
    const checks = [...now.values()].filter(({ table }) => table === 'checks');
    expect(checks.map(({ record }) => (record as unknown as { value: number }).value).sort()).toEqual([2, 3]);
  });

  it('keeps a size that was taken back there as long as a set-up rests on it here', () => {
    const player = held('players', 'p', 1);
    const fit = held('fits', 'f', 1, 'p');
    const setup = held('setups', 's', 1, 'p', { fitId: 'f' });
    const of = known(baseOf(copy(player, fit)));
    expect(Object.keys(values(merged(copy(player, fit, setup), copy(player), of))).sort()).toEqual(
      ['fits:f', 'players:p', 'setups:s'].sort()
    );
    expect(Object.keys(values(merged(copy(player), copy(player, fit, setup), of))).sort()).toEqual(
      ['fits:f', 'players:p', 'setups:s'].sort()
    );
  });
});

describe('a player who was deleted in one copy', () => {
  const ann = [held('players', 'p', 1), held('checks', 'c', 1, 'p'), held('fits', 'f', 1, 'p')] as const;
  const both = known(baseOf(copy(...ann)));
  const later = held('measurements', 'm', 1, 'p', { day: '2026-11-30' });

  it('goes with everything where nothing was done with her in the other', () => {
    expect(merged(copy(...ann), copy(), both).size).toBe(0);
    expect(merged(copy(), copy(...ann), both).size).toBe(0);
  });

  it('is asked about where something was, with nothing set beforehand, and neither side changes', () => {
    const plan = mergePlan(copy(...ann, later), copy(), both);
    expect(plan.filter(needsAnswer).map(({ key }) => key)).toEqual(['players:p']);
    expect(merged(copy(...ann, later), copy(), both).size).toBe(4);
    expect(merged(copy(), copy(...ann, later), both).size).toBe(0);
    expect(mergeSteps(plan, new Map(), String).open.map(({ key }) => key)).toEqual(['players:p']);
  });

  it('kept, keeps all her older records; let go, goes with all of them: both ways', () => {
    const keep = new Map([['players:p', 'here']] as const);
    const go = new Map([['players:p', 'there']] as const);
    expect(merged(copy(...ann, later), copy(), both, keep).size).toBe(4);
    expect(merged(copy(...ann, later), copy(), both, go).size).toBe(0);
    expect(merged(copy(), copy(...ann, later), both, go).size).toBe(4);
    expect(merged(copy(), copy(...ann, later), both, keep).size).toBe(0);
  });

  it('is asked about where a fit was begun that no file holds', () => {
    const traces = { ...NO_TRACES, touchedHere: new Set(['p']) };
    expect(casesOf(copy(...ann), copy(), both, traces)['players:p']).toBe('asked');
  });

  it('does not come back by a file that forgot the common start', () => {
    const traces = { ...NO_TRACES, goneHere: new Map([['p', '2026-11-24']]) };
    expect(merged(copy(), copy(...ann), NOTHING_KNOWN, new Map(), traces).size).toBe(0);
    // Taught on after the deletion: that is asked about.
    expect(casesOf(copy(), copy(...ann, later), NOTHING_KNOWN, traces)['players:p']).toBe('asked');
    // The tombstone of the other copy asks here, until she was kept in spite of it.
    const there = { ...NO_TRACES, goneThere: new Map([['p', '2026-11-24']]) };
    expect(casesOf(copy(...ann), copy(), NOTHING_KNOWN, there)['players:p']).toBe('asked');
    expect(casesOf(copy(...ann), copy(), known(baseOf(copy())), there)['players:p']).toBe('only-here');
  });
});

describe('what both knew', () => {
  const [ann, zoe] = [held('players', 'a', 1), held('players', 'z', 1)];
  const whole = baseOf(copy(ann, zoe), true, 'whole', '1');

  it('is united from all files: one of a single player does not hide the one of everybody', () => {
    const one = baseOf(copy(ann), false, 'one', '2');
    expect(casesOf(copy(ann), copy(ann, zoe), known(whole, one))['players:z']).toBe('deleted-here');
    expect(casesOf(copy(ann), copy(ann, zoe), known(one))['players:z']).toBe('new');
  });

  it('of each player is what the newest file says', () => {
    const newer = baseOf(copy(held('players', 'a', 2)), false, 'newer', '2');
    expect(
      casesOf(copy(held('players', 'a', 2)), copy(held('players', 'a', 3)), known(newer, whole))
    ).toEqual({
      'players:a': 'changed-there'
    });
  });

  it('leaves out what was left open, what was not taken, and what was taken back', () => {
    expect(known({ ...whole, open: ['z'] }).countOf('z')).toBe(0);
    expect(known(whole, { ...baseOf(copy(ann), true, 'next', '2'), open: ['z'] }).countOf('z')).toBe(1);
    expect(known(whole, baseOf(copy(ann), true, 'next', '2')).knewAbsent('z')).toBe(true);
    expect(known(whole, { ...baseOf(copy(ann), true, 'next', '2'), undone: true }).countOf('z')).toBe(1);
    expect(knownFrom([{ base: whole, players: ['a'] }]).countOf('z')).toBe(0);
    expect(knownFrom([{ base: whole, but: ['z'] }]).countOf('z')).toBe(0);
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

  it('merged both ways they hold the same but for what was picked, and nothing is lost or comes back', () => {
    let conflicts = 0;
    fc.assert(
      fc.property(steps, steps, steps, fc.infiniteStream(fc.boolean()), (first, mine, theirs, coin) => {
        const start = after(
          new Map(),
          first.filter(([, at]) => at < 5),
          'start'
        );
        const of = known(baseOf(start));
        const [here, there] = [after(start, mine, 'a'), after(start, theirs, 'b')];
        const plan = mergePlan(here, there, of);
        const picks = new Map<string, MergePick>();
        const mirrored = new Map<string, MergePick>();
        for (const one of plan)
          if (isAsked(one)) {
            conflicts++;
            const takesTheirs = coin.next().value ?? false;
            picks.set(one.key, takesTheirs ? 'there' : 'here');
            mirrored.set(one.key, takesTheirs ? 'here' : 'there');
          }
        const [one, other] = [merged(here, there, of, picks), merged(there, here, of, mirrored)];
        expect(values(one)).toEqual(values(other));
        // Nobody's records are left behind.
        for (const { owner } of one.values())
          if (owner !== null) expect(one.has(`players:${owner}`)).toBe(true);
        for (const { key, here: own, there: foreign } of plan) {
          const player = (own ?? foreign)?.owner ?? '';
          const [isHere, isThere] = [here.has(`players:${player}`), there.has(`players:${player}`)];
          // Who is there in both copies is there; with every record that one has and the other never had.
          if (isHere && isThere) expect(one.has(`players:${player}`)).toBe(true);
          if (isHere && isThere && !start.has(key)) expect([key, one.has(key)]).toEqual([key, true]);
          // Who was picked to stay has everything that the copy that kept the player has.
          if (isHere !== isThere && one.has(`players:${player}`))
            expect([key, one.has(key)]).toEqual([key, true]);
          // Who was deleted and not touched since does not come back.
          const records = (of: Copy) => [...of.values()].filter(({ owner }) => owner === player);
          if (start.has(`players:${player}`) && isHere !== isThere) {
            const kept = records(isHere ? here : there);
            if (JSON.stringify(kept) === JSON.stringify(records(start)))
              expect(one.has(`players:${player}`)).toBe(false);
          }
        }
        // The file is what both know now: merged once more, it changes nothing.
        expect(values(merged(one, there, known(baseOf(there)), picks))).toEqual(values(one));
      }),
      { numRuns: 500 }
    );
    expect(conflicts).toBeGreaterThan(50);
  });
});
