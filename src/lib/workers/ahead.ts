import { proxy, wrap } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import type { AheadRow } from '$lib/data/ahead';
import type { AheadDoor } from './ahead.worker';

/** Work in a worker that can be stopped. */
export interface Underway<Result> {
  /** What it gives; null when it was stopped. */
  readonly result: Promise<Result | null>;
  stop(): void;
}

/**
 * Looks ahead for every player without holding up the page.
 *
 * @param report hears how many of how many are done
 */
export function lookAheadAside(
  today: IsoDay,
  report: (done: number, total: number) => void
): Underway<readonly AheadRow[]> {
  const worker = new Worker(new URL('./ahead.worker.ts', import.meta.url), { type: 'module' });
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
  const rows: AheadRow[] = [];
  const asked = wrap<AheadDoor>(worker)
    .lookAhead(
      today,
      proxy(report),
      proxy((some) => void rows.push(...some))
    )
    .then(() => rows);
  const result = Promise.race([asked, stopped, failed]).finally(() => worker.terminate());
  return { result, stop };
}
