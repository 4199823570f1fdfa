import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checksFor } from '../checks';
import type { FaultCause } from '../checks/types';
import { FAMILIES } from '../instruments';
import { causesOf, type CauseFacts } from '.';

const THREE: readonly FaultCause[] = ['set-up', 'too-large', 'habit'];
const shares = (causes: readonly FaultCause[], facts: CauseFacts) =>
  Object.fromEntries(causesOf(causes, facts).map(({ cause, share }) => [cause, share]));

/** Each known thing, the cause that it moves, and whether it speaks for it. */
const MOVES: readonly (readonly [name: string, facts: CauseFacts, cause: FaultCause, up: boolean])[] = [
  ['drift past its limit', { setupDriftMm: -6, reviewLimitMm: 4 }, 'set-up', true],
  ['a length read anew', { lengthReadAnew: true }, 'set-up', true],
  ['a setting at its other end', { settingAtOtherEnd: true }, 'set-up', true],
  ['no set-up kept', { setupKept: false }, 'set-up', true],
  ['changed for this within a fortnight', { changedDaysAgo: 13 }, 'set-up', false],
  ['an unlikely size', { sizeChance: 0.45 }, 'too-large', true],
  ['an outgrown size', { outgrown: true }, 'too-large', false],
  ['a short frame', { frameShort: true }, 'too-large', true],
  ['a trial that said larger', { trialSaidLarger: true }, 'too-large', true],
  ['a size that trial and tape agree on', { sizeChance: 0.92, trialAgreed: true }, 'too-large', false],
  ['gone before after a drill', { wentAfterDrill: true }, 'habit', true],
  ['passes with help', { passesWithHelp: true }, 'habit', true],
  ['two weeks of a drill in vain', { drillWeeks: 2 }, 'habit', false]
];

