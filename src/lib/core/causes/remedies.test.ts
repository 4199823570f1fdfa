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
  it('is open until it was looked at twice, and reads before and after', () => {
    const before = look(0, 1, 'cheek');
    const remedy = begun(0);
    expect(standing(remedy, [before])).toMatchObject({ open: true, effect: null });
    expect(standing(remedy, [before, look(7, 1, 'cheek')])).toMatchObject({ open: true, effect: 'not-yet' });
    expect(standing(remedy, [before, look(7, 1, 'cheek'), look(14, 3)])).toMatchObject({
      open: false,
      effect: 'helped'
    });
  });

  it.each([
    ['the fault is gone', [look(0, 2, 'cheek'), look(7, 2)], 'helped'],
    ['it is better, if not gone', [look(0, 1, 'cheek'), look(7, 3, 'cheek')], 'helped'],
    ['as it was', [look(0, 2, 'cheek'), look(7, 2, 'cheek')], 'not-yet'],
    ['worse', [look(0, 3, 'cheek'), look(7, 1, 'cheek')], 'worse'],
    ['worse, though this fault is gone', [look(0, 3, 'cheek'), look(7, 1, 'clamps')], 'worse']
  ] as const)('%s', (_, looks, effect) => expect(standing(begun(0), looks)?.effect).toBe(effect));

  it('corrected on the same day it counts once; not seen says nothing', () => {
    const looks = [look(0, 1, 'cheek'), look(7, 1, 'cheek'), look(7, 3), look(9, 0)];
    expect(standing(begun(0), looks)?.effects).toEqual([{ day: on(7), effect: 'helped' }]);
  });

  it('another remedy for the same look takes its place; nobody looking gives it up', () => {
    const [first, second] = [begun(0), begun(10, 'set-up')];
    const found = remedyStandings([first, second], [look(0, 1, 'cheek'), look(14, 3)], on(20));
    expect(found.map(({ open, effect }) => [open, effect])).toEqual([
      [false, null],
      [true, 'helped']
    ]);
    expect(standing(first, [look(0, 1, 'cheek')], 121)).toMatchObject({ open: false, effect: null });
  });

  it('what worked here counts what is judged, by fault and kind', () => {
    const looks = [look(0, 1, 'cheek'), look(7, 1, 'cheek'), look(14, 3)];
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
        const counted = found.flatMap(({ effects }) => effects.map((one) => one.day));
        expect(new Set(counted).size).toBe(counted.length);
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
    look(7, 3),
    look(14, 1, 'cheek'),
    look(21, 3),
    look(28, 1, 'cheek'),
    look(35, 3),
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
