import type { Check } from '../types';

interface Underhand extends Partial<Pick<Check, 'title' | 'right' | 'forPlayer'>> {
  /** Faults of a hand over the stick. */
  readonly without?: readonly string[];
}

/**
 * What right looks like where a bass bow is held from below: the frog in the palm, the thumb on top, two fingers on
 * the stick's side, the third in the frog's hollow, the fourth beneath it. Source: what bass teachers commonly say.
 */
export const UNDERHAND: Readonly<Record<string, Underhand>> = {
  'bow-building': {
    without: ['little-out'],
    title: 'The bow hand is built the same way',
    right: 'Built from the palm: the frog is laid in, the thumb comes on top, the fingers follow.',
    forPlayer: 'Lay the frog in your hand, thumb on top.'
  },
  'bow-thumb-place': {
    without: ['ahead'],
    title: 'The thumb sits in its place',
    right: 'The thumb lies on top of the stick, just before the frog.',
    forPlayer: 'Put your thumb on top of the stick.'
  },
  'bow-thumb-shape': {
    title: 'The thumb is soft',
    right: 'The thumb is lightly bent and carries the arm’s weight without pressing.',
    forPlayer: 'Keep your thumb soft on top.'
  },
  'bow-thumb-opposite': {
    without: ['first'],
    title: 'The thumb is over the first two fingers',
    right: 'The thumb stands over the first and second finger and makes a ring with them.',
    forPlayer: 'Make a ring with thumb and two fingers.'
  },
  'bow-first': {
    without: ['over'],
    title: 'The first two fingers touch the stick',
    right: 'First and second finger lie with their tips on the side of the stick.',
    forPlayer: 'Two fingertips touch the stick’s side.'
  },
  'bow-fourth': {
    title: 'The fourth finger is under the frog',
    right: 'The fourth finger lies curved under the frog and carries it.',
    forPlayer: 'Finger four carries the frog.'
  },
  'use-flat-hair': { without: ['hand-over'] }
};
