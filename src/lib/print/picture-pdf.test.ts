import { expect, it } from 'vitest';
import { figureFor, pictureOf, VIEWS } from '$lib/core/figure';
import { dimensionsOf } from '$lib/core/instruments';
import { operatorsOf } from './picture-pdf';

const written = (path: string) => operatorsOf(path).map(String);

it('moves, draws lines from where the pen is, and closes', () => {
  expect(written('M1 2l3-1 .5.5Z')).toEqual(['1 2 m', '4 1 l', '4.5 1.5 l', 'h']);
  expect(written('')).toEqual([]);
});

it('bends a quadratic curve as a cubic one through the same points', () => {
  // From (0, 0) over (3, 6) to (6, 0): its middle lies at (3, 3), as that of the cubic with these handles.
  expect(written('M0 0q3 6 6 0l1 0')).toEqual(['0 0 m', '2 4 4 4 6 0 c', '7 0 l']);
});

it('reads every path that a figure is made of, to its end', () => {
  const figure = figureFor({
    family: 'cello',
    instrument: dimensionsOf('cello', '1/2'),
    readings: { height: [1310] }
  });
  const { regions, lines, window } = pictureOf(figure, { view: VIEWS.left, detail: 0.16 });
  for (const { path } of [...regions, ...lines]) {
    const operators = written(path);
    expect(operators.filter((operator) => operator.endsWith('m'))).toHaveLength(
      path.match(/M/g)?.length ?? 0
    );
    for (const operator of operators) {
      expect(operator).toMatch(/^(-?\d+(\.\d{1,2})? )*[mlch]$/);
      const numbers = operator.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
      numbers.forEach((value, i) => {
        const [from, size] = i % 2 === 0 ? [window.x, window.width] : [window.y, window.height];
        expect(value).toBeGreaterThan(from - 40);
        expect(value).toBeLessThan(from + size + 40);
      });
    }
  }
});
