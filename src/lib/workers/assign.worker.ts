import { expose } from 'comlink';
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import {
  assign,
  moreOf,
  solveWith,
  toGet,
  type ToGet,
  type Assignment,
  type AssignQuestion,
  type MoreOf,
  type Solver,
  type SolverState
} from '$lib/core/cupboard';

const highs = loadHighs({ locateFile: () => wasm });

/** Seconds after which a plan within 1 % of the best that there could be is good enough, and any plan is. */
const NEARLY_AFTER_S = 20;
const ANY_AFTER_S = 60;
const NEARLY = 0.01;

const isEnough = ({ cost, bound, seconds }: SolverState): boolean =>
  Number.isFinite(cost) &&
  (seconds > ANY_AFTER_S || (seconds > NEARLY_AFTER_S && cost - bound <= NEARLY * Math.abs(cost)));

/** Seconds between two words on how far it is. */
const EVERY_S = 0.25;

const door = {
  /** Who gets what, as good as can be found in a minute; null where what was fixed can't be. */
  plan: async (
    question: AssignQuestion,
    onState: (state: SolverState) => void
  ): Promise<Assignment | null> => {
    const solver = await highs;
    let told = 0;
    const tell = (state: SolverState): boolean => {
      if (state.seconds - told >= EVERY_S) {
        told = state.seconds;
        onState(state);
      }
      return isEnough(state);
    };
    const solve: Solver = (text) => Promise.resolve(solveWith(solver, text, { onState: tell }));
    const begun = performance.now();
    return assign(question, solve, (state) =>
      tell({ ...state, seconds: (performance.now() - begun) / 1000 })
    );
  },
  /** The fewest to rent or buy so that nobody waits. */
  get: async (question: AssignQuestion): Promise<readonly ToGet[]> => {
    const solver = await highs;
    const solve: Solver = (text) => Promise.resolve(solveWith(solver, text, { onState: isEnough }));
    return toGet(question, solve);
  },
  /** What one more of each size would save of what the plan costs. */
  more: async (question: AssignQuestion, cost: number): Promise<readonly MoreOf[]> => {
    const solver = await highs;
    const solve: Solver = (text) => Promise.resolve(solveWith(solver, text, { onState: isEnough }));
    return moreOf(question, cost, solve);
  }
};

export type AssignDoor = typeof door;

expose(door);
