import { describe, expect, it } from 'vitest';
import { checksFor, lessonPlan, readyList, walkOf, type Rating, type SeenResult } from '.';

const violin = await checksFor('violin');
const seen = (checkId: string, day: string, rating: Rating, faults?: readonly string[]): SeenResult => ({
  checkId,
  day,
  outcome: { kind: 'rating', rating },
  ...(faults ? { faults } : {})
});
const today = '2026-11-24';
const hold = violin.filter(({ category, result }) => category === 'hold' && result === 'rating');
const plan = (results: readonly SeenResult[], category: 'hold' | null = null) =>
  lessonPlan({ checks: violin, results, today, category });

describe('the looks of a lesson', () => {
  it('are the weakest of a category that was chosen, at most six, in the order of the walk', () => {
    const results = hold.map(({ id }, i) => seen(id, '2026-11-01', i < 3 ? 'secure' : 'not-yet'));
    const { looks } = plan(results, 'hold');
    expect(looks).toHaveLength(6);
    expect(looks).toEqual(walkOf(looks));
    for (const { id } of looks) expect(hold.findIndex((one) => one.id === id)).not.toBeLessThan(3);
  });

  it('of as weak ones are those that were not seen for longest', () => {
    const tested = violin.filter(({ category, result }) => category === 'hold' && result !== 'rating');
    const results = [
      ...hold.map(({ id }, i) => seen(id, i % 2 === 0 ? '2026-11-20' : '2026-06-02', 'mostly')),
      ...tested.map(({ id }): SeenResult => ({
        checkId: id,
        day: '2026-11-20',
        outcome: id === 'hold-hands-off' ? { kind: 'seconds', seconds: 4 } : { kind: 'count', count: 6 }
      }))
    ];
    const days = plan(results, 'hold').looks.map(({ id }) => results.find((one) => one.checkId === id)?.day);
    expect(days).toEqual(Array(6).fill('2026-06-02'));
  });

  it('have what can hurt and was amiss among them, whatever the lesson is about, and one look around', () => {
    const results = [
      seen('stance-feet', '2026-11-17', 'not-yet'),
      seen('use-shoulder', '2026-11-17', 'not-yet')
    ];
    const { focus, looks } = plan(results);
    expect(focus.category).toBe('stance');
    expect(looks.map(({ id }) => id)).toContain('use-shoulder');
    const elsewhere = looks.filter(({ category, id }) => category !== 'stance' && id !== 'use-shoulder');
    expect(elsewhere).toHaveLength(1);
    // Another fault of the same check hurts nobody.
    const harmless = [
      seen('stance-feet', '2026-11-17', 'not-yet'),
      seen('use-tip', '2026-11-17', 'not-yet', ['slant'])
    ];
    expect(plan(harmless).looks.map(({ id }) => id)).not.toContain('use-tip');
  });

  it('put what can hurt before what was planned for a group, and not before what was chosen', () => {
    const results = [
      seen('stance-feet', '2026-11-17', 'mostly'),
      seen('use-shoulder', '2026-11-17', 'not-yet')
    ];
    const question = { checks: violin, results, today, category: 'hold' as const };
    const ids = (planned: boolean) => lessonPlan({ ...question, planned }).looks.map(({ id }) => id);
    expect(ids(true)).toContain('use-shoulder');
    expect(ids(false)).not.toContain('use-shoulder');
  });

  it('come back to what was worked on', () => {
    const results = [seen('stance-feet', '2026-11-17', 'not-yet'), seen('bow-light', '2026-11-17', 'mostly')];
    const question = { checks: violin, results, today };
    expect(lessonPlan(question).looks.map(({ id }) => id)).not.toContain('bow-light');
    expect(lessonPlan({ ...question, worked: ['bow-light'] }).looks.map(({ id }) => id)).toContain(
      'bow-light'
    );
    expect(
      lessonPlan({ ...question, category: 'hold', worked: ['hold-tilt'] }).looks.map(({ id }) => id)
    ).toContain('hold-tilt');
  });

  it('leave alone for one lesson what came no further in three', () => {
    const days = ['2026-11-03', '2026-11-10', '2026-11-17'];
    const stuck = days.flatMap((day) => [
      seen('hold-shoulder', day, 'not-yet'),
      ...['stance-feet', 'stance-knees'].map((id) => seen(id, day, 'mostly'))
    ]);
    expect(plan(stuck).looks.map(({ id }) => id)).not.toContain('hold-shoulder');
    const later = [...stuck, seen('stance-back', '2026-11-20', 'mostly')];
    expect(plan(later).looks.map(({ id }) => id)).toContain('hold-shoulder');
  });
});

it('what is got ready is a list, what was amiss last time first', () => {
  const results = [seen('ready-tune', '2026-11-17', 'secure'), seen('ready-rosin', '2026-11-17', 'not-yet')];
  const list = readyList({ checks: violin, results, today });
  expect(list[0]).toMatchObject({ id: 'ready-rosin', amiss: true });
  expect(list.at(-1)?.id).toBe('ready-tune');
  expect(list.every(({ category }) => category === 'ready')).toBe(true);
});
