import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  across,
  add,
  angleBetween,
  bent,
  cross,
  direct,
  distance,
  dot,
  length,
  mix,
  place,
  scale,
  sub,
  sum,
  turn,
  unit,
  UPRIGHT,
  within,
  type Vec
} from './vector';

const vec = fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -900, max: 900, noNaN: true }))) as fc.Arbitrary<
  [number, number, number]
>;
/** A direction that is one. */
const way = vec.filter((v) => length(v) > 1).map(unit);
const degrees = fc.double({ min: -170, max: 170, noNaN: true });
const near = (a: Vec, b: Vec, within = 1e-6) => expect(distance(a, b)).toBeLessThan(within);

describe('vectors', () => {
  it('by hand', () => {
    expect(add([1, 2, 3], [10, 20, 30])).toEqual([11, 22, 33]);
    expect(sub([1, 2, 3], [10, 20, 30])).toEqual([-9, -18, -27]);
    expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1]);
    expect(dot([1, 2, 3], [4, 5, 6])).toBe(32);
    expect(length([2, 3, 6])).toBe(7);
    expect(mix([0, 0, 0], [10, 20, 30], 0.3)).toEqual([3, 6, 9]);
    expect(sum([1, 0, 0], [0, 2, 0], [0, 0, 3])).toEqual([1, 2, 3]);
    // Left is on the player's left: the front turned by a quarter to the left.
    near(turn([0, 0, 1], [0, 1, 0], 90), [1, 0, 0]);
    expect(angleBetween([1, 0, 0], [0, 5, 0])).toBeCloseTo(90, 9);
  });

  it('what is no direction stays none', () => {
    expect(unit([0, 0, 0])).toEqual([0, 0, 0]);
    expect(across([0, 3, 0], [0, 1, 0])).toEqual([0, 0, 0]);
  });

  it('a turn keeps lengths and the angle to its axis, and is undone by the turn back', () => {
    fc.assert(
      fc.property(vec, way, degrees, (v, axis, deg) => {
        const turned = turn(v, axis, deg);
        expect(length(turned)).toBeCloseTo(length(v), 6);
        expect(dot(turned, axis)).toBeCloseTo(dot(v, axis), 6);
        near(turn(turned, axis, -deg), v);
      }),
      { numRuns: 300, seed: 1 }
    );
  });

  it('across an axis stands at right angles to it, on the side of the direction', () => {
    fc.assert(
      fc.property(way, way, (v, axis) => {
        fc.pre(Math.abs(dot(v, axis)) < 0.999);
        const out = across(v, axis);
        expect(dot(out, axis)).toBeCloseTo(0, 6);
        expect(length(out)).toBeCloseTo(1, 6);
        expect(dot(out, v)).toBeGreaterThan(0);
      }),
      { numRuns: 300, seed: 2 }
    );
  });
});

describe('frames', () => {
  const bend = fc.record({ yaw: degrees, pitch: degrees, roll: degrees });

  it('lead there and back', () => {
    fc.assert(
      fc.property(vec, vec, bend, (at, point, bends) => {
        const frame = bent({ ...UPRIGHT, at }, bends);
        near(within(frame, place(frame, point)), point);
        near(place(frame, [0, 0, 0]), at);
        near(sub(place(frame, point), at), direct(frame, point));
      }),
      { numRuns: 300, seed: 3 }
    );
  });

  it('stay right-handed, with axes of one unit, however they are bent', () => {
    fc.assert(
      fc.property(bend, (bends) => {
        const { x, y, z } = bent(UPRIGHT, bends);
        near(cross(x, y), z);
        for (const axis of [x, y, z]) expect(length(axis)).toBeCloseTo(1, 9);
      }),
      { numRuns: 200, seed: 4 }
    );
  });

  it('yaw turns to the left, pitch bends forward, roll tips to the left', () => {
    const top: Vec = [0, 100, 0];
    expect(place(bent(UPRIGHT, { yaw: 30 }), [0, 0, 100])[0]).toBeGreaterThan(49);
    expect(place(bent(UPRIGHT, { pitch: 30 }), top)[2]).toBeGreaterThan(49);
    expect(place(bent(UPRIGHT, { roll: 30 }), top)[0]).toBeGreaterThan(49);
    expect(scale(place(bent(UPRIGHT, {}), top), 1)).toEqual(top);
  });
});
