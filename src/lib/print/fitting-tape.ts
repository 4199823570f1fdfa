import type { TapeMark } from '$lib/core/fitting-tape';
import type { ShoulderFamily } from '$lib/core/instruments';
import type { LandingRule } from '$lib/core/sizing';
import { FAMILY_WORDS } from '$lib/words/families';
import { markText, tapePlace } from '$lib/words/fitting-tape';
import type { PrintedTape } from './fitting-tape-pdf';

/** A fitting tape with its words. */
export const printedTape = (
  family: ShoulderFamily,
  marks: readonly TapeMark[],
  rule: LandingRule
): PrintedTape => ({
  title: `Fitting tape, ${FAMILY_WORDS[family].toLowerCase()}`,
  how: `Left arm straight out to the side, relaxed. The thick end lies at the base of the neck, the tape along the arm. Read at ${tapePlace(rule)}: the last line before it is the size. On grey, measure or try on. ~ was not measured.`,
  marks,
  labels: marks.map(markText)
});
