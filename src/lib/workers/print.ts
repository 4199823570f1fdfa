import { proxy, wrap, type Remote } from 'comlink';
import type { PrintDoor } from './print.worker';

/** A file that is being made, and can be given up. */
export interface Making<Made> {
  /** The file; null when it was given up. */
  readonly made: Promise<Made | null>;
  stop(): void;
}

/**
 * Makes a file in a worker of its own, which ends with it.
 *
 * @param report hears how many pieces are done
 */
export function printAside<Made>(
  ask: (door: Remote<PrintDoor>, report: (done: number) => void) => Promise<Made>,
  report: (done: number) => void = () => undefined
): Making<Made> {
  const worker = new Worker(new URL('./print.worker.ts', import.meta.url), { type: 'module' });
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((done) => {
    stop = () => done(null);
  });
  const broken = new Promise<never>((_, fail) => {
    worker.onerror = (event) => fail(new Error(event.message));
  });
  const made = Promise.race([ask(wrap<PrintDoor>(worker), proxy(report)), stopped, broken]);
  return { made: made.finally(() => worker.terminate()), stop };
}
