import type { Kept, Out } from '$lib/core/cupboard';
import type { Size } from '$lib/core/instruments';
import type { Database } from '../store/database';
import type { Instrument, Loan, Player } from '../store/records';
import { newestFitOf, openPains } from './case';

/** An instrument with what is known of it, its state said. */
export type StoredInstrument = Instrument & Kept;

/** Everything that the cupboard shows. */
export interface Cupboard {
  readonly instruments: readonly StoredInstrument[];
  /** What is out. */
  readonly out: readonly Out[];
  /** Every loan of an instrument, newest first. */
  readonly loans: readonly Loan[];
  /** Who comes, with the size that was decided. */
  readonly players: readonly CupboardPlayer[];
  /** Everybody's name, also of who was put away. */
  readonly names: readonly (readonly [id: string, name: string])[];
}

export const EMPTY_CUPBOARD: Cupboard = { instruments: [], out: [], loans: [], players: [], names: [] };

export type CupboardPlayer = Player & { readonly size: Size | null };

/** An instrument as it is called: "no. 12, violin 1/4". */
export const instrumentName = ({
  number,
  family,
  size
}: Pick<Instrument, 'number' | 'family' | 'size'>): string => `no. ${number}, ${family} ${size}`;

/** A loan of an instrument that did not come back yet; null for any other. */
const outOf = ({ id, instrumentId, playerId, from, to, until = null }: Loan): Out | null =>
  to === null && instrumentId !== null ? { id, instrumentId, playerId, from, until } : null;

/** The cupboard as it is. */
export async function cupboardOf(db: Database): Promise<Cupboard> {
  const [instruments, loans, players, fits, pains] = await Promise.all([
    db.instruments.toArray(),
    db.loans.toArray(),
    db.players.toArray(),
    db.fits.toArray(),
    db.pains.toArray()
  ]);
  const hurt = new Set(openPains(pains).map(({ playerId }) => playerId));
  const decided = new Map<string, typeof fits>();
  for (const fit of fits) {
    const known = decided.get(fit.playerId);
    if (known) known.push(fit);
    else decided.set(fit.playerId, [fit]);
  }
  const out = loans.flatMap((loan) => outOf(loan) ?? []);
  const withWhom = new Map(out.map(({ instrumentId, playerId }) => [instrumentId, playerId]));
  const byId = new Map(players.map((player) => [player.id, player]));
  return {
    instruments: instruments.map((one) => {
      // Finger tapes are with whoever has it, and stay on it when it comes back.
      const tapes = byId.get(withWhom.get(one.id) ?? '')?.tapes ?? one.tapes;
      return { ...one, state: one.state ?? 'fine', ...(tapes ? { tapes } : {}) };
    }),
    out,
    loans: loans
      .filter(({ instrumentId }) => instrumentId !== null)
      .sort((a, b) => (a.from < b.from ? 1 : a.from > b.from ? -1 : 0)),
    names: players.map(({ id, name }) => [id, name] as const),
    players: players
      .filter(({ archivedOn }) => archivedOn === null)
      .map((player) => ({
        ...player,
        // While pain is open no size is proposed to anybody.
        size: hurt.has(player.id) ? null : (newestFitOf(player, decided.get(player.id))?.size ?? null)
      }))
  };
}
