/** How often a page that is left open looks for a new version, ms. */
const LOOK_EVERY_MS = 3_600_000;

/** A version that is there as a whole and waits. */
export interface WaitingVersion {
  /** How many tabs are open, where it was asked for in one and others hinder it; null before. */
  readonly tabs: number | null;
  /** Takes it and opens the page anew, where no other tab is open; else it comes when all are closed. */
  take(): void;
}

/**
 * Says when a new version waits. Nothing is done where the browser keeps no versions: in a plain, not secure context.
 *
 * @returns the way to stop
 */
export function watchNewVersion(say: (waiting: WaitingVersion) => void): () => void {
  const workers = 'serviceWorker' in navigator ? navigator.serviceWorker : undefined;
  if (!workers) return () => undefined;
  let newest: ServiceWorker | null = null;
  const stop = new AbortController();
  const { signal } = stop;

  function waits(waiting: ServiceWorker, tabs: number | null = null) {
    newest = waiting;
    say({
      tabs,
      take() {
        workers?.addEventListener('controllerchange', () => location.reload(), { once: true, signal });
        waiting.postMessage('take');
      }
    });
  }
  // Asked for in one tab, all are told why it does not come.
  workers.addEventListener(
    'message',
    ({ data }: MessageEvent<{ readonly kind?: string; readonly tabs?: number }>) => {
      if (data.kind === 'several-tabs' && newest) waits(newest, data.tabs ?? null);
    },
    { signal }
  );
  workers.startMessages();
  function follow(registration: ServiceWorkerRegistration) {
    if (signal.aborted) return;
    if (registration.waiting && workers?.controller) waits(registration.waiting);
    registration.addEventListener(
      'updatefound',
      () => {
        const coming = registration.installing;
        coming?.addEventListener(
          'statechange',
          () => {
            // Without a controller it is the first, and nothing waits.
            if (coming.state === 'installed' && workers?.controller) waits(coming);
          },
          { signal }
        );
      },
      { signal }
    );
    const looking = setInterval(() => void registration.update().catch(() => undefined), LOOK_EVERY_MS);
    signal.addEventListener('abort', () => clearInterval(looking));
  }
  void workers.ready.then(follow);
  return () => stop.abort();
}
