import { HALF_OUTLINE, scaledTo, type NominalInstrument } from '../instruments';

/** An instrument upright from the front, mm: y runs down, the middle of the scroll's top is at 0. */
export interface Silhouette {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly body: string;
  /** Neck and fingerboard as a bar: left, top, width, height. */
  readonly neck: readonly [x: number, y: number, width: number, height: number];
  readonly scroll: { readonly x: number; readonly y: number; readonly radius: number };
}

const SCROLL_OF_OVERALL = 0.035;
const NECK_OF_BOUT = 0.11;
/** How far the fingerboard runs over the body, as a share of the body. */
const BOARD_OVER_BODY = 0.32;

/**
 * The outline of an instrument at its true length: the body of its size, the rest above it.
 *
 * @param overallMm its own length where it was measured
 */
export function silhouetteOf(nominal: NominalInstrument, overallMm = nominal.overallMm): Silhouette {
  const { bodyMm: body, lowerBoutMm: bout } = scaledTo(nominal, overallMm);
  const half = HALF_OUTLINE.flatMap((curve, i) => (i === 0 ? curve : curve.slice(1)));
  const right = half.map(([station, wide]) => [bout * (0.5 + wide), overallMm - station * body] as const);
  const left = half
    .toReversed()
    .map(([station, wide]) => [bout * (0.5 - wide), overallMm - station * body] as const);
  const text = (points: readonly (readonly [number, number])[]) =>
    points.map((point) => point.map((value) => Math.round(value * 10) / 10).join(' ')).join('L');
  const radius = SCROLL_OF_OVERALL * overallMm;
  const wide = NECK_OF_BOUT * bout;
  const top = overallMm - body;
  return {
    widthMm: bout,
    heightMm: overallMm,
    body: `M${text([...right, ...left])}Z`,
    neck: [(bout - wide) / 2, 2 * radius, wide, top + BOARD_OVER_BODY * body - 2 * radius],
    scroll: { x: bout / 2, y: radius, radius }
  };
}
