import type { Check } from '../types';
import { checksOf, fault, habit, tooLarge } from './make';

const bass = checksOf('left-hand', ['bass']);

/** What is the bass’s own in the left hand. Source: what string teachers commonly look for. */
export const BASS_LEFT_HAND: readonly Check[] = [
  bass(
    'left-one-two-four',
    'left-hand',
    'One, two, four',
    'First, second and fourth finger share the space; the third helps the fourth.',
    'One, two, four: three is the helper.',
    {
      drill: 'tube-roll',
      spot: 'leftFingers',
      view: 'fingersFront'
    },
    fault('crowded', 'The hand closes', ['fingers-crowded']),
    fault('stretched', 'Stretched and stiff', ['fingers-stretched'])
  ),
  bass(
    'left-second-midway',
    'left-hand',
    'The second finger is midway',
    'The second finger stands midway between first and fourth.',
    'Finger two goes in the middle.',
    {
      drill: 'bridge-to-thumb',
      spot: 'leftFingers',
      view: 'fingersFront'
    },
    fault(
      'near-first',
      'Beside the first',
      ['second-near-first'],
      habit('Thumb behind two, then open both ways.', 'bridge-to-thumb'),
      tooLarge('A frame that never opens: look at the size.')
    ),
    fault('narrow', 'All three close together', [['fingers-crowded', 0.9]])
  ),
  bass(
    'left-arm-weight',
    'left',
    'The arm’s weight pulls back',
    'The elbow is up and the arm’s weight pulls the string down; the hand does not pinch.',
    'Let your arm hang from the string.',
    {
      drill: 'thumb-off',
      spot: 'leftElbow',
      view: 'headLeft'
    },
    fault('dropped', 'Elbow dropped, the hand pinches', [['elbow-dropped', 80]]),
    fault('shoulder', 'The shoulder pulls', [['shoulder-raised', 50]])
  )
];
