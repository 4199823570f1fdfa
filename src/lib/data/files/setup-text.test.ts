import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sizesOf, type Family } from '$lib/core/instruments';
import { rangeOf, SETTING_IDS, SETUP_CHOICES, SETUP_KIND_OF, unitOf } from '$lib/core/setup';
import type { Setup } from '../store/records';
import { MARK_LENGTH } from '../schema/setup';
import { NotASetup, setupFromText, textOfSetup } from './setup-text';

const anySetup = fc
  .constantFrom<Family>('violin', 'viola', 'cello', 'bass')
  .chain((family) => {
    const kind = SETUP_KIND_OF[family];
    const ways: Readonly<Record<string, readonly string[]>> = SETUP_CHOICES[kind];
    return fc.record({
      family: fc.constant(family),
      kind: fc.constant(kind),
      size: fc.constantFrom(...sizesOf(family)),
      day: fc.constantFrom('2026-02-28', '2024-02-29', '2030-12-31'),
      choices: fc.record(
        Object.fromEntries(Object.entries(ways).map(([id, all]) => [id, fc.constantFrom(...all)]))
      ),
      settings: fc.record(
        Object.fromEntries(
          SETTING_IDS[kind].map((id) => {
            const { low, high } = rangeOf(kind, id);
            return [
              id,
              fc.record({
                value: fc.integer({ min: low * 10, max: high * 10 }).map((tenths) => tenths / 10),
                unit: fc.constant(unitOf(id)),
                origin: fc.constantFrom('computed', 'adjusted'),
                mark: fc.oneof(fc.constant(''), fc.string({ unit: 'grapheme', maxLength: MARK_LENGTH / 4 }))
              })
            ];
          })
        )
      )
    });
  })
  .map((setup) => setup as unknown as Setup);

describe('a set-up as text', () => {
  it('comes back as it was, marks in any script and all', () => {
    fc.assert(
      fc.property(anySetup, (setup) => {
        const read = setupFromText(`  ${textOfSetup(setup)}\n`);
        expect(read).toMatchObject({ family: setup.family, size: setup.size, day: setup.day });
        expect(read.adjustments.choices).toEqual(setup.choices);
        for (const [id, { value, mark }] of Object.entries(setup.settings)) {
          expect((read.adjustments.marks as Record<string, string>)[id] ?? '').toBe(mark);
          // A cello's angle and slide follow from seat, pin and anchor.
          if (id === 'angle' || id === 'slide') expect(read.adjustments.values).not.toHaveProperty(id);
          else {
            expect(read.adjustments.values).toHaveProperty(id, value);
            expect(read.adjustments.origins).toHaveProperty(id, 'copied');
          }
        }
      }),
      { numRuns: 300 }
    );
  });

  it('is refused with a sentence when it is cut, altered or something else', () => {
    fc.assert(
      fc.property(anySetup, fc.nat(), fc.string({ maxLength: 3 }), (setup, at, put) => {
        const text = textOfSetup(setup);
        const place = at % text.length;
        for (const altered of [text.slice(0, place), text.slice(0, place) + put + text.slice(place + 1)])
          try {
            const { adjustments } = setupFromText(altered);
            // What still reads holds only what can be set.
            for (const [id, value] of Object.entries(adjustments.values)) {
              const { low, high } = rangeOf(adjustments.kind, id as Parameters<typeof rangeOf>[1]);
              expect(value).toBeGreaterThanOrEqual(low);
              expect(value).toBeLessThanOrEqual(high);
            }
          } catch (error) {
            expect(error).toBeInstanceOf(NotASetup);
          }
      }),
      { numRuns: 300 }
    );
    expect(() => setupFromText('https://school.example')).toThrow('This is not the text of a set-up.');
    expect(() => setupFromText('jarvel-setup/2 violin')).toThrow('a newer Jarvel');
    expect(() => setupFromText('jarvel-setup/1 cello 1/2 2026-10-20 strap,turned 347,278')).toThrow(
      'was the text cut?'
    );
    // An empty number is none, and not nought.
    expect(() => setupFromText('jarvel-setup/1 cello 1/2 2026-10-20 strap,turned 347,278,30,0,')).toThrow(
      NotASetup
    );
    expect(() => setupFromText('jarvel-setup/1 cello 1/2 2026-10-20 strap,turned ,278,30,0,512')).toThrow(
      NotASetup
    );
    expect(() => setupFromText('jarvel-setup/1 cello 1/2 2026-10-20 rope,turned 347,278,30,0,512')).toThrow(
      'anchoring must be one of strap, stop'
    );
  });

  it('is short enough for a small code', () => {
    const setup = {
      family: 'cello',
      size: '1/2',
      day: '2026-10-20',
      kind: 'seated',
      choices: { anchoring: 'strap', placing: 'turned' },
      settings: Object.fromEntries(
        [
          ['seat', 347],
          ['pin', 278.44],
          ['angle', 30],
          ['slide', 0],
          ['anchor', 512]
        ].map(([id, value]) => [
          id,
          { value, unit: 'mm', origin: 'computed', mark: id === 'pin' ? 'red tape' : '' }
        ])
      )
    } as unknown as Setup;
    expect(textOfSetup(setup)).toBe(
      'jarvel-setup/1 cello 1/2 2026-10-20 strap,turned 347,278.4,30,0,512 ,red%20tape'
    );
  });
});
