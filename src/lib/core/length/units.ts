/** The unit in which a teacher reads a tape and sees lengths. Lengths themselves are always millimetres. */
export type LengthUnit = 'cm' | 'in';

export const LENGTH_UNITS: readonly LengthUnit[] = ['cm', 'in'];

export const MM_PER_CM = 10;
export const MM_PER_INCH = 25.4;
export const INCHES_PER_FOOT = 12;
export const MM_PER_M = 1000;

/** Smallest step of an inch tape that is read and written: a sixteenth. */
export const INCH_STEP = 16;
