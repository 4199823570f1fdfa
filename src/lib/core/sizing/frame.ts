import type { Family } from '../instruments';

/**
 * Left-hand frames as shares of string length: closed from the first to the fourth finger, extended where the
 * family has it. Source: a note n semitones above the open string lies at L (1 - 2^(-n/12)); violin and viola 2
 * to 7 semitones, cello 2 to 5 and 1 to 5, bass 1 to 3 in half position.
 */
export const CLOSED_FRAME: Readonly<Record<Family, number>> = {
  violin: 0.2235,
  viola: 0.2235,
  cello: 0.1417,
  bass: 0.103
};
export const EXTENDED_FRAME: Readonly<Partial<Record<Family, number>>> = { cello: 0.1947 };

/** Share by which the span may fall short of the frame: it will come with flexibility. */
const FRAME_ALLOWANCE = 0.08;

/** How a hand span compares with a left-hand frame on one string length. */
export interface FrameFit {
  readonly frameMm: number;
  readonly spanMm: number;
  /** Missing length in mm, 0 when the span covers the frame. */
  readonly shortfallMm: number;
  readonly verdict: 'covers' | 'will-come' | 'too-short';
}

/**
 * Compares a span with a frame: the easy span with the closed one, the widest with the extended one. Only for
 * spans that were measured: an estimate never speaks against a size.
 *
 * @param share the frame as a share of string length
 * @param pain with pain there is no allowance
 */
export function frameFit(share: number, stringMm: number, spanMm: number, pain = false): FrameFit {
  const frameMm = share * stringMm;
  const shortfallMm = Math.max(0, frameMm - spanMm);
  const allowedMm = pain ? 0 : FRAME_ALLOWANCE * frameMm;
  const verdict = shortfallMm === 0 ? 'covers' : shortfallMm < allowedMm ? 'will-come' : 'too-short';
  return { frameMm, spanMm, shortfallMm, verdict };
}
