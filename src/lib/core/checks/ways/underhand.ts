import type { Check } from '../types';

/**
 * What right looks like where a bass bow is held from below: the frog in the palm, the thumb on top, two fingers on
 * the stick's side, the third in the frog's hollow, the fourth beneath it. Source: what bass teachers commonly say.
 */
export const UNDERHAND: Readonly<Record<string, Pick<Check, 'title' | 'right' | 'forPlayer'>>> = {
  'bow-building': {
    title: 'The bow hand is built the same way',
    right: 'Built from the palm: the frog is laid in, the thumb comes on top, the fingers follow.',
    forPlayer: 'Frog to bed, thumb on top, fingers follow.'
  },
  'bow-thumb-place': {
    title: 'The thumb sits in its place',
    right: 'The thumb lies on top of the stick, just before the frog.',
    forPlayer: 'Thumb on the roof.'
  },
  'bow-thumb-shape': {
    title: 'The thumb is soft',
    right: 'The thumb is lightly bent and carries the arm’s weight without pressing.',
    forPlayer: 'Thumb soft on the roof.'
  },
  'bow-thumb-opposite': {
    title: 'The thumb is over the first two fingers',
    right: 'The thumb stands over the first and second finger and makes a ring with them.',
    forPlayer: 'Thumb and two fingers make a ring.'
  },
  'bow-first': {
    title: 'The first two fingers touch the stick',
    right: 'First and second finger lie with their tips on the side of the stick.',
    forPlayer: 'Two fingertips look at the stick.'
  },
  'bow-fourth': {
    title: 'The fourth finger is under the frog',
    right: 'The fourth finger lies curved under the frog and carries it.',
    forPlayer: 'Finger four carries the frog.'
  }
};
