import { liveQuery } from 'dexie';

/**
 * Follows a database query: the value changes whenever a write, in this tab or another, touches what the
 * query read. Call it while a component is being set up.
 *
 * @param query asks the database; may use the key
 * @param initial the value until the first answer
 * @param key a reactive value on whose change the query is asked anew
 */
export function live<T>(
  query: () => Promise<T>,
  initial: T,
  key: () => unknown = () => undefined
): { readonly current: T; readonly ready: boolean } {
  let current = $state.raw(initial);
  let ready = $state(false);
  let failure = $state.raw<unknown>(undefined);
  $effect(() => {
    key();
    const subscription = liveQuery(query).subscribe({
      next: (value) => {
        current = value;
        ready = true;
      },
      error: (error: unknown) => (failure = error)
    });
    return () => subscription.unsubscribe();
  });
  $effect(() => {
    if (failure !== undefined) throw failure;
  });
  return {
    get current() {
      return current;
    },
    get ready() {
      return ready;
    }
  };
}
