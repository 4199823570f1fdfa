import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, fault, habit, only, seenFrom, setUp } from './make';

const all = checksOf('bow-use', FAMILIES);
const cello = checksOf('bow-use', ['cello']);
const bass = checksOf('bow-use', ['bass']);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);

const ARM = { violin: 'head', viola: 'head', cello: 'front', bass: 'front' } as const;

/** The bow arm. Source: what string teachers commonly look for. */
export const BOW_ARM: readonly Check[] = [
  all(
    'use-wrist-leads',
    'bow-hand',
    'The wrist leads',
    {
      right: 'On the way up the wrist leads and the hand follows; on the way down it levels out.',
      child: 'The wrist goes first, the hand comes after.',
      drill: 'short-strokes',
      spot: 'rightWrist',
      pose: 'frog',
      view: 'bowWrist'
    },
    fault(
      'sunk',
      'Wrist sunk at the frog',
      ['bow-wrist-dropped'],
      habit('Lift the wrist before the frog comes.', 'short-strokes')
    ),
    fault(
      'stiff',
      'Hand and wrist stiff',
      ['bow-hand-stiff'],
      habit('Paint the wall with the hand.', 'short-strokes')
    )
  ),
  upper(
    'use-elbow',
    'front',
    'The elbow knows the string',
    {
      right:
        'The elbow is at the side on the top string, a little below the instrument on the next, level on the next, above it on the lowest.',
      child: 'Elbow up for low, down for high.',
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'lowestString',
      view: ARM,
      school: [
        'bow-elbow',
        {
          hanging: {
            title: 'The elbow hangs',
            right: 'The elbow hangs on every string; the forearm changes the level.',
            forPlayer: 'Elbow heavy, hand goes up and down.',
            changes: [{ kind: 'bow-elbow-dropped', amount: 26 }]
          }
        }
      ]
    },
    fault(
      'high',
      'Elbow high',
      [['bow-elbow-high', 60]],
      habit('Silent seesaw.', 'silent-levels'),
      only(['cello'], setUp('pin', 'lower', 'An instrument that stands too high lifts it.'))
    ),
    fault('low', 'Elbow far down', [['bow-elbow-dropped', 60]], habit('Plucked ladder.', 'pluck-levels'))
  ),
  bass(
    'use-elbow',
    'front',
    'The arm hangs long',
    {
      right: 'The arm hangs long from a low shoulder; each string has its own level.',
      child: 'Long arm, like a swing rope.',
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'lowestString',
      view: 'bowFront',
      school: [
        'bow-elbow',
        {
          hanging: {
            right: 'The arm hangs on every string; the hand changes the level.',
            forPlayer: 'Arm heavy, hand goes up and down.',
            changes: [{ kind: 'bow-wrist-high', amount: 14 }]
          }
        }
      ]
    },
    seenFrom(
      { bass: 'head' },
      fault(
        'shoulder',
        'The shoulder lifts the bow',
        [['bow-shoulder-raised', 60]],
        habit('Silent seesaw.', 'silent-levels'),
        setUp('pin', 'raise', 'A bass that stands too low is bent to.')
      )
    ),
    seenFrom(
      { bass: 'right' },
      fault(
        'bends',
        'Bends down to the string',
        ['slumped'],
        setUp('pin', 'raise', 'One notch out.'),
        habit('Grow tall, then play.', 'wall-back')
      )
    )
  ),
  cello(
    'use-opening',
    'right',
    'Shoulder, elbow, wrist: in order',
    {
      right:
        'On the down-bow shoulder, elbow and wrist open in this order; on the up-bow the other way round.',
      child: 'The arm opens like a door.',
      drill: 'short-strokes',
      spot: 'rightElbow',
      pose: 'middle',
      view: 'threeQuarterRight',
      later: true
    },
    fault(
      'elbow-high',
      'The elbow flies instead of opening',
      [['bow-elbow-high', 60]],
      habit('Whole bows, counted: one, two, three.', 'short-strokes')
    ),
    fault(
      'shoulder',
      'Only the shoulder moves',
      [['bow-shoulder-raised', 54]],
      habit('Little strokes in the middle.', 'short-strokes')
    )
  ),
  all(
    'use-shoulder',
    'front',
    'The bow arm’s shoulder is down',
    {
      right: 'The right shoulder hangs, also at the tip.',
      child: 'Shoulder heavy, bow light.',
      drill: 'shake-out',
      spot: 'rightShoulder',
      view: 'head'
    },
    fault(
      'raised',
      'Pulled up: the bow trembles',
      [['bow-shoulder-raised', 60]],
      habit('Shake out, little strokes.', 'shake-out'),
      bow('Bow or instrument may be too large.')
    ),
    fault('both', 'Both pulled up', [['shoulders-pulled-up', 44]], habit('Shake out.', 'shake-out'))
  ),
  all(
    'use-tip',
    'front',
    'Relaxed at the tip',
    {
      right: 'At the tip the arm is long and soft, hand and shoulder relaxed.',
      child: 'Long arm, soft arm.',
      drill: 'silent-levels',
      spot: 'rightShoulder',
      pose: 'tip',
      view: { violin: 'head', viola: 'head', cello: 'front', bass: 'bowFront' }
    },
    seenFrom(
      { bass: 'head' },
      fault(
        'shoulder',
        'Shoulder pulled up to get there',
        [['bow-shoulder-raised', 60]],
        bow('The bow may be too long.'),
        habit('Silent seesaw at the tip.', 'silent-levels')
      )
    ),
    fault(
      'slant',
      'Pulled behind the body',
      [['bow-oblique', 30]],
      habit('Stop before it drifts; add a finger’s width a week.', 'short-strokes'),
      bow('The bow may be too long.')
    )
  )
];
