import { expect, it } from 'vitest';
import { dimensionsOf } from '$lib/core/instruments';
import { TRIAL_LOOKS } from '$lib/core/trial';
import { SKETCHES } from './sketches';

it('every look of every trial has a picture of right and wrong, and they differ', () => {
  for (const { id } of TRIAL_LOOKS) {
    const sketch = SKETCHES[id];
    expect([id, sketch !== undefined]).toEqual([id, true]);
    expect(sketch?.right).not.toEqual(sketch?.wrong);
    expect(sketch?.right.kind).toBe(sketch?.wrong.kind);
  }
});

it('no picture belongs to a look that is not there, and every size in one is made', () => {
  const looks = TRIAL_LOOKS.map(({ id }) => id);
  for (const [id, { right, wrong }] of Object.entries(SKETCHES)) {
    expect(looks).toContain(id);
    for (const pose of [right, wrong]) {
      if (pose.kind === 'seated') expect(dimensionsOf('cello', pose.size).size).toBe(pose.size);
      if (pose.kind === 'standing') expect(dimensionsOf('bass', pose.size).size).toBe(pose.size);
    }
  }
});
