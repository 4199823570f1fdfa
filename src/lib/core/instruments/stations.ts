import type { Family, NominalInstrument } from './types';

/** Lengths from which the places of an instrument follow. */
export type StationLengths = Pick<NominalInstrument, 'bodyMm' | 'stringMm'>;

/** Places along an instrument, mm from the bottom edge of its body. */
export interface Stations {
  readonly bridge: number;
  readonly nut: number;
  /** Where the fingerboard ends, towards the bridge. */
  readonly boardEnd: number;
  /** Where the bow plays, midway between bridge and fingerboard. */
  readonly bow: number;
  /** First finger in first position, two semitones above the open string. */
  readonly firstFinger: number;
}

/**
 * Bridge from the bottom edge as a share of the body, length of the fingerboard as a share of the string.
 *
 * Source: usual proportions of instruments; one set for the rules and for every drawing.
 */
const SHARES: Readonly<Record<Family, { readonly bridge: number; readonly board: number }>> = {
  violin: { bridge: 0.455, board: 0.82 },
  viola: { bridge: 0.455, board: 0.82 },
  cello: { bridge: 0.43, board: 0.82 },
  bass: { bridge: 0.46, board: 0.81 }
};
/** A note n semitones above the open string lies at L (1 - 2^(-n/12)); two semitones. */
const FIRST_FINGER_SHARE = 0.109;
/** Where the bow plays on a cello, as a share of the body. */
const CELLO_BOW_SHARE = 0.537;

/** The places along an instrument of a family. */
export function stationsOf(family: Family, { bodyMm, stringMm }: StationLengths): Stations {
  const { bridge: share, board } = SHARES[family];
  const bridge = share * bodyMm;
  const nut = bridge + stringMm;
  const boardEnd = nut - board * stringMm;
  return {
    bridge,
    nut,
    boardEnd,
    bow: family === 'cello' ? CELLO_BOW_SHARE * bodyMm : (bridge + boardEnd) / 2,
    firstFinger: nut - FIRST_FINGER_SHARE * stringMm
  };
}

/** A place of a cello: along it from the bottom edge as a share of the body, out of its back in rib heights. */
export const CELLO_PEG = { along: 1.41, out: 0.85 } as const;
export const CELLO_LOWER_CORNER = { along: 0.415, out: 0 } as const;
export const CELLO_BOW = { along: CELLO_BOW_SHARE, out: 1.6 } as const;
/** A cello's back touches the breastbone this far below its upper edge, mm. */
export const CONTACT_BELOW_EDGE_MM = 20;
/** Part of a cello's pin that the collar hides, mm. */
export const COLLAR_MM = 22;
