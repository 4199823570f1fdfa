import type { Size } from '../../instruments';

/** A size that a player may need in a term, and how likely. The chances of a term add up to 1. */
export interface Wanted {
  readonly size: Size;
  readonly chance: number;
}

export interface AssignPlayer {
  readonly id: string;
  /** What is wanted, term by term. */
  readonly wanted: readonly (readonly Wanted[])[];
  /** The instrument that is in use now. */
  readonly now: string | null;
  /** Pain, a compact school or "not yet" in the trial: hardly any chance of too large is taken. */
  readonly noLarger: boolean;
  /** What the teacher fixed: an instrument of a term, or waiting. */
  readonly fixed: readonly { readonly term: number; readonly instrumentId: string | null }[];
  /** The lesson times at which an instrument of the room would be used; all who have none share one. */
  readonly slots: readonly string[];
}

export interface AssignInstrument {
  readonly id: string;
  readonly size: Size;
  /** Stays in the room, for one player a lesson time. */
  readonly shared: boolean;
  /** Reserved for one. */
  readonly only: string | null;
  /** Whether it is there throughout each term. */
  readonly there: readonly boolean[];
  /** Stands for as many as are needed. */
  readonly rental: boolean;
  /** What each of those costs that are needed at the same time, once for all terms; nothing where absent. */
  readonly each?: number;
  /**
   * Of one that was measured: the share by which it plays as the next size up, below 0 as the next one down; so two
   * halves are not the same half.
   */
  readonly leans?: number;
  /** Of one that was measured on somebody: how many sizes it lands from the one that fits, above 0 too large, by player. */
  readonly steps: ReadonlyMap<string, number> | null;
}

/** What is weighed against what. Each is the teacher's to set. */
export interface Costs {
  /** A term on one size too small, and on two. */
  readonly smaller: readonly [one: number, two: number];
  /** A term on one size too large, and on two or more. */
  readonly larger: readonly [one: number, more: number];
  /** Each change from one instrument to another. */
  readonly change: number;
  /** A term of waiting. */
  readonly waits: number;
  /** A term of a rental. */
  readonly rental: number;
}

/** Source: what teachers weigh; a size too large costs more than one too small, and waiting more than either. */
export const USUAL_COSTS: Costs = { smaller: [3, 8], larger: [6, 15], change: 1, waits: 12, rental: 5 };

export interface AssignQuestion {
  /** The sizes that count as steps, smallest first. */
  readonly sizes: readonly Size[];
  readonly terms: number;
  readonly players: readonly AssignPlayer[];
  readonly instruments: readonly AssignInstrument[];
  readonly costs: Costs;
}

/** Who has what in a term; null waits. */
export interface Assigned {
  readonly playerId: string;
  readonly term: number;
  readonly instrumentId: string | null;
  /** What the term costs of this player, the change into it counted. */
  readonly cost: number;
}
