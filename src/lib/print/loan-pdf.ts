import type { Printed } from './card-pdf';
import { printed } from './document';
import { PAPERS, type Paper } from './papers';
import { SOFT, type Pen } from './pen';

/** A paper to sign when an instrument goes out. */
export interface LoanPaper {
  readonly player: string;
  /** Each line of the agreement by its name: what, since, until, how it is. */
  readonly lines: readonly (readonly [name: string, text: string])[];
  /** What to watch at home. */
  readonly watch: readonly string[];
  readonly signed: string;
}

const MARGIN_MM = 20;
const NAME_MM = 42;
const LINE_MM = 9;

/** Draws loan papers, one a page, with room to sign for going out and for coming back. */
export const loanPdf = (
  papers: readonly LoanPaper[],
  { paper = 'a4', report = () => undefined }: { paper?: Paper; report?: (done: number) => void } = {}
): Promise<Printed> =>
  printed('Loans', JSON.stringify(papers), (sheets) => {
    for (const [number, one] of papers.entries()) {
      drawPaper(sheets.page(PAPERS[paper])(), one, PAPERS[paper]);
      report(number + 1);
    }
  });

function drawPaper(
  pen: Pen,
  { player, lines, watch, signed }: LoanPaper,
  [widthMm, heightMm]: readonly [number, number]
): void {
  const inner = widthMm - 2 * MARGIN_MM;
  pen.text('Loan of an instrument', MARGIN_MM, 26, { size: 12, color: SOFT });
  pen.text(pen.fitted(player, inner, 22, true), MARGIN_MM, 36, { size: 22, bold: true });
  let y = 50;
  for (const [name, text] of lines) {
    pen.text(name, MARGIN_MM, y, { size: 10, color: SOFT });
    const after = pen.paragraph(text, MARGIN_MM + NAME_MM, y, inner - NAME_MM, { size: 11 });
    y = Math.max(y + LINE_MM, after + 2);
  }
  y += 4;
  pen.text('What to watch', MARGIN_MM, y, { size: 12, bold: true });
  y += 6;
  for (const line of watch) {
    pen.text('–', MARGIN_MM, y, { size: 10 });
    y = pen.paragraph(line, MARGIN_MM + 4, y, inner - 4, { size: 10 }) + 1;
  }
  y = Math.max(y + 14, heightMm - 84);
  const half = (inner - 10) / 2;
  const sign = (x: number, under: string) => {
    pen.line([x, y], [x + half, y]);
    pen.text(under, x, y + 4.5, { size: 9, color: SOFT });
  };
  sign(MARGIN_MM, 'Went out: day, guardian');
  sign(MARGIN_MM + half + 10, 'School');
  y += 24;
  sign(MARGIN_MM, 'Came back: day, how it was');
  sign(MARGIN_MM + half + 10, 'School');
  pen.text(pen.fitted(signed, inner, 9), MARGIN_MM, heightMm - 14, { size: 9, color: SOFT });
}
