import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, tooLarge } from './make';

const cello = checksOf('left-hand', ['cello']);

/** What is the cello’s own in the left hand. Source: what string teachers commonly look for. */
export const CELLO_LEFT_HAND: readonly Check[] = [
  cello(
    'left-spacing',
    'left-hand',
    'One finger’s width between the fingers',
    'In first position one finger’s width stays between neighbouring fingers.',
    'A pencil fits between your fingers.',
    {
      drill: 'tube-roll',
      spot: 'leftFingers',
      view: 'fingersFront'
    },
    fault('crowded', 'Crowded together', ['fingers-crowded']),
    fault('stretched', 'Stretched and stiff', ['fingers-stretched'])
  ),
  cello(
    'left-contact',
    'left-hand',
    'What touches the string',
    'The pads touch the string, the fingers curved.',
    'Put the soft pads on the string.',
    {
      drill: 'lightest-note',
      spot: 'leftFingers',
      view: 'fingersFront',
      shows: [['fingers-flat', 0.35]],
      school: [
        'finger-contact',
        {
          tips: {
            right: 'The tips touch the string, the fingers curved.',
            forPlayer: 'Stand your fingers on their tips.',
            changes: []
          }
        }
      ]
    },
    seenFrom('fingersAside', fault('flat', 'Quite flat', [['fingers-flat', 1]])),
    seenFrom('fingersAside', fault('collapsed', 'The last joints give way', ['fingers-collapsed']))
  ),
  cello(
    'left-extension',
    'left-hand',
    'The extension opens between first and second',
    'For the extension the first finger opens back; the hand and thumb do not slide.',
    'Stretch finger one back, the hand stays.',
    {
      drill: 'fourth-first',
      spot: 'leftHand',
      view: 'fingersFront',
      later: true
    },
    fault(
      'slides',
      'The whole hand slides back',
      ['hand-slides-back'],
      habit('Fourth finger first, then open.', 'fourth-octave'),
      tooLarge('Look at the frame.')
    ),
    seenFrom(
      'fingersAside',
      fault(
        'flat',
        'The hand flattens',
        [
          ['fingers-flat', 0.8],
          ['fingers-stretched', 0.6]
        ],
        tooLarge('The string may be too long.'),
        habit('The lightest note.', 'lightest-note')
      )
    )
  ),
  cello(
    'left-thumb-position',
    'front',
    'Thumb position',
    'The thumb lies lightly bent across two strings, the base knuckles raised.',
    'Thumb lies down, knuckles stand up.',
    {
      drill: 'lightest-note',
      spot: 'leftHand',
      pose: 'thumbPosition',
      view: 'fingersFront',
      later: true,
      gate: ['left-extension']
    },
    seenFrom(
      'thumbOver',
      fault(
        'straight',
        'Thumb stretched straight',
        [
          ['thumb-straight', 1],
          ['thumb-misplaced', 0.3]
        ],
        habit('Thumb first, then the fingers.', 'set-and-reset')
      )
    ),
    fault(
      'flat',
      'Knuckles fall in, fingers lie flat',
      ['fingers-flat'],
      habit('Knuckles up, lightest note.', 'lightest-note')
    )
  )
];
