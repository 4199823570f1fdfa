import {
  appendBezierCurve,
  closePath,
  concatTransformationMatrix,
  fill,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  setFillingColor,
  setLineWidth,
  setStrokingColor,
  stroke,
  type PDFOperator,
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

/** Hundredths of a mm: more would only make the file longer. */
const short = (value: number): number => Math.round(value * 100) / 100;

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
        appendBezierCurve(
          short(x + (2 / 3) * (cx - x)),
          short(y + (2 / 3) * (cy - y)),
          short(endX + (2 / 3) * (cx - endX)),
          short(endY + (2 / 3) * (cy - endY)),
          short(endX),
          short(endY)
        )
      );
      [x, y] = [endX, endY];
      at += 4;
      continue;
    }
    [x, y] = command === 'M' ? [number(0), number(1)] : [x + number(0), y + number(1)];
    operators.push(command === 'M' ? moveTo(short(x), short(y)) : lineTo(short(x), short(y)));
    at += 2;
  }
  return operators;
}

/**
 * Draws a picture on a page as vectors, in the colours of paper.
 *
 * @param place where the picture's origin comes, in points from the page's lower left corner, and points per mm
 */
export function drawPicture(
  page: PDFPage,
  { regions, lines }: Drawing,
  { x, y, ptPerMm }: { readonly x: number; readonly y: number; readonly ptPerMm: number }
): void {
  for (const { tone, quiet, path } of regions) {
    const color = colour(PAPER.tones[tone]);
    // What is half seen through needs more than operators.
    if (quiet) page.drawSvgPath(path, { x, y, scale: ptPerMm, color, opacity: 0.5 });
    else inMm(page, x, y, ptPerMm, [setFillingColor(color), ...operatorsOf(path), fill()]);
  }
  for (const { ink, path } of lines)
    inMm(page, x, y, ptPerMm, [
      setStrokingColor(colour(PAPER.inks[ink])),
      setLineWidth(short((STROKE_PX[ink] * PT_PER_PX) / ptPerMm)),
      ...operatorsOf(path),
      stroke()
    ]);
}

/** Operators in the mm of a picture, whose y runs down. */
function inMm(page: PDFPage, x: number, y: number, ptPerMm: number, operators: readonly PDFOperator[]): void {
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(ptPerMm, 0, 0, -ptPerMm, x, y),
    ...operators,
    popGraphicsState()
  );
}
