import { SvelteMap } from 'svelte/reactivity';
import type { MeasurementId } from '$lib/core/body';
import { db, keepText, typedOf, type ComingReading } from '$lib/data';
import { attempt } from '$lib/ui/shell/attempt';

/**
 * What is being typed at one player, or in one form: the one place of each field's text on this page. It is kept
 * with every letter, and what undo takes back does not touch it.
 */
export class TypedTexts {
  #texts = $state<Record<string, string>>({});
  ready = $state(false);
  /** Lengths that were taken and are on their way to the database. */
  readonly coming = new SvelteMap<MeasurementId, ComingReading>();
  readonly #owner: string;

  constructor(owner: string) {
    this.#owner = owner;
    void typedOf(db, owner)
      .then((stored) => (this.#texts = { ...stored, ...this.#texts }))
      .catch(() => undefined)
      .finally(() => (this.ready = true));
  }

  /** What stands in a field; undefined when nothing was typed into it. */
  of(field: string): string | undefined {
    return this.#texts[field];
  }

  /** Takes what was typed, and keeps it. */
  type(field: string, text: string): void {
    this.#texts[field] = text;
    // Tried again later, it keeps what stands there then.
    void attempt(() => keepText(db, this.#owner, field, this.#texts[field] ?? ''));
  }

  /** The text has become a record, or was given up; unless something else was typed meanwhile. */
  entered(field: string, text: string): void {
    if (this.#texts[field] === text) Reflect.deleteProperty(this.#texts, field);
  }

  /** What stands in some fields was used by what has no record of its own, or was given up. */
  drop(...fields: readonly string[]): void {
    for (const field of fields) {
      this.type(field, '');
      this.entered(field, '');
    }
  }
}
