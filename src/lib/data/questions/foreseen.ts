import type { Table } from 'dexie';
import type { IsoDay } from '$lib/core/time';
import { foresightOf, groupByPlayer, setupReviewOf, type PlayerCase } from './case';
import { dropClaim, keepClaimed, layClaim } from './claims';
import type { Database } from '../store/database';
import type { Foreseen } from '../schema/foreseen';
import { lentFrom } from './lent';
import { getSettings } from './settings';

/** Which way of foreseeing made what is kept; raise it when the judgement changes, and all is worked out anew. */
const FORESEEN_BY = 5;

/** Players worked out between two reports of progress. */
const AT_ONCE = 250;

/** More players than this without a foresight are left to the worker. */
export const FEW_PLAYERS = 60;

/** Whether that was worked out; else somebody has it at hand, or it is of an older judgement. */
export const isForeseen = ({ by }: Foreseen): boolean => by === FORESEEN_BY;

/** One of several parts of all players, from 0. */
export interface Share {
  readonly number: number;
  readonly of: number;
}

/** The part of all keys, in their order, that is a share: neighbours, so that their records are neighbours too. */
const partOf = (keys: readonly string[], { number, of }: Share): readonly string[] =>
  keys.slice(Math.floor((number * keys.length) / of), Math.floor(((number + 1) * keys.length) / of));

/**
 * Works out what is foreseen for players of whom it is not known, and keeps it. Long for a large class: meant for
 * workers then, each with a share. It lays down a claim first, on which each change of a player meanwhile is noted
 * in the change's own transaction; what was worked out from the records before such a change is not kept.
 *
 * @param report hears how many of how many are done
 * @param whose a share of all players, or those of whom it is known that nothing is known
 */
export async function foreseeMissing(
  db: Database,
  today: IsoDay,
  report: (done: number, total: number) => void = () => undefined,
  whose: Share | readonly string[] = { number: 0, of: 1 }
): Promise<void> {
  const claim = await layClaim(db);
  try {
    const ids = 'of' in whose ? await missingOf(db, whose) : whose;
    const cases = await casesOf(db, ids, today);
    for (let from = 0; from < cases.length; from += AT_ONCE) {
      report(from, cases.length);
      await keepClaimed(
        db,
        claim,
        cases
          .slice(from, from + AT_ONCE)
          .map((of) => ({ id: of.player.id, by: FORESEEN_BY, ...foreseenOf(of) }))
      );
    }
    report(cases.length, cases.length);
  } finally {
    await dropClaim(db, claim);
  }
}

const missingOf = (db: Database, share: Share): Promise<readonly string[]> =>
  db.transaction('r', [db.players, db.foreseen], async () => {
    const known = new Set((await db.foreseen.toArray()).filter(isForeseen).map(({ id }) => id));
    const ids = partOf(await db.players.toCollection().primaryKeys(), share);
    return ids.filter((id) => !known.has(id));
  });

const casesOf = (db: Database, ids: readonly string[], today: IsoDay): Promise<readonly PlayerCase[]> =>
  db.transaction(
    'r',
    [db.players, db.measurements, db.fits, db.trials, db.setups, db.loans, db.instruments, db.settings],
    async () => {
      const [first = '', last = ''] = [ids[0], ids.at(-1)];
      // One look at all that lies between is quicker than many looks by the index.
      const of = <T>(table: Table<T, string>, index: string) =>
        (ids.length > FEW_PLAYERS
          ? table.where(index).between(first, last, true, true)
          : table.where(index).anyOf(ids)
        ).toArray();
      const own = <T extends { readonly playerId: string }>(table: Table<T, string>) => of(table, 'playerId');
      const [players, measurements, fits, trials, setups, loans, instruments, settings] = await Promise.all([
        of(db.players, ':id'),
        own(db.measurements).then(groupByPlayer),
        own(db.fits).then(groupByPlayer),
        own(db.trials).then(groupByPlayer),
        own(db.setups).then(groupByPlayer),
        own(db.loans),
        db.instruments.toArray(),
        getSettings(db)
      ]);
      const asked = new Set(ids);
      const lent = lentFrom(players, loans, instruments);
      return players
        .filter(({ id, archivedOn }) => archivedOn === null && asked.has(id))
        .map((player) => ({
          player,
          measurements: measurements.get(player.id) ?? [],
          fits: fits.get(player.id) ?? [],
          setups: setups.get(player.id) ?? [],
          lent: lent.get(player.id) ?? [],
          trials: trials.get(player.id) ?? [],
          pains: [],
          draft: null,
          settings,
          today
        }));
    }
  );

/** One player whose records cannot be judged must not keep all others from being shown. */
function foreseenOf(of: PlayerCase): Pick<Foreseen, 'foresight' | 'setup'> {
  try {
    return { foresight: foresightOf(of), setup: setupReviewOf(of) };
  } catch {
    return { foresight: null, setup: null };
  }
}
