import { status } from './status.svelte';

/**
 * Runs a write. When it fails the page stays as it is, since the status line already says why and what was
 * typed is still on the screen.
 *
 * @returns whether it was written
 */
export async function attempt(work: () => Promise<unknown>): Promise<boolean> {
  try {
    await work();
    return true;
  } catch {
    if (status.save.kind !== 'failed') status.say('That did not work. Nothing was changed.');
    return false;
  }
}
