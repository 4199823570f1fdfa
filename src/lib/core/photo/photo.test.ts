import { describe, expect, it } from 'vitest';
import { changesFor, type Change } from '../figure';
import { add, cross, scale, unit } from '../figure/vector';
import { FAMILIES, type Family } from '../instruments';
import { photographed, sitterOf, type Stands } from './testing';
import {
  ANGLE_IDS,
  angleKind,
  anglesFor,
  bandOf,
  errorOf,
  isOffered,
  keptSize,
  needsLevel,
  pieceRound,
  readAngle,
  rollOf,
  turned,
  usualPoints,
  verdictOf,
  type AngleId,
  type At
} from '.';
import { seeded } from '../dice.testing';

const LONG_PX = 1280;
const CASES = ANGLE_IDS.flatMap((id) => angleKind(id).families.map((family) => ({ id, family })));
const AS_IT_IS: Stands = { roundDeg: 0, offMm: 0, rollDeg: 0, distanceMm: null, longPx: LONG_PX };

describe('an angle on a picture', () => {
  it('is read as by hand', () => {
    expect(
      readAngle('shoulders', [
        [100, 90],
        [300, 120]
      ])
    ).toBeCloseTo(8.53, 2);
    // From behind and from the front, mirrored or not: the left one is higher.
    expect(
      readAngle('shoulders', [
        [300, 90],
        [100, 120]
      ])
    ).toBeCloseTo(8.53, 2);
    expect(
      readAngle('trunk', [
        [0, 100],
        [10, 0]
      ])
    ).toBeCloseTo(5.71, 2);
    expect(
      readAngle('left-wrist', [
        [0, 0],
        [100, 0],
        [200, 0]
      ])
    ).toBeCloseTo(0, 5);
    expect(
      readAngle('left-wrist', [
        [0, 0],
        [100, 0],
        [150, 50]
      ])
    ).toBeCloseTo(45, 5);
    expect(
      readAngle('bow-string', [
        [0, 0],
        [100, 10],
        [50, 60],
        [50, -60]
      ])
    ).toBeCloseTo(95.71, 2);
    // Seen from above, looking up the page, the scroll to the left.
    expect(
      readAngle('scroll-direction', [
        [-50, 0],
        [50, 0],
        [0, 0],
        [-40, -40]
      ])
    ).toBeCloseTo(45, 5);
    expect(
      readAngle('head-violin', [
        [0, 10],
        [100, 0],
        [0, 100],
        [100, 100]
      ])
    ).toBeCloseTo(-5.71, 2);
  });

  it('is the same however the camera was held, once a level or a plumb line is drawn', () => {
    for (const { id } of CASES)
      for (const roll of [-7, 4]) {
        const points = usualPoints(id, LONG_PX, 960);
        const held = turned(points, roll);
        const [level, plumb] = [
          turned(
            [
              [0, 0],
              [400, 0]
            ],
            roll
          ),
          turned(
            [
              [0, 0],
              [0, 400]
            ],
            roll
          )
        ];
        for (const [a, b] of [level, plumb])
          expect(readAngle(id, held, rollOf([a ?? [0, 0], b ?? [0, 0]]))).toBeCloseTo(
            readAngle(id, points),
            6
          );
      }
  });

  it('is right, not right, or not to be told by its error', () => {
    expect(verdictOf(1, 2, [-4, 4])).toBe('inside');
    expect(verdictOf(3, 2, [-4, 4])).toBe('open');
    expect(verdictOf(-7, 2, [-4, 4])).toBe('outside');
    // Nothing is straighter than straight.
    expect(verdictOf(1, 3, [0, 5])).toBe('inside');
  });

  it('comes first where it speaks to the check, and once', () => {
    expect(anglesFor('violin', 'stance-shoulders')[0]).toBe('shoulders');
    expect(anglesFor('cello', 'hold-peg')[0]).toBe('cello-angle');
    for (const family of FAMILIES) {
      const all = anglesFor(family, 'use-straight');
      expect(all[0]).toBe('bow-string');
      expect(new Set(all).size).toBe(all.length);
    }
  });

  it('of the drawn figure as it should be is right', () => {
    for (const { id, family } of CASES) {
      const sitter = sitterOf(family, id);
      const places = angleKind(id).points.map(([point]) => sitter.places[point]);
      const deg = readAngle(id, photographed(sitter, places, middleOf(places), AS_IT_IS));
      const band = bandOf(id, { celloDeg: 30 });
      expect([id, family, band !== null && deg >= band[0] && deg <= band[1], deg]).toEqual([
        id,
        family,
        true,
        deg
      ]);
    }
  });
});

const middleOf = (places: readonly (readonly [number, number, number])[]) =>
  places.reduce((sum, one) => add(sum, scale(one, 1 / places.length)), [0, 0, 0] as const);

