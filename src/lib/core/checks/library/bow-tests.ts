import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { LEVEL } from './bow-use';
import { checksOf, fault, habit, seenFrom } from './make';

const all = checksOf('bow-use', FAMILIES);

/** Counted tests with the bow. Source: what string teachers commonly look for. */
export const BOW_TESTS: readonly Check[] = [
  all(
    'use-silent-levels',
    'front',
    'Silent level change',
    'The arm takes the bow from the highest to the lowest string, resting on them, without a sound.',
    'Change strings without a sound.',
    {
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'middle',
      view: LEVEL,
      result: 'count',
      goal: { first: 4, later: 1, better: 'less', stops: 'Count the tries until it is silent; stop at five.' }
    },
    fault('drops', 'Touches the next string on the way', [['bow-on-two-strings', 26]])
  ),
  all(
    'use-eyes-closed',
    'front',
    'Strings found with eyes closed',
    'Finds the string that is called with eyes closed: hits of eight.',
    'Eyes closed: which string?',
    {
      drill: 'eyes-closed',
      spot: 'bowPlace',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' },
      result: 'count',
      goal: { first: 5, later: 8, better: 'more', stops: 'Eight strings, then stop.' }
    },
    seenFrom(
      LEVEL,
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
    'The same short piece or stroke in a row without a fault.',
    'How many in a row?',
    {
      drill: 'set-and-reset',
      spot: 'chest',
      view: { violin: 'left', viola: 'left', cello: 'trunkRight', bass: 'trunkRight' },
      result: 'count',
      goal: {
        first: 3,
        later: 10,
        better: 'more',
        stops: 'Count from one again after a fault; stop at a tired hold.'
      }
    },
    seenFrom('face', fault('breath', 'The breath is held', ['breath-held'])),
    seenFrom(
      { violin: 'headLeft', viola: 'headLeft' },
      fault(
        'tires',
        'The hold gives way',
        ['slumped'],
        habit('Fewer, then more: add one a day.', 'set-and-reset')
      )
    )
  )
];
