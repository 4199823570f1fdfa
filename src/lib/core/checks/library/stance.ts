import { SHOULDER_FAMILIES, type Family } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom } from './make';

const STANDING: readonly Family[] = ['violin', 'viola', 'bass'];
const shoulder = checksOf('stance', SHOULDER_FAMILIES);
const bass = checksOf('stance', ['bass']);
const standing = checksOf('stance', STANDING);

/** Standing, for violin, viola and bass, from the floor up. Source: what string teachers commonly look for. */
export const STANCE: readonly Check[] = [
  shoulder(
    'stance-feet',
    'front',
    'The feet carry',
    'Feet as wide as the shoulders, level, toes a little out.',
    'Feet wide, like two tree roots.',
    {
      drill: 'feet-print',
      spot: 'leftFoot',
      view: 'feet',
      school: [
        'feet',
        {
          'step-out': {
            right: 'Heels together, toes apart; then the left foot steps out and carries.',
            forPlayer: 'Heels together, toes apart, left foot out.'
          }
        }
      ]
    },
    fault(
      'together',
      'Feet close together',
      ['feet-together'],
      habit('Stand on the paper feet.', 'feet-print')
    ),
    fault('wide', 'Feet too wide', ['feet-wide'], habit('Half a step in.', 'feet-print')),
    fault(
      'turned-in',
      'Toes turned in',
      ['toes-turned-in'],
      habit('Toes to the corners of the room.', 'feet-print')
    )
  ),
  bass(
    'stance-feet',
    'right',
    'The feet carry',
    'Feet as wide as the shoulders, the weight on the right leg, the left foot turned out.',
    'Right leg strong, left foot out.',
    {
      drill: 'feet-print',
      spot: 'rightFoot',
      view: 'feetRight',
      school: [
        'feet',
        {
          'step-out': {
            right: 'Heels together, toes apart; then the left foot steps out beside the bass.',
            forPlayer: 'Heels together, toes apart, left foot out.'
          }
        }
      ]
    },
    fault(
      'forward',
      'Left foot stands far in front',
      ['left-foot-forward'],
      habit('Bring it back beside the bass.', 'feet-print')
    ),
    seenFrom('right', fault('deep', 'Crouches to reach', ['knees-deep']))
  ),
  standing(
    'stance-weight',
    'front',
    'The weight can shift',
    'The weight rests between the feet and can sway to either one.',
    'Sway like a tree in the wind.',
    {
      drill: 'feet-print',
      spot: 'belly',
      view: { violin: 'front', viola: 'front', bass: 'behind' }
    },
    fault(
      'one-leg',
      'Hangs on one leg',
      ['weight-on-one-leg'],
      habit('Sway left and right, then stop in the middle.', 'feet-print')
    ),
    fault('bends', 'Leans over to one side', ['trunk-bent'])
  ),
  standing(
    'stance-knees',
    'left',
    'The knees are soft',
    'The knees give a little; neither pushed back nor bent deep.',
    'Soft knees, like springs.',
    {
      drill: 'short-strokes',
      spot: 'leftKnee',
      view: { violin: 'legsLeft', viola: 'legsLeft', bass: 'legsRight' }
    },
    fault(
      'locked',
      'Knees pushed back',
      ['knees-locked'],
      habit('Bounce twice, then play.', 'short-strokes')
    ),
    fault('deep', 'Knees bent deep', ['knees-deep'])
  ),
  standing(
    'stance-back',
    'right',
    'The back is tall',
    'The back is long from seat to crown, the belly soft and not pushed out.',
    'Tall, as if a thread pulls you up.',
    {
      drill: 'wall-back',
      spot: 'back',
      view: { violin: 'trunkLeft', viola: 'trunkLeft', bass: 'trunkRight' }
    },
    fault('slumps', 'Slumps', ['slumped']),
    fault('belly', 'Belly pushed out', ['belly-out']),
    fault('leans-back', 'Leans back', ['leaning-back'])
  ),
  standing(
    'stance-shoulders',
    'front',
    'The shoulders are level',
    'Both shoulders hang at one height before the instrument comes.',
    'Let your shoulders hang, like a coat on its hook.',
    {
      drill: 'shake-out',
      spot: 'chest',
      pose: 'playing',
      view: 'head'
    },
    seenFrom(
      { violin: 'headBehind', viola: 'headBehind' },
      fault('up', 'Both pulled up', ['shoulders-pulled-up'])
    ),
    seenFrom(
      { violin: 'headBehind', viola: 'headBehind', bass: 'headBehind' },
      fault('left-up', 'The left one is up', ['shoulder-raised'])
    )
  ),
  shoulder(
    'stance-facing',
    'above',
    'Faces the right way',
    'The body is square to the stand, the scroll at its left corner.',
    'Belly button looks at the music.',
    {
      drill: 'feet-print',
      spot: 'chest',
      view: 'above',
      school: [
        'facing',
        {
          'left-side': {
            right: 'The left side is aimed at the stand: eyes, scroll and music in one line.',
            forPlayer: 'Left shoulder points at the music.'
          }
        }
      ]
    },
    fault(
      'twisted',
      'Twisted in the waist',
      ['trunk-twisted'],
      habit('Turn the feet, not the waist.', 'feet-print')
    ),
    fault('scroll-to-front', 'The scroll swings in front', ['scroll-to-front'])
  ),
  shoulder(
    'stance-positions',
    'front',
    'Rest and playing are two positions',
    'At “rest” it goes under the arm at once and stays; at “play” it comes up in one way.',
    'At “rest”, tuck it under your arm.',
    {
      drill: 'set-and-reset',
      spot: 'scroll',
      pose: 'rest',
      view: 'threeQuarterRight'
    },
    fault('hangs', 'Hangs down by the neck', ['rest-hangs-down']),
    seenFrom('above', fault('points-out', 'Points at the neighbours', ['rest-points-out']))
  ),
  shoulder(
    'stance-guard',
    'right',
    'Guarded under the arm',
    'In rest position the elbow keeps it against the side, the bridge away from the body.',
    'Hug it with your elbow.',
    {
      drill: 'set-and-reset',
      spot: 'bodyMiddle',
      pose: 'rest',
      view: 'threeQuarterRight'
    },
    fault(
      'out',
      'Stands away from the side',
      ['rest-points-out'],
      habit('Elbow to the ribs.', 'set-and-reset')
    ),
    fault('down', 'Sinks until the scroll is at the knee', ['rest-hangs-down'])
  )
];
