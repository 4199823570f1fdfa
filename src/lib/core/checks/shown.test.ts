import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../instruments';
import { VIEWS } from '../figure';
import {
  CHECK_CATEGORIES,
  checksFor,
  faultsShown,
  figureView,
  inWay,
  sceneOf,
  sideKey,
  sidesOf,
  walkOf,
  type Check
} from '.';
import { standpointView } from './shown';
import { STANDPOINTS } from './types';

const violin = await checksFor('violin');
const bass = await checksFor('bass');
const named = (checks: readonly Check[], id: string): Check => {
  const found = checks.find((check) => check.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('a scene', () => {
  it('of right marks nothing; of a fault it has the fault on top, from the same place', () => {
    const check = named(violin, 'hold-seat');
    const fault = check.faults.find(({ id }) => id === 'on-chest');
    const [right, wrong] = [sceneOf(check, 'violin'), sceneOf(check, 'violin', fault)];
    expect(right.marked).toEqual([]);
    expect(wrong).toMatchObject({ view: right.view, pose: right.pose, marked: fault?.changes });
    expect(wrong.changes.slice(0, right.changes.length)).toEqual(right.changes);
    expect(wrong.changes.length).toBeGreaterThan(right.changes.length);
  });

  it('is seen from where the family is seen best', () => {
    const knuckles = (family: 'violin' | 'bass') =>
      sceneOf(named(family === 'bass' ? bass : violin, 'bow-knuckles'), family).view;
    expect([knuckles('violin'), knuckles('bass')]).toEqual(['bowHand', 'bowHandAbove']);
  });

  it('of a fault is seen from its own side, beside right from there', () => {
    const check = named(violin, 'left-fourth');
    const sides = sidesOf(check, 'violin');
    expect(sides.map(({ right }) => right.view)).toEqual(['fingersSide', 'leftHandFront']);
    expect(sides.flatMap(({ faults }) => faults.map(({ fault }) => fault.id)).toSorted()).toEqual(
      check.faults.map(({ id }) => id).toSorted()
    );
    expect(faultsShown(check, 'violin')).toEqual(
      sides.flatMap(({ faults }) => faults.map(({ fault }) => fault))
    );
    for (const { right, faults } of sides) {
      expect(right.marked).toEqual([]);
      for (const { scene } of faults) expect(scene).toMatchObject({ view: right.view, pose: right.pose });
    }
  });

  it('of a fault may have a pose of its own, and right beside it has it too', () => {
    const check = named(violin, 'ready-unpack');
    const sides = sidesOf(check, 'violin');
    expect(sides.map(({ right }) => right.pose)).toEqual(['playing', 'bowUpright']);
    const carried = sides.at(-1);
    expect(carried?.faults.map(({ fault }) => fault.id)).toEqual(['by-the-hair']);
    expect(carried?.faults[0]?.scene).toMatchObject({ pose: 'bowUpright', view: carried?.right.view });
    // Two poses from one side are two sides.
    const both = check.faults.map((fault) => ({ ...fault, view: 'bowCarried' as const }));
    expect(
      new Set(sidesOf({ ...check, faults: both }, 'violin').map(({ right }) => sideKey(right))).size
    ).toBe(2);
  });

  it('is not shown from a side without a fault', () => {
    const check = named(violin, 'left-fourth');
    const [, , flat] = check.faults;
    const seen = { ...check, faults: flat ? [{ ...flat, view: 'fingers' as const }] : [] };
    expect(sidesOf(seen, 'violin').map(({ right }) => right.view)).toEqual(['fingers']);
    expect(sidesOf({ ...check, faults: [] }, 'violin')).toHaveLength(1);
  });

  it('of a bow that is held otherwise has one side for all its faults where it has one of its own', () => {
    const check = named(violin, 'bow-building');
    const seen = { ...check, faults: check.faults.map((fault) => ({ ...fault, view: 'head' as const })) };
    const viewsOf = (way: string) => {
      const taught = inWay(seen, { 'bow-building': way }, 'violin');
      return taught && sidesOf(taught, 'violin').map(({ right }) => right.view);
    };
    expect(viewsOf('on-string')).toEqual(['bowHand']);
    expect(viewsOf('carried')).toEqual(['head']);
  });
});

describe('the walk round a player', () => {
  it('visits each standpoint once, and loses nobody on the way', () => {
    for (const checks of [violin, bass]) {
      const walk = walkOf(checks);
      expect(new Set(walk)).toEqual(new Set(checks));
      const places = walk.map(({ standpoint }) => STANDPOINTS.indexOf(standpoint));
      expect(places).toEqual([...places].sort((a, b) => a - b));
    }
  });

  it('shows the whole hand where a check shows only where its fingers land', () => {
    expect(figureView(named(violin, 'left-on-tapes'), 'violin')).toBe('leftHand');
    expect(figureView(named(violin, 'left-fourth'), 'violin')).toBe('fingersSide');
    expect(figureView(named(violin, 'hold-level'), 'violin')).toBe('headLeft');
  });

  it('has a view at every standpoint of every category', () => {
    for (const family of FAMILIES)
      for (const category of CHECK_CATEGORIES)
        for (const standpoint of STANDPOINTS)
          expect(standpointView(family, category, standpoint) in VIEWS).toBe(true);
    expect(standpointView('violin', 'hold', 'front')).toBe('head');
    expect(standpointView('cello', 'hold', 'front')).toBe('front');
  });
});

describe('a way', () => {
  it('has its own title where the usual one would contradict it, and no fault that is none in it', () => {
    const thumb = violin.find(({ id }) => id === 'bow-thumb-shape');
    const straight = thumb && inWay(thumb, { 'bow-thumb-shape': 'nearly-straight' }, 'violin');
    expect(straight?.title).toBe('The thumb is nearly straight');
    expect(thumb?.faults.map(({ id }) => id)).toContain('locked');
    expect(straight?.faults.map(({ id }) => id)).not.toContain('locked');
  });

  it('that does not look at something leaves it out, and others say it their own way', () => {
    const usual = bass.flatMap((check) => inWay(check, {}, 'bass') ?? []);
    expect(usual.length).toBeGreaterThan(30);
    const under = bass.flatMap((check) => inWay(check, { 'bass-bow-hold': 'underhand' }, 'bass') ?? []);
    const hand = (checks: readonly Check[]) =>
      named(checks, 'bow-wrist').picture.changes.map(({ kind }) => kind);
    expect(hand(usual)).not.toContain('bow-underhand');
    expect(hand(under)).toContain('bow-underhand');
    // What is plucked is plucked as before.
    expect(named(under, 'pluck-thumb')).toEqual(named(usual, 'pluck-thumb'));
  });

  it('that begins with the holds lets the bow wait until they are there', () => {
    const check = named(violin, 'use-lane');
    expect(inWay(check, { start: 'holds-first' }, 'violin')?.after).toEqual(['hold', 'bow-hand']);
    expect(inWay(named(violin, 'pluck-thumb'), { start: 'bow-first' }, 'violin')?.later).toBe(true);
    expect(inWay(named(violin, 'hold-seat'), { start: 'holds-first' }, 'violin')?.after).toEqual(
      named(violin, 'hold-seat').after
    );
  });
});
