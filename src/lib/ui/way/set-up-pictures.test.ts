import { describe, expect, it } from 'vitest';
import { figureFor, pictureOf, VIEWS } from '$lib/core/figure';
import { dimensionsOf, sizesOf } from '$lib/core/instruments';
import { REST_SCHOOLS, SCROLL_SCHOOLS, TILT_SCHOOLS } from '$lib/core/setup';
import { LANDING_LIMITS, LANDING_SCHOOLS, ruleWith } from '$lib/core/sizing';
import { gapPicture, landingPicture, scrollPicture, tiltPicture, type SetUpPicture } from './set-up-pictures';

const QUARTER = dimensionsOf('violin', '1/4');

const drawn = ({ view, pose = 'playing', readings = { height: [1260] }, ...more }: SetUpPicture) =>
  pictureOf(figureFor({ family: 'violin', instrument: QUARTER, readings, pose, ...more }), {
    view: VIEWS[view],
    detail: 0.6
  });

describe('the picture of a limit on the hand', () => {
  it.each(LANDING_SCHOOLS.flatMap((school) => sizesOf('violin').map((size) => [school, size] as const)))(
    'has the scroll just there: %s with a %s',
    (school, size) => {
      const instrument = dimensionsOf('violin', size);
      const { readings = {}, pose = '' } = landingPicture({ school }, instrument);
      const { spots, body } = figureFor({ family: 'violin', instrument, readings, pose });
      const [elbow, wrist, end] = [spots.leftElbow, spots.leftWrist, spots.scrollEnd];
      if (!elbow || !wrist || !end) throw new Error('no arm');
      const forearm = wrist.map((value, axis) => value - (elbow[axis] ?? 0));
      const along = end.reduce(
        (sum, value, axis) => sum + (value - (wrist[axis] ?? 0)) * (forearm[axis] ?? 0),
        0
      );
      const beyond = along / Math.hypot(...forearm) / body.handMm;
      expect(Math.abs(beyond - LANDING_LIMITS[school])).toBeLessThan(0.1);
    }
  );

  it('of an own limit is where the rule before stood, until it is moved', () => {
    const own = ruleWith('own', { school: 'heel' });
    expect(own).toEqual({ school: 'own', limit: LANDING_LIMITS.heel });
    expect(landingPicture(own, QUARTER)).toEqual(landingPicture({ school: 'heel' }, QUARTER));
    expect(ruleWith('wrist', own)).toEqual({ school: 'wrist' });
    expect(landingPicture({ school: 'own', limit: 0.4 }, QUARTER).readings?.height?.[0]).toBeLessThan(
      landingPicture(own, QUARTER).readings?.height?.[0] ?? 0
    );
  });
});

describe('the pictures of the ways of a set-up', () => {
  it.each([
    ['landing', LANDING_SCHOOLS.map((school) => landingPicture({ school }, QUARTER))],
    ['gap', REST_SCHOOLS.map(gapPicture)],
    ['tilt', TILT_SCHOOLS.map(tiltPicture)],
    ['scroll', SCROLL_SCHOOLS.map(scrollPicture)]
  ] as const)('of %s differ, and each shows something', (_, pictures) => {
    const lines = pictures.map((picture) => {
      const { lines: all, regions } = drawn(picture);
      expect(all.length).toBeGreaterThan(0);
      return JSON.stringify([all, regions]);
    });
    expect(new Set(lines).size).toBe(pictures.length);
  });
});
