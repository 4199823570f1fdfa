import type { Foresight } from '$lib/core/outlook';
import type { SetupReview } from '$lib/core/setup';

/** What is foreseen for a player, worked out once and kept until one of its grounds changes. Never in a backup. */
export interface Foreseen {
  /** The player's id, or a claim's. */
  readonly id: string;
  /** Which way of working it out made it. */
  readonly by: number;
  /** Null for one without a size. */
  readonly foresight: Foresight | null;
  /** When the set-up in use is to be looked at again; null without one. */
  readonly setup?: SetupReview | null;
  /** When a claim was laid or last kept up; one that nobody keeps up any more is swept away. */
  readonly at?: string;
  /** A claim of one who works players out right now: those who were changed since it read them. */
  readonly changed?: readonly string[];
}
