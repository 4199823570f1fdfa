import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, fault, habit, only, seenFrom, setUp, tooLarge, tooSmall } from './make';

const LOW = ['cello', 'bass'] as const;
const all = checksOf('bow-use', FAMILIES);
const shoulder = checksOf('bow-use', SHOULDER_FAMILIES);
const low = checksOf('bow-use', LOW);

const LANE = { violin: 'bridge', viola: 'bridge', cello: 'bowFront', bass: 'bowFront' } as const;
const OUTSIDE = { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' } as const;

/** The way of the bow on the string. Source: what string teachers commonly look for. */
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
      bow('A bow or an instrument that is too long.')
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
      bow('A bow or a cello that is too long.')
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
      only(['violin', 'viola', 'cello'], tooLarge('Arm straight already: it may be too large.')),
      only(['cello'], setUp('pin', 'lower', 'It may stand too high.')),
      only(
        ['bass'],
        setUp('pin', 'raise', 'The arm hangs and the bow is over the board: it stands too low.')
      ),
      only(['bass'], tooSmall('With the pin out as far as it goes: it may be too small.')),
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
    seenFrom(
      'bowEnd',
      fault(
        'tilted',
        'Tilted on to its edge',
        [['bow-tilted', 44]],
        habit('Little strokes with flat hair.', 'short-strokes')
      )
    ),
    fault(
      'hand-over',
      'The hand rolls over',
      [
        ['first-finger-over', 1],
        ['little-finger-off', 1],
        ['bow-tilted', 24]
      ],
      habit('Build the hand anew.', 'set-and-reset')
    )
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
    seenFrom(
      { cello: 'bowLevelAbove' },
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
    {
      right: 'The bow touches one string; the level is kept through the stroke.',
      child: 'One string sings alone.',
      drill: 'silent-levels',
      spot: 'bow',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' }
    },
    seenFrom(
      { violin: 'bowLevel', viola: 'bowLevel', cello: 'bowLevelAbove', bass: 'bowLevelAbove' },
      fault('two', 'Touches the next one', ['bow-on-two-strings'], habit('Silent seesaw.', 'silent-levels'))
    ),
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
    {
      right: 'Beginners stay in the middle or the lower half, then whole bows; the speed is even.',
      child: 'Between the two stickers.',
      drill: 'short-strokes',
      spot: 'bow',
      pose: 'middle',
      view: LANE
    },
    fault(
      'frog-only',
      'Only a little at the frog',
      ['bow-short'],
      habit('Two stickers on the stick.', 'short-strokes'),
      tooLarge('An arm that does not open: look at size and height.')
    ),
    fault(
      'drifts',
      'Whole bow that drifts',
      [['bow-oblique', 30]],
      habit('Back to the middle.', 'short-strokes')
    )
  )
];
