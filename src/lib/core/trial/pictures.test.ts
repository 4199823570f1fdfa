import { expect, it } from 'vitest';
import { changeKind, NOTHING_STRAYED, pairOf, POSES, VIEWS } from '../figure';
import { dimensionsOf, sizesUp } from '../instruments';
import { LOOK_PICTURES, TRIAL_LOOKS } from '.';

const SIZES = { violin: '1/4', viola: '12 in', cello: '1/2', bass: '1/2' } as const;

it('every look of every trial has a picture, and no picture belongs to a look that is not there', () => {
  expect(Object.keys(LOOK_PICTURES).toSorted()).toEqual(TRIAL_LOOKS.map(({ id }) => id).toSorted());
});

it.each(TRIAL_LOOKS.flatMap(({ id, families }) => families.map((family) => [id, family] as const)))(
  '%s shows the %s right and wrong in one window, the wrong one with what leads to it',
  (id, family) => {
    const shown = LOOK_PICTURES[id];
    if (!shown) throw new Error('no picture');
    expect(POSES[family]).toHaveProperty(shown.pose);
    for (const { kind } of shown.wrong) expect(changeKind(kind).families).toContain(family);
    const instrument = dimensionsOf(family, SIZES[family]);
    const question = { family, instrument, readings: { height: [1350] }, pose: shown.pose };
    const larger = sizesUp(family)[sizesUp(family).indexOf(SIZES[family]) + (shown.larger ?? 0)] ?? '';
    const fault = { ...question, instrument: dimensionsOf(family, larger), changes: shown.wrong };
    const options = { view: VIEWS[shown.view], detail: 0.4, ...(shown.cue ? { cue: shown.cue } : {}) };
    const { right, wrong } = pairOf(question, fault, options);
    expect(wrong.window).toEqual(right.window);
    expect(wrong.lines).not.toEqual(right.lines);
    expect(right.cues).toEqual([]);
    const { ghost, arrow } = wrong.straying ?? NOTHING_STRAYED;
    expect(wrong.cues.length + ghost.length + arrow.length).toBeGreaterThan(0);
    for (const { x, y } of wrong.cues) {
      expect(x).toBeGreaterThan(wrong.window.x);
      expect(x).toBeLessThan(wrong.window.x + wrong.window.width);
      expect(y).toBeGreaterThan(wrong.window.y);
      expect(y).toBeLessThan(wrong.window.y + wrong.window.height);
    }
  }
);
