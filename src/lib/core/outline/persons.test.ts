import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { averageSeatedBody, solvePosture } from '../cello';
import { dimensionsOf, sizesOf } from '../instruments';
import {
  lowStringsView,
  seatedPersonView,
  seatedPlacing,
  standingPersonView,
  standingPlacing,
  type Point
} from '.';

const numbers = (d: string) => (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);
const distance = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);

describe('a cello in its place', () => {
  const body = averageSeatedBody(1290);
  const cello = dimensionsOf('cello', '1/2');
  const posture = solvePosture(body, cello);
  const at = seatedPlacing(posture, cello.bodyMm);

  it('lies where the posture says: contact, peg, corner and the bow’s place', () => {
    for (const [along, out, place] of [
      [cello.bodyMm - 20, 0, posture.contact],
      [1.41 * cello.bodyMm, 0.85 * cello.ribMm, posture.peg],
      [0.415 * cello.bodyMm, 0, posture.corner],
      [0.537 * cello.bodyMm, 1.6 * cello.ribMm, posture.bowContact]
    ] as const) {
      const [x, y] = at(along, out);
      expect(x).toBeCloseTo(place.x, 6);
      expect(-y).toBeCloseTo(place.y, 6);
    }
  });

  it('keeps lengths: placing neither stretches nor bends', () => {
    fc.assert(
      fc.property(fc.nat(1200), fc.nat(200), fc.nat(1200), fc.nat(200), (s1, o1, s2, o2) => {
        expect(distance(at(s1, o1), at(s2, o2))).toBeCloseTo(Math.hypot(s1 - s2, o1 - o2), 6);
      }),
      { numRuns: 200 }
    );
  });

  it('stands on the floor with its pin, and is as long as the instrument', () => {
    const view = lowStringsView(at, cello, posture.pinMm, 'cello');
    const ys = numbers(view.pin).filter((_, index) => index % 2 === 1);
    expect(Math.max(...ys)).toBeCloseTo(0, 1);
    const straight = lowStringsView((along, out) => [along, out], cello, 0, 'cello');
    expect(Math.max(...numbers(straight.scroll))).toBeGreaterThan(cello.overallMm - 5);
    expect(Math.max(...numbers(straight.scroll))).toBeLessThan(cello.overallMm + 20);
    expect(numbers(straight.body)).toContain(cello.bodyMm);
    expect(numbers(straight.body)).toContain(cello.ribMm);
  });
});

describe('a bass in its place', () => {
  const heightMm = 1650;

  it.each([...sizesOf('bass')])('of size %s stands on the floor and meets the hip', (size) => {
    const bass = dimensionsOf('bass', size);
    const at = standingPlacing(heightMm, bass, 100);
    const [, tipY] = at(-100, bass.ribMm / 2);
    expect(tipY).toBeCloseTo(0, 9);
    const backAtHip = 0.53 * heightMm;
    const along = backAtHip / Math.cos((12 * Math.PI) / 180) - 100;
    expect(at(along, 0)[0]).toBeCloseTo(0.07 * heightMm, 6);
  });

  it('leans in: the higher up, the nearer to the player', () => {
    const bass = dimensionsOf('bass', '3/4');
    const at = standingPlacing(heightMm, bass, 100);
    expect(at(1600, 0)[0]).toBeLessThan(at(200, 0)[0]);
    const upright = standingPlacing(heightMm, bass, 100, 0);
    expect(upright(1600, 0)[0]).toBeCloseTo(upright(200, 0)[0], 9);
  });
});

describe('a person', () => {
  const hand: Point = [260, -900];

  it('sits with the right hand at the bow’s place, however long the arm', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1000, max: 1900 }),
        fc.constantFrom(...sizesOf('cello')),
        fc.double({ min: 0.85, max: 1.15, noNaN: true }),
        (heightMm, size, arm) => {
          const average = averageSeatedBody(heightMm);
          const body = { ...average, armReachMm: average.armReachMm * arm };
          const posture = solvePosture(body, dimensionsOf('cello', size));
          const { rightArm, leftArm, head, trunk, legs } = seatedPersonView(body, posture, hand);
          const [endX, endY] = numbers(rightArm).slice(-2);
          expect(endX).toBeCloseTo(posture.bowContact.x, 1);
          expect(endY).toBeCloseTo(-posture.bowContact.y, 1);
          for (const path of [rightArm, leftArm, head, trunk, legs]) expect(path).not.toMatch(/NaN|Infinity/);
        }
      ),
      { numRuns: 200 }
    );
  });

  it('bends the elbow so that both parts of the arm keep their length', () => {
    const body = averageSeatedBody(1500);
    const posture = solvePosture(body, dimensionsOf('cello', '1/2'));
    const points = numbers(seatedPersonView(body, posture, hand).rightArm);
    expect(points).toHaveLength(6);
    const [sx = 0, sy = 0, ex = 0, ey = 0, hx = 0, hy = 0] = points;
    const whole = distance([sx, sy], [ex, ey]) + distance([ex, ey], [hx, hy]);
    expect(whole).toBeCloseTo(body.armReachMm, 0);
    expect(ey).toBeGreaterThan(sy);
  });

  it('stands as tall as it is, with its feet on the floor', () => {
    const { head, legs } = standingPersonView(1700, { bow: [200, -700], left: [120, -1450] });
    const tops = numbers(head).filter((_, index) => index % 2 === 1);
    expect(-Math.min(...tops)).toBeGreaterThan(1650);
    expect(-Math.min(...tops)).toBeLessThan(1730);
    expect(Math.max(...numbers(legs).filter((_, index) => index % 2 === 1))).toBeCloseTo(0, 6);
  });
});
