import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, fault, habit, seenFrom } from './make';

const LOW = ['cello', 'bass'] as const;
const all = checksOf('bow-hand', FAMILIES);
const shoulder = checksOf('bow-hand', SHOULDER_FAMILIES);
const low = checksOf('bow-hand', LOW);
const cello = checksOf('bow-hand', ['cello']);

const OUTSIDE = { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' } as const;
/** From where a closed hand shows its fingers. */
const CLOSED = {
  violin: 'bowHandInside',
  viola: 'bowHandInside',
  cello: 'bowHandEnd',
  bass: 'bowHandInside'
} as const;

/** The fingers and the wrist of the bow hand. Source: what string teachers commonly look for. */
export const BOW_FINGERS: readonly Check[] = [
  all(
    'bow-first',
    'bow-hand',
    'The first finger lies on its side',
    'The first finger lies on its side, slightly apart.',
    'Finger one leans, it does not grab.',
    {
      drill: 'set-and-reset',
      spot: 'rightFingers',
      view: OUTSIDE
    },
    seenFrom(
      { violin: 'bowEndOn', viola: 'bowEndOn', cello: 'bowHandInside', bass: 'bowEndOn' },
      fault(
        'over',
        'Wrapped far over the stick',
        [['first-finger-over', 1]],
        habit('Lay it on its side at the middle joint.', 'set-and-reset'),
        bow('A bow that is too heavy is gripped like that.')
      )
    ),
    seenFrom(
      { violin: 'bowHandInside', viola: 'bowHandInside' },
      fault(
        'spread',
        'Stretched far away',
        ['first-finger-far'],
        habit('Fingers hang as they do at your side.', 'shake-out'),
        bow('A bow that is too long is steered with a long finger.')
      )
    )
  ),
  shoulder(
    'bow-fourth',
    'bow-hand',
    'The little finger is curved on its tip',
    'The fourth finger stands curved on its tip on top of the stick.',
    'Little finger sits round on top of the bow.',
    {
      drill: 'climb-stick',
      spot: 'rightFourthFinger',
      view: 'bowFourth'
    },
    fault(
      'flat',
      'Stretched flat',
      ['little-finger-flat'],
      habit('Climb the stick.', 'climb-stick'),
      bow('A bow that is too long is too heavy for it.')
    ),
    fault('off', 'In the air', ['little-finger-off'])
  ),
  low(
    'bow-fourth',
    'bow-hand',
    'The fourth finger is over the stick',
    'All four fingers hang over the stick, the fourth as well.',
    'Let four fingers hang over the bow.',
    {
      drill: 'climb-stick',
      spot: 'rightFourthFinger',
      view: 'bowFourthAbove'
    },
    fault(
      'flat',
      'Stretched flat',
      ['little-finger-flat'],
      habit('Round it, then let it rest.', 'shake-out'),
      bow('A bow that is too heavy stretches it.')
    ),
    seenFrom({ bass: 'bowHandInside' }, fault('off', 'In the air', ['little-finger-off']))
  ),
  cello(
    'bow-second',
    'bow-hand',
    'The second finger at the frog',
    'The second finger touches the metal ring.',
    'Finger two touches the metal ring.',
    {
      drill: 'set-and-reset',
      spot: 'rightFingers',
      view: 'bowHandAbove',
      except: { 'bow-thumb-place': ['balance'] },
      school: [
        'second-finger',
        {
          half: {
            right: 'The second finger lies half on the ring and half on the hair’s edge.',
            forPlayer: 'Finger two touches ring and hair.'
          }
        }
      ]
    },
    seenFrom('bowStickAbove', fault('away', 'Up the stick', [['bow-hand-ahead', 0.12]])),
    fault('crowded', 'Crowded by its neighbours', ['bow-fingers-crowded'])
  ),
  all(
    'bow-knuckles',
    'bow-hand',
    'The knuckles are soft',
    'The knuckles are soft and give with the stroke.',
    'Make your hand soft like a sponge.',
    {
      drill: 'pencil',
      spot: 'rightHand',
      view: OUTSIDE
    },
    fault('stiff', 'Stretched stiff', ['bow-hand-stiff']),
    seenFrom(CLOSED, fault('fist', 'A fist', ['bow-fist']))
  ),
  all(
    'bow-light',
    'bow-hand',
    'It could be lifted out of the hand',
    'The bow lies so loosely that it could be lifted out of the hand.',
    'So soft that I can take the bow away.',
    {
      drill: 'set-and-reset',
      spot: 'rightHand',
      view: OUTSIDE
    },
    seenFrom(
      CLOSED,
      fault('fist', 'Held fast', ['bow-fist'], habit('Let it be taken, ten times.', 'set-and-reset'))
    ),
    fault('crowded', 'Fingers pressed together', ['bow-fingers-crowded'])
  ),
  all(
    'bow-wrist',
    'bow-hand',
    'The wrist goes on the line of the arm',
    'In the middle of the bow hand and forearm make one line.',
    'Make one straight road of arm and hand.',
    {
      drill: 'short-strokes',
      spot: 'rightWrist',
      view: 'bowWrist'
    },
    fault('sunk', 'Wrist sinks', ['bow-wrist-dropped']),
    fault(
      'high',
      'Wrist pushed up',
      ['bow-wrist-high'],
      habit('Let the arm hang, then play.', 'shake-out'),
      bow('A bow or an instrument that is too large.')
    )
  )
];
