import { describe, expect, it } from 'vitest';
import { bodyOf } from '../body';
import { averageSeatedBody } from '../cello';
import { dimensionsOf } from '../instruments';
import {
  adjustmentsFrom,
  copiedFrom,
  noAdjustments,
  SETTING_IDS,
  seatedPlan,
  settleSeated,
  settleStanding,
  standingPlan,
  type AdjustmentsOf,
  type Arrangement,
  type SetupChoices
} from '.';

const USUAL: SetupChoices<'seated'> = { anchoring: 'strap', placing: 'turned' };
const plan = seatedPlan({ body: averageSeatedBody(1310), cello: dimensionsOf('cello', '1/2'), own: {} });
const settled = (own: Partial<AdjustmentsOf<'seated'>> = {}) =>
  settleSeated(plan, USUAL, { ...noAdjustments('seated'), ...own });

const body = bodyOf({ height: [1700] });
const mm = (id: 'gripHang' | 'cheek' | 'eyebrow') => body?.length(id).mm ?? 0;
const standing = (own: Partial<AdjustmentsOf<'standing'>> = {}) =>
  settleStanding(
    standingPlan({
      heights: { gripHangMm: mm('gripHang'), cheekMm: mm('cheek'), eyebrowMm: mm('eyebrow') },
      bass: dimensionsOf('bass', '3/4'),
      own: {},
      notchesMm: []
    }),
    { bowHold: 'overhand' },
    { ...noAdjustments('standing'), ...own }
  );

describe('an arrangement', () => {
  it('has every setting of its kind, all worked out and without marks while nothing was changed', () => {
    for (const [kind, made] of [
      ['seated', settled()],
      ['standing', standing()]
    ] as const) {
      expect(Object.keys(made.settings)).toEqual([...SETTING_IDS[kind]]);
      for (const setting of Object.values(made.settings)) {
        expect(setting).toMatchObject({ origin: 'computed', mark: '' });
        expect(Number.isFinite(setting.value)).toBe(true);
      }
    }
  });

  it('counts angles in degrees and lengths in millimetres', () => {
    const units = Object.fromEntries(Object.entries(settled().settings).map(([id, { unit }]) => [id, unit]));
    expect(units).toEqual({ seat: 'mm', pin: 'mm', angle: 'deg', slide: 'mm', anchor: 'mm' });
    expect(standing().settings.lean.unit).toBe('deg');
  });

  it('says of an own value how it was found, and leaves the others alone', () => {
    const own = settled({
      values: { pin: 204, seat: 380 },
      origins: { seat: 'typed' },
      marks: { pin: 'third ring' }
    });
    expect(own.settings.pin).toEqual({ value: 204, unit: 'mm', origin: 'adjusted', mark: 'third ring' });
    expect(own.settings.seat).toMatchObject({ value: 380, origin: 'typed' });
    expect(own.settings.angle).toEqual(settled().settings.angle);
  });

  it('takes the usual ways but for those that were chosen', () => {
    expect(settled().choices).toEqual(USUAL);
    expect(settled({ choices: { placing: 'square' } }).choices).toEqual({
      anchoring: 'strap',
      placing: 'square'
    });
  });

  it('an own value of nought is a value', () => {
    expect(settled({ values: { slide: 0 } }).settings.slide).toMatchObject({ value: 0, origin: 'adjusted' });
  });
});

describe('what was kept is gone on with', () => {
  const kept: Arrangement = settled({
    values: { pin: 204, seat: 380 },
    origins: { seat: 'copied' },
    marks: { pin: 'third ring', angle: 'by eye' },
    choices: { placing: 'square' }
  });

  it('with its own values, marks and ways, and what was worked out is worked out anew', () => {
    const again = adjustmentsFrom(kept);
    expect(again).toMatchObject({
      kind: 'seated',
      values: { pin: 204, seat: 380 },
      origins: { pin: 'adjusted', seat: 'copied' },
      marks: { pin: 'third ring', angle: 'by eye' }
    });
    expect(Object.keys(again.values).sort()).toEqual(['pin', 'seat']);
    expect(settleSeated(plan, USUAL, again as AdjustmentsOf<'seated'>)).toEqual(kept);
  });

  it('with the notches of its pin', () => {
    const bass = standing({ notchesMm: [40, 80] });
    expect(adjustmentsFrom(bass).notchesMm).toEqual([40, 80]);
    expect('notchesMm' in adjustmentsFrom(standing())).toBe(false);
  });
});

describe('a set-up that is taken over', () => {
  const other: Arrangement = settled({ values: { pin: 204 }, marks: { pin: 'third ring' } });

  it('comes with all its values as copied, its marks and its ways', () => {
    const copied = copiedFrom(other);
    expect(copied.marks).toEqual({ pin: 'third ring' });
    expect(copied.choices).toEqual(USUAL);
    expect(Object.values(copied.origins ?? {}).every((origin) => origin === 'copied')).toBe(true);
    expect(copied.values).toMatchObject({ pin: 204, seat: other.settings.seat.value });
  });

  it('leaves a cello’s slide to follow, and a bass’s pin to its own', () => {
    expect('slide' in copiedFrom(other).values).toBe(false);
    expect(copiedFrom(standing()).values).toHaveProperty('pin');
  });

  it('stands the same on another player of that size', () => {
    const taller = seatedPlan({
      body: averageSeatedBody(1360),
      cello: dimensionsOf('cello', '1/2'),
      own: {}
    });
    const there = settleSeated(taller, USUAL, copiedFrom(other) as AdjustmentsOf<'seated'>);
    for (const id of ['seat', 'pin', 'anchor'] as const)
      expect(there.settings[id]).toMatchObject({ value: other.settings[id].value, origin: 'copied' });
  });
});
