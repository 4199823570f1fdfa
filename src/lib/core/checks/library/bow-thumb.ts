import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, fault, habit } from './make';

const all = checksOf('bow-hand', FAMILIES);
const bass = checksOf('bow-hand', ['bass']);

/** How the bow hand is built, and its thumb. Source: what string teachers commonly look for. */
export const BOW_THUMB: readonly Check[] = [
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
            pose: 'tip',
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
      bow('A bow that is too heavy.')
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
            title: 'The thumb is nearly straight',
            without: ['locked'],
            right: 'The thumb is nearly straight but soft; it does not push.',
            forPlayer: 'Thumb long and soft.',
            changes: [{ kind: 'bow-thumb-straight' }]
          }
        }
      ]
    },
    fault(
      'locked',
      'Locked straight',
      ['bow-thumb-straight'],
      habit('The tip of a curved thumb, on a pencil first.', 'pencil'),
      bow('A bow that is too heavy makes the thumb push.')
    ),
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
  bass(
    'bow-bass-hold',
    'bow-hand',
    'Overhand or underhand, as agreed',
    {
      right: 'Overhand: the hand hangs over the stick, the thumb bent below it.',
      child: 'Your hand hangs over the bow.',
      drill: 'set-and-reset',
      spot: 'rightHand',
      view: 'bowHandInside',
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
