import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, setUp, size } from './make';

const left = checksOf('left-hand', SHOULDER_FAMILIES);

/** The left hand of violin and viola, from the arm to the fingers. Source: what string teachers commonly look for. */
export const SHOULDER_LEFT_HAND: readonly Check[] = [
  left(
    'left-elbow',
    'front',
    'The elbow hangs under the instrument',
    {
      right: 'The elbow hangs under the middle of the instrument and moves with the string.',
      child: 'Elbow under the boat.',
      drill: 'pluck-levels',
      spot: 'leftElbow',
      view: 'head'
    },
    fault(
      'out',
      'Elbow hangs out to the left',
      ['elbow-out'],
      habit('Swing it under and back, slowly.', 'pluck-levels'),
      size('Short arms: look at the size.')
    ),
    fault(
      'in',
      'Elbow pressed in',
      ['elbow-in'],
      setUp('tilt', 'raise', 'A flat instrument pulls the elbow in: more tilt.'),
      habit('Let it hang, then play.', 'shake-out')
    )
  ),
  left(
    'left-elbow-fourth',
    'front',
    'The elbow helps the fourth finger',
    {
      right: 'For the fourth finger and the lowest string the elbow comes a little further under.',
      child: 'Elbow swings, little finger lands.',
      drill: 'fourth-first',
      spot: 'leftElbow',
      pose: 'lowestString',
      view: 'head'
    },
    fault(
      'stays-out',
      'Stays outside',
      [['elbow-out', 60]],
      habit('Fourth finger first, then look where the elbow is.', 'fourth-first'),
      size('If it cannot reach, look at the size.')
    ),
    fault(
      'shoulder',
      'The shoulder lifts instead',
      ['shoulder-raised'],
      setUp('lift', 'raise', 'Too low in sum.'),
      habit('Swing from the elbow.', 'pluck-levels')
    )
  ),
  left(
    'left-thumb-place',
    'left-hand',
    'The thumb has its place',
    {
      right: 'The thumb stands opposite the first finger.',
      child: 'Thumb across from finger one.',
      drill: 'set-and-reset',
      spot: 'leftThumb',
      view: 'leftHand',
      school: [
        'thumb-place',
        {
          between: {
            right: 'The thumb stands between first and second finger.',
            forPlayer: 'Thumb between one and two.',
            changes: [{ kind: 'thumb-towards-body', amount: 0.1 }]
          },
          second: {
            right: 'The thumb stands opposite the second finger.',
            forPlayer: 'Thumb across from finger two.',
            changes: [{ kind: 'thumb-towards-body', amount: 0.2 }]
          },
          'between-tapes': {
            right: 'The thumb stands between the first two tapes.',
            forPlayer: 'Thumb between the first two lines.',
            changes: [{ kind: 'thumb-towards-body', amount: 0.15 }]
          }
        }
      ]
    },
    fault(
      'behind',
      'Thumb far back at the nut',
      [['thumb-misplaced', 0.34]],
      habit('Set it first, then the fingers.', 'set-and-reset')
    ),
    fault(
      'ahead',
      'Thumb far ahead of the hand',
      [['thumb-towards-body', 0.4]],
      habit('Tap the thumb on its place.', 'slide-and-tap')
    )
  ),
  left(
    'left-thumb-shape',
    'left-hand',
    'The thumb is loose',
    {
      right: 'The thumb is loose and lightly bent; it can tap at any time.',
      child: 'Thumb soft, tap tap.',
      drill: 'slide-and-tap',
      spot: 'leftThumb',
      view: 'leftHand',
      school: [
        'thumb-shape',
        {
          straight: {
            right: 'The thumb is straight and loose along the neck; it can tap at any time.',
            forPlayer: 'Thumb long and soft.',
            changes: [{ kind: 'thumb-straight', amount: 0.7 }]
          }
        }
      ]
    },
    fault(
      'hooked',
      'Hooks over the neck',
      ['thumb-hooked'],
      setUp('lift', 'raise', 'The hand carries the instrument: look at the rest first.'),
      habit('Slide and tap.', 'slide-and-tap')
    ),
    fault(
      'presses',
      'Presses from below',
      ['thumb-pressing'],
      habit('The lightest note that speaks.', 'lightest-note'),
      setUp('lift', 'raise', 'Is the hand holding it up?')
    )
  ),
  left(
    'left-web',
    'left-hand',
    'Room between neck and web',
    {
      right: 'A small space stays open between the neck and the web of the thumb.',
      child: 'A mouse can run through.',
      drill: 'slide-and-tap',
      spot: 'leftHand',
      view: 'leftHand'
    },
    fault(
      'closed',
      'The neck lies in the web',
      ['web-closed'],
      setUp('lift', 'raise', 'The hand carries it: look at the rest first.'),
      habit('Slide along the neck and tap.', 'slide-and-tap')
    ),
    fault(
      'low',
      'The hand hangs far below',
      ['knuckles-low'],
      habit('Knuckles up to the strings.', 'fourth-first')
    )
  ),
  left(
    'left-wrist',
    'left-hand',
    'The wrist is straight',
    {
      right: 'Forearm and back of the hand make one line to the knuckles.',
      child: 'A straight bridge from elbow to knuckles.',
      drill: 'slide-and-tap',
      spot: 'leftWrist',
      view: 'leftHand',
      school: [
        'wrist-line',
        {
          outward: {
            right: 'The wrist curves a little outward; it never caves in.',
            forPlayer: 'A small hill at the wrist.',
            changes: [{ kind: 'wrist-bent-out', amount: 18 }]
          }
        }
      ]
    },
    fault(
      'caved',
      'Caves in under the neck',
      ['wrist-caved'],
      setUp('lift', 'raise', 'The hand holds it up: hands-off test first.'),
      habit('Then the drill at the upper bout.', 'slide-and-tap'),
      size('It may be too heavy.')
    ),
    fault(
      'out',
      'Bent far outward',
      ['wrist-bent-out'],
      habit('Straight as a ruler, then play.', 'slide-and-tap'),
      size('Too small a hand for the string?')
    )
  ),
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
      size('A hand that cannot reach hangs low.')
    ),
    fault(
      'away',
      'The hand leans away from the neck',
      ['off-the-neck'],
      habit('The side of the first finger says hello to the neck.', 'set-and-reset')
    )
  ),
  left(
    'left-index-side',
    'left-hand',
    'The first finger’s side is at the neck',
    {
      right: 'The side of the first finger lies lightly at the neck.',
      child: 'Finger one leans on the fence.',
      drill: 'set-and-reset',
      spot: 'leftFingers',
      view: 'leftHand'
    },
    fault(
      'away',
      'Hand away from the neck',
      ['off-the-neck'],
      habit('Let the side touch, then play.', 'set-and-reset')
    ),
    fault(
      'clamped',
      'Clamped between thumb and hand',
      ['web-closed', ['thumb-pressing', 0.5]],
      habit('Slide and tap.', 'slide-and-tap'),
      setUp('lift', 'raise', 'Does the hand carry it?')
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
      view: 'leftHandFront'
    },
    fault(
      'flat',
      'Fingers lie flat',
      ['fingers-flat'],
      habit('Tap on the tips.', 'finger-taps'),
      size('Long reaches flatten the fingers.')
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
    fault(
      'open',
      'The square falls flat',
      ['fingers-flat'],
      habit('Set the window, then the note.', 'set-and-reset')
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
    fault(
      'at-nut',
      'The hand slides back to the nut',
      ['hand-at-the-nut'],
      habit('Find the place with eyes closed.', 'set-and-reset'),
      size('The string may be too long.')
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
      view: 'leftHandFront'
    },
    fault(
      'hidden',
      'Hides under the board',
      ['fourth-hidden'],
      habit('Fourth finger first.', 'fourth-first')
    ),
    fault(
      'flat',
      'Flat when it plays',
      ['fourth-flat'],
      habit('Bring the elbow under.', 'fourth-against-open'),
      habit('Set the frame from the fourth.', 'fourth-first'),
      size('Then look at the size.')
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
    fault(
      'slides-back',
      'It slides to the nut',
      ['hand-at-the-nut'],
      habit('Thumb in its place, then tap.', 'slide-and-tap'),
      size('The frame may be too wide.')
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
      view: 'leftHandFront',
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
    fault(
      'narrow',
      'Too narrow: the fourth is flat in pitch',
      [['fingers-crowded', 1]],
      habit('Fourth against the open string.', 'fourth-against-open'),
      size('A frame that never reaches: look at the size.')
    ),
    fault(
      'wide',
      'Stretched and stiff',
      [['fingers-stretched', 1]],
      size('The string may be too long.'),
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
      view: 'leftHand'
    },
    fault(
      'apart',
      'Far apart at the half step',
      [['fingers-stretched', 1]],
      habit('Listen, slide the finger until it rings.', 'fourth-against-open')
    ),
    fault(
      'all-close',
      'Everything is as close as a half step',
      [['fingers-crowded', 1]],
      habit('Whole steps have an empty seat between.', 'finger-taps')
    )
  ),
  left(
    'left-first-weeks',
    'front',
    'The left hand in the first weeks',
    {
      right: 'From the first day the hand stays at the neck; it does not hold the body.',
      child: 'The hand lives at the neck.',
      drill: 'slide-and-tap',
      spot: 'leftHand',
      view: 'head',
      school: [
        'early-help',
        {
          help: {
            right:
              'For the first weeks the hand may hold the body at the upper bout, until the hold carries.',
            forPlayer: 'The hand helps at the shoulder of the violin.',
            changes: [{ kind: 'hand-travels', amount: 3.5 }]
          }
        }
      ]
    },
    fault(
      'clings',
      'Clings: the instrument hangs from the hand',
      ['web-closed', 'scroll-droops'],
      setUp('lift', 'raise', 'Hands-off test first.'),
      habit('Slide and tap.', 'slide-and-tap')
    ),
    fault(
      'elbow',
      'Elbow leans on the body',
      ['elbow-in'],
      habit('Air under the arm.', 'pluck-levels'),
      size('It may be too heavy.')
    )
  )
];
