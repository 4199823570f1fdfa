import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { anyQuestion, instrument, player, question, surely } from '../any-question.testing';
import { assign } from '../assign';
import { costsOfPlan, sumOf } from '../plan-cost';
import { solveWith } from '../solver';
import type { AssignQuestion } from '../types';
import { planByPrices } from '.';

const highs = await loadHighs();
const exact = (asked: AssignQuestion) => assign(asked, (text) => Promise.resolve(solveWith(highs, text)));

/** As it was made, with everything going home. */
function home(seed: number, most: number, terms: number): AssignQuestion {
  const asked = anyQuestion(seed, { most, terms });
  return {
    ...asked,
    instruments: asked.instruments.map((one, i) => ({
      ...one,
      shared: false,
      rental: false,
      leans: ((i * 3) % 7) / 10 - 0.3
    }))
  };
}

describe('a plan by prices', () => {
  it('costs what it says, breaks no rule, and lies with the best between its bound and its cost', async () => {
    let best = 0;
    for (let seed = 1; seed <= 120; seed++) {
      const asked = home(seed, 8, 1 + (seed % 4));
      const [found, least] = [planByPrices(asked), await exact(asked)];
      expect([seed, found === null]).toEqual([seed, least === null]);
      if (!found || !least) continue;
      const told = costsOfPlan(asked, found.plan);
      expect([seed, told && sumOf(told)]).toEqual([seed, expect.closeTo(found.cost, 5)]);
      expect(found.bound).toBeLessThanOrEqual(least.cost + 1e-6);
      expect(found.cost).toBeGreaterThanOrEqual(least.cost - 1e-6);
      if (found.cost <= least.cost * 1.01 + 1e-6) best++;
    }
    // Now and then a better one would need two to go together.
    expect(best).toBeGreaterThanOrEqual(112);
  });

  it('shows how good it is, for a school of which each instrument is measured', () => {
    const asked = home(5, 60, 3);
    const found = planByPrices({
      ...asked,
      players: Array.from({ length: 60 }, (_, i) =>
        player(
          `p${i}`,
          [0, 1, 2].map((term) => surely(asked.sizes[(i + term) % 4] ?? '1/8'))
        )
      )
    });
    if (!found) throw new Error('there is a plan');
    expect(found.cost - found.bound).toBeLessThan(0.03 * found.cost);
  });

  it('ends when it is told to, and has a plan by then', () => {
    const states: number[] = [];
    const found = planByPrices(home(9, 20, 3), ({ bound }) => states.push(bound) === 3);
    expect(states).toHaveLength(3);
    // The bound only gets closer.
    expect([...states].sort((a, b) => a - b)).toEqual(states);
    expect(found?.plan.length).toBeGreaterThan(0);
  });

  it('has none where two are fixed on one', () => {
    const fixed = [{ term: 0, instrumentId: 'one' }];
    const both = ['a', 'b'].map((id) => player(id, [surely('1/4')], { fixed }));
    expect(planByPrices(question({ players: both, instruments: [instrument('one', '1/4')] }))).toBeNull();
  });
});

it('is what hundreds of measured instruments are planned by', async () => {
  const sizes = question({}).sizes;
  const asked = question({
    terms: 2,
    players: Array.from({ length: 120 }, (_, i) =>
      player(`p${i}`, [surely(sizes[i % 5] ?? ''), surely(sizes[Math.min(4, (i % 5) + (i % 2))] ?? '')], {
        now: `i${i}`
      })
    ),
    instruments: Array.from({ length: 120 }, (_, i) =>
      instrument(`i${i}`, sizes[(i * 7) % 5] ?? '', { leans: ((i % 5) - 2) / 10 }, 2)
    )
  });
  const found = await assign(asked, () => Promise.reject(new Error('too much for a program')));
  expect(found?.assignments).toHaveLength(240);
  expect(found?.gap).toBeLessThan(0.03);
});
