import {
  focusOf,
  STANDPOINTS,
  strengthOf,
  type Check,
  type CheckCategory,
  type CheckOutcome,
  type Standpoint
} from '$lib/core/checks';
import { FAMILIES, type Family } from '$lib/core/instruments';
import { mostAskedFor, plannedOn } from '$lib/core/plan';
import type { QueueEntry } from '$lib/core/queue';
import {
  db,
  DEFAULT_SETTINGS,
  getSettings,
  newestByCheck,
  openPains,
  recordCheck,
  seenResults,
  toggleFault,
  type CheckResult,
  type Group,
  type Player,
  type Settings
} from '$lib/data';
import { groupByPlayer, newestFirst } from '$lib/data/questions/case';
import { libraryFor, taughtTo } from '$lib/data/questions/library';
import { clock } from '$lib/ui/clock.svelte';
import { live, liveRecord, liveRows } from '$lib/ui/live.svelte';
import { attempt } from '$lib/ui/shell/attempt';
import { checksOfAll } from './class-looks';
import { seatsFor } from './room';
import { allOf, ofPlayers, playersIn } from '$lib/data/questions/records';

/** Where one player of a sweep stands. */
export type SweepState = 'waiting' | 'seen' | 'away';

/** One player of the class at the look in hand. */
export interface Sitter extends QueueEntry<SweepState> {
  readonly player: Player;
  readonly x: number;
  readonly y: number;
  /** The check as this player's family has it; null where it has none. */
  readonly check: Check | null;
  readonly result: CheckResult | null;
  readonly last: CheckResult | null;
  /** All that was recorded of this look, newest first. */
  readonly results: readonly CheckResult[];
  readonly hurts: boolean;
  /** 0 (not seen) to 4 (secure), by what was seen last. */
  readonly strength: number;
}

const byName = (a: Player, b: Player) => (a.name < b.name ? -1 : 1);

/** A group in its room, and one look that goes round. */
export class ClassRoom {
  readonly #group;
  readonly #players;
  readonly #checks;
  readonly #pains;
  readonly #own = live(() => allOf(db, 'ownChecks'), []);
  readonly #settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  libraries = $state.raw<Readonly<Partial<Record<Family, readonly Check[]>>>>({});
  #checkId = $state<string | null>(null);
  category = $state<CheckCategory | null>(null);
  /** All looks from one standpoint in turn, or one look only. */
  standpoint = $state<Standpoint | null>(null);

  constructor(groupId: string) {
    this.#group = liveRecord('groups', () => groupId);
    this.#players = liveRows(
      'players',
      () => playersIn(db, groupId),
      (player) => player.groupId === groupId
    );
    const ids = () => this.players.map(({ id }) => id);
    const key = () => ids().join(' ');
    const isMine = ({ playerId }: { readonly playerId: string }) => ids().includes(playerId);
    this.#checks = liveRows('checks', () => ofPlayers(db, 'checks', ids()), isMine, key);
    this.#pains = liveRows('pains', () => ofPlayers(db, 'pains', ids()), isMine, key);
    $effect(() => {
      const [settings, own, group] = [this.settings, this.#own.current, this.group];
      const taught = taughtTo(settings, group);
      for (const family of this.families)
        void libraryFor(family, settings, own, taught).then(
          (checks) => (this.libraries = { ...this.libraries, [family]: checks })
        );
    });
  }

