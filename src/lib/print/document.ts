import { PDFDocument } from 'pdf-lib';
import type { Printed } from './card-pdf';
import { loadFonts, missingLetters } from './fonts';
import { Pen, pt } from './pen';
import { savedPdf } from './saved';

/** A document that is being drawn: pages, and pens for parts of them. */
export interface Sheets {
  /** A new page, breadth and height in mm. */
  page(size: readonly [widthMm: number, heightMm: number]): (part?: PenPart) => Pen;
}
type PenPart = ConstructorParameters<typeof Pen>[2];

/**
 * Draws a document with the application's fonts, and says which letters of its words they do not have.
 *
 * @param words everything that is written on it
 * @throws Error when the fonts can't be loaded
 */
export async function printed(
  title: string,
  words: string,
  draw: (sheets: Sheets) => void
): Promise<Printed> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  pdf.setProducer('Jarvel');
  const fonts = await loadFonts(pdf, words);
  draw({
    page: ([widthMm, heightMm]) => {
      const page = pdf.addPage([pt(widthMm), pt(heightMm)]);
      return (part) => new Pen(page, fonts, part);
    }
  });
  return { bytes: await savedPdf(pdf), missing: missingLetters(words, fonts.regular) };
}
