import {
  db,
  DEFAULT_SETTINGS,
  getSettings,
  type Group,
  type Player,
  type Records,
  type Settings,
  type Setup
} from '$lib/data';
import { taughtTo, type Taught } from '$lib/data/questions/library';
import { groupOfPlayer, type OwnedTable } from '$lib/data/questions/records';
import { LiveLibrary } from './lesson/library.svelte';
import { live, liveOwned, liveRecord, type Live } from './live.svelte';

/** One player with the records that a place shows, as they stand in the database. Call it while a component is set up. */
export class LivePlayer<Part extends OwnedTable> {
  readonly #player: Live<Player | null>;
  readonly #group: Live<Group | null>;
  readonly #settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  readonly #setups: Live<readonly Setup[]>;
  readonly #parts: { readonly [Name in Part]: Live<readonly Records[Name][]> };

  /**
   * @param playerId whose; may change
   * @param parts tables of which the player's records are followed
   */
  constructor(playerId: () => string, parts: readonly Part[]) {
    this.#player = liveRecord('players', playerId);
    this.#group = live(() => groupOfPlayer(db, playerId()), null, playerId);
    this.#setups = liveOwned('setups', playerId);
    this.#parts = Object.fromEntries(parts.map((part) => [part, liveOwned(part, playerId)])) as never;
  }

  get ready(): boolean {
    const parts: readonly Live<unknown>[] = Object.values(this.#parts);
    return [this.#player, this.#group, this.#settings, ...parts].every(({ ready }) => ready);
  }
  get player(): Player | null {
    return this.#player.current;
  }
  get group(): Group | null {
    return this.#group.current;
  }
  get settings(): Settings {
    return this.#settings.current;
  }
  /** What holds for this player: the group's own ways before the teacher's, and what is under the instrument. */
  get taught(): Taught {
    return taughtTo(this.settings, this.group, this.#setups.current);
  }
  /** The player's records of a table. */
  of<Name extends Part>(part: Name): readonly Records[Name][] {
    return this.#parts[part].current;
  }
  /** The checks of the player's family as this teacher has them. */
  library(): LiveLibrary {
    return new LiveLibrary(() =>
      this.player && this.#settings.ready && this.#group.ready && this.#setups.ready
        ? { family: this.player.family, settings: this.settings, taught: this.taught }
        : null
    );
  }
}
