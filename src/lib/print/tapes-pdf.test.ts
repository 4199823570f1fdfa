import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { layoutTapes } from '$lib/core/tapes';
import { tapesPdf } from './tapes-pdf';
import { linesOf, ownFonts, type Line } from './read-back.testing';

beforeEach(ownFonts);
afterEach(() => vi.unstubAllGlobals());

/** Tapes at these semitones, for one finger after the other. */
const tapesAt = (stringMm: number, semitones: readonly number[]) =>
  layoutTapes({ id: 'any', semitones, fingers: [1, 2, 3, 4] }, stringMm);

const level = (lines: readonly Line[]) => lines.filter(({ y1, y2 }) => Math.abs(y1 - y2) < 0.01);
/** The proof line is the one farthest to the right. */
const proofOf = (lines: readonly Line[]) =>
  lines
    .filter(({ x1, x2, y1, y2 }) => Math.abs(x1 - x2) < 0.01 && Math.abs(y2 - y1) > 90)
    .sort((a, b) => a.x1 - b.x1)
    .at(-1);

it('lies at true scale: every tape to a tenth of a millimetre, the proof line at 100 mm', async () => {
  const tapes = tapesAt(328, [2, 4, 5, 7]);
  const { bytes, beyond } = await tapesPdf([{ title: 'Violin 4/4', stringMm: 328, tapes }]);
  expect(beyond).toEqual([]);
  const lines = await linesOf(bytes);
  const proof = proofOf(lines);
  expect((proof?.y2 ?? 0) - (proof?.y1 ?? 0)).toBeCloseTo(100, 1);
  const nut = Math.max(...level(lines).map(({ y1 }) => y1));
  for (const { mm } of tapes)
    expect(Math.min(...level(lines).map(({ y1 }) => Math.abs(nut - y1 - mm)))).toBeLessThan(0.1);
});

it('is corrected by what an earlier proof line measured', async () => {
  const tapes = tapesAt(328, [5]);
  const { bytes } = await tapesPdf([{ title: 'Violin 4/4', stringMm: 328, tapes }], { proofMm: 96 });
  const lines = await linesOf(bytes);
  const proof = proofOf(lines);
  // A printer that makes 96 of 100 makes 100 of this.
  expect((proof?.y2 ?? 0) - (proof?.y1 ?? 0)).toBeCloseTo(100 / 0.96, 1);
  await expect(tapesPdf([], { proofMm: 30 })).rejects.toThrow(RangeError);
});

it('says which tapes a page is too short for', async () => {
  const tapes = tapesAt(1050, [2, 12]);
  const { beyond } = await tapesPdf([{ title: 'Bass 3/4', stringMm: 1050, tapes }], { paper: 'letter' });
  expect(beyond.map(({ tape }) => tape.semitones)).toEqual([12]);
});

it('puts a group’s strips beside each other, each page with its own proof line, and tells how far it is', async () => {
  const strips = Array.from({ length: 30 }, (_, i) => ({
    title: `Player ${i + 1}, ½`,
    stringMm: 260 + i,
    tapes: tapesAt(260 + i, [2, 5])
  }));
  const heard: number[] = [];
  const { bytes, missing } = await tapesPdf(strips, { report: (done) => heard.push(done) });
  expect(heard).toEqual(strips.map((_, i) => i + 1));
  expect(missing).toEqual([]);
  for (const [number, first] of [
    [1, 0],
    [8, 28]
  ] as const) {
    const lines = await linesOf(bytes, number);
    const proof = proofOf(lines);
    expect((proof?.y2 ?? 0) - (proof?.y1 ?? 0)).toBeCloseTo(100, 1);
    const nut = Math.max(...level(lines).map(({ y1 }) => y1));
    const places = level(lines).map(({ y1 }) => nut - y1);
    for (const { tapes } of strips.slice(first, first + 4))
      for (const { mm } of tapes)
        expect(Math.min(...places.map((place) => Math.abs(place - mm)))).toBeLessThan(0.1);
  }
});
