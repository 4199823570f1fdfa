import { expose } from 'comlink';
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import { assign, moreOf, solverFrom, type AssignQuestion, type Planned } from '$lib/core/cupboard';

const solver = loadHighs({ locateFile: () => wasm }).then(solverFrom);

const door = {
  /** Who gets what, and what one more of each size would save; null where what was fixed can't be. */
  plan: async (question: AssignQuestion): Promise<Planned | null> => {
    const solve = await solver;
    const best = assign(question, solve);
    return best && { ...best, moreOf: moreOf(question, best.cost, solve) };
  }
};

export type AssignDoor = typeof door;

expose(door);
