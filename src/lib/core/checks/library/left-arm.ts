import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp } from './make';

const left = checksOf('left-hand', SHOULDER_FAMILIES);

/** The left arm, wrist and thumb of violin and viola. Source: what string teachers commonly look for. */
export const SHOULDER_LEFT_ARM: readonly Check[] = [
  left(
    'left-elbow',
    'front',
    'The elbow hangs under the instrument',
    'The elbow hangs under the middle of the instrument and moves with the string.',
    'Let your elbow hang under it.',
    {
      drill: 'pluck-levels',
      spot: 'leftElbow',
      view: 'head'
    },
    fault('out', 'Elbow hangs out to the left', ['elbow-out']),
    fault('in', 'Elbow pressed in', ['elbow-in'])
  ),
  left(
    'left-elbow-fourth',
    'front',
    'The elbow helps the fourth finger',
    'For the fourth finger and the lowest string the elbow comes a little further under.',
    'Swing your elbow under, then land finger four.',
    {
      drill: 'fourth-against-open',
      spot: 'leftElbow',
      pose: 'lowestString',
      view: 'headBehind'
    },
    fault('stays-out', 'Stays outside', [['elbow-out', 60]]),
    fault('shoulder', 'The shoulder lifts instead', ['shoulder-raised'])
  ),
  left(
    'left-thumb-place',
    'left-hand',
    'The thumb has its place',
    'The thumb stands opposite the first finger.',
    'Thumb across from finger one.',
    {
      drill: 'set-and-reset',
      spot: 'leftThumb',
      view: 'leftHand',
      school: [
        'thumb-place',
        {
          between: {
            right: 'The thumb stands between first and second finger.',
            forPlayer: 'Thumb between one and two.'
          },
          second: {
            right: 'The thumb stands opposite the second finger.',
            forPlayer: 'Thumb across from finger two.'
          },
          'between-tapes': {
            right: 'The thumb stands between the first two tapes.',
            forPlayer: 'Thumb between the first two lines.'
          }
        }
      ]
    },
    fault('behind', 'Thumb far back at the nut', [['thumb-misplaced', 0.34]]),
    fault('ahead', 'Thumb far ahead of the hand', [['thumb-towards-body', 0.4]])
  ),
  left(
    'left-thumb-shape',
    'left-hand',
    'The thumb is loose',
    'The thumb is loose and lightly bent; it can tap at any time.',
    'Tap your thumb: is it loose?',
    {
      drill: 'slide-and-tap',
      spot: 'leftThumb',
      view: 'leftHandEnd',
      school: [
        'thumb-shape',
        {
          straight: {
            right: 'The thumb is straight and loose along the neck; it can tap at any time.',
            forPlayer: 'Thumb long and soft.'
          }
        }
      ]
    },
    fault('hooked', 'Hooks over the neck', ['thumb-hooked']),
    fault('presses', 'Presses from below', ['thumb-pressing'])
  ),
  left(
    'left-web',
    'left-hand',
    'Room between neck and web',
    'A small space stays open between the neck and the web of the thumb.',
    'Leave a mouse hole under the neck.',
    {
      drill: 'slide-and-tap',
      spot: 'leftHand',
      view: 'leftHandEnd'
    },
    fault('closed', 'The neck lies in the web', ['web-closed']),
    seenFrom('leftHandSide', fault('low', 'The hand hangs far below', ['knuckles-low']))
  ),
  left(
    'left-wrist',
    'left-hand',
    'The wrist is straight',
    'Forearm and back of the hand make one line to the knuckles.',
    'A straight bridge from elbow to knuckles.',
    {
      drill: 'slide-and-tap',
      spot: 'leftWrist',
      view: 'leftHandFront',
      school: [
        'wrist-line',
        {
          outward: {
            title: 'The wrist curves a little outward',
            right: 'The wrist curves a little outward; it never caves in.',
            forPlayer: 'A small hill at the wrist.'
          }
        }
      ]
    },
    seenFrom(
      { violin: 'leftWristFront', viola: 'leftWristFront' },
      fault('caved', 'Caves in under the neck', ['wrist-caved'])
    ),
    fault('out', 'Bent far outward', ['wrist-bent-out'])
  ),
  left(
    'left-index-side',
    'left-hand',
    'The first finger’s side is at the neck',
    'The side of the first finger lies lightly at the neck.',
    'Finger one touches the neck with its side.',
    {
      drill: 'set-and-reset',
      spot: 'leftFingers',
      view: 'leftHandEnd'
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
    'left-first-weeks',
    'front',
    'The left hand in the first weeks',
    'From the first day the hand stays at the neck; it does not hold the body.',
    'Keep your hand at the neck.',
    {
      drill: 'slide-and-tap',
      spot: 'leftHand',
      view: 'head',
      school: [
        'early-help',
        {
          help: {
            right:
              'For the first weeks the hand may hold the body at the upper bout, until the hold carries.',
            forPlayer: 'Your hand helps to hold it, up at its body.',
            pose: 'upperBout'
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
    fault('elbow', 'Elbow leans on the body', ['elbow-in'])
  )
];
