import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dimensionsOf, type Family } from '../../instruments';
import { figureFor, pictureOf, svgOf, TONES, VIEWS, type Ink, type ViewName } from '..';
import { cameraOf, seen } from './camera';
import { draw } from './draw';
import { closed, flowing, simplified } from './path';
import { OF_POINT } from './line';
import { project } from './project';
import { slab } from './meshes';
import { loopsOf } from './path';
import { ball, cone, type Shape, type Solid } from './shapes';

const FRONT = { azimuth: 0, elevation: 0 };
const ink = (): Ink => 'player';
const skin = { tone: 'skin', part: 'ball' } as const;

/** All points that a path runs through. */
const pointsOf = (path: string) => loopsOf(path).flat();

describe('a camera', () => {
  it('sees left on the right from the front, on the left from behind, and the front below from above', () => {
    const at = (azimuth: number, elevation = 0) => cameraOf({ azimuth, elevation });
    expect(seen(at(0), [100, 0, 0])[0]).toBeCloseTo(100, 9);
    expect(seen(at(180), [100, 0, 0])[0]).toBeCloseTo(-100, 9);
    expect(seen(at(90), [0, 0, 100])[0]).toBeCloseTo(-100, 9);
    expect(seen(at(0), [0, 100, 0])[1]).toBeCloseTo(-100, 9);
    expect(seen(at(0, 90), [0, 0, 100])[1]).toBeCloseTo(100, 9);
  });
});

describe('the surfaces of solids', () => {
  const solids: Solid[] = [
    ball([0, 0, 0], 50, skin),
    cone([-40, 10, 0], [60, -20, 30], 30, 15, skin),
    {
      kind: 'ellipsoid',
      at: [0, 0, 0],
      axes: [
        [60, 0, 0],
        [0, 30, 10],
        [0, -5, 15]
      ],
      ...skin
    }
  ];

  it('lie where a ray to the viewer meets them', () => {
    const { surface } = project(solids[0] as Shape, cameraOf(FRONT), 1);
    expect(surface?.depth(0, 0)).toBeCloseTo(49.5, 6);
    expect(surface?.depth(30, 0)).toBeCloseTo(Math.sqrt(49.5 ** 2 - 900), 6);
    expect(surface?.depth(51, 0)).toBe(-Infinity);
  });

  it('of a cone are the nearest of all spheres along it', () => {
    const place = fc.tuple(...[1, 2, 3].map(() => fc.integer({ min: -60, max: 60 }))) as fc.Arbitrary<
      [number, number, number]
    >;
    const radius = fc.integer({ min: 3, max: 40 });
    fc.assert(
      fc.property(place, place, radius, radius, place, (a, b, ra, rb, [x, y]) => {
        const { surface } = project(cone(a, b, ra, rb, skin), cameraOf(FRONT), 1);
        const nearest = Math.max(
          ...Array.from({ length: 2001 }, (_, i) => {
            const at = (axis: 0 | 1 | 2) => a[axis] + ((b[axis] - a[axis]) * i) / 2000;
            const r = ra + ((rb - ra) * i) / 2000 - 0.5;
            const square = r * r - (x - at(0)) ** 2 - (-y - at(1)) ** 2;
            return square < 0 ? -Infinity : at(2) + Math.sqrt(square);
          })
        );
        const depth = surface?.depth(x, y) ?? NaN;
        // Where only a sliver is met, two thousand spheres may miss it.
        if (nearest === -Infinity)
          expect(depth).toSatisfy((z: number) => z === -Infinity || Number.isFinite(z));
        else expect(Math.abs(depth - nearest)).toBeLessThan(0.1);
      }),
      { numRuns: 400, seed: 4 }
    );
  });

  it('end at their contour, from any side', () => {
    fc.assert(
      fc.property(fc.nat(359), fc.integer({ min: -80, max: 80 }), fc.nat(2), (azimuth, elevation, which) => {
        const { lines, surface } = project(solids[which] as Shape, cameraOf({ azimuth, elevation }), 1);
        const line = lines[0] ?? [];
        const ring = Array.from({ length: line.length / OF_POINT }, (_, i) =>
          line.slice(i * OF_POINT, (i + 1) * OF_POINT)
        );
        const mean = (axis: 0 | 1) => ring.reduce((all, point) => all + (point[axis] ?? 0), 0) / ring.length;
        const middle = [mean(0), mean(1)] as const;
        expect(ring.length).toBeGreaterThan(8);
        for (const [x = 0, y = 0] of ring) {
          const at = (share: number) =>
            surface?.depth(middle[0] + share * (x - middle[0]), middle[1] + share * (y - middle[1]));
          expect(at(1.02)).toBe(-Infinity);
          expect(at(0.9)).toBeGreaterThan(-Infinity);
        }
      }),
      { numRuns: 200, seed: 3 }
    );
  });
});

