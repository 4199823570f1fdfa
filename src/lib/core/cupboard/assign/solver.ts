import type { Highs } from 'highs';
import type { Solver } from './assign';

/** Proven the best, or nothing: plans for a school are small. */
const EXACT = { mip_rel_gap: 0, mip_abs_gap: 1e-6, threads: 1, parallel: 'off' } as const;

/** The solver of mixed integer programs that ships with the application. */
export const solverFrom =
  (highs: Highs): Solver =>
  (text) => {
    const { Status, ObjectiveValue, Columns } = highs.solve(text, EXACT);
    if (Status !== 'Optimal') return { values: null, bound: Infinity };
    const values = new Map(
      Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0])
    );
    return { values, bound: ObjectiveValue };
  };
