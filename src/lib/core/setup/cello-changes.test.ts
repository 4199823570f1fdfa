import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seatedBody } from '../cello';
import { CONTACT_BELOW_EDGE_MM, dimensionsOf } from '../instruments';
import { fittingSize } from '../sizing';
import { pinForPeg, seatedPlan, standsWith, withOwnValue } from '.';
import { bodyFor, laidFor } from './testing';

const share = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true });
const build = fc.record({
  lowerLeg: share(0.231, 0.261),
  armReach: share(0.363, 0.409),
  seatedBreastbone: share(0.19, 0.23),
  seatedEar: share(0.436, 0.464)
});

/** A body of any build with the cello that fits it. */
const given = fc.tuple(fc.integer({ min: 1000, max: 1900 }), build).map(([heightMm, shares]) => {
  const readings = Object.entries(shares).map(([id, of]) => [id, [of * heightMm]]);
  const size = fittingSize({
    family: 'cello',
    readings: { height: [heightMm], ...Object.fromEntries(readings) }
  });
  return {
    body: seatedBody(bodyFor(heightMm, shares)),
    cello: dimensionsOf('cello', size ?? '4/4')
  };
});

const stops = (plan: ReturnType<typeof seatedPlan>) =>
  plan.warnings.some(({ code }) => code === 'pin-unreachable' || code === 'anchor-unreachable');

describe('a change on a cello does what it says', () => {
  it('a pin with seat and anchor held turns the cello about its tip, in 3,000 bodies', () => {
    let met = 0;
    fc.assert(
      fc.property(given, fc.integer({ min: -60, max: 60 }), (question, by) => {
        const { values, posture } = seatedPlan(question);
        const own = withOwnValue('seated', {}, 'pin', values.pin + by, values);
        const then = seatedPlan({ ...question, own });
        if (stops(then)) return;
        met++;
        // The tip stays on its spot: R sin(t + φ) = x, worked out apart from the solver.
        const { bodyMm, ribMm } = question.cello;
        const along = bodyMm - CONTACT_BELOW_EDGE_MM + (own.pin ?? 0);
        const x = posture.pinTip.x - question.body.chestDepthMm / 2;
        const turned = Math.asin(x / Math.hypot(along, ribMm / 2)) - Math.atan2(ribMm / 2, along);
        expect(Math.abs(then.posture.angleDeg - (turned * 180) / Math.PI)).toBeLessThan(0.3);
        const pegMm = (1.41 * bodyMm + (own.pin ?? 0)) * Math.cos(turned) + 0.35 * ribMm * Math.sin(turned);
        expect(Math.abs(then.posture.peg.y - pegMm)).toBeLessThan(2);
        expect(then.values.seat).toBeCloseTo(values.seat, 6);
        if (Math.abs(by) > 2)
          expect(Math.sign(then.posture.pegAboveEarMm - posture.pegAboveEarMm)).toBe(Math.sign(by));
      }),
      { numRuns: 3000, seed: 5 }
    );
    expect(met).toBeGreaterThan(1500);
  });

  it('a peg that was read too high or too low comes to its place', () => {
    let found = 0;
    fc.assert(
      fc.property(given, fc.integer({ min: -40, max: 40 }), (question, byMm) => {
        const pin = pinForPeg(question, byMm);
        if (pin === null) return;
        const { values, posture } = seatedPlan(question);
        const then = seatedPlan({ ...question, own: withOwnValue('seated', {}, 'pin', pin, values) });
        if (stops(then)) return;
        found++;
        expect(Math.abs(then.posture.pegAboveEarMm - posture.pegAboveEarMm - byMm)).toBeLessThan(2);
      }),
      { numRuns: 1000, seed: 6 }
    );
    expect(found).toBeGreaterThan(500);
    // At 1.29 m on a half a pin 21 shorter lowers the peg by about 28.
    const question = { body: seatedBody(bodyFor(1290)), cello: dimensionsOf('cello', '1/2') };
    const pin = pinForPeg(question, -28) ?? 0;
    expect(seatedPlan(question).values.pin - pin).toBeCloseTo(21, -0.5);
  });

  it('a seat takes the cello along as it lies on the body; a turned one keeps seat and pin', () => {
    fc.assert(
      fc.property(given, fc.integer({ min: -30, max: 30 }), (question, by) => {
        const { values, posture } = seatedPlan(question);
        const raised = seatedPlan({
          ...question,
          own: withOwnValue('seated', {}, 'seat', values.seat + by, values)
        });
        expect(raised.posture.pegAboveEarMm).toBeCloseTo(posture.pegAboveEarMm, 3);
        expect(raised.posture.cornerAboveKneeMm).toBeCloseTo(posture.cornerAboveKneeMm + by, 3);
        const deg = Math.min(40, Math.max(20, values.angle + by / 10));
        const turned = seatedPlan({ ...question, own: withOwnValue('seated', {}, 'angle', deg, values) });
        if (stops(turned)) return;
        expect(turned.values.seat).toBeCloseTo(values.seat, 6);
        expect(Math.abs(turned.posture.pinMm - values.pin)).toBeLessThan(2);
        expect(Math.sign(Math.round(turned.values.anchor - values.anchor)) || 0).toBe(
          Math.sign(Math.round(deg === values.angle ? 0 : (deg - values.angle) * 100) / 100) || 0
        );
      }),
      { numRuns: 500, seed: 7 }
    );
  });

  it('holds what stands as it is, and says what follows', () => {
    const { values } = laidFor('cello', '1/2', 1300);
    const own = withOwnValue('seated', { slide: 5 }, 'pin', 180, values);
    expect(own).toEqual({ seat: values.seat, anchor: values.anchor, pin: 180 });
    expect(standsWith('pin')).toEqual({ stands: ['seat', 'anchor'], follows: ['angle', 'slide'] });
    expect(withOwnValue('seated', own, 'pin', undefined, values)).toEqual({
      seat: values.seat,
      anchor: values.anchor
    });
  });
});
