import { PDFDocument } from 'pdf-lib';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { loadFonts } from './fonts';
import { Pen, pt } from './pen';
import { openPdf } from './testing';
import { ownFonts } from './read-back.testing';

/** A page of 100 by 100 mm with a pen on it; with its words and where they begin, mm from the upper left. */
async function page(part?: { leftMm?: number; topMm?: number; scale?: number }) {
  const pdf = await PDFDocument.create();
  const sheet = pdf.addPage([pt(100), pt(100)]);
  const pen = new Pen(sheet, await loadFonts(pdf, 'Ab'), part);
  const written = async () => {
    const { pdf: read } = await openPdf(await pdf.save());
    const { items } = await (await read.getPage(1)).getTextContent();
    return items.flatMap((item) =>
      'str' in item && item.str.trim() !== ''
        ? [
            {
              text: item.str,
              xMm: (Number(item.transform[4]) * 25.4) / 72,
              yMm: 100 - (Number(item.transform[5]) * 25.4) / 72,
              widthMm: (item.width * 25.4) / 72
            }
          ]
        : []
    );
  };
  return { pen, written };
}

describe('a pen', () => {
  beforeAll(ownFonts);
  afterAll(() => vi.unstubAllGlobals());

  it('writes where it is told, from the upper left corner, and knows how wide that is', async () => {
    const { pen, written } = await page();
    pen.text('Look again', 12, 30, { size: 11 });
    const [one] = await written();
    expect(one?.text).toBe('Look again');
    expect(one?.xMm).toBeCloseTo(12, 3);
    expect(one?.yMm).toBeCloseTo(30, 3);
    expect(pen.widthMm('Look again', 11)).toBeCloseTo(one?.widthMm ?? 0, 1);
    expect(pen.widthMm('Look again', 22)).toBeCloseTo(2 * pen.widthMm('Look again', 11), 6);
    expect(pen.widthMm('Look again', 11, true)).toBeGreaterThan(pen.widthMm('Look again', 11));
  });

  it('writes smaller and beside on a part of the page', async () => {
    const { pen, written } = await page({ leftMm: 50, topMm: 20, scale: 0.5 });
    pen.text('Half', 10, 10);
    const [one] = await written();
    expect(one?.xMm).toBeCloseTo(55, 3);
    expect(one?.yMm).toBeCloseTo(25, 3);
  });

  it('breaks a paragraph between words, inside its width, and says where the next line goes', async () => {
    const { pen, written } = await page();
    const text = 'The pad of the finger plucks in a rounded motion, near the end of the board.';
    const next = pen.paragraph(text, 10, 20, 40);
    const lines = await written();
    expect(lines.length).toBeGreaterThan(2);
    expect(lines.map((line) => line.text).join(' ')).toBe(text);
    for (const { xMm, widthMm } of lines) expect(xMm + widthMm).toBeLessThan(50.2);
    const step = (lines[1]?.yMm ?? 0) - (lines[0]?.yMm ?? 0);
    expect(next).toBeCloseTo((lines.at(-1)?.yMm ?? 0) + step, 3);
  });

  it('does not lose a word that is wider than its place', async () => {
    const { pen, written } = await page();
    pen.paragraph('a Donaudampfschifffahrtsgesellschaft b', 10, 20, 8);
    expect((await written()).map(({ text }) => text)).toEqual([
      'a',
      'Donaudampfschifffahrtsgesellschaft',
      'b'
    ]);
  });

  it('cuts what is too long with an ellipsis, and leaves alone what fits', async () => {
    const { pen } = await page();
    expect(pen.fitted('Short', 40, 9)).toBe('Short');
    const cut = pen.fitted('Marguerite Oddbottle-Featherstonehaugh', 30, 9);
    expect(cut).toMatch(/^Marguerite.*…$/);
    expect(pen.widthMm(cut, 9)).toBeLessThanOrEqual(30);
    expect(pen.fitted('Anything', 0, 9)).toBe('…');
  });
});
