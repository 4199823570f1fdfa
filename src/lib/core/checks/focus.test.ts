import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../instruments';
import { daysLater, type IsoDay } from '../time';
import {
  checksFor,
  focusOf,
  inWay,
  isAboutHurt,
  lessonPlan,
  RATINGS,
  readyList,
  REST_DAYS,
  standingOf,
  standingsOf,
  strengthOf,
  type Check,
  type CheckOutcome,
  type Focus,
  type Rating,
  type SeenResult
} from '.';
import { openChecks } from './gates';
import { seenOf } from './seen';

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

const openFor = (own: readonly Check[], results: readonly SeenResult[], today: IsoDay): readonly Check[] =>
  openChecks(seenOf({ checks: own, results, today }).stands).map(({ check }) => check);

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
    ['use-silent-levels', { kind: 'count', count: 0 }, 0],
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

  it('leaves what is for later until the rest of the category is secure', async () => {
    const cello = await checksFor('cello');
    const results = cello
      .filter(({ category }) => category === 'left-hand')
      .filter(({ later }) => !later)
      .map(({ id, result }): SeenResult => ({
        checkId: id,
        day: '2026-02-20',
        outcome: result === 'count' ? { kind: 'count', count: 8 } : rated('secure')
      }));
    const open = (some: readonly SeenResult[]) =>
      openFor(cello, some, '2026-03-01').some(({ later }) => later);
    expect(open(results)).toBe(true);
    expect(open(results.slice(1))).toBe(false);
  });
});

describe('how one begins', () => {
  const openOf = (start: string, results: readonly SeenResult[]) => {
    const own = checks.flatMap((one) => inWay(one, { start }, 'violin') ?? []);
    return openFor(own, results, '2026-03-01')
      .filter(({ category }) => category === 'bow-use')
      .map(({ id }) => id);
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
    expect(openOf('pluck-first', [])).not.toContain('use-lane');
    expect(openOf('pluck-first', [seen('pluck-thumb', '2026-02-20', 'not-yet')])).toContain('use-lane');
  });

  it('with the bow keeps plucking for later', () => {
    expect(openOf('bow-first', [])).not.toContain('pluck-thumb');
    expect(openOf('pluck-first', [])).toContain('pluck-thumb');
  });
});

/** A learner as lessons go: what is looked at goes up a step now and then, what is worked on more often. */
function learner(library: readonly Check[], up: number, seed: number, lessons = 36) {
  let state = seed;
  const roll = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const level = new Map<string, number>();
  const results: SeenResult[] = [];
  const course: { focus: Focus; looks: readonly Check[]; amiss: readonly string[] }[] = [];
  let today: IsoDay = '2026-01-05';
  for (let lesson = 0; lesson < lessons; lesson++) {
    const question = { checks: library, results, today };
    const { focus, looks, standings } = lessonPlan(question);
    const amiss = [...standings].filter(([, { hurts }]) => hurts).map(([id]) => id);
    course.push({ focus, looks, amiss });
    expect(focusOf({ ...question, pain: true })).toMatchObject({ check: null, category: null });
    expect(lessonPlan({ ...question, pain: true }).looks).toEqual([]);
    const resting = new Set(focus.resting.map(({ checkId }) => checkId));
    for (const { id, result } of [...looks, ...readyList(question).slice(0, 2)]) {
      expect(resting.has(id)).toBe(false);
      const chance = up + (id === focus.check?.id ? 0.3 : 0);
      const now = Math.min(4, (level.get(id) ?? 1) + (roll() < chance ? 1 : 0));
      level.set(id, now);
      const outcome: CheckOutcome =
        result === 'rating' || result === 'angle'
          ? rated(RATINGS[now] ?? 'mostly')
          : asNumber(id, library, now);
      results.push({ checkId: id, day: today, outcome });
    }
    today = daysLater(today, 7);
  }
  return { course, results };
}

