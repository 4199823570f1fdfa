import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom } from './make';

const all = checksOf('bow-use', FAMILIES);
const bass = checksOf('bow-use', ['bass']);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);

const ARM = { violin: 'head', viola: 'head', cello: 'front', bass: 'front' } as const;

/** Counted tests with the bow. Source: what string teachers commonly look for. */
export const BOW_TESTS: readonly Check[] = [
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
      view: 'bowLevelAbove',
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
    seenFrom(
      { violin: 'bowLevel', viola: 'bowLevel', cello: 'bowLevelAbove', bass: 'bowLevelAbove' },
      fault(
        'misses',
        'Lands between two',
        [['bow-on-two-strings', 24]],
        habit('Plucked ladder first.', 'pluck-levels')
      )
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
      view: { violin: 'left', viola: 'left', cello: 'right', bass: 'right' },
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
  )
];
