import type { Ink } from './drawing/draw';
import type { Tone } from './drawing/materials';
import { NOTHING_STRAYED } from './marks';
import type { Picture } from './plain-picture';

/** Colours of a picture that stands alone: on paper and in files. Screens have their own, of the theme. */
export interface Palette {
  readonly page: string;
  readonly tones: Readonly<Record<Tone, string>>;
  readonly inks: Readonly<Record<Ink, string>>;
  readonly cue: string;
  /** Where something should be. */
  readonly ghost: string;
}

export const PAPER: Palette = {
  page: '#ffffff',
  tones: {
    skin: '#f6f1e8',
    nail: '#ffffff',
    top: '#b9c6c2',
    trousers: '#8d9b9b',
    shoe: '#57625f',
    hair: '#6e7674',
    wood: '#cfe0d2',
    rib: '#b7d0be',
    board: '#3d5a4c',
    bow: '#46604f',
    rest: '#7b8f86',
    seat: '#e2dfd5',
    metal: '#66716c'
  },
  inks: { player: '#101713', instrument: '#0d6344', marked: '#7a2a5c', quiet: '#9aa8a0', fine: '#33463c' },
  cue: '#7a2a5c',
  ghost: '#0b5d3e'
};

/** Thickness of strokes in pixels: what a fault marks is heavier, so that it is told without colour. */
export const STROKE_PX: Readonly<Record<Ink, number>> = {
  player: 1.5,
  instrument: 1.5,
  marked: 3,
  quiet: 1,
  fine: 0.8
};

const escaped = (text: string) =>
  text.replace(
    /[&<>"]/g,
    (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign
  );

const short = (value: number) => String(Math.round(value * 10) / 10);

/**
 * A picture as a file of its own.
 *
 * @param detail pixels per mm
 * @param title what it shows, for those who do not see it
 */
export function svgOf(picture: Picture, detail: number, title: string, palette: Palette = PAPER): string {
  const { x, y, width, height } = picture.window;
  const px = (value: number) => short(value / detail);
  const view = [x, y, width, height].map(short).join(' ');
  const regions = picture.regions.map(({ tone, quiet, path }) => {
    const fill = palette.tones[tone];
    const faint = quiet ? ' opacity="0.5"' : '';
    return `<path d="${path}" fill="${fill}" stroke="${fill}" stroke-width="${px(0.8)}" fill-rule="evenodd"${faint}/>`;
  });
  const lines = picture.lines.map(
    ({ ink, path }) =>
      `<path d="${path}" stroke="${palette.inks[ink]}" stroke-width="${px(STROKE_PX[ink])}"/>`
  );
  const marked = picture.marked && `<path d="${picture.marked}" fill="${palette.cue}" fill-opacity="0.28"/>`;
  const { ghost, arrow } = picture.straying ?? NOTHING_STRAYED;
  // A light edge below: both are seen on any tone.
  const edged = (path: string, colour: string, wide: number, dash = '') =>
    path &&
    `<path d="${path}" stroke="${palette.page}" stroke-width="${px(wide + 2.5)}"/>` +
      `<path d="${path}" stroke="${colour}" stroke-width="${px(wide)}"${dash}/>`;
  const dashes = ` stroke-dasharray="${px(5)} ${px(4)}"`;
  const strayed =
    edged(picture.strokes, palette.ghost, 2.4) +
    edged(ghost, palette.ghost, 1.8, dashes) +
    edged(arrow, palette.cue, 3.2);
  const cues = picture.cues.map(({ x: cx, y: cy, radius, line }) => {
    const ring =
      radius > 0
        ? `<circle cx="${short(cx)}" cy="${short(cy)}" r="${short(radius)}" stroke-width="${px(1.6)}"/>`
        : '';
    return line
      ? `${ring}<path d="M${line.from.map(short).join(' ')}L${line.to.map(short).join(' ')}" stroke-width="${px(1.2)}" stroke-dasharray="${px(7)} ${px(5)}"/>`
      : ring;
  });
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${view}" width="${short(width * detail)}" height="${short(height * detail)}" role="img">` +
    `<title>${escaped(title)}</title>${regions.join('')}${marked}` +
    `<g fill="none" stroke-linecap="round" stroke-linejoin="round">${lines.join('')}` +
    `<g stroke="${palette.cue}" stroke-opacity="0.75">${cues.join('')}</g>${strayed}</g></svg>`
  );
}
