import { SvelteMap } from 'svelte/reactivity';
import { Watch } from '$lib/ui/lesson/watch.svelte';
import type { ClassRoom, Sitter } from './class-room.svelte';

/** One clock for a whole class: all begin together, a tap on a seat is who lets go. */
export class ClassHold {
  readonly watch: Watch;
  /** Seconds of those who let go, by player. */
  readonly done = new SvelteMap<string, number>();

  constructor(private readonly room: ClassRoom) {
    this.watch = new Watch(
      (seconds) => this.#rest(seconds),
      () => Promise.reject(new Error('A class is not listened to.'))
    );
  }

  get runs(): boolean {
    return this.watch.startedAt !== null;
  }
  /** Who holds, or would if the clock began: those who are there, have this look, and feel no pain. */
  get holding(): readonly Sitter[] {
    return this.room.here.filter(({ playerId, hurts }) => !hurts && !this.done.has(playerId));
  }

  /** Begins, or ends for all who still hold. */
  press(): void {
    if (!this.runs) this.done.clear();
    this.watch.press();
  }

  /** One lets go. The last one ends the clock. */
  letGo(sitter: Sitter): void {
    if (!this.runs || !this.holding.some(({ playerId }) => playerId === sitter.playerId)) return;
    this.#record(sitter, Math.round(this.watch.elapsed * 10) / 10);
    if (this.holding.length === 0) this.watch.giveUp();
  }

  /** The clock is given up: what was recorded stays, nobody else gets a time. */
  giveUp(): void {
    this.watch.giveUp();
  }

  #rest(seconds: number): void {
    for (const sitter of this.holding) this.#record(sitter, seconds);
  }
  #record(sitter: Sitter, seconds: number): void {
    this.done.set(sitter.playerId, seconds);
    void this.room.rate(sitter, { kind: 'seconds', seconds });
  }
}
