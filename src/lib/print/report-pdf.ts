import { PDFDocument } from 'pdf-lib';
import type { Printed } from './card-pdf';
import { loadFonts, missingLetters } from './fonts';
import { pointPicture, pictureInBox } from './home-pdf';
import { PAPERS } from './papers';
import { Pen, pt, SOFT } from './pen';
import { savedPdf } from './saved';
import type { TermReport } from './report';

const [WIDTH_MM, HEIGHT_MM] = PAPERS.a4;
const MARGIN_MM = 18;
const INNER_MM = WIDTH_MM - 2 * MARGIN_MM;
const PICTURE_MM = 44;

/**
 * Draws a term's report as PDF on one page of A4.
 *
 * @throws Error when the application's fonts can't be loaded
 */
export async function reportPdf(report: TermReport): Promise<Printed> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Report');
  pdf.setProducer('Jarvel');
  const { next, ...said } = report;
  const words = JSON.stringify([said, next.map(({ title, right, course }) => [title, right, course])]);
  const fonts = await loadFonts(pdf, words);
  const pen = new Pen(pdf.addPage([pt(WIDTH_MM), pt(HEIGHT_MM)]), fonts);
  pen.text(pen.fitted(report.player, INNER_MM - 60, 20, true), MARGIN_MM, 24, { size: 20, bold: true });
  pen.text(`${report.instrument}, ${report.period}`, MARGIN_MM, 31, { size: 10, color: SOFT });
  pen.line([MARGIN_MM, 34], [WIDTH_MM - MARGIN_MM, 34]);
  let y = 42;
  const part = (title: string, lines: readonly string[]) => {
    if (lines.length === 0) return;
    pen.text(title, MARGIN_MM, y, { size: 12, bold: true });
    y += 6;
    for (const line of lines) y = pen.paragraph(line, MARGIN_MM, y, INNER_MM, { size: 10 }) + 0.8;
    y += 4;
  };
  part('What is secure', report.secure);
  part('What has become better', report.better);
  part('Tests', report.tests);
  if (next.length > 0) {
    pen.text('What comes next', MARGIN_MM, y, { size: 12, bold: true });
    y += 4;
    const column = (INNER_MM - 2 * 6) / 3;
    next.forEach((point, i) => {
      const left = MARGIN_MM + i * (column + 6);
      pictureInBox(pen, pointPicture(point.picture), left, y, column, PICTURE_MM);
      const below = pen.paragraph(point.title, left, y + PICTURE_MM + 5, column, { size: 10.5, bold: true });
      pen.paragraph(point.right, left, below + 0.5, column, { size: 9 });
    });
  }
  pen.text(pen.fitted(report.signed, INNER_MM, 9), MARGIN_MM, HEIGHT_MM - 14, { size: 9, color: SOFT });
  return { bytes: await savedPdf(pdf), missing: missingLetters(words, fonts.regular) };
}
