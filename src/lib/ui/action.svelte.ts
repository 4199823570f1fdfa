import { attempt } from '$lib/ui/shell/attempt';

/** Something a button does: while it is under way it is not begun again. */
export class Action {
  busy = $state(false);
  #under: Promise<unknown> = Promise.resolve();

  /** @returns whether it was done; false while it is under way already */
  async run(work: () => Promise<unknown>): Promise<boolean> {
    if (this.busy) return false;
    this.busy = true;
    const under = attempt(work);
    this.#under = under;
    try {
      return await under;
    } finally {
      this.busy = false;
    }
  }

  /** Does what may never be dropped, as stopping for pain: what is under way ends first. */
  async insist(work: () => Promise<unknown>): Promise<boolean> {
    while (this.busy) await this.#under;
    return this.run(work);
  }
}
