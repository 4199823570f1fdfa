import type { AssignQuestion, Planned } from '$lib/core/cupboard';
import { aside } from './aside';
import type { AssignDoor } from './assign.worker';

/** A plan that is being worked out, and can be given up for another. */
export interface Planning {
  /** The plan; null where what was fixed can't be, or it was given up. */
  readonly planned: Promise<Planned | null>;
  stop(): void;
}

/** Works a plan out in a worker of its own: the solver can't be interrupted, so the worker ends with it. */
export function planAside(question: AssignQuestion): Planning {
  const { door, broken, end } = aside<AssignDoor>(
    new Worker(new URL('./assign.worker.ts', import.meta.url), { type: 'module' })
  );
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((done) => {
    stop = () => done(null);
  });
  return { planned: Promise.race([door.plan(question), stopped, broken]).finally(end), stop };
}
