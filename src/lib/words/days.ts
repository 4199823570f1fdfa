import type { LineState } from '$lib/data';

export const LINE_STATE_WORDS: Readonly<Record<LineState, string>> = {
  waiting: 'waiting',
  passed: 'sized',
  trial: 'for a trial',
  skipped: 'skipped',
  absent: 'absent'
};
