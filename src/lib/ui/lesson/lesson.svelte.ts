import { faultKey, type CauseFacts, type OwnRecord } from '$lib/core/causes';
import {
  identityOf,
  lessonPlan,
  readyList,
  walkOf,
  type Check,
  type CheckCategory,
  type CheckOutcome,
  type Fault
} from '$lib/core/checks';
import { plannedOn } from '$lib/core/plan';
import {
  db,
  lastPractised,
  newestByCheck,
  newestFirst,
  newestFitOf,
  openPains,
  readingsOf,
  recordAngle,
  recordCheck,
  seenResults,
  toggleFault,
  type CheckResult,
  type MeasuredAngle,
  type Player,
  type Settings
} from '$lib/data';
import type { FaultSaid } from '$lib/data/commands/checks';
import { aidsInUse } from '$lib/data/commands/aids';
import { causeFacts } from '$lib/data/questions/causes';
import { faultLooks, standingsFor, strengthBy } from '$lib/data/commands/remedies';
import { clock } from '$lib/ui/clock.svelte';
import { LivePlayer } from '$lib/ui/live-player.svelte';
import { attempt } from '$lib/ui/shell/attempt';
import { drawnAs } from './drawn-as';
import type { LiveLibrary } from './library.svelte';

/** One player in one lesson: what is looked at, what was seen, and what it was before. */
export class Lesson {
  readonly #records;
  readonly library: LiveLibrary;
  /** A category of the teacher's choice; null takes the proposed one. */
  chosen = $state<CheckCategory | null>(null);
  /** All looks of the category instead of the few that need it most. */
  all = $state(false);
  /** The look in hand; null takes the first that is open. */
  #at = $state<string | null>(null);
  /** The looks are done, or were ended: the remedy comes. */
  ended = $state(false);

