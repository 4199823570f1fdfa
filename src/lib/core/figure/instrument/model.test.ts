import { describe, expect, it } from 'vitest';
import { dimensionsOf, FAMILIES, sizesOf, type Family } from '../../instruments';
import {
  boardHalf,
  boardTop,
  bodyHalf,
  bowStation,
  halfOutline,
  mirrored,
  modelOf,
  noteAt,
  onString
} from './model';

const models = FAMILIES.flatMap((family) =>
  sizesOf(family).map((size) => [`${family} ${size}`, modelOf(family, dimensionsOf(family, size))] as const)
);
const whole: Readonly<Record<Family, string>> = { violin: '4/4', viola: '16 in', cello: '4/4', bass: '3/4' };

describe.each(models)('a %s', (_, model) => {
  it('has its places in the order of an instrument, from the button to the scroll', () => {
    const { bridge, bow, boardEnd, bodyMm, firstFinger, nut, overallMm } = model;
    const places = [0, bridge, bow, boardEnd, bodyMm, firstFinger, nut, overallMm];
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(nut - bridge).toBeCloseTo(model.stringMm, 6);
  });

  it('has four strings side by side that run from the nut to the bridge, over the board', () => {
    for (const at of [model.nut, model.boardEnd, model.bow, model.bridge]) {
      const wide = [0, 1, 2, 3].map((string) => onString(model, string, at)[0]);
      expect(wide).toEqual([...wide].sort((a, b) => a - b));
      // As far out on either side.
      expect((wide[0] ?? 0) + (wide[3] ?? 0)).toBeCloseTo(0, 6);
    }
    for (const at of [model.nut - 5, (model.nut + model.boardEnd) / 2, model.boardEnd]) {
      expect(onString(model, 1, at)[2]).toBeGreaterThan(boardTop(model, at));
      expect(Math.abs(onString(model, 0, at)[0])).toBeLessThan(boardHalf(model, at));
    }
  });

  it('has an octave in the middle of its string, and its notes closer the higher they are', () => {
    expect(noteAt(model, 0)).toBeCloseTo(model.nut, 9);
    expect(model.nut - noteAt(model, 12)).toBeCloseTo(model.stringMm / 2, 9);
    const steps = Array.from({ length: 12 }, (_, i) => noteAt(model, i) - noteAt(model, i + 1));
    expect(steps).toEqual([...steps].sort((a, b) => b - a));
  });

  it('is bowed halfway between bridge and board, and from one to the other', () => {
    expect(bowStation(model, 0)).toBe(model.bridge);
    expect(bowStation(model, 0.5)).toBe(model.bow);
    expect(bowStation(model, 1)).toBe(model.boardEnd);
    expect(bowStation(model, 0.25)).toBeGreaterThan(model.bridge);
    expect(bowStation(model, 0.75)).toBeLessThan(model.boardEnd);
  });

  it('is widest at its lower bout, narrower at the waist, and nothing beside its body', () => {
    const { bodyMm, lowerBoutMm } = model;
    const half = (share: number) => bodyHalf(model, share * bodyMm);
    const all = Array.from({ length: 99 }, (_, i) => half((i + 1) / 100));
    expect(Math.max(...all)).toBeCloseTo(lowerBoutMm / 2, -1);
    expect(half(0.55)).toBeLessThan(0.8 * half(0.2));
    expect(half(0.55)).toBeLessThan(half(0.78));
    expect([half(-0.1), half(1.2)]).toEqual([0, 0]);
  });
});

it('a bass has shoulders that slope, and no other family has', () => {
  const near = (family: Family) => {
    const model = modelOf(family, dimensionsOf(family, whole[family]));
    return bodyHalf(model, 0.96 * model.bodyMm) / model.lowerBoutMm;
  };
  for (const family of ['violin', 'viola', 'cello'] as const) expect(near('bass')).toBeLessThan(near(family));
});

it('an outline and its mirror meet along the middle', () => {
  const left = halfOutline('violin').map(([at, half]) => [-half, at] as const);
  const right = mirrored(left);
  expect(right).toHaveLength(left.length);
  right.forEach(([wide, along], i) => {
    expect(wide).toBeCloseTo(-(left[i]?.[0] ?? 0), 12);
    expect(along).toBe(left[i]?.[1]);
  });
});
