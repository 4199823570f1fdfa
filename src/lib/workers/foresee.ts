import { proxy, wrap } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import type { ForeseeDoor } from './foresee.worker';

/** Work in a worker that can be stopped. */
export interface Underway {
  /** Resolves to whether it came to its end; false when it was stopped. */
  readonly finished: Promise<boolean>;
  stop(): void;
}

/**
 * Works out what is foreseen for every player without holding up the page.
 *
 * @param report hears how many of how many are done
 */
export function foreseeAside(today: IsoDay, report: (done: number, total: number) => void): Underway {
  const worker = new Worker(new URL('./foresee.worker.ts', import.meta.url), { type: 'module' });
  let stop: () => void = () => undefined;
  const stopped = new Promise<boolean>((done) => {
    stop = () => {
      worker.terminate();
      done(false);
    };
  });
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  const asked = wrap<ForeseeDoor>(worker)
    .foresee(today, proxy(report))
    .then(() => true);
  return { finished: Promise.race([asked, stopped, failed]).finally(() => worker.terminate()), stop };
}
