import { describe, expect, it } from 'vitest';
import type { MeasurementId } from '$lib/core/body';
import { lookAhead, outgrownUntil, wantedSizes } from './ahead';
import { loadDemo } from './demo/demo';
import { heightsOf, lengthsAtLastHeight, sexOf } from './outlook';
import { playerFrom, EMPTY_PLAYER } from './players';
import type { Measurement } from './records';
import { freshDatabase } from './testing';

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

it('knows which reference a player follows', () => {
  const with_ = (curve: 'girl' | 'boy' | 'both' | null) => sexOf(playerFrom({ ...EMPTY_PLAYER, curve }));
  expect([with_('girl'), with_('boy'), with_('both'), with_(null)]).toEqual(['female', 'male', null, null]);
});

describe('looking ahead', () => {
  it('takes everybody who has a size, and reports how far it is', async () => {
    const db = freshDatabase();
    await loadDemo(db, new Date('2026-11-24T10:00:00'));
    const reports: number[] = [];
    const rows = await lookAhead(db, TODAY, (_, total) => void reports.push(total));
    expect(rows.length).toBeGreaterThan(10);
    expect(new Set(reports)).toEqual(new Set([rows.length]));
    const soon = outgrownUntil(rows, '2027-05-24');
    expect(soon.length).toBeGreaterThan(0);
    expect(soon.length).toBeLessThan(rows.length);
    expect(soon[0]?.ahead.outgrown?.middle).toBe(TODAY);
    expect(outgrownUntil(rows, null)).toHaveLength(rows.length);
    const wanted = wantedSizes(soon);
    expect(wanted.reduce((sum, { count }) => sum + count, 0)).toBeLessThanOrEqual(soon.length);
    expect(wanted).toContainEqual({ family: 'viola', size: '15 in', count: 1 });
  });
});
