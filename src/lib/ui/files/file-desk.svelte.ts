import { db, lastDone, Refusal } from '$lib/data';
import type { DeskAside, Progress } from '$lib/workers/desk';
import { saving } from '$lib/data/journal/saving';
import { underway } from '$lib/ui/shell/underway';

/** Long work at the desk for files: it shows how far it is, can be stopped, and says so when the page is left. */
export class FileDesk {
  /** What is being done, and how much of it, 0 to 1; null where that can't be told. */
  busy = $state.raw<{ readonly what: string; readonly share: number | null } | null>(null);
  #desk: DeskAside | null = null;
  #stop: ((reason: Error) => void) | null = null;
  /** The newest step before what is under way. */
  #before: number | undefined;

  /**
   * Does something at the desk.
   *
   * @param label the step that it writes, as the journal calls it; none where it only reads
   * @throws Refusal when it was refused, or stopped before it was finished; NotSaved; whatever broke
   */
  async run<T>(
    what: string,
    work: (desk: DeskAside, report: Progress) => Promise<T>,
    label?: string
  ): Promise<T> {
    const { DeskAside } = await import('$lib/workers/desk');
    const desk = (this.#desk ??= new DeskAside());
    this.#before = (await lastDone(db))?.seq;
    this.busy = { what, share: null };
    const stopped = new Promise<never>((_, fail) => (this.#stop = fail));
    const report: Progress = (share) => (this.busy = { what, share });
    const atDesk = () => Promise.race([work(desk, report), stopped]);
    try {
      return await (label === undefined ? atDesk() : underway(label, () => saving(label, atDesk)));
    } catch (error) {
      // What broke down or was stopped has lost the file at hand.
      if (!(error instanceof Refusal) || this.#desk === null) this.end();
      throw error;
    } finally {
      this.busy = null;
      this.#stop = null;
    }
  }

  /** Stops what is under way. What was written until then is not there, unless it was finished just now. */
  async stop(): Promise<void> {
    // Asked only now: while the work writes, nobody reads.
    this.end();
    const after = (await lastDone(db))?.seq;
    this.#stop?.(
      new Refusal(
        this.#before === after
          ? 'Stopped. Nothing was changed.'
          : 'It was finished before it could be stopped.'
      )
    );
  }

  end(): void {
    this.#desk?.end();
    this.#desk = null;
  }
}
