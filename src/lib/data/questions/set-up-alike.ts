import type { Family } from '$lib/core/instruments';
import { newestFirst } from './case';
import type { Database } from '../store/database';
import type { Player, Setup } from '../store/records';

/** The newest set-up of somebody on a family and size. */
export interface SetUpAlike {
  readonly player: Player;
  readonly setup: Setup;
}

/** Who else is set up on that family and size, by name: from them a set-up can be taken over. */
export async function setUpAlike(
  db: Database,
  { family, size, not }: { readonly family: Family; readonly size: string; readonly not: string }
): Promise<readonly SetUpAlike[]> {
  const setups = await db.setups
    .filter((setup) => setup.family === family && setup.size === size && setup.playerId !== not)
    .toArray();
  const newest = new Map(
    newestFirst(setups)
      .toReversed()
      .map((setup) => [setup.playerId, setup])
  );
  const players = await db.players.bulkGet([...newest.keys()]);
  return players
    .flatMap((player) => {
      const setup = player && newest.get(player.id);
      return player && setup && player.archivedOn === null ? [{ player, setup }] : [];
    })
    .sort((a, b) => a.player.name.localeCompare(b.player.name));
}
