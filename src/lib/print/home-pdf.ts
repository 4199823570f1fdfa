import { PDFDocument } from 'pdf-lib';
import { detailFor, pictureFor, VIEWS, type Picture } from '$lib/core/figure';
import type { Printed } from './card-pdf';
import { loadFonts, missingLetters } from './fonts';
import { HOME_PX, roomFor, type HomeCard, type HomeCardPoint, type PointPicture } from './home-card';
import { PAPERS } from './papers';
import { Pen, pt, SOFT, WARM } from './pen';
import { NOT_SO } from '$lib/words/home';
import { savedPdf } from './saved';

const [WIDTH_MM, HEIGHT_MM] = PAPERS.a6;
const MARGIN_MM = 8;

/** How much of a point's height its picture of right takes, where what was seen amiss stands below it. */
const RIGHT_SHARE = 0.56;

/** The picture of a point, drawn for paper. */
export function pointPicture({ question, view: name, marked }: PointPicture): Picture {
  const view = VIEWS[name];
  const heightMm = question.readings.height?.[0] ?? 1400;
  const box = { wide: HOME_PX, high: HOME_PX };
  const detail = detailFor(view, box, heightMm, question.instrument.bodyMm);
  return pictureFor(question, { view, detail, marked });
}

/**
 * Draws home cards as PDF, each a page of exactly A6 (105 x 148 mm).
 *
 * @param report hears how many of them are done
 * @throws Error when the application's fonts can't be loaded
 */
export async function homePdf(
  cards: readonly HomeCard[],
  drawn: (picture: PointPicture) => Picture = pointPicture,
  report: (done: number) => void = () => undefined
): Promise<Printed> {
  const pdf = await PDFDocument.create();
  pdf.setTitle('Practice');
  pdf.setProducer('Jarvel');
  const words = JSON.stringify(
    cards.map(({ points, ...said }) => ({ ...said, points: points.map(wordsOf) }))
  );
  const fonts = await loadFonts(pdf, words);
  for (const [number, card] of cards.entries()) {
    const pen = new Pen(pdf.addPage([pt(WIDTH_MM), pt(HEIGHT_MM)]), fonts);
    drawHomeCard(pen, card, drawn);
    report(number + 1);
  }
  return { bytes: await savedPdf(pdf), missing: missingLetters(words, fonts.regular) };
}

const wordsOf = ({ line, right, drill, dose }: HomeCardPoint) => ({ line, right, drill, dose });

function drawHomeCard(pen: Pen, card: HomeCard, drawn: (picture: PointPicture) => Picture): void {
  const inner = WIDTH_MM - 2 * MARGIN_MM;
  const rule = (y: number) => pen.line([MARGIN_MM, y], [WIDTH_MM - MARGIN_MM, y]);
  pen.text(pen.fitted(card.player, inner - 22, 14, true), MARGIN_MM, 13, { size: 14, bold: true });
  const wide = pen.widthMm(card.instrument, 9);
  pen.text(card.instrument, WIDTH_MM - MARGIN_MM - wide, 13, { color: SOFT });
  rule(16);
  const { wideMm, highMm: room } = roomFor(card);
  const high = room + 4;
  card.points.forEach((point, i) => {
    const top = 18 + i * high;
    const right = point.amiss ? RIGHT_SHARE * room : room;
    pictureInBox(pen, drawn(point.picture), MARGIN_MM, top, wideMm, right);
    if (point.amiss) {
      const from = top + right + 1;
      pen.text(NOT_SO, MARGIN_MM, from + 3, { size: 6.5, color: SOFT });
      pictureInBox(pen, drawn(point.amiss), MARGIN_MM + 8, from, wideMm - 8, room - right - 1);
    }
    const left = MARGIN_MM + wideMm + 4;
    const beside = WIDTH_MM - MARGIN_MM - left;
    let y = pen.paragraph(`${i + 1}  ${point.line}`, left, top + 4.5, beside, { size: 10.5, bold: true });
    y = pen.paragraph(point.right, left, y, beside, { size: 7, color: SOFT });
    y = pen.paragraph(point.drill, left, y + 0.6, beside, { size: 7.5 });
    y = pen.paragraph(point.dose, left, y, beside, { size: 7.5, bold: true, color: WARM });
    if (point.measured) pen.paragraph(point.measured, left, y, beside, { size: 7.5 });
    if (i + 1 < card.points.length) rule(top + high - 2);
  });
  rule(127);
  if (card.nextLook) pen.text(`Look again by ${card.nextLook}`, MARGIN_MM, 131, { size: 8, bold: true });
  pen.paragraph(card.selfCheck, MARGIN_MM, 134.5, inner, { size: 7 });
  pen.paragraph(card.stop, MARGIN_MM, 138, inner, { size: 7, color: SOFT });
  pen.text(pen.fitted(card.signed, inner, 7), MARGIN_MM, 144, { size: 7, color: SOFT });
}

/** A picture in a box, as large as it can be. */
export function pictureInBox(
  pen: Pen,
  drawing: Picture,
  left: number,
  top: number,
  wide: number,
  high: number
): void {
  const { x, y, width, height } = drawing.window;
  const scale = Math.min(wide / width, high / height);
  pen.picture(
    drawing,
    left + (wide - width * scale) / 2 - x * scale,
    top + (high - height * scale) / 2 - y * scale,
    scale
  );
}
