import type { Family } from '$lib/core/instruments';

const SHOULDER: readonly string[] = [
  'Nails short; no necklace, no earring on the left.',
  'In tune: the top string first, then down by fifths. Fine tuners before pegs; a peg is pushed in while it turns.',
  'Bow: tightened until the smallest finger just fits at the narrowest point; the stick keeps its inward curve.',
  'Nobody touches the hair. Rosin: about three slow passes every couple of days.'
];

/** The looks at instrument and bow before anything is played, in their order. */
export const READY_LOOKS: Readonly<Record<Family, readonly string[]>> = {
  violin: SHOULDER,
  viola: SHOULDER,
  cello: [
    'Nails short. Bow out first, beside the chair; one hand always on the neck.',
    'Pin: never loosened without a hand on the neck, tightened with fingers only, its tip covered when it is in.',
    ...SHOULDER.slice(1)
  ],
  bass: [
    'Nails short. The screw goes straight into a notch, snug, not forced; the left hand under the neck meanwhile.',
    'In tune: the top string first, then down by fourths.',
    ...SHOULDER.slice(2)
  ]
};
