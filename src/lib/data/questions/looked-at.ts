import type { Check } from '$lib/core/checks';
import { groupByPlayer } from './case';
import type { Database } from '../store/database';
import { libraryFor, taughtTo } from './library';
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
  const setups = groupByPlayer(await ofPlayers(db, 'setups', ids));
  const [settings, own] = [await getSettings(db), await db.ownChecks.toArray()];
  const groups = new Map((await db.groups.toArray()).map((group) => [group.id, group]));
  const libraries = new Map<string, Promise<readonly Check[]>>();
  const libraryOf = ({ id, family, groupId }: Player): Promise<readonly Check[]> => {
    const group = groupId === null ? null : groups.get(groupId);
    const taught = taughtTo(settings, group, setups.get(id));
    const key = `${family} ${groupId} ${taught.support}`;
    const known = libraries.get(key);
    if (known) return known;
    const made = libraryFor(family, settings, own, taught);
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
