export const FAMILIES = ['violin', 'viola', 'cello', 'bass'] as const;
export type Family = (typeof FAMILIES)[number];

/** Families held on the collarbone: sized by where the scroll lands, set up with chin and shoulder rest. */
export const SHOULDER_FAMILIES = ['violin', 'viola'] as const;
export type ShoulderFamily = (typeof SHOULDER_FAMILIES)[number];

export const isShoulderFamily = (family: Family): family is ShoulderFamily =>
  family === 'violin' || family === 'viola';

/** A size as it is written on the label: `1/4`, or for violas the body length, `14 in`. */
export type Size = string;

/** Nominal dimensions of one size. `null` where the family has no such part or the band is open. */
export interface NominalInstrument {
  readonly size: Size;
  readonly bodyMm: number;
  readonly overallMm: number;
  readonly stringMm: number;
  readonly ribMm: number;
  readonly bowMm: number;
  readonly heightFromMm: number | null;
  readonly heightToMm: number | null;
  readonly pinMinMm: number | null;
  readonly pinMaxMm: number | null;
  readonly lowerBoutMm: number;
  readonly chinRestMm: number | null;
  readonly usual: boolean;
}

/** Dimensions that a teacher may replace by her own. */
export const EDITABLE_DIMENSIONS = [
  'overallMm',
  'bodyMm',
  'stringMm',
  'ribMm',
  'bowMm',
  'lowerBoutMm',
  'chinRestMm',
  'pinMinMm',
  'pinMaxMm'
] as const;
export type EditableDimension = (typeof EDITABLE_DIMENSIONS)[number];

/** What was measured on a real instrument, in place of the nominal values of its size. */
export interface MeasuredInstrument {
  readonly size: Size;
  readonly overallMm: number;
  readonly stringMm?: number;
}

/** What is known of the very instrument; what was not measured is as its size says. */
export interface KnownInstrument {
  readonly size: Size;
  readonly overallMm: number | null;
  readonly stringMm?: number | undefined;
  readonly ribMm?: number | undefined;
  /** How far its pin comes out. */
  readonly pinMaxMm?: number | undefined;
}
