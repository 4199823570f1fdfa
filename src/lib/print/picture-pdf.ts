import { rgb, type PDFPage, type RGB } from 'pdf-lib';
import { PAPER, STROKE_PX, type Drawing } from '$lib/core/figure';

/** Pixels of a screen are this many points on paper. */
const PT_PER_PX = 0.55;

function colour(hex: string): RGB {
  const part = (from: number) => parseInt(hex.slice(from, from + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
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
  const at = { x, y, scale: ptPerMm };
  for (const { tone, quiet, path } of regions)
    page.drawSvgPath(path, { ...at, color: colour(PAPER.tones[tone]), opacity: quiet ? 0.5 : 1 });
  for (const { ink, path } of lines)
    page.drawSvgPath(path, {
      ...at,
      borderColor: colour(PAPER.inks[ink]),
      borderWidth: (STROKE_PX[ink] * PT_PER_PX) / ptPerMm
    });
}
