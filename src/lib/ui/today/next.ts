import type { NextKind } from '$lib/core/plan';
import type { WithNext } from '$lib/data/questions/status';

/** The button that does what comes next. */
const ACTS: Readonly<Record<NextKind, string>> = {
  pain: 'Ask',
  'too-large': 'Fit',
  'too-small': 'Fit',
  'go-on': 'Go on',
  size: 'Fit',
  measure: 'Measure',
  'set-up': 'Set up',
  check: 'Lesson',
  return: 'Kit',
  nothing: 'History'
};
export const actOf = (kind: NextKind): string => ACTS[kind];

/** Where it is done: the very step. */
export function hrefOf({ entry: { player }, next: { kind } }: WithNext): string {
  switch (kind) {
    case 'pain':
    case 'check':
      return `/lesson/${player.id}`;
    case 'set-up':
    case 'return':
      return `/fit/${player.id}#set-up`;
    case 'nothing':
      return `/players/${player.id}`;
    default:
      return `/fit/${player.id}`;
  }
}
