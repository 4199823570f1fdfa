import { munkres } from 'munkres';
import { stepCost, type Walk } from './walk';

/** Where everybody is, a place a term. */
export type Places = readonly (readonly number[])[];

/** What is not offered costs more than any plan. */
const NEVER = 1e7;

/**
 * Who has what in one term so that it costs the least together, with what everybody has before, and after it where
 * that is known. Each instrument is with one.
 *
 * @param after what follows each place, by player; nothing where the places after it are
 */
export function matched(
  walks: readonly Walk[],
  places: Places,
  term: number,
  instruments: number,
  after: readonly Float64Array[] | null
): readonly number[] {
  const rows = walks.map((walk, player) => {
    const { offered, costs, now } = walk;
    const waits = offered.length;
    const before = term === 0 ? now : (places[player]?.[term - 1] ?? waits);
    const next = after ? undefined : places[player]?.[term + 1];
    const costAt = (at: number): number => {
      const key = term * (waits + 1) + at;
      const onward = after ? (after[player]?.[key] ?? 0) : next === undefined ? 0 : stepCost(walk, at, next);
      return Math.min(NEVER, (costs[key] ?? 0) + stepCost(walk, before, at) + onward);
    };
    // Everybody could wait at once.
    const row = new Array<number>(instruments + walks.length).fill(costAt(waits), instruments);
    row.fill(2 * NEVER, 0, instruments);
    offered.forEach((instrument, at) => (row[instrument] = costAt(at)));
    return row;
  });
  const found = walks.map(({ offered }) => offered.length);
  for (const [player, column] of munkres(rows)) {
    const at = walks[player]?.offered.indexOf(column) ?? -1;
    if (at >= 0) found[player] = at;
  }
  return found;
}
