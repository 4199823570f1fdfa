import type { Family } from '../instruments';

/** Categories in the order in which they build on each other. */
export const CHECK_CATEGORIES = ['ready', 'stance', 'hold', 'left-hand', 'bow-hand', 'bow-use'] as const;
export type CheckCategory = (typeof CHECK_CATEGORIES)[number];

/** How far a player has it, weakest first. */
export const RATINGS = ['not-seen', 'not-yet', 'with-help', 'mostly', 'secure'] as const;
export type Rating = (typeof RATINGS)[number];

/** Where a teacher stands to see it best, in the order of a walk round the player. */
export const STANDPOINTS = ['front', 'left', 'behind', 'right', 'above', 'close'] as const;
export type Standpoint = (typeof STANDPOINTS)[number];
export type FaultCause = 'set-up' | 'size' | 'habit';

/** What can bring a fault about, with its remedy. */
export interface Cause {
  readonly cause: FaultCause;
  /** What to do, in a teacher's words. */
  readonly remedy: string;
  readonly drill?: DrillId;
}

/** A subject on which teachers differ, with the ways that are taught. */
export type SchoolSubject = 'sizing' | 'filling' | 'tilt' | 'scroll-direction';

export interface Fault {
  readonly id: string;
  readonly text: string;
  /** Likely causes with their remedy, likeliest first. */
  readonly causes: readonly Cause[];
}

/** What a look is recorded as. */
export const RESULT_KINDS = ['rating', 'seconds', 'count', 'yes-no', 'angle'] as const;
export type ResultKind = (typeof RESULT_KINDS)[number];

export interface CheckPicture {
  readonly pose: string;
  readonly view: string;
}

/** What was seen at one look. */
export type CheckOutcome =
  | { readonly kind: 'rating'; readonly rating: Rating }
  | { readonly kind: 'seconds'; readonly seconds: number }
  | { readonly kind: 'count'; readonly count: number }
  | { readonly kind: 'yes-no'; readonly yes: boolean }
  | { readonly kind: 'angle'; readonly deg: number };

/** One thing to look at, with what right looks like and what usually goes wrong. */
export interface Check {
  readonly id: string;
  readonly families: readonly Family[];
  readonly category: CheckCategory;
  readonly title: string;
  /** From where it is seen best. */
  readonly standpoint: Standpoint;
  readonly right: string;
  /** The same in a line that a child understands, for the card. */
  readonly forPlayer: string;
  readonly faults: readonly Fault[];
  readonly result: ResultKind;
  /** What right looks like here depends on the teacher's school in these subjects. */
  readonly schools: readonly SchoolSubject[];
  /** The picture of right: a pose and the side from which it is shown; null while there is none. */
  readonly picture: CheckPicture | null;
  readonly drill: DrillId;
}

export type DrillId = 'set-and-reset' | 'hands-off' | 'wall-mirror' | 'shake-out' | 'arm-strength';

export interface Drill {
  readonly id: DrillId;
  readonly text: string;
  readonly dose: string;
}
