import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { UPRIGHT, type Frame, type Vec } from '../vector';
import { cameraOf } from './camera';
import { Faces } from './faces';
import { disc, inRow, mesh, slab, tube, type Mesh } from './meshes';
import { discNet, slabNet, tubeNet, type Net } from './nets';
import { OF_POINT } from './line';
import { project } from './project';
import { ringAt } from './shapes';

/** How often each side is run through from its lower to its higher end, and back. */
function runsOf({ triangles, sideOf, ends }: Net): (readonly [there: number, back: number])[] {
  const runs = Array.from({ length: ends.length / 2 }, () => [0, 0] as [number, number]);
  triangles.forEach((from, corner) => {
    const side = sideOf[corner] ?? 0;
    const run = runs[side];
    if (run) run[from === ends[2 * side] ? 0 : 1] += 1;
  });
  return runs;
}

describe('the net of a surface', () => {
  it.each([
    ['a closed tube', tubeNet(5, 8, false, false)],
    ['a closed tube the other way round', tubeNet(3, 12, false, true)],
    ['a board', slabNet(7)],
    ['a disc', discNet(28)]
  ])('of %s is closed, and all its triangles turn the same way round', (_, net) => {
    expect(new Set(runsOf(net).map(([there, back]) => `${there} ${back}`))).toEqual(new Set(['1 1']));
  });

  it('of an open tube has two rims, which are run through once', () => {
    const rims = runsOf(tubeNet(4, 10, true, false)).filter(([there, back]) => there + back === 1);
    expect(rims.length).toBe(20);
  });

  it('is made once for all surfaces of one build', () => {
    expect(tubeNet(4, 10, true, false)).toBe(tubeNet(4, 10, true, false));
    expect(tubeNet(4, 10, true, false)).not.toBe(tubeNet(4, 10, false, false));
  });
});

const wood = { part: 'board', tone: 'wood' } as const;
const WINDOW = { width: 240, height: 240, detail: 1, left: -120, top: -120 };

/** A box from -40 to 40, -60 to 60 and -5 to 15. */
const box = (frame: Frame): Mesh =>
  slab(
    frame,
    [
      [-40, -60],
      [-40, 60]
    ],
    [
      [40, -60],
      [40, 60]
    ],
    () => -5,
    () => 15,
    wood
  );

/** The nearest depth of a mesh in the middle of a picture. */
function depthAt(shape: Mesh, azimuth: number, elevation: number, x = 0.3, y = 0.2): number {
  const projected = project(shape, cameraOf({ azimuth, elevation }), 1);
  return new Faces(shape, projected.points ?? new Float64Array(0), projected.box, WINDOW).depth(x, y);
}

describe('a board', () => {
  const mirrored: Frame = { ...UPRIGHT, x: [-1, 0, 0] };

  it('shows the face that is turned to the viewer, in a mirrored frame too', () => {
    for (const frame of [UPRIGHT, mirrored]) {
      expect(depthAt(box(frame), 0, 0)).toBeCloseTo(15, 6);
      expect(depthAt(box(frame), 180, 0)).toBeCloseTo(5, 6);
      expect(depthAt(box(frame), 90, 0)).toBeCloseTo(40, 6);
      expect(depthAt(box(frame), 0, 90)).toBeCloseTo(60, 6);
    }
  });

  it('has the sheet seen as its outline, and no line beside it', () => {
    const { lines } = project(box(UPRIGHT), cameraOf({ azimuth: 0, elevation: 0 }), 1);
    expect(lines.length).toBeGreaterThan(2);
    for (const line of lines)
      for (let i = 0; i < line.length; i += OF_POINT)
        expect([Math.abs(line[i] ?? NaN), Math.abs(line[i + 1] ?? NaN)]).toEqual([
          expect.closeTo(40, 6),
          expect.closeTo(60, 6)
        ]);
  });
});

describe('a tube', () => {
  /** Rings of one radius up an axis, run through in either direction. */
  const pipe = (heights: readonly number[], radius = 20, around = 24) =>
    mesh(
      tube(inRow(heights.flatMap((y) => ringAt([0, y, 0], [radius, 0, 0], [0, 0, radius], around))), around),
      { part: 'pipe', tone: 'top' }
    );

  it('looks outward however its rings run', () => {
    for (const heights of [
      [-30, 0, 30],
      [30, 0, -30]
    ])
      for (const azimuth of [0, 55, 180]) {
        expect(depthAt(pipe(heights), azimuth, 0)).toBeGreaterThan(19);
        expect(depthAt(pipe(heights), azimuth, 0)).toBeLessThan(20.01);
      }
  });

  it('is closed at either end', () => {
    expect(depthAt(pipe([-30, 0, 30]), 0, 90)).toBeCloseTo(30, 6);
    expect(depthAt(pipe([-30, 0, 30]), 0, -90)).toBeCloseTo(30, 6);
    expect(depthAt(pipe([30, 0, -30]), 0, 90)).toBeCloseTo(30, 6);
  });

  it('has a contour on either side, where it turns away, from any side', () => {
    fc.assert(
      fc.property(fc.nat(359), fc.integer({ min: -50, max: 50 }), (azimuth, elevation) => {
        const { lines } = project(pipe([-40, -10, 20, 50], 25, 40), cameraOf({ azimuth, elevation }), 1);
        const xs = lines.flatMap((line) => line.filter((_, i) => i % OF_POINT === 0));
        expect(Math.min(...xs)).toBeCloseTo(-25, 0);
        expect(Math.max(...xs)).toBeCloseTo(25, 0);
        expect(lines.length).toBeLessThanOrEqual(3);
      }),
      { numRuns: 60, seed: 8 }
    );
  });

  it('of no width or length is drawn without a number that is none', () => {
    const flat = mesh(tube(inRow(Array.from({ length: 24 }, (): Vec => [0, 0, 0])), 12), {
      part: 'dot',
      tone: 'top'
    });
    const { lines, points } = project(flat, cameraOf({ azimuth: 10, elevation: 20 }), 1);
    expect([...(points ?? []), ...lines.flat()].every(Number.isFinite)).toBe(true);
  });
});

it('a disc is as wide as its radius and as thick as asked', () => {
  const coin = disc(UPRIGHT, [0, 0, 0], 30, 4, wood);
  expect(depthAt(coin, 90, 0)).toBeCloseTo(4, 6);
  expect(depthAt(coin, -90, 0)).toBeCloseTo(4, 6);
  expect(depthAt(coin, 90, 0, 29, 0)).toBeCloseTo(4, 6);
  expect(depthAt(coin, 90, 0, 31, 0)).toBe(-Infinity);
});
