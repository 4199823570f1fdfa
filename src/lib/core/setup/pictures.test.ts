import { describe, expect, it } from 'vitest';
import { figureFor, pictureOf, VIEWS } from '../figure';
import { sample } from '../figure/testing';
import { FAMILIES } from '../instruments';
import { LOOK_VIEWS, seenFor, SETTING_SPOTS, SETUP_KIND_OF, spotOf } from '.';

describe.each(FAMILIES)('a %s looked at as a whole', (family) => {
  const kind = SETUP_KIND_OF[family];
  const { spots, window } = pictureOf(figureFor(sample(family)), {
    view: VIEWS[LOOK_VIEWS[kind]],
    detail: 0.3
  });
  /** Where a spot lies, as shares of the picture. */
  const placeOf = (spot: string) => {
    const [x, y] = spots[spot] ?? [Number.NaN, Number.NaN];
    return [(x - window.x) / window.width, (y - window.y) / window.height] as const;
  };

  it.each(seenFor(kind).map(({ id }) => id))('shows where %s is to be seen', (id) => {
    for (const share of placeOf(spotOf(id))) {
      expect(share).toBeGreaterThan(0);
      expect(share).toBeLessThan(1);
    }
  });

  it('shows where each setting is changed that a look mends', () => {
    for (const { mends } of seenFor(kind)) {
      if (!mends) continue;
      const [x, y] = placeOf(SETTING_SPOTS[mends.setting] ?? 'nowhere');
      expect([mends.setting, x > -0.05 && x < 1.05, y > -0.05 && y < 1.05]).toEqual([
        mends.setting,
        true,
        true
      ]);
    }
  });

  it('has a few places with a few pictures each', () => {
    const all = seenFor(kind).map(({ id }) => spotOf(id));
    const places = new Set(all);
    expect(places.size).toBeGreaterThan(2);
    for (const place of places) expect(all.filter((one) => one === place).length).toBeLessThanOrEqual(3);
  });
});
