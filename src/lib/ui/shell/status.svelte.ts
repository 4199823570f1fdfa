import { watchSaves, type NotSaved, type SaveState } from '$lib/data';

/** A write that the storage did not take, and the way to try it again. */
export interface Failure {
  readonly label: string;
  readonly problem: NotSaved['problem'];
  readonly again: () => Promise<unknown>;
}

const SAID_MS = 6000;

/** What became of the last writes, for the whole page. */
class Status {
  save = $state.raw<SaveState>({ kind: 'idle' });
  /** Stays until what failed is saved or given up, whatever else is saved meanwhile. */
  failure = $state.raw<Failure | null>(null);
  /** Said once to everybody, such as what was just undone. */
  message = $state('');
  #timer: ReturnType<typeof setTimeout> | undefined;

  watch(): () => void {
    return watchSaves((state) => {
      this.save = state;
      if (state.kind === 'saved' && state.label === this.failure?.label) this.failure = null;
    });
  }

  fail(error: NotSaved, again: () => Promise<unknown>) {
    this.failure = { label: error.label, problem: error.problem, again };
  }

  /** What went wrong in the program itself, until somebody has read it. */
  broken = $state('');

  breakDown(error: unknown) {
    this.broken = error instanceof Error ? error.message : String(error);
    // eslint-disable-next-line no-console -- whoever looks for the fault finds where it was
    console.error(error);
  }

  read() {
    this.broken = '';
  }

  giveUp() {
    this.failure = null;
  }

  say(message: string) {
    this.message = message;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => (this.message = ''), SAID_MS);
  }
}

export const status = new Status();
