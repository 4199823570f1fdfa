import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom } from './make';

const all = checksOf('bow-use', FAMILIES);
const shoulder = checksOf('bow-use', SHOULDER_FAMILIES);
const cello = checksOf('bow-use', ['cello']);
const bass = checksOf('bow-use', ['bass']);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);

/** Plucking. Source: what string teachers commonly look for. */
export const PLUCKING: readonly Check[] = [
  all(
    'pluck-thumb',
    'bow-hand',
    'Plucking: the thumb is anchored',
    {
      right: 'The thumb rests at the fingerboard’s edge and carries the hand.',
      child: 'Thumb parks at the board.',
      drill: 'pluck-levels',
      spot: 'rightThumb',
      pose: 'plucking',
      view: 'pluckHand'
    },
    fault(
      'off',
      'Thumb without a hold',
      ['pluck-thumb-off'],
      habit('Thumb first, then pluck.', 'pluck-levels')
    ),
    fault('up', 'The hand flies off', ['plucking-upward'], habit('Pluck and stay.', 'pluck-levels'))
  ),
  shoulder(
    'pluck-motion',
    'bow-hand',
    'Plucking: the pad, a round motion',
    {
      right: 'The pad of the finger plucks in a rounded motion.',
      child: 'Stroke the string, draw a circle.',
      drill: 'pluck-levels',
      spot: 'rightFingers',
      pose: 'plucking',
      view: 'pluckHand'
    },
    fault('deep', 'Hooks under the string', ['pluck-finger-deep'], habit('Only the pad.', 'pluck-levels')),
    fault('up', 'Tears it upward', ['plucking-upward'], habit('Draw circles.', 'pluck-levels'))
  ),
  cello(
    'pluck-motion',
    'bow-hand',
    'Plucking: sideways, not upward',
    {
      right: 'The finger goes sideways across the string, not up from it.',
      child: 'Sideways, like a swing.',
      drill: 'pluck-levels',
      spot: 'rightFingers',
      pose: 'plucking',
      view: 'pluckHand'
    },
    fault(
      'up',
      'Tears it upward',
      ['plucking-upward'],
      habit('Swing over to the next string.', 'pluck-levels')
    ),
    fault('deep', 'Hooks under the string', ['pluck-finger-deep'], habit('Only the pad.', 'pluck-levels'))
  ),
  bass(
    'pluck-motion',
    'bow-hand',
    'Plucking: through the string',
    {
      right: 'Strikes through with the finger’s side and nearly two joints, above the end of the board.',
      child: 'Brush right through.',
      drill: 'pluck-levels',
      spot: 'rightFingers',
      pose: 'plucking',
      view: 'bowFront',
      shows: [['pluck-finger-deep', 0.7]],
      school: [
        'bass-plucking',
        {
          classical: {
            right: 'A short stroke with the fingertip, above the end of the board.',
            forPlayer: 'A short touch with the tip.',
            changes: []
          }
        }
      ]
    },
    fault('up', 'Tears it upward', ['plucking-upward'], habit('Through, not up.', 'pluck-levels')),
    fault(
      'bridge',
      'Far down towards the bridge',
      ['pluck-by-the-bridge'],
      habit('Thumb at the end of the board.', 'pluck-levels')
    )
  ),
  upper(
    'pluck-elbow',
    'front',
    'Plucking: the elbow changes level',
    {
      right: 'The elbow changes its level with the string.',
      child: 'Elbow climbs the ladder.',
      drill: 'pluck-levels',
      spot: 'rightElbow',
      pose: 'plucking',
      view: { violin: 'head', viola: 'head', cello: 'bowFront' }
    },
    fault(
      'high',
      'Elbow high on every string',
      [['bow-elbow-high', 68]],
      habit('Plucked ladder.', 'pluck-levels')
    ),
    fault(
      'bridge',
      'The hand hangs by the bridge',
      ['pluck-by-the-bridge'],
      habit('Thumb at the board first.', 'pluck-levels')
    )
  ),
  bass(
    'pluck-elbow',
    'front',
    'Plucking: the arm changes level',
    {
      right: 'The arm changes its level with the string, the shoulder low.',
      child: 'The arm climbs the ladder.',
      drill: 'pluck-levels',
      spot: 'rightElbow',
      pose: 'plucking',
      view: 'bowFront'
    },
    seenFrom(
      { bass: 'head' },
      fault(
        'shoulder',
        'The shoulder is pulled up',
        [['bow-shoulder-raised', 60]],
        habit('Plucked ladder.', 'pluck-levels')
      )
    ),
    fault(
      'bridge',
      'The hand hangs by the bridge',
      ['pluck-by-the-bridge'],
      habit('Thumb at the board first.', 'pluck-levels')
    )
  )
];
