import type { Family } from '$lib/core/instruments';

export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  violin: 'Violin',
  viola: 'Viola',
  cello: 'Cello',
  bass: 'Bass'
};
