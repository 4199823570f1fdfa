import type { MeasurementId, Readings } from '$lib/core/body';

/** The database gives back what was written within this time. */
const GIVEN_BACK_MS = 250;

/** Readings that were just entered and that the database has not given back yet, so that answers come at once. */
export class Entered {
  #of = $state.raw<{ readonly playerId: string; readonly readings: Readings } | null>(null);

  /** What was just entered for a player. */
  readingsOf(playerId: string | undefined): Readings {
    return this.#of && this.#of.playerId === playerId ? this.#of.readings : {};
  }

  /**
   * Shows a reading while it is being written.
   *
   * @param known readings of the same length today that are stored already, mm
   * @param write resolves to whether it was written
   */
  async show(
    playerId: string,
    kind: MeasurementId,
    known: readonly number[],
    mm: number,
    write: () => Promise<boolean>
  ): Promise<boolean> {
    this.#of = { playerId, readings: { ...this.readingsOf(playerId), [kind]: [...known, mm] } };
    const written = await write();
    if (written) await new Promise((wait) => setTimeout(wait, GIVEN_BACK_MS));
    if (this.#of?.playerId === playerId) {
      const { [kind]: _shown, ...others } = this.#of.readings;
      this.#of = { playerId, readings: others };
    }
    return written;
  }
}
