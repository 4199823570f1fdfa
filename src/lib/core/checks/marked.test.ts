import { describe, expect, it } from 'vitest';
import { VIEWS, type Picture } from '../figure';
import { FAMILIES } from '../instruments';
import { checksFor, sceneOf, sidesOf } from '.';
import { drawnScene } from './testing';

const SMALL_PX = 150;

/** Whether the middle of a ring is in the picture. */
const ringsIn = ({ cues, window: { x, y, width, height } }: Picture) =>
  cues.filter((cue) => cue.x >= x && cue.x <= x + width && cue.y >= y && cue.y <= y + height);

const CASES = await Promise.all(FAMILIES.map(async (family) => [family, await checksFor(family)] as const));

describe.each(CASES)('the pictures of the %s’s faults', (family, checks) => {
  const scenes = checks.flatMap((check) =>
    sidesOf(check, family).flatMap(({ right, faults }) =>
      faults.map(({ fault, scene }) => ({ name: `${check.id} ${fault.id} ${scene.view}`, right, scene }))
    )
  );

  it('have a ring that is in the picture, and lines that bear the fault', () => {
    const bad = scenes.flatMap(({ name, scene }) => {
      const picture = drawnScene(family, scene, SMALL_PX);
      const marked = picture.lines.some(({ ink, path }) => ink === 'marked' && path.length > 0);
      return ringsIn(picture).length > 0 && marked ? [] : [`${name} ${marked ? 'no ring' : 'no mark'}`];
    });
    expect(bad).toEqual([]);
  });

  it('show what right shows: the same window, at the same scale', () => {
    for (const { name, right, scene } of scenes) {
      if (!VIEWS[scene.view].crop) continue;
      expect([name, drawnScene(family, scene, SMALL_PX).window]).toEqual([
        name,
        drawnScene(family, right, SMALL_PX).window
      ]);
    }
  });

  it('name a side of their own only where it is another than that of the check', () => {
    const idle = checks.flatMap((check) =>
      check.faults.flatMap((fault) => {
        const { view } = fault;
        const mine = typeof view === 'string' ? view : view?.[family];
        const families = check.families.filter((one) => typeof view === 'string' || view?.[one]);
        const isIdle = view !== undefined && (families.length === 0 || mine === sceneOf(check, family).view);
        return isIdle ? [`${check.id} ${fault.id}`] : [];
      })
    );
    expect(idle).toEqual([]);
  });
});
