import { combineReadings, MEASUREMENTS, type MeasurementId, type Readings } from '$lib/core/body';
import type { Ways } from '$lib/core/checks';
import { isBeyondReference } from '$lib/core/growth';
import type { Size } from '$lib/core/instruments';
import type { Outlook } from '$lib/core/outlook';
import { proposeSize, type Proposal } from '$lib/core/sizing';
import {
  concernsOf,
  followTrial,
  looksFor,
  type Advice,
  type Concern,
  type TrialState
} from '$lib/core/trial';
import {
  answerWith,
  db,
  decidedOf,
  isFresh,
  isOfThisFit,
  newDraft,
  newestByCheck,
  newestByKind,
  newestFirst,
  newestFitOf,
  openPains,
  outlookFor,
  readingsOf,
  sizingQuestion,
  triedOf,
  withComing,
  type Draft,
  type Fit,
  type Pain,
  type Measurement,
  type Player,
  type PlayerCase,
  type Settings,
  type Setup,
  type Trial
} from '$lib/data';
import { checksAtWork, type AtWork } from '$lib/data/questions/at-work';
import { sexOf } from '$lib/data/questions/lengths';
import { lentTo, type Lent } from '$lib/data/questions/lent';
import { recordOf } from '$lib/data/questions/records';
import { clock } from '$lib/ui/clock.svelte';
import { LivePlayer } from '$lib/ui/live-player.svelte';
import { live, liveRecord, type Live } from '$lib/ui/live.svelte';
import { TypedTexts } from '$lib/ui/typed.svelte';
import type { LiveLibrary } from '$lib/ui/lesson/library.svelte';
import { SetupBench } from './setup.svelte';

/**
 * Everything that one fit shows: the player's records as they stand in the database, what is typed or chosen
 * so far, and what follows from them. Reads only; the steps of the bench write through the data layer.
 */
export class Bench {
  readonly #playerId: string;
  readonly #records;
  readonly #draft: Live<Draft | null>;
  readonly #lent: Live<readonly Lent[]>;
  readonly #atWork: Live<AtWork | null>;
  readonly library: LiveLibrary;
  readonly typed: TypedTexts;
  /** The set-up, as it is on the screen and as it was kept. */
  readonly setup = new SetupBench(this);

