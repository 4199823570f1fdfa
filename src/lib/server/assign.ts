import {
  assign,
  moreOf,
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion
} from '$lib/core/cupboard';
import { sizesUp, usualSizes } from '$lib/core/instruments';
import { isThere, problemsOf } from './assign-problems';
import type { Asked } from './assign-request';
import { InputProblem } from './problem';
import { withSolver } from './solver-pool';

/** Branches looked into at most; schools of this size are proven at the first nearly always. */
const NODES = 200;

const definedOf = <T extends object>(fields: T): { [Key in keyof T]?: Exclude<T[Key], undefined> } =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as {
    [Key in keyof T]?: Exclude<T[Key], undefined>;
  };

function questionOf({ family, terms, players, instruments, costs }: Asked): AssignQuestion {
  const { smaller = [], larger = [], ...others } = costs ?? {};
  const named = [...instruments, ...players.flatMap(({ wanted }) => wanted.flat())];
  return {
    sizes: sizesUp(family, [...usualSizes(family), ...named.map(({ size }) => size)]),
    terms: terms.length,
    players: players.map(({ id: own, wanted, now, noLarger, fixed, slots }): AssignPlayer => ({
      id: own,
      wanted,
      now: now ?? null,
      noLarger: noLarger ?? false,
      fixed: fixed ?? [],
      slots: slots ?? []
    })),
    instruments: instruments.map((one): AssignInstrument => ({
      id: one.id,
      size: one.size,
      shared: one.shared ?? false,
      only: one.only ?? null,
      there: terms.map((term) => isThere(one, term)),
      rental: one.rental ?? false,
      steps: one.steps ? new Map(Object.entries(one.steps)) : null
    })),
    costs: {
      ...USUAL_COSTS,
      ...definedOf(others),
      smaller: [smaller[0] ?? USUAL_COSTS.smaller[0], smaller[1] ?? USUAL_COSTS.smaller[1]],
      larger: [larger[0] ?? USUAL_COSTS.larger[0], larger[1] ?? USUAL_COSTS.larger[1]]
    }
  };
}

/**
 * Answers who gets which instrument, term by term, at the least cost, with what that is at least.
 *
 * @throws InputProblem for names that name nothing, what comes twice and what is another's; Busy
 */
export async function answerAssign(asked: Asked): Promise<unknown> {
  const problems = [...problemsOf(asked)];
  if (problems.length > 0) throw new InputProblem(problems);
  const question = questionOf(asked);
  return withSolver(NODES, async (solve) => {
    const found = await assign(question, solve);
    if (!found) throw new InputProblem([{ path: 'players', message: 'what is fixed can’t be all at once' }]);
    return asked.moreOf ? { ...found, moreOf: await moreOf(question, found.cost, solve) } : found;
  });
}
