import type { Change, ChangeName, ViewName } from '../figure';
import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../instruments';
import { SUBJECT_IDS, type SubjectId, type Ways } from './subject-ids';

/** One way that is taught: what it is called, what speaks for it, and how it looks. */
export interface Way {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly picture: { readonly pose: string; readonly view: ViewName; readonly changes: readonly Change[] };
}

/** Something on which teachers differ. */
export interface Subject {
  readonly id: SubjectId;
  readonly families: readonly Family[];
  readonly title: string;
  /** The first is the usual one. */
  readonly ways: readonly Way[];
}

const STANDING: readonly Family[] = ['violin', 'viola', 'bass'];
const LOW: readonly Family[] = ['cello', 'bass'];
const CELLO: readonly Family[] = ['cello'];
const BASS: readonly Family[] = ['bass'];

type Stray = ChangeName | readonly [ChangeName, number];

const way = (
  id: string,
  name: string,
  why: string,
  pose: string,
  view: ViewName,
  ...strays: readonly Stray[]
): Way => ({
  id,
  name,
  why,
  picture: {
    pose,
    view,
    changes: strays.map((one) => (typeof one === 'string' ? { kind: one } : { kind: one[0], amount: one[1] }))
  }
});

type Row = readonly [families: readonly Family[], title: string, ways: readonly Way[]];

