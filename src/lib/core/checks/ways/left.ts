import { SHOULDER_FAMILIES, type Family } from '../../instruments';
import { way, type Row } from './way';

const LOW: readonly Family[] = ['cello', 'bass'];
const CELLO: readonly Family[] = ['cello'];

/** The left hand. Source: the main ways that string teachers are taught themselves; none is right for everybody. */
export const LEFT_WAYS = {
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
  ]
} as const satisfies Readonly<Record<string, Row>>;
