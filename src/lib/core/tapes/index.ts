import type { Family } from '../instruments';
import { MM_PER_INCH } from '../length';

/** A finger tape across the fingerboard. */
export interface Tape {
  readonly semitones: number;
  /** Its centre line from the nut, mm. */
  readonly mm: number;
  readonly inch: number;
  /** The same to the nearest sixteenth of an inch. */
  readonly sixteenths: number;
}

/** Most semitones above the open string that a tape makes sense for. */
export const HIGHEST_TAPE = 24;

/**
 * Where tapes lie, in the order asked for: at L (1 - 2^(-n/12)) from the nut for n semitones above the open string.
 *
 * Source: equal temperament on an ideal string; tune first, and prove the fourth finger by ear.
 *
 * @param stringMm nut to bridge, measured on this instrument
 * @example Seven semitones on a string of 328 mm lie at 109.09 mm.
 * @throws RangeError for a string without length, or semitones outside 1 to 24
 */
export function tapePlaces(stringMm: number, semitones: readonly number[]): readonly Tape[] {
  if (!(stringMm > 0)) throw new RangeError('a string has a length');
  return semitones.map((n) => {
    if (!(n > 0 && n <= HIGHEST_TAPE)) throw new RangeError(`no tape for ${n} semitones`);
    const mm = stringMm * (1 - 2 ** (-n / 12));
    const inch = mm / MM_PER_INCH;
    return { semitones: n, mm, inch, sixteenths: Math.round(inch * 16) };
  });
}

/** A usual set of tapes. */
export interface TapeLayout {
  readonly id: string;
  readonly semitones: readonly number[];
  /** Which finger falls on each. */
  readonly fingers: readonly (1 | 2 | 3 | 4)[];
}

const SHOULDER: readonly TapeLayout[] = [
  { id: 'first-second-third', semitones: [2, 4, 5], fingers: [1, 2, 3] },
  { id: 'with-fourth', semitones: [2, 4, 5, 7], fingers: [1, 2, 3, 4] },
  { id: 'first-and-third', semitones: [2, 5], fingers: [1, 3] }
];

/** The layouts of each family, the usual one first. */
export const TAPE_LAYOUTS: Readonly<Record<Family, readonly TapeLayout[]>> = {
  violin: SHOULDER,
  viola: SHOULDER,
  cello: [
    { id: 'first-and-fourth', semitones: [2, 5], fingers: [1, 4] },
    { id: 'first-third-fourth', semitones: [2, 4, 5], fingers: [1, 3, 4] },
    { id: 'all-four', semitones: [2, 3, 4, 5], fingers: [1, 2, 3, 4] }
  ],
  bass: [
    { id: 'half-position', semitones: [1, 2, 3], fingers: [1, 2, 4] },
    { id: 'first-position', semitones: [2, 3, 4], fingers: [1, 2, 4] }
  ]
};

/** A tape with the finger that falls on it. */
export interface FingerTape extends Tape {
  readonly finger: 1 | 2 | 3 | 4;
}

/** The tapes of a layout on a string, nut to bridge in mm. */
export const layoutTapes = (layout: TapeLayout, stringMm: number): readonly FingerTape[] =>
  tapePlaces(stringMm, layout.semitones).map((tape, index) => ({
    ...tape,
    finger: layout.fingers[index] ?? 1
  }));

/**
 * Which finger falls on each of some tapes, by the layout that has most of them; null where none has it.
 *
 * @example On a bass 1 and 3 are half position (first and fourth finger), 2 and 4 first position.
 */
export function fingersOn(
  family: Family,
  semitones: readonly number[]
): readonly (FingerTape['finger'] | null)[] {
  const has = (layout: TapeLayout) => semitones.filter((one) => layout.semitones.includes(one)).length;
  const best = TAPE_LAYOUTS[family].reduce((most, one) => (has(one) > has(most) ? one : most));
  return semitones.map((one) => best.fingers[best.semitones.indexOf(one)] ?? null);
}
