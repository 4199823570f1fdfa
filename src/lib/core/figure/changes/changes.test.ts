import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../../instruments';
import {
  changed,
  changeKind,
  changesFor,
  figureFor,
  pictureOf,
  POSES,
  poseNames,
  VIEWS,
  viewOf,
  windowWithout,
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

  it('each have their ring and their line in the picture from their own side', () => {
    const bad = names.flatMap((name) => {
      const asked = sample(family, { pose: poseOf(family, name) ?? 'playing', changes: [{ kind: name }] });
      const options = { view: VIEWS[viewOf(name, family)], detail: 0.3, marked: asked.changes ?? [] };
      const picture = pictureOf(figureFor(asked), options, windowWithout(asked, options));
      const { x, y, width, height } = picture.window;
      const [cue] = picture.cues;
      const inside = cue && cue.x >= x && cue.x <= x + width && cue.y >= y && cue.y <= y + height;
      return inside ? [] : [`${name} ${viewOf(name, family)}`];
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

  it('is that of the same player without it, whatever else is not as usual', () => {
    const changes: readonly Change[] = [{ kind: 'head-tipped' }, fault];
    const asked = sample('violin', { changes });
    const [left = NaN] = windowWithout(asked, { view: VIEWS.leftHand, marked: [fault] }) ?? [];
    const right = sample('violin', { changes: [{ kind: 'head-tipped' }] });
    const own = pictureOf(figureFor(asked), { view: VIEWS.leftHand, detail: 0.3 }).window;
    expect(Math.abs(left - own.x)).toBeGreaterThan(5);
    expect(pictureOf(figureFor(right), { view: VIEWS.leftHand, detail: 0.3 }).window.x).toBeCloseTo(left, 6);
  });

  it('tells an amount from another, also in a copy', () => {
    const changes: readonly Change[] = [{ kind: 'scroll-droops', amount: 12 }, { ...fault }];
    const kept = windowWithout(sample('violin', { changes }), { view: VIEWS.leftHand, marked: [fault] });
    const right = sample('violin', { changes: [{ kind: 'scroll-droops', amount: 12 }] });
    expect(kept?.[0]).toBeCloseTo(
      pictureOf(figureFor(right), { view: VIEWS.leftHand, detail: 0.3 }).window.x,
      6
    );
  });

  it('is left open where all is shown, or nothing is marked', () => {
    const asked = sample('cello', { changes: [{ kind: 'slumped' }] });
    expect(windowWithout(asked, { view: VIEWS.front, marked: asked.changes ?? [] })).toBeUndefined();
    expect(windowWithout(asked, { view: VIEWS.leftHand })).toBeUndefined();
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
