import { PDFDocument, rgb, type PDFPage, type RGB } from 'pdf-lib';
import type { Drawing } from '$lib/core/figure';
import type { Card } from './card';
import { drawPicture } from './picture-pdf';
import { loadFonts, missingLetters, runsOf, type FontChain } from './fonts';

const PT_PER_MM = 72 / 25.4;
const WIDTH_MM = 105;
const HEIGHT_MM = 148;
const MARGIN_MM = 8;
const INK = rgb(0.08, 0.12, 0.1);
const SOFT = rgb(0.35, 0.4, 0.37);
const WARM = rgb(0.62, 0.3, 0.1);

const pt = (mm: number) => mm * PT_PER_MM;

/** Writes on an A6 page in mm from its upper left corner. */
class Sheet {
  constructor(
    readonly page: PDFPage,
    readonly fonts: Readonly<Record<'regular' | 'bold', FontChain>>
  ) {}

  text(
    text: string,
    xMm: number,
    yMm: number,
    { size = 9, bold = false, color = INK }: { size?: number; bold?: boolean; color?: RGB } = {}
  ): void {
    let x = pt(xMm);
    for (const run of runsOf(text, bold ? this.fonts.bold : this.fonts.regular)) {
      this.page.drawText(run.text, { x, y: pt(HEIGHT_MM - yMm), size, font: run.font, color });
      x += run.font.widthOfTextAtSize(run.text, size);
    }
  }

  widthMm(text: string, size: number, bold = false): number {
    const runs = runsOf(text, bold ? this.fonts.bold : this.fonts.regular);
    return runs.reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, size), 0) / PT_PER_MM;
  }

  /** Writes a paragraph and returns the y of the line after it. */
  paragraph(
    text: string,
    xMm: number,
    yMm: number,
    widthMm: number,
    size = 9,
    options: { bold?: boolean; color?: RGB } = {}
  ): number {
    let line = '';
    let y = yMm;
    const leading = (size * 1.3) / PT_PER_MM;
    for (const word of text.split(' ')) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line !== '' && this.widthMm(longer, size, options.bold) > widthMm) {
        this.text(line, xMm, y, { size, ...options });
        y += leading;
        line = word;
      } else line = longer;
    }
    this.text(line, xMm, y, { size, ...options });
    return y + leading;
  }

  rule(yMm: number): void {
    const y = pt(HEIGHT_MM - yMm);
    this.page.drawLine({
      start: { x: pt(MARGIN_MM), y },
      end: { x: pt(WIDTH_MM - MARGIN_MM), y },
      thickness: 0.5,
      color: SOFT
    });
  }

  /** Cuts a text that is too long for its place, with an ellipsis. */
  fitted(text: string, widthMm: number, size: number, bold = false): string {
    if (this.widthMm(text, size, bold) <= widthMm) return text;
    const letters = [...text];
    while (letters.length > 0 && this.widthMm(`${letters.join('')}…`, size, bold) > widthMm) letters.pop();
    return `${letters.join('').trimEnd()}…`;
  }
}

/**
 * Draws a player's card as a PDF page of exactly A6 (105 x 148 mm).
 *
 * @param picture what its drawing asks for
 * @returns the bytes of the file, and the characters that none of the application's fonts has
 * @throws Error when the application's fonts can't be loaded
 */
export async function cardPdf(
  card: Card,
  picture: Drawing
): Promise<{ readonly bytes: Uint8Array; readonly missing: readonly string[] }> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(`${card.instrument} ${card.size}`);
  pdf.setProducer('Jarvel');
  const page = pdf.addPage([pt(WIDTH_MM), pt(HEIGHT_MM)]);
  const words = JSON.stringify(card);
  const fonts = await loadFonts(pdf, words);
  const sheet = new Sheet(page, fonts);
  const inner = WIDTH_MM - 2 * MARGIN_MM;

  sheet.text(sheet.fitted(card.player, inner - 30, 15, true), MARGIN_MM, 14, { size: 15, bold: true });
  const size = sheet.widthMm(card.size, 22, true);
  sheet.text(card.size, WIDTH_MM - MARGIN_MM - size, 15, { size: 22, bold: true });
  sheet.text(card.instrument, MARGIN_MM, 19.5, { size: 9, color: SOFT });
  sheet.rule(22.5);

  drawing(sheet, card, picture, { centreMm: 78, topMm: 25, widthMm: 42, heightMm: 54 });
  let y = 28;
  for (const setting of card.settings) {
    sheet.text(setting.name, MARGIN_MM, y, { size: 9 });
    sheet.text(setting.value, MARGIN_MM + 27, y, { size: 9, bold: true });
    if (setting.mark !== '')
      sheet.text(sheet.fitted(setting.mark, 48, 7.5), MARGIN_MM, y + 3.4, { size: 7.5, color: WARM });
    y += setting.mark === '' ? 5.2 : 7.8;
  }
  y = Math.max(y, 80);
  for (const note of card.notes) y = sheet.paragraph(note, MARGIN_MM, y, inner, 8, { color: SOFT });
  sheet.rule(y);
  y += 5;

  if (card.focus) {
    sheet.text('This week', MARGIN_MM, y, { size: 8, color: WARM, bold: true });
    y = sheet.paragraph(card.focus.line, MARGIN_MM, y + 5, inner, 12, { bold: true });
    y = sheet.paragraph(card.focus.drill, MARGIN_MM, y, inner, 9);
    sheet.paragraph(card.focus.dose, MARGIN_MM, y, inner, 9, { bold: true });
  } else {
    sheet.paragraph('Play, and enjoy it.', MARGIN_MM, y, inner, 11, { bold: true });
  }
  sheet.text(`Look again by ${card.nextLook}`, MARGIN_MM, 131, { size: 9, bold: true });
  sheet.paragraph(card.stop, MARGIN_MM, 135.5, inner, 7, { color: SOFT });
  sheet.text(sheet.fitted(card.signed, inner, 7), MARGIN_MM, 142.5, { size: 7, color: SOFT });
  return { bytes: await pdf.save(), missing: missingLetters(words, fonts.regular) };
}

/** The picture of a card in a box of the page: as high as the box, or as wide. */
function drawing(
  sheet: Sheet,
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
  drawPicture(sheet.page, picture, { x: pt(leftMm), y: pt(HEIGHT_MM - upperMm), ptPerMm: pt(scale) });
  if (shown.kind !== 'back') return;
  const at = ([footX, footY]: readonly [number, number]) => ({
    x: pt(leftMm + footX * scale),
    y: pt(HEIGHT_MM - upperMm - footY * scale)
  });
  const [shoulder, chest] = [at(shown.shoulderFoot), at(shown.chestFoot)];
  sheet.page.drawLine({ start: shoulder, end: chest, thickness: 3, color: WARM, opacity: 0.4 });
  for (const [place, high] of [
    [shoulder, shown.highEnd === 'shoulder'],
    [chest, shown.highEnd === 'chest']
  ] as const)
    sheet.page.drawCircle({
      ...place,
      size: high ? 4 : 3,
      borderColor: WARM,
      borderWidth: 1,
      color: high ? WARM : rgb(1, 1, 1)
    });
}
