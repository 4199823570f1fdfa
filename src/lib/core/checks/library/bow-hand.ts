import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, size } from './make';

const LOW: readonly Family[] = ['cello', 'bass'];
const all = checksOf('bow-hand', FAMILIES);
const shoulder = checksOf('bow-hand', SHOULDER_FAMILIES);
const low = checksOf('bow-hand', LOW);
const cello = checksOf('bow-hand', ['cello']);
const bass = checksOf('bow-hand', ['bass']);

const OUTSIDE = { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' } as const;

/** How the hand carries the bow. Source: what string teachers commonly look for. */
export const BOW_HAND: readonly Check[] = [
  all(
    'bow-building',
    'bow-hand',
    'The bow hand is built the same way',
    {
      right: 'Built with the stick upright: thumb, fingers round, little finger last.',
      child: 'Build your hand: thumb, fingers, hat on top.',
      drill: 'pencil',
      spot: 'rightHand',
      pose: 'bowUpright',
      view: 'bowBuilding',
      school: [
        'bow-building',
        {
          'palm-up': {
            right: 'Built with the palm up: thumb and fingers are seen, then turned over.',
            forPlayer: 'Palm up, build, turn over.'
          },
          'on-string': {
            right: 'Built while the bow lies on the string.',
            forPlayer: 'The string holds the bow, you build.'
          },
          carried: {
            right: 'Built while the other hand carries the bow.',
            forPlayer: 'The left hand carries, the right one builds.'
          }
        }
      ]
    },
    fault('fist', 'Grabs it as a fist', ['bow-fist'], habit('Away and build again.', 'set-and-reset')),
    fault(
      'little-out',
      'The little finger is left out',
      ['little-finger-off'],
      habit('Build on a pencil first.', 'pencil')
    )
  ),
  all(
    'bow-thumb-place',
    'bow-hand',
    'The thumb sits in its place',
    {
      right: 'The thumb’s tip sits on the frog’s edge, half on the stick.',
      child: 'Thumb in its corner.',
      drill: 'set-and-reset',
      spot: 'rightThumb',
      view: 'bowHandInside',
      school: [
        'bow-thumb-place',
        {
          between: {
            right: 'The thumb sits between frog and wrapping.',
            forPlayer: 'Thumb between frog and thread.',
            changes: [{ kind: 'bow-hand-ahead', amount: 0.05 }]
          },
          balance: {
            right: 'For now the hand sits at the balance point, where the bow weighs nothing.',
            forPlayer: 'Hold it at the dot.',
            changes: [{ kind: 'bow-hand-ahead' }]
          }
        }
      ]
    },
    fault(
      'ahead',
      'Under the first finger',
      ['bow-thumb-ahead'],
      habit('Thumb first, then the fingers over it.', 'set-and-reset')
    ),
    fault(
      'up-stick',
      'The hand creeps up the stick',
      [['bow-hand-ahead', 0.12]],
      habit('A sticker at its place; look after each piece.', 'set-and-reset'),
      size('A bow that is too heavy.')
    )
  ),
  all(
    'bow-thumb-shape',
    'bow-hand',
    'The thumb is curved',
    {
      right: 'The thumb is curved outward and soft.',
      child: 'Thumb like a bridge.',
      drill: 'pencil',
      spot: 'rightThumb',
      view: 'bowHandInside',
      school: [
        'bow-thumb-shape',
        {
          'nearly-straight': {
            right: 'The thumb is nearly straight but soft; it does not push.',
            forPlayer: 'Thumb long and soft.',
            changes: [{ kind: 'bow-thumb-straight' }]
          }
        }
      ]
    },
    fault(
      'stiff',
      'Stiff, the whole hand with it',
      ['bow-hand-stiff'],
      habit('Bend and stretch it ten times.', 'pencil')
    ),
    fault('fist', 'Pulled into a fist', ['bow-fist'], habit('Shake out and build anew.', 'shake-out'))
  ),
  all(
    'bow-thumb-opposite',
    'bow-hand',
    'The thumb is opposite the second finger',
    {
      right: 'The thumb stands opposite the second finger, or between second and third.',
      child: 'Thumb and finger two make a ring.',
      drill: 'set-and-reset',
      spot: 'rightThumb',
      view: 'bowHandInside'
    },
    fault(
      'first',
      'Opposite the first',
      ['bow-thumb-ahead'],
      habit('Make the ring, then lay the others on.', 'set-and-reset')
    ),
    fault('fist', 'Across the palm', ['bow-fist'], habit('Build on a pencil first.', 'pencil'))
  ),
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
    fault(
      'over',
      'Wrapped far over the stick',
      [['first-finger-over', 1]],
      habit('Lay it on its side at the middle joint.', 'set-and-reset')
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
      size('A bow that is too long is too heavy for it.')
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
    fault(
      'fist',
      'A fist',
      ['bow-fist'],
      habit('Shake out and build anew.', 'shake-out'),
      size('A heavy bow is held like that.')
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
    fault('fist', 'Held fast', ['bow-fist'], habit('Let it be taken, ten times.', 'set-and-reset')),
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
      view: OUTSIDE
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
      size('A bow or an instrument that is too large.')
    )
  ),
  bass(
    'bow-bass-hold',
    'bow-hand',
    'Overhand or underhand, as agreed',
    {
      right: 'Overhand: the hand hangs over the stick, the thumb bent below it.',
      child: 'Your hand hangs over the bow.',
      drill: 'set-and-reset',
      spot: 'rightHand',
      view: 'bowHandAbove',
      school: [
        'bass-bow-hold',
        {
          underhand: {
            right: 'Underhand: the palm holds the frog from below, the thumb on the stick.',
            forPlayer: 'Your hand carries the frog.',
            changes: [{ kind: 'bow-underhand' }]
          }
        }
      ]
    },
    fault('fist', 'A fist', ['bow-fist'], habit('Shake out and build anew.', 'shake-out')),
    fault(
      'up-stick',
      'Creeps up the stick',
      [['bow-hand-ahead', 0.1]],
      habit('A sticker at its place.', 'set-and-reset')
    )
  )
];
