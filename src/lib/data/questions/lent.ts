import type { MeasuredInstrument } from '$lib/core/instruments';
import type { Database } from '../store/database';
import { ofPlayers } from './records';

/** What somebody has from the cupboard, as it was measured. */
export interface Lent extends MeasuredInstrument {
  readonly number: string;
}

/**
 * The measured instruments that players have from the cupboard, by player. One that was not measured is as its size
 * says, and is not among them.
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
    if (!one || one.overallMm === null || one.family !== familyOf.get(playerId)) continue;
    const { number, size, overallMm, stringMm } = one;
    const measured = { number, size, overallMm, ...(stringMm === null ? {} : { stringMm }) };
    lent.set(playerId, [...(lent.get(playerId) ?? []), measured]);
  }
  return lent;
}
