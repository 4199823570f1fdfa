import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, except, fault, habit, seenFrom, setUp, tooLarge, tooSmall, workshop } from './make';

const left = checksOf('left-hand', SHOULDER_FAMILIES);

/** The left hand’s fingers on violin and viola. Source: what string teachers commonly look for. */
export const SHOULDER_FINGERS: readonly Check[] = [
  left(
    'left-knuckles',
    'left-hand',
    'The base knuckles are up',
    'The base knuckles stand at the height of the strings; the fingers fall from above.',
    'Lift your knuckles like little hills.',
    {
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'leftHandEnd'
    },
    seenFrom('leftHandSide', fault('low', 'Knuckles low beside the neck', ['knuckles-low'])),
    fault('away', 'The hand leans away from the neck', ['off-the-neck'])
  ),
  left(
    'left-curved',
    'left-hand',
    'Curved fingers on their tips',
    'The fingers are curved, stand on their tips and lean a little back.',
    'Round fingers, like a tunnel.',
    {
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'fingersSide'
    },
    fault('flat', 'Fingers lie flat', ['fingers-flat']),
    fault('collapsed', 'The last joints give way', ['fingers-collapsed'])
  ),
  left(
    'left-square',
    'left-hand',
    'The first finger makes a square',
    'The nail of the first finger looks toward the player’s face; its knuckles stay an open square.',
    'Bend finger one like a little window.',
    {
      drill: 'set-and-reset',
      spot: 'leftFingers',
      view: 'leftHandFront'
    },
    seenFrom('fingersSide', fault('open', 'The square falls flat', ['fingers-flat'])),
    seenFrom('fingers', fault('turned', 'The nail looks at the scroll', ['palm-turned-away']))
  ),
  left(
    'left-palm',
    'left-hand',
    'The palm faces the board',
    'The palm faces the fingerboard; all four fingers are above the strings.',
    'Turn your palm to the strings.',
    {
      drill: 'set-and-reset',
      spot: 'leftHand',
      view: 'leftHandEnd'
    },
    seenFrom('fingers', fault('turned', 'Palm turned to the scroll', ['palm-turned-away'])),
    seenFrom('leftHand', fault('at-nut', 'The hand slides back to the nut', ['hand-at-the-nut']))
  ),
  left(
    'left-on-tapes',
    'left-hand',
    'The fingers land on their tapes',
    'Each finger lands on its tape, neither past it nor short of it, in the middle of the string.',
    'Land each finger on its own line.',
    { drill: 'land-on-tape', spot: 'leftFingers', view: 'prints' },
    fault(
      'past',
      'Past the tapes',
      ['fingers-past'],
      habit('Land, listen, look: the ear first, then the tape.', 'land-on-tape'),
      tooSmall('A hand that has outgrown the string overshoots.'),
      workshop('A tape that lies wrong misleads: lay it anew by the strip.')
    ),
    fault(
      'short',
      'Short of the tapes',
      ['fingers-short'],
      habit('Land, listen, look: the ear first, then the tape.', 'land-on-tape'),
      tooLarge('A frame that never reaches: look at the size.'),
      workshop('A tape that lies wrong misleads: lay it anew by the strip.')
    )
  ),
  left(
    'left-near',
    'left-hand',
    'Fingers wait near the strings',
    'The fingers that wait stay close above the string.',
    'Keep waiting fingers close to the string.',
    {
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'leftHand'
    },
    fault(
      'fly',
      'They fly up',
      ['fingers-flying'],
      habit('One finger taps, the others wait.', 'finger-taps'),
      workshop('Strings that stand too high are hammered.')
    ),
    seenFrom('prints', fault('crowded', 'They crowd together', ['fingers-crowded']))
  ),
  left(
    'left-fourth',
    'left-hand',
    'The fourth finger is above the string',
    'The fourth finger waits curved above the string and lands on its tip.',
    'Keep finger four round, above the string.',
    {
      drill: 'fourth-against-open',
      spot: 'leftFourthFinger',
      view: 'fingersSide'
    },
    seenFrom(
      'leftHandFront',
      fault(
        'hidden',
        'Hides under the board',
        ['fourth-hidden'],
        habit('Let it hover over its place while the others play.', 'finger-taps'),
        setUp('tilt', 'raise', 'A flat instrument hides the strings: more tilt.'),
        tooLarge('A hand that hangs low hides it.')
      )
    ),
    fault(
      'flat',
      'Flat when it plays',
      ['fourth-flat'],
      habit('Bring the elbow under.', 'fourth-against-open'),
      except('frame-from', ['first'], habit('Set the frame from the fourth.', 'fourth-first')),
      tooLarge('Then look at the size.')
    ),
    fault('up', 'Stands up in the air', ['fourth-lifted'], habit('Taps with the others down.', 'finger-taps'))
  ),
  left(
    'left-still',
    'left-hand',
    'The hand stays while one finger moves',
    'The hand stays still while single fingers move.',
    'Only one finger moves.',
    {
      drill: 'finger-taps',
      spot: 'leftHand',
      view: 'leftHand'
    },
    fault('travels', 'The whole hand moves with each finger', ['hand-travels']),
    fault('slides-back', 'It slides to the nut', ['hand-at-the-nut'])
  ),
  left(
    'left-frame',
    'left-hand',
    'The frame is set',
    'The frame is set from the first finger; the others fall to their places.',
    'Finger one finds its line.',
    {
      drill: 'fourth-against-open',
      spot: 'leftFingers',
      view: 'prints',
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
    fault('narrow', 'Too narrow: the fourth is flat in pitch', [['fingers-crowded', 1]]),
    fault('wide', 'Stretched and stiff', [['fingers-stretched', 1]])
  ),
  left(
    'left-half-steps',
    'left-hand',
    'Half steps as this hand makes them',
    'At a half step the fingers touch, or with slim fingers leave a small gap: the ear decides.',
    'At a half step, put the fingers close.',
    {
      drill: 'fourth-against-open',
      spot: 'leftFingers',
      view: 'prints'
    },
    fault(
      'apart',
      'Far apart at the half step',
      ['third-far'],
      habit('Listen, slide the finger until it rings.', 'fourth-against-open')
    ),
    fault(
      'all-close',
      'Everything is as close as a half step',
      [['fingers-crowded', 1]],
      habit('Whole steps have an empty seat between.', 'finger-taps')
    )
  )
];
