import { describe, expect, it } from 'vitest';
import { bodyOf, type Readings } from '../../body';
import { angleBetween, distance, place, sub, type Vec } from '../vector';
import { figureBody } from './lengths';
import type { Pose } from '../pose/pose';
import { POSES } from '../pose/poses';
import { EAR_AT, onHead, spineOf, type TrunkPose } from './spine';

/** Held straight. */
const STRAIGHT = POSES.violin.rest;

const bodyFor = (readings: Readings, seated = false) => {
  const known = bodyOf(readings);
  if (!known) throw new Error('no body');
  return figureBody(known, seated);
};
const tall = (heightMm: number, seated = false) => bodyFor({ height: [heightMm] }, seated);

describe('the lengths of a drawn player', () => {
  it('add up to the height, standing', () => {
    for (const heightMm of [880, 1050, 1260, 1480, 1730, 1950]) {
      const { hipMm, trunkMm, neckMm, headMm } = tall(heightMm);
      // The neck runs into the head, up to where it meets it.
      expect(hipMm + trunkMm + (neckMm - 0.22 * headMm) + headMm).toBeCloseTo(heightMm, 6);
    }
  });

  it('all grow with height, and a child’s head is larger for its height', () => {
    const [small, large] = [tall(1100), tall(1750)];
    for (const name of [
      'headMm',
      'trunkMm',
      'upperArmMm',
      'forearmMm',
      'handMm',
      'thighMm',
      'shinMm',
      'footMm'
    ] as const)
      expect([name, large[name] > small[name]]).toEqual([name, true]);
    expect(small.headMm / 1100).toBeGreaterThan(large.headMm / 1750);
  });

  it('follow what was measured: long arms are drawn long', () => {
    const usual = tall(1300);
    const long = bodyFor({ height: [1300], armToPalm: [560] });
    expect(long.upperArmMm / usual.upperArmMm).toBeGreaterThan(1.04);
    expect(long.upperArmMm / long.forearmMm).toBeCloseTo(usual.upperArmMm / usual.forearmMm, 9);
    expect(long.thighMm).toBe(usual.thighMm);
  });

  it('have legs as long as what is left of the height', () => {
    for (const heightMm of [1000, 1300, 1700]) {
      const { hipMm, thighMm, shinMm, ankleMm } = tall(heightMm);
      expect(thighMm + shinMm + ankleMm).toBeGreaterThanOrEqual(hipMm - 1);
    }
  });
});

describe('the spine', () => {
  const body = tall(1300);
  const spine = (bends: Partial<TrunkPose> = {}) =>
    spineOf(body, { ...(STRAIGHT as Pose), hips: [0, body.hipMm, 0], ...bends });
  const crown = (bends: Partial<TrunkPose> = {}): Vec => onHead(spine(bends), body)(0, 1, 0);

  it('straight, carries the head at the height that was measured', () => {
    expect(crown()[0]).toBeCloseTo(0, 6);
    expect(Math.abs(crown()[1] - 1300)).toBeLessThan(12);
  });

  it('bends the way its words say', () => {
    expect(crown({ spinePitch: 20 })[2]).toBeGreaterThan(crown()[2] + 80);
    expect(crown({ spineRoll: 20 })[0]).toBeGreaterThan(60);
    expect(crown({ headRoll: 20 })[0]).toBeGreaterThan(20);
    expect(onHead(spine({ headYaw: 40 }), body)(0, 0.5, 0.4)[0]).toBeGreaterThan(40);
    expect(crown({ spinePitch: 20 })[1]).toBeLessThan(crown()[1]);
  });

  it('has shoulders level and as far out on either side, until one is raised', () => {
    const { left, right } = spine().shoulders;
    expect(left[1]).toBeCloseTo(right[1], 9);
    expect(left[0]).toBeCloseTo(-right[0], 9);
    expect(distance(left, right)).toBeCloseTo(2 * body.shoulderHalfMm, 6);
    const raised = spine({ leftShoulderUp: 40 }).shoulders;
    expect(raised.left[1] - left[1]).toBeCloseTo(40, 6);
    expect(raised.left[0]).toBeLessThan(left[0]);
    expect(raised.right).toEqual(right);
    expect(spine({ rightShoulderForward: 30 }).shoulders.right[2] - right[2]).toBeCloseTo(30, 6);
  });

  it('a bent neck does not tip the head by itself', () => {
    const up = ({ head }: ReturnType<typeof spine>) => angleBetween(head.y, [0, 1, 0]);
    expect(up(spine({ neckPitch: 25 }))).toBeCloseTo(up(spine()), 6);
  });

  it('has the ear where the rules have it', () => {
    const ear = onHead(spine(), body)(0, EAR_AT, 0);
    expect(distance(ear, crown())).toBeCloseTo((1 - EAR_AT) * body.headMm, 6);
    expect(sub(ear, place(spine().head, [0, 0, 0]))[1]).toBeGreaterThan(0);
  });
});
