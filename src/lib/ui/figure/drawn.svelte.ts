/**
 * A value that is worked out beside the page: the last one stays until the next is there. One question is under way at
 * a time; of those asked meanwhile, as while something is dragged, only the newest is asked after it.
 */
export class Drawn<Question, T> {
  current = $state.raw<T | null>(null);
  failed = $state(false);
  #underway = false;
  /** The newest question while another is under way. */
  #next: Question | null = null;
  /** Counts up with each question, so that what is no longer asked for is not taken. */
  #asked = 0;

  /**
   * @param question what is asked; follows what it reads, null asks nothing
   * @param answer works it out
   */
  constructor(
    question: () => Question | null,
    private readonly answer: (question: Question) => Promise<T>
  ) {
    $effect(() => {
      this.#next = question();
      this.#asked++;
      if (this.#next === null) this.current = null;
      else if (!this.#underway) void this.#work();
    });
    $effect(() => () => {
      this.#asked++;
      this.#next = null;
    });
  }

  async #work(): Promise<void> {
    this.#underway = true;
    while (this.#next !== null) {
      const question = this.#next;
      const asked = this.#asked;
      this.#next = null;
      try {
        const answer = await this.answer(question);
        // What comes while newer is asked for is shown too: a drag is seen on its way.
        if (asked === this.#asked || this.#next !== null) [this.current, this.failed] = [answer, false];
      } catch {
        if (asked === this.#asked) this.failed = true;
      }
    }
    this.#underway = false;
  }
}
