import type { Size } from '$lib/core/instruments';
import type { Database } from '../store/database';
import type { DayState, Fit, FittingDay, Player } from '../store/records';
import { groupByPlayer, newestFirst } from './case';
import { ofPlayers, recordOf, recordsOf } from './records';

/** A player of a fitting day, with the size that was decided since it began. */
export interface DayMember {
  readonly player: Player;
  readonly state: DayState;
  readonly size: Size | null;
  readonly betweenSizes: boolean;
}

/** Where every player of a day stands, in its order. A size counts once the player has passed or was tried on. */
export function dayMembers(
  day: FittingDay,
  players: readonly Player[],
  fits: readonly Fit[]
): readonly DayMember[] {
  const byId = new Map(players.map((player) => [player.id, player]));
  const since = groupByPlayer(fits.filter(({ at }) => at >= day.startedAt));
  return day.entries.flatMap(({ playerId, state }): DayMember[] => {
    const player = byId.get(playerId);
    if (!player) return [];
    const fit = newestFirst(since.get(playerId) ?? []).find(({ family }) => family === player.family);
    const passed = fit !== undefined && (state === 'passed' || state === 'trial');
    return [
      {
        player,
        state: passed ? 'passed' : state === 'passed' ? 'waiting' : state,
        size: passed ? fit.size : null,
        betweenSizes: passed && fit.betweenSizes
      }
    ];
  });
}

/** Where every player of a day stands, as it is written; nobody for a day that is gone. */
export async function membersOfDay(db: Database, dayId: string): Promise<readonly DayMember[]> {
  const day = await recordOf(db, 'days', dayId);
  if (!day) return [];
  const ids = day.entries.map(({ playerId }) => playerId);
  const [players, fits] = await Promise.all([recordsOf(db, 'players', ids), ofPlayers(db, 'fits', ids)]);
  return dayMembers(
    day,
    players.filter((one) => one !== undefined),
    fits
  );
}
