import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { averageSeatedBody, misfit, seatedPosture } from '../cello';
import { bodyOf, type Readings } from '../body';
import { dimensionsOf } from '../instruments';
import {
  changesBetween,
  noAdjustments,
  seatedPlan,
  settleSeated,
  settleStanding,
  standingPlan,
  toNotch
} from '.';

const cello = (size: string) => dimensionsOf('cello', size);
const bass = (size: string) => dimensionsOf('bass', size);
const seated = (size: string, heightMm: number, own = {}) =>
  seatedPlan({ body: averageSeatedBody(heightMm), cello: cello(size), own });
const heightsOf = (readings: Readings) => {
  const body = bodyOf(readings);
  if (!body) throw new Error('no body');
  return {
    gripHangMm: body.length('gripHang').mm,
    cheekMm: body.length('cheek').mm,
    eyebrowMm: body.length('eyebrow').mm
  };
};
const standing = (size: string, heightMm: number, own = {}, notchesMm: readonly number[] = []) =>
  standingPlan({ heights: heightsOf({ height: [heightMm] }), bass: bass(size), own, notchesMm });

describe('the plan of a seated player', () => {
  it('has a pin that children usually have, longer with height, never shorter', () => {
    for (const [size, from, to] of [
      ['1/8', 1050, 1180],
      ['1/4', 1150, 1290],
      ['1/2', 1250, 1400],
      ['3/4', 1380, 1540],
      ['4/4', 1500, 1900]
    ] as const) {
      let before = -Infinity;
      for (let heightMm = from; heightMm <= to; heightMm += 10) {
        const { values } = seated(size, heightMm);
        expect(values.pin).toBeGreaterThanOrEqual(before - 1e-3);
        before = values.pin;
      }
    }
    expect(seated('1/2', 1310).values.pin).toBeGreaterThan(120);
    expect(seated('1/2', 1310).values.pin).toBeLessThan(260);
  });

  it('keeps what is locked, one setting or three, and solves the rest no worse than a grid', () => {
    const body = averageSeatedBody(1310);
    const half = cello('1/2');
    fc.assert(
      fc.property(
        fc.record(
          {
            seat: fc.integer({ min: 330, max: 400 }),
            angle: fc.integer({ min: 22, max: 38 }),
            pin: fc.integer({ min: 140, max: 240 })
          },
          { requiredKeys: [] }
        ),
        (own) => {
          const { posture, values } = seatedPlan({ body, cello: half, own });
          if (own.seat !== undefined) expect(posture.seatMm).toBe(own.seat);
          if (own.angle !== undefined) expect(posture.angleDeg).toBe(own.angle);
          if (own.pin === undefined) return;
          expect(values.pin).toBe(own.pin);
          const { slideMm } = posture;
          // Within the slide's range the pin is met.
          if (slideMm > -49 && slideMm < 39) expect(Math.abs(posture.pinMm - own.pin)).toBeLessThan(1);
        }
      ),
      { numRuns: 200, seed: 8 }
    );
    const found = seatedPlan({ body, cello: half, own: { seat: 380 } }).misfit;
    let least = Infinity;
    for (let angleDeg = 20; angleDeg <= 40; angleDeg += 0.5)
      for (let slideMm = -50; slideMm <= 40; slideMm += 2)
        least = Math.min(
          least,
          misfit(seatedPosture(body, half, { angleDeg, slideMm, seatMm: 380 }), body, half)
        );
    expect(found).toBeLessThanOrEqual(least * 1.01);
  });

  it('says what is off, in the order in which it matters', () => {
    const codes = (size: string, heightMm: number, own = {}) =>
      seated(size, heightMm, own).warnings.map(({ code }) => code);
    expect(codes('1/2', 1310)).toEqual([]);
    expect(codes('4/4', 1150)).toContain('corner');
    expect(codes('1/2', 1310, { seat: 440 })).toContain('seat');
    expect(codes('1/2', 1310, { seat: 360, angle: 30, slide: 0, pin: 60 })[0]).toBe('pin-unreachable');
    expect(codes('1/8', 1650)).toContain('peg');
  });

  it('tells the pin in hand-widths of the player, and the anchor from the chair', () => {
    const { posture, handWidths, values } = seated('1/2', 1310);
    expect(handWidths).toBeCloseTo((posture.pinMm - 22) / (0.044 * 1310), 9);
    expect(values.anchor).toBeCloseTo(posture.pinTip.x - 131, 6);
  });

  it('becomes an arrangement whose settings say where they come from', () => {
    const usual = { anchoring: 'strap', placing: 'turned' } as const;
    const own = { seat: 380 };
    const computed = settleSeated(seated('1/2', 1310), usual);
    const made = settleSeated(seated('1/2', 1310, own), usual, {
      ...noAdjustments('seated'),
      values: own,
      marks: { pin: 'red tape' }
    });
    expect(made.settings.seat).toEqual({ value: 380, unit: 'mm', origin: 'adjusted', mark: '' });
    expect(made.settings.pin).toMatchObject({ origin: 'computed', mark: 'red tape' });
    expect(made.settings.angle.unit).toBe('deg');
    expect(changesBetween(computed, made).map((change) => change.id)).toContain('seat');
  });
});

