import fc from 'fast-check';
import readCode from 'jsqr';
import { expect, it } from 'vitest';
import { codeOf } from './code';

/** The code as a camera sees it: its path's bars, so many pixels a cell. */
function photograph(text: string, pixels: number) {
  const { path, cells } = codeOf(text);
  const side = cells * pixels;
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, x, y, wide] of path.matchAll(/M(\d+) (\d+)l(\d+)/g))
    for (let row = Number(y) * pixels; row < (Number(y) + 1) * pixels; row++)
      data.fill(
        0,
        (row * side + Number(x) * pixels) * 4,
        (row * side + (Number(x) + Number(wide)) * pixels) * 4
      );
  for (let alpha = 3; alpha < data.length; alpha += 4) data[alpha] = 255;
  return readCode(data, side, side)?.data;
}

it('is read back, whatever the text', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme-ascii', minLength: 1, maxLength: 300 }), (text) => {
      expect(photograph(text, 3)).toBe(text);
    }),
    { numRuns: 15 }
  );
  const longest = `jarvel-setup/1 violin 1/16 2026-10-20 collarbone-first,between ${'12.5,'.repeat(8)} ${'a'.repeat(400)}`;
  expect(photograph(longest, 3)).toBe(longest);
});