/** Source: the main ways that string teachers are taught themselves. None is right for everybody. */
const ROWS = {
  start: [
    FAMILIES,
    'How to begin',
    [
      way(
        'pluck-first',
        'Plucking first',
        'the left side settles while the right has little to do',
        'plucking',
        'threeQuarter'
      ),
      way(
        'bow-first',
        'Bow from the first day',
        'the sound that they came for, and both hands grow together',
        'playing',
        'threeQuarter'
      ),
      way(
        'holds-first',
        'No sound until both holds are secure',
        'nothing has to be unlearnt later',
        'handsOff',
        'threeQuarter'
      )
    ]
  ],
  feet: [
    STANDING,
    'The feet',
    [
      way('shoulder-width', 'Shoulder width, level', 'steady at once, easy to say', 'playing', 'front'),
      way(
        'step-out',
        'Heels together, then the left steps out',
        'the weight finds its own place, the left foot carries',
        'playing',
        'front',
        ['left-foot-forward', 90],
        ['feet-together', 0.45]
      )
    ]
  ],
  facing: [
    SHOULDER_FAMILIES,
    'The body and the stand',
    [
      way('square', 'Square to the stand', 'both eyes read without a turned neck', 'playing', 'above'),
      way(
        'left-side',
        'The left side aimed at it',
        'instrument, eyes and music lie in one line',
        'playing',
        'above',
        ['turned-away', 40]
      )
    ]
  ],
  seat: [
    SHOULDER_FAMILIES,
    'Where it sits on the body',
    [
      way(
        'near-centre',
        'On the collarbone, near the centre',
        'the arm hangs freely, the bow arm stays short',
        'playing',
        'head'
      ),
      way(
        'further-out',
        'Further out on the shoulder',
        'more room for the jaw, good for a short neck',
        'playing',
        'head',
        ['out-on-the-shoulder', 34]
      )
    ]
  ],
  'thumb-place': [
    SHOULDER_FAMILIES,
    'The left thumb’s place',
    [
      way(
        'first',
        'Opposite the first finger',
        'the hand balances from its lower side',
        'playing',
        'leftHand'
      ),
      way('between', 'Between first and second', 'a middle that suits most hands', 'playing', 'leftHand', [
        'thumb-towards-body',
        0.1
      ]),
      way('second', 'Opposite the second', 'the fourth finger comes nearer', 'playing', 'leftHand', [
        'thumb-towards-body',
        0.2
      ]),
      way('between-tapes', 'Between the first two tapes', 'a child can see it', 'playing', 'leftHand', [
        'thumb-towards-body',
        0.15
      ])
    ]
  ],
  'thumb-shape': [
    SHOULDER_FAMILIES,
    'The left thumb’s shape',
    [
      way('light-bend', 'Lightly bent', 'it cannot press when it is bent', 'playing', 'leftHand'),
      way('straight', 'Straight and loose', 'it rests along the neck without effort', 'playing', 'leftHand', [
        'thumb-straight',
        0.7
      ])
    ]
  ],
  'wrist-line': [
    SHOULDER_FAMILIES,
    'The left wrist’s line',
    [
      way(
        'straight',
        'Straight from forearm to knuckles',
        'nothing to hold, easy to see',
        'playing',
        'leftHand'
      ),
      way('outward', 'A slight curve outward', 'the fourth finger falls on its tip', 'playing', 'leftHand', [
        'wrist-bent-out',
        18
      ])
    ]
  ],
  'frame-from': [
    SHOULDER_FAMILIES,
    'The frame is set from',
    [
      way('first', 'The first finger', 'the tape is easy to find', 'playing', 'leftHandFront', [
        'fourth-lifted',
        0.5
      ]),
      way('fourth', 'The fourth finger', 'the weakest finger gets the best place', 'playing', 'leftHandFront')
    ]
  ],
  'early-help': [
    SHOULDER_FAMILIES,
    'The left hand in the first weeks',
    [
      way('never', 'Stays at the neck', 'no second habit to give up', 'playing', 'head'),
      way(
        'help',
        'May hold the body at the upper bout',
        'the shoulder stays down until the hold carries',
        'upperBout',
        'head'
      )
    ]
  ],
  'cello-placing': [
    CELLO,
    'The cello at the legs',
    [
      way(
        'turned',
        'Turned a little',
        'the head is free and the top string comes nearer',
        'playing',
        'front',
        ['cello-turned-far', 7]
      ),
      way('square', 'Square', 'both legs feel the same', 'playing', 'front', 'cello-square')
    ]
  ],
  anchoring: [
    CELLO,
    'What holds the pin',
    [
      way(
        'strap',
        'A strap to the chair’s leg',
        'the surest on any floor',
        'playing',
        'kneesPin',
        'pin-on-a-strap'
      ),
      way(
        'stop',
        'A stop on the floor',
        'quick to put down; try it on this floor first',
        'playing',
        'kneesPin'
      )
    ]
  ],
  'thumb-contact': [
    LOW,
    'The left thumb behind the neck',
    [
      way('light', 'Touches lightly', 'the hand keeps its shape', 'playing', 'leftHandSide'),
      way(
        'free',
        'Free for a test',
        'shows that the arm’s weight holds the string',
        'playing',
        'leftHandSide',
        ['thumb-towards-body', 0.24]
      )
    ]
  ],
  'finger-contact': [
    CELLO,
    'What touches the string',
    [
      way('pads', 'The pads', 'a warm sound, room to sway', 'playing', 'leftHandSide', [
        'fingers-flat',
        0.35
      ]),
      way('tips', 'The tips', 'clear notes, free neighbours', 'playing', 'leftHandSide')
    ]
  ],
  'bow-thumb-place': [
    FAMILIES,
    'Where the bow thumb sits',
    [
      way('frog-edge', 'On the frog’s edge', 'it is the place to stay', 'playing', 'bowHandInside'),
      way(
        'between',
        'Between frog and wrapping',
        'a soft place with a free frog',
        'playing',
        'bowHandInside',
        ['bow-hand-ahead', 0.05]
      ),
      way(
        'balance',
        'At the balance point first',
        'the bow weighs nothing, the hand stays soft',
        'playing',
        'bowFront',
        'bow-hand-ahead'
      )
    ]
  ],
  'bow-thumb-shape': [
    FAMILIES,
    'The bow thumb’s shape',
    [
      way('curved', 'Curved', 'a spring for the whole hand', 'playing', 'bowHandInside'),
      way(
        'nearly-straight',
        'Nearly straight',
        'for a thumb that bends back or is very short',
        'playing',
        'bowHandInside',
        ['bow-thumb-straight', 1]
      )
    ]
  ],
  'bow-building': [
    FAMILIES,
    'Building the bow hand',
    [
      way('upright', 'With the stick upright', 'no weight on any finger', 'bowUpright', 'front'),
      way('palm-up', 'With the palm up', 'the child sees thumb and fingers', 'bowPalmUp', 'front'),
      way('on-string', 'Lying on the string', 'the string carries the bow', 'middle', 'front'),
      way('carried', 'Carried by the other hand', 'the bow hand does nothing but feel', 'bowCarried', 'front')
    ]
  ],
  'second-finger': [
    CELLO,
    'The second finger at the frog',
    [
      way('ring', 'At the metal ring', 'a place that can be felt', 'playing', 'bowHandAbove'),
      way(
        'half',
        'Half on the ring, half on the hair’s edge',
        'the hair is felt through the finger',
        'playing',
        'bowHandAbove',
        ['bow-hand-ahead', 0.03]
      )
    ]
  ],
  'bow-elbow': [
    FAMILIES,
    'The bow arm’s elbow',
    [
      way(
        'by-string',
        'By string: at the side on the top, higher on the lower ones',
        'each string has its own level',
        'lowestString',
        'front'
      ),
      way('hanging', 'Hanging always', 'the shoulder never lifts', 'lowestString', 'front', [
        'bow-elbow-dropped',
        34
      ])
    ]
  ],
  'bass-bow-hold': [
    BASS,
    'The bass bow',
    [
      way('overhand', 'Overhand', 'near to the other strings’ bow hand', 'playing', 'front'),
      way('underhand', 'Underhand', 'the arm hangs and its weight pulls', 'underhand', 'front')
    ]
  ],
  'bass-plucking': [
    BASS,
    'Plucking the bass',
    [
      way(
        'strike-through',
        'Strike through with the finger’s side',
        'a full sound without strength',
        'plucking',
        'pluckHand',
        ['pluck-finger-deep', 0.7]
      ),
      way('classical', 'With the fingertip, short', 'light and quick to damp', 'plucking', 'pluckHand')
    ]
  ]
} as const satisfies Readonly<Record<SubjectId, Row>>;

const rowOf = (id: SubjectId): Row => ROWS[id];

export const subjectOf = (id: SubjectId): Subject => {
  const [families, title, ways] = rowOf(id);
  return { id, families, title, ways };
};

export const subjectsFor = (family: Family): readonly Subject[] =>
  SUBJECT_IDS.map(subjectOf).filter(({ families }) => families.includes(family));

/** The way of a subject; a way that is not known counts as the usual one. */
export function wayOf(subject: SubjectId, chosen: Ways): Way {
  const { ways } = subjectOf(subject);
  const found = ways.find(({ id }) => id === chosen[subject]) ?? ways[0];
  if (!found) throw new RangeError(`${subject} has no ways`);
  return found;
}
