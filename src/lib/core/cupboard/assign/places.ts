/** More tries than this are no small matter any more. */
const MOST_TRIES = 20_000;

/**
 * Which instrument of a class each gets: whoever stays keeps the own one, and who comes gets the first that nobody has
 * at the same time.
 *
 * @param kept the instruments, by their place in the class, of those who stay
 * @param count instruments in the class
 * @param meet whether two use theirs at the same time
 * @returns the instruments by player; null where that can't be
 */
export function placesIn(
  players: readonly number[],
  kept: ReadonlyMap<number, number>,
  count: number,
  meet: (one: number, other: number) => boolean
): ReadonlyMap<number, number> | null {
  const places = new Map(kept);
  const coming = players.filter((player) => !kept.has(player));
  let tries = 0;
  const isFree = (player: number, place: number): boolean =>
    [...places].every(([other, taken]) => taken !== place || !meet(player, other));
  const place = (at: number): boolean => {
    const player = coming[at];
    if (player === undefined) return true;
    for (let one = 0; one < count && ++tries < MOST_TRIES; one++) {
      if (!isFree(player, one)) continue;
      places.set(player, one);
      if (place(at + 1)) return true;
      places.delete(player);
    }
    return false;
  };
  return place(0) ? places : null;
}
