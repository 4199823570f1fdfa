import type { KnownInstrument } from '$lib/core/instruments';
import { newestFirst } from './case';
import { lentTo } from './lent';
import type { Database } from '../store/database';
import type { Fit, Group, Player, Setup } from '../store/records';
import { ofPlayers } from './records';

/** One place of a room sheet: who sits there, on what, and how it is set up. */
export interface RoomPlace {
  readonly player: Player;
  /** The newest decision on the family that is played; null while there is none. */
  readonly fit: Fit | null;
  /** The set-up of that decision; null while none was kept. */
  readonly setup: Setup | null;
  /** What was measured of the own instrument. */
  readonly measured: readonly KnownInstrument[];
}

export interface RoomSheet {
  readonly name: string;
  readonly places: readonly RoomPlace[];
}

/** Seats from the front of the room to the back and from left to right; who has none comes after, by name. */
function inSeatingOrder({ seating }: Group, players: readonly Player[]): readonly Player[] {
  const seat = new Map(seating.map(({ playerId, x, y }) => [playerId, { x, y }]));
  return players.toSorted((a, b) => {
    const [one, other] = [seat.get(a.id), seat.get(b.id)];
    if (one && other) return one.y - other.y || one.x - other.x;
    if (one || other) return one ? -1 : 1;
    return a.name.localeCompare(b.name);
  });
}

/** What a group needs in its room, in seating order; null for a group that is not there. */
export async function roomSheet(db: Database, groupId: string): Promise<RoomSheet | null> {
  const group = await db.groups.get(groupId);
  if (!group) return null;
  const players = await db.players
    .where({ groupId })
    .filter(({ archivedOn }) => archivedOn === null)
    .toArray();
  const ids = players.map(({ id }) => id);
  const [fits, setups, lent] = await Promise.all([
    ofPlayers(db, 'fits', ids),
    ofPlayers(db, 'setups', ids),
    lentTo(db, ids)
  ]);
  const [fitsOf, setupsOf] = [newestFirst(fits), newestFirst(setups)];
  return {
    name: group.name,
    places: inSeatingOrder(group, players).map((player) => {
      const isMine = (one: { readonly playerId: string; readonly family: string }) =>
        one.playerId === player.id && one.family === player.family;
      const fit = fitsOf.find(isMine) ?? null;
      const measured = [...(lent.get(player.id) ?? []), ...(fit?.instruments ?? [])];
      return {
        player,
        fit,
        measured,
        setup: setupsOf.find((one) => isMine(one) && one.fitId === fit?.id) ?? null
      };
    })
  };
}
