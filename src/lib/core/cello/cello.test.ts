import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf } from '../body';
import { dimensionsOf, sizesOf } from '../instruments';
import {
  averageSeatedBody,
  misfit,
  seatedBody,
  seatedLimits,
  seatedPosture,
  SLIDE_RANGE_MM,
  solvePosture,
  startPlacement,
  ANGLE_RANGE_DEG
} from '.';

describe('the limits of the sizes', () => {
  it('come out as worked by hand from the tables', () => {
    const limits = seatedLimits();
    const of = (pick: 'armLoad' | 'pegAboveEarMm') =>
      ['1/8', '1/4', '1/2', '3/4', '7/8', '4/4'].map((size) => limits.get(size)?.[pick] ?? 0);
    [0.979, 1.002, 1.0, 0.968, 0.949, 0.956].forEach((load, index) =>
      expect(of('armLoad')[index]).toBeCloseTo(load, 2.9)
    );
    expect(of('pegAboveEarMm').map(Math.round)).toEqual([65, 69, 65, 49, 38, 39]);
    expect(limits.get('1/10')).toEqual({ armLoad: Infinity, pegAboveEarMm: Infinity });
  });
});

describe('the seated posture', () => {
  it.each([
    // pin from the ribs, angle, slide, peg above the ear, corner above the inner knee
    [1290, '1/2', 159, 32.9, -35, 10, -36],
    [1700, '4/4', 289, 30.5, -7, -10, 3]
  ])('of an average player of %d mm at a %s', (heightMm, size, pin, tilt, slide, peg, corner) => {
    const found = solvePosture(averageSeatedBody(heightMm), dimensionsOf('cello', size));
    expect(Math.round(found.pinMm)).toBe(pin);
    expect(found.angleDeg).toBeCloseTo(tilt, 1);
    expect(Math.round(found.slideMm)).toBe(slide);
    expect(Math.round(found.pegAboveEarMm)).toBe(peg);
    expect(Math.round(found.cornerAboveKneeMm)).toBe(corner);
  });

  it('stands on the floor: pin, ribs and tip lie on one line', () => {
    const cello = dimensionsOf('cello', '3/4');
    const body = averageSeatedBody(1450);
    const { pinTop, pinTip, pinMm, angleDeg } = seatedPosture(body, cello, startPlacement(body));
    expect(Math.hypot(pinTop.x - pinTip.x, pinTop.y - pinTip.y)).toBeCloseTo(pinMm, 6);
    expect(Math.atan2(pinTip.x - pinTop.x, pinTop.y)).toBeCloseTo((angleDeg * Math.PI) / 180, 9);
  });

  it('finds no better place anywhere on a grid', () => {
    for (const heightMm of [1050, 1250, 1450, 1700, 1850])
      for (const size of ['1/8', '1/2', '4/4']) {
        const body = averageSeatedBody(heightMm);
        const cello = dimensionsOf('cello', size);
        const found = misfit(solvePosture(body, cello), body, cello);
        for (let angleDeg = ANGLE_RANGE_DEG[0]; angleDeg <= ANGLE_RANGE_DEG[1]; angleDeg += 2)
          for (let slideMm = SLIDE_RANGE_MM[0]; slideMm <= SLIDE_RANGE_MM[1]; slideMm += 6)
            for (let over = 0; over <= 40; over += 8) {
              const there = { angleDeg, slideMm, seatMm: body.lowerLegMm + over };
              expect(misfit(seatedPosture(body, cello, there), body, cello)).toBeGreaterThanOrEqual(
                found - 1e-6
              );
            }
      }
  });

  it(
    'of 2,000 players of any build is never worse than the best of a grid by more than 1 %',
    { timeout: 120_000 },
    () => {
      const share = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });
      fc.assert(
        fc.property(
          fc.integer({ min: 1000, max: 1900 }),
          fc.record({
            lowerLeg: share(0.231, 0.261),
            armReach: share(0.363, 0.409),
            seatedEar: share(0.436, 0.464)
          }),
          fc.constantFrom(...sizesOf('cello')),
          (heightMm, built, size) => {
            const lengths = Object.entries(built).map(([id, of]) => [id, [Math.round(of * heightMm)]]);
            const known = bodyOf({ height: [heightMm], ...Object.fromEntries(lengths) });
            if (!known) throw new Error('no body');
            const body = seatedBody(known);
            const cello = dimensionsOf('cello', size);
            let best = Infinity;
            for (let angleDeg = ANGLE_RANGE_DEG[0]; angleDeg <= ANGLE_RANGE_DEG[1]; angleDeg++)
              for (let slideMm = SLIDE_RANGE_MM[0]; slideMm <= SLIDE_RANGE_MM[1]; slideMm += 9)
                for (let over = 0; over <= 40; over += 10) {
                  const there = { angleDeg, slideMm, seatMm: body.lowerLegMm + over };
                  best = Math.min(best, misfit(seatedPosture(body, cello, there), body, cello));
                }
            expect(misfit(solvePosture(body, cello), body, cello)).toBeLessThanOrEqual(1.01 * best);
          }
        ),
        { numRuns: 2000, seed: 21 }
      );
    }
  );

  it('leaves alone what is locked', () => {
    const body = averageSeatedBody(1290);
    const cello = dimensionsOf('cello', '1/2');
    const seatMm = body.lowerLegMm + 60;
    const found = solvePosture(body, cello, { seatMm });
    expect(found.seatMm).toBe(seatMm);
    expect(misfit(found, body, cello)).toBeGreaterThan(misfit(solvePosture(body, cello), body, cello));
    const fixed = { angleDeg: 35, seatMm, slideMm: 0 };
    expect(solvePosture(body, cello, fixed)).toMatchObject(fixed);
  });

  it('gives children a pin of 13 to 25 cm on their size, never a shorter one to the taller', () => {
    const pins = [
      [1040, '1/8'],
      [1155, '1/4'],
      [1295, '1/2'],
      [1430, '3/4']
    ].map(
      ([heightMm, size]) =>
        solvePosture(averageSeatedBody(Number(heightMm)), dimensionsOf('cello', String(size))).pinMm
    );
    for (const pin of pins) {
      expect(pin).toBeGreaterThan(125);
      expect(pin).toBeLessThan(250);
    }
    expect([...pins].sort((a, b) => a - b)).toEqual(pins);
  });

  it('stays within its ranges for any body', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 900, max: 2000 }),
        fc.constantFrom(...sizesOf('cello')),
        fc.double({ min: 0.85, max: 1.15, noNaN: true }),
        (heightMm, size, trunk) => {
          const average = averageSeatedBody(heightMm);
          const body = {
            ...average,
            breastboneMm: average.breastboneMm * trunk,
            earMm: average.earMm * trunk
          };
          const found = solvePosture(body, dimensionsOf('cello', size));
          expect(found.angleDeg).toBeGreaterThanOrEqual(ANGLE_RANGE_DEG[0]);
          expect(found.angleDeg).toBeLessThanOrEqual(ANGLE_RANGE_DEG[1]);
          expect(found.slideMm).toBeGreaterThanOrEqual(SLIDE_RANGE_MM[0]);
          expect(found.slideMm).toBeLessThanOrEqual(SLIDE_RANGE_MM[1]);
          expect(found.bowShare).toBeGreaterThanOrEqual(0);
          expect(found.bowShare).toBeLessThanOrEqual(1);
        }
      ),
      { numRuns: 300 }
    );
  });

  it('reaches as much of the bow as the arm allows, by the triangle from the shoulder', () => {
    const body = { ...averageSeatedBody(1300), armReachMm: 430 };
    const cello = dimensionsOf('cello', '4/4');
    const { bowContact, shoulder, bowShare } = solvePosture(body, cello);
    const away = Math.hypot(bowContact.x - shoulder.x, bowContact.y - shoulder.y);
    const along = Math.sqrt(Math.max(0, (1.05 * 430) ** 2 - away ** 2));
    const reached = along === 0 ? 0 : (body.shoulderHalfBreadthMm + along) / (0.88 * cello.bowMm);
    expect(bowShare).toBeCloseTo(Math.min(1, reached), 6);
    expect(solvePosture(averageSeatedBody(1750), cello).bowShare).toBeGreaterThan(bowShare);
  });
});