describe('hidden lines', () => {
  const options = {
    direction: FRONT,
    detail: 1,
    inkOf: (part: string): Ink => (part === 'far' ? 'quiet' : 'player')
  };
  const near = ball([0, 0, 100], 40, { tone: 'top', part: 'near' });

  it('of what is quite behind something are not there, and of what is half behind only half', () => {
    const behind = draw([near, ball([0, 0, 0], 30, { tone: 'skin', part: 'far' })], options);
    expect(behind.lines.map(({ ink }) => ink)).toEqual(['player']);
    expect(behind.regions.map(({ tone }) => tone)).toEqual(['top']);
    const half = draw([near, ball([40, 0, 0], 30, { tone: 'skin', part: 'far' })], options);
    const far = pointsOf(half.lines.find(({ ink }) => ink === 'quiet')?.path ?? '');
    expect(far.length).toBeGreaterThan(5);
    for (const [x, y] of far) expect(Math.hypot(x, y)).toBeGreaterThan(38.5);
  });

  it('melt within one flesh, and stay where one part stands well before the other', () => {
    const limb = (z: number) =>
      draw(
        [
          cone([-60, 0, 0], [0, 0, 0], 20, 20, { tone: 'skin', part: 'near', flesh: 'arm', soft: 6 }),
          cone([0, 0, z], [60, 0, z], 20, 20, { tone: 'skin', part: 'far', flesh: 'arm', soft: 6 })
        ],
        options
      ).lines.map(({ ink, path }) => [ink, pointsOf(path).filter(([x]) => Math.abs(x) < 15).length] as const);
    // One after the other: no line crosses where they meet.
    const inside = limb(0).reduce((all, [, count]) => all + count, 0);
    const apart = limb(60).reduce((all, [, count]) => all + count, 0);
    expect(apart).toBeGreaterThan(inside);
  });

  it('and regions fill what is seen of each tone, to a pixel', () => {
    const board = slab(
      { at: [0, 0, -50], x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] },
      [
        [-60, -60],
        [-60, 60]
      ],
      [
        [60, -60],
        [60, 60]
      ],
      () => 0,
      () => 10,
      { tone: 'wood', part: 'board' }
    );
    const { regions } = draw([board, near], { ...options, inkOf: ink });
    const area = (tone: string) => {
      const path = regions.find((one) => one.tone === tone)?.path ?? '';
      return Math.abs(
        path.split('Z').reduce((all, loop) => {
          const points = pointsOf(loop);
          return (
            all +
            points.reduce((sum, [x, y], i) => {
              const [nx, ny] = points[(i + 1) % points.length] ?? [0, 0];
              return sum + (x * ny - nx * y) / 2;
            }, 0)
          );
        }, 0)
      );
    };
    expect(area('top')).toBeGreaterThan(0.95 * Math.PI * 40 ** 2);
    expect(area('top')).toBeLessThan(1.02 * Math.PI * 40 ** 2);
    expect(area('wood') + area('top')).toBeGreaterThan(0.98 * 120 ** 2);
    expect(area('wood') + area('top')).toBeLessThan(1.02 * 120 ** 2);
  });
});

describe('paths', () => {
  it('are short, keep their ends, and do not drift by rounding', () => {
    const wave = Array.from({ length: 400 }, (_, i) => [i * 1.234567, 20 * Math.sin(i / 30)]).flat();
    for (const path of [flowing(wave), closed([...wave, 0, 0], 0.01)]) {
      const [x = NaN, y = NaN] = pointsOf(path).at(-1) ?? [];
      expect(Math.hypot(x - 399 * 1.234567, y - 20 * Math.sin(399 / 30))).toBeLessThan(0.1);
    }
  });

  it('lose only what strays less than was asked', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -99, max: 99 }), { minLength: 2, maxLength: 40 }),
        fc.integer({ min: 1, max: 30 }),
        (heights, tolerance) => {
          const short = simplified(
            heights.flatMap((y, i) => [10 * i, y]),
            tolerance
          );
          const kept = short.flatMap((x, i) => (i % 2 === 0 ? [x / 10] : []));
          expect([kept[0], kept.at(-1)]).toEqual([0, heights.length - 1]);
          kept.slice(1).forEach((to, k) => {
            const from = kept[k] ?? 0;
            const [low = 0, high = 0] = [heights[from], heights[to]];
            for (let i = from; i < to; i++) {
              const off = (heights[i] ?? 0) - low - ((high - low) * (i - from)) / (to - from);
              const straight = (off * 10 * (to - from)) / Math.hypot(10 * (to - from), high - low);
              expect(Math.abs(straight)).toBeLessThanOrEqual(tolerance + 1e-9);
            }
          });
        }
      ),
      { seed: 5 }
    );
  });
});

describe('a picture', () => {
  const of = (family: Family, size: string, heightMm: number, view: ViewName) => {
    const question = { family, instrument: dimensionsOf(family, size), readings: { height: [heightMm] } };
    return pictureOf(figureFor(question), { view: VIEWS[view], detail: 0.3 });
  };

  it.each([
    ['violin', '1/4', 1260, 'front'],
    ['cello', '1/2', 1310, 'left'],
    ['bass', '3/4', 1730, 'behind'],
    ['viola', '14 in', 1500, 'leftHand']
  ] as const)('of the %s is the same twice, and made of numbers', (family, size, heightMm, view) => {
    const picture = of(family, size, heightMm, view);
    expect(of(family, size, heightMm, view)).toEqual(picture);
    const svg = svgOf(picture, 0.3, '<me> & "you"');
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
    expect(svg).toContain('&lt;me&gt; &amp; &quot;you&quot;');
    expect(picture.lines.length).toBeGreaterThan(1);
    for (const { tone } of picture.regions) expect(TONES).toContain(tone);
  });

  it('has the violin on the player’s left, and the cello’s scroll at the left ear, from both sides', () => {
    for (const [view, side] of [
      ['front', 1],
      ['behind', -1]
    ] as const) {
      const violin = of('violin', '1/4', 1260, view).spots;
      expect(side * ((violin.scroll?.[0] ?? NaN) - (violin.head?.[0] ?? NaN))).toBeGreaterThan(100);
      const cello = of('cello', '1/2', 1310, view).spots;
      expect(side * ((cello.lowestPeg?.[0] ?? NaN) - (cello.head?.[0] ?? NaN))).toBeGreaterThan(0);
    }
  });
});
