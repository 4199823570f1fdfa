import { PDFDocument } from 'pdf-lib';
import type { FingerTape } from '$lib/core/tapes';
import { fingerText } from '$lib/words/tapes';
import { loadFonts, missingLetters } from './fonts';
import type { Printed } from './card-pdf';
import { PAPERS, type Paper } from './papers';
import { INK, Pen, pt } from './pen';

const MARGIN_MM = 12;
/** The line that proves the scale of a print. */
const PROOF_MM = 100;
const STRIP_WIDTH_MM = 26;
const PITCH_MM = 34;
/** Room for the proof line, at the right edge. */
const PROOF_ROOM_MM = 26;
/** Where strips and proof line begin, from the page's upper edge. */
const STRIP_TOP_MM = 40;

/** A strip to lay on the fingerboard, its upper edge at the nut. */
export interface TapeStrip {
  readonly title: string;
  readonly stringMm: number;
  readonly tapes: readonly FingerTape[];
}

export interface PrintedStrips extends Printed {
  /** Tapes for which the page is too short, with the strip they belong to. */
  readonly beyond: readonly { readonly title: string; readonly tape: FingerTape }[];
}

/**
 * Draws strips of finger tapes at true scale, beside each other, on every page with a line of 100 mm to prove the print.
 * What lies beyond the page is left out, and said.
 *
 * @param proofMm what the proof line of an earlier print really measured; the scale is corrected by it
 * @param report hears how many of them are done
 * @throws RangeError for a proof that no print could have
 */
export async function tapesPdf(
  strips: readonly TapeStrip[],
  {
    proofMm = PROOF_MM,
    paper = 'a4',
    report = () => undefined
  }: { proofMm?: number; paper?: Paper; report?: (done: number) => void } = {}
): Promise<PrintedStrips> {
  if (!(proofMm >= 80 && proofMm <= 120)) throw new RangeError('a proof line measures 80 to 120 mm');
  const scale = PROOF_MM / proofMm;
  const [widthMm, heightMm] = PAPERS[paper];
  const each = Math.max(1, Math.floor((widthMm - 2 * MARGIN_MM - PROOF_ROOM_MM) / PITCH_MM));
  const longest = (heightMm - MARGIN_MM - STRIP_TOP_MM) / scale;
  const pdf = await PDFDocument.create();
  pdf.setTitle(strips.length === 1 ? (strips[0]?.title ?? '') : 'Finger tapes');
  pdf.setProducer('Jarvel');
  const words = strips.map(({ title }) => title).join(' ');
  const fonts = await loadFonts(pdf, `${words} mm`);
  let pen: Pen | null = null;
  for (const [number, strip] of strips.entries()) {
    if (!pen || number % each === 0) {
      pen = new Pen(pdf.addPage([pt(widthMm), pt(heightMm)]), fonts);
      heading(pen, widthMm, scale);
    }
    drawStrip(pen, strip, { leftMm: MARGIN_MM + (number % each) * PITCH_MM, scale, longest });
    report(number + 1);
  }
  return {
    bytes: await pdf.save({ useObjectStreams: false }),
    missing: missingLetters(words, fonts.regular),
    beyond: strips.flatMap(({ title, tapes }) =>
      tapes.filter(({ mm }) => mm > longest).map((tape) => ({ title, tape }))
    )
  };
}

function heading(pen: Pen, widthMm: number, scale: number): void {
  pen.text('Finger tapes', MARGIN_MM, 16, { size: 14, bold: true });
  pen.text('Tune first, then lay the upper edge at the nut.', MARGIN_MM, 22);
  pen.text(
    'Print at 100 %, without fitting to the page. The line on the right must measure 100 mm.',
    MARGIN_MM,
    27
  );
  const x = widthMm - MARGIN_MM - 14;
  const end = STRIP_TOP_MM + PROOF_MM * scale;
  const proof = { thickness: 1, color: INK };
  pen.line([x, STRIP_TOP_MM], [x, end], proof);
  for (const y of [STRIP_TOP_MM, end]) pen.line([x - 3, y], [x + 3, y], proof);
  pen.text('100 mm', x + 1.5, STRIP_TOP_MM + 50, { size: 8 });
}

function drawStrip(
  pen: Pen,
  { title, stringMm, tapes }: TapeStrip,
  { leftMm, scale, longest }: { leftMm: number; scale: number; longest: number }
): void {
  const there = tapes.filter(({ mm }) => mm <= longest);
  const end = STRIP_TOP_MM + Math.min(longest, Math.max(0, ...there.map(({ mm }) => mm)) + 12) * scale;
  const right = leftMm + STRIP_WIDTH_MM;
  const edge = { thickness: 0.6, color: INK };
  pen.text(pen.fitted(title, PITCH_MM - 2, 9, true), leftMm, STRIP_TOP_MM - 6, { bold: true });
  pen.text(`string ${stringMm.toFixed(0)} mm, from the nut`, leftMm, STRIP_TOP_MM - 2, { size: 7 });
  for (const x of [leftMm, right]) pen.line([x, STRIP_TOP_MM], [x, end], edge);
  pen.line([leftMm, STRIP_TOP_MM], [right, STRIP_TOP_MM], { ...edge, thickness: 1.4 });
  pen.line([leftMm, end], [right, end], edge);
  for (const tape of there) {
    const { mm } = tape;
    const y = STRIP_TOP_MM + mm * scale;
    pen.line([leftMm, y], [right, y], { ...edge, thickness: 1 });
    pen.text(fingerText(tape), leftMm + 1.5, y - 1, { size: 8, bold: true });
    pen.text(`${mm.toFixed(1)} mm`, leftMm + 1.5, y + 3, { size: 7 });
  }
}
