import type { DimensionOverrides, Family, ShoulderFamily, Size } from '../instruments';
import { dimensionTable, usualSizes } from '../instruments';
import { MEASUREMENTS } from '../body';
import { NOMINAL_SD_MM } from '../sizing';

/** An own instrument, by what it is called; without a length it counts as long as its size. */
export interface OnTape {
  readonly name: string;
  readonly size: Size;
  readonly overallMm: number | null;
}

/** The instruments of a cupboard that can be reached for, as they stand on a tape. */
export const onTape = (
  instruments: readonly {
    readonly number: string;
    readonly family: Family;
    readonly size: Size;
    readonly overallMm: number | null;
    readonly state: string;
  }[],
  family: ShoulderFamily
): readonly OnTape[] =>
  instruments
    .filter((one) => one.family === family && one.state !== 'out-of-use')
    .map(({ number, size, overallMm }) => ({ name: number, size, overallMm }));

/** A line across the tape: so far along the arm an instrument reaches from the base of the neck. */
export interface TapeMark {
  readonly size: Size;
  readonly overallMm: number;
  readonly dimensions: 'measured' | 'nominal';
  /** The own instruments that are so long; none where the size is not in the cupboard. */
  readonly names: readonly string[];
  /** Where the child's place falls so close that one reading does not tell. */
  readonly doubtMm: readonly [from: number, to: number];
}

/** Lengths nearer than this are one line. */
const SAME_MM = 0.5;

/**
 * The lines of a tape that is laid from the base of the neck along the arm: the longest line that does not pass the
 * school's place on the hand (palm centre, heel, wrist crease) is the size that is reached. It is the rule of the
 * landing, read without a number.
 *
 * The doubt around a line is one error of a tape reading, and that of the table for what was not measured.
 *
 * @param sizes considered beside those of the own instruments; the usual ones by default
 * @returns the lines, shortest first
 * @example A 1/2 of 520 mm that was measured is doubtful from 514 to 526.
 */
export function fittingTape({
  family,
  sizes,
  own = [],
  overrides
}: {
  readonly family: ShoulderFamily;
  readonly sizes?: readonly Size[];
  readonly own?: readonly OnTape[];
  readonly overrides?: DimensionOverrides;
}): readonly TapeMark[] {
  const wanted = new Set([...(sizes ?? usualSizes(family)), ...own.map(({ size }) => size)]);
  const errorMm = MEASUREMENTS.armToPalm.sdMm;
  const marks = dimensionTable(family, overrides)
    .filter(({ size }) => wanted.has(size))
    .flatMap(({ size, overallMm }): TapeMark[] => {
      const here = own.filter((one) => one.size === size);
      const lengths = here.map((one) => one.overallMm).filter((mm) => mm !== null);
      const unmeasured = here.filter((one) => one.overallMm === null).map(({ name }) => name);
      const measured = lengths
        .filter((mm, at) => lengths.findIndex((other) => Math.abs(other - mm) < SAME_MM) === at)
        .map((mm): TapeMark => {
          const names = here
            .filter((one) => one.overallMm !== null && Math.abs(one.overallMm - mm) < SAME_MM)
            .map(({ name }) => name);
          return markAt(size, mm, 'measured', names, errorMm);
        });
      return unmeasured.length > 0 || measured.length === 0
        ? [...measured, markAt(size, overallMm, 'nominal', unmeasured, Math.hypot(errorMm, NOMINAL_SD_MM))]
        : measured;
    });
  return marks.sort((a, b) => a.overallMm - b.overallMm);
}

const markAt = (
  size: Size,
  overallMm: number,
  dimensions: TapeMark['dimensions'],
  names: readonly string[],
  doubt: number
): TapeMark => ({ size, overallMm, dimensions, names, doubtMm: [overallMm - doubt, overallMm + doubt] });

export { palmFrom, zonesOf, type TapeZone } from './zones';

/** A piece of a tape, as long as a sheet of paper is wide. */
export interface TapePiece {
  readonly fromMm: number;
  readonly toMm: number;
}

/** Paper beyond the last line, to hold it by. */
const BEYOND_MM = 25;

/** A tape in pieces that a sheet has room for, from the neck on; each joins the one before at its edge. */
export function piecesOf(marks: readonly TapeMark[], pieceMm: number): readonly TapePiece[] {
  const endMm = Math.max(0, ...marks.map(({ doubtMm }) => doubtMm[1])) + BEYOND_MM;
  return Array.from({ length: Math.ceil(endMm / pieceMm) }, (_, at) => ({
    fromMm: at * pieceMm,
    toMm: Math.min((at + 1) * pieceMm, endMm)
  }));
}
