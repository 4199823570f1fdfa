import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { fittingTape, piecesOf } from '$lib/core/fitting-tape';
import { fittingTapePdf } from './fitting-tape-pdf';
import { linesOf, ownFonts } from './read-back.testing';

beforeEach(ownFonts);
afterEach(() => vi.unstubAllGlobals());

const marks = fittingTape({
  family: 'violin',
  own: [
    { name: '7', size: '1/2', overallMm: 512 },
    { name: '9', size: '1/2', overallMm: 521.4 },
    { name: '3', size: '1/4', overallMm: null }
  ]
});
const tape = {
  title: 'Fitting tape, violin',
  how: 'Lay it along the arm.',
  marks,
  labels: marks.map(({ size, names }) => `${size} ${names.join(' ')}`)
};
/** Lines across the tape are as long as it is high. */
const HIGH_MM = 36;

/** The lines across each piece, mm from the neck, put together as they are glued: edge on edge. */
async function readBack(bytes: Uint8Array) {
  const lines = await linesOf(bytes);
  const across = lines.filter(
    ({ x1, x2, y1, y2 }) => Math.abs(x1 - x2) < 0.01 && Math.abs(Math.abs(y2 - y1) - HIGH_MM) < 0.1
  );
  const rows = [...new Set(across.map(({ y1 }) => Math.round(y1)))].sort((a, b) => b - a);
  let joined = 0;
  const places: number[] = [];
  for (const [piece, row] of rows.entries()) {
    const xs = across
      .filter(({ y1 }) => Math.round(y1) === row)
      .map(({ x1 }) => x1)
      .sort((a, b) => a - b);
    // Before the first edge of a later piece is its tab.
    const own = piece === 0 ? xs : xs.slice(1);
    const from = own[0] ?? 0;
    places.push(...own.map((x) => joined + x - from));
    joined += (own.at(-1) ?? 0) - from;
  }
  return { places, lengthMm: joined, rows: rows.length };
}

it('lies at true scale: every instrument to a tenth of a millimetre, put together from its pieces', async () => {
  const { bytes, missing } = await fittingTapePdf(tape);
  expect(missing).toEqual([]);
  const { places, lengthMm, rows } = await readBack(bytes);
  expect(rows).toBe(piecesOf(marks, 250).length);
  for (const { overallMm } of marks)
    expect(Math.min(...places.map((place) => Math.abs(place - overallMm)))).toBeLessThan(0.1);
  expect(lengthMm).toBeCloseTo((marks.at(-1)?.doubtMm[1] ?? 0) + 25, 1);
  const proof = (await linesOf(bytes)).filter(
    ({ x1, x2, y1, y2 }) => Math.abs(y1 - y2) < 0.01 && Math.abs(Math.abs(x2 - x1) - 100) < 0.1
  );
  expect(proof).toHaveLength(1);
});

it.each(['a4', 'letter'] as const)(
  'is corrected by what an earlier proof line measured: %s',
  async (paper) => {
    const { bytes } = await fittingTapePdf(tape, { proofMm: 96, paper });
    const { places } = await readBack(bytes);
    for (const { overallMm } of marks)
      expect(Math.min(...places.map((place) => Math.abs(place - overallMm / 0.96)))).toBeLessThan(0.1);
    expect(() => fittingTapePdf(tape, { proofMm: 60 })).toThrow(RangeError);
  }
);
