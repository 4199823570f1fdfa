import type { Database } from '../store/database';
import { newId } from '../store/ids';
import { endsOf } from '../store/keys';
import type { Foreseen } from '../schema/foreseen';

/** What tells the id of a claim from a player's. */
const CLAIM = 'claim:';

/** Whoever works keeps a claim up at least so often; a worker that was stopped or killed leaves one behind, ms. */
const CLAIM_LASTS_MS = 600_000;
const isLeft = ({ at }: Foreseen, now: number): boolean =>
  at === undefined || now - Date.parse(at) > CLAIM_LASTS_MS;

const claims = (db: Database) => db.foreseen.where(':id').startsWith(CLAIM);

/** Sweeps away claims that nobody keeps up any more. */
export const sweepClaims = (db: Database, now = Date.now()): Promise<unknown> =>
  claims(db)
    .filter((claim) => isLeft(claim, now))
    .delete();

/** Announces that what is foreseen is being worked out, so that each change from now on is noted for it. */
export async function layClaim(db: Database): Promise<string> {
  const id = CLAIM + newId();
  await db.foreseen.put({ id, by: 0, foresight: null, at: new Date().toISOString(), changed: [] });
  return id;
}

export const dropClaim = (db: Database, claim: string): Promise<void> => db.foreseen.delete(claim);

/** Ends all that is being worked out right now without keeping it. */
export const dropClaims = (db: Database): Promise<unknown> => claims(db).delete();

/** Keeps what nobody has changed since it was claimed; nothing when the claim is gone, for all was changed then. */
export const keepClaimed = (db: Database, claim: string, worked: readonly Foreseen[]): Promise<void> =>
  db.transaction('rw', db.foreseen, async () => {
    const laid = await db.foreseen.get(claim);
    if (!laid?.changed) return;
    const changed = new Set(laid.changed);
    await db.foreseen.bulkPut([
      ...worked.filter(({ id }) => !changed.has(id)),
      { ...laid, at: new Date().toISOString() }
    ]);
  });

/** Of many it is looked first whether there is anything. */
const FEW = 40;
async function dropForeseen(db: Database, players: readonly string[]): Promise<void> {
  if (players.length <= FEW) return db.foreseen.bulkDelete([...players]);
  const asked = new Set(players);
  const there = await db.foreseen
    .where(':id')
    .between(...endsOf(players), true, true)
    .primaryKeys();
  await db.foreseen.bulkDelete(there.filter((id) => asked.has(id)));
}

/**
 * What was foreseen for some players holds no longer, nor does what is being worked out of them right now. Call it
 * in the transaction that changes their records.
 */
export async function forgetForeseen(db: Database, players: readonly string[]): Promise<void> {
  await Promise.all([
    dropForeseen(db, players),
    claims(db)
      .filter((claim) => !isLeft(claim, Date.now()))
      .modify((claim) => Object.assign(claim, { changed: [...(claim.changed ?? []), ...players] }))
  ]);
}

/** Nothing that was foreseen holds any longer, and nothing that is being worked out right now. */
export const forgetAllForeseen = (db: Database): Promise<void> => db.foreseen.clear();
