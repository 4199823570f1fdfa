/** What a fault is, wherever it is seen: the same fist at the bow is seen in six checks, and counts as one. */
const SEEN_IN = {
  'shoulder-raised': [
    'stance-shoulders/left-up',
    'hold-bringing-up/shoulder-first',
    'hold-shoulder/raised',
    'left-elbow-fourth/shoulder',
    'left-shoulder/raised',
    'left-arm-weight/shoulder'
  ],
  'shoulders-raised': [
    'stance-shoulders/up',
    'hold-shoulder/both',
    'use-shoulder/both',
    'seat-line/shoulders-up'
  ],
  'bow-shoulder-raised': [
    'use-shoulder/raised',
    'use-tip/shoulder',
    'use-whole/shoulder',
    'use-weight/shoulder',
    'use-opening/shoulder',
    'use-elbow/shoulder',
    'pluck-elbow/shoulder'
  ],
  'shoulders-rolled': ['hold-squeeze/rolled', 'left-shoulder/rolled'],
  clenched: ['hold-jaw/clamps', 'hold-squeeze/pinches', 'hold-breath/jaw'],
  'breath-held': ['hold-breath/held', 'use-repeats/breath'],
  'neck-bent': ['hold-bringing-up/jaw-first', 'hold-neck/head-tips', 'hold-head/tipped'],
  'head-straight-ahead': ['hold-jaw/chin-tip', 'hold-head/ahead'],
  'neck-turned': ['hold-head/twisted', 'hold-head/turned', 'hold-looks/pulled-in'],
  'head-forward': [
    'hold-comes-to-player/head-reaches',
    'hold-comes-to-player/head',
    'hold-chin-level/forward'
  ],
  'trunk-bent': [
    'stance-weight/bends',
    'hold-comes-to-player/body-bends',
    'hold-comes-to-player/bends',
    'hold-neck/bends',
    'seat-line/bent',
    'hold-free-run/trunk-moves'
  ],
  'trunk-twisted': ['stance-facing/twisted', 'seat-line/turned'],
  slumped: ['stance-back/slumps', 'seat-back/slumps', 'use-repeats/tires'],
  hunched: ['hold-back/hunched', 'use-elbow/bends'],
  'belly-out': ['stance-back/belly', 'seat-back/arched'],
  'leaning-back': ['stance-back/leans-back', 'seat-front/leans-back', 'hold-back/back'],
  'knees-deep': ['stance-knees/deep', 'stance-feet/deep'],
  'scroll-in-front': ['stance-facing/scroll-to-front', 'hold-direction/too-far-in'],
  'rest-hangs': ['stance-positions/hangs', 'stance-guard/down'],
  'rest-stands-out': ['stance-positions/points-out', 'stance-guard/out'],
  'wrist-caved': ['left-wrist/caved'],
  'wrist-bent-out': ['left-wrist/out', 'left-wrist/bent'],
  'elbow-out': ['left-elbow/out', 'left-elbow-fourth/stays-out'],
  'elbow-on-body': ['left-elbow/in', 'left-first-weeks/elbow'],
  'elbow-dropped': ['left-elbow/dropped', 'left-arm-weight/dropped'],
  'thumb-towards-nut': ['left-thumb-place/behind', 'left-thumb-place/up'],
  'thumb-towards-body': ['left-thumb-place/ahead', 'left-thumb-place/down'],
  'thumb-hooked': ['left-thumb-shape/hooked', 'left-thumb-light/hooked'],
  'thumb-pressing': ['left-thumb-shape/presses', 'left-thumb-light/presses', 'left-weight/grips'],
  'web-closed': ['left-web/closed', 'left-c-shape/closed', 'left-index-side/clamped'],
  'knuckles-low': ['left-web/low', 'left-knuckles/low'],
  'off-the-neck': ['left-index-side/away', 'left-knuckles/away'],
  'fingers-flat': [
    'ready-nails/flat-for-nails',
    'left-curved/flat',
    'left-square/open',
    'left-c-shape/flat',
    'left-contact/flat',
    'left-thumb-position/flat'
  ],
  'fingers-collapsed': ['left-curved/collapsed', 'left-contact/collapsed', 'left-weight/presses'],
  'palm-turned': ['left-square/turned', 'left-palm/turned', 'left-c-shape/turned'],
  'hand-at-nut': ['left-palm/at-nut', 'left-still/slides-back'],
  'fingers-crowded': [
    'left-near/crowded',
    'left-frame/narrow',
    'left-half-steps/all-close',
    'left-spacing/crowded',
    'left-one-two-four/crowded',
    'left-second-midway/narrow'
  ],
  'fingers-stretched': [
    'left-frame/wide',
    'left-half-steps/apart',
    'left-spacing/stretched',
    'left-one-two-four/stretched'
  ],
  'fourth-lifted': ['left-fourth/up', 'left-near/fourth'],
  'hand-travels': ['left-still/travels', 'left-landing/beside'],
  'bow-fist': [
    'bow-building/fist',
    'bow-thumb-shape/fist',
    'bow-thumb-opposite/fist',
    'bow-knuckles/fist',
    'bow-light/fist',
    'bow-bass-hold/fist'
  ],
  'bow-little-off': ['bow-building/little-out', 'bow-fourth/off'],
  'bow-thumb-ahead': ['bow-thumb-place/ahead', 'bow-thumb-opposite/first'],
  'bow-hand-creeps': ['bow-thumb-place/up-stick', 'bow-second/away', 'bow-bass-hold/up-stick'],
  'bow-hand-stiff': ['bow-thumb-shape/stiff', 'bow-knuckles/stiff', 'use-wrist-leads/stiff'],
  'bow-fingers-crowded': ['bow-light/crowded', 'bow-second/crowded'],
  'bow-wrist-sunk': ['bow-wrist/sunk', 'use-wrist-leads/sunk'],
  'bow-oblique': [
    'use-straight/outward',
    'use-one-string/slant',
    'use-part/drifts',
    'use-tip/slant',
    'use-whole/slants'
  ],
  'bow-over-board': ['use-lane/over-board', 'use-contact/skates'],
  'bow-elbow-low': ['use-elbow/low', 'use-elbow-first/late'],
  'bow-on-two-strings': ['use-one-string/two', 'use-eyes-closed/misses', 'use-silent-levels/drops'],
  'bow-elbow-high': ['use-elbow/high', 'pluck-elbow/high', 'use-opening/elbow-high', 'use-weight/held-up'],
  'plucks-upward': ['pluck-thumb/up', 'pluck-motion/up'],
  'plucks-by-bridge': ['pluck-elbow/bridge', 'pluck-motion/bridge'],
  'hair-tight': ['ready-bow/overtight', 'ready-unpack/tight'],
  'hair-touched': ['ready-carry/hair', 'ready-unpack/by-the-hair'],
  'pin-off-mark': ['ready-pin/off-mark', 'hold-pin/sinks'],
  'pin-wanders': ['ready-pin/off-stop', 'ready-pin/slid', 'hold-pin/wanders'],
  'knees-wide': ['seat-knees/wide', 'hold-legs/no-contact'],
  'seat-low': ['ready-stool/low', 'seat-hips/low'],
  'seat-high': ['ready-stool/high', 'seat-hips/high'],
  'leans-on-it': ['hold-breastbone/leans-on', 'hold-no-weight/leans']
} as const satisfies Readonly<Record<string, readonly string[]>>;

