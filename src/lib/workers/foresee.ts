import { proxy, wrap } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import type { ForeseeDoor } from './foresee.worker';

/** Work in a worker that can be stopped. */
export interface Underway {
  /** Resolves to whether it came to its end; false when it was stopped. */
  readonly finished: Promise<boolean>;
  stop(): void;
}

/** More would only wait for each other at the database. */
const MOST_WORKERS = 2;

/**
 * Works out what is foreseen for every player without holding up the page, in two workers where there are two cores.
 *
 * @param report hears how many of how many are done
 */
export function foreseeAside(today: IsoDay, report: (done: number, total: number) => void): Underway {
  const of = Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency));
  const workers = Array.from(
    { length: of },
    () => new Worker(new URL('./foresee.worker.ts', import.meta.url), { type: 'module' })
  );
  const progress = workers.map(() => ({ done: 0, total: 0 }));
  const sum = (what: 'done' | 'total') => progress.reduce((all, one) => all + one[what], 0);
  const asked = workers.map(
    (worker, number) =>
      new Promise<void>((done, fail) => {
        worker.onerror = (event) => fail(new Error(event.message));
        const hear = proxy((doneNow: number, total: number) => {
          progress[number] = { done: doneNow, total };
          report(sum('done'), sum('total'));
        });
        wrap<ForeseeDoor>(worker).foresee(today, { number, of }, hear).then(done, fail);
      })
  );
  const end = () => {
    for (const worker of workers) worker.terminate();
  };
  let stop: () => void = () => undefined;
  const stopped = new Promise<boolean>((done) => {
    stop = () => {
      end();
      done(false);
    };
  });
  return { finished: Promise.race([Promise.all(asked).then(() => true), stopped]).finally(end), stop };
}
