/** How far below the middle of the group a player is behind, on the scale of ratings. */
export const BEHIND_BY = 0.75;

/** A player's mean strength in a category, 0 (nothing seen) to 4. */
export interface InCategory {
  readonly playerId: string;
  readonly strength: number;
}

function middleOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const upper = sorted[half] ?? 0;
  return sorted.length % 2 === 1 ? upper : (upper + (sorted[half - 1] ?? 0)) / 2;
}

/** Who of a group is behind in a category, the furthest first. In a group where nothing was seen nobody is. */
export function behindIn(group: readonly InCategory[]): readonly InCategory[] {
  const middle = middleOf(group.map(({ strength }) => strength));
  return group
    .filter(({ strength }) => strength <= middle - BEHIND_BY)
    .sort((a, b) => a.strength - b.strength || (a.playerId < b.playerId ? -1 : 1));
}
