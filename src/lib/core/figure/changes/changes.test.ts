import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../../instruments';
import {
  changed,
  changeKind,
  changesFor,
  figureFor,
  pictureFor,
  pictureOf,
  POSES,
  poseNames,
  VIEWS,
  viewOf,
  type Change,
  type ChangeName
} from '..';
import { sample, SAMPLES } from '../testing';

/** The pose in which a change shows, where the family has it. */
const poseOf = (family: Family, name: ChangeName) => {
  const { pose = 'playing' } = changeKind(name);
  return poseNames(family).includes(pose) ? pose : null;
};

describe.each(FAMILIES)('the changes of the %s', (family) => {
  const names = changesFor(family).filter((name) => poseOf(family, name) !== null);

  it('each say in the picture from their own side where it should be, which way it went, or where to look', () => {
    const bad = names.flatMap((name) => {
      const asked = sample(family, { pose: poseOf(family, name) ?? 'playing', changes: [{ kind: name }] });
      const options = { view: VIEWS[viewOf(name, family)], detail: 0.3, marked: asked.changes ?? [] };
      const picture = pictureFor(asked, options);
      const { x, y, width, height } = picture.window;
      const [cue] = picture.cues;
      const inside = cue && cue.x >= x && cue.x <= x + width && cue.y >= y && cue.y <= y + height;
      const strayed = Boolean(picture.straying?.ghost || picture.straying?.arrow);
      return inside || strayed ? [] : [`${name} ${viewOf(name, family)}`];
    });
    expect(bad).toEqual([]);
  });

  it('each change the pose, further with a larger amount, and not at all by nothing', () => {
    const height = SAMPLES[family][1];
    for (const name of names) {
      const pose = POSES[family][poseOf(family, name) ?? 'playing'];
      if (!pose) throw new Error('no pose');
      const by = (amount: number): Change => ({ kind: name, amount });
      expect(changed(pose, [by(0)], height)).toEqual(pose);
      const { usual, most } = changeKind(name);
      expect([name, changed(pose, [by(usual)], height)]).not.toEqual([name, pose]);
      expect(changed(pose, [{ kind: name }], height)).toEqual(changed(pose, [by(usual)], height));
      if (most > usual)
        expect([name, changed(pose, [by(most)], height)]).not.toEqual([
          name,
          changed(pose, [by(usual)], height)
        ]);
    }
  });

  it('together do what they do one after the other', () => {
    const pose = POSES[family].playing;
    if (!pose) throw new Error('no pose');
    const height = SAMPLES[family][1];
    names.forEach((name, i) => {
      const other = names[(i + 7) % names.length] ?? name;
      const both = changed(pose, [{ kind: name }, { kind: other }], height);
      expect(both).toEqual(changed(changed(pose, [{ kind: name }], height), [{ kind: other }], height));
    });
  });
});

describe('a window without the fault', () => {
  const fault: Change = { kind: 'scroll-droops', amount: 30 };
  const options = { view: VIEWS.leftHand, detail: 0.3 };
  const windowOf = (changes: readonly Change[], marked: readonly Change[] = []) =>
    pictureFor(sample('violin', { changes }), { ...options, marked }).window;

  it('is that of the same player without it, whatever else is not as usual', () => {
    const changes: readonly Change[] = [{ kind: 'head-tipped' }, fault];
    const { x } = windowOf(changes, [fault]);
    expect(Math.abs(x - windowOf(changes).x)).toBeGreaterThan(5);
    expect(windowOf([{ kind: 'head-tipped' }]).x).toBeCloseTo(x, 6);
  });

  it('tells an amount from another, also in a copy', () => {
    const slight: Change = { kind: 'scroll-droops', amount: 12 };
    expect(windowOf([slight, { ...fault }], [fault]).x).toBeCloseTo(windowOf([slight]).x, 6);
  });
});

describe('a line through another place than the ring', () => {
  it('stands under the head from the foot up, so that a lean shows', () => {
    const changes: readonly Change[] = [{ kind: 'leaning-back' }];
    const { cues, spots } = pictureOf(figureFor(sample('violin', { changes })), {
      view: VIEWS.left,
      detail: 0.3,
      marked: changes
    });
    const [cue] = cues;
    const foot = spots.leftFoot ?? [NaN, NaN];
    expect(cue?.line?.from[0]).toBeCloseTo(foot[0], 6);
    expect(cue?.line?.to[0]).toBeCloseTo(foot[0], 6);
    expect(cue?.line?.to[1]).toBeGreaterThanOrEqual(foot[1]);
    expect(cue?.line?.from[1]).toBeLessThan(cue?.y ?? 0);
    // The head is behind it: to the right of the line, for who stands at the player's left.
    expect((cue?.x ?? 0) - foot[0]).toBeGreaterThan(80);
  });

  it('lies level at the eyes while the ring is at the nut', () => {
    const changes: readonly Change[] = [{ kind: 'bass-too-high' }];
    const { cues, spots } = pictureOf(figureFor(sample('bass', { changes })), {
      view: VIEWS.front,
      detail: 0.3,
      marked: changes
    });
    const [cue] = cues;
    expect(cue?.line?.from[1]).toBeCloseTo(spots.eyebrow?.[1] ?? NaN, 6);
    expect(cue?.y).toBeLessThan(cue?.line?.from[1] ?? -Infinity);
  });
});
