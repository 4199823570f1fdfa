import type { Check } from '$lib/core/checks';
import { groupByPlayer } from './case';
import type { Database } from '../store/database';
import { libraryFor, waysFor } from './library';
import { ofPlayers } from './records';
import type { CheckResult, Player } from '../store/records';
import { getSettings } from './settings';

/** What a player is looked at for, as this teacher and the player's group have the checks, and all that was seen. */
export interface LookedAt {
  readonly player: Player;
  /** With the own ones, without those that are hidden. */
  readonly checks: readonly Check[];
  readonly results: readonly CheckResult[];
}

/** Read in one go for all: each question to the database waits for its answer. */
export async function lookedAt(db: Database, players: readonly Player[]): Promise<readonly LookedAt[]> {
  const ids = players.map(({ id }) => id);
  const by = groupByPlayer(await ofPlayers(db, 'checks', ids));
  const [settings, own] = [await getSettings(db), await db.ownChecks.toArray()];
  const groups = new Map((await db.groups.toArray()).map((group) => [group.id, group]));
  const libraries = new Map<string, Promise<readonly Check[]>>();
  const libraryOf = ({ family, groupId }: Player): Promise<readonly Check[]> => {
    const key = `${family} ${groupId}`;
    const known = libraries.get(key);
    if (known) return known;
    const ways = waysFor(settings, groupId === null ? null : groups.get(groupId));
    const made = libraryFor(family, settings, own, ways);
    libraries.set(key, made);
    return made;
  };
  return Promise.all(
    players.map(async (player) => ({
      player,
      checks: await libraryOf(player),
      results: by.get(player.id) ?? []
    }))
  );
}
