import type { Operation } from '../schema/change';

type Heard = (operations: readonly Operation[]) => void;
const listeners = new Set<Heard>();

/** Hears every change of this tab as soon as it is in the database. Returns the way to stop. */
export function onCommitted(listener: Heard): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Tells everybody in this tab what was done. */
export const tell = (operations: readonly Operation[]): void => {
  if (operations.length > 0) for (const listener of listeners) listener(operations);
};
