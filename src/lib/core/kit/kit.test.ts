import { expect, it } from 'vitest';
import { isOverdue, kitCounts, kitOf, type KitGap } from '.';

const gap = (item: KitGap['item'], state: KitGap['state'], until: string | null = null): KitGap => ({
  item,
  state,
  whose: '',
  until
});

it('differs by family where it must', () => {
  expect(kitOf('violin')).toContain('rest');
  expect(kitOf('violin')).not.toContain('anchor');
  expect(kitOf('cello')).toContain('anchor');
  expect(kitOf('bass')).not.toContain('rest');
  expect(kitOf('bass')).toContain('rosin');
});

it('is summed for a group, in the usual order', () => {
  expect(
    kitCounts([
      [gap('rosin', 'missing'), gap('rest', 'missing')],
      [gap('rest', 'missing'), gap('cloth', 'lent')],
      [],
      [gap('rest', 'lent')]
    ])
  ).toEqual([
    { item: 'rest', missing: 2, lent: 1 },
    { item: 'rosin', missing: 1, lent: 0 },
    { item: 'cloth', missing: 0, lent: 1 }
  ]);
  expect(kitCounts([])).toEqual([]);
});

it('is overdue the day after it should have gone back, and never without a day', () => {
  expect(isOverdue(gap('mute', 'lent', '2026-11-23'), '2026-11-24')).toBe(true);
  expect(isOverdue(gap('mute', 'lent', '2026-11-24'), '2026-11-24')).toBe(false);
  expect(isOverdue(gap('mute', 'lent'), '2026-11-24')).toBe(false);
  expect(isOverdue(gap('mute', 'missing', '2026-11-23'), '2026-11-24')).toBe(false);
});
