import type { IsoDay } from '../time';

/** What a player needs next, most pressing first. */
export const STANDINGS = ['outgrown', 'under-way', 'due', 'new', 'settled'] as const;
export type Standing = (typeof STANDINGS)[number];

export interface StandingFacts {
  /** A fit that was begun and not finished. */
  readonly underWay: boolean;
  /** The day by which to look again after the newest decision; null when no size was decided. */
  readonly nextLook: IsoDay | null;
  /** Whether the newest measurements say that the size in use is too small. */
  readonly outgrown: boolean;
}

/** Where a player stands on a day. An unfinished fit outranks everything but an outgrown size. */
export function standingOf({ underWay, nextLook, outgrown }: StandingFacts, today: IsoDay): Standing {
  if (outgrown && !underWay) return 'outgrown';
  if (underWay) return 'under-way';
  if (nextLook === null) return 'new';
  return nextLook <= today ? 'due' : 'settled';
}
