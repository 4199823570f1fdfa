/** Why a write did not reach the database. */
export type SaveProblem = 'disk-full' | 'closed' | 'unknown';

/** Whether what is on the screen is in the database. */
export type SaveState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'saved'; readonly at: string; readonly label: string }
  | { readonly kind: 'failed'; readonly problem: SaveProblem; readonly label: string };

/** A write that the storage did not take. */
export class NotSaved extends Error {
  override readonly name = 'NotSaved';
  constructor(
    readonly label: string,
    readonly problem: SaveProblem,
    cause: unknown
  ) {
    super(`Not saved: ${label}`, { cause });
  }
}

type Listener = (state: SaveState) => void;

const listeners = new Set<Listener>();
let current: SaveState = { kind: 'idle' };

/** Tells everyone who watches what became of the last write. */
export function reportSave(state: SaveState): void {
  current = state;
  for (const listener of listeners) listener(state);
}

/** Watches writes; called at once with the present state. Returns the way to stop watching. */
export function watchSaves(listener: Listener): () => void {
  listeners.add(listener);
  listener(current);
  return () => listeners.delete(listener);
}
