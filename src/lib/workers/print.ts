import { proxy, type Remote } from 'comlink';
import { aside } from './aside';
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
  const { door, broken, end } = aside<PrintDoor>(
    new Worker(new URL('./print.worker.ts', import.meta.url), { type: 'module' })
  );
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((done) => {
    stop = () => done(null);
  });
  const made = Promise.race([ask(door, proxy(report)), stopped, broken]);
  return { made: made.finally(end), stop };
}