  get ready(): boolean {
    return (
      [this.#group, this.#players, this.#checks, this.#pains, this.#settings].every(({ ready }) => ready) &&
      this.families.every((family) => this.libraries[family] !== undefined)
    );
  }
  get group(): Group | null {
    return this.#group.current;
  }
  get settings(): Settings {
    return this.#settings.current;
  }
  get today() {
    return clock.today;
  }

  readonly players: readonly Player[] = $derived.by(() =>
    this.#players.current.filter(({ archivedOn }) => archivedOn === null).toSorted(byName)
  );
  readonly families: readonly Family[] = $derived.by(() =>
    FAMILIES.filter((one) => this.players.some(({ family }) => family === one))
  );
  /** Every check of any family in the room, each once. */
  readonly checks: readonly Check[] = $derived.by(() =>
    checksOfAll(this.families.map((family) => this.libraries[family] ?? []))
  );
  readonly #byPlayer = $derived.by(() => groupByPlayer(this.#checks.current));
  readonly #away = $derived.by(() => (this.group?.away?.day === this.today ? this.group.away.playerIds : []));
  readonly #hurt = $derived.by(() => openPains(this.#pains.current).map(({ playerId }) => playerId));

  /** The category that most of the class needs, as each one's own focus says. */
  readonly proposed: CheckCategory | null = $derived.by(() =>
    mostAskedFor(
      this.players.map(
        (player) =>
          focusOf({
            checks: this.libraries[player.family] ?? [],
            results: seenResults((this.#byPlayer.get(player.id) ?? []).filter(({ day }) => day < this.today)),
            today: this.today
          }).category
      )
    )
  );
  /** What the teacher planned for this week. */
  readonly planned: CheckCategory | null = $derived.by(() => plannedOn(this.group?.focuses, this.today));
  readonly at: CheckCategory | null = $derived.by(() => this.category ?? this.planned ?? this.proposed);
  readonly looks: readonly Check[] = $derived.by(() =>
    this.checks.filter(
      ({ category, standpoint }) =>
        category === this.at && (this.standpoint === null || standpoint === this.standpoint)
    )
  );
  readonly standpoints: readonly Standpoint[] = $derived.by(() =>
    STANDPOINTS.filter((one) =>
      this.checks.some(({ category, standpoint }) => category === this.at && standpoint === one)
    )
  );
  readonly check: Check | null = $derived.by(
    () =>
      this.looks.find(({ id }) => id === this.#checkId) ??
      this.looks.find(({ result }) => result === 'rating') ??
      this.looks[0] ??
      null
  );

  readonly sitters: readonly Sitter[] = $derived.by(() => {
    const { check } = this;
    const seats = seatsFor(this.players, this.group?.seating ?? []);
    return this.players.map((player, i): Sitter => {
      const own = this.libraries[player.family]?.find(({ id }) => id === check?.id) ?? null;
      const mine = this.#byPlayer.get(player.id) ?? [];
      const results = newestFirst(mine.filter(({ checkId }) => checkId === check?.id));
      const now = newestByCheck(results.filter(({ day }) => day === this.today))[check?.id ?? ''] ?? null;
      const last = newestByCheck(results.filter(({ day }) => day < this.today))[check?.id ?? ''] ?? null;
      const known = now ?? last;
      const seat = seats[i];
      return {
        player,
        playerId: player.id,
        x: seat?.x ?? 0.5,
        y: seat?.y ?? 0.5,
        state: this.#away.includes(player.id) ? 'away' : now ? 'seen' : 'waiting',
        check: own,
        result: now,
        last,
        results,
        hurts: this.#hurt.includes(player.id),
        strength: known && own ? strengthOf(own, known.outcome) : 0
      };
    });
  });
  readonly here = $derived.by(() => this.sitters.filter(({ state, check }) => state !== 'away' && check));
  readonly seen = $derived.by(() => this.here.filter(({ state }) => state === 'seen'));
  /** Who needs help first: seen today and weak, the weakest first; those with pain before all. */
  readonly helpFirst: readonly Sitter[] = $derived.by(() =>
    this.here
      .filter(
        ({ hurts, state, strength, result }) =>
          hurts || (state === 'seen' && (strength < 3 || (result?.faults.length ?? 0) > 0))
      )
      .toSorted(
        (a, b) =>
          Number(b.hurts) - Number(a.hurts) || a.strength - b.strength || (a.last ? 1 : 0) - (b.last ? 1 : 0)
      )
  );

  choose(category: CheckCategory): void {
    this.category = category;
    this.standpoint = null;
    this.#checkId = null;
  }
  look(check: Check | undefined): void {
    if (check) this.#checkId = check.id;
  }

  /** @returns whether it is kept */
  async rate({ player, check, result, hurts }: Sitter, outcome: CheckOutcome): Promise<boolean> {
    if (!check || hurts) return false;
    const faults = outcome.kind === 'rating' && outcome.rating === 'secure' ? [] : (result?.faults ?? []);
    return attempt(() =>
      recordCheck(db, player, check, { outcome, faults, setupId: null, shown: result?.id ?? null })
    );
  }
  async toggle({ player, check, result, hurts }: Sitter, fault: string): Promise<void> {
    if (check && !hurts)
      await attempt(() =>
        toggleFault(db, player, check, fault, { shown: result?.id ?? null, setupId: null })
      );
  }
}
