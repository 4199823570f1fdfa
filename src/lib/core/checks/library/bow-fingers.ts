import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, fault, habit, seenFrom } from './make';

const LOW = ['cello', 'bass'] as const;
const all = checksOf('bow-hand', FAMILIES);
const shoulder = checksOf('bow-hand', SHOULDER_FAMILIES);
const low = checksOf('bow-hand', LOW);
const cello = checksOf('bow-hand', ['cello']);

const OUTSIDE = { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' } as const;

/** The fingers and the wrist of the bow hand. Source: what string teachers commonly look for. */
export const BOW_FINGERS: readonly Check[] = [
  all(
    'bow-first',
    'bow-hand',
    'The first finger lies on its side',
    {
      right: 'The first finger lies on its side, slightly apart.',
      child: 'Finger one leans, it does not grab.',
      drill: 'set-and-reset',
      spot: 'rightFingers',
      view: OUTSIDE
    },
    seenFrom(
      { cello: 'bowHandInside', bass: 'bowHandInside' },
      fault(
        'over',
        'Wrapped far over the stick',
        [['first-finger-over', 1]],
        habit('Lay it on its side at the middle joint.', 'set-and-reset')
      )
    ),
    fault(
      'spread',
      'Stretched far away',
      ['bow-fingers-spread'],
      habit('Fingers hang as they do at your side.', 'shake-out')
    )
  ),
  shoulder(
    'bow-fourth',
    'bow-hand',
    'The little finger is curved on its tip',
    {
      right: 'The fourth finger stands curved on its tip on top of the stick.',
      child: 'Little finger sits round on its chair.',
      drill: 'climb-stick',
      spot: 'rightFourthFinger',
      view: 'bowHand'
    },
    fault(
      'flat',
      'Stretched flat',
      ['little-finger-flat'],
      habit('Climb the stick.', 'climb-stick'),
      bow('A bow that is too long is too heavy for it.')
    ),
    fault('off', 'In the air', ['little-finger-off'], habit('Build on a pencil first.', 'pencil'))
  ),
  low(
    'bow-fourth',
    'bow-hand',
    'The fourth finger is over the stick',
    {
      right: 'All four fingers hang over the stick, the fourth beside the frog.',
      child: 'Four fingers hang like coats.',
      drill: 'climb-stick',
      spot: 'rightFourthFinger',
      view: 'bowHandAbove'
    },
    fault('flat', 'Stretched flat', ['little-finger-flat'], habit('Let it hang.', 'shake-out')),
    fault('off', 'In the air', ['little-finger-off'], habit('Climb the stick.', 'climb-stick'))
  ),
  cello(
    'bow-second',
    'bow-hand',
    'The second finger at the frog',
    {
      right: 'The second finger touches the metal ring.',
      child: 'Finger two finds the ring.',
      drill: 'set-and-reset',
      spot: 'rightFingers',
      view: 'bowHandAbove',
      school: [
        'second-finger',
        {
          half: {
            right: 'The second finger lies half on the ring and half on the hair’s edge.',
            forPlayer: 'Finger two feels ring and hair.',
            changes: [{ kind: 'bow-hand-ahead', amount: 0.03 }]
          }
        }
      ]
    },
    fault(
      'away',
      'Up the stick',
      [['bow-hand-ahead', 0.12]],
      habit('Find the ring with eyes closed.', 'set-and-reset')
    ),
    fault(
      'crowded',
      'Crowded by its neighbours',
      ['bow-fingers-crowded'],
      habit('Shake out and build anew.', 'shake-out')
    )
  ),
  all(
    'bow-knuckles',
    'bow-hand',
    'The knuckles are soft',
    {
      right: 'The knuckles are soft and give with the stroke.',
      child: 'A hand like a sponge.',
      drill: 'pencil',
      spot: 'rightHand',
      view: OUTSIDE
    },
    fault('stiff', 'Stretched stiff', ['bow-hand-stiff'], habit('Bend and stretch on a pencil.', 'pencil')),
    seenFrom(
      { bass: 'bowHandInside' },
      fault(
        'fist',
        'A fist',
        ['bow-fist'],
        habit('Shake out and build anew.', 'shake-out'),
        bow('A heavy bow is held like that.')
      )
    )
  ),
  all(
    'bow-light',
    'bow-hand',
    'It could be lifted out of the hand',
    {
      right: 'The bow lies so loosely that it could be lifted out of the hand.',
      child: 'I can take it from you.',
      drill: 'set-and-reset',
      spot: 'rightHand',
      view: OUTSIDE
    },
    seenFrom(
      { bass: 'bowHandInside' },
      fault('fist', 'Held fast', ['bow-fist'], habit('Let it be taken, ten times.', 'set-and-reset'))
    ),
    fault(
      'crowded',
      'Fingers pressed together',
      ['bow-fingers-crowded'],
      habit('Shake out and build anew.', 'shake-out')
    )
  ),
  all(
    'bow-wrist',
    'bow-hand',
    'The wrist goes on the line of the arm',
    {
      right: 'In the middle of the bow hand and forearm make one line.',
      child: 'Arm and hand: one road.',
      drill: 'short-strokes',
      spot: 'rightWrist',
      view: 'bowWrist'
    },
    fault(
      'sunk',
      'Wrist sinks',
      ['bow-wrist-dropped'],
      habit('Little strokes from the hand.', 'short-strokes')
    ),
    fault(
      'high',
      'Wrist pushed up',
      ['bow-wrist-high'],
      habit('Let the arm hang, then play.', 'shake-out'),
      bow('A bow or an instrument that is too large.')
    )
  )
];
