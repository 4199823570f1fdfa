import {
  closePath,
  concatTransformationMatrix,
  fill,
  PDFOperator,
  PDFOperatorNames,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  setDashPattern,
  setFillingColor,
  setLineWidth,
  setStrokingColor,
  stroke,
  type PDFPage,
  type RGB
} from 'pdf-lib';
import { NOTHING_STRAYED, PAPER, STROKE_PX, type Drawing, type Picture } from '$lib/core/figure';

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
export function drawPicture(page: PDFPage, picture: Drawing | Picture, place: Place): void {
  const { regions, lines, marked } = picture;
  const { x, y, ptPerMm } = place;
  for (const { tone, quiet, path } of regions) {
    const color = colour(PAPER.tones[tone]);
    // What is half seen through needs more than operators.
    if (quiet) page.drawSvgPath(path, { x, y, scale: ptPerMm, color, opacity: 0.5 });
    else fillPath(page, path, color, { x, y, ptPerMm });
  }
  if (marked) page.drawSvgPath(marked, { x, y, scale: ptPerMm, color: colour(PAPER.cue), opacity: 0.28 });
  for (const { ink, path } of lines) strokePath(page, path, PAPER.inks[ink], STROKE_PX[ink], place);
  if ('cues' in picture) drawMarks(page, picture, place);
}

/** What leads the eye: a ring or a line, where a part should be, and which way it strayed, with a light edge below. */
function drawMarks(page: PDFPage, { cues, straying, strokes }: Picture, place: Place): void {
  const { ghost, arrow } = straying ?? NOTHING_STRAYED;
  for (const { x, y, radius, line } of cues) {
    if (radius > 0) strokePath(page, ringPath(x, y, radius), PAPER.cue, 1.6, place);
    if (line) strokePath(page, linePath(line), PAPER.cue, 1.2, place, [7, 5]);
  }
  strokePath(page, strokes, PAPER.page, 2.4 + EDGE_PX, place);
  strokePath(page, strokes, PAPER.ghost, 2.4, place);
  strokePath(page, ghost, PAPER.page, 1.8 + EDGE_PX, place);
  strokePath(page, ghost, PAPER.ghost, 1.8, place, [5, 4]);
  strokePath(page, arrow, PAPER.page, 3.2 + EDGE_PX, place);
  strokePath(page, arrow, PAPER.cue, 3.2, place);
}

const EDGE_PX = 2.5;

/** Eight curves are round enough for a ring. */
function ringPath(x: number, y: number, radius: number): string {
  const at = (turn: number, far: number): readonly [number, number] => [
    far * Math.cos((turn * Math.PI) / 8),
    far * Math.sin((turn * Math.PI) / 8)
  ];
  const out = radius / Math.cos(Math.PI / 8);
  const pieces = Array.from({ length: 8 }, (_, i) => {
    const [[fromX, fromY], [byX, byY], [toX, toY]] = [
      at(2 * i, radius),
      at(2 * i + 1, out),
      at(2 * i + 2, radius)
    ];
    return `q${short(byX - fromX)} ${short(byY - fromY)} ${short(toX - fromX)} ${short(toY - fromY)}`;
  });
  return `M${short(x + radius)} ${short(y)}${pieces.join('')}Z`;
}

const linePath = ({ from, to }: NonNullable<Picture['cues'][number]['line']>): string =>
  `M${short(from[0])} ${short(from[1])}l${short(to[0] - from[0])} ${short(to[1] - from[1])}`;

function strokePath(
  page: PDFPage,
  path: string,
  hex: string,
  wide: number,
  place: Place,
  dashes: readonly number[] = []
): void {
  if (path === '') return;
  const inPicture = (px: number) => Math.round((100 * px * PT_PER_PX) / place.ptPerMm) / 100;
  inMm(page, place, [
    setStrokingColor(colour(hex)),
    setLineWidth(inPicture(wide)),
    ...(dashes.length > 0 ? [setDashPattern(dashes.map(inPicture), 0)] : []),
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
