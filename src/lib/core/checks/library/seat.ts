import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, tooSmall } from './make';

const cello = checksOf('stance', ['cello']);

/** Seated, for the cello. Source: what string teachers commonly look for. */
export const SEAT: readonly Check[] = [
  cello(
    'seat-front',
    'left',
    'On the front half of the seat',
    {
      right: 'Sits on the front half; nothing behind the back is needed.',
      child: 'Sit on the edge, like on a swing.',
      drill: 'stand-up',
      spot: 'seatEdge',
      view: 'left'
    },
    fault(
      'far-back',
      'Sits far back',
      ['seated-far-back'],
      habit('Stand up, sit down at the edge.', 'stand-up'),
      setUp('seat', 'lower', 'A seat that is too high pushes back.')
    ),
    fault(
      'leans-back',
      'Leans on the back of the chair',
      ['leaning-back'],
      habit('Grow tall, then bring the cello.', 'wall-back'),
      setUp('angle', 'lower', 'A steeper cello lets the player come forward.')
    )
  ),
  cello(
    'seat-feet',
    'left',
    'Both feet flat',
    {
      right: 'Both feet flat under the knees, straight ahead, about as wide as the shoulders.',
      child: 'Feet glued to the floor.',
      drill: 'stand-up',
      spot: 'leftFoot',
      view: 'left'
    },
    fault(
      'heels',
      'Only the toes touch',
      ['heels-up'],
      setUp('seat', 'lower', 'Lower seat, or a board under the feet.'),
      habit('Stamp both feet once.', 'stand-up')
    ),
    fault(
      'drawn-in',
      'Feet drawn under the seat',
      ['feet-drawn-in'],
      habit('Feet out until the shins stand.', 'stand-up')
    )
  ),
  cello(
    'seat-stand-up',
    'left',
    'Stand-up test',
    {
      right: 'Stands up from the seat without moving the feet, and sits down again.',
      child: 'Up and down without moving your feet.',
      drill: 'stand-up',
      spot: 'belly',
      pose: 'seated',
      view: 'left',
      result: 'yes-no'
    },
    fault(
      'cannot',
      'The feet must move first',
      ['feet-drawn-in'],
      setUp('seat', 'raise', 'A seat a little higher, sat on at the front.'),
      habit('Feet flat, nose over the toes.', 'stand-up')
    )
  ),
  cello(
    'seat-hips',
    'left',
    'Hips level with the knees or higher',
    {
      right: 'The hips are level with the knees or a little higher.',
      child: 'Your lap is a gentle slide.',
      drill: 'stand-up',
      spot: 'leftKnee',
      view: 'left'
    },
    fault(
      'low',
      'Knees higher than the hips',
      ['seat-too-low'],
      setUp('seat', 'raise', 'Raise the seat, or lay a wedge on it.')
    ),
    fault(
      'high',
      'Thighs slope steeply, the cello slides',
      ['seat-too-high'],
      setUp('seat', 'lower', 'Lower the seat.')
    )
  ),
  cello(
    'seat-back',
    'right',
    'A tall back that is not stiff',
    {
      right: 'The back is tall without a rigid arch, free to sway.',
      child: 'Tall and soft, like grass.',
      drill: 'wall-back',
      spot: 'back',
      view: 'right'
    },
    fault(
      'slumps',
      'Slumps',
      ['slumped'],
      setUp('pin', 'raise', 'The cello is too low: longer pin.'),
      habit('Grow tall, then bring the cello to you.', 'wall-back'),
      tooSmall('It may be too small to reach.')
    ),
    fault(
      'arched',
      'Rigid arch, belly out',
      ['belly-out'],
      habit('Breathe out, sway, start again.', 'wall-back'),
      setUp('pin', 'lower', 'The cello may push: shorter pin.')
    )
  ),
  cello(
    'seat-line',
    'front',
    'Shoulders, hips and head in line',
    {
      right: 'Seen from the front, shoulders and hips are level and the head stands over them.',
      child: 'A straight tower: hips, shoulders, head.',
      drill: 'wall-mirror',
      spot: 'chest',
      view: 'front'
    },
    fault(
      'bent',
      'Bends to the left',
      ['trunk-bent'],
      setUp('placing', 'other', 'Let the neck pass left of the head.'),
      habit('Look into a mirror.', 'wall-mirror')
    ),
    seenFrom(
      'above',
      fault(
        'turned',
        'Turned away from the cello',
        ['turned-away'],
        habit('Belly button to the bridge.', 'wall-mirror')
      )
    ),
    fault(
      'shoulders-up',
      'Shoulders pulled up',
      ['shoulders-pulled-up'],
      setUp('pin', 'lower', 'The cello may stand too high.'),
      habit('Up to the ears, let them fall.', 'shake-out')
    )
  ),
  cello(
    'seat-knees',
    'front',
    'Knees open beside it',
    {
      right: 'The knees are open a little wider than the cello and touch it without squeezing.',
      child: 'Knees hold it like two soft hands.',
      drill: 'set-and-reset',
      spot: 'leftKnee',
      view: 'front'
    },
    fault(
      'squeezes',
      'Knees squeeze together',
      ['knees-together'],
      habit('Knees apart, lay it on the left, bring the right.', 'set-and-reset')
    ),
    fault(
      'wide',
      'Knees far apart, no contact',
      ['knees-wide'],
      setUp('seat', 'lower', 'Thighs that slope let the knees fall out: lower the seat.'),
      habit('Bring the right leg in last.', 'set-and-reset')
    )
  )
];
