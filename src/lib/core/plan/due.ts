import type { CheckCategory } from '../checks/types';
import type { IsoDay } from '../time';

/** What can be due for a player, in the order in which a teacher takes it. */
export const DUE_KINDS = ['pain', 'too-large', 'set-up', 'measure', 'check', 'return'] as const;
export type DueKind = (typeof DUE_KINDS)[number];

/** Something that is due for a player on a day. */
export interface Due {
  readonly playerId: string;
  readonly kind: DueKind;
  readonly day: IsoDay;
  /** What a look is at. */
  readonly category?: CheckCategory;
}

/** What is due until a day: pain first, then by kind, then the longest overdue. */
export const dueUntil = (all: readonly Due[], until: IsoDay): readonly Due[] =>
  all
    .filter(({ day }) => day <= until)
    .sort(
      (a, b) =>
        DUE_KINDS.indexOf(a.kind) - DUE_KINDS.indexOf(b.kind) ||
        (a.day === b.day ? (a.playerId < b.playerId ? -1 : 1) : a.day < b.day ? -1 : 1)
    );

/** The same by player, each at the place of what comes first. */
export function byPlayer(
  dues: readonly Due[]
): readonly { readonly playerId: string; readonly dues: readonly Due[] }[] {
  const found = new Map<string, Due[]>();
  for (const due of dues) found.set(due.playerId, [...(found.get(due.playerId) ?? []), due]);
  return [...found].map(([playerId, mine]) => ({ playerId, dues: mine }));
}
