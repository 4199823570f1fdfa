import type { MirrorLine } from '$lib/core/mirror';

/** What a line over a live picture is called. */
export const LINE_WORDS: Readonly<Record<MirrorLine, string>> = {
  plumb: 'Plumb line',
  level: 'Level',
  slant: 'Slant',
  square: 'Right angle'
};
