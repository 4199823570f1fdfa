import { describe, expect, it } from 'vitest';
import { dimensionTable, FAMILIES } from '../instruments';
import { rangeOf, SETTING_IDS, SETUP_KIND_OF, SETUP_KINDS, type SettingId } from '.';
import { laidFor } from './testing';

const all = SETUP_KINDS.flatMap((kind) =>
  SETTING_IDS[kind].map((id: SettingId) => ({ name: `${kind} ${id}`, ...rangeOf(kind, id) }))
);
const named = (...names: readonly string[]) => all.filter(({ name }) => names.includes(name));

/** As large as the body, or the instrument on it. */
const ALONG = ['rest shoulderFootAlong', 'rest chestFootAlong'];
const BY_BODY = ['rest restWidth', 'rest shoulderFoot', 'seated seat', 'seated pin', ...ALONG];

describe('what a setting can be', () => {
  it('begins at nothing where nothing is a way to have it', () => {
    for (const { low, name } of named(
      'rest lift',
      'rest shoulderFoot',
      'rest chestFoot',
      'rest tilt',
      'seated pin',
      'standing pin',
      'standing stool'
    ))
      expect(low, name).toBe(0);
  });

  it('tells steps of one kind apart alike: of a rest, of a seat or pin, of a foot along the back', () => {
    for (const alike of [
      named('rest chinRest', 'rest lift', 'rest shoulderFoot', 'rest chestFoot', 'rest tilt'),
      named('seated seat', 'seated pin', 'standing pin', 'standing bowOffset', 'standing stool'),
      named('rest shoulderFootAlong', 'rest chestFootAlong')
    ])
      expect(new Set(alike.map(({ tolerance }) => tolerance)).size, alike[0]?.name).toBe(1);
  });

  it('is as much more as less of what lies to both sides', () => {
    const [offset] = named('standing bowOffset');
    expect(offset?.low).toBe(-(offset?.high ?? 0));
  });

  it('takes in whatever is planned for bodies from a small child to a tall grown-up, and more', () => {
    const planned: Record<string, number[]> = {};
    for (const family of FAMILIES)
      for (const { size, heightFromMm, heightToMm } of dimensionTable(family))
        for (const heightMm of [heightFromMm ?? 900, heightToMm ?? 1950])
          for (const [id, value] of Object.entries(laidFor(family, size, heightMm).values))
            (planned[`${SETUP_KIND_OF[family]} ${id}`] ??= []).push(value);
    for (const { name, low, high } of all) {
      const values = planned[name] ?? [];
      // What teachers set by eye goes beyond what a model finds, at both ends.
      const room = 0.1 * (high - low);
      expect(high, name).toBeGreaterThan(Math.max(...values) + room);
      // Half again of what the largest needs, and little more than half of what the smallest does, is for nobody.
      if (BY_BODY.includes(name)) {
        expect(high, name).toBeLessThanOrEqual(1.5 * Math.max(...values));
        if (low !== 0 && !ALONG.includes(name)) expect(low, name).toBeGreaterThan(0.6 * Math.min(...values));
      }
      if (low !== 0 && name !== 'rest chinRest') expect(low, name).toBeLessThan(Math.min(...values) - room);
    }
  });
});