describe('the plan of a standing player', () => {
  it('follows the reach of the bow without a jump: a millimetre more changes the pin by less than two', () => {
    let before: number | null = null;
    for (let gripHangMm = 500; gripHangMm <= 900; gripHangMm += 1) {
      const heights = { ...heightsOf({ height: [1500] }), gripHangMm };
      const { pin } = standingPlan({ heights, bass: bass('1/2') }).values;
      if (before !== null) expect(Math.abs(pin - before)).toBeLessThan(2);
      before = pin;
    }
  });

  it('snaps to the nearest notch, and counts it from the shortest', () => {
    const free = standing('3/4', 1700).values.pin;
    const { values, notch } = standing('3/4', 1700, {}, [free + 40, free - 4, free - 90]);
    expect(values.pin).toBeCloseTo(free - 4, 9);
    expect(notch).toBe(2);
    expect(standing('3/4', 1700).notch).toBeNull();
  });

  it('rises with an own bow hold that plays higher, and stands lower the more it leans', () => {
    const plain = standing('3/4', 1650);
    expect(standing('3/4', 1650, { bowOffset: 30 }).rules.bowReachMm).toBeGreaterThan(
      plain.rules.bowReachMm + 29
    );
    const at = (lean: number) => standing('3/4', 1650, { lean, pin: 100 }).places.firstFingerMm;
    expect(at(16)).toBeLessThan(at(8));
    expect(standing('3/4', 1650, { lean: 3 }).warnings).toContainEqual({ code: 'lean', leanDeg: 3 });
  });

  it('warns of a hand above the eyes, a bent back, and a bass that is too large', () => {
    const codes = (size: string, heightMm: number, own = {}) =>
      standing(size, heightMm, own).warnings.map(({ code }) => code);
    expect(codes('3/4', 1720)).toEqual([]);
    expect(codes('3/4', 1720, { pin: 400 })).toContain('hand-high');
    expect(codes('3/4', 1900, { pin: 0 })).toContain('hand-low');
    expect(codes('4/4', 1250)).toContain('conflict');
  });

  it('becomes an arrangement', () => {
    const plan = standing('3/4', 1720);
    const made = settleStanding(
      plan,
      { bowHold: 'overhand' },
      { ...noAdjustments('standing'), values: { lean: 10 } }
    );
    expect(made.settings.lean).toMatchObject({ value: 10, unit: 'deg', origin: 'adjusted' });
    expect(made.settings.pin.value).toBe(plan.values.pin);
  });
});

describe('notches', () => {
  const notches = [40, 65, 90, 115];

  it('are gone to one after the other, and never stood still in', () => {
    expect(toNotch(notches, 65, 66)).toBe(90);
    expect(toNotch(notches, 65, 64)).toBe(40);
    expect(toNotch(notches, 65, 110)).toBe(115);
    expect(toNotch(notches, 70, 66)).toBe(65);
    // At the last one there is nowhere further to go.
    expect(toNotch(notches, 115, 130)).toBe(115);
    expect(toNotch(notches, 65, 65)).toBe(65);
  });

  it('do not bind a pin that has none', () => {
    expect(toNotch([], 65, 71.5)).toBe(71.5);
  });
});
