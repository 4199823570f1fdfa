import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { daysLater } from '../time';
import {
  openReviews,
  remedyStandings,
  reviewsOf,
  workedHere,
  type FaultLook,
  type ReviewAnswer,
  type TriedRemedy
} from '.';

const START = '2026-01-05';
const on = (day: number) => daysLater(START, day);
let count = 0;
const look = (day: number, strength: number, ...faults: readonly string[]): FaultLook => ({
  checkId: 'hold-jaw',
  day: on(day),
  at: `${on(day)}T10:${String(count++ % 60).padStart(2, '0')}:00.000Z`,
  strength,
  faults
});
const begun = (day: number, cause: TriedRemedy['cause'] = 'habit', fault = 'cheek'): TriedRemedy => ({
  id: `r${count}`,
  checkId: 'hold-jaw',
  fault,
  cause,
  day: on(day),
  at: `${on(day)}T11:${String(count++ % 60).padStart(2, '0')}:00.000Z`
});
const standing = (remedy: TriedRemedy, looks: readonly FaultLook[], today = 60) =>
  remedyStandings([remedy], looks, on(today))[0];

describe('did it help?', () => {
  it('is open until the fault was looked for twice, and reads each time whether it is there', () => {
    const before = look(0, 1, 'cheek');
    const remedy = begun(0);
    expect(standing(remedy, [before])).toMatchObject({ open: true, effect: null });
    expect(standing(remedy, [before, look(7, 1, 'cheek')])).toMatchObject({ open: true, effect: 'not-yet' });
    expect(standing(remedy, [before, look(7, 1, 'cheek'), look(14, 4)])).toMatchObject({
      open: false,
      effect: 'helped'
    });
  });

  const gone = (day: number, strength: number, ...faults: readonly string[]): FaultLook => ({
    ...look(day, strength, ...faults),
    absent: ['cheek']
  });
  it.each([
    ['looked for and not there', [look(0, 2, 'cheek'), gone(7, 2)], 'helped'],
    ['secure: nothing is amiss', [look(0, 2, 'cheek'), look(7, 4)], 'helped'],
    ['rated higher, and still there', [look(0, 1, 'cheek'), look(7, 3, 'cheek')], 'not-yet'],
    ['rated lower, and this one gone', [look(0, 3, 'cheek'), gone(7, 1, 'clamps')], 'helped'],
    ['rated alone: nothing is said of it', [look(0, 2, 'cheek'), look(7, 3)], null],
    ['another fault of the check: nothing is said of it', [look(0, 2, 'cheek'), look(7, 2, 'clamps')], null]
  ] as const)('%s', (_, looks, effect) => expect(standing(begun(0), looks)?.effect ?? null).toBe(effect));

  it('corrected on the same day it counts once', () => {
    const looks = [look(0, 1, 'cheek'), look(7, 1, 'cheek'), gone(7, 3), look(9, 0)];
    expect(standing(begun(0), looks)?.effects).toEqual([{ day: on(7), effect: 'helped' }]);
  });

  it('two remedies of one day for two faults are judged each by its own', () => {
    const [cheek, clamps] = [begun(0), begun(0, 'habit', 'clamps')];
    const looks = [look(0, 1, 'cheek', 'clamps'), gone(7, 2, 'clamps'), gone(14, 2, 'clamps')];
    expect(remedyStandings([cheek, clamps], looks, on(20)).map(({ effect }) => effect)).toEqual([
      'helped',
      'not-yet'
    ]);
  });

  it('another remedy for the same fault takes its place; nobody looking gives it up', () => {
    const [first, second] = [begun(0), begun(10, 'set-up')];
    const found = remedyStandings([first, second], [look(0, 1, 'cheek'), look(14, 4)], on(20));
    expect(found.map(({ open, effect }) => [open, effect])).toEqual([
      [false, null],
      [true, 'helped']
    ]);
    expect(standing(first, [look(0, 1, 'cheek')], 121)).toMatchObject({ open: false, effect: null });
  });

  it('one fault is one wherever it is seen', () => {
    const at = (checkId: string, day: number, ...faults: readonly string[]): FaultLook => ({
      ...look(day, 1, ...faults),
      checkId
    });
    const remedy: TriedRemedy = { ...begun(0), checkId: 'bow-light', fault: 'fist' };
    expect(standing(remedy, [at('bow-knuckles', 7, 'fist')])).toMatchObject({ effect: 'not-yet' });
    const secure = { ...at('bow-building', 14), strength: 4 };
    expect(standing(remedy, [at('bow-knuckles', 7, 'fist'), secure])).toMatchObject({ effect: 'helped' });
  });

  it('what worked here counts what is judged, by fault and kind', () => {
    const looks = [look(0, 1, 'cheek'), look(7, 1, 'cheek'), look(14, 4)];
    const judged = remedyStandings([begun(0)], looks, on(20));
    const open = remedyStandings([begun(14)], looks, on(20));
    expect(workedHere([...judged, ...judged, ...open]).get('hold-jaw/cheek')).toEqual([
      { cause: 'habit', tries: 2, successes: 2 }
    ]);
  });

  it('a random year counts no look twice and leaves nothing open for ever', () => {
    const day = fc.nat(365);
    const year = fc.record({
      looks: fc.array(
        fc.tuple(day, fc.integer({ min: 0, max: 4 }), fc.subarray(['cheek', 'clamps', 'chin-tip'])),
        { maxLength: 60 }
      ),
      remedies: fc.array(
        fc.tuple(day, fc.constantFrom('cheek', 'clamps'), fc.constantFrom('habit', 'set-up', 'size')),
        { maxLength: 12 }
      )
    });
    fc.assert(
      fc.property(year, ({ looks, remedies }) => {
        const seen = looks.map(([at, strength, faults]) => look(at, strength, ...faults));
        const tried = remedies.map(([at, fault, cause], i) => ({ ...begun(at, cause, fault), id: `r${i}` }));
        const found = remedyStandings(tried, seen, on(365 + 121));
        expect(found).toHaveLength(tried.length);
        expect(found.some(({ open }) => open)).toBe(false);
        for (const fault of ['cheek', 'clamps']) {
          const mine = found.filter(({ remedy }) => remedy.fault === fault);
          const counted = mine.flatMap(({ effects }) => effects.map((one) => one.day));
          expect(new Set(counted).size).toBe(counted.length);
        }
        // What is undone is not counted: without the last look all is as if it had not been.
        const less = remedyStandings(tried, seen.slice(0, -1), on(365 + 121));
        expect(remedyStandings(tried, [...seen.slice(0, -1)], on(365 + 121))).toEqual(less);
        const tries = [...workedHere(found).values()].flat();
        for (const one of tries) expect(one.successes).toBeLessThanOrEqual(one.tries);
        expect(tries.reduce((sum, one) => sum + one.tries, 0)).toBe(
          found.filter(({ effect }) => effect !== null).length
        );
      }),
      { numRuns: 300 }
    );
  });
});

