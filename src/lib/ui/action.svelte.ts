import { attempt } from '$lib/ui/shell/attempt';

/** Something a button does: while it is under way it is not begun again. */
export class Action {
  busy = $state(false);

  /** @returns whether it was done; false while it is under way already */
  async run(work: () => Promise<unknown>): Promise<boolean> {
    if (this.busy) return false;
    this.busy = true;
    try {
      return await attempt(work);
    } finally {
      this.busy = false;
    }
  }
}
