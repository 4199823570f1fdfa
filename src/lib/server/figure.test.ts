import { describe, expect, it } from 'vitest';
import { changesFor, VIEW_NAMES } from '$lib/core/figure';
import { FAMILIES } from '$lib/core/instruments';
import { answerFigure, answerFigureSvg, FIGURE_BOUNDS, figureRequest, type FigureRequest } from './figure';
import { InputProblem } from './problem';
import { validated } from './respond';

const child = { family: 'violin', size: '1/4', measurements: { heightMm: 1260 } };
const asked = (body: object) => validated(figureRequest, body, FIGURE_BOUNDS) as FigureRequest;

function pathsOf(body: object): readonly string[] {
  try {
    answerFigure(asked(body));
    return [];
  } catch (error) {
    if (error instanceof InputProblem) return error.fields.map(({ path }) => path);
    throw error;
  }
}

const SIZES = { violin: '1/4', viola: '12 in', cello: '1/4', bass: '1/8' };

describe('POST figure', () => {
  it('answers with the joints in millimetres: left is left, the floor is nought', () => {
    const { joints, limbs, contacts, spots } = answerFigure(asked(child));
    expect(Object.keys(joints).length).toBeGreaterThanOrEqual(20);
    expect(joints.leftShoulder?.[0]).toBeGreaterThan(0);
    expect(joints.rightShoulder?.[0]).toBeLessThan(0);
    expect(joints.leftAnkle?.[1]).toBeCloseTo(0.04 * 1260, 6);
    expect(joints.crown?.[1]).toBeGreaterThan(1200);
    expect(limbs.leftUpperArm).toBeCloseTo(0.186 * 1260, 3);
    expect(contacts.leftFirstFinger).toMatchObject({ outOfReach: false });
    // On the player's left, before the body.
    expect(spots.scroll?.[0]).toBeGreaterThan(100);
    expect(spots.scroll?.[2]).toBeGreaterThan(100);
  });

  it('draws it as a file of its own, under 30 KB, that says what it shows', () => {
    const svg = answerFigureSvg(
      asked({ ...child, view: 'behind', changes: [{ kind: 'head-tipped', amount: 20 }] })
    );
    expect(svg).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg"/);
    expect(svg).toContain('<title>Violin, playing, from behind: the head tips to the left.</title>');
    expect(svg).not.toMatch(/NaN|undefined|<script|href/);
    expect(svg.length).toBeLessThan(30 * 1024);
    expect(svg).toBe(
      answerFigureSvg(asked({ ...child, view: 'behind', changes: [{ kind: 'head-tipped', amount: 20 }] }))
    );
  });

  it.each(FAMILIES)('takes every change that makes sense for the %s, and every view', (family) => {
    const question = { family, size: SIZES[family], measurements: { heightMm: 1250 } };
    for (const kind of changesFor(family)) expect(pathsOf({ ...question, changes: [{ kind }] })).toEqual([]);
    for (const view of VIEW_NAMES)
      expect(answerFigureSvg(asked({ ...question, view })).length).toBeLessThan(30 * 1024);
  });

  it('takes a measured instrument and the set-up: the seat lifts, the pin lengthens', () => {
    const cellist = { family: 'cello', size: '1/2', measurements: { heightMm: 1310 } };
    const seat = (seatMm: number) =>
      answerFigure(asked({ ...cellist, setup: { seatMm } })).joints.hips?.[1] ?? NaN;
    expect(seat(380) - seat(340)).toBeCloseTo(40, 6);
    const { spots } = answerFigure(
      asked({
        family: 'bass',
        instrument: { size: '1/4', overallMm: 1500 },
        measurements: { heightMm: 1350 },
        setup: { pinMm: 120 }
      })
    );
    expect(spots.pinTip?.[1]).toBeLessThan(40);
  });

  it('names what is wrong: unknown kinds, views, poses, amounts, sizes', () => {
    expect(pathsOf({ ...child, changes: [{ kind: 'no-such' }] })).toEqual(['changes[0].kind']);
    expect(pathsOf({ ...child, view: 'inside' })).toEqual(['view']);
    expect(pathsOf({ ...child, pose: 'flying' })).toEqual(['pose']);
    expect(pathsOf({ ...child, pose: 'seated' })).toEqual(['pose']);
    expect(pathsOf({ ...child, changes: [{ kind: 'seat-too-low' }] })).toEqual(['changes[0].kind']);
    expect(pathsOf({ ...child, changes: [{ kind: 'slumped', amount: 90 }] })).toEqual(['changes[0].amount']);
    expect(pathsOf({ ...child, size: '14 in' })).toEqual(['size']);
    expect(pathsOf({ family: 'violin', measurements: { heightMm: 1260 } })).toEqual(['size']);
    expect(pathsOf({ ...child, instrument: { size: '1/4', overallMm: 470 } })).toEqual(['size']);
    expect(pathsOf({ ...child, measurements: {} })).toEqual(['measurements']);
    expect(pathsOf({ ...child, changes: Array.from({ length: 13 }, () => ({ kind: 'slumped' })) })).toEqual([
      'changes'
    ]);
  });
});
