import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../instruments';
import { daysBetween, daysLater, type IsoDay } from '../time';
import {
  CHECK_CATEGORIES,
  checksFor,
  focusOf,
  inWay,
  lessonLooks,
  MOST_LESSONS_WAITING,
  openChecks,
  RATINGS,
  REST_DAYS,
  standingOf,
  standingsOf,
  strengthOf,
  type Check,
  type CheckOutcome,
  type Rating,
  type SeenResult
} from '.';

const checks = await checksFor('violin');
const check = (id: string): Check => {
  const found = checks.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};
const rated = (rating: Rating): CheckOutcome => ({ kind: 'rating', rating });
const seen = (checkId: string, day: IsoDay, rating: Rating): SeenResult => ({
  checkId,
  day,
  outcome: rated(rating)
});

describe('how strong an outcome is', () => {
  it.each([
    ['hold-seat', rated('not-seen'), 0],
    ['hold-seat', rated('secure'), 4],
    ['hold-hands-off', { kind: 'seconds', seconds: 1.5 }, 1],
    ['hold-hands-off', { kind: 'seconds', seconds: 3 }, 3],
    ['hold-hands-off', { kind: 'seconds', seconds: 12 }, 4],
    ['use-silent-levels', { kind: 'count', count: 5 }, 1],
    ['use-silent-levels', { kind: 'count', count: 3 }, 3],
    ['use-silent-levels', { kind: 'count', count: 1 }, 4],
    ['use-straight', { kind: 'angle', deg: -7 }, 4],
    ['use-straight', { kind: 'angle', deg: 20 }, 1],
    ['hold-seat', { kind: 'yes-no', yes: false }, 1]
  ] as const)('of %s: %j is %d', (id, outcome, strength) => {
    expect(strengthOf(check(id), outcome)).toBe(strength);
  });
});

describe('a check that is secure', () => {
  const seat = check('hold-seat');
  const standing = (results: readonly SeenResult[], today: IsoDay) => standingOf(seat, results, today);

  it('rests for six weeks once it was secure twice in a row, two weeks apart', () => {
    const twice = [seen('hold-seat', '2026-03-01', 'secure'), seen('hold-seat', '2026-03-15', 'secure')];
    expect(standing(twice, '2026-03-15').restsUntil).toBe('2026-04-26');
    expect(standing(twice, '2026-04-25').restsUntil).toBe('2026-04-26');
    expect(standing(twice, '2026-04-26').restsUntil).toBeNull();
  });

  it('does not rest after one time, nor after two within two weeks, nor with a setback between', () => {
    expect(standing([seen('hold-seat', '2026-03-01', 'secure')], '2026-03-20').restsUntil).toBeNull();
    expect(
      standing(
        [seen('hold-seat', '2026-03-01', 'secure'), seen('hold-seat', '2026-03-14', 'secure')],
        '2026-03-14'
      ).restsUntil
    ).toBeNull();
    expect(
      standing(
        [
          seen('hold-seat', '2026-03-01', 'secure'),
          seen('hold-seat', '2026-03-10', 'mostly'),
          seen('hold-seat', '2026-03-20', 'secure')
        ],
        '2026-03-20'
      ).restsUntil
    ).toBeNull();
  });

  it('comes back once, and rests again when it still is', () => {
    const back = [
      seen('hold-seat', '2026-03-01', 'secure'),
      seen('hold-seat', '2026-03-15', 'secure'),
      seen('hold-seat', '2026-05-01', 'secure')
    ];
    expect(standing(back, '2026-05-02').restsUntil).toBe(daysLater('2026-05-01', REST_DAYS));
  });

  it('counts as looked at by its best try of the day, and not by "not seen"', () => {
    const [first, second] = [
      { checkId: 'hold-hands-off', day: '2026-03-01', outcome: { kind: 'seconds', seconds: 2 } },
      { checkId: 'hold-hands-off', day: '2026-03-01', outcome: { kind: 'seconds', seconds: 11 } }
    ] as const;
    expect(standingOf(check('hold-hands-off'), [first, second], '2026-03-02').strength).toBe(4);
    expect(standing([seen('hold-seat', '2026-03-01', 'not-seen')], '2026-03-02').lastDay).toBeNull();
  });
});

