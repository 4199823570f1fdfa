import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import {
  bow,
  checksOf,
  except,
  fault,
  habit,
  only,
  seenFrom,
  setUp,
  tooLarge,
  tooSmall,
  workshop
} from './make';

const LOW = ['cello', 'bass'] as const;
const all = checksOf('bow-use', FAMILIES);
const shoulder = checksOf('bow-use', SHOULDER_FAMILIES);
const low = checksOf('bow-use', LOW);
const bass = checksOf('bow-use', ['bass']);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);

/** Along the strings: on which of them the bow lies. */
export const LEVEL = {
  violin: 'bowLevel',
  viola: 'bowLevel',
  cello: 'bowLevelAbove',
  bass: 'bowLevelBass'
} as const;
const ARM = { violin: 'head', viola: 'head', cello: 'bowArmFront', bass: 'bowArmFront' } as const;
/** All of the bow, and the way that it goes. */
const WHOLE_BOW = { violin: 'head', viola: 'head', cello: 'bowWhole', bass: 'bowWhole' } as const;
const LANE = { violin: 'bridge', viola: 'bridge', cello: 'bowFront', bass: 'bowFront' } as const;
const OUTSIDE = { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' } as const;

const WEIGHT = [
  'use-weight',
  'right',
  'The arm’s weight carries the bow',
  'The weight of the arm rests in the string; nothing presses, nothing holds the bow up.',
  'Let your arm grow heavy; do not press.',
  { drill: 'weight-on-string', spot: 'bowMiddle', view: LEVEL }
] as const;
const PRESSED = fault(
  'pressed',
  'Pressed until the stick meets the hair',
  ['bow-pressed'],
  habit('Let the arm’s weight rest; the hand only steers.', 'weight-on-string'),
  workshop('Old hair, or too little rosin, is pressed.'),
  bow('A bow that is too light is pressed.')
);

/** The way of the bow on the string. Source: what string teachers commonly look for. */
export const BOW_USE: readonly Check[] = [
  shoulder(
    'use-straight',
    'above',
    'At right angles to the string',
    'The bow runs at right angles to the string; within 8 degrees is straight.',
    'The bow drives straight down its lane.',
    {
      drill: 'short-strokes',
      spot: 'bow',
      view: 'bridge',
      result: 'angle',
      goal: { first: 15, later: 8, better: 'less', stops: 'Look at the tip: that is where it drifts.' }
    },
    fault('outward', 'Slants outward at the tip', ['bow-oblique']),
    fault(
      'inward',
      'Slants inward',
      ['bow-slants-in'],
      habit('Wrist toward the face as the hand comes near.', 'short-strokes'),
      setUp('scroll', 'other', 'A scroll far to the side takes the lane from the arm.')
    )
  ),
  low(
    'use-straight',
    'front',
    'At right angles to the string',
    'The bow runs at right angles to the string; within 8 degrees is straight.',
    'The bow drives straight down its lane.',
    {
      drill: 'short-strokes',
      spot: 'bow',
      view: 'bowFront',
      result: 'angle',
      goal: { first: 15, later: 8, better: 'less', stops: 'Look at the tip: that is where it drifts.' }
    },
    fault('outward', 'The tip points down', ['bow-oblique']),
    fault(
      'inward',
      'The tip points up',
      ['bow-slants-in'],
      habit('The hand leads as the bow comes near.', 'short-strokes')
    )
  ),
  all(
    'use-lane',
    'front',
    'Halfway between bridge and fingerboard',
    'The bow stays in the lane halfway between bridge and fingerboard.',
    'Keep the bow in the middle of its road.',
    {
      drill: 'short-strokes',
      spot: 'bowPlace',
      view: LANE
    },
    fault('over-board', 'Over the fingerboard', ['bow-over-board']),
    fault(
      'at-bridge',
      'At the bridge',
      ['bow-at-the-bridge'],
      habit('Little strokes on the road.', 'short-strokes'),
      only(['cello'], setUp('pin', 'raise', 'It may stand too low.')),
      only(
        ['bass'],
        setUp('pin', 'lower', 'The arm hangs and the bow is at the bridge: it stands too high.')
      ),
      tooSmall('An outgrown one brings the arm to the bridge.')
    )
  ),
  all(
    'use-flat-hair',
    'bow-hand',
    'The hair lies flat',
    'For beginners all of the hair lies flat on the string.',
    'Put all the hair on the string.',
    {
      drill: 'short-strokes',
      spot: 'bow',
      view: OUTSIDE
    },
    seenFrom(
      { violin: 'bowRoll', viola: 'bowRoll', cello: 'bowRollCello', bass: 'bowRollBass' },
      fault(
        'tilted',
        'Tilted on to its edge',
        [['bow-tilted', 44]],
        habit('Little strokes with flat hair.', 'short-strokes')
      )
    ),
    seenFrom(
      { violin: 'bowHandInside', viola: 'bowHandInside', cello: 'bowEndOn', bass: 'bowHandInside' },
      fault(
        'hand-over',
        'The hand rolls over',
        [
          ['first-finger-over', 1],
          ['little-finger-off', 1]
        ],
        habit('Build the hand anew.', 'set-and-reset'),
        bow('A bow that is too heavy turns the hand over.')
      )
    )
  ),
  all(
    'use-contact',
    'right',
    'The bow stays on the string',
    'The bow stays on the string without trembling or bouncing.',
    'Stick to the string like honey.',
    {
      drill: 'short-strokes',
      spot: 'bow',
      view: { violin: 'headLeft', viola: 'headLeft', cello: 'bowRight', bass: 'bowRight' }
    },
    seenFrom(
      { violin: 'head', viola: 'head', cello: 'bowWhole', bass: 'bowWhole' },
      fault(
        'bounces',
        'Bounces',
        [['bow-bounces', 34]],
        habit('Shoulder down, first finger on its side.', 'short-strokes'),
        only(['violin', 'viola'], setUp('tilt', 'other', 'Are the strings tilted as they should be?')),
        bow('A bow that is too heavy or too stiff bounces.')
      )
    ),
    seenFrom(
      { violin: 'bridge', viola: 'bridge' },
      fault(
        'skates',
        'Skates to the board',
        ['bow-over-board'],
        habit('Rosin? Then little strokes on the road.', 'short-strokes')
      )
    )
  ),
  all(
    'use-one-string',
    'front',
    'One string at a time',
    'The bow touches one string; the level is kept through the stroke.',
    'Touch one string only.',
    {
      drill: 'silent-levels',
      spot: 'bow',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' }
    },
    seenFrom(LEVEL, fault('two', 'Touches the next one', ['bow-on-two-strings'])),
    seenFrom(
      { violin: 'bridge', viola: 'bridge' },
      fault(
        'slant',
        'Slants until it meets the next',
        [['bow-oblique', 32]],
        habit('Little strokes, straight across.', 'short-strokes')
      )
    )
  ),
  all(
    'use-part',
    'front',
    'Middle or lower half first',
    'Beginners stay in the part that is easy, the middle first, then whole bows.',
    'Bow only between the two stickers.',
    {
      drill: 'short-strokes',
      spot: 'bow',
      pose: 'middle',
      view: WHOLE_BOW,
      shows: ['strokes-middle']
    },
    except(
      'bow-thumb-place',
      ['balance'],
      fault(
        'frog-only',
        'Only a little at the frog',
        ['bow-short'],
        habit('Two stickers on the stick.', 'short-strokes'),
        tooLarge('An arm that does not open: look at size and height.')
      )
    ),
    seenFrom(LANE, fault('drifts', 'Whole bow that drifts', [['bow-oblique', 30]]))
  ),
  upper(...WEIGHT, PRESSED, seenFrom(ARM, fault('held-up', 'The arm holds it up', [['bow-elbow-high', 60]]))),
  bass(
    ...WEIGHT,
    PRESSED,
    seenFrom('head', fault('shoulder', 'The shoulder holds it up', [['bow-shoulder-raised', 60]]))
  ),
  all(
    'use-speed',
    'front',
    'Even speed, without stops',
    'The bow goes at one speed from one end of its part to the other, without stops.',
    'Let the bow travel like a train, never stopping.',
    { drill: 'short-strokes', spot: 'bow', pose: 'middle', view: WHOLE_BOW, shows: ['strokes-middle'] },
    fault(
      'runs-out',
      'Rushes: at its end at once',
      ['bow-run-out'],
      habit('Count three to each stroke.', 'short-strokes'),
      tooLarge('An arm that is short for it hurries on.')
    ),
    fault(
      'stops',
      'Stops on the way',
      ['bow-halts'],
      habit('Shorter strokes without a stop, then longer.', 'short-strokes'),
      bow('A bow that is too heavy stops the hand.')
    )
  ),
  all(
    'use-whole',
    'front',
    'The whole way to the tip',
    'Once the middle is secure the bow goes the whole way to its tip and back, straight.',
    'Travel all the way to the tip.',
    {
      drill: 'short-strokes',
      spot: 'bow',
      pose: 'tip',
      view: WHOLE_BOW,
      shows: ['strokes-whole'],
      later: true,
      gate: ['use-part', 'use-straight']
    },
    fault(
      'stops-short',
      'Turns back half way',
      ['bow-short'],
      habit('A sticker near the tip; a finger’s width more each week.', 'short-strokes'),
      bow('A bow that is too long is not used to its end.')
    ),
    seenFrom(
      { violin: 'bodyAbove', viola: 'bodyAbove' },
      fault('slants', 'Slants as it gets longer', [['bow-oblique', 30]])
    ),
    seenFrom(
      { cello: 'head', bass: 'head' },
      fault('shoulder', 'The shoulder comes up', [['bow-shoulder-raised', 60]])
    )
  )
];
