import type { Family } from '../instruments';

/** Closed left-hand frame as a share of string length. Source: notes lie at L (1 - 2^(-n/12)). */
export const CLOSED_FRAME: Readonly<Record<Family, number>> = {
  violin: 0.2235,
  viola: 0.2235,
  cello: 0.1417,
  bass: 0.103
};

/** Share by which the span may fall short of the frame: it will come with flexibility. */
export const FRAME_ALLOWANCE = 0.08;

/** How an easy hand span compares with the closed left-hand frame on one string length. */
export interface FrameFit {
  readonly frameMm: number;
  readonly spanMm: number;
  /** Missing length in mm, 0 when the span covers the frame. */
  readonly shortfallMm: number;
  readonly verdict: 'covers' | 'will-come' | 'too-short';
}

/**
 * Compares the easy span with the closed frame (violin and viola: first to fourth finger, 2 to 7 semitones).
 * Only for spans that were measured: an estimate never speaks against a size.
 */
export function frameFit(family: Family, stringMm: number, spanMm: number): FrameFit {
  const frameMm = CLOSED_FRAME[family] * stringMm;
  const shortfallMm = Math.max(0, frameMm - spanMm);
  const verdict =
    shortfallMm === 0 ? 'covers' : shortfallMm < FRAME_ALLOWANCE * frameMm ? 'will-come' : 'too-short';
  return { frameMm, spanMm, shortfallMm, verdict };
}
