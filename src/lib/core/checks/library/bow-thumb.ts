import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, except, fault, habit, seenFrom } from './make';

const all = checksOf('bow-hand', FAMILIES);
const bass = checksOf('bow-hand', ['bass']);

const UP_THE_STICK = {
  violin: 'bowStick',
  viola: 'bowStick',
  cello: 'bowStickAbove',
  bass: 'bowStickAbove'
} as const;

/** How the bow hand is built, and its thumb. Source: what string teachers commonly look for. */
export const BOW_THUMB: readonly Check[] = [
  all(
    'bow-building',
    'bow-hand',
    'The bow hand is built the same way',
    'Built with the stick upright: thumb, fingers round, little finger last.',
    'Build it: thumb, fingers, little finger last.',
    {
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
    seenFrom('bowEndOn', fault('fist', 'Grabs it as a fist', ['bow-fist'])),
    fault('little-out', 'The little finger is left out', ['little-finger-off'])
  ),
  all(
    'bow-thumb-place',
    'bow-hand',
    'The thumb sits in its place',
    'The thumb’s tip sits on the frog’s edge, half on the stick.',
    'Put your thumb in its corner.',
    {
      drill: 'set-and-reset',
      spot: 'rightThumb',
      view: 'bowHandInside',
      school: [
        'bow-thumb-place',
        {
          between: {
            right: 'The thumb sits between frog and wrapping.',
            forPlayer: 'Put your thumb between frog and thread.'
          },
          balance: {
            right: 'For now the hand sits at the balance point, where the bow weighs nothing.',
            forPlayer: 'Hold it at the dot.',
            pose: 'tip'
          }
        }
      ]
    },
    fault('ahead', 'Under the first finger', ['bow-thumb-ahead']),
    except(
      'bow-thumb-place',
      ['balance'],
      seenFrom(UP_THE_STICK, fault('up-stick', 'The hand creeps up the stick', [['bow-hand-ahead', 0.12]]))
    )
  ),
  all(
    'bow-thumb-shape',
    'bow-hand',
    'The thumb is curved',
    'The thumb is curved outward and soft.',
    'Bend your thumb like a bridge.',
    {
      drill: 'pencil',
      spot: 'rightThumb',
      view: 'bowHandInside',
      school: [
        'bow-thumb-shape',
        {
          'nearly-straight': {
            title: 'The thumb is nearly straight',
            right: 'The thumb is nearly straight but soft; it does not push.',
            forPlayer: 'Keep your thumb long and soft.'
          }
        }
      ]
    },
    except(
      'bow-thumb-shape',
      ['nearly-straight'],
      fault(
        'locked',
        'Locked straight',
        ['bow-thumb-straight'],
        habit('The tip of a curved thumb, on a pencil first.', 'pencil'),
        bow('A bow that is too heavy makes the thumb push.')
      )
    ),
    seenFrom(
      { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' },
      fault('stiff', 'Stiff, the whole hand with it', ['bow-hand-stiff'])
    ),
    seenFrom({ cello: 'bowHandEnd' }, fault('fist', 'Pulled into a fist', ['bow-fist']))
  ),
  all(
    'bow-thumb-opposite',
    'bow-hand',
    'The thumb is opposite the second finger',
    'The thumb stands opposite the second finger, or between second and third.',
    'Make a ring with thumb and finger two.',
    {
      drill: 'set-and-reset',
      spot: 'rightThumb',
      view: 'bowHandInside'
    },
    fault('first', 'Opposite the first', ['bow-thumb-ahead']),
    seenFrom({ cello: 'bowHandEnd' }, fault('fist', 'Across the palm', ['bow-fist']))
  ),
  bass(
    'bow-bass-hold',
    'bow-hand',
    'Overhand, as agreed',
    'Overhand: the hand hangs over the stick, the thumb below it.',
    'Your hand hangs over the bow.',
    {
      drill: 'set-and-reset',
      spot: 'rightHand',
      view: 'bowHandInside',
      school: [
        'bass-bow-hold',
        {
          underhand: {
            title: 'Underhand, as agreed',
            right: 'Underhand: the palm holds the frog from below, the thumb on the stick.',
            forPlayer: 'Your hand carries the frog.'
          }
        }
      ]
    },
    fault('fist', 'A fist', ['bow-fist']),
    except(
      'bow-thumb-place',
      ['balance'],
      seenFrom('bowStickAbove', fault('up-stick', 'Creeps up the stick', [['bow-hand-ahead', 0.1]]))
    )
  )
];
