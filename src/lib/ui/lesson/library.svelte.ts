import type { Check } from '$lib/core/checks';
import type { Family } from '$lib/core/instruments';
import { db, type OwnCheckRecord, type Settings } from '$lib/data';
import { libraryFor, type Taught } from '$lib/data/questions/library';
import { allOf } from '$lib/data/questions/records';
import { live } from '$lib/ui/live.svelte';

/** The checks of a family as this teacher has them: fetched when they are needed, followed as they change. */
export class LiveLibrary {
  checks = $state.raw<readonly Check[]>([]);
  ready = $state(false);
  failed = $state(false);
  readonly #own = live<readonly OwnCheckRecord[]>(() => allOf(db, 'ownChecks'), []);
  #asked = 0;

  /** @param question for whom; null while it is not known */
  constructor(
    question: () => { readonly family: Family; readonly settings: Settings; readonly taught: Taught } | null
  ) {
    $effect(() => {
      const asked = question();
      const own = this.#own.current;
      if (!asked || !this.#own.ready) return;
      const number = ++this.#asked;
      libraryFor(asked.family, asked.settings, own, asked.taught).then(
        (checks) => {
          if (number !== this.#asked) return;
          this.checks = checks;
          this.ready = true;
        },
        () => (this.failed = true)
      );
    });
    $effect(() => () => void this.#asked++);
  }
}