/** A number that stands for a strength by the goal of a test. */
function asNumber(id: string, library: readonly Check[], strength: number): CheckOutcome {
  const found = library.find((one) => one.id === id);
  if (found?.result === 'yes-no') return { kind: 'yes-no', yes: strength >= 3 };
  const goal = found?.goal;
  if (!goal) return rated(RATINGS[strength] ?? 'mostly');
  const below = goal.better === 'more' ? 0 : goal.first + 5;
  const value = strength >= 4 ? goal.later : strength === 3 ? goal.first : below;
  return found.result === 'seconds' ? { kind: 'seconds', seconds: value } : { kind: 'count', count: value };
}

describe.each([
  [0.15, 0.5],
  [0.25, 0.7],
  [0.4, 0.8],
  [0.6, 0.95]
])('a learner of whom a look brings %d of a step', (up, seenShare) => {
  it.each(FAMILIES)('on the %s is taught as a teacher would', async (family) => {
    const library = (await checksFor(family)).flatMap(
      (one) => inWay(one, { start: 'pluck-first' }, family) ?? []
    );
    const runs = [1, 2, 3, 4, 5].map((seed) => learner(library, up, seed));
    for (const { course, results } of runs) {
      // Held two to four lessons on average, and never what is got ready.
      const categories = course.map(({ focus }) => focus.category);
      expect(categories).not.toContain('ready');
      const changes = course.filter(({ focus }, i) => i > 0 && focus.stays === 0).length + 1;
      expect(course.length / changes).toBeGreaterThanOrEqual(2);
      expect(course.length / changes).toBeLessThanOrEqual(4);
      // All that can hurt is looked at within twelve lessons.
      const early = new Set(course.slice(0, 12).flatMap(({ looks }) => looks.map(({ id }) => id)));
      const hurting = openFor(library, [], '2026-01-05').filter(isAboutHurt);
      expect(hurting.filter(({ id }) => !early.has(id)).map(({ id }) => id)).toEqual([]);
      // Seen amiss, it is looked at again in this lesson or the next.
      course.slice(0, -1).forEach(({ looks, amiss }, i) => {
        const soon = new Set([...looks, ...(course[i + 1]?.looks ?? [])].map(({ id }) => id));
        expect([i, amiss.filter((id) => !soon.has(id))]).toEqual([i, []]);
      });
      // Plucking from the first lessons, before any bow.
      const plucks = course.findIndex(({ focus }) => focus.check?.id.startsWith('pluck-'));
      const bows = course.findIndex(({ focus }) => focus.check?.id.startsWith('use-'));
      expect(plucks).toBeGreaterThanOrEqual(0);
      expect(plucks).toBeLessThan(5);
      if (bows >= 0) expect(bows).toBeGreaterThan(plucks);
      const ungated = library.filter(({ later }) => !later);
      const seenIds = new Set(results.map(({ checkId }) => checkId));
      const share = ungated.filter(({ id }) => seenIds.has(id)).length / ungated.length;
      expect(share).toBeGreaterThanOrEqual(seenShare);
    }
  });
});

it('gives nobody thumb position who does not reach by extension yet', async () => {
  const cello = await checksFor('cello');
  for (const seed of [1, 2, 3]) {
    const { course, results } = learner(cello, 0.4, seed, 70);
    const first = course.findIndex(({ looks }) => looks.some(({ id }) => id === 'left-thumb-position'));
    if (first < 0) continue;
    const day = daysLater('2026-01-05', 7 * first);
    const before = results.filter((one) => one.day < day);
    const standings = standingsOf({ checks: cello, results: before, today: day });
    expect(standings.get('left-extension')?.strength).toBe(4);
  }
});

it('keeps the category through the lesson, whatever is seen in it, and turns to what can hurt', () => {
  const earlier = [seen('stance-feet', '2026-03-01', 'not-yet')];
  const question = { checks, results: earlier, today: '2026-03-08' };
  const before = focusOf(question);
  expect(before).toMatchObject({ category: 'stance', stays: 1 });
  const thisLesson = [{ ...seen('hold-shoulder', '2026-03-08', 'not-yet'), faults: ['raised'] }];
  expect(focusOf({ ...question, thisLesson })).toMatchObject({
    category: 'stance',
    check: { id: 'hold-shoulder' },
    reason: { kind: 'hurts' }
  });
});
