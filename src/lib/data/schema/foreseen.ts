import type { Foresight } from '$lib/core/outlook';

/** What is foreseen for a player, worked out once and kept until one of its grounds changes. Never in a backup. */
export interface Foreseen {
  /** The player's id. */
  readonly id: string;
  /** Which way of working it out made it. */
  readonly by: number;
  /** Null for one without a size. */
  readonly foresight: Foresight | null;
}
