import { describe, expect, it } from 'vitest';
import { dimensionsOf } from '../instruments';
import {
  asDrawn,
  changesBetween,
  noAdjustments,
  onBack,
  REST_SCHOOLS,
  restStack,
  settingsInUse,
  settle,
  stepAfter,
  TILT_DEG,
  type RestSchool
} from '.';

const instrument = dimensionsOf('violin', '1/2');
const set = (school: RestSchool, neckGapMm = 80) => {
  const stack = restStack({
    instrument,
    neckGapMm,
    heightMm: 1330,
    shoulder: { slope: 'medium' },
    school,
    tiltDeg: TILT_DEG['high-over-shoulder']
  });
  const usual = { school, mount: 'beside', scroll: 'left-45' } as const;
  return { stack, rest: settle(stack, usual, noAdjustments('rest')) };
};

describe('what a way of filling the gap has to set', () => {
  it('is feet and width for a shoulder rest only, and nothing but the chin rest without one', () => {
    expect(settingsInUse(set('rest-first').rest)).toContain('restWidth');
    for (const school of ['pad', 'sponge'] as const)
      expect(settingsInUse(set(school).rest)).toEqual(['chinRest', 'lift', 'shoulderFootAlong', 'tilt']);
    expect(settingsInUse(set('none').rest)).toEqual(['chinRest', 'tilt']);
  });

  it('keeps to what it can lift, and says which chin rest the remainder asks for', () => {
    // Worked by hand, rib 28: 80 - 36 - 8 x 28 / 30.
    expect(set('pad').stack.fillerMm).toBeCloseTo(36.53, 2);
    for (const school of REST_SCHOOLS) {
      const { stack } = set(school);
      expect(stack.liftMm).toBeLessThanOrEqual({ pad: 15, sponge: 15, none: 0 }[school as 'pad'] ?? 25);
    }
    // With nothing under the back the chin rest alone fills it.
    const { stack } = set('none');
    expect(stack).toMatchObject({ liftMm: 0, chinRestMm: stack.fillerMm, warnings: [] });
  });

  it('lies on the back as what it is', () => {
    expect(onBack(set('rest-first').rest, instrument).kind).toBe('rest');
    expect(onBack(set('none').rest, instrument)).toEqual({ kind: 'bare' });
    const [pad, sponge] = [onBack(set('pad').rest, instrument), onBack(set('sponge').rest, instrument)];
    if (pad.kind !== 'cushion' || sponge.kind !== 'cushion') throw new Error('nothing soft');
    expect(pad.band).toBeNull();
    expect(sponge.radiusMm).toBeGreaterThan(pad.radiusMm);
    // The band runs over it, from the corner of the chin-rest side to the end button.
    expect(sponge.band?.[1]).toEqual(sponge.at);
    expect(sponge.band?.at(-1)).toEqual([0, instrument.bodyMm]);
    for (const { at, radiusMm } of [pad, sponge]) {
      expect(at[0]).toBeGreaterThan(0);
      expect(at[0] + radiusMm).toBeLessThan(instrument.lowerBoutMm / 2 + radiusMm / 2);
    }
  });

  it('is drawn under the player as what it is', () => {
    expect(asDrawn(set('none').rest)).toMatchObject({ rest: null });
    expect(asDrawn(set('sponge').rest)).toMatchObject({ rest: { cushion: 'sponge', thickMm: 15 } });
    expect(asDrawn(set('rest-first').rest)).toMatchObject({ rest: { leftMm: expect.any(Number) as number } });
  });

  it('is all that is told of a change to it', () => {
    const changed = changesBetween(set('rest-first').rest, set('none').rest);
    expect(changed.map(({ id }) => id)).toEqual(['school', 'chinRest']);
  });
});

describe('a look at a set-up without a shoulder rest', () => {
  const step = (school: RestSchool, seen: string) => {
    const { rest } = set(school);
    return stepAfter(seen, { kind: 'rest', setup: rest, looks: [], school });
  };

  it('changes the height where this way has it', () => {
    expect(step('rest-first', 'rest-head-tips')).toMatchObject({ kind: 'change', setting: 'lift' });
    expect(step('sponge', 'rest-chin-up')).toMatchObject({ kind: 'change', setting: 'lift' });
    for (const school of ['collarbone-first', 'none'] as const) {
      const change = step(school, 'rest-chin-up');
      expect(change).toMatchObject({ kind: 'change', setting: 'chinRest' });
      if (change.kind === 'change') expect(change.to).toBeLessThan(change.from);
    }
  });

  it('says in words what no number mends there', () => {
    expect(step('rest-first', 'rest-scroll-droops')).toMatchObject({ setting: 'chestFoot' });
    for (const school of ['pad', 'sponge', 'none'] as const)
      for (const seen of ['rest-scroll-droops', 'rest-slips', 'rest-slides-off'])
        expect(step(school, seen)).toEqual({ kind: 'hint' });
  });
});
