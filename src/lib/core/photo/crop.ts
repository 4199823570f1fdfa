import type { At } from './read';

/** A piece of a picture, pixels. */
export interface Piece {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** How much is left round the points, as a share of how far they reach; at least so much of the picture. */
const ROUND = 0.6;
const LEAST = 0.12;
/** The longer side of what is kept, pixels. */
const LONG_PX = 1280;

/** The piece of a picture round some points: whoever stands beside is not in it. */
export function pieceRound(points: readonly At[], width: number, height: number): Piece {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const room = Math.max(ROUND * Math.max(right - left, bottom - top), LEAST * Math.max(width, height));
  const [x, y] = [Math.max(0, Math.floor(left - room)), Math.max(0, Math.floor(top - room))];
  return {
    x,
    y,
    width: Math.min(width, Math.ceil(right + room)) - x,
    height: Math.min(height, Math.ceil(bottom + room)) - y
  };
}

/** The size at which a piece is kept: as it is, or shrunk. */
export function keptSize({ width, height }: Piece): { readonly width: number; readonly height: number } {
  const scale = Math.min(1, LONG_PX / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}
