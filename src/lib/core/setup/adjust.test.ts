import { describe, expect, it } from 'vitest';
import { changesFor, poseNames } from '../figure';
import { dimensionsOf, type Family } from '../instruments';
import {
  HOLDS,
  rangeOf,
  SEEN_AT_LOOK,
  SEEN_PICTURES,
  SETTING_IDS,
  SETUP_KIND_OF,
  stepAfter,
  withOwnValue,
  type KeptLook,
  type LookQuestion,
  type SettingId
} from '.';
import { laidFor } from './testing';

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

/** A step at a set-up with some values, on an average player's instrument. */
function step(
  what: string,
  [family, size, heightMm]: readonly [Family, string, number],
  values: Readonly<Partial<Record<SettingId, number>>>,
  looks: readonly KeptLook[] = [],
  more: Partial<LookQuestion> = {}
) {
  const { arrangement } = laidFor(family, size, heightMm, values);
  return stepAfter(what, {
    kind: arrangement.kind,
    setup: arrangement,
    looks,
    instrument: dimensionsOf(family, size),
    ...('school' in arrangement.choices ? { school: arrangement.choices.school } : {}),
    ...more
  });
}
const HALF = ['violin', '1/2', 1340] as const;
const CELLO = ['cello', '1/2', 1300] as const;
const BASS = ['bass', '3/4', 1700] as const;

describe('the step after a look', () => {
  it('changes one setting the way that was seen, by a step that can be seen', () => {
    const up = step('rest-head-tips', HALF, { lift: 8 });
    expect(up).toMatchObject({ kind: 'change', setting: 'lift', from: 8 });
    if (up.kind !== 'change') throw new Error('no change');
    expect(up.to - 8).toBeGreaterThanOrEqual(4);
    expect(up.to - 8).toBeLessThanOrEqual(7);
    const down = step('standing-hand-high', BASS, { pin: 150 });
    expect(down).toMatchObject({ kind: 'change', setting: 'pin', from: 150 });
    if (down.kind === 'change') expect(150 - down.to).toBeGreaterThanOrEqual(15);
  });

  it('takes the value that geometry gives, within what the pin can do', () => {
    const exact = { exact: 161 };
    expect(step('seated-peg-high', CELLO, { pin: 190 }, [], exact)).toMatchObject({ from: 190, to: 161 });
    expect(step('seated-peg-low', CELLO, { pin: 330 }, [], { exact: 500 })).toMatchObject({ to: 340 });
  });

  it('never asks for more than is at hand: the pin and its notches, the school, the own rests', () => {
    const upTo = (what: string, of: Parameters<typeof step>[1], id: SettingId, from: number, more = {}) => {
      let at = from;
      const looks: KeptLook[] = [];
      for (let i = 0; i < 12; i++) {
        const next = step(what, of, { [id]: at }, looks, more);
        if (next.kind !== 'change' && next.kind !== 'again') return [next.kind, at];
        const to = next.kind === 'change' ? next.to : at;
        looks.push({ seen: what, change: { setting: id, from: at, to } });
        at = to;
      }
      throw new Error('no end');
    };
    expect(upTo('seated-slumps', ['cello', '1/8', 1080], 'pin', 220)).toEqual(['end', 260]);
    expect(upTo('standing-hunched', ['bass', '1/10', 1120], 'pin', 120)).toEqual(['end', 160]);
    const notchesMm = [60, 100, 140];
    expect(upTo('standing-hunched', ['bass', '1/10', 1120], 'pin', 60, { notchesMm })).toEqual(['end', 140]);
    expect(upTo('rest-head-tips', HALF, 'lift', 6, { school: 'sponge' })).toEqual(['end', 15]);
    const rest = { id: 'a', kind: 'shoulder-rest', name: '', lowMm: 20, highMm: 40, count: 1 } as const;
    const rests = [{ ...rest, narrowMm: 140, wideMm: 190 }];
    expect(upTo('rest-scroll-droops', HALF, 'chestFoot', 30, { rests })).toEqual(['end', 40]);
  });

  it('calls nothing an end that is none: a pin in the middle of its range may be looked at once more', () => {
    for (let from = 60; from <= 300; from += 7)
      for (const what of ['seated-slumps', 'seated-leans-back'])
        expect(['change', 'again']).toContain(step(what, CELLO, { pin: from }).kind);
  });

  it('goes back between what was too low and what was too high', () => {
    const between = step('rest-chin-up', HALF, { lift: 17 }, [look('rest-head-tips', 'lift', 8, 17)]);
    expect(between.kind).toBe('change');
    if (between.kind === 'change') {
      expect(between.to).toBeGreaterThan(8);
      expect(between.to).toBeLessThan(17);
    }
  });

  it('ends at once when the teacher says that it holds, for the setting that was changed last', () => {
    const looks = [look('rest-head-tips', 'lift', 8, 13)];
    expect(step(HOLDS, HALF, { lift: 13 }, looks)).toMatchObject({
      kind: 'holds',
      setting: 'lift',
      to: 13,
      belief: { by: 'teacher' }
    });
    expect(step(HOLDS, HALF, {})).toEqual({ kind: 'holds', setting: null, to: null, belief: null });
  });

  it('says when a setting is at its end, and gives a hint where no number mends it', () => {
    expect(step('rest-head-tips', HALF, { lift: 25 })).toMatchObject({
      kind: 'end',
      setting: 'lift',
      at: 25
    });
    expect(step('rest-sore', HALF, {})).toEqual({ kind: 'hint' });
  });

  it('mends by what this set-up has: a chin rest where nothing lies under the back', () => {
    expect(step('rest-head-tips', HALF, {}, [], {}).kind).toBe('change');
    const { arrangement } = laidFor('violin', '1/2', 1340, {}, 'none');
    const question = { kind: 'rest', setup: arrangement, looks: [], school: 'none' } as const;
    expect(stepAfter('rest-head-tips', question)).toMatchObject({ setting: 'chinRest' });
    expect(stepAfter('rest-slides-off', question)).toEqual({ kind: 'hint' });
  });

  it('takes a shoulder that is still up after two raises for a habit', () => {
    const raised = (count: number) =>
      step(
        'rest-shoulder-raised',
        HALF,
        { lift: 5 + 5 * count },
        Array.from({ length: count }, (_, i) => look('rest-shoulder-raised', 'lift', 5 + 5 * i, 10 + 5 * i))
      ).kind;
    expect([raised(0), raised(1), raised(2)]).toEqual(['change', 'change', 'hint']);
  });

  it('refuses what is not known', () => {
    expect(() => step('rest-sings', HALF, {})).toThrow(RangeError);
    expect(() => rangeOf('rest', 'seat')).toThrow(RangeError);
  });
});

describe('own values', () => {
  it('are held, given back, and kept within what can be typed', () => {
    expect(withOwnValue('standing', {}, 'pin', 9000, {})).toEqual({ pin: 450 });
    expect(withOwnValue('standing', { pin: 120, lean: 11 }, 'pin', undefined, {})).toEqual({ lean: 11 });
  });
});
