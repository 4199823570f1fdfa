import { expectedLength } from '../body';
import { HAND_OF_ARM, PALM_LANDING } from '../sizing';
import type { TapeMark } from '.';

/** What an assistant can say of a tape: the place on the hand lies between two lines, or beyond the last ones. */
export interface TapeZone {
  readonly fromMm: number;
  readonly toMm: number;
  /** The line before it, and the one behind; null beyond the ends. */
  readonly after: TapeMark | null;
  readonly before: TapeMark | null;
}

/** So far beyond the first and the last line a place is thought to lie, mm: about a size. */
const BEYOND_MM = 45;

/** The zones of a tape, from the neck on. Lines that are as good as one are one. */
export function zonesOf(marks: readonly TapeMark[]): readonly TapeZone[] {
  const [first, last] = [marks[0], marks.at(-1)];
  if (!first || !last) return [];
  return [
    { fromMm: first.overallMm - BEYOND_MM, toMm: first.overallMm, after: null, before: first },
    ...marks.slice(1).map((before, at) => {
      const after = marks[at] ?? first;
      return { fromMm: after.overallMm, toMm: before.overallMm, after, before };
    }),
    { fromMm: last.overallMm, toMm: last.overallMm + BEYOND_MM, after: last, before: null }
  ];
}

/**
 * Where the palm's centre lies when the school's place was read: further by the share of the hand between the two.
 *
 * @param limit the school's place on the hand, 0 wrist crease, 0.5 palm centre
 * @param handMm the hand's length where it was measured; else it follows from the height, else from the arm
 */
export function palmFrom(
  placeMm: number,
  limit: number,
  { handMm, heightMm }: { readonly handMm: number | null; readonly heightMm: number | null }
): number {
  const share = PALM_LANDING - limit;
  const hand = handMm ?? (heightMm === null ? null : expectedLength('handLength', heightMm).mm);
  return hand === null ? placeMm / (1 - share * HAND_OF_ARM) : placeMm + share * hand;
}
