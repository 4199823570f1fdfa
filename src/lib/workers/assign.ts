import { proxy } from 'comlink';
import type { Assignment, AssignQuestion, MoreOf, SolverState, ToGet } from '$lib/core/cupboard';
import { aside } from './aside';
import type { AssignDoor } from './assign.worker';

const begin = () =>
  aside<AssignDoor>(new Worker(new URL('./assign.worker.ts', import.meta.url), { type: 'module' }));

/** The fewest instruments to rent or buy so that nobody waits, worked out in a worker of its own. */
export async function toGetAside(question: AssignQuestion): Promise<readonly ToGet[]> {
  const { door, broken, end } = begin();
  return Promise.race([door.get(question), broken]).finally(end);
}

/** A plan that is being worked out, and can be given up for another. */
export interface Planning {
  /** The plan; null where what was fixed can't be, or it was given up. */
  readonly plan: Promise<Assignment | null>;
  /** What one more of each size would save of it, which takes a while longer. */
  readonly more: Promise<readonly MoreOf[]>;
  stop(): void;
}

/**
 * Works a plan out in a worker of its own: the solver can't be interrupted, so the worker ends with it.
 *
 * @param onState told how far it is, now and then
 */
export function planAside(question: AssignQuestion, onState: (state: SolverState) => void): Planning {
  const { door, broken, end } = begin();
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((done) => {
    stop = () => done(null);
  });
  const plan = Promise.race([door.plan(question, proxy(onState)), stopped, broken]);
  const more = plan
    // Of a plan that may not be the best, what one more saves can't be told from what was not found.
    .then((found) =>
      found?.gap === 0 ? Promise.race([door.more(question, found.cost), stopped, broken]) : null
    )
    .then((found) => found ?? [])
    .finally(end);
  return { plan, more, stop };
}
