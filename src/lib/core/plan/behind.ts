import { median } from '../maths';

/** How far below the middle of the group a player is behind, on the scale of ratings. */
const BEHIND_BY = 0.75;

/** A player's mean strength in a category, 0 (nothing seen) to 4. */
export interface InCategory {
  readonly playerId: string;
  readonly strength: number;
}

/** Who of a group is behind in a category, the furthest first. In a group where nothing was seen nobody is. */
export function behindIn(group: readonly InCategory[]): readonly InCategory[] {
  const middle = median(group.map(({ strength }) => strength)) ?? 0;
  return group
    .filter(({ strength }) => strength <= middle - BEHIND_BY)
    .sort((a, b) => a.strength - b.strength || (a.playerId < b.playerId ? -1 : 1));
}
