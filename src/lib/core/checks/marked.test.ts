import { describe, expect, it } from 'vitest';
import { changeKind, NOTHING_STRAYED, VIEWS, type Picture } from '../figure';
import { FAMILIES } from '../instruments';
import { checksFor, sceneOf, sidesOf } from '.';
import type { CheckScene } from './shown';
import { boxOf, drawnScene, ghostShare, ringsIn } from './testing';

const SMALL_PX = 150;

/** Smaller than this share of the picture, where a part should be is overlooked. */
const LEAST_GHOST = 0.05;

const CASES = await Promise.all(FAMILIES.map(async (family) => [family, await checksFor(family)] as const));

describe.each(CASES)('the pictures of the %s’s faults', (family, checks) => {
  const scenes = checks.flatMap((check) =>
    sidesOf(check, family).flatMap(({ right, faults }) =>
      faults.map(({ fault, scene }) => ({ name: `${check.id} ${fault.id} ${scene.view}`, right, scene }))
    )
  );

  /** Drawn once for all tests: there are hundreds. */
  const pictures = new Map<CheckScene, Picture>();
  const drawn = (scene: CheckScene): Picture => {
    const known = pictures.get(scene) ?? drawnScene(family, scene, SMALL_PX);
    pictures.set(scene, known);
    return known;
  };

  it('have lines that bear the fault, and say where it should be, which way it went, or where to look', () => {
    const bad = scenes.flatMap(({ name, scene }) => {
      const picture = drawn(scene);
      const marked = picture.lines.some(({ ink, path }) => ink === 'marked' && path.length > 0);
      const { ghost, arrow } = picture.straying ?? NOTHING_STRAYED;
      const told = arrow !== '' || ghost !== '' || ringsIn(picture).length > 0;
      return told && marked ? [] : [`${name} ${marked ? 'nothing told' : 'no mark'}`];
    });
    expect(bad).toEqual([]);
  });

  it('say of most both where it should be and which way it went', () => {
    // What presses has not moved.
    const moved = scenes.filter(
      ({ scene }) => !scene.marked.some(({ kind }) => changeKind(kind).squeezes !== undefined)
    );
    const both = moved.filter(({ scene }) => {
      const { straying } = drawn(scene);
      return straying?.ghost && straying.arrow;
    });
    expect(both.length).toBeGreaterThan(0.8 * moved.length);
  });

  it('are large: where it should be takes a good part of the picture, and the arrow is whole', () => {
    const bad = scenes.flatMap(({ name, scene }) => {
      const picture = drawn(scene);
      const { straying, window } = picture;
      const { ghost, arrow } = straying ?? NOTHING_STRAYED;
      const share = ghostShare(picture);
      const [left, top, right, bottom] = arrow === '' ? [0, 0, 0, 0] : boxOf(arrow);
      const { x, y, width, height } = window;
      const isCut = arrow !== '' && (left < x || top < y || right > x + width || bottom > y + height);
      return [
        ...(ghost !== '' && share < LEAST_GHOST ? [`${name} ghost ${share.toFixed(2)}`] : []),
        ...(isCut ? [`${name} arrow cut`] : [])
      ];
    });
    expect(bad).toEqual([]);
  });

  it('show what right shows: the same window, at the same scale', () => {
    for (const { name, right, scene } of scenes) {
      if (!VIEWS[scene.view].crop) continue;
      expect([name, drawn(scene).window]).toEqual([name, drawn(right).window]);
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
