import type { MeasurementId, Readings } from '$lib/core/body';
import { combineReadings } from '$lib/core/body';
import { isBeyondReference } from '$lib/core/growth';
import { before } from '$lib/core/queue';
import { proposeSize, type Proposal } from '$lib/core/sizing';
import type { Advice } from '$lib/core/trial';
import {
  answerWith,
  db,
  decidedOf,
  DEFAULT_SETTINGS,
  getSettings,
  groupsApart,
  isFresh,
  newestByKind,
  openPains,
  readingsOf,
  sizingQuestion,
  type Draft,
  type FittingDay,
  type GroupNames,
  type Measurement,
  type Pain,
  type Player,
  type PlayerCase,
  type Settings
} from '$lib/data';
import { dayMembers, type DayMember } from '$lib/data/questions/day-members';
import { sexOf } from '$lib/data/questions/lengths';
import { lentTo, type Lent } from '$lib/data/questions/lent';
import { clock } from '$lib/ui/clock.svelte';
import { live, liveOwned, liveRecord, liveRows, type Live } from '$lib/ui/live.svelte';
import { TypedTexts } from '$lib/ui/typed.svelte';
import { ofPlayers, recordOf, recordsOf } from '$lib/data/questions/records';

const NO_GROUPS: GroupNames = new Map();

/** A fitting day as it runs: who comes next, what is measured, what it says. Reads only. */
export class DayQueue {
  readonly #day: Live<FittingDay | null>;
  readonly #players;
  readonly #fits;
  readonly #measurements;
  readonly #trials;
  readonly #pains;
  readonly #draft: Live<Draft | null>;
  readonly #lent: Live<ReadonlyMap<string, readonly Lent[]> | null>;
  readonly #settings;
  readonly #groups;
  /** The player whom the teacher went to; else the first who waits. */
  chosen = $state<string | null>(null);

  constructor(dayId: string) {
    const entries = async () => (await recordOf(db, 'days', dayId))?.entries ?? [];
    const ids = async () => (await entries()).map(({ playerId }) => playerId);
    const isIn = (playerId: string) =>
      this.#day.current?.entries.some((entry) => entry.playerId === playerId) ?? false;
    const atHand = () => this.current?.player.id ?? '';
    this.#day = liveRecord('days', () => dayId);
    this.#players = liveRows(
      'players',
      async () => (await recordsOf(db, 'players', await ids())).filter((one) => one !== undefined),
      ({ id }) => isIn(id)
    );
    this.#fits = liveRows(
      'fits',
      async () => ofPlayers(db, 'fits', await ids()),
      ({ playerId }) => isIn(playerId)
    );
    this.#measurements = liveOwned('measurements', atHand);
    this.#trials = liveOwned('trials', atHand);
    this.#pains = liveOwned('pains', atHand);
    this.#draft = liveRecord('drafts', atHand);
    this.#lent = live<ReadonlyMap<string, readonly Lent[]> | null>(async () => lentTo(db, await ids()), null);
    this.#settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
    this.#groups = live<GroupNames>(() => groupsApart(db), NO_GROUPS);
  }

  get ready(): boolean {
    return this.#day.ready && this.#players.ready && this.#fits.ready && this.#settings.ready;
  }

  get day(): FittingDay | null {
    return this.#day.current;
  }

  get settings(): Settings {
    return this.#settings.current;
  }

  get groups(): GroupNames {
    return this.#groups.current;
  }

  get today() {
    return clock.today;
  }

  readonly members: readonly DayMember[] = $derived.by(() =>
    this.#day.current ? dayMembers(this.#day.current, this.#players.current, this.#fits.current) : []
  );

  readonly waiting = $derived.by(() => this.members.filter(({ state }) => state === 'waiting'));
  readonly secondLine = $derived.by(() => this.members.filter(({ state }) => state === 'trial'));

  readonly current: DayMember | null = $derived.by(
    () => this.members.find(({ player }) => player.id === this.chosen) ?? this.waiting[0] ?? null
  );

  /** What is typed at the player at hand. */
  readonly typed: TypedTexts | null = $derived.by(() => {
    const id = this.#atHandId;
    return id === null ? null : new TypedTexts(id);
  });
  readonly #atHandId: string | null = $derived.by(() => this.current?.player.id ?? null);

  /** Who came before the player at hand and was not absent. */
  get before(): DayMember | null {
    const order = this.members.map(({ player, state }) => ({ playerId: player.id, state }));
    const id = before(order, this.#atHandId, ['absent']);
    return this.members.find(({ player }) => player.id === id) ?? null;
  }

  /** Records of the player at hand; those of the one before may still be there for a moment. */
  #ofAtHand<T extends { readonly playerId: string }>(records: readonly T[]): readonly T[] {
    return records.filter(({ playerId }) => playerId === this.#atHandId);
  }

  /** The case of the player at hand. Only what was measured since the day began counts: a line measures anew. */
  readonly of: PlayerCase | null = $derived.by(() => {
    const { current } = this;
    const day = this.#day.current;
    if (!current || !day) return null;
    const draft = this.#draft.current;
    return {
      player: current.player,
      measurements: this.#ofAtHand(this.#measurements.current),
      fits: this.#ofAtHand(this.#fits.current),
      trials: this.#ofAtHand(this.#trials.current),
      pains: this.#ofAtHand(this.#pains.current),
      draft: draft?.id === current.player.id ? draft : null,
      lent: this.#lent.current?.get(current.player.id) ?? [],
      settings: this.#settings.current,
      today: clock.today,
      since: day.day
    };
  });

  readonly newest = $derived.by(() => newestByKind(this.of?.measurements ?? []));
  readonly readings: Readings = $derived.by(() => (this.of ? readingsOf(this.of) : {}));
  readonly pains: readonly Pain[] = $derived.by(() => openPains(this.of?.pains ?? []));

  isFresh(kind: MeasurementId): boolean {
    const measurement: Measurement | undefined = this.newest[kind];
    return (
      measurement !== undefined &&
      measurement.day >= (this.of?.since ?? '') &&
      isFresh(measurement, this.today)
    );
  }

  get heightMm(): number | null {
    const values = this.readings.height;
    return values && values.length > 0 ? combineReadings('height', values).mm : null;
  }

  /** Whether a height lies far outside what the player's age lets expect. */
  isBeyondAge(player: Player, mm: number): boolean {
    if (player.birthMonth === null) return false;
    return isBeyondReference({ sex: sexOf(player), birthMonth: player.birthMonth }, { date: this.today, mm });
  }

  readonly proposal: Proposal | null = $derived.by(() =>
    this.of ? proposeSize(sizingQuestion(this.of)) : null
  );
  readonly advice: Advice | null = $derived.by(() =>
    this.of && this.proposal ? answerWith(this.of, this.proposal).advice : null
  );
  /** The decision of this fit that stands already, by its id. */
  get decidedId(): string | null {
    return this.of ? (decidedOf(this.of)?.id ?? null) : null;
  }
}
