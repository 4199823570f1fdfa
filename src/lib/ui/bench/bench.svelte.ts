import { combineReadings, FRACTION_OF_HEIGHT, MEASUREMENTS, type MeasurementId } from '$lib/core/body';
import { checksFor, focusOf, type Check, type CheckOutcome } from '$lib/core/checks';
import { ageYears, GROWN_YEARS } from '$lib/core/growth';
import { dimensionsOf, isShoulderFamily, type Family, type Size } from '$lib/core/instruments';
import { outlook, type Outlook } from '$lib/core/outlook';
import {
  changesBetween,
  restStack,
  settle,
  TILT_DEG,
  type RestSettings,
  type RestStack
} from '$lib/core/setup';
import { proposeSize, type Proposal, type Readings, type SizingQuestion } from '$lib/core/sizing';
import { advise, followTrial, looksFor, type Advice, type TrialState } from '$lib/core/trial';
import {
  db,
  DEFAULT_SETTINGS,
  freshReadings,
  getSettings,
  isFresh,
  newDraft,
  newestByCheck,
  newestByKind,
  newestFirst,
  sizesInUse,
  type CheckResult,
  type Draft,
  type Fit,
  type Measurement,
  type Player,
  type Settings,
  type Setup,
  type Trial
} from '$lib/data';
import { outlookQuestion } from '$lib/data/outlook';
import { live } from '$lib/ui/live.svelte';
import { currentDay } from '$lib/ui/clock';
import { Entered } from '$lib/ui/entered.svelte';

/**
 * Everything that one fit shows: the player's records as they stand in the database, what is typed or chosen
 * so far, and what follows from them. Reads only; the steps of the bench write through the data layer.
 */
export class Bench {
  readonly #playerId: string;
  readonly #player;
  readonly #measurements;
  readonly #fits;
  readonly #setups;
  readonly #trials;
  readonly #checks;
  readonly #draft;
  readonly #settings;
  readonly today = currentDay();

