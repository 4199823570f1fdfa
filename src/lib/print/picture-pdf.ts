import {
  closePath,
  concatTransformationMatrix,
  fill,
  PDFOperator,
  PDFOperatorNames,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  setFillingColor,
  setLineWidth,
  setStrokingColor,
  stroke,
  type PDFPage,
  type RGB
} from 'pdf-lib';
import { PAPER, STROKE_PX, type Drawing } from '$lib/core/figure';

/** Pixels of a screen are this many points on paper. */
const PT_PER_PX = 0.55;

function colour(hex: string): RGB {
  const part = (from: number) => parseInt(hex.slice(from, from + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
}

/** Tenths of a mm, as in the paths: on paper they are hundredths, and more would only make the file longer. */
const short = (value: number): string => String(Math.round(value * 10) / 10);

/** An operator with its numbers as they are written: the library's own numbers take a tenth of a card's time. */
const operator = (name: PDFOperatorNames, ...numbers: readonly number[]): PDFOperator =>
  PDFOperator.of(name, numbers.map(short));

/**
 * The operators of a picture's path. The library reads any path; these have only moves, lines and quadratic curves, the
 * latter two from where the pen is, and a page of cards has a hundred thousand of them.
 */
export function operatorsOf(path: string): readonly PDFOperator[] {
  const operators: PDFOperator[] = [];
  const tokens = path.match(/[MlqZ]|-?\d*\.?\d+/g) ?? [];
  let command = '';
  let [x, y] = [0, 0];
  for (let at = 0; at < tokens.length;) {
    const token = tokens[at] ?? '';
    if (token >= 'A') {
      command = token;
      at++;
      if (command === 'Z') operators.push(closePath());
      continue;
    }
    const number = (ahead: number) => Number(tokens[at + ahead]);
    if (command === 'q') {
      const [cx, cy] = [x + number(0), y + number(1)];
      const [endX, endY] = [x + number(2), y + number(3)];
      // A quadratic curve as a cubic one: each of its handles two thirds of the way to the one handle.
      operators.push(
        operator(
          PDFOperatorNames.AppendBezierCurve,
          x + (2 / 3) * (cx - x),
          y + (2 / 3) * (cy - y),
          endX + (2 / 3) * (cx - endX),
          endY + (2 / 3) * (cy - endY),
          endX,
          endY
        )
      );
      [x, y] = [endX, endY];
      at += 4;
      continue;
    }
    [x, y] = command === 'M' ? [number(0), number(1)] : [x + number(0), y + number(1)];
    operators.push(operator(command === 'M' ? PDFOperatorNames.MoveTo : PDFOperatorNames.LineTo, x, y));
    at += 2;
  }
  return operators;
}

/** Where a path's origin comes, in points from the page's lower left corner, and points per mm. */
interface Place {
  readonly x: number;
  readonly y: number;
  readonly ptPerMm: number;
}

/** Fills a path of a picture's kind. */
export const fillPath = (page: PDFPage, path: string, color: RGB, place: Place): void =>
  inMm(page, place, [setFillingColor(color), ...operatorsOf(path), fill()]);

/** Draws a picture on a page as vectors, in the colours of paper. */
export function drawPicture(page: PDFPage, { regions, lines }: Drawing, { x, y, ptPerMm }: Place): void {
  for (const { tone, quiet, path } of regions) {
    const color = colour(PAPER.tones[tone]);
    // What is half seen through needs more than operators.
    if (quiet) page.drawSvgPath(path, { x, y, scale: ptPerMm, color, opacity: 0.5 });
    else fillPath(page, path, color, { x, y, ptPerMm });
  }
  for (const { ink, path } of lines)
    inMm(page, { x, y, ptPerMm }, [
      setStrokingColor(colour(PAPER.inks[ink])),
      setLineWidth(Math.round((100 * STROKE_PX[ink] * PT_PER_PX) / ptPerMm) / 100),
      ...operatorsOf(path),
      stroke()
    ]);
}

/** Operators in the mm of a picture, whose y runs down. */
function inMm(page: PDFPage, { x, y, ptPerMm }: Place, operators: readonly PDFOperator[]): void {
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(ptPerMm, 0, 0, -ptPerMm, x, y),
    ...operators,
    popGraphicsState()
  );
}
