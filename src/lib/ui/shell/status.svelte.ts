import { watchSaves, type SaveState } from '$lib/data';

/** What became of the last write, for the whole page. */
class Status {
  save = $state.raw<SaveState>({ kind: 'idle' });
  /** Said once to everybody, such as what was just undone. */
  message = $state('');
  #timer: ReturnType<typeof setTimeout> | undefined;

  watch(): () => void {
    return watchSaves((state) => (this.save = state));
  }

  say(message: string) {
    this.message = message;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => (this.message = ''), 6000);
  }
}

export const status = new Status();
