import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, setUp, size } from './make';

const LOW: readonly Family[] = ['cello', 'bass'];
const all = checksOf('bow-use', FAMILIES);
const shoulder = checksOf('bow-use', SHOULDER_FAMILIES);
const low = checksOf('bow-use', LOW);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);
const cello = checksOf('bow-use', ['cello']);
const bass = checksOf('bow-use', ['bass']);

const LANE = { violin: 'bodyAbove', viola: 'bodyAbove', cello: 'bowFront', bass: 'bowFront' } as const;
const ARM = { violin: 'head', viola: 'head', cello: 'front', bass: 'front' } as const;
const OUTSIDE = { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' } as const;

/** The way of the bow and of the plucking finger. Source: what string teachers commonly look for. */
export const BOW_USE: readonly Check[] = [
  shoulder(
    'use-straight',
    'above',
    'At right angles to the string',
    {
      right: 'The bow runs at right angles to the string; within 8 degrees is straight.',
      child: 'The bow drives straight down its lane.',
      drill: 'short-strokes',
      spot: 'bow',
      view: 'bodyAbove',
      result: 'angle',
      goal: { first: 15, later: 8, better: 'less', stops: 'Look at the tip: that is where it drifts.' }
    },
    fault(
      'outward',
      'Slants outward at the tip',
      ['bow-oblique'],
      habit('Reach forward at the tip.', 'short-strokes'),
      size('A bow or an instrument that is too long.')
    ),
    fault(
      'inward',
      'Slants inward at the frog',
      ['bow-slants-in'],
      habit('Wrist toward the face at the frog.', 'short-strokes')
    )
  ),
  low(
    'use-straight',
    'front',
    'At right angles to the string',
    {
      right: 'The bow runs at right angles to the string; within 8 degrees is straight.',
      child: 'The bow drives straight down its lane.',
      drill: 'short-strokes',
      spot: 'bow',
      view: 'bowFront',
      result: 'angle',
      goal: { first: 15, later: 8, better: 'less', stops: 'Look at the tip: that is where it drifts.' }
    },
    fault(
      'outward',
      'The tip points down',
      ['bow-oblique'],
      habit('Reach out at the tip.', 'short-strokes'),
      size('A bow or a cello that is too long.')
    ),
    fault('inward', 'The tip points up', ['bow-slants-in'], habit('Hand first to the frog.', 'short-strokes'))
  ),
  all(
    'use-lane',
    'front',
    'Halfway between bridge and fingerboard',
    {
      right: 'The bow stays in the lane halfway between bridge and fingerboard.',
      child: 'Stay on your road.',
      drill: 'short-strokes',
      spot: 'bowPlace',
      view: LANE
    },
    fault(
      'over-board',
      'Over the fingerboard',
      ['bow-over-board'],
      size('Arm straight already: too large, or the instrument stands too high.'),
      setUp('pin', 'lower', 'It may stand too high.'),
      habit('Little strokes on the road.', 'short-strokes')
    ),
    fault(
      'at-bridge',
      'At the bridge',
      ['bow-at-the-bridge'],
      habit('Little strokes on the road.', 'short-strokes')
    )
  ),
  all(
    'use-wrist-leads',
    'bow-hand',
    'The wrist leads',
    {
      right: 'On the way up the wrist leads toward the face; on the way down it levels out.',
      child: 'The wrist paints, the hand follows.',
      drill: 'short-strokes',
      spot: 'rightWrist',
      pose: 'frog',
      view: OUTSIDE
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
      setUp('pin', 'lower', 'An instrument that stands too high lifts it.')
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
    fault(
      'shoulder',
      'The shoulder lifts the bow',
      [['bow-shoulder-raised', 60]],
      habit('Silent seesaw.', 'silent-levels'),
      setUp('pin', 'raise', 'A bass that stands too low is bent to.')
    ),
    fault(
      'bends',
      'Bends down to the string',
      ['slumped'],
      setUp('pin', 'raise', 'One notch out.'),
      habit('Grow tall, then play.', 'wall-back')
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
    'use-flat-hair',
    'bow-hand',
    'The hair lies flat',
    {
      right: 'For beginners all of the hair lies flat on the string.',
      child: 'All the hair, please.',
      drill: 'short-strokes',
      spot: 'bow',
      view: OUTSIDE
    },
    fault(
      'tilted',
      'Tilted on to its edge',
      [['bow-tilted', 44]],
      habit('Little strokes with flat hair.', 'short-strokes')
    ),
    fault(
      'hand-over',
      'The hand rolls over',
      [
        ['first-finger-over', 1],
        ['bow-tilted', 24]
      ],
      habit('Build the hand anew.', 'set-and-reset')
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
      size('Bow or instrument may be too large.')
    ),
    fault('both', 'Both pulled up', [['shoulders-pulled-up', 44]], habit('Shake out.', 'shake-out'))
  ),
  all(
    'use-contact',
    'right',
    'The bow stays on the string',
    {
      right: 'The bow stays on the string without trembling or bouncing.',
      child: 'Stick to the string like honey.',
      drill: 'short-strokes',
      spot: 'bow',
      view: { violin: 'headLeft', viola: 'headLeft', cello: 'bowRight', bass: 'bowRight' }
    },
    fault(
      'bounces',
      'Bounces',
      [['bow-bounces', 34]],
      habit('Shoulder down, first finger on its side.', 'short-strokes'),
      setUp('tilt', 'other', 'Is the instrument level?')
    ),
    fault(
      'skates',
      'Skates to the board',
      ['bow-over-board'],
      habit('Rosin? Then little strokes on the road.', 'short-strokes')
    )
  ),
  all(
    'use-one-string',
    'front',
    'One string at a time',
    {
      right: 'The bow touches one string; the level is kept through the stroke.',
      child: 'One string sings alone.',
      drill: 'silent-levels',
      spot: 'bow',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' }
    },
    fault('two', 'Touches the next one', ['bow-on-two-strings'], habit('Silent seesaw.', 'silent-levels')),
    fault(
      'slant',
      'Slants until it meets the next',
      [['bow-oblique', 32]],
      habit('Little strokes, straight across.', 'short-strokes')
    )
  ),
  all(
    'use-part',
    'front',
    'Middle or lower half first',
    {
      right: 'Beginners stay in the middle or the lower half, then whole bows; the speed is even.',
      child: 'Between the two stickers.',
      drill: 'short-strokes',
      spot: 'bow',
      pose: 'middle',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' }
    },
    fault(
      'frog-only',
      'Only a little at the frog',
      ['bow-short'],
      habit('Two stickers on the stick.', 'short-strokes'),
      size('An arm that does not open: look at size and height.')
    ),
    fault(
      'drifts',
      'Whole bow that drifts',
      [['bow-oblique', 30]],
      habit('Back to the middle.', 'short-strokes')
    )
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
    fault(
      'shoulder',
      'Shoulder pulled up to get there',
      [['bow-shoulder-raised', 60]],
      size('The bow may be too long.'),
      habit('Silent seesaw at the tip.', 'silent-levels')
    ),
    fault(
      'slant',
      'Pulled behind the body',
      [['bow-oblique', 30]],
      habit('Stop before it drifts; add a finger’s width a week.', 'short-strokes'),
      size('The bow may be too long.')
    )
  ),
  upper(
    'use-silent-levels',
    'front',
    'Silent level change',
    {
      right: 'The elbow goes from the highest to the lowest string with the bow resting, without a sound.',
      child: 'Silent seesaw: not a peep.',
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'highestString',
      view: ARM,
      result: 'count',
      goal: { first: 4, later: 1, better: 'less', stops: 'Count the tries until it is silent; stop at five.' }
    },
    fault(
      'drops',
      'The elbow stays behind',
      [['bow-elbow-high', 60]],
      habit('Slowly, the elbow first.', 'silent-levels')
    )
  ),
  bass(
    'use-silent-levels',
    'front',
    'Silent level change',
    {
      right: 'The arm goes from the highest to the lowest string with the bow resting, without a sound.',
      child: 'Silent seesaw: not a peep.',
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'highestString',
      view: 'bowFront',
      result: 'count',
      goal: { first: 4, later: 1, better: 'less', stops: 'Count the tries until it is silent; stop at five.' }
    },
    fault(
      'drops',
      'Touches the next string on the way',
      [['bow-on-two-strings', 26]],
      habit('Slowly, the arm first.', 'silent-levels')
    )
  ),
  all(
    'use-eyes-closed',
    'front',
    'Strings found with eyes closed',
    {
      right: 'Finds the string that is called with eyes closed: hits of eight.',
      child: 'Eyes closed: which string?',
      drill: 'eyes-closed',
      spot: 'bowPlace',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' },
      result: 'count',
      goal: { first: 5, later: 8, better: 'more', stops: 'Eight strings, then stop.' }
    },
    fault(
      'misses',
      'Lands between two',
      [['bow-on-two-strings', 24]],
      habit('Plucked ladder first.', 'pluck-levels')
    )
  ),
  all(
    'use-repeats',
    'front',
    'Repetitions in a row',
    {
      right: 'The same short piece or stroke in a row without a fault.',
      child: 'How many in a row?',
      drill: 'set-and-reset',
      spot: 'chest',
      view: 'threeQuarter',
      result: 'count',
      goal: {
        first: 3,
        later: 10,
        better: 'more',
        stops: 'Count from one again after a fault; stop at a tired hold.'
      }
    },
    fault(
      'tires',
      'The hold gives way',
      ['slumped'],
      habit('Fewer, then more: add one a day.', 'set-and-reset')
    )
  ),
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
      view: 'pluckHand',
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
    fault(
      'shoulder',
      'The shoulder is pulled up',
      [['bow-shoulder-raised', 60]],
      habit('Plucked ladder.', 'pluck-levels')
    ),
    fault(
      'bridge',
      'The hand hangs by the bridge',
      ['pluck-by-the-bridge'],
      habit('Thumb at the board first.', 'pluck-levels')
    )
  )
];
