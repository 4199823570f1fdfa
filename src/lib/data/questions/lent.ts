import type { KnownInstrument } from '$lib/core/instruments';
import type { Database } from '../store/database';
import type { Instrument, Loan, Player } from '../store/records';
import { ofPlayers } from './records';

/** What somebody has from the cupboard, as far as it was measured. */
export interface Lent extends KnownInstrument {
  readonly number: string;
  readonly notchesMm?: readonly number[] | undefined;
}

/** The instruments that players have from the cupboard, by player: those of the family that is played. */
export function lentFrom(
  players: readonly Pick<Player, 'id' | 'family'>[],
  loans: readonly Loan[],
  instruments: readonly Instrument[]
): ReadonlyMap<string, readonly Lent[]> {
  const familyOf = new Map(players.map(({ id, family }) => [id, family]));
  const byId = new Map(instruments.map((one) => [one.id, one]));
  const lent = new Map<string, Lent[]>();
  for (const { playerId, instrumentId, to } of loans) {
    const one = to === null && instrumentId !== null ? byId.get(instrumentId) : undefined;
    if (!one || one.family !== familyOf.get(playerId)) continue;
    const { number, size, overallMm, stringMm, ribMm, pinMaxMm, notchesMm } = one;
    const known: Lent = {
      number,
      size,
      overallMm,
      stringMm: stringMm ?? undefined,
      ribMm: ribMm ?? undefined,
      pinMaxMm: pinMaxMm ?? undefined,
      notchesMm
    };
    lent.set(playerId, [...(lent.get(playerId) ?? []), known]);
  }
  return lent;
}

/** What some players have from the cupboard. */
export async function lentTo(
  db: Database,
  playerIds: readonly string[]
): Promise<ReadonlyMap<string, readonly Lent[]>> {
  const [players, loans] = await Promise.all([
    db.players.bulkGet([...playerIds]),
    ofPlayers(db, 'loans', playerIds)
  ]);
  const instruments = await db.instruments.bulkGet(loans.map(({ instrumentId }) => instrumentId ?? ''));
  const there = <T>(all: readonly (T | undefined)[]) => all.filter((one) => one !== undefined);
  return lentFrom(there(players), loans, there(instruments));
}
