import { standingOn, type Foresight, type Standing } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import { foresightOf, type PlayerCase } from './case';
import type { Database } from './database';
import { groupNames, groupOf } from './groups';
import type { Draft, Pain, Player } from './records';
import type { Foreseen } from './schema/foreseen';
import { getSettings } from './settings';

/** A player with what matters on a list. */
export interface RosterEntry {
  readonly player: Player;
  readonly group: string;
  readonly standing: Standing;
  /** What is foreseen with the size in use; null without a size, and while it is still being worked out. */
  readonly foresight: Foresight | null;
  /** Not worked out yet. */
  readonly pending: boolean;
  readonly draft: Draft | null;
  readonly pain: Pain | null;
}

/** Records by the player whom they belong to. */
export function groupByPlayer<T extends { readonly playerId: string }>(
  records: readonly T[]
): ReadonlyMap<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const record of records) {
    const group = groups.get(record.playerId);
    if (group) group.push(record);
    else groups.set(record.playerId, [record]);
  }
  return groups;
}

/** Which way of foreseeing made what is kept; raise it when the judgement changes, and all is worked out anew. */
const FORESEEN_BY = 1;

/** Players worked out between two reports of progress. */
const AT_ONCE = 100;

/**
 * Works out what is foreseen for players of whom it is not known, and keeps it. Long for a large class: meant for a
 * worker then.
 *
 * @param report hears how many of how many are done; resolves when to go on
 */
export async function foreseeMissing(
  db: Database,
  today: IsoDay,
  report: (done: number, total: number) => void = () => undefined
): Promise<void> {
  const known = new Set(
    (await db.foreseen.toArray()).filter(({ by }) => by === FORESEEN_BY).map(({ id }) => id)
  );
  const players = (await db.players.toArray()).filter(
    ({ id, archivedOn }) => archivedOn === null && !known.has(id)
  );
  const settings = await getSettings(db);
  for (let from = 0; from < players.length; from += AT_ONCE) {
    report(from, players.length);
    await foreseeSome(db, players.slice(from, from + AT_ONCE), settings, today);
  }
  report(players.length, players.length);
}

async function foreseeSome(
  db: Database,
  players: readonly Player[],
  settings: Awaited<ReturnType<typeof getSettings>>,
  today: IsoDay
): Promise<void> {
  const ids = players.map(({ id }) => id);
  await db.transaction('rw', [db.players, db.measurements, db.fits, db.settings, db.foreseen], async () => {
    const fits = groupByPlayer(await db.fits.where('playerId').anyOf(ids).toArray());
    const sized = ids.filter((id) => fits.has(id));
    const measurements = groupByPlayer(await db.measurements.where('playerId').anyOf(sized).toArray());
    const there = await db.players.bulkGet(ids);
    const rows = there.flatMap((player): Foreseen[] => {
      if (!player) return [];
      const { id } = player;
      const own = { measurements: measurements.get(id) ?? [], fits: fits.get(id) ?? [] };
      const of = { player, ...own, trials: [], pains: [], draft: null, settings, today };
      return [{ id, by: FORESEEN_BY, foresight: foresightOrNone(of) }];
    });
    await db.foreseen.bulkPut(rows);
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

/** More players than this without a foresight are left to the worker. */
export const FEW_PLAYERS = 60;

/** Every player that is not archived with where each stands, by name. What is foreseen is read, not worked out. */
export async function roster(db: Database, today: IsoDay): Promise<readonly RosterEntry[]> {
  const [players, foreseen, drafts, pains, names] = await Promise.all([
    db.players.orderBy('name').toArray(),
    db.foreseen.toArray(),
    db.drafts.toArray(),
    db.pains.filter(({ closedAt }) => closedAt === null).toArray(),
    groupNames(db)
  ]);
  const foreseenOf = new Map(foreseen.filter(({ by }) => by === FORESEEN_BY).map((one) => [one.id, one]));
  const draftOf = new Map(drafts.map((draft) => [draft.id, draft]));
  const painOf = new Map(pains.map((pain) => [pain.playerId, pain]));
  return players
    .filter(({ archivedOn }) => archivedOn === null)
    .map((player) => {
      const known = foreseenOf.get(player.id);
      const draft = draftOf.get(player.id) ?? null;
      const foresight = known?.foresight ?? null;
      return {
        player,
        group: groupOf(names, player),
        standing: standingOn(foresight, draft !== null, today),
        foresight,
        pending: known === undefined,
        draft,
        pain: painOf.get(player.id) ?? null
      };
    });
}
