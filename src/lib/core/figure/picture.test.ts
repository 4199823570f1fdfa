import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../instruments';
import {
  CHANGE_NAMES,
  changeKind,
  detailFor,
  figureFor,
  pairOf,
  pictureOf,
  poseNames,
  shapeOf,
  shownMm,
  STROKE_PX,
  svgOf,
  VIEW_NAMES,
  VIEWS,
  viewOf,
  windowOf
} from '.';
import { sample } from './testing';
import type { Cue } from './changes';

describe('what a view shows', () => {
  it.each(FAMILIES)('of the %s lies round the place that it comes close to', (family) => {
    const figure = figureFor(sample(family));
    for (const name of VIEW_NAMES) {
      const window = windowOf(figure, VIEWS[name]);
      const { crop } = VIEWS[name];
      expect([name, window === undefined]).toEqual([name, crop === null || !(crop.spot in figure.spots)]);
      if (!window || !crop) continue;
      const [left, top, right, bottom] = window;
      const by = crop.of === 'body' ? figure.model.bodyMm : figure.body.heightMm;
      expect(right - left).toBeCloseTo(crop.width * by, 6);
      expect(bottom - top).toBeCloseTo(crop.height * by, 6);
    }
  });

  it('fills a box in one of its directions and stays inside it in the other', () => {
    for (const name of VIEW_NAMES) {
      const detail = detailFor(VIEWS[name], { wide: 300, high: 200 }, 1300, 500);
      const { wide, high } = shownMm(VIEWS[name], 1300, 500);
      const share = [(wide * detail) / 300, (high * detail) / 200];
      expect(Math.max(...share)).toBeCloseTo(1, 9);
      expect(shapeOf(VIEWS[name])).toBeGreaterThan(0.3);
    }
  });

  it('draws nothing far beside itself', () => {
    const figure = figureFor(sample('cello'));
    const { window, lines } = pictureOf(figure, { view: VIEWS.kneesPin, detail: 0.5 });
    for (const { path } of lines)
      for (const [, x, y] of path.matchAll(/M(-?[\d.]+)[ ]?(-?[\d.]+)/g)) {
        expect(Number(x)).toBeGreaterThan(window.x - 12);
        expect(Number(x)).toBeLessThan(window.x + window.width + 12);
        expect(Number(y)).toBeGreaterThan(window.y - 12);
        expect(Number(y)).toBeLessThan(window.y + window.height + 12);
      }
  });
});

describe('a pair of right and wrong', () => {
  const fault = { kind: 'shoulder-raised', amount: 40 } as const;
  const pair = (view: keyof typeof VIEWS) =>
    pairOf(sample('violin'), sample('violin', { changes: [fault] }), { view: VIEWS[view], detail: 0.4 });

  it.each(['head', 'front'] as const)(
    'shows the same window from %s, and marks only what is wrong',
    (view) => {
      const { right, wrong } = pair(view);
      expect(wrong.window).toEqual(right.window);
      expect(right.lines.map(({ ink }) => ink)).not.toContain('marked');
      expect(wrong.lines.map(({ ink }) => ink)).toContain('marked');
      expect(right.cues).toEqual([]);
      expect(wrong.cues).toHaveLength(1);
    }
  );

  const alone = (cue?: Cue) =>
    pictureOf(figureFor(sample('violin', { changes: [fault] })), {
      view: VIEWS.head,
      detail: 0.4,
      marked: [fault],
      ...(cue ? { cue } : {})
    });

  it('leads the eye to the place, with a ring round it where nothing says what it should be', () => {
    const wrong = alone();
    const [cue] = wrong.cues;
    const spot = wrong.spots[changeKind('shoulder-raised').cue.spot];
    expect([cue?.x, cue?.y]).toEqual([spot?.[0], spot?.[1]]);
    const { from, to } = cue?.line ?? { from: [0, 0], to: [0, 1] };
    expect([from[1], to[1]]).toEqual([spot?.[1], spot?.[1]]);
    expect(to[0] - from[0]).toBeCloseTo(4.8 * (cue?.radius ?? 0), 6);
    expect(cue?.radius).toBeGreaterThan(40);
  });

  it('what leads the eye may be another place than the change’s own', () => {
    const wrong = alone({ spot: 'leftFoot', ring: 0.05 });
    expect(wrong.cues).toMatchObject([{ x: wrong.spots.leftFoot?.[0], line: null }]);
  });
});

