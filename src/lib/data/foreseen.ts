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
 * workers then, each with a share.
 *
 * @param report hears how many of how many are done
 */
export async function foreseeMissing(
  db: Database,
  today: IsoDay,
  report: (done: number, total: number) => void = () => undefined,
  share: Share = { number: 0, of: 1 }
): Promise<void> {
  const known = new Set((await db.foreseen.toArray()).filter(isForeseen).map(({ id }) => id));
  const ids = (await db.players.toArray())
    .filter(({ id, archivedOn }) => archivedOn === null && !known.has(id) && isIn(id, share))
    .map(({ id }) => id);
  for (let from = 0; from < ids.length; from += AT_ONCE) {
    report(from, ids.length);
    await foreseeSome(db, ids.slice(from, from + AT_ONCE), today);
  }
  report(ids.length, ids.length);
}

/**
 * Claims players, works them out, and keeps what is still claimed: a change of a player meanwhile has dropped the
 * claim in its own transaction, and what was worked out from the records before it is not kept.
 */
async function foreseeSome(db: Database, ids: readonly string[], today: IsoDay): Promise<void> {
  const claim = -1 - Math.floor(Math.random() * Number.MAX_SAFE_INTEGER);
  await db.transaction('rw', [db.players, db.foreseen], async () => {
    const there = (await db.players.bulkGet([...ids])).flatMap((player) => (player ? [player.id] : []));
    await db.foreseen.bulkPut(there.map((id) => ({ id, by: claim, foresight: null })));
  });
  const cases = await db.transaction('r', [db.players, db.measurements, db.fits, db.settings], () =>
    casesOf(db, ids, today)
  );
  const worked = cases.map((of) => ({ id: of.player.id, by: FORESEEN_BY, foresight: foresightOrNone(of) }));
  await db.transaction('rw', db.foreseen, async () => {
    const rows = await db.foreseen.bulkGet(worked.map(({ id }) => id));
    await db.foreseen.bulkPut(worked.filter((_, index) => rows[index]?.by === claim));
  });
}

async function casesOf(db: Database, ids: readonly string[], today: IsoDay): Promise<readonly PlayerCase[]> {
  const settings = await getSettings(db);
  const fits = groupByPlayer(await db.fits.where('playerId').anyOf(ids).toArray());
  const sized = ids.filter((id) => fits.has(id));
  const measurements = groupByPlayer(await db.measurements.where('playerId').anyOf(sized).toArray());
  return (await db.players.bulkGet([...ids])).flatMap((player): PlayerCase[] => {
    if (!player) return [];
    const own = { measurements: measurements.get(player.id) ?? [], fits: fits.get(player.id) ?? [] };
    return [{ player, ...own, trials: [], pains: [], draft: null, settings, today }];
  });
}

/** One player whose records cannot be judged must not keep all others from being shown. */
function foresightOrNone(of: PlayerCase): Foresight | null {
  try {
    return foresightOf(of);
  } catch {
    return null;
  }
}
