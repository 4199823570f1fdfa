import type { Family } from '../instruments';

/** Categories in the order in which they build on each other. */
export const CHECK_CATEGORIES = ['ready', 'stance', 'hold', 'left-hand', 'bow-hand', 'bow-use'] as const;
export type CheckCategory = (typeof CHECK_CATEGORIES)[number];

/** How far a player has it, weakest first. */
export const RATINGS = ['not-seen', 'not-yet', 'with-help', 'mostly', 'secure'] as const;
export type Rating = (typeof RATINGS)[number];

export type ViewedFrom = 'front' | 'side' | 'above' | 'behind';
export type FaultCause = 'set-up' | 'size' | 'habit';

export interface Remedy {
  readonly cause: FaultCause;
  /** What to do, in a teacher's words. */
  readonly text: string;
  readonly drill?: DrillId;
}

export interface Fault {
  readonly id: string;
  readonly text: string;
  /** Likely causes with their remedy, likeliest first. */
  readonly remedies: readonly Remedy[];
}

/** One thing to look at, with what right looks like and what usually goes wrong. */
export interface Check {
  readonly id: string;
  readonly families: readonly Family[];
  readonly category: CheckCategory;
  readonly title: string;
  readonly from: ViewedFrom;
  readonly right: string;
  /** The same in a line that a child understands, for the card. */
  readonly forPlayer: string;
  readonly faults: readonly Fault[];
  readonly result: 'rating' | 'seconds';
  readonly drill: DrillId;
}

export type DrillId = 'set-and-reset' | 'hands-off' | 'wall-mirror' | 'shake-out' | 'arm-strength';

export interface Drill {
  readonly id: DrillId;
  readonly text: string;
  readonly dose: string;
}
