import { FAMILIES, type Family } from '../../instruments';
import { way, type Row } from './way';

const CELLO: readonly Family[] = ['cello'];
const BASS: readonly Family[] = ['bass'];

/** Bow and plucking. Source: the main ways that string teachers are taught themselves; none is right for everybody. */
export const BOW_WAYS = {
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
} as const satisfies Readonly<Record<string, Row>>;