describe('reviews', () => {
  const back = [
    look(0, 1, 'cheek'),
    look(7, 4),
    look(14, 1, 'cheek'),
    look(17, 2),
    look(21, 4),
    look(28, 1, 'cheek'),
    look(35, 4),
    look(42, 1, 'cheek')
  ];
  const standings = (remedies: readonly TriedRemedy[], looks: readonly FaultLook[]) =>
    remedyStandings(remedies, looks, on(100));
  const answer = (day: number, state: ReviewAnswer['state'], until: number | null): ReviewAnswer => ({
    key: 'back:hold-jaw/cheek',
    day: on(day),
    state,
    until: until === null ? null : on(until)
  });

  it('a fault that is back three times after habit work asks for the set-up', () => {
    const tried = standings([begun(0)], back);
    expect(reviewsOf(tried, back.slice(0, -1), [])).toEqual([]);
    expect(reviewsOf(tried, back, [])).toEqual([
      {
        key: 'back:hold-jaw/cheek',
        review: 'set-up',
        since: on(42),
        reason: { kind: 'came-back', checkId: 'hold-jaw', fault: 'cheek', times: 3 }
      }
    ]);
    expect(reviewsOf(standings([begun(0, 'set-up')], back), back, [])).toEqual([]);
  });

  it('a fault that was only not looked for in between never came back', () => {
    const between = [0, 14, 28, 42].flatMap((day) => [look(day, 1, 'cheek'), look(day + 7, 3)]);
    expect(reviewsOf(standings([begun(0)], between), between, [])).toEqual([]);
  });

  it('what was answered to a fault of one check holds for it wherever it is seen', () => {
    const fist = (day: number, strength: number, ...faults: readonly string[]): FaultLook => ({
      ...look(day, strength, ...faults),
      checkId: day % 2 === 0 ? 'bow-light' : 'bow-knuckles'
    });
    const looks = [0, 14, 28, 43].flatMap((day) => [fist(day, 1, 'fist'), fist(day + 6, 4)]);
    const remedy: TriedRemedy = { ...begun(0), checkId: 'bow-light', fault: 'fist' };
    const due = reviewsOf(standings([remedy], looks), looks, []);
    expect(due).toMatchObject([{ key: 'back:bow-fist', reason: { times: 3 } }]);
    const earlier = { ...answer(44, 'done', null), key: 'back:bow-light/fist' };
    expect(reviewsOf(standings([remedy], looks), looks, [earlier])).toEqual([]);
  });

  it('three set-up changes without effect ask for the size', () => {
    const looks = [0, 7, 14, 21, 28, 35, 42].map((day) => look(day, 1, 'cheek'));
    const changes = [begun(0, 'set-up'), begun(14, 'set-up'), begun(28, 'set-up')];
    expect(reviewsOf(standings(changes.slice(0, 2), looks), looks, [])).toEqual([]);
    expect(reviewsOf(standings(changes, looks), looks, [])).toMatchObject([
      { review: 'size', reason: { kind: 'without-effect', times: 3 }, since: on(42) }
    ]);
  });

  it('put off it waits, done it begins anew', () => {
    const tried = standings([begun(0)], back);
    const due = reviewsOf(tried, back, []);
    const off = [answer(43, 'put-off', 70)];
    expect(openReviews(due, off, on(69))).toEqual([]);
    expect(openReviews(due, off, on(70))).toEqual(due);
    expect(reviewsOf(tried, back, [answer(43, 'done', null)])).toEqual([]);
  });
});
