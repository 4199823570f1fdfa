import { describe, expect, it } from 'vitest';
import { changesFor, poseNames } from '../figure';
import {
  HOLDS,
  pinForPeg,
  reachOf,
  SEEN_AT_LOOK,
  SEEN_PICTURES,
  SETTING_IDS,
  SETUP_KIND_OF,
  stepAfter,
  withOwnValue,
  type KeptLook,
  type SettingId
} from '.';

const look = (seen: string, setting: string, from: number, to: number): KeptLook => ({
  seen,
  change: { setting, from, to }
});

describe('what is seen at a look', () => {
  it('speaks of a setting of its own kind', () => {
    for (const { kind, mends } of SEEN_AT_LOOK)
      if (mends) expect(SETTING_IDS[kind] as readonly SettingId[]).toContain(mends.setting);
    expect(new Set(SEEN_AT_LOOK.map(({ id }) => id)).size).toBe(SEEN_AT_LOOK.length);
  });

  it('has a picture of its family, whose changes make sense for it', () => {
    for (const { id, kind } of SEEN_AT_LOOK) {
      const shown = SEEN_PICTURES[id];
      const family = (['violin', 'cello', 'bass'] as const).find((one) => SETUP_KIND_OF[one] === kind);
      if (!shown || !family) throw new Error(`${id} has no picture`);
      expect(poseNames(family)).toContain(shown.pose);
      for (const change of shown.changes) expect(changesFor(family)).toContain(change.kind);
    }
  });
});

describe('the step after a look', () => {
  it('changes one setting the way that was seen, by a step that can be seen', () => {
    const step = stepAfter('rest', 'rest-head-tips', [], { lift: 8 });
    expect(step).toMatchObject({ kind: 'change', setting: 'lift', from: 8 });
    if (step.kind !== 'change') throw new Error('no change');
    expect(step.to - 8).toBeGreaterThanOrEqual(4);
    expect(step.to - 8).toBeLessThanOrEqual(7);
    const down = stepAfter('standing', 'standing-hand-high', [], { pin: 150 });
    expect(down).toMatchObject({ kind: 'change', setting: 'pin', from: 150 });
    if (down.kind === 'change') expect(150 - down.to).toBeGreaterThanOrEqual(15);
  });

  it('takes the amount that geometry gives: a peg 25 mm too high is 29 mm of pin at 30 degrees', () => {
    expect(pinForPeg(25, 30)).toBeCloseTo(-28.87, 2);
    expect(stepAfter('seated', 'seated-peg-high', [], { pin: 190 }, pinForPeg(25, 30))).toMatchObject({
      kind: 'change',
      from: 190,
      to: 161
    });
  });

  it('goes back between what was too low and what was too high', () => {
    const looks = [look('rest-head-tips', 'lift', 8, 17)];
    const step = stepAfter('rest', 'rest-chin-up', looks, { lift: 17 });
    expect(step.kind).toBe('change');
    if (step.kind === 'change') {
      expect(step.to).toBeGreaterThan(8);
      expect(step.to).toBeLessThan(17);
    }
  });

  it('ends when it holds, for the setting that was changed last', () => {
    const looks = [look('rest-head-tips', 'lift', 8, 13)];
    expect(stepAfter('rest', HOLDS, looks, { lift: 13 })).toMatchObject({
      kind: 'holds',
      setting: 'lift'
    });
    expect(stepAfter('rest', HOLDS, [], {})).toEqual({ kind: 'holds', setting: null, belief: null });
  });

  it('says when a setting is at its end, and gives a hint where no number mends it', () => {
    const { high } = reachOf('rest', 'lift');
    const looks = [1, 2, 3].map(() => look('rest-head-tips', 'lift', high, high));
    expect(stepAfter('rest', 'rest-head-tips', looks, { lift: high }).kind).toBe('end');
    expect(stepAfter('rest', 'rest-sore', [], {})).toEqual({ kind: 'hint' });
  });

  it('takes a shoulder that is still up after two raises for a habit', () => {
    const raised = (count: number) =>
      stepAfter(
        'rest',
        'rest-shoulder-raised',
        Array.from({ length: count }, (_, i) => look('rest-shoulder-raised', 'lift', 5 + 5 * i, 10 + 5 * i)),
        { lift: 5 + 5 * count }
      ).kind;
    expect([raised(0), raised(1), raised(2)]).toEqual(['change', 'change', 'hint']);
  });

  it('refuses what is not known', () => {
    expect(() => stepAfter('rest', 'rest-sings', [], {})).toThrow(RangeError);
    expect(() => reachOf('rest', 'seat')).toThrow(RangeError);
  });
});

describe('own values', () => {
  it('are held, given back, and kept within reach', () => {
    expect(withOwnValue('standing', {}, 'pin', 9000)).toEqual({ pin: 450 });
    expect(withOwnValue('standing', { pin: 120, lean: 11 }, 'pin', undefined)).toEqual({ lean: 11 });
  });

  it('of a cello leave one of four free', () => {
    const three = { seat: 350, angle: 30, slide: 0 };
    expect(withOwnValue('seated', three, 'pin', 180)).toEqual({ seat: 350, angle: 30, pin: 180 });
    expect(withOwnValue('seated', { seat: 350, angle: 30, pin: 180 }, 'slide', 5)).toEqual({
      seat: 350,
      angle: 30,
      slide: 5
    });
  });
});