  constructor(playerId: string) {
    this.#playerId = playerId;
    const owned = { playerId };
    this.#player = live<Player | null>(async () => (await db.players.get(playerId)) ?? null, null);
    this.#measurements = live<readonly Measurement[]>(() => db.measurements.where(owned).toArray(), []);
    this.#fits = live<readonly Fit[]>(() => db.fits.where(owned).toArray(), []);
    this.#setups = live<readonly Setup[]>(() => db.setups.where(owned).toArray(), []);
    this.#trials = live<readonly Trial[]>(() => db.trials.where(owned).toArray(), []);
    this.#checks = live<readonly CheckResult[]>(() => db.checks.where(owned).toArray(), []);
    this.#draft = live<Draft | null>(async () => (await db.drafts.get(playerId)) ?? null, null);
    this.#settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  }

  get ready(): boolean {
    return (
      this.#player.ready &&
      this.#measurements.ready &&
      this.#fits.ready &&
      this.#setups.ready &&
      this.#trials.ready &&
      this.#checks.ready &&
      this.#draft.ready &&
      this.#settings.ready
    );
  }

  get player(): Player | null {
    return this.#player.current;
  }

  get family(): Family | null {
    return this.player?.family ?? null;
  }

  get settings(): Settings {
    return this.#settings.current;
  }

  get storedDraft(): Draft | null {
    return this.#draft.current;
  }

  readonly draft = $derived.by(() => this.#draft.current ?? newDraft(this.#playerId));
  readonly fits = $derived.by(() => newestFirst(this.#fits.current));
  readonly setups = $derived.by(() => newestFirst(this.#setups.current));
  readonly checkResults = $derived.by(() => newestFirst(this.#checks.current));

  readonly newest = $derived.by(() => newestByKind(this.#measurements.current));
  readonly #entered = new Entered();
  readonly readings: Readings = $derived.by(() => ({
    ...freshReadings(this.#measurements.current, this.today),
    ...this.#entered.readingsOf(this.#playerId)
  }));

  /** Shows a reading in the answer at once, while it is being written. */
  enter(kind: MeasurementId, mm: number, write: () => Promise<boolean>): Promise<boolean> {
    const today = this.newest[kind];
    const known = today?.day === this.today ? today.readings.map((reading) => reading.mm) : [];
    return this.#entered.show(this.#playerId, kind, known, mm, write);
  }

  isFresh(kind: MeasurementId): boolean {
    const measurement = this.newest[kind];
    return measurement !== undefined && isFresh(measurement, this.today);
  }

  /** The value of a measurement that was read recently, mm. */
  valueOf(kind: MeasurementId): number | null {
    const values = this.readings[kind];
    return values && values.length > 0 ? combineReadings(kind, values).mm : null;
  }

  /** What height suggests for a length that was not measured, mm. */
  estimateOf(kind: MeasurementId): number | null {
    const heightMm = this.valueOf('height');
    if (heightMm === null || this.valueOf(kind) !== null) return null;
    return MEASUREMENTS[kind].expectedMm?.(heightMm) ?? null;
  }

  readonly question: SizingQuestion | null = $derived.by(() => {
    const { family, settings, player, draft } = this;
    if (!family || !player) return null;
    const from = this.fits.find((fit) => fit.family !== family);
    return {
      family,
      readings: this.readings,
      rule: settings.rule,
      sizes: sizesInUse(settings, family),
      overrides: settings.dimensions,
      instruments: draft.instruments,
      pain: this.trials[0]?.verdict === 'stopped' || this.stopped,
      grown: player.birthMonth !== null && ageYears(player.birthMonth, this.today) >= GROWN_YEARS,
      ...(from ? { from: { family: from.family, size: from.size } } : {})
    };
  });

  readonly proposal: Proposal | null = $derived.by(() => (this.question ? proposeSize(this.question) : null));

  readonly trials = $derived.by(() => newestFirst(this.#trials.current));
  /** The trial of this fit that ended last. */
  readonly tried: Trial | null = $derived.by(
    () => this.trials.find((trial) => trial.family === this.family && this.#isOfThisFit(trial)) ?? null
  );
  /** The trial under way. */
  readonly trial: TrialState | null = $derived.by(() => {
    const { trial } = this.draft;
    return trial && this.family ? followTrial(looksFor(this.family), trial.answers) : null;
  });

  /** What comes, for a size in use. */
  outlookFor(size: Size): Outlook | null {
    const { player, settings } = this;
    if (!player) return null;
    return outlook(outlookQuestion(player, this.#measurements.current, settings, size, this.today));
  }

  /** When the size in question will be outgrown and when to measure next. */
  readonly outlook: Outlook | null = $derived.by(() => {
    const size = this.decided?.size ?? this.advice?.size;
    return size ? this.outlookFor(size) : null;
  });

  /** Tape, trial and growth together; null while nothing is measured. */
  readonly advice: Advice | null = $derived.by(() => {
    const { proposal, tried, today } = this;
    if (!proposal) return null;
    const smaller = tried && proposal.between?.[0];
    const outgrown = smaller ? (this.outlookFor(smaller)?.outgrown?.middle ?? null) : null;
    return advise(proposal, tried, today, outgrown);
  });

  /** Decisions and set-ups since this fit was begun belong to it; without a draft those of today. */
  #isOfThisFit(record: { readonly at: string; readonly day: string }): boolean {
    const draft = this.#draft.current;
    return draft ? record.at >= draft.startedAt : record.day === this.today;
  }

  /** The decision of this fit, null while it is open. */
  readonly decided: Fit | null = $derived.by(() => this.fits.find((fit) => this.#isOfThisFit(fit)) ?? null);
  /** The decision before this fit. */
  readonly before: Fit | null = $derived.by(
    () => this.fits.find((fit) => fit.family === this.family && !this.#isOfThisFit(fit)) ?? null
  );

  /** The set-up that was kept for the decision of this fit. */
  readonly kept: Setup | null = $derived.by(() => {
    const { decided } = this;
    return decided ? (this.setups.find(({ fitId }) => fitId === decided.id) ?? null) : null;
  });

  /** The newest set-up of an earlier fit, to compare with. */
  readonly earlierSetup: Setup | null = $derived.by(
    () => this.setups.find(({ fitId }) => fitId !== this.decided?.id) ?? null
  );

  readonly stack: RestStack | null = $derived.by(() => {
    const { decided, draft, family, settings } = this;
    const neckGapMm = this.valueOf('neckGap');
    const heightMm = this.valueOf('height') ?? this.#heightFromArm();
    if (!decided || !family || !isShoulderFamily(family) || (neckGapMm === null && heightMm === null))
      return null;
    const dropMm = this.valueOf('shoulderSlope');
    const look = this.newest.shoulderSlope?.look ?? 'medium';
    const chinRestMm = draft.adjustments.values.chinRest;
    return restStack({
      instrument: dimensionsOf(family, decided.size, settings.dimensions),
      neckGapMm,
      heightMm,
      shoulder: dropMm !== null && heightMm !== null ? { dropMm } : { slope: look },
      school: draft.restSchool ?? settings.restSchool,
      tiltDeg: draft.tiltDeg ?? TILT_DEG[settings.tiltSchool],
      ...(chinRestMm === undefined ? {} : { chinRestMm })
    });
  });

  #heightFromArm(): number | null {
    const palmMm = this.valueOf('armToPalm');
    return palmMm === null ? null : palmMm / FRACTION_OF_HEIGHT.neckToPalm;
  }

  readonly rest: RestSettings | null = $derived.by(() => {
    const { draft, settings, stack } = this;
    return (
      stack &&
      settle(
        stack,
        { school: draft.restSchool ?? settings.restSchool, mount: draft.mount },
        draft.adjustments
      )
    );
  });

  /** True while the set-up on the screen differs from the one that was kept. */
  readonly setupChanged: boolean = $derived.by(() => {
    const { kept, rest } = this;
    return kept !== null && rest !== null && changesBetween(kept.rest, rest).length > 0;
  });

  readonly checks: readonly Check[] = $derived.by(() => (this.family ? checksFor(this.family) : []));

  /** The newest result of each check with the set-up that was kept, or of today when there is none. */
  readonly seen = $derived.by(() =>
    newestByCheck(this.#checks.current.filter((result) => this.#isOfThisFit(result)))
  );

  readonly stopped: boolean = $derived.by(
    () => this.checkResults.find((result) => this.#isOfThisFit(result))?.outcome.kind === 'stopped'
  );

  readonly focus: Check | null = $derived.by(() => focusOf(this.checks, outcomesOf(this.#checks.current)));
}

/** The newest outcome of each check, without looks that were stopped. */
export function outcomesOf(results: readonly CheckResult[]): Readonly<Partial<Record<string, CheckOutcome>>> {
  const outcomes: Partial<Record<string, CheckOutcome>> = {};
  for (const { checkId, outcome } of newestFirst(results))
    if (outcome.kind !== 'stopped') outcomes[checkId] ??= outcome;
  return outcomes;
}
