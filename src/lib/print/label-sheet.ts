import type { Printed } from './card-pdf';
import { codeOf } from './code';
import { printed } from './document';
import { PAPERS, type Paper } from './papers';
import type { Pen } from './pen';

const MARGIN_MM = 12;
const COLUMNS = 2;
const HEIGHT_MM = 33;
/** From a label's edge to what is written on it. */
export const INSET_MM = 3;

export interface LabelPaper {
  readonly paper?: Paper;
  /** Hears how many of them are done. */
  readonly report?: (done: number) => void;
}

/**
 * Draws labels to cut out, each with a code that a camera reads.
 *
 * @param draw writes one, left of its code; told how much room there is, mm
 * @throws Error when the application's fonts can't be loaded
 */
export function labelSheet<Label>(
  title: string,
  labels: readonly Label[],
  codeText: (label: Label) => string,
  draw: (pen: Pen, label: Label, roomMm: number) => void,
  { paper = 'a4', report = () => undefined }: LabelPaper = {}
): Promise<Printed> {
  const size = PAPERS[paper];
  const labelMm = (size[0] - 2 * MARGIN_MM) / COLUMNS;
  const each = Math.floor((size[1] - 2 * MARGIN_MM) / HEIGHT_MM) * COLUMNS;
  return printed(title, JSON.stringify(labels), (sheets) => {
    let part = sheets.page(size);
    for (const [number, label] of labels.entries()) {
      const place = number % each;
      if (number > 0 && place === 0) part = sheets.page(size);
      const pen = part({
        leftMm: MARGIN_MM + (place % COLUMNS) * labelMm,
        topMm: MARGIN_MM + Math.floor(place / COLUMNS) * HEIGHT_MM
      });
      const { path, cells } = codeOf(codeText(label));
      const codeMm = HEIGHT_MM - 4;
      pen.frame(labelMm, HEIGHT_MM);
      pen.fill(path, labelMm - codeMm - 1, 2, codeMm / cells);
      draw(pen, label, labelMm - codeMm - INSET_MM - 2);
      report(number + 1);
    }
  });
}
