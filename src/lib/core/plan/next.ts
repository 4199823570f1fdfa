import type { CheckCategory } from '../checks/types';
import type { Standing } from '../outlook';
import type { IsoDay } from '../time';
import { DUE_KINDS, dueUntil, type Due, type DueKind } from './due';

/** What can come next for one child. */
export type NextKind = DueKind | 'go-on' | 'size' | 'too-small' | 'nothing';

/** What comes next for one child: the one answer that every place gives. */
export interface Next {
  readonly kind: NextKind;
  /** When; null where it is wanted now. */
  readonly day: IsoDay | null;
  /** What a look is at. */
  readonly category?: CheckCategory;
}

/** Standings that want something at once, whatever else is due. */
const AT_ONCE: Readonly<Partial<Record<Standing, NextKind>>> = {
  'measured-too-large': 'too-large',
  'under-way': 'go-on',
  new: 'size',
  'measured-too-small': 'too-small',
  'probably-too-small': 'too-small'
};

/**
 * The one thing that comes next: pain before all, then the size that does not suit or is not known, then what is due
 * by its kind, then the nearest day ahead.
 *
 * @param dues of this child, now or later
 */
export function nextOf(standing: Standing, dues: readonly Due[], today: IsoDay): Next {
  const pain = dues.find(({ kind }) => kind === 'pain');
  if (standing === 'pain') return { kind: 'pain', day: pain?.day ?? null };
  const atOnce = AT_ONCE[standing];
  if (atOnce) return { kind: atOnce, day: null };
  const [now] = dueUntil(dues, today);
  const ahead = dues.reduce<Due | undefined>(
    (soonest, one) => (soonest && soonest.day <= one.day ? soonest : one),
    undefined
  );
  const first = now ?? ahead;
  if (!first) return { kind: 'nothing', day: null };
  return { kind: first.kind, day: first.day, ...(first.category ? { category: first.category } : {}) };
}

/** Whether it is wanted today. */
export const isNow = ({ kind, day }: Next, today: IsoDay): boolean =>
  kind !== 'nothing' && (day === null || day <= today);

/** The order in which children are taken: what can hurt first, then what was begun, then sizes, then what is due. */
const ORDER: readonly NextKind[] = [
  'pain',
  'too-large',
  'go-on',
  'too-small',
  ...DUE_KINDS.filter((kind) => kind !== 'pain' && kind !== 'too-large'),
  'size',
  'nothing'
];

/** Sorts what comes next by how pressing it is, the longest overdue first. */
export const byPressing = (a: Next, b: Next): number =>
  ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) ||
  ((a.day ?? '') < (b.day ?? '') ? -1 : a.day === b.day ? 0 : 1);
