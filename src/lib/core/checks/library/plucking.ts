import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom } from './make';

const all = checksOf('bow-use', FAMILIES);
const shoulder = checksOf('bow-use', SHOULDER_FAMILIES);
const cello = checksOf('bow-use', ['cello']);
const bass = checksOf('bow-use', ['bass']);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);

/** From where a hand is seen that leaves the strings. */
const UPWARD = { violin: 'pluckSide', viola: 'pluckSide', cello: 'pluckSide', bass: 'pluckQuarter' } as const;

/** Plucking. Source: what string teachers commonly look for. */
export const PLUCKING: readonly Check[] = [
  all(
    'pluck-thumb',
    'bow-hand',
    'Plucking: the thumb is anchored',
    'The thumb rests at the fingerboard’s edge and carries the hand.',
    'Rest your thumb at the board.',
    {
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
    seenFrom(UPWARD, fault('up', 'The hand flies off', ['plucking-upward']))
  ),
  shoulder(
    'pluck-motion',
    'bow-hand',
    'Plucking: the pad, a round motion',
    'The pad of the finger plucks in a rounded motion.',
    'Pluck, and draw a circle in the air.',
    {
      drill: 'pluck-levels',
      spot: 'rightFingers',
      pose: 'plucking',
      view: 'pluckHand'
    },
    fault('deep', 'Hooks under the string', ['pluck-finger-deep'], habit('Only the pad.', 'pluck-levels')),
    seenFrom(UPWARD, fault('up', 'Tears it upward', ['plucking-upward']))
  ),
  cello(
    'pluck-motion',
    'bow-hand',
    'Plucking: sideways, not upward',
    'The finger goes sideways across the string, not up from it.',
    'Pluck sideways, like a swing.',
    {
      drill: 'pluck-levels',
      spot: 'rightFingers',
      pose: 'plucking',
      view: 'pluckHand'
    },
    seenFrom(
      UPWARD,
      fault(
        'up',
        'Tears it upward',
        ['plucking-upward'],
        habit('Swing over to the next string.', 'pluck-levels')
      )
    ),
    seenFrom(
      'pluckFinger',
      fault('deep', 'Hooks under the string', ['pluck-finger-deep'], habit('Only the pad.', 'pluck-levels'))
    )
  ),
  bass(
    'pluck-motion',
    'bow-hand',
    'Plucking: through the string',
    'Strikes through with the finger’s side and nearly two joints, above the end of the board.',
    'Brush right through the string.',
    {
      drill: 'pluck-levels',
      spot: 'rightFingers',
      pose: 'plucking',
      view: 'pluckHand',
      shows: [['pluck-finger-deep', 0.7]],
      school: [
        'bass-plucking',
        {
          classical: {
            title: 'Plucking: a short touch',
            right: 'A short stroke with the fingertip, above the end of the board.',
            forPlayer: 'A short touch with the tip.',
            changes: []
          }
        }
      ]
    },
    seenFrom(UPWARD, fault('up', 'Tears it upward', ['plucking-upward'])),
    seenFrom('bowFront', fault('bridge', 'Far down towards the bridge', ['pluck-by-the-bridge']))
  ),
  upper(
    'pluck-elbow',
    'front',
    'Plucking: the elbow changes level',
    'The elbow changes its level with the string.',
    'Move your elbow up and down with the string.',
    {
      drill: 'pluck-levels',
      spot: 'rightElbow',
      except: { 'bow-elbow': ['hanging'] },
      pose: 'plucking',
      view: { violin: 'head', viola: 'head', cello: 'bowFront' }
    },
    fault('high', 'Elbow high on every string', [['bow-elbow-high', 68]]),
    seenFrom(
      { violin: 'pluckAbove', viola: 'pluckAbove' },
      fault('bridge', 'The hand hangs by the bridge', ['pluck-by-the-bridge'])
    )
  ),
  bass(
    'pluck-elbow',
    'front',
    'Plucking: the arm changes level',
    'The arm changes its level with the string, the shoulder low.',
    'Move your arm up and down with the string.',
    {
      drill: 'pluck-levels',
      spot: 'rightElbow',
      except: { 'bow-elbow': ['hanging'] },
      pose: 'plucking',
      view: 'bowFront'
    },
    seenFrom({ bass: 'head' }, fault('shoulder', 'The shoulder is pulled up', [['bow-shoulder-raised', 60]])),
    fault('bridge', 'The hand hangs by the bridge', ['pluck-by-the-bridge'])
  )
];
