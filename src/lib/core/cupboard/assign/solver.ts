import type { Highs } from 'highs';
import type { Solved } from './assign';

/** How far a solver has come: what the best plan so far costs, and what no plan can cost less than. */
export interface SolverState {
  readonly cost: number;
  readonly bound: number;
  readonly seconds: number;
}

export interface SolverLimits {
  /** Branches that are looked into at most; the same question then has the same answer. Without it, until it is proven. */
  readonly nodes?: number;
  /** Told now and then; true ends the work with the best plan so far. */
  readonly onState?: (state: SolverState) => boolean;
}

/** Proven the best. One of the ways of guessing a first answer takes a third of the time of a plan and never helps. */
const EXACT = {
  output_flag: false,
  mip_rel_gap: 0,
  mip_abs_gap: 1e-6,
  mip_heuristic_run_root_reduced_cost: false
} as const;

/** Solves a program, given as text, with the solver of mixed integer programs that ships with the application. */
export function solveWith(highs: Highs, text: string, { nodes, onState }: SolverLimits = {}): Solved {
  const { callbackType, modelStatus, solutionStatus } = highs.constants;
  return highs.withModel({ format: 'lp', data: text }, (model) => {
    model.options.set(nodes === undefined ? EXACT : { ...EXACT, mip_max_nodes: nodes });
    model.run(
      onState && {
        [callbackType.mipInterrupt]: (event) => {
          const { mip_primal_bound: cost, mip_dual_bound: bound, running_time: seconds } = event.data;
          if (onState({ cost: cost ?? Infinity, bound: bound ?? -Infinity, seconds: seconds ?? 0 }))
            event.interrupt();
        }
      }
    );
    if (model.info.get('primal_solution_status') !== solutionStatus.feasible)
      return { values: null, bound: Infinity };
    const found = model.getSolution().colValue;
    const values = new Map(Array.from(found, (value, column) => [model.getColName(column), value]));
    // What has nothing to be whole in it has no bound of its own.
    const isProven = model.getModelStatus() === modelStatus.optimal;
    return {
      values,
      bound: isProven ? model.getObjectiveValue() : Number(model.info.get('mip_dual_bound'))
    };
  });
}
