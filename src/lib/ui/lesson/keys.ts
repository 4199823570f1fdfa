import type { Rating } from '$lib/core/checks';

/** The key of each rating: its first letter; 0 for what was not seen. */
export const RATING_KEYS: Readonly<Record<Rating, string>> = {
  'not-seen': '0',
  'not-yet': 'n',
  'with-help': 'h',
  mostly: 'm',
  secure: 's'
};

export const FAULT_KEYS = ['a', 'b', 'c', 'd'] as const;
