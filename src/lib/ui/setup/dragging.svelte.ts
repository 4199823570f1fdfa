import type { SettingId } from '$lib/core/setup';

/** A setting as it is being dragged. */
interface Dragged {
  readonly id: SettingId;
  readonly value: number;
}

/** What is being dragged in a drawing: shown at once, kept at its end, forgotten when it is given up. */
export class Dragging {
  current = $state.raw<Dragged | null>(null);
  readonly #keep: (id: SettingId, value: number) => Promise<unknown>;

  constructor(keep: (id: SettingId, value: number) => Promise<unknown>) {
    this.#keep = keep;
  }

  /** @param value null gives up what was dragged so far */
  move = async (id: string, value: number | null, done: boolean): Promise<void> => {
    const dragged = value === null ? null : { id: id as SettingId, value };
    this.current = dragged;
    if (!dragged || !done) return;
    await this.#keep(dragged.id, dragged.value);
    // The next drag may have begun meanwhile.
    if (this.current === dragged) this.current = null;
  };
}
