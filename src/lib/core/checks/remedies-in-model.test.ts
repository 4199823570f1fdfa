import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../instruments';
import { fittingSize } from '../sizing';
import { SETTING_IDS, SETUP_CHOICES, SETUP_KIND_OF, withOwnValue, type SettingId } from '../setup';
import { laidFor } from '../setup/testing';
import { checksFor, identityOf, seenIn, SHARED_FAULTS } from '.';

const libraries = await Promise.all(
  FAMILIES.map(async (family) => ({ family, checks: await checksFor(family) }))
);
const allFaults = libraries.flatMap(({ family, checks }) =>
  checks.flatMap((check) => check.faults.map((fault) => ({ family, check, fault })))
);

describe('what the library says of a family', () => {
  it.each(libraries)('is of its own settings: $family', ({ family, checks }) => {
    const kind = SETUP_KIND_OF[family];
    const own: readonly string[] = [...SETTING_IDS[kind], ...Object.keys(SETUP_CHOICES[kind])];
    for (const { id, faults } of checks)
      for (const fault of faults) {
        expect([id, fault.id, fault.causes.length > 0]).toEqual([id, fault.id, true]);
        for (const { step } of fault.causes)
          if (step) expect([id, fault.id, own.includes(step.setting)]).toEqual([id, fault.id, true]);
      }
  });

  it('knows every place in which a shared fault is seen, and one identity for it', () => {
    const there = new Set(allFaults.map(({ check, fault }) => `${check.id}/${fault.id}`));
    for (const place of SHARED_FAULTS) expect([place, there.has(place)]).toEqual([place, true]);
    expect(new Set(seenIn('bow-fist').map(({ checkId }) => checkId)).size).toBe(6);
    for (const { check, fault } of allFaults)
      expect(seenIn(identityOf(check.id, fault.id))).toContainEqual({ checkId: check.id, fault: fault.id });
  });
});

/** What a fault is about, as the model has it: more of it is higher, longer, further up. */
const PEG = ({ posture }: Model) => posture?.pegAboveEarMm ?? NaN;
const CORNER = ({ posture }: Model) => posture?.cornerAboveKneeMm ?? NaN;
const BOW = ({ places }: Model) => places?.bowMm ?? NaN;
const HAND = ({ places }: Model) => places?.firstFingerMm ?? NaN;
interface Model {
  readonly posture?: { readonly pegAboveEarMm: number; readonly cornerAboveKneeMm: number };
  readonly places?: { readonly bowMm: number; readonly firstFingerMm: number };
}
type Quantity = (model: Model) => number;

/** Which way a quantity must go for a fault to go away. */
const MUST: Readonly<Record<string, readonly [Quantity, 'up' | 'down']>> = {
  'cello hold-peg/high': [PEG, 'down'],
  'cello hold-peg/low': [PEG, 'up'],
  'cello seat-back/slumps': [PEG, 'up'],
  'cello hold-breastbone/leans-on': [PEG, 'up'],
  'cello hold-legs/knees-high': [CORNER, 'up'],
  'cello seat-knees/wide': [CORNER, 'down'],
  'cello use-lane/over-board': [PEG, 'down'],
  'cello left-shoulder/raised': [PEG, 'down'],
  'cello use-lane/at-bridge': [PEG, 'up'],
  'cello use-shoulder/raised': [PEG, 'down'],
  'cello use-elbow/high': [PEG, 'down'],
  'cello left-elbow/dropped': [PEG, 'up'],
  'cello left-wrist/caved': [PEG, 'down'],
  'cello hold-head/tipped': [PEG, 'down'],
  'cello hold-legs/no-contact': [CORNER, 'down'],
  'cello seat-knees/squeezes': [CORNER, 'up'],
  'bass use-lane/at-bridge': [BOW, 'down'],
  'bass use-shoulder/raised': [BOW, 'down'],
  'bass left-elbow/dropped': [HAND, 'up'],
  'bass left-wrist/caved': [HAND, 'down'],
  'bass use-lane/over-board': [BOW, 'up'],
  'bass hold-back/hunched': [BOW, 'up'],
  'bass use-elbow/bends': [BOW, 'up'],
  'bass stance-feet/deep': [BOW, 'up'],
  'bass hold-left-level/high': [HAND, 'down'],
  'bass hold-left-level/low': [HAND, 'up'],
  'bass left-shoulder/raised': [HAND, 'down'],
  'bass stance-shoulders/left-up': [HAND, 'down'],
  'bass left-elbow/high': [HAND, 'down']
};
const STEP_MM = 15;

describe.each(['cello', 'bass'] as const)('set-up remedies of the %s move what they should', (family) => {
  const wanted = Object.entries(MUST).filter(([key]) => key.startsWith(`${family} `));

  it.each(wanted)('%s', (key, [quantity, way]) => {
    const [, place = ''] = key.split(' ');
    const found = allFaults.find(
      (one) => one.family === family && `${one.check.id}/${one.fault.id}` === place
    );
    const step = found?.fault.causes.find((cause) => cause.step)?.step;
    if (!step || step.way === 'other') throw new Error(`${key} names no change`);
    let moved = 0;
    for (let heightMm = 1150; heightMm <= 1850; heightMm += 10) {
      const size = fittingSize({ family, readings: { height: [heightMm] } }) ?? '';
      const { values } = laidFor(family, size, heightMm);
      const id = step.setting as SettingId;
      const by = step.way === 'raise' ? STEP_MM : -STEP_MM;
      const own = withOwnValue(SETUP_KIND_OF[family], {}, id, (values[id] ?? 0) + by, values);
      const before = quantity(laidFor(family, size, heightMm, values).model);
      const after = quantity(
        laidFor(family, size, heightMm, { ...(family === 'bass' ? values : {}), ...own }).model
      );
      // At the end of its range it can't move.
      if (before === after) continue;
      moved++;
      expect([heightMm, Math.sign(after - before)]).toEqual([heightMm, way === 'up' ? 1 : -1]);
    }
    expect(moved).toBeGreaterThan(30);
  });
});
