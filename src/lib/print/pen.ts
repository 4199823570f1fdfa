import { degrees, rgb, type PDFPage, type RGB } from 'pdf-lib';
import type { Drawing } from '$lib/core/figure';
import { runsOf, type FontChain } from './fonts';
import { drawPicture, fillPath } from './picture-pdf';

const PT_PER_MM = 72 / 25.4;
export const pt = (mm: number): number => mm * PT_PER_MM;

export const INK = rgb(0.08, 0.12, 0.1);
export const SOFT = rgb(0.35, 0.4, 0.37);
export const WARM = rgb(0.62, 0.3, 0.1);

export type Fonts = Readonly<Record<'regular' | 'bold', FontChain>>;
interface TextStyle {
  /** Points. */
  readonly size?: number;
  readonly bold?: boolean;
  readonly color?: RGB;
}

/** Widths of what was written already, at a size of one point: laying letters out is most of a card's work. */
const widths = new WeakMap<FontChain, Map<string, number>>();

function widthOf(text: string, chain: FontChain): number {
  const known = widths.get(chain) ?? new Map<string, number>();
  widths.set(chain, known);
  const width =
    known.get(text) ??
    runsOf(text, chain).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, 1), 0);
  known.set(text, width);
  return width;
}

/** Writes and draws on a part of a page, in mm from that part's upper left corner. */
export class Pen {
  readonly #scale: number;
  readonly #left: number;
  readonly #top: number;

  /** @param part where the part's corner lies on the page, mm, and how large it is drawn */
  constructor(
    readonly page: PDFPage,
    readonly fonts: Fonts,
    { leftMm = 0, topMm = 0, scale = 1 } = {}
  ) {
    this.#scale = scale;
    this.#left = pt(leftMm);
    this.#top = page.getHeight() - pt(topMm);
  }

  #x = (mm: number): number => this.#left + pt(mm) * this.#scale;
  #y = (mm: number): number => this.#top - pt(mm) * this.#scale;

  text(
    text: string,
    xMm: number,
    yMm: number,
    { size = 9, bold = false, color = INK }: TextStyle = {}
  ): void {
    let x = this.#x(xMm);
    const drawn = size * this.#scale;
    const chain = bold ? this.fonts.bold : this.fonts.regular;
    const runs = runsOf(text, chain);
    for (const run of runs) {
      this.page.drawText(run.text, { x, y: this.#y(yMm), size: drawn, font: run.font, color });
      if (runs.length > 1) x += run.font.widthOfTextAtSize(run.text, drawn);
    }
  }

  /** Writes from below to above, beginning at a place. */
  upwards(
    text: string,
    xMm: number,
    yMm: number,
    { size = 9, bold = false, color = INK }: TextStyle = {}
  ): void {
    let y = this.#y(yMm);
    const drawn = size * this.#scale;
    for (const run of runsOf(text, bold ? this.fonts.bold : this.fonts.regular)) {
      const place = { x: this.#x(xMm), y, rotate: degrees(90) };
      this.page.drawText(run.text, { ...place, size: drawn, font: run.font, color });
      y += run.font.widthOfTextAtSize(run.text, drawn);
    }
  }

  widthMm(text: string, size: number, bold = false): number {
    return (widthOf(text, bold ? this.fonts.bold : this.fonts.regular) * size) / PT_PER_MM;
  }

  /** Writes a paragraph and returns the y of the line after it. */
  paragraph(text: string, xMm: number, yMm: number, widthMm: number, style: TextStyle = {}): number {
    const { size = 9, bold = false } = style;
    let line = '';
    let longMm = 0;
    let y = yMm;
    const leading = (size * 1.3) / PT_PER_MM;
    const space = this.widthMm(' ', size, bold);
    // Word by word: words come again on every card, lines do not.
    for (const word of text.split(' ')) {
      const wide = this.widthMm(word, size, bold);
      if (line !== '' && longMm + space + wide > widthMm) {
        this.text(line, xMm, y, style);
        y += leading;
        [line, longMm] = [word, wide];
      } else {
        longMm += (line === '' ? 0 : space) + wide;
        line = line === '' ? word : `${line} ${word}`;
      }
    }
    this.text(line, xMm, y, style);
    return y + leading;
  }

  /** Cuts a text that is too long for its place, with an ellipsis. */
  fitted(text: string, widthMm: number, size: number, bold = false): string {
    if (this.widthMm(text, size, bold) <= widthMm) return text;
    const letters = [...text];
    while (letters.length > 0 && this.widthMm(`${letters.join('')}…`, size, bold) > widthMm) letters.pop();
    return `${letters.join('').trimEnd()}…`;
  }

  line(
    [x1, y1]: readonly [number, number],
    [x2, y2]: readonly [number, number],
    { thickness = 0.5, color = SOFT, opacity = 1 } = {}
  ): void {
    this.page.drawLine({
      start: { x: this.#x(x1), y: this.#y(y1) },
      end: { x: this.#x(x2), y: this.#y(y2) },
      thickness: thickness * this.#scale,
      color,
      opacity
    });
  }

  /** A thin frame from the part's corner on. */
  frame(widthMm: number, heightMm: number): void {
    const corners = [
      [0, 0],
      [widthMm, 0],
      [widthMm, heightMm],
      [0, heightMm]
    ] as const;
    for (const [i, corner] of corners.entries())
      this.line(corner, corners[(i + 1) % corners.length] ?? corner, { thickness: 0.3 });
  }

  /** A filled rectangle. */
  box(xMm: number, yMm: number, widthMm: number, heightMm: number, color: RGB): void {
    this.page.drawRectangle({
      x: this.#x(xMm),
      y: this.#y(yMm + heightMm),
      width: pt(widthMm) * this.#scale,
      height: pt(heightMm) * this.#scale,
      color
    });
  }

  /** A dot with an edge, its radius and edge in points. */
  dot(xMm: number, yMm: number, radius: number, { edge, fill }: { edge: RGB; fill: RGB }): void {
    this.page.drawCircle({
      x: this.#x(xMm),
      y: this.#y(yMm),
      size: radius * this.#scale,
      borderColor: edge,
      borderWidth: this.#scale,
      color: fill
    });
  }

  /** A picture whose origin comes to a place, so many of this page's mm for one of its own. */
  picture(picture: Drawing, xMm: number, yMm: number, scale: number): void {
    drawPicture(this.page, picture, { x: this.#x(xMm), y: this.#y(yMm), ptPerMm: pt(scale) * this.#scale });
  }

  /** A filled path of moves, lines and closings, one of whose units is so many mm. */
  fill(path: string, xMm: number, yMm: number, unitMm: number): void {
    const ptPerMm = pt(unitMm) * this.#scale;
    fillPath(this.page, path, INK, { x: this.#x(xMm), y: this.#y(yMm), ptPerMm });
  }
}