  constructor(playerId: string) {
    this.#playerId = playerId;
    this.#records = new LivePlayer(
      () => playerId,
      ['measurements', 'fits', 'setups', 'trials', 'pains', 'checks', 'looks']
    );
    this.#draft = liveRecord('drafts', () => playerId);
    this.typed = new TypedTexts(playerId);
    this.#lent = live<readonly Lent[]>(async () => (await lentTo(db, [playerId])).get(playerId) ?? [], []);
    this.#atWork = live<AtWork | null>(async () => {
      const player = await recordOf(db, 'players', playerId);
      return player ? ((await checksAtWork(db, [player], clock.today))[0] ?? null) : null;
    }, null);
    this.library = this.#records.library();
  }

  get ready(): boolean {
    return this.#records.ready && this.#draft.ready && this.#lent.ready && this.typed.ready;
  }

  get player(): Player | null {
    return this.#records.player;
  }

  /** The ways that hold for this player: the group's own before the teacher's. */
  get ways(): Ways {
    return this.#records.taught.ways;
  }

  get settings(): Settings {
    return this.#records.settings;
  }

  /** What the player has from the cupboard, as it was measured. */
  get lent(): readonly Lent[] {
    return this.#lent.current;
  }

  get today() {
    return clock.today;
  }

  readonly draft = $derived.by(() => this.#draft.current ?? newDraft(this.#playerId));
  readonly checkResults = $derived.by(() => newestFirst(this.#records.of('checks')));
  /** The looks of the adjust loop, oldest first. */
  readonly looks = $derived.by(() => newestFirst(this.#records.of('looks')).toReversed());
  /** The set-ups of this player, newest first. */
  readonly setups: readonly Setup[] = $derived.by(() => newestFirst(this.#records.of('setups')));

  /** The player's case as it stands, with the lengths that are on their way to the database; null for a player who is not there. */
  readonly of: PlayerCase | null = $derived.by(() => {
    const player = this.player;
    return (
      player && {
        player,
        measurements: withComing(this.#records.of('measurements'), this.#playerId, this.typed.coming),
        fits: this.#records.of('fits'),
        trials: this.#records.of('trials'),
        pains: this.#records.of('pains'),
        draft: this.#draft.current,
        lent: this.#lent.current,
        settings: this.settings,
        today: clock.today
      }
    );
  });

  /** What was read of a length before a day on which it was read again; null where nothing was. */
  readBefore({ kind, day }: Measurement): Measurement | null {
    const earlier = this.#records.of('measurements').filter((one) => one.day < day && one.kind === kind);
    const newest = newestByKind(earlier)[kind];
    return newest && newest.readings.length > 0 ? newest : null;
  }
  readonly newest = $derived.by(() => newestByKind(this.#records.of('measurements')));
  readonly readings: Readings = $derived.by(() => (this.of ? readingsOf(this.of) : {}));

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

  /** Whether a height lies far outside what the player's age lets expect. */
  isBeyondAge(mm: number): boolean {
    const { player } = this;
    if (!player?.birthMonth) return false;
    const child = { sex: sexOf(player), birthMonth: player.birthMonth };
    return isBeyondReference(child, { date: this.today, mm });
  }

  readonly proposal: Proposal | null = $derived.by(() =>
    this.of ? proposeSize(sizingQuestion(this.of)) : null
  );
  readonly #answer = $derived.by(() =>
    this.of && this.proposal ? answerWith(this.of, this.proposal) : null
  );
  /** Tape, trial and growth together; null while nothing is measured. */
  readonly advice: Advice | null = $derived.by(() => this.#answer?.advice ?? null);
  /** The trial of this fit that ended last. */
  readonly tried: Trial | null = $derived.by(() => (this.of ? triedOf(this.of) : null));
  /** What the trial saw amiss besides the size. */
  readonly concerns: readonly Concern[] = $derived.by(() => {
    const { tried, player } = this;
    return tried && player ? concernsOf(looksFor(player.family), tried.answers) : [];
  });
  /** The trial under way. */
  readonly trial: TrialState | null = $derived.by(() => {
    const { trial } = this.draft;
    return trial && this.player ? followTrial(looksFor(this.player.family), trial.answers) : null;
  });

  /** Pain that was noted and is not closed: in this fit, where it stops everything, and before. */
  readonly pains: readonly Pain[] = $derived.by(() =>
    openPains(this.#records.of('pains')).filter((pain) => this.of && isOfThisFit(this.of, pain))
  );
  readonly earlierPains: readonly Pain[] = $derived.by(() =>
    openPains(this.#records.of('pains')).filter((pain) => !this.pains.includes(pain))
  );

  /** What comes, for a size in use. */
  outlookFor(size: Size): Outlook | null {
    return this.of && outlookFor(this.of, size);
  }

  /** When the size in question will be outgrown and when to measure next. */
  readonly outlook: Outlook | null = $derived.by(() => {
    const size = this.decided?.size ?? this.advice?.size;
    return size ? this.outlookFor(size) : null;
  });

  /** The decision of this fit on the family that is played, null while it is open. */
  readonly decided: Fit | null = $derived.by(() => (this.of ? decidedOf(this.of) : null));
  /** The decision before this fit. */
  readonly before: Fit | null = $derived.by(() => {
    const { of } = this;
    return (
      of &&
      newestFitOf(
        of.player,
        of.fits.filter((fit) => !isOfThisFit(of, fit))
      )
    );
  });

  /** The decision that stands: of this fit, else the one before it where nothing speaks for another size. */
  readonly standing: Fit | null = $derived.by(() => {
    const { decided, before, advice } = this;
    return decided ?? (advice === null || advice.size === before?.size ? before : null);
  });

  /** The newest result of each check in this fit. */
  readonly seen = $derived.by(() => {
    const { of } = this;
    return newestByCheck(this.#records.of('checks').filter((result) => of && isOfThisFit(of, result)));
  });

  /** What is worked on: for the card. */
  get focus(): AtWork | null {
    return this.#atWork.current;
  }
}
