import { describe, expect, it } from 'vitest';
import { before, joined, withState, without, type Queue } from '.';

const queue: Queue<'waiting' | 'seen' | 'absent'> = [
  { playerId: 'a', state: 'seen' },
  { playerId: 'b', state: 'absent' },
  { playerId: 'c', state: 'waiting' }
];

describe('a queue', () => {
  it('takes who comes at its end, each once', () => {
    expect(joined(queue, ['d', 'a', 'd'], 'waiting')).toEqual([
      ...queue,
      { playerId: 'd', state: 'waiting' }
    ]);
    expect(joined([], ['x', 'y'], 'waiting').map(({ playerId }) => playerId)).toEqual(['x', 'y']);
  });

  it('changes one player’s state and nobody else’s; a stranger changes nothing', () => {
    expect(withState(queue, 'c', 'seen').map(({ state }) => state)).toEqual(['seen', 'absent', 'seen']);
    expect(withState(queue, 'ghost', 'seen')).toBe(queue);
    expect(without(queue, 'b').map(({ playerId }) => playerId)).toEqual(['a', 'c']);
  });

  it('finds who came before, past those who are not there', () => {
    expect(before(queue, 'c', ['absent'])).toBe('a');
    expect(before(queue, 'c', [])).toBe('b');
    expect(before(queue, 'a', ['absent'])).toBeNull();
    expect(before(queue, null, ['absent'])).toBe('c');
  });
});
