/** A player of version 1 only knew that it was archived, not since when, and not whether it was made up. */
export interface PlayerOfVersion1 {
  archived?: boolean;
  archivedOn?: string | null;
  demo?: boolean;
}

/** The day that stands for "before it was recorded". */
export const UNKNOWN_DAY = '1970-01-01';

/** Brings a player's record of version 1 to version 2, in place. */
export function playerFrom1To2(player: PlayerOfVersion1): void {
  player.archivedOn = player.archived ? UNKNOWN_DAY : null;
  player.demo ??= false;
  delete player.archived;
}