describe('the next focus', () => {
  it('begins with what everything builds on', () => {
    expect(focusOf({ checks, results: [], today: '2026-03-01' })).toMatchObject({
      category: 'stance',
      reason: { kind: 'new' }
    });
  });

  it('takes the weakest check of the category, the earlier of equals', () => {
    const results = checks
      .filter(({ category }) => category === 'hold')
      .map(({ id }) =>
        seen(id, '2026-02-20', id === 'hold-jaw' || id === 'hold-level' ? 'not-yet' : 'mostly')
      );
    expect(focusOf({ checks, results, today: '2026-03-01', category: 'hold' }).check?.id).toBe('hold-jaw');
  });

  it('is nothing while pain is open', () => {
    expect(focusOf({ checks, results: [], today: '2026-03-01', pain: true })).toMatchObject({
      category: null,
      check: null,
      reason: { kind: 'pain' }
    });
  });

  it('leaves what is for later until the rest of the category is mostly there', async () => {
    const cello = await checksFor('cello');
    const results = cello
      .filter(({ category }) => category === 'left-hand')
      .filter(({ later }) => !later)
      .map(({ id, result }): SeenResult => ({
        checkId: id,
        day: '2026-02-20',
        outcome: result === 'count' ? { kind: 'count', count: 5 } : rated('mostly')
      }));
    const open = (some: readonly SeenResult[]) =>
      openChecks(cello, 'left-hand', standingsOf({ checks: cello, results: some, today: '2026-03-01' })).some(
        ({ later }) => later
      );
    expect(open(results)).toBe(true);
    expect(open(results.slice(1))).toBe(false);
  });
});

describe('how one begins', () => {
  const openOf = (start: string, results: readonly SeenResult[]) => {
    const own = checks.flatMap((one) => inWay(one, { start }, 'violin') ?? []);
    const standings = standingsOf({ checks: own, results, today: '2026-03-01' });
    return openChecks(own, 'bow-use', standings).map(({ id }) => id);
  };
  const there = (...categories: readonly string[]) =>
    checks
      .filter(({ category, result }) => categories.includes(category) && result === 'rating')
      .map(({ id }) => seen(id, '2026-02-20', 'mostly'));
  const tests: readonly SeenResult[] = [
    { checkId: 'hold-hands-off', day: '2026-02-20', outcome: { kind: 'seconds', seconds: 4 } },
    { checkId: 'hold-arm-length', day: '2026-02-20', outcome: { kind: 'count', count: 6 } }
  ];

  it('with the holds keeps the bow’s way back until both are mostly there', () => {
    expect(openOf('holds-first', [])).toEqual([]);
    expect(openOf('holds-first', there('hold', 'bow-hand'))).toEqual([]);
    expect(openOf('holds-first', [...there('hold', 'bow-hand'), ...tests])).toContain('use-lane');
    expect(openOf('pluck-first', [])).toContain('use-lane');
  });

  it('with the bow keeps plucking for later', () => {
    expect(openOf('bow-first', [])).not.toContain('pluck-thumb');
    expect(openOf('pluck-first', [])).toContain('pluck-thumb');
  });
});

/** A player's history of a year: what is proposed is looked at, or something else of the teacher's. */
const histories = fc.record({
  family: fc.constantFrom(...FAMILIES),
  lessons: fc.integer({ min: 1, max: 30 }),
  every: fc.integer({ min: 1, max: 14 }),
  ratings: fc.array(fc.nat({ max: RATINGS.length - 1 }), { minLength: 40, maxLength: 40 })
});

it('over random histories: nothing that rests, nobody starved, pain always first', async () => {
  const libraries = new Map(
    await Promise.all(FAMILIES.map(async (family) => [family, await checksFor(family)] as const))
  );
  let tried = 0;
  fc.assert(
    fc.property(histories, ({ family, lessons, every, ratings }) => {
      const own = libraries.get(family) ?? [];
      const results: SeenResult[] = [];
      const waits = new Map(CHECK_CATEGORIES.map((category) => [category, 0]));
      let today: IsoDay = '2026-01-05';
      for (let lesson = 0; lesson < lessons; lesson++) {
        const question = { checks: own, results, today };
        const focus = focusOf(question);
        tried++;
        const resting = new Set(focus.resting.map(({ checkId }) => checkId));
        if (focus.check) expect(resting.has(focus.check.id)).toBe(false);
        expect(focusOf({ ...question, pain: true })).toMatchObject({ check: null, reason: { kind: 'pain' } });
        if (focus.category === null) break;
        const standings = standingsOf(question);
        const open = openChecks(own, focus.category, standings);
        const looks = lessonLooks(open, standings, focus.check);
        expect(looks.some(({ id }) => resting.has(id))).toBe(false);
        expect(looks.map(({ id }) => id)).toContain(focus.check?.id);
        for (const category of CHECK_CATEGORIES) {
          const there = openChecks(own, category, standings).length > 0;
          const waited = category === focus.category || !there ? 0 : (waits.get(category) ?? 0) + 1;
          waits.set(category, waited);
          expect(waited).toBeLessThanOrEqual(MOST_LESSONS_WAITING);
        }
        looks.forEach(({ id }, i) =>
          results.push({
            checkId: id,
            day: today,
            outcome: rated(RATINGS[Math.max(1, ratings[(lesson * 7 + i) % ratings.length] ?? 1)] ?? 'mostly')
          })
        );
        const next = daysLater(today, every);
        expect(daysBetween(today, next)).toBe(every);
        today = next;
      }
    }),
    { numRuns: 360, seed: 11 }
  );
  // Each lesson of each run is a history of its own.
  expect(tried).toBeGreaterThan(5000);
});
