import type { Due } from '$lib/core/plan';
import { db, type Group, type Player } from '$lib/data';
import { duesOf } from '$lib/data/questions/plan';
import { allOf } from '$lib/data/questions/records';
import { clock } from '$lib/ui/clock.svelte';
import { live } from '$lib/ui/live.svelte';
import { Roster } from '$lib/ui/roster.svelte';

/** Who comes, and what is due for whom. */
export class Plan {
  readonly #roster = new Roster();
  readonly #groups = live<readonly Group[]>(() => allOf(db, 'groups'), []);
  readonly #dues = live<readonly Due[]>(
    () => duesOf(db, this.#roster.entries, clock.today),
    [],
    // Worked out anew when the list is another.
    () => this.#roster.entries
  );

  get ready(): boolean {
    return this.#roster.ready && this.#groups.ready && this.#dues.ready;
  }
  get groups(): readonly Group[] {
    return this.#groups.current;
  }
  get dues(): readonly Due[] {
    return this.#dues.current;
  }
  readonly players: readonly Player[] = $derived.by(() => this.#roster.entries.map(({ player }) => player));
  readonly byId: Readonly<Partial<Record<string, Player>>> = $derived.by(() =>
    Object.fromEntries(this.players.map((player) => [player.id, player]))
  );
  membersOf({ id }: Group): readonly Player[] {
    return this.players.filter(({ groupId }) => groupId === id);
  }
}
