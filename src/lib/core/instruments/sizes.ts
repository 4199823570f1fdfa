import { NOMINAL_INSTRUMENTS } from './nominal';
import type { EditableDimension, Family, KnownInstrument, NominalInstrument, Size } from './types';

/** The teacher's own dimensions, by family and size; what is missing stays nominal. */
export type DimensionOverrides = Readonly<
  Partial<Record<Family, Readonly<Record<Size, Readonly<Partial<Record<EditableDimension, number>>>>>>>
>;

/** Every size of a family, largest first. */
export const sizesOf = (family: Family): readonly Size[] =>
  NOMINAL_INSTRUMENTS[family].map(({ size }) => size);

/** The sizes that are considered unless the teacher says otherwise, largest first. */
export const usualSizes = (family: Family): readonly Size[] =>
  NOMINAL_INSTRUMENTS[family].filter(({ usual }) => usual).map(({ size }) => size);

/** Sizes of a family out of a few, smallest first: the order of every list that people see. */
export const sizesUp = (family: Family, among: readonly Size[] = sizesOf(family)): readonly Size[] =>
  sizesOf(family)
    .filter((size) => among.includes(size))
    .reverse();

/** Whether one size of a family is smaller than another. */
export const isSmaller = (family: Family, size: Size, than: Size): boolean =>
  sizesOf(family).indexOf(size) > sizesOf(family).indexOf(than);

/** An instrument of a size as it was measured; as the table has it where none of that size was. */
export function asMeasured(
  nominal: NominalInstrument,
  measured: readonly KnownInstrument[]
): NominalInstrument {
  const own = measured.find(({ size }) => size === nominal.size);
  if (!own) return nominal;
  const { overallMm, stringMm = nominal.stringMm, ribMm, pinMaxMm = nominal.pinMaxMm } = own;
  const scaled = scaledTo(nominal, overallMm ?? nominal.overallMm, stringMm);
  return { ...scaled, ribMm: ribMm ?? scaled.ribMm, pinMaxMm };
}

/** An instrument of another overall length: its body and ribs follow in proportion. */
export function scaledTo(
  nominal: NominalInstrument,
  overallMm: number,
  stringMm = (nominal.stringMm * overallMm) / nominal.overallMm
): NominalInstrument {
  const scale = overallMm / nominal.overallMm;
  return {
    ...nominal,
    overallMm,
    stringMm,
    bodyMm: nominal.bodyMm * scale,
    ribMm: nominal.ribMm * scale
  };
}

/**
 * The family's table with the teacher's own dimensions put in, largest first. Of one whose overall length is another,
 * body and ribs follow unless they were typed too, as those of a real instrument do.
 */
export function dimensionTable(
  family: Family,
  overrides: DimensionOverrides = {}
): readonly NominalInstrument[] {
  const own = overrides[family];
  if (!own) return NOMINAL_INSTRUMENTS[family];
  return NOMINAL_INSTRUMENTS[family].map((row) => {
    const { overallMm = row.overallMm } = own[row.size] ?? {};
    return { ...scaledTo(row, overallMm, row.stringMm), ...own[row.size] };
  });
}

/**
 * Nominal dimensions of one size, with the teacher's own put in.
 *
 * @throws RangeError when the family has no such size
 */
export function dimensionsOf(family: Family, size: Size, overrides?: DimensionOverrides): NominalInstrument {
  const row = dimensionTable(family, overrides).find((candidate) => candidate.size === size);
  if (!row) throw new RangeError(`no ${family} of size ${size}`);
  return row;
}
