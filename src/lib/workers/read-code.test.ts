import { encode } from 'uqr';
import { describe, expect, it } from 'vitest';
import { readCodeIn } from './read-code';
import { seeded } from '$lib/core/dice.testing';

const TEXT = 'violin 1/2 chin 22 lift 14';

/** A card with a code under a lamp, as a camera has it. */
function photo(light: number, grain: number, modulePx: number) {
  const { data: code, size } = encode(TEXT, { border: 4 });
  const side = size * modulePx + 80;
  const next = seeded(3);
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const isDark = code[Math.floor((y - 40) / modulePx)]?.[Math.floor((x - 40) / modulePx)] ?? false;
      const value = 255 * light * (isDark ? 0.08 : 0.95) + (next() + next() - 1) * grain;
      data.fill(value, (y * side + x) * 4, (y * side + x) * 4 + 3);
    }
  return { data, width: side, height: side };
}

describe('a code in a photo', () => {
  it.each([
    ['in good light', 1, 6, 6],
    ['in a dim hall, with grain', 0.22, 28, 6],
    ['from far away', 0.8, 8, 3]
  ])('is read %s', (_, light, grain, modulePx) => {
    expect(readCodeIn(photo(light, grain, modulePx))).toBe(TEXT);
  });

  it('is none where there is none', () => {
    expect(
      readCodeIn({ data: new Uint8ClampedArray(200 * 200 * 4).fill(255), width: 200, height: 200 })
    ).toBe(null);
  });
});
