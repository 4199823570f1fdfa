import type { Printed } from './card-pdf';
import { printed } from './document';
import { PAPERS, type Paper } from './papers';

const MARGIN_MM = 25;
const TOP_MM = 40;
const SIZE = 11;

/** Draws letters, one a page. Lines of a letter stay as they are written. */
export const lettersPdf = (
  letters: readonly string[],
  { paper = 'a4', report = () => undefined }: { paper?: Paper; report?: (done: number) => void } = {}
): Promise<Printed> =>
  printed('Letters', letters.join('\n'), (sheets) => {
    const size = PAPERS[paper];
    for (const [number, letter] of letters.entries()) {
      let pen = sheets.page(size)();
      let y = TOP_MM;
      for (const line of letter.split('\n')) {
        if (y > size[1] - MARGIN_MM) {
          pen = sheets.page(size)();
          y = MARGIN_MM;
        }
        y = pen.paragraph(line, MARGIN_MM, y, size[0] - 2 * MARGIN_MM, { size: SIZE });
      }
      report(number + 1);
    }
  });
