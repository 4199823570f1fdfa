import type { Player, Seat } from '$lib/data';

/** Seats of those who have none yet: in rows before the teacher. */
export function seatsFor(players: readonly Player[], seating: readonly Seat[]): readonly Seat[] {
  const known = new Map(seating.map((seat) => [seat.playerId, seat]));
  const columns = Math.max(3, Math.ceil(Math.sqrt(players.length * 1.6)));
  const rows = Math.max(1, Math.ceil(players.length / columns));
  return players.map(
    ({ id }, i) =>
      known.get(id) ?? {
        playerId: id,
        x: ((i % columns) + 0.5) / columns,
        y: 0.12 + (0.8 * (Math.floor(i / columns) + 0.5)) / rows
      }
  );
}

/** A place within the room, so that no seat is lost. */
export const inRoom = (share: number): number => Math.min(0.97, Math.max(0.03, share));
