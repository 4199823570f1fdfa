import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp } from './make';

const cello = checksOf('stance', ['cello']);

/** Seated, for the cello. Source: what string teachers commonly look for. */
export const SEAT: readonly Check[] = [
  cello(
    'seat-front',
    'left',
    'On the front half of the seat',
    'Sits on the front half; nothing behind the back is needed.',
    'Sit on the edge, like on a swing.',
    {
      drill: 'stand-up',
      spot: 'seatEdge',
      view: 'seatLeft'
    },
    fault(
      'far-back',
      'Sits far back',
      ['seated-far-back'],
      habit('Stand up, sit down at the edge.', 'stand-up'),
      setUp('seat', 'lower', 'A seat that is too high pushes back.')
    ),
    seenFrom(
      'left',
      fault(
        'leans-back',
        'Leans on the back of the chair',
        ['leaning-back'],
        habit('Grow tall, then bring the cello.', 'wall-back')
      )
    )
  ),
  cello(
    'seat-feet',
    'left',
    'Both feet flat',
    'Both feet flat under the knees, straight ahead, about as wide as the shoulders.',
    'Feet glued to the floor.',
    {
      drill: 'stand-up',
      spot: 'leftFoot',
      view: 'seatLeft'
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
      habit('Feet out until the shins stand.', 'stand-up'),
      setUp('seat', 'raise', 'A low seat pushes the feet under: raise it.')
    )
  ),
  cello(
    'seat-stand-up',
    'left',
    'Stand-up test',
    'Stands up from the seat without moving the feet, and sits down again.',
    'Up and down without moving your feet.',
    {
      drill: 'stand-up',
      spot: 'belly',
      pose: 'seated',
      view: 'seatLeft',
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
    'The hips are level with the knees or a little higher.',
    'Sit so that your lap is a gentle slide.',
    {
      drill: 'stand-up',
      spot: 'leftKnee',
      view: 'seatLeft'
    },
    fault('low', 'Knees higher than the hips', ['seat-too-low']),
    fault('high', 'Thighs slope steeply, the cello slides', ['seat-too-high'])
  ),
  cello(
    'seat-back',
    'right',
    'A tall back that is not stiff',
    'The back is tall without a rigid arch, free to sway.',
    'Tall and soft, like grass.',
    {
      drill: 'wall-back',
      spot: 'back',
      view: 'trunkRight'
    },
    fault('slumps', 'Slumps', ['slumped']),
    fault(
      'arched',
      'Rigid arch, belly out',
      ['belly-out'],
      habit('Breathe out, sway, start again.', 'wall-back')
    )
  ),
  cello(
    'seat-line',
    'front',
    'Shoulders, hips and head in line',
    'Seen from the front, shoulders and hips are level and the head stands over them.',
    'Build a tower: hips, shoulders, head.',
    {
      drill: 'wall-mirror',
      spot: 'chest',
      view: 'front'
    },
    fault('bent', 'Bends to the left', ['trunk-bent']),
    seenFrom(
      'above',
      fault(
        'turned',
        'Turned away from the cello',
        ['turned-away'],
        habit('Belly button to the bridge.', 'wall-mirror')
      )
    ),
    seenFrom('head', fault('shoulders-up', 'Shoulders pulled up', ['shoulders-pulled-up']))
  ),
  cello(
    'seat-knees',
    'front',
    'Knees open beside it',
    'The knees are open a little wider than the cello and touch it without squeezing.',
    'Touch it with both knees, softly.',
    {
      drill: 'set-and-reset',
      spot: 'leftKnee',
      view: 'kneesFront'
    },
    fault(
      'squeezes',
      'Knees squeeze together',
      ['knees-together'],
      habit('Knees apart, let it stand between them, let them rest.', 'set-and-reset'),
      setUp('seat', 'raise', 'Knees above the corners squeeze it: raise the seat.')
    ),
    fault('wide', 'Knees far apart, no contact', ['knees-wide'])
  )
];
