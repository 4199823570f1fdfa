import { proxy, wrap } from 'comlink';
import type { OutlookLine, OutlookQuestion } from '$lib/core/outlook';
import type { OutlooksDoor } from './outlooks.worker';

/** Work in a worker that can be stopped. */
export interface Underway<Result> {
  readonly result: Promise<Result | null>;
  /** Stops at once; the result is then null. */
  stop(): void;
}

/**
 * Looks ahead for many players without holding up the page.
 *
 * @param report hears how many are done
 */
export function lookAhead(
  questions: readonly OutlookQuestion[],
  report: (done: number) => void
): Underway<readonly OutlookLine[]> {
  const worker = new Worker(new URL('./outlooks.worker.ts', import.meta.url), { type: 'module' });
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((done) => {
    stop = () => {
      worker.terminate();
      done(null);
    };
  });
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  const asked = wrap<OutlooksDoor>(worker).lookAhead(questions, proxy(report));
  const result = Promise.race([asked, stopped, failed]).finally(() => worker.terminate());
  return { result, stop };
}
