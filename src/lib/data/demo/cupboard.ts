import type { InstrumentState } from '$lib/core/cupboard';
import { dimensionsOf, type Family, type Size } from '$lib/core/instruments';
import { daysLater, type IsoDay } from '$lib/core/time';
import type { Instrument, Loan } from '../store/records';
import type { Story } from './story';

type Spare = readonly [family: Family, size: Size, state?: InstrumentState, notes?: string];

/** What nobody has. No quarter violin: one is wanted soon, and the other is away. */
const SPARES: readonly Spare[] = [
  ['violin', '1/16'],
  ['violin', '1/10'],
  ['violin', '1/8'],
  ['violin', '1/4', 'workshop', 'A peg slips.'],
  ['violin', '1/2'],
  ['violin', '1/2', 'to-mend', 'The bow wants new hair.'],
  ['violin', '3/4'],
  ['violin', '4/4'],
  ['viola', '13 in'],
  ['viola', '15 in'],
  ['cello', '1/8'],
  ['cello', '1/4', 'workshop', 'The bridge is warped.'],
  ['cello', '1/2'],
  ['cello', '4/4'],
  ['bass', '1/4'],
  ['bass', '3/4']
];

/** So much longer than its size is every third instrument that somebody measured, mm. */
const LONGER_MM = 4;
const AGREED_DAYS = 260;
/** One is late. */
const LATE = 'Corin Hazelbeck';

/** The instruments of the made-up school: everybody of its groups has one of the decided size, the rest are spare. */
export function demoCupboard(
  stories: readonly Story[],
  today: IsoDay
): { readonly instruments: readonly Instrument[]; readonly loans: readonly Loan[] } {
  const instruments: Instrument[] = [];
  const loans: Loan[] = [];
  const add = (family: Family, size: Size, rest: Partial<Instrument> = {}): Instrument => {
    const number = `${instruments.length + 1}`;
    const one: Instrument = {
      id: `demo-instrument-${number.padStart(2, '0')}`,
      number,
      family,
      size,
      overallMm: instruments.length % 3 === 0 ? dimensionsOf(family, size).overallMm + LONGER_MM : null,
      stringMm: null,
      notes: '',
      demo: true,
      ...rest
    };
    instruments.push(one);
    return one;
  };
  for (const { who, player, fits } of stories) {
    const fit = fits.filter(({ family }) => family === player.family).at(-1);
    if (!fit || player.archivedOn !== null) continue;
    const { id, number } = add(player.family, fit.size);
    loans.push({
      id: `demo-loan-${number.padStart(2, '0')}`,
      playerId: player.id,
      kind: 'instrument',
      instrumentId: id,
      what: `no. ${number}, ${player.family} ${fit.size}`,
      from: fit.day,
      to: null,
      until: who.name === LATE ? daysLater(today, -9) : daysLater(fit.day, AGREED_DAYS)
    });
  }
  for (const [family, size, state, notes = ''] of SPARES)
    add(family, size, { notes, ...(state ? { state } : {}) });
  return { instruments, loans };
}
