import { dimensionsOf, sizesUp, type DimensionOverrides, type Family, type Size } from '../instruments';
import type { IsoDay } from '../time';
import type { InstrumentState } from './state';

/** An instrument of the cupboard. */
export interface Kept {
  readonly id: string;
  readonly number: string;
  readonly family: Family;
  readonly size: Size;
  /** As it was measured; null where the size's own length counts. */
  readonly overallMm: number | null;
  readonly state: InstrumentState;
}

/** An instrument that is with a player; a room instrument may be with several. */
export interface Out {
  readonly id: string;
  readonly instrumentId: string;
  readonly playerId: string;
  readonly from: IsoDay;
  /** The day until which it was agreed; null where none was. */
  readonly until: IsoDay | null;
}

/** Where an instrument is on a day. */
export type Whereabouts =
  | { readonly kind: 'here' }
  | { readonly kind: 'out'; readonly loans: readonly Out[]; readonly overdue: boolean }
  | { readonly kind: 'workshop' }
  | { readonly kind: 'out-of-use' };

export interface Stored<K extends Kept = Kept> {
  readonly instrument: K;
  readonly where: Whereabouts;
}

/** The instruments of one size, by number. */
export interface Shelf<K extends Kept = Kept> {
  readonly size: Size;
  readonly stored: readonly Stored<K>[];
  /** How many could be given out today. */
  readonly free: number;
}

/** The overall length of an instrument: its own where it was measured, mm. */
export const lengthOf = (
  { family, size, overallMm }: Pick<Kept, 'family' | 'size' | 'overallMm'>,
  own?: DimensionOverrides
): number => overallMm ?? dimensionsOf(family, size, own).overallMm;

/** Who has it comes first: an instrument in the workshop or out of use that somebody has is still to come back. */
function whereIs(instrument: Kept, loans: readonly Out[], today: IsoDay): Whereabouts {
  if (loans.length > 0)
    return { kind: 'out', loans, overdue: loans.some(({ until }) => until !== null && until < today) };
  return instrument.state === 'workshop' || instrument.state === 'out-of-use'
    ? { kind: instrument.state }
    : { kind: 'here' };
}

/** Numbers as people count them: 9 before 10, "C2" before "C10". */
const byNumber = (a: Kept, b: Kept): number =>
  a.number.localeCompare(b.number, 'en', { numeric: true }) || (a.id < b.id ? -1 : 1);

/**
 * The shelves of a family, smallest size first; a size without an instrument has none.
 *
 * @param out what is out: a loan that came back is none of them
 */
export function shelvesOf<K extends Kept>(
  family: Family,
  instruments: readonly K[],
  out: readonly Out[],
  today: IsoDay
): readonly Shelf<K>[] {
  const loans = new Map<string, Out[]>();
  for (const loan of out) {
    const known = loans.get(loan.instrumentId);
    if (known) known.push(loan);
    else loans.set(loan.instrumentId, [loan]);
  }
  const own = instruments.filter((one) => one.family === family).sort(byNumber);
  return sizesUp(family).flatMap((size): readonly Shelf<K>[] => {
    const stored = own
      .filter((one) => one.size === size)
      .map((instrument) => ({
        instrument,
        where: whereIs(instrument, loans.get(instrument.id) ?? [], today)
      }));
    const free = stored.filter(({ where }) => where.kind === 'here').length;
    return stored.length > 0 ? [{ size, stored, free }] : [];
  });
}
