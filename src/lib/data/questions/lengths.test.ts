import { describe, expect, it } from 'vitest';
import type { MeasurementId } from '$lib/core/body';
import { heightsOf, lengthsAtLastHeight, sexOf } from './lengths';
import type { Measurement } from '../store/records';
import { freshDatabase, givenPlayer } from '../testing';

const read = (kind: MeasurementId, day: string, ...values: number[]): Measurement => ({
  id: `p:${kind}:${day}`,
  playerId: 'p',
  kind,
  day,
  readings: values.map((mm) => ({ mm, at: `${day}T09:00:00.000Z` })),
  look: null
});
const TODAY = '2026-11-24';

describe('lengths at the last height', () => {
  it('grow with the height that was read with them', () => {
    const lengths = lengthsAtLastHeight(
      [
        read('height', '2026-01-10', 1200),
        read('armToPalm', '2026-01-12', 480, 482),
        read('height', '2026-11-01', 1260)
      ],
      TODAY
    );
    expect(lengths.height).toEqual([1260]);
    expect(lengths.armToPalm?.map((mm) => Math.round(mm))).toEqual([504, 506]);
  });

  it('count alone only while they are fresh', () => {
    expect(lengthsAtLastHeight([read('armToPalm', '2026-11-01', 480)], TODAY)).toEqual({ armToPalm: [480] });
    expect(lengthsAtLastHeight([read('armToPalm', '2026-01-01', 480)], TODAY)).toEqual({});
  });

  it('come in the order of their days', () => {
    expect(heightsOf([read('height', '2026-11-01', 1260, 1262), read('height', '2025-11-01', 1200)])).toEqual(
      [
        { date: '2025-11-01', mm: 1200 },
        { date: '2026-11-01', mm: 1261 }
      ]
    );
  });
});

it('knows which reference a player follows', async () => {
  const db = freshDatabase();
  const sexes = [];
  for (const curve of ['girl', 'boy', 'both', null] as const)
    sexes.push(sexOf(await givenPlayer(db, { curve })));
  expect(sexes).toEqual(['female', 'male', null, null]);
});