/** Faults that change some angle. */
const FAULTS: readonly Change['kind'][] = [
  'shoulder-raised',
  'head-tipped',
  'wrist-caved',
  'bow-oblique',
  'elbow-out',
  'scroll-droops',
  'bow-wrist-dropped'
];

/** Readings of a figure by cameras that stand a little wrong, with points laid a little wrong. */
function readings(id: AngleId, family: Family, square: boolean, seed: number, count: number) {
  const random = seeded(seed);
  const any = (most: number) => (2 * random() - 1) * most;
  const { points, distanceMm, families } = angleKind(id);
  expect(families).toContain(family);
  return Array.from({ length: count }, (_, turn) => {
    const kind = FAULTS[turn % (2 * FAULTS.length)];
    const fits = kind !== undefined && changesFor(family).includes(kind);
    const sitter = sitterOf(family, id, fits ? [{ kind }] : []);
    const places = points.map(([point]) => sitter.places[point]);
    const middle = middleOf(places);
    const truth = readAngle(id, photographed(sitter, places, middle, AS_IT_IS));
    const stands = {
      roundDeg: any(square ? 6 : 15),
      offMm: any(square ? 80 : 300),
      rollDeg: any(5),
      distanceMm,
      longPx: LONG_PX
    };
    // A door frame behind, about the middle.
    const right = unit(cross(sitter.up, sitter.towards));
    const behind = add(middle, add(scale(sitter.towards, -600), scale(right, any(120))));
    const edge = [add(behind, scale(sitter.up, -350)), add(behind, scale(sitter.up, 350))];
    const seen = photographed(sitter, [...places, ...edge], middle, stands);
    const laid = seen.map(([x, y]): At => [x + any(3), y + any(3)]);
    const [from = [0, 0], to = [0, 0]] = laid.slice(points.length) as readonly At[];
    const roll = rollOf([from, to]);
    const mine = laid.slice(0, points.length);
    const levelPx = Math.hypot(to[0] - from[0], to[1] - from[1]);
    return {
      off: Math.abs(readAngle(id, mine, roll) - truth),
      error: errorOf(id, needsLevel(id) ? turned(mine, -roll) : mine, {
        longPx: LONG_PX,
        distanceMm,
        square,
        levelPx
      })
    };
  });
}

describe('what is kept of a picture', () => {
  it('is the piece round the points, within the picture, and no larger than a screen', () => {
    for (const { id } of CASES) {
      const points = usualPoints(id, 4000, 3000);
      const piece = pieceRound(points, 4000, 3000);
      for (const [x, y] of points) {
        expect(x >= piece.x && x <= piece.x + piece.width).toBe(true);
        expect(y >= piece.y && y <= piece.y + piece.height).toBe(true);
      }
      expect(piece.x >= 0 && piece.x + piece.width <= 4000).toBe(true);
      const kept = keptSize(piece);
      expect(Math.max(kept.width, kept.height)).toBeLessThanOrEqual(1280);
      expect(kept.width / kept.height).toBeCloseTo(piece.width / piece.height, 1);
    }
    // Whoever stands at the other side of the room is not in it.
    const piece = pieceRound(
      [
        [100, 100],
        [300, 110]
      ],
      2000,
      1500
    );
    expect(piece.x + piece.width).toBeLessThan(700);
    expect(keptSize({ x: 0, y: 0, width: 300, height: 200 })).toEqual({ width: 300, height: 200 });
  });
});

describe('an angle is offered', () => {
  it('where a usual camera can settle it, and not where the picture is too small', () => {
    for (const { id } of CASES) {
      const band = bandOf(id, { celloDeg: 30 });
      expect([id, isOffered(id, 1280, 960, band)]).toEqual([id, true]);
      expect([id, isOffered(id, 160, 120, band)]).toEqual([id, false]);
    }
  });

  it('with an error that grows with the distance: a wrist on a whole child is not settled', () => {
    const near = { longPx: LONG_PX, distanceMm: 600, square: true, levelPx: null };
    const whole = { ...near, distanceMm: 2500 };
    const points = usualPoints('left-wrist', LONG_PX, 720);
    const far = points.map(([x, y]): At => [(x * 600) / 2500, (y * 600) / 2500]);
    expect(errorOf('left-wrist', points, near)).toBeLessThan(4);
    expect(errorOf('left-wrist', far, whole)).toBeGreaterThan(9);
  });
});

describe('the error that is told', () => {
  it.each(CASES)(
    'holds the truth in 95 % from where one usually stands: $id of the $family',
    ({ id, family }) => {
      for (const square of [false, true]) {
        const all = readings(id, family, square, 11, 400);
        const within = all.filter(({ off, error }) => off <= error).length / all.length;
        expect([id, family, square, within >= 0.95, within]).toEqual([id, family, square, true, within]);
      }
    }
  );
});
