import { describe, expect, it } from 'vitest';
import { checksFor } from '$lib/core/checks';
import type { Player } from '$lib/data';
import { checksOfAll } from './class-looks';
import { inRoom, seatsFor } from './room';

const players = (count: number) => Array.from({ length: count }, (_, i) => ({ id: `p${i}` }) as Player);

describe('seats', () => {
  it.each([1, 2, 7, 25, 60])('of %d without any are all in the room, each at a place of its own', (count) => {
    const seats = seatsFor(players(count), []);
    expect(seats).toHaveLength(count);
    expect(new Set(seats.map(({ x, y }) => `${x} ${y}`)).size).toBe(count);
    for (const { x, y } of seats) expect([inRoom(x), inRoom(y)]).toEqual([x, y]);
  });

  it('that were kept stay where they are', () => {
    const kept = { playerId: 'p1', x: 0.11, y: 0.83 };
    expect(seatsFor(players(3), [kept])[1]).toEqual(kept);
  });
});

describe('the looks of a class', () => {
  it('are those of every family in it, each once, in the order of categories', async () => {
    const [violin, cello] = [await checksFor('violin'), await checksFor('cello')];
    const all = checksOfAll([violin, cello]);
    const ids = all.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toEqual(expect.arrayContaining(['hold-jaw', 'hold-peg', 'ready-tune']));
    expect(all.some(({ later }) => later)).toBe(false);
  });
});
