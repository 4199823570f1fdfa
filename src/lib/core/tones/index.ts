import type { Family } from '../instruments';

/** An open string. */
export interface OpenString {
  /** As musicians write it: `G3`. */
  readonly name: string;
  /** Semitones from the A that is tuned to. */
  readonly fromA: number;
}

const string = (name: string, fromA: number): OpenString => ({ name, fromA });

/** The open strings of each family, the highest first: so they are tuned. */
export const OPEN_STRINGS: Readonly<Record<Family, readonly OpenString[]>> = {
  violin: [string('E5', 7), string('A4', 0), string('D4', -7), string('G3', -14)],
  viola: [string('A4', 0), string('D4', -7), string('G3', -14), string('C3', -21)],
  cello: [string('A3', -12), string('D3', -19), string('G2', -26), string('C2', -33)],
  bass: [string('G2', -26), string('D2', -31), string('A1', -36), string('E1', -41)]
};

/** The A that is tuned to, Hz: usual, lowest and highest. */
export const USUAL_A_HZ = 440;
export const A_RANGE_HZ = [430, 450] as const;

/**
 * Pitch of an open string in equal temperament; pure fifths differ from it by two cents each.
 *
 * @example The G of a violin at 440 Hz sounds at 196.0 Hz.
 * @throws RangeError for an A outside 430 to 450 Hz
 */
export function pitchOf({ fromA }: OpenString, aHz: number = USUAL_A_HZ): number {
  if (!(aHz >= A_RANGE_HZ[0] && aHz <= A_RANGE_HZ[1])) throw new RangeError('A is tuned to 430 to 450 Hz');
  return aHz * 2 ** (fromA / 12);
}
