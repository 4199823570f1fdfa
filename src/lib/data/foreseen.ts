import type { Table } from 'dexie';
import type { Foresight } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import { foresightOf, groupByPlayer, type PlayerCase } from './case';
import type { Database } from './database';
import type { Foreseen } from './schema/foreseen';
import { getSettings } from './settings';

/** Which way of foreseeing made what is kept; raise it when the judgement changes, and all is worked out anew. */
const FORESEEN_BY = 1;

/** Players worked out between two reports of progress. */
const AT_ONCE = 100;

/** More players than this without a foresight are left to the worker. */
export const FEW_PLAYERS = 60;

/** Whether that was worked out; else somebody has it at hand, or it is of an older judgement. */
export const isForeseen = ({ by }: Foreseen): boolean => by === FORESEEN_BY;

/** One of several parts of all players, from 0. */
export interface Share {
  readonly number: number;
  readonly of: number;
}

/** Whether a player is in a share: by the id, so that all who share agree without a word. */
const isIn = (id: string, { number, of }: Share): boolean =>
  [...id].reduce((sum, letter) => sum + (letter.codePointAt(0) ?? 0), 0) % of === number;

/**
 * Works out what is foreseen for players of whom it is not known, and keeps it. Long for a large class: meant for
 * workers then, each with a share. It claims its players first; a change of a player meanwhile drops the claim in
 * its own transaction, and what was worked out from the records before it is not kept.
 *
 * @param report hears how many of how many are done
 */
export async function foreseeMissing(
  db: Database,
  today: IsoDay,
  report: (done: number, total: number) => void = () => undefined,
  share: Share = { number: 0, of: 1 }
): Promise<void> {
  const claim = -1 - Math.floor(Math.random() * Number.MAX_SAFE_INTEGER);
  const ids = await claimMissing(db, claim, share);
  const cases = await casesOf(db, ids, today);
  for (let from = 0; from < cases.length; from += AT_ONCE) {
    report(from, cases.length);
    await keep(
      db,
      claim,
      cases
        .slice(from, from + AT_ONCE)
        .map((of) => ({ id: of.player.id, by: FORESEEN_BY, foresight: foresightOrNone(of) }))
    );
  }
  report(cases.length, cases.length);
}

const claimMissing = (db: Database, claim: number, share: Share): Promise<readonly string[]> =>
  db.transaction('rw', [db.players, db.foreseen], async () => {
    const known = new Set((await db.foreseen.toArray()).filter(isForeseen).map(({ id }) => id));
    const ids = (await db.players.toArray())
      .filter(({ id, archivedOn }) => archivedOn === null && !known.has(id) && isIn(id, share))
      .map(({ id }) => id);
    await db.foreseen.bulkPut(ids.map((id) => ({ id, by: claim, foresight: null })));
    return ids;
  });

/** Keeps what is still claimed. */
const keep = (db: Database, claim: number, worked: readonly Foreseen[]): Promise<void> =>
  db.transaction('rw', db.foreseen, async () => {
    const rows = await db.foreseen.bulkGet(worked.map(({ id }) => id));
    await db.foreseen.bulkPut(worked.filter((_, index) => rows[index]?.by === claim));
  });

const casesOf = (db: Database, ids: readonly string[], today: IsoDay): Promise<readonly PlayerCase[]> =>
  db.transaction('r', [db.players, db.measurements, db.fits, db.settings], async () => {
    const settings = await getSettings(db);
    // One look at all of a table is quicker than many looks by its index.
    const of = <T extends { readonly playerId: string }>(table: Table<T, string>) =>
      ids.length > FEW_PLAYERS ? table.toArray() : table.where('playerId').anyOf(ids).toArray();
    const fits = groupByPlayer(await of(db.fits));
    const measurements = groupByPlayer(await of(db.measurements));
    return (await db.players.bulkGet([...ids])).flatMap((player): PlayerCase[] => {
      if (!player) return [];
      const own = { measurements: measurements.get(player.id) ?? [], fits: fits.get(player.id) ?? [] };
      return [{ player, ...own, trials: [], pains: [], draft: null, settings, today }];
    });
  });

/** One player whose records cannot be judged must not keep all others from being shown. */
function foresightOrNone(of: PlayerCase): Foresight | null {
  try {
    return foresightOf(of);
  } catch {
    return null;
  }
}
