import { wrap, type Remote } from 'comlink';

/** A worker with a door, ended by whoever asked for it. */
export interface Aside<Door> {
  readonly door: Remote<Door>;
  /** Rejects when the worker can't be loaded or breaks down: whoever waits for an answer would wait for ever. */
  readonly broken: Promise<never>;
  end(): void;
}

/** Opens the door of a worker, and hears when it breaks down. */
export function aside<Door>(worker: Worker): Aside<Door> {
  const broken = new Promise<never>((_, fail) => {
    worker.onerror = (event) => fail(new Error(event.message || 'Work beside the page could not be begun.'));
    worker.onmessageerror = () => fail(new Error('An answer from beside the page could not be read.'));
  });
  // Nobody may be waiting just then.
  broken.catch(() => undefined);
  return { door: wrap<Door>(worker), broken, end: () => worker.terminate() };
}
