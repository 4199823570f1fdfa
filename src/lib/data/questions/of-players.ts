import type { Table } from 'dexie';

/**
 * The records of some players in a table, player by player. A request for each brings all of one player's at once; one
 * for all of them would step from record to record, ten times as slowly.
 */
export const ofPlayers = async <T extends { readonly playerId: string }>(
  table: Table<T, string>,
  playerIds: readonly string[]
): Promise<readonly T[]> =>
  (await Promise.all(playerIds.map((playerId) => table.where({ playerId }).toArray()))).flat();
