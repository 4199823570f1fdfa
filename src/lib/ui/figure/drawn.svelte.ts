/**
 * A value that is worked out beside the page: the last one stays until the next is there, and an answer to an older
 * question is not taken.
 */
export class Drawn<T> {
  current = $state.raw<T | null>(null);
  failed = $state(false);
  #asked = 0;

  /** @param ask follows what it reads; null asks nothing */
  constructor(ask: () => Promise<T> | null) {
    $effect(() => {
      const question = ask();
      const asked = ++this.#asked;
      if (!question) {
        this.current = null;
        return;
      }
      question.then(
        (answer) => {
          if (asked === this.#asked) [this.current, this.failed] = [answer, false];
        },
        () => {
          if (asked === this.#asked) this.failed = true;
        }
      );
    });
  }
}
