import { PDFDocument } from 'pdf-lib';
import type { Card } from './card';
import { codeOf } from './code';
import type { Printed } from './card-pdf';
import { loadFonts, missingLetters } from './fonts';
import { PAPERS, type Paper } from './papers';
import { Pen, pt, SOFT, WARM } from './pen';
import { savedPdf } from './saved';

const MARGIN_MM = 12;
const COLUMNS = 2;
const HEIGHT_MM = 33;
const INSET_MM = 3;

/**
 * Draws labels for cases, to cut out: whose it is, what is in it, and how it is set.
 *
 * @param report hears how many of them are done
 * @throws Error when the application's fonts can't be loaded
 */
export async function labelsPdf(
  cards: readonly Card[],
  { paper = 'a4', report = () => undefined }: { paper?: Paper; report?: (done: number) => void } = {}
): Promise<Printed> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Case labels');
  pdf.setProducer('Jarvel');
  const words = JSON.stringify(cards);
  const fonts = await loadFonts(pdf, words);
  const [width, height] = PAPERS[paper];
  const labelMm = (width - 2 * MARGIN_MM) / COLUMNS;
  const rows = Math.floor((height - 2 * MARGIN_MM) / HEIGHT_MM);
  const each = rows * COLUMNS;
  let page = pdf.addPage([pt(width), pt(height)]);
  for (const [number, card] of cards.entries()) {
    const place = number % each;
    if (number > 0 && place === 0) page = pdf.addPage([pt(width), pt(height)]);
    const leftMm = MARGIN_MM + (place % COLUMNS) * labelMm;
    const topMm = MARGIN_MM + Math.floor(place / COLUMNS) * HEIGHT_MM;
    drawLabel(new Pen(page, fonts, { leftMm, topMm }), card, labelMm);
    report(number + 1);
  }
  return { bytes: await savedPdf(pdf), missing: missingLetters(words, fonts.regular) };
}

function drawLabel(pen: Pen, card: Card, labelMm: number): void {
  const corners = [
    [0, 0],
    [labelMm, 0],
    [labelMm, HEIGHT_MM],
    [0, HEIGHT_MM],
    [0, 0]
  ] as const;
  for (const [i, corner] of corners.slice(1).entries())
    pen.line(corners[i] ?? corner, corner, { thickness: 0.3 });
  const { path, cells } = codeOf(card.code);
  const codeMm = HEIGHT_MM - 4;
  pen.fill(path, labelMm - codeMm - 1, 2, codeMm / cells);
  const inner = labelMm - codeMm - INSET_MM - 2;
  pen.text(pen.fitted(card.player, inner, 12, true), INSET_MM, 7, { size: 12, bold: true });
  pen.text(`${card.instrument} ${card.size}`, INSET_MM, 11.5, { bold: true });
  const settings = card.settings.slice(0, MOST_LINES);
  for (const [i, { name, value, mark }] of settings.entries()) {
    const [column, row] = [i % 2, Math.floor(i / 2)];
    const x = INSET_MM + (column * inner) / 2;
    const y = 16 + row * 4.2;
    const text = pen.fitted(`${name} ${value}`, inner / 2 - 1, 7);
    pen.text(text, x, y, { size: 7, color: mark === '' ? SOFT : WARM });
  }
}

/** Settings that a label has room for. */
const MOST_LINES = 8;
