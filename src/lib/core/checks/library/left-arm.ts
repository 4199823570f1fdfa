import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, tooLarge } from './make';

const left = checksOf('left-hand', SHOULDER_FAMILIES);

/** The left arm, wrist and thumb of violin and viola. Source: what string teachers commonly look for. */
export const SHOULDER_LEFT_ARM: readonly Check[] = [
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
      tooLarge('Short arms: look at the size.')
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
      view: 'headBehind'
    },
    fault(
      'stays-out',
      'Stays outside',
      [['elbow-out', 60]],
      habit('Fourth finger first, then look where the elbow is.', 'fourth-first'),
      tooLarge('If it cannot reach, look at the size.')
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
      view: 'leftHandFront',
      school: [
        'wrist-line',
        {
          outward: {
            title: 'The wrist curves a little outward',
            right: 'The wrist curves a little outward; it never caves in.',
            forPlayer: 'A small hill at the wrist.',
            changes: [{ kind: 'wrist-bent-out', amount: 18 }]
          }
        }
      ]
    },
    seenFrom(
      { violin: 'leftHand', viola: 'leftHand' },
      fault(
        'caved',
        'Caves in under the neck',
        ['wrist-caved'],
        setUp('lift', 'raise', 'The hand holds it up: hands-off test first.'),
        habit('Then slide the hand along the neck and tap.', 'slide-and-tap'),
        tooLarge('It may be too heavy.')
      )
    ),
    fault(
      'out',
      'Bent far outward',
      ['wrist-bent-out'],
      habit('Straight as a ruler, then play.', 'slide-and-tap'),
      tooLarge('Too small a hand for the string?')
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
    seenFrom(
      'leftHandSide',
      fault(
        'away',
        'Hand away from the neck',
        ['off-the-neck'],
        habit('Let the side touch, then play.', 'set-and-reset')
      )
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
      tooLarge('It may be too heavy.')
    )
  )
];
