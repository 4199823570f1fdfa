import { proxy, transfer } from 'comlink';
import type { RestoreMode, Restored, RestorePreview } from '$lib/data/files/restore';
import type { FileRead, MergeResult, MergeSummary, Saved, Written } from '$lib/data/files/desk';
import type { Scope } from '$lib/data/files/scope';
import type { MergePick } from '$lib/data/files/merge';
import type { ChangeHead } from '$lib/data/schema/change';
import { Refusal } from '$lib/data';
import { aside, type Aside } from './aside';
import type { Answer, DeskDoor } from './desk.worker';

export type Progress = (share: number) => void;

/** The desk for files, beside the page. */
export class DeskAside {
  readonly #aside: Aside<DeskDoor> = aside(
    new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module' })
  );

  /** @throws Refusal as the desk gave it; Error when the desk broke down */
  async #ask<T>(answer: Promise<Answer<T>>): Promise<T> {
    const given = await Promise.race([answer, this.#aside.broken]);
    if (!given.ok) throw new Refusal(given.refused);
    return given.value;
  }

  open = async (file: Blob): Promise<FileRead> => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    return this.#ask(this.#aside.door.open(transfer(bytes, [bytes.buffer])));
  };
  unlock = (password: string, report: Progress): Promise<FileRead> =>
    this.#ask(this.#aside.door.unlock(password, proxy(report)));
  previewRestore = (): Promise<RestorePreview> => this.#ask(this.#aside.door.previewRestore());
  restore = (mode: RestoreMode, report: Progress): Promise<Restored> =>
    this.#ask(this.#aside.door.restore(mode, proxy(report)));
  previewMerge = (scope: Scope): Promise<MergeSummary> => this.#ask(this.#aside.door.previewMerge(scope));
  merge = (picks: ReadonlyMap<string, MergePick>): Promise<MergeResult> =>
    this.#ask(this.#aside.door.merge(picks));
  write = (what: Saved, password: string, now: Date, report: Progress): Promise<Written> =>
    this.#ask(this.#aside.door.write(what, password, now, proxy(report)));
  step = (which: 'undo' | 'redo'): Promise<ChangeHead | undefined> => this.#ask(this.#aside.door.step(which));

  loadDemo = (now: Date): Promise<void> => this.#ask(this.#aside.door.loadDemo(now));

  /** Ends what is under way; a change that is not at its end is not there at all. */
  end(): void {
    this.#aside.end();
  }
}
