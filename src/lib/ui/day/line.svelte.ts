import type { MeasurementId } from '$lib/core/body';
import { proposeSize, type Proposal, type Readings } from '$lib/core/sizing';
import {
  db,
  DEFAULT_SETTINGS,
  freshReadings,
  getSettings,
  isFresh,
  newestByKind,
  sizesInUse,
  type Fit,
  type FittingDay,
  type Measurement,
  type Player,
  type Settings
} from '$lib/data';
import { lineStandings, type LineStanding } from '$lib/data/days';
import { currentDay } from '$lib/ui/clock';
import { Entered } from '$lib/ui/entered.svelte';
import { live } from '$lib/ui/live.svelte';

/** A fitting day as it runs: who comes next, what is measured, what it says. Reads only. */
export class Line {
  readonly #day;
  readonly #players;
  readonly #fits;
  readonly #measurements;
  readonly #settings;
  readonly today = currentDay();
  /** The player whom the teacher went to; else the first who waits. */
  chosen = $state<string | null>(null);

  constructor(dayId: string) {
    this.#day = live<FittingDay | null>(async () => (await db.days.get(dayId)) ?? null, null);
    const ids = async () => (await db.days.get(dayId))?.entries.map(({ playerId }) => playerId) ?? [];
    this.#players = live<readonly Player[]>(
      async () => (await db.players.bulkGet(await ids())).filter((one) => one !== undefined),
      []
    );
    this.#fits = live<readonly Fit[]>(
      async () =>
        db.fits
          .where('playerId')
          .anyOf(await ids())
          .toArray(),
      []
    );
    this.#measurements = live<readonly Measurement[]>(
      async () => {
        const id = this.current?.player.id;
        return id ? db.measurements.where('playerId').equals(id).toArray() : [];
      },
      [],
      () => this.current?.player.id
    );
    this.#settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
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

  readonly members: readonly LineStanding[] = $derived.by(() =>
    this.#day.current ? lineStandings(this.#day.current, this.#players.current, this.#fits.current) : []
  );

  readonly waiting = $derived.by(() => this.members.filter(({ state }) => state === 'waiting'));
  readonly secondLine = $derived.by(() => this.members.filter(({ state }) => state === 'trial'));

  readonly current: LineStanding | null = $derived.by(
    () => this.members.find(({ player }) => player.id === this.chosen) ?? this.waiting[0] ?? null
  );

  readonly newest = $derived.by(() => newestByKind(this.#owned()));

  /** Measurements of the player at hand; those of the one before may still be there for a moment. */
  #owned(): readonly Measurement[] {
    const id = this.current?.player.id;
    return this.#measurements.current.filter(({ playerId }) => playerId === id);
  }

  readonly #entered = new Entered();

  /** Readings of today alone: a line measures anew. */
  readonly readings: Readings = $derived.by(() => ({
    ...freshReadings(
      this.#owned().filter(({ day }) => day === this.today),
      this.today
    ),
    ...this.#entered.readingsOf(this.current?.player.id)
  }));

  /** Shows a reading in the answer at once, while it is being written. */
  enter(kind: MeasurementId, mm: number, write: () => Promise<boolean>): Promise<boolean> {
    const today = this.newest[kind];
    const known = today?.day === this.today ? today.readings.map((reading) => reading.mm) : [];
    return this.#entered.show(this.current?.player.id ?? '', kind, known, mm, write);
  }

  isFresh(kind: MeasurementId): boolean {
    const measurement = this.newest[kind];
    return measurement !== undefined && measurement.day === this.today && isFresh(measurement, this.today);
  }

  readonly proposal: Proposal | null = $derived.by(() => {
    const { current, settings } = this;
    if (!current) return null;
    const { family } = current.player;
    return proposeSize({
      family,
      readings: this.readings,
      rule: settings.rule,
      sizes: sizesInUse(settings, family),
      overrides: settings.dimensions
    });
  });
}
