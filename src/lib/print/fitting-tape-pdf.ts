import { rgb } from 'pdf-lib';
import { piecesOf, type TapeMark, type TapePiece } from '$lib/core/fitting-tape';
import type { Printed } from './card-pdf';
import { printed } from './document';
import { PAPERS, type Paper } from './papers';
import { INK, SOFT, type Pen } from './pen';

/** A tape to lay along the arm, with its words. */
export interface PrintedTape {
  readonly title: string;
  /** How to lay it, and where to read it. */
  readonly how: string;
  readonly marks: readonly TapeMark[];
  /** What stands at each line, in the order of the lines. */
  readonly labels: readonly string[];
}

const MARGIN_MM = 13;
/** Paper left of a piece by which it is glued under the one before. */
const TAB_MM = 8;
const TOP_MM = 44;
const HIGH_MM = 36;
const PITCH_MM = 48;
const PROOF_MM = 100;
const TICK_MM = 10;
const DOUBT = rgb(0.86, 0.88, 0.86);
/** What a label beside its line takes of the tape. */
const LETTER_MM = 4;

/**
 * Draws a fitting tape at true scale, in pieces that join at their lettered edges, with a line of 100 mm that proves the
 * print.
 *
 * @param proofMm what the proof line of an earlier print really measured; the scale is corrected by it
 * @throws RangeError for a proof that no print could have
 */
export function fittingTapePdf(
  tape: PrintedTape,
  { proofMm = PROOF_MM, paper = 'a4' }: { proofMm?: number; paper?: Paper } = {}
): Promise<Printed> {
  if (!(proofMm >= 80 && proofMm <= 120)) throw new RangeError('a proof line measures 80 to 120 mm');
  const scale = PROOF_MM / proofMm;
  const [heightMm, widthMm] = PAPERS[paper];
  const roomMm = widthMm - 2 * MARGIN_MM - TAB_MM;
  const pieces = piecesOf(tape.marks, Math.floor(roomMm / scale));
  const each = Math.floor((heightMm - TOP_MM - MARGIN_MM) / PITCH_MM);
  return printed(tape.title, JSON.stringify(tape), (sheets) => {
    for (let from = 0; from < pieces.length; from += each) {
      const pen = sheets.page([widthMm, heightMm])();
      heading(pen, tape, { widthMm, scale });
      pieces.slice(from, from + each).forEach((piece, row) =>
        drawPiece(pen, tape, piece, {
          topMm: TOP_MM + row * PITCH_MM,
          scale,
          at: from + row,
          isLast: from + row === pieces.length - 1
        })
      );
    }
  });
}

function heading(
  pen: Pen,
  { title, how }: PrintedTape,
  { widthMm, scale }: { widthMm: number; scale: number }
): void {
  pen.text(title, MARGIN_MM, 16, { size: 14, bold: true });
  pen.paragraph(how, MARGIN_MM, 22, widthMm - 2 * MARGIN_MM - PROOF_MM * 1.25 - 10);
  const right = widthMm - MARGIN_MM;
  const left = right - PROOF_MM * scale;
  const proof = { thickness: 1, color: INK };
  pen.line([left, 20], [right, 20], proof);
  for (const x of [left, right]) pen.line([x, 17], [x, 23], proof);
  pen.text('This line must measure 100 mm: print at 100 %.', left, 28, { size: 8 });
}

const letter = (at: number): string => String.fromCharCode('A'.charCodeAt(0) + at);

function drawPiece(
  pen: Pen,
  { marks, labels }: PrintedTape,
  { fromMm, toMm }: TapePiece,
  { topMm, scale, at, isLast }: { topMm: number; scale: number; at: number; isLast: boolean }
): void {
  const left = MARGIN_MM + TAB_MM;
  const x = (mm: number) => left + (mm - fromMm) * scale;
  const bottom = topMm + HIGH_MM;
  const within = (mm: number) => mm >= fromMm && mm <= toMm;
  const cut = (mm: number) => Math.max(fromMm, Math.min(toMm, mm));
  for (const { doubtMm } of marks) {
    const [from, to] = [cut(doubtMm[0]), cut(doubtMm[1])];
    if (to > from) pen.box(x(from), topMm, (to - from) * scale, HIGH_MM, DOUBT);
  }
  const edge = { thickness: 0.6, color: INK };
  for (const y of [topMm, bottom]) pen.line([x(fromMm), y], [x(toMm), y], edge);
  for (let mm = Math.ceil(fromMm / TICK_MM) * TICK_MM; mm <= toMm; mm += TICK_MM) {
    const isFifth = mm % (5 * TICK_MM) === 0;
    pen.line([x(mm), bottom - (isFifth ? 5 : 3)], [x(mm), bottom], { thickness: 0.4 });
    if (isFifth && mm > 0 && mm < toMm - 8) pen.text(`${mm / 10}`, x(mm) + 0.8, bottom - 2.5, { size: 7 });
  }
  const places = marks.map(({ overallMm }) => overallMm);
  marks.forEach(({ overallMm: mm }, number) => {
    if (!within(mm)) return;
    pen.line([x(mm), topMm], [x(mm), bottom], { thickness: 1.2, color: INK });
    const text = pen.fitted(labels[number] ?? '', HIGH_MM - 8, 9, true);
    // Beside its line, on the side where there is room.
    const [before, after] = [places[number - 1] ?? fromMm, places[number + 1] ?? toMm];
    const isTight =
      (toMm - mm) * scale < LETTER_MM ||
      ((after - mm) * scale < LETTER_MM && (mm - before) * scale >= LETTER_MM);
    pen.upwards(text, isTight ? x(mm) - 1 : x(mm) + LETTER_MM - 1, bottom - 6.5, { bold: true });
  });
  if (at === 0) {
    pen.line([x(0), topMm], [x(0), bottom], { thickness: 2, color: INK });
    pen.text('Base of the neck', x(0) + 2, topMm + 6, { size: 9, bold: true });
  } else {
    // The tab goes under the piece before; edge on edge, letter by letter.
    pen.line([x(fromMm), topMm], [x(fromMm), bottom], { thickness: 0.6, color: SOFT });
    for (const y of [topMm, bottom]) pen.line([left - TAB_MM, y], [left, y], { thickness: 0.4 });
    pen.line([left - TAB_MM, topMm], [left - TAB_MM, bottom], { thickness: 0.4 });
    pen.text(letter(at - 1), left - TAB_MM + 1, topMm + 8, { size: 11, bold: true });
    pen.text('glue', left - TAB_MM + 1, topMm + HIGH_MM / 2, { size: 7 });
  }
  pen.line([x(toMm), topMm], [x(toMm), bottom], { thickness: isLast ? 0.6 : 0.8, color: INK });
  if (!isLast) pen.text(letter(at), x(toMm) + 1.5, topMm + 8, { size: 11, bold: true });
}
