import { isOfStorage, NotSaved, Refusal } from '$lib/data';
import { status } from './status.svelte';

/**
 * Runs a write. When it fails the page stays as it is: what was refused is said, what the storage did not take
 * stays on the status line until it is saved or given up, and what was typed is still on the screen. Anything else is
 * a fault of the program, and loud: it stays on the screen, and stands in the console.
 *
 * @returns whether it was written
 */
export async function attempt(work: () => Promise<unknown>): Promise<boolean> {
  try {
    await work();
    return true;
  } catch (error) {
    if (error instanceof Refusal) status.say(error.message);
    else if (error instanceof NotSaved) status.fail(error, work);
    else status.breakDown(error);
    return false;
  }
}

/**
 * Does what nobody pressed for, as tidying up: where the storage does not answer the next time will do, for whatever
 * keeps it from answering is said elsewhere.
 */
export const whenAnswering = (work: () => Promise<unknown>): Promise<unknown> =>
  work().catch((error: unknown) => {
    if (!(error instanceof NotSaved) && !isOfStorage(error)) status.breakDown(error);
  });
