import { db } from '$lib/data';
import { FEW_PLAYERS, foreseeMissing } from '$lib/data/questions/foreseen';
import { roster, type RosterEntry } from '$lib/data/questions/roster';
import { clock } from './clock.svelte';
import { live, type Live } from './live.svelte';
import type { Underway } from '$lib/workers/foresee';

/** Every player with where each stands; what is not foreseen yet is worked out, for many in a worker. */
export class Roster {
  #underway = $state.raw<Underway | null>(null);
  /** Read anew when the worker has ended, not with each hundred players that it has done. */
  readonly #entries: Live<readonly RosterEntry[]> = live<readonly RosterEntry[]>(
    () => (this.#underway ? Promise.resolve(this.#entries.current) : roster(db, clock.today)),
    [],
    () => [clock.today, this.#underway]
  );
  done = $state(0);
  total = $state(0);
  /** Stopped by the teacher; what is missing stays missing until asked for again. */
  stopped = $state(false);
  failed = $state(false);
  #busy = false;
  #starting = $state(false);

  constructor() {
    $effect(() => {
      const missing = this.pending.length;
      if (missing > 0 && !this.stopped && !this.failed) void this.#work(missing);
    });
    $effect(() => () => this.#underway?.stop());
  }

  get entries(): readonly RosterEntry[] {
    return this.#entries.current;
  }

  get ready(): boolean {
    return this.#entries.ready;
  }

  readonly pending = $derived.by(() => this.entries.filter(({ pending }) => pending));

  /** Work for many is under way. */
  get running(): boolean {
    return this.#starting || this.#underway !== null;
  }

  async #work(missing: number): Promise<void> {
    if (this.#busy) return;
    this.#busy = true;
    try {
      if (missing <= FEW_PLAYERS) {
        const ids = this.pending.map(({ player }) => player.id);
        await foreseeMissing(db, clock.today, undefined, ids);
      } else {
        this.#starting = true;
        const { foreseeAside } = await import('$lib/workers/foresee');
        // What tells of the work is shown before the workers take their share of the machine.
        await new Promise((shown) => setTimeout(shown));
        if (this.stopped) return;
        this.#underway = foreseeAside(
          clock.today,
          (done, total) => ([this.done, this.total] = [done, total])
        );
        await this.#underway.finished;
      }
    } catch {
      this.failed = true;
    } finally {
      this.#underway = null;
      this.#starting = false;
      this.#busy = false;
    }
  }

  stop(): void {
    this.stopped = true;
    this.#underway?.stop();
  }

  again(): void {
    this.stopped = this.failed = false;
  }
}
