import { Worker } from 'node:worker_threads';
import type { Solver } from '$lib/core/cupboard';
import { Busy } from './busy';
import script from './solve.thread.ts?thread';

/** What a thread is asked to solve. */
export interface SolverTask {
  readonly text: string;
  /** Branches that it looks into at most. */
  readonly nodes: number;
}

/** Requests that are solved at the same time, each in a thread of its own. */
const AT_ONCE = 2;
/** Seconds after which whoever came in vain may ask again. */
const RETRY_AFTER_S = 2;

/** Threads that have nothing to do; they keep the server from nothing, not even from ending. */
const idle: Worker[] = [];
let busy = 0;

function begin(): Worker {
  const thread = new Worker(script, { eval: true, workerData: { from: import.meta.url } });
  thread.unref();
  return thread;
}

/** A solver whose programs one thread works on; it fails with the thread. */
const solverOf =
  (thread: Worker, nodes: number): Solver =>
  (text) =>
    new Promise((done, fail) => {
      const end = (finish: () => void) => {
        thread.off('message', answered).off('error', failed).off('exit', ended);
        finish();
      };
      const answered = (answer: Awaited<ReturnType<Solver>>) => end(() => done(answer));
      const failed = (error: unknown) => end(() => fail(error));
      const ended = () => end(() => fail(new Error('The thread ended.')));
      thread.on('message', answered).on('error', failed).on('exit', ended);
      thread.postMessage({ text, nodes } satisfies SolverTask);
    });

/**
 * Does work that needs a solver, beside everything else that the server does.
 *
 * @param nodes branches looked into at most, program by program
 * @throws Busy when so many are at it already
 */
export async function withSolver<T>(nodes: number, work: (solve: Solver) => Promise<T>): Promise<T> {
  if (busy >= AT_ONCE) throw new Busy(RETRY_AFTER_S);
  busy++;
  const thread = idle.pop() ?? begin();
  try {
    const done = await work(solverOf(thread, nodes));
    idle.push(thread);
    return done;
  } catch (error) {
    // What is left of it nobody knows.
    void thread.terminate();
    throw error;
  } finally {
    busy--;
  }
}