describe('rings of several faults', () => {
  const rings = (...kinds: readonly ('fingers-flat' | 'fingers-stretched' | 'head-tipped')[]) => {
    const changes = kinds.map((kind) => ({ kind }));
    const picture = pictureOf(figureFor(sample('violin', { changes })), {
      view: VIEWS.front,
      detail: 0.3,
      marked: changes
    });
    return picture.cues.map(({ radius }) => Math.round(radius));
  };

  it('about one place are one, the largest', () => {
    const [flat] = rings('fingers-flat');
    const [stretched] = rings('fingers-stretched');
    expect(stretched).toBeGreaterThan(flat ?? Infinity);
    expect(rings('fingers-flat', 'fingers-stretched')).toEqual([stretched]);
    expect(rings('fingers-stretched', 'fingers-flat')).toEqual([stretched]);
    expect(rings('fingers-flat', 'fingers-flat')).toEqual([flat]);
  });

  it('about two places are two, and one with a line stays whatever covers it', () => {
    expect(rings('head-tipped', 'fingers-flat')).toHaveLength(2);
    const both = [{ kind: 'bow-shoulder-raised' }, { kind: 'shoulders-pulled-up' }] as const;
    const { cues } = pictureOf(figureFor(sample('violin', { changes: both })), {
      view: VIEWS.head,
      detail: 0.3,
      marked: both
    });
    expect(cues).toHaveLength(2);
  });
});

describe('changes', () => {
  it.each(FAMILIES)(
    'of the %s are seen from a view that there is, and marked at a spot that there is',
    (family) => {
      for (const name of CHANGE_NAMES) {
        const kind = changeKind(name);
        if (!kind.families.includes(family)) continue;
        expect([name, viewOf(name, family) in VIEWS]).toEqual([name, true]);
        expect(kind.usual).toBeGreaterThan(0);
        expect(kind.most).toBeGreaterThanOrEqual(kind.usual);
        const pose = kind.pose ?? 'playing';
        if (!poseNames(family).includes(pose)) continue;
        const { spots } = figureFor(sample(family, { pose, changes: [{ kind: name }] }));
        expect([name, kind.cue.spot, kind.cue.spot in spots]).toEqual([name, kind.cue.spot, true]);
      }
    }
  );

  it('a pose that the family does not have is refused by name', () => {
    expect(() => figureFor(sample('bass', { pose: 'upperBout' }))).toThrow('no pose upperBout for the bass');
  });
});

describe('a picture as a file', () => {
  const svg = (title: string) =>
    svgOf(pictureOf(figureFor(sample('viola')), { view: VIEWS.front, detail: 0.3 }), 0.3, title);

  it('stands for itself: its size in pixels, its title, and no colour from elsewhere', () => {
    const text = svg('A <viola> & "bow"');
    expect(text).toContain('<title>A &lt;viola&gt; &amp; &quot;bow&quot;</title>');
    expect(text).toMatch(
      /^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" viewBox="(-?[\d.]+ ?){4}" width="[\d.]+"/
    );
    expect(text).not.toMatch(/var\(|class=|undefined|NaN/);
  });

  it('has every stroke in pixels of the screen that it is for', () => {
    const widths = [...svg('x').matchAll(/stroke="#[0-9a-f]{6}" stroke-width="([\d.]+)"\/>/g)].map(
      ([, width]) => Number(width)
    );
    const wanted = Object.values(STROKE_PX).map((px) => Math.round((px / 0.3) * 10) / 10);
    expect(widths.length).toBeGreaterThan(2);
    for (const width of widths) expect([...wanted, Math.round((0.8 / 0.3) * 10) / 10]).toContain(width);
  });

  it('is coarser and shorter while something moves', () => {
    const figure = figureFor(sample('cello'));
    const of = (coarse: boolean) =>
      svgOf(pictureOf(figure, { view: VIEWS.left, detail: 0.4, coarse }), 0.4, 'x').length;
    expect(of(true)).toBeLessThan(0.9 * of(false));
  });
});
