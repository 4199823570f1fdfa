import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cameraOf } from './camera';
import { project } from './project';
import { Raster } from './raster';
import { regionsOf } from './regions';
import { ball, cone, type Shape } from './shapes';

/** A picture of letters, a pixel each: `.` is nothing, `a` the first solid, `b` the second. */
function traced(rows: readonly string[], detail = 1) {
  const width = rows[0]?.length ?? 0;
  const nearest = Int16Array.from(rows.join(''), (letter) =>
    letter === '.' ? -1 : letter.charCodeAt(0) - 'a'.charCodeAt(0)
  );
  const grid = { width, height: rows.length, detail, left: 0, top: 0 };
  return regionsOf(grid, nearest, Uint8Array.of(1, 2, 3));
}

/** Area inside a loop, holes below 0. */
const areaOf = (loop: readonly number[]): number => {
  let all = 0;
  for (let i = 0; i + 3 < loop.length; i += 2)
    all += ((loop[i] ?? 0) * (loop[i + 3] ?? 0) - (loop[i + 2] ?? 0) * (loop[i + 1] ?? 0)) / 2;
  return all;
};
const areas = (loops: readonly (readonly number[])[] | undefined) => (loops ?? []).map(areaOf);

describe('regions', () => {
  it('of nothing are none', () => {
    expect(traced(['...', '...']).size).toBe(0);
  });

  it('run once round each patch, and come back to where they began', () => {
    const found = traced(['aa..a', 'aa..a', '.....', 'bbb..']);
    expect([...found.keys()].sort()).toEqual([1, 2]);
    expect(found.get(1)).toHaveLength(2);
    for (const loop of [...found.values()].flat()) expect(loop.slice(0, 2)).toEqual(loop.slice(-2));
  });

  it('have holes that run the other way round', () => {
    const [outside = 0, hole = 0] = areas(traced(['aaaaa', 'aaaaa', 'aa.aa', 'aaaaa', 'aaaaa']).get(1));
    expect(Math.sign(outside)).toBe(-Math.sign(hole));
    expect(Math.abs(outside)).toBeGreaterThan(20);
    expect(Math.abs(hole)).toBeLessThan(1.1);
  });

  it('part where only corners touch', () => {
    expect(traced(['a.', '.a']).get(1)?.length).toBeGreaterThanOrEqual(1);
    expect(areas(traced(['a.', '.a']).get(1)).reduce((sum, one) => sum + Math.abs(one), 0)).toBeGreaterThan(
      0.9
    );
  });

  it('reach to the very edge of the picture', () => {
    const [loop = []] = traced(['aaa', 'aaa']).get(1) ?? [];
    const xs = loop.filter((_, i) => i % 2 === 0);
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([0, 3]);
  });

  it('cover about as much as their pixels, whatever the picture', () => {
    const rows = fc.array(fc.stringMatching(/^[.ab]{12}$/), { minLength: 12, maxLength: 12 });
    fc.assert(
      fc.property(rows, (picture) => {
        for (const [label, letter] of [
          [1, 'a'],
          [2, 'b']
        ] as const) {
          const pixels = picture.join('').split(letter).length - 1;
          const found = traced(picture).get(label);
          expect(found === undefined).toBe(pixels === 0);
          // Cut corners take at most half of each pixel.
          const area = Math.abs(areas(found).reduce((sum, one) => sum + one, 0));
          expect(area).toBeGreaterThan(0.4 * pixels - 0.01);
          expect(area).toBeLessThan(1.01 * pixels + 0.01);
        }
      }),
      { numRuns: 150, seed: 7 }
    );
  });

  it('lie to scale', () => {
    const [fine = 0] = areas(traced(['aaaa', 'aaaa', 'aaaa', 'aaaa'], 0.5).get(1));
    const [whole = 0] = areas(traced(['aaaa', 'aaaa', 'aaaa', 'aaaa']).get(1));
    expect(fine).toBeCloseTo(4 * whole, 6);
  });
});

describe('what is nearest', () => {
  const camera = cameraOf({ azimuth: 0, elevation: 0 });
  const rasterOf = (shapes: readonly Shape[]) =>
    new Raster(
      shapes.map((shape) => project(shape, camera, 1)),
      [-50, -50, 50, 50],
      1
    );
  const look = { tone: 'skin', part: 'ball' } as const;

  it('is the solid before all others, and behind it that of another flesh', () => {
    const raster = rasterOf([ball([0, 0, 0], 30, look), ball([0, 0, 60], 10, look)]);
    const [middle, side] = [raster.pixel(0, 0), raster.pixel(20, 0)];
    expect([raster.nearest[middle], raster.second[middle]]).toEqual([1, 0]);
    expect([raster.nearest[side], raster.second[side]]).toEqual([0, -1]);
  });

  it('shapes of one flesh do not stand behind each other', () => {
    const arm = { ...look, flesh: 'arm' };
    const raster = rasterOf([
      ball([0, 0, 0], 20, look),
      cone([-30, 0, 40], [30, 0, 40], 12, 12, arm),
      cone([-30, 0, 70], [30, 0, 70], 8, 8, arm)
    ]);
    const middle = raster.pixel(0, 0);
    expect([raster.nearest[middle], raster.second[middle]]).toEqual([2, 0]);
  });

  it('does not depend on the order of the solids', () => {
    const solids = [ball([0, 0, 0], 30, look), ball([8, 4, 50], 14, look), ball([-9, -6, 90], 9, look)];
    const there = rasterOf(solids);
    const seen = [...there.nearest];
    const back = rasterOf([...solids].reverse());
    expect([...back.nearest].map((one) => (one < 0 ? one : 2 - one))).toEqual(seen);
  });

  it('beside the picture there is nothing', () => {
    const raster = rasterOf([ball([0, 0, 0], 30, look)]);
    expect(raster.pixel(-51, 0)).toBe(-1);
    expect(raster.pixel(0, 50.5)).toBe(-1);
    expect(raster.depthOf(0, 45, 0)).toBe(-Infinity);
  });
});
