import type { KnownInstrument } from '$lib/core/instruments';
import type { Database } from '../store/database';
import { ofPlayers } from './records';

/** What somebody has from the cupboard, as far as it was measured. */
export interface Lent extends KnownInstrument {
  readonly number: string;
  readonly notchesMm?: readonly number[] | undefined;
}

/**
 * The instruments that players have from the cupboard, by player.
 */
export async function lentTo(
  db: Database,
  playerIds: readonly string[]
): Promise<ReadonlyMap<string, readonly Lent[]>> {
  const players = await db.players.bulkGet([...playerIds]);
  const familyOf = new Map(
    players.flatMap((player) => (player ? [[player.id, player.family] as const] : []))
  );
  const out = (await ofPlayers(db, 'loans', playerIds)).filter(
    ({ to, instrumentId }) => to === null && instrumentId !== null
  );
  const lent = new Map<string, Lent[]>();
  const instruments = await db.instruments.bulkGet(out.map(({ instrumentId }) => instrumentId ?? ''));
  for (const [at, { playerId }] of out.entries()) {
    const one = instruments[at];
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
