import { PDFDocument, rgb } from 'pdf-lib';
import type { Drawing } from '$lib/core/figure';
import type { Card } from './card';
import { codeOf } from './code';
import { loadFonts, missingLetters } from './fonts';
import { PAPERS, type Paper } from './papers';
import { Pen, pt, SOFT, WARM } from './pen';
import { savedPdf } from './saved';

const [WIDTH_MM, HEIGHT_MM] = PAPERS.a6;
const MARGIN_MM = 8;
const CODE_MM = 24;

/** A file, and the characters that none of the application's fonts has. */
export interface Printed {
  readonly bytes: Uint8Array;
  readonly missing: readonly string[];
}

/**
 * Draws cards as PDF: each a page of exactly A6 (105 x 148 mm), or four on a page of larger paper with lines to cut
 * along. On Letter, which is too low for two, they are a little smaller.
 *
 * @param report hears how many of them are done
 * @throws Error when the application's fonts can't be loaded
 */
export async function cardsPdf(
  cards: readonly Card[],
  pictureOf: (card: Card) => Drawing | Promise<Drawing>,
  { paper = 'a6', report = () => undefined }: { paper?: Paper; report?: (done: number) => void } = {}
): Promise<Printed> {
  const pdf = await PDFDocument.create();
  const [first] = cards;
  pdf.setTitle(cards.length === 1 && first ? `${first.instrument} ${first.size}` : 'Cards');
  pdf.setProducer('Jarvel');
  const words = JSON.stringify(cards);
  const fonts = await loadFonts(pdf, words);
  const [width, height] = PAPERS[paper];
  const each = paper === 'a6' ? 1 : 4;
  const scale = paper === 'a6' ? 1 : Math.min(width / 2 / WIDTH_MM, height / 2 / HEIGHT_MM);
  let page = pdf.addPage([pt(width), pt(height)]);
  for (const [number, card] of cards.entries()) {
    const place = number % each;
    if (number > 0 && place === 0) page = pdf.addPage([pt(width), pt(height)]);
    const whole = new Pen(page, fonts);
    if (each === 4 && place === 0) {
      const cut = { thickness: 0.3 };
      whole.line([width / 2, 0], [width / 2, height], cut);
      whole.line([0, height / 2], [width, height / 2], cut);
    }
    const leftMm = each === 1 ? 0 : ((place % 2) * width) / 2 + (width / 2 - WIDTH_MM * scale) / 2;
    const topMm = place < 2 ? 0 : height / 2;
    drawCard(new Pen(page, fonts, { leftMm, topMm, scale }), card, await pictureOf(card));
    report(number + 1);
  }
  return { bytes: await savedPdf(pdf), missing: missingLetters(words, fonts.regular) };
}

function drawCard(pen: Pen, card: Card, picture: Drawing): void {
  const inner = WIDTH_MM - 2 * MARGIN_MM;
  const rule = (y: number) => pen.line([MARGIN_MM, y], [WIDTH_MM - MARGIN_MM, y]);
  pen.text(pen.fitted(card.player, inner - 30, 15, true), MARGIN_MM, 14, { size: 15, bold: true });
  const size = pen.widthMm(card.size, 22, true);
  pen.text(card.size, WIDTH_MM - MARGIN_MM - size, 15, { size: 22, bold: true });
  pen.text(card.instrument, MARGIN_MM, 19.5, { color: SOFT });
  rule(22.5);

  drawing(pen, card, picture, { centreMm: 78, topMm: 25, widthMm: 42, heightMm: 52 });
  let y = 28;
  for (const setting of card.settings) {
    pen.text(setting.name, MARGIN_MM, y);
    pen.text(setting.value, MARGIN_MM + 27, y, { bold: true });
    if (setting.mark !== '')
      pen.text(pen.fitted(setting.mark, 48, 7.5), MARGIN_MM, y + 3.4, { size: 7.5, color: WARM });
    y += setting.mark === '' ? 5.2 : 7.8;
  }
  y = Math.max(y, 80);
  for (const note of card.notes) y = pen.paragraph(note, MARGIN_MM, y, inner, { size: 8, color: SOFT });
  rule(y);
  y += 5;

  if (card.focus) {
    pen.text('This week', MARGIN_MM, y, { size: 8, color: WARM, bold: true });
    y = pen.paragraph(card.focus.line, MARGIN_MM, y + 5, inner, { size: 12, bold: true });
    y = pen.paragraph(card.focus.drill, MARGIN_MM, y, inner);
    pen.paragraph(card.focus.dose, MARGIN_MM, y, inner, { bold: true });
  } else {
    pen.paragraph('Play, and enjoy it.', MARGIN_MM, y, inner, { size: 11, bold: true });
  }
  const { path, cells } = codeOf(card.code);
  pen.fill(path, WIDTH_MM - 4 - CODE_MM, HEIGHT_MM - 3 - CODE_MM, CODE_MM / cells);
  const beside = inner - CODE_MM + 3;
  pen.text(`Look again by ${card.nextLook}`, MARGIN_MM, 128, { bold: true });
  pen.paragraph(card.stop, MARGIN_MM, 132.5, beside, { size: 7, color: SOFT });
  pen.text(pen.fitted(card.signed, beside, 7), MARGIN_MM, 142.5, { size: 7, color: SOFT });
}

/** The picture of a card in a box of the page: as high as the box, or as wide. */
function drawing(
  pen: Pen,
  { drawing: shown }: Card,
  picture: Drawing,
  box: {
    readonly centreMm: number;
    readonly topMm: number;
    readonly widthMm: number;
    readonly heightMm: number;
  }
): void {
  const { window } = picture;
  const scale = Math.min(box.heightMm / window.height, box.widthMm / window.width);
  const leftMm = box.centreMm - (window.x + window.width / 2) * scale;
  const upperMm = box.topMm - window.y * scale;
  pen.picture(picture, leftMm, upperMm, scale);
  if (shown.kind !== 'back') return;
  const at = ([footX, footY]: readonly [number, number]) =>
    [leftMm + footX * scale, upperMm + footY * scale] as const;
  const { on } = shown;
  if (on.kind === 'bare') return;
  if (on.kind === 'cushion') {
    for (const [i, place] of (on.band ?? []).entries()) {
      const before = on.band?.[i - 1];
      if (before) pen.line(at(before), at(place), { thickness: 1, color: WARM });
    }
    pen.dot(...at(on.at), on.radiusMm * scale, { edge: WARM, fill: rgb(0.93, 0.86, 0.8) });
    return;
  }
  const [shoulder, chest] = [at(on.shoulderFoot), at(on.chestFoot)];
  pen.line(shoulder, chest, { thickness: 3, color: WARM, opacity: 0.4 });
  for (const [place, high] of [
    [shoulder, on.highEnd === 'shoulder'],
    [chest, on.highEnd === 'chest']
  ] as const)
    pen.dot(...place, high ? 4 : 3, { edge: WARM, fill: high ? WARM : rgb(1, 1, 1) });
}