describe('causes', () => {
  it('stand in the library’s order without facts', () => {
    expect(causesOf(THREE, {}).map(({ cause, share }) => [cause, share])).toEqual([
      ['set-up', 0.5],
      ['too-large', 0.3],
      ['habit', 0.2]
    ]);
  });

  it.each(MOVES)('%s moves its cause and nothing else that way', (_, facts, cause, up) => {
    for (const order of [THREE, THREE.toReversed()]) {
      const [plain, moved] = [shares(order, {}), shares(order, facts)];
      for (const one of order) {
        const by = (moved[one] ?? 0) - (plain[one] ?? 0);
        expect([one, by > 0]).toEqual([one, (one === cause) === up]);
      }
    }
  });

  it.each([
    ['drift short of its limit', { setupDriftMm: 3, reviewLimitMm: 4 }],
    ['drift without a limit', { setupDriftMm: 30 }],
    ['changed for this long ago', { changedDaysAgo: 15 }],
    ['a likely size without a trial', { sizeChance: 0.95 }],
    ['a size as likely as not', { sizeChance: 0.5 }],
    ['a size that is only probable, though the trial agrees', { sizeChance: 0.85, trialAgreed: true }],
    ['a next size that one in nine could play', { nextLargerChance: 0.11 }],
    ['a week of a drill', { drillWeeks: 1.5 }],
    ['four tries', { record: [{ cause: 'habit', tries: 4, successes: 4 }] }]
  ] as const)('%s says nothing', (_, facts) => expect(causesOf(THREE, facts)).toEqual(causesOf(THREE, {})));

  it('a size has a direction: what is outgrown is neither too large nor on too long a bow', () => {
    const both: readonly FaultCause[] = ['too-large', 'too-small', 'bow', 'habit'];
    const outgrown = shares(both, { outgrown: true });
    const plain = shares(both, {});
    expect(outgrown['too-small']).toBeGreaterThan(plain['too-small'] ?? 1);
    for (const one of ['too-large', 'bow'] as const)
      expect(outgrown[one]).toBeLessThan((plain[one] ?? 0) / 2);
    const large = shares(both, { sizeChance: 0.1 });
    expect(large['too-large']).toBeGreaterThan(plain['too-large'] ?? 1);
    expect(large['too-small']).toBeLessThan(plain['too-small'] ?? 0);
    expect(shares(both, { nextLargerChance: 0.09 })['too-small']).toBeLessThan((plain['too-small'] ?? 0) / 2);
    // A trunk that bends, on an outgrown instrument: that it is too heavy is the last thing to think of.
    expect(causesOf(['habit', 'too-large'], { outgrown: true }).at(-1)).toMatchObject({ cause: 'too-large' });
  });

  /** Where a cause stands that the library names third, after two that nothing is known of. */
  const third = (cause: FaultCause, facts: CauseFacts, first: FaultCause = 'workshop') =>
    causesOf([first, 'workshop', cause], facts).findIndex(({ index }) => index === 2);

  it.each([
    ['set-up', { setupDriftMm: 9, reviewLimitMm: 4 }, { setupKept: false }],
    ['set-up', { lengthReadAnew: true }, { setupKept: false }],
    ['set-up', { settingAtOtherEnd: true }, { setupKept: false }],
    ['too-large', { sizeChance: 0.4 }, { frameShort: true }],
    ['too-large', { sizeChance: 0.4 }, { trialSaidLarger: true }],
    ['bow', { sizeChance: 0.4 }, { trialSaidLarger: true }],
    ['too-small', { outgrown: true }, { trialSaidSmaller: true }]
  ] as const)(
    '%s: a strong reason overtakes one cause, a slight one none, both together two',
    (cause, strong, slight) => {
      expect(third(cause, strong)).toBe(1);
      expect(third(cause, slight)).toBe(2);
      expect(third(cause, { ...strong, ...slight })).toBe(0);
    }
  );

  it('a slight reason overtakes a size that is agreed, and nothing that is not spoken against', () => {
    const agreed = { sizeChance: 0.95, trialAgreed: true };
    for (const first of ['too-large', 'bow'] as const)
      for (const [cause, facts] of [
        ['habit', { wentAfterDrill: true }],
        ['habit', { passesWithHelp: true }],
        ['set-up', { setupKept: false }]
      ] as const) {
        expect(third(cause, { ...agreed, ...facts }, first)).toBe(1);
        expect(third(cause, agreed, first)).toBe(2);
      }
  });

  it('what was changed for this lately goes behind the next, and before the last', () => {
    const found = causesOf(THREE, { changedDaysAgo: 13 });
    expect(found.map(({ cause }) => cause)).toEqual(['too-large', 'set-up', 'habit']);
  });

  it('a record of the size without its direction counts for both', () => {
    const record = [{ cause: 'size', tries: 9, successes: 0 }] as const;
    const moved = causesOf(['too-large', 'too-small', 'habit'], { record });
    for (const cause of ['too-large', 'too-small'])
      expect(moved.find((one) => one.cause === cause)?.reasons[0]?.code).toBe('worked-here');
  });

  it('two that say the same count once', () => {
    expect(shares(THREE, { lengthReadAnew: true, setupDriftMm: 9, reviewLimitMm: 4 })).toEqual(
      shares(THREE, { lengthReadAnew: true })
    );
    expect(shares(THREE, { frameShort: true, trialSaidLarger: true })).toEqual(
      shares(THREE, { frameShort: true })
    );
  });

  it('a drill in vain weakens habit to a quarter at least', () => {
    // Worked by hand: 0.2 / 4 = 0.05 of 0.85.
    for (const drillWeeks of [4, 6, 52])
      expect(shares(THREE, { drillWeeks })['habit']).toBeCloseTo(0.05 / 0.85, 10);
  });

  it('the teacher’s own record replaces the prior from five tries on', () => {
    // Worked by hand: (4 + 2 × 0.2) / 7 = 0.6286 of 1.4286.
    const record = [{ cause: 'habit', tries: 5, successes: 4 }] as const;
    const [first] = causesOf(THREE, { record });
    expect(first).toMatchObject({ cause: 'habit', index: 2 });
    expect(first?.share).toBeCloseTo(4.4 / 7 / (4.4 / 7 + 0.8), 10);
    expect(first?.reasons).toEqual([{ code: 'worked-here', factor: 4.4 / 7 / 0.2 }]);
  });

  const facts: fc.Arbitrary<CauseFacts> = fc.record(
    {
      setupDriftMm: fc.double({ min: -60, max: 60, noNaN: true }),
      reviewLimitMm: fc.constantFrom(4, 12, 20),
      lengthReadAnew: fc.boolean(),
      settingAtOtherEnd: fc.boolean(),
      setupKept: fc.boolean(),
      changedDaysAgo: fc.nat(60),
      sizeChance: fc.double({ min: 0, max: 1, noNaN: true }),
      outgrown: fc.boolean(),
      trialAgreed: fc.boolean(),
      trialSaidLarger: fc.boolean(),
      frameShort: fc.boolean(),
      drillWeeks: fc.nat(30),
      wentAfterDrill: fc.boolean(),
      passesWithHelp: fc.boolean(),
      record: fc.array(
        fc
          .tuple(fc.constantFrom(...THREE), fc.nat(40), fc.double({ min: 0, max: 1, noNaN: true }))
          .map(([cause, tries, share]) => ({ cause, tries, successes: Math.floor(tries * share) })),
        { maxLength: 3 }
      )
    },
    { requiredKeys: [] }
  );

  it('shares add up to 1, none is lost, the likeliest comes first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...THREE), { minLength: 1, maxLength: 5 }),
        facts,
        (causes, known) => {
          const found = causesOf(causes, known);
          expect(found.map(({ index }) => index).toSorted()).toEqual(causes.map((_, i) => i));
          expect(found.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 10);
          for (const [i, { share, cause, index, reasons }] of found.entries()) {
            expect(share).toBeGreaterThan(0);
            expect(share).toBeLessThanOrEqual(found[i - 1]?.share ?? 1);
            expect(cause).toBe(causes[index]);
            for (const { factor } of reasons) expect(factor).toBeGreaterThan(0);
          }
        }
      ),
      { numRuns: 500 }
    );
  });
});

