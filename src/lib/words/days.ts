import type { DayState } from '$lib/data';

export const DAY_STATE_WORDS: Readonly<Record<DayState, string>> = {
  waiting: 'waiting',
  passed: 'sized',
  trial: 'for a trial',
  skipped: 'skipped',
  absent: 'absent'
};
