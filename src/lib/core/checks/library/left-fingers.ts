import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, tooLarge } from './make';

const left = checksOf('left-hand', SHOULDER_FAMILIES);

/** The left hand’s fingers on violin and viola. Source: what string teachers commonly look for. */
export const SHOULDER_FINGERS: readonly Check[] = [
  left(
    'left-knuckles',
    'left-hand',
    'The base knuckles are up',
    {
      right: 'The base knuckles stand at the height of the strings; the fingers fall from above.',
      child: 'Knuckles like little hills.',
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'leftHand'
    },
    fault(
      'low',
      'Knuckles low beside the neck',
      ['knuckles-low'],
      habit('Fourth finger first.', 'fourth-first'),
      tooLarge('A hand that cannot reach hangs low.')
    ),
    seenFrom(
      'leftHandSide',
      fault(
        'away',
        'The hand leans away from the neck',
        ['off-the-neck'],
        habit('The side of the first finger says hello to the neck.', 'set-and-reset')
      )
    )
  ),
  left(
    'left-curved',
    'left-hand',
    'Curved fingers on their tips',
    {
      right: 'The fingers are curved, stand on their tips and lean a little back.',
      child: 'Round fingers, like a tunnel.',
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'fingersSide'
    },
    seenFrom(
      'leftHandSide',
      seenFrom(
        'fingersSide',
        fault(
          'flat',
          'Fingers lie flat',
          ['fingers-flat'],
          habit('Tap on the tips.', 'finger-taps'),
          tooLarge('Long reaches flatten the fingers.')
        )
      )
    ),
    fault(
      'collapsed',
      'The last joints give way',
      ['fingers-collapsed'],
      habit('The lightest note that speaks.', 'lightest-note')
    )
  ),
  left(
    'left-square',
    'left-hand',
    'The first finger makes a square',
    {
      right: 'The nail of the first finger looks toward the player’s face; its knuckles stay an open square.',
      child: 'Finger one is a little window.',
      drill: 'set-and-reset',
      spot: 'leftFingers',
      view: 'leftHandFront'
    },
    seenFrom(
      'fingersSide',
      fault(
        'open',
        'The square falls flat',
        ['fingers-flat'],
        habit('Set the window, then the note.', 'set-and-reset')
      )
    ),
    fault(
      'turned',
      'The nail looks at the scroll',
      ['palm-turned-away'],
      habit('Turn the palm to the board.', 'set-and-reset')
    )
  ),
  left(
    'left-palm',
    'left-hand',
    'The palm faces the board',
    {
      right: 'The palm faces the fingerboard; all four fingers are above the strings.',
      child: 'Palm looks at the strings.',
      drill: 'fourth-first',
      spot: 'leftHand',
      view: 'leftHandFront'
    },
    fault(
      'turned',
      'Palm turned to the scroll',
      ['palm-turned-away'],
      habit('Fourth finger first.', 'fourth-first')
    ),
    seenFrom(
      'leftHand',
      fault(
        'at-nut',
        'The hand slides back to the nut',
        ['hand-at-the-nut'],
        habit('Find the place with eyes closed.', 'set-and-reset'),
        tooLarge('The string may be too long.')
      )
    )
  ),
  left(
    'left-near',
    'left-hand',
    'Fingers wait near the strings',
    {
      right: 'The fingers that wait stay close above the string.',
      child: 'Fingers hover, they do not fly.',
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'leftHand'
    },
    fault(
      'fly',
      'They fly up',
      ['fingers-flying'],
      habit('One finger taps, the others wait.', 'finger-taps')
    ),
    fault(
      'crowded',
      'They crowd together',
      ['fingers-crowded'],
      habit('Each over its own tape.', 'fourth-first')
    )
  ),
  left(
    'left-fourth',
    'left-hand',
    'The fourth finger is above the string',
    {
      right: 'The fourth finger waits curved above the string and lands on its tip.',
      child: 'Little finger is ready too.',
      drill: 'fourth-first',
      spot: 'leftFourthFinger',
      view: 'fingersSide'
    },
    seenFrom(
      'fingers',
      fault(
        'hidden',
        'Hides under the board',
        ['fourth-hidden'],
        habit('Fourth finger first.', 'fourth-first')
      )
    ),
    fault(
      'flat',
      'Flat when it plays',
      ['fourth-flat'],
      habit('Bring the elbow under.', 'fourth-against-open'),
      habit('Set the frame from the fourth.', 'fourth-first'),
      tooLarge('Then look at the size.')
    ),
    fault('up', 'Stands up in the air', ['fourth-lifted'], habit('Taps with the others down.', 'finger-taps'))
  ),
  left(
    'left-still',
    'left-hand',
    'The hand stays while one finger moves',
    {
      right: 'The hand stays still while single fingers move.',
      child: 'Only one finger dances.',
      drill: 'finger-taps',
      spot: 'leftHand',
      view: 'leftHandFront'
    },
    fault(
      'travels',
      'The whole hand moves with each finger',
      ['hand-travels'],
      habit('Single-finger taps.', 'finger-taps')
    ),
    seenFrom(
      'leftHand',
      fault(
        'slides-back',
        'It slides to the nut',
        ['hand-at-the-nut'],
        habit('Thumb in its place, then tap.', 'slide-and-tap'),
        tooLarge('The frame may be too wide.')
      )
    )
  ),
  left(
    'left-frame',
    'left-hand',
    'The frame is set',
    {
      right: 'The frame is set from the first finger; the others fall to their places.',
      child: 'Finger one finds its line.',
      drill: 'fourth-against-open',
      spot: 'leftFingers',
      view: 'fingers',
      school: [
        'frame-from',
        {
          fourth: {
            right: 'The frame is set from the fourth finger; the others open back to their places.',
            forPlayer: 'Little finger finds its line first.',
            changes: [{ kind: 'fingers-stretched', amount: 0.12 }]
          }
        }
      ]
    },
    seenFrom(
      'leftHand',
      fault(
        'narrow',
        'Too narrow: the fourth is flat in pitch',
        [['fingers-crowded', 1]],
        habit('Fourth against the open string.', 'fourth-against-open'),
        tooLarge('A frame that never reaches: look at the size.')
      )
    ),
    fault(
      'wide',
      'Stretched and stiff',
      [['fingers-stretched', 1]],
      tooLarge('The string may be too long.'),
      habit('The lightest note.', 'lightest-note')
    )
  ),
  left(
    'left-half-steps',
    'left-hand',
    'Half steps as this hand makes them',
    {
      right: 'At a half step the fingers touch, or with slim fingers leave a small gap: the ear decides.',
      child: 'Neighbours sit close.',
      drill: 'fourth-against-open',
      spot: 'leftFingers',
      view: 'fingers'
    },
    fault(
      'apart',
      'Far apart at the half step',
      [['fingers-stretched', 1]],
      habit('Listen, slide the finger until it rings.', 'fourth-against-open')
    ),
    seenFrom(
      'leftHand',
      fault(
        'all-close',
        'Everything is as close as a half step',
        [['fingers-crowded', 1]],
        habit('Whole steps have an empty seat between.', 'finger-taps')
      )
    )
  )
];
