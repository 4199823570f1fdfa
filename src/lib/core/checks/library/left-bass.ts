import type { Check } from '../types';
import { checksOf, fault, habit, setUp, tooLarge } from './make';

const bass = checksOf('left-hand', ['bass']);

/** What is the bass’s own in the left hand. Source: what string teachers commonly look for. */
export const BASS_LEFT_HAND: readonly Check[] = [
  bass(
    'left-one-two-four',
    'left-hand',
    'One, two, four',
    {
      right: 'First, second and fourth finger share the space; the third helps the fourth.',
      child: 'One, two, four: three is the helper.',
      drill: 'tube-roll',
      spot: 'leftFingers',
      view: 'fingersFront'
    },
    fault(
      'crowded',
      'The hand closes',
      ['fingers-crowded'],
      habit('Roll the tube.', 'tube-roll'),
      tooLarge('If it never opens: look at the size.')
    ),
    fault(
      'stretched',
      'Stretched and stiff',
      ['fingers-stretched'],
      tooLarge('The string may be too long.'),
      habit('Press and let go.', 'press-forearm')
    )
  ),
  bass(
    'left-second-midway',
    'left-hand',
    'The second finger is midway',
    {
      right: 'The second finger stands midway between first and fourth.',
      child: 'Two lives in the middle.',
      drill: 'bridge-to-thumb',
      spot: 'leftFingers',
      view: 'fingersFront'
    },
    fault(
      'near-first',
      'Beside the first',
      ['second-near-first'],
      habit('Thumb behind two, then open both ways.', 'bridge-to-thumb')
    ),
    fault(
      'narrow',
      'All three close together',
      [['fingers-crowded', 0.9]],
      habit('Roll the tube.', 'tube-roll')
    )
  ),
  bass(
    'left-arm-weight',
    'left',
    'The arm’s weight pulls back',
    {
      right: 'The elbow is up and the arm’s weight pulls the string down; the hand does not pinch.',
      child: 'Hang on the string like on a branch.',
      drill: 'thumb-off',
      spot: 'leftElbow',
      view: 'left'
    },
    fault(
      'dropped',
      'Elbow dropped, the hand pinches',
      [['elbow-dropped', 80]],
      habit('Thumb off for one note.', 'thumb-off')
    ),
    fault(
      'shoulder',
      'The shoulder pulls',
      [['shoulder-raised', 50]],
      setUp('pin', 'lower', 'It may stand too high.'),
      habit('Shake out, land again.', 'shake-out')
    )
  )
];