describe('5,000 players with a known cause', () => {
  /** The same numbers each time. */
  function* numbers(seed: number) {
    for (let state = seed; ;) {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      yield state / 2 ** 32;
    }
  }

  it('the first proposal is the true one half as often again as the library’s first', async () => {
    const faults = (await Promise.all(FAMILIES.map((family) => checksFor(family))))
      .flat()
      .flatMap((check) => check.faults)
      .map(({ causes }) => causes.map(({ cause }) => cause))
      .filter((causes) => causes.length === THREE.length && THREE.every((one) => causes.includes(one)));
    expect(faults.length).toBeGreaterThan(5);
    const random = numbers(11);
    const next = () => random.next().value ?? 0;
    /** What is on record is there four times in five, and tells the truth five times in six. */
    const says = (true_: boolean): boolean | undefined =>
      next() > 0.8 ? undefined : next() < 5 / 6 ? true_ : !true_;
    let [library, proposed] = [0, 0];
    for (let i = 0; i < 5000; i++) {
      const causes = faults[Math.floor(next() * faults.length)] ?? THREE;
      // The true cause, as likely as the library says.
      const weights = causes.map((_, at) => [0.5, 0.3, 0.2][at] ?? 0.2);
      let left = next() * weights.reduce((a, b) => a + b);
      const cause = causes[weights.findIndex((weight) => (left -= weight) < 0)] ?? causes[0];
      const [setUp, size, habit] = THREE.map((one) => one === cause);
      const drifted = says(setUp ?? false);
      const unlikely = says(size ?? false);
      const drilled = says(!habit);
      const facts: CauseFacts = {
        ...(drifted === undefined ? {} : { setupDriftMm: drifted ? 7 : 1, reviewLimitMm: 4 }),
        settingAtOtherEnd: says(setUp ?? false) ?? false,
        ...(says(!setUp) ? { changedDaysAgo: 7 } : {}),
        ...(unlikely === undefined ? {} : { sizeChance: unlikely ? 0.3 : 0.95, trialAgreed: !unlikely }),
        frameShort: says(size ?? false) ?? false,
        ...(drilled ? { drillWeeks: 4 } : {}),
        wentAfterDrill: says(habit ?? false) ?? false,
        passesWithHelp: says(habit ?? false) ?? false
      };
      if (causes[0] === cause) library++;
      if (causesOf(causes, facts)[0]?.cause === cause) proposed++;
    }
    expect(proposed / library).toBeGreaterThanOrEqual(1.5);
  });
});
