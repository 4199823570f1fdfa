import fc from 'fast-check';
import { expect, it } from 'vitest';
import { stacked } from './labels';

it('leaves each label at its height where there is room', () => {
  expect([
    ...stacked(
      [
        { id: 'ear', y: 40 },
        { id: 'knee', y: 160 }
      ],
      44,
      20,
      300
    )
  ]).toEqual([
    ['ear', 40],
    ['knee', 160]
  ]);
});

it('puts those that would touch around their middle, and keeps them off the ends', () => {
  const close = [
    { id: 'cheek', y: 110 },
    { id: 'eyebrow', y: 100 }
  ];
  expect([...stacked(close, 40, 20, 300)]).toEqual([
    ['eyebrow', 85],
    ['cheek', 125]
  ]);
  expect([...stacked(close, 40, 100, 300)]).toEqual([
    ['eyebrow', 100],
    ['cheek', 140]
  ]);
});

it('never lays one over another nor beyond the ends, and keeps their order, wherever they belong', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -50, max: 450 }), { maxLength: 9 }), (heights) => {
      const labels = heights.map((y, i) => ({ id: `${i}`, y }));
      const found = stacked(labels, 44, 20, 400);
      const order = [...labels].sort((a, b) => a.y - b.y).map(({ id }) => found.get(id) ?? NaN);
      const apart = Math.min(44, 380 / Math.max(1, heights.length - 1));
      order.forEach((y, i) => {
        expect(y).toBeGreaterThanOrEqual(20 - 1e-9);
        expect(y).toBeLessThanOrEqual(400 + 1e-9);
        if (i > 0) expect(y - (order[i - 1] ?? 0)).toBeGreaterThanOrEqual(apart - 1e-9);
      });
    })
  );
});
