import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../../instruments';
import { way, type Row } from './way';

const STANDING: readonly Family[] = ['violin', 'viola', 'bass'];
const CELLO: readonly Family[] = ['cello'];

/** How one begins, stands or sits, and holds. Source: the main ways that string teachers are taught themselves; none is right for everybody. */
export const BODY_WAYS = {
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
        'collarAbove'
      ),
      way(
        'further-out',
        'Further out on the shoulder',
        'more room for the jaw, good for a short neck',
        'playing',
        'collarAbove',
        ['out-on-the-shoulder', 34]
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
  ]
} as const satisfies Readonly<Record<string, Row>>;
