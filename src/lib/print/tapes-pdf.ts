import { PDFDocument, rgb } from 'pdf-lib';
import type { Tape } from '$lib/core/tapes';
import { loadFonts, runsOf } from './fonts';

const PT_PER_MM = 72 / 25.4;
const INK = rgb(0.08, 0.12, 0.1);
const MARGIN_MM = 12;
/** The line that proves the scale of a print. */
export const PROOF_MM = 100;
const STRIP_WIDTH_MM = 22;
/** Where strip and proof line begin, from the page's upper edge. */
const STRIP_TOP_MM = 34;
const PAGES = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAGES;

/** A strip to lay on the fingerboard, its upper edge at the nut. */
export interface TapeStrip {
  readonly title: string;
  readonly stringMm: number;
  readonly tapes: readonly Tape[];
  /** What the proof line of an earlier print really measured, mm; the scale is corrected by it. */
  readonly proofMm?: number;
  readonly paper?: Paper;
}

/**
 * Draws a strip of finger tapes at true scale, with a line of 100 mm to prove the print. What lies beyond the page is
 * left out, and said.
 *
 * @throws RangeError for a proof that no print could have
 */
export async function tapesPdf({
  title,
  stringMm,
  tapes,
  proofMm = PROOF_MM,
  paper = 'a4'
}: TapeStrip): Promise<{
  readonly bytes: Uint8Array;
  /** Tapes for which the page is too short. */
  readonly beyond: readonly Tape[];
}> {
  if (!(proofMm >= 80 && proofMm <= 120)) throw new RangeError('a proof line measures 80 to 120 mm');
  const scale = PROOF_MM / proofMm;
  const [widthMm, heightMm] = PAGES[paper];
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  pdf.setProducer('Jarvel');
  const page = pdf.addPage([widthMm * PT_PER_MM, heightMm * PT_PER_MM]);
  const fonts = await loadFonts(pdf, `${title} mm`);
  const at = (mm: number) => mm * PT_PER_MM;
  const up = (mm: number) => (heightMm - mm) * PT_PER_MM;
  const text = (words: string, xMm: number, yMm: number, size = 10, bold = false) => {
    let x = at(xMm);
    for (const run of runsOf(words, bold ? fonts.bold : fonts.regular)) {
      page.drawText(run.text, { x, y: up(yMm), size, font: run.font, color: INK });
      x += run.font.widthOfTextAtSize(run.text, size);
    }
  };
  const line = (x1: number, y1: number, x2: number, y2: number, thickness = 0.6) =>
    page.drawLine({
      start: { x: at(x1), y: up(y1) },
      end: { x: at(x2), y: up(y2) },
      thickness,
      color: INK
    });

  text(title, MARGIN_MM, 14, 14, true);
  text(`String ${stringMm.toFixed(0)} mm. Tune first, then lay the upper edge at the nut.`, MARGIN_MM, 20);
  text(
    'Print at 100 %, without fitting to the page. The line on the right must measure 100 mm.',
    MARGIN_MM,
    25
  );
  const longest = (heightMm - MARGIN_MM - STRIP_TOP_MM) / scale;
  const there = tapes.filter(({ mm }) => mm <= longest);
  const end = STRIP_TOP_MM + Math.min(longest, Math.max(0, ...there.map(({ mm }) => mm)) + 12) * scale;
  for (const x of [MARGIN_MM, MARGIN_MM + STRIP_WIDTH_MM]) line(x, STRIP_TOP_MM, x, end);
  line(MARGIN_MM, STRIP_TOP_MM, MARGIN_MM + STRIP_WIDTH_MM, STRIP_TOP_MM, 1.4);
  line(MARGIN_MM, end, MARGIN_MM + STRIP_WIDTH_MM, end);
  text('nut', MARGIN_MM + STRIP_WIDTH_MM + 2, STRIP_TOP_MM + 1);
  for (const { semitones, mm } of there) {
    const y = STRIP_TOP_MM + mm * scale;
    line(MARGIN_MM, y, MARGIN_MM + STRIP_WIDTH_MM, y, 1);
    text(`${semitones}: ${mm.toFixed(1)} mm`, MARGIN_MM + STRIP_WIDTH_MM + 2, y + 1);
  }
  const proofX = widthMm - MARGIN_MM - 30;
  line(proofX, STRIP_TOP_MM, proofX, STRIP_TOP_MM + PROOF_MM * scale, 1);
  for (const y of [STRIP_TOP_MM, STRIP_TOP_MM + PROOF_MM * scale]) line(proofX - 3, y, proofX + 3, y, 1);
  text('100 mm', proofX + 5, STRIP_TOP_MM + 50);
  return {
    bytes: await pdf.save({ useObjectStreams: false }),
    beyond: tapes.filter(({ mm }) => mm > longest)
  };
}