  constructor(playerId: string) {
    this.#records = new LivePlayer(
      () => playerId,
      ['measurements', 'fits', 'setups', 'checks', 'lessons', 'pains', 'aids', 'trials', 'remedies']
    );
    this.library = this.#records.library();
  }

  get ready(): boolean {
    return this.#records.ready && (this.player === null || this.library.ready);
  }

  get player(): Player | null {
    return this.#records.player;
  }
  get settings(): Settings {
    return this.#records.settings;
  }
  get group() {
    return this.#records.group;
  }
  get today() {
    return clock.today;
  }

  readonly fit = $derived.by(() => (this.player ? newestFitOf(this.player, this.#records.of('fits')) : null));
  /** The newest set-up on the family that is played. */
  readonly setup = $derived.by(
    () => newestFirst(this.#records.of('setups')).find(({ family }) => family === this.player?.family) ?? null
  );
  readonly pains = $derived.by(() => openPains(this.#records.of('pains')));
  readonly aids = $derived.by(() => aidsInUse(this.#records.of('aids')));
  readonly #earlier = $derived.by(() => this.#records.of('checks').filter(({ day }) => day < this.today));
  /** What was seen today, and what before, the newest of each check. */
  readonly seen = $derived.by(() =>
    newestByCheck(this.#records.of('checks').filter(({ day }) => day === this.today))
  );
  readonly last = $derived.by(() => newestByCheck(this.#earlier));
  /** Every result of a check, newest first. */
  resultsOf(check: Check): readonly CheckResult[] {
    return newestFirst(this.#records.of('checks').filter(({ checkId }) => checkId === check.id));
  }
  /** What was set as practice before today, and today. */
  readonly practised = $derived.by(() =>
    lastPractised(this.#records.of('lessons').filter(({ day }) => day < this.today))
  );
  readonly lessonToday = $derived.by(
    () => this.#records.of('lessons').find(({ day }) => day === this.today) ?? null
  );

  /** What the teacher planned for the player's group this week. */
  readonly planned: CheckCategory | null = $derived.by(() => plannedOn(this.group?.focuses, this.today));
  /** Rests on what was there before the lesson, so that nothing goes away under the hand. */
  readonly #question = $derived.by(() => ({
    checks: this.library.checks,
    results: seenResults(this.#earlier),
    today: this.today,
    pain: this.pains.length > 0,
    category: this.chosen ?? this.planned,
    planned: this.chosen === null,
    worked: [
      ...this.standings.filter(({ open }) => open).map(({ remedy }) => remedy.checkId),
      ...(this.practised?.practice ?? []).map(({ checkId }) => checkId)
    ]
  }));
  readonly #plan = $derived.by(() => lessonPlan(this.#question));
  readonly #standings = $derived.by(() => this.#plan.standings);
  get focus() {
    return this.#plan.focus;
  }
  /** What is got ready before, what was amiss last time first. */
  readonly toReady = $derived.by(() => readyList(this.#question));
  readonly category: CheckCategory | null = $derived.by(() => this.chosen ?? this.focus.category);
  /** Checks of the category. */
  readonly own = $derived.by(() => this.library.checks.filter(({ category }) => category === this.category));
  restsUntil(check: Check): string | null {
    return this.#standings.get(check.id)?.restsUntil ?? null;
  }
  /** The looks of this lesson in the order of the walk. */
  readonly looks: readonly Check[] = $derived.by(() => (this.all ? walkOf(this.own) : this.#plan.looks));
  readonly current: Check | null = $derived.by(
    () =>
      this.looks.find(({ id }) => id === this.#at) ??
      this.looks.find(({ id }) => !this.seen[id]) ??
      this.looks[0] ??
      null
  );

  readonly who = $derived.by(() =>
    this.player
      ? drawnAs(
          this.player.family,
          readingsOf({ measurements: this.#records.of('measurements'), today: this.today }),
          this.fit?.size ?? null,
          this.setup,
          this.settings
        )
      : null
  );

  /** How the remedies stand that were begun for this player, by what was seen since. */
  readonly standings = $derived.by(() =>
    standingsFor(
      this.#records.of('remedies'),
      faultLooks(this.#records.of('checks'), strengthBy(this.library.checks)),
      this.today
    )
  );
  /** What is on record that speaks for the causes of a fault. */
  factsFor(check: Check, fault: Fault, worked: readonly OwnRecord[]): CauseFacts {
    const { player, settings, today, standings } = this;
    if (!player) return {};
    return causeFacts(
      {
        player,
        measurements: this.#records.of('measurements'),
        fits: this.#records.of('fits'),
        trials: this.#records.of('trials'),
        setups: this.#records.of('setups'),
        checks: this.#records.of('checks'),
        standings,
        worked,
        settings,
        today
      },
      check,
      fault
    );
  }

  goTo(check: Check | undefined): void {
    if (!check) return;
    this.#at = check.id;
    this.ended = false;
  }

  choose(category: CheckCategory): void {
    this.chosen = category;
    this.#at = null;
    this.all = this.ended = false;
  }

  /** Keeps what was seen and goes on to the next look that is open; after the last one the remedy comes. */
  async rate(check: Check, outcome: CheckOutcome, goOn = true): Promise<void> {
    const { player } = this;
    if (!player || this.pains.length > 0) return;
    const faults =
      outcome.kind === 'rating' && outcome.rating === 'secure' ? [] : (this.seen[check.id]?.faults ?? []);
    const { absent } = this.seen[check.id] ?? {};
    const setupId = this.setup?.id ?? null;
    const next = goOn ? this.#after(check) : check;
    // The next look is in hand at once; what could not be kept comes back.
    if (next) this.#at = next.id;
    const done = await attempt(() =>
      recordCheck(db, player, check, {
        outcome,
        faults,
        ...(absent ? { absent } : {}),
        setupId,
        shown: this.#shown(check)
      })
    );
    if (!done) this.goTo(check);
    else if (!next) this.ended = true;
  }

  /** The result of a check that is on the screen. */
  #shown = ({ id }: Check): string | null => this.seen[id]?.id ?? null;

  /** The next look that is open; null after the last. */
  #after(from: Check): Check | null {
    const at = this.looks.findIndex(({ id }) => id === from.id);
    const isOpen = ({ id }: Check) => id !== from.id && !this.seen[id];
    return this.looks.slice(at + 1).find(isOpen) ?? this.looks.find(isOpen) ?? null;
  }

  /** Faults of a check for which a remedy is open, with the day on which it was begun. */
  workedOn(check: Check): readonly { readonly fault: Fault; readonly since: string }[] {
    return check.faults.flatMap((fault) => {
      const open = this.standings.findLast(
        ({ remedy, open }) =>
          open && remedy.day < this.today && faultKey(remedy) === identityOf(check.id, fault.id)
      );
      return open ? [{ fault, since: open.remedy.day }] : [];
    });
  }

  /** Keeps an angle that was read from a still beside what is seen at a check. */
  async measure(check: Check, measured: MeasuredAngle): Promise<boolean> {
    const { player } = this;
    if (!player || this.pains.length > 0) return false;
    // What is measured stays in hand until it is rated.
    this.#at = check.id;
    return attempt(() =>
      recordAngle(db, player, check, measured, {
        shown: this.#shown(check),
        setupId: this.setup?.id ?? null
      })
    );
  }

  async toggle(check: Check, fault: string, said: FaultSaid = 'faults'): Promise<void> {
    const { player } = this;
    // What is marked stays in hand until it is rated.
    this.#at = check.id;
    if (player && this.pains.length === 0)
      await attempt(() =>
        toggleFault(db, player, check, fault, {
          shown: this.#shown(check),
          setupId: this.setup?.id ?? null,
          said
        })
      );
  }
}
