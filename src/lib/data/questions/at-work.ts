import { focusOf, type Check } from '$lib/core/checks';
import type { IsoDay } from '$lib/core/time';
import { lastPractised, seenResults } from '../commands/checks';
import type { Database } from '../store/database';
import type { Player, Practice } from '../store/records';
import { groupByPlayer } from './case';
import { libraryFor, taughtTo } from './library';
import { allOf, ofPlayers, recordsOf } from './records';
import { getSettings } from './settings';

/** What a player works on, and as it was set for home where it was. */
export interface AtWork {
  readonly check: Check;
  readonly set: Practice | null;
}

/** The check that a player works on: what was set as practice last, else what the rule proposes. */
export async function checksAtWork(
  db: Database,
  players: readonly Player[],
  today: IsoDay
): Promise<readonly (AtWork | null)[]> {
  const ids = players.map(({ id }) => id);
  const [checks, lessons, pains, setups, groups, own, settings] = await Promise.all([
    ofPlayers(db, 'checks', ids),
    ofPlayers(db, 'lessons', ids),
    ofPlayers(db, 'pains', ids),
    ofPlayers(db, 'setups', ids),
    recordsOf(
      db,
      'groups',
      players.map(({ groupId }) => groupId)
    ),
    allOf(db, 'ownChecks'),
    getSettings(db)
  ]);
  const seen = groupByPlayer(checks);
  const held = groupByPlayer(lessons);
  const fitted = groupByPlayer(setups);
  const hurt = new Set(pains.filter(({ closedAt }) => closedAt === null).map(({ playerId }) => playerId));
  return Promise.all(
    players.map(async (player, i) => {
      const library = await libraryFor(
        player.family,
        settings,
        own,
        taughtTo(settings, groups[i], fitted.get(player.id))
      );
      const [set] = lastPractised(held.get(player.id) ?? [])?.practice ?? [];
      const check = library.find(({ id }) => id === set?.checkId);
      if (check && set) return { check, set };
      const results = seenResults(seen.get(player.id) ?? []);
      if (results.length === 0) return null;
      const next = focusOf({ checks: library, results, today, pain: hurt.has(player.id) }).check;
      return next && { check: next, set: null };
    })
  );
}