export type SharedIdentity = keyof typeof SEEN_IN;

const IDENTITY_OF: ReadonlyMap<string, SharedIdentity> = new Map(
  (Object.entries(SEEN_IN) as readonly [SharedIdentity, readonly string[]][]).flatMap(([identity, all]) =>
    all.map((one) => [one, identity] as const)
  )
);

/** The identity of a fault that is seen in several checks; undefined for one that has its own. */
export const sharedIdentity = (checkId: string, fault: string): SharedIdentity | undefined =>
  IDENTITY_OF.get(`${checkId}/${fault}`);

/** Every place in which a shared fault is seen, for the test that holds them against the library. */
export const SHARED_FAULTS: readonly string[] = [...IDENTITY_OF.keys()];

/**
 * The identity of a fault: the same wherever it is seen. One that is seen in a single check is its own.
 *
 * @example
 * identityOf('bow-light', 'fist') // 'bow-fist'
 */
export const identityOf = (checkId: string, fault: string): string =>
  sharedIdentity(checkId, fault) ?? `${checkId}/${fault}`;

/** The places, as check and fault, in which an identity is seen. */
export const seenIn = (identity: string): readonly { readonly checkId: string; readonly fault: string }[] =>
  ((SEEN_IN as Readonly<Record<string, readonly string[]>>)[identity] ?? [identity]).map((place) => {
    const at = place.lastIndexOf('/');
    return { checkId: place.slice(0, at), fault: place.slice(at + 1) };
  });

/**
 * What can hurt where it goes on. Source: what string teachers and physiotherapists warn of first: raised shoulders, a
 * bent or turned neck, clenching, a twisted or bent back, a bent wrist.
 */
const HURTING: ReadonlySet<string> = new Set<SharedIdentity>([
  'shoulder-raised',
  'shoulders-raised',
  'bow-shoulder-raised',
  'clenched',
  'neck-bent',
  'neck-turned',
  'trunk-bent',
  'trunk-twisted',
  'hunched',
  'wrist-caved',
  'wrist-bent-out'
]);

/** The faults of each check that can hurt. */
const HURTING_IN = new Map<string, Set<string>>();
for (const [place, identity] of IDENTITY_OF) {
  if (!HURTING.has(identity)) continue;
  const [checkId = '', fault = ''] = place.split('/');
  HURTING_IN.set(checkId, (HURTING_IN.get(checkId) ?? new Set()).add(fault));
}

/** Whether a fault can hurt where it goes on. */
export const canHurt = (checkId: string, fault: string): boolean =>
  HURTING_IN.get(checkId)?.has(fault) ?? false;
