import { wayOf, type Ways } from '$lib/core/checks';
import {
  bodyOf,
  combineReadings,
  FRACTION_OF_HEIGHT,
  type MeasurementId,
  type Readings
} from '$lib/core/body';
import { seatedBody } from '$lib/core/cello';
import { asMeasured, dimensionsOf, isShoulderFamily, type NominalInstrument } from '$lib/core/instruments';
import {
  adjustmentsFrom,
  changesBetween,
  noAdjustments,
  restStack,
  seatedPlan,
  settle,
  settleSeated,
  settleStanding,
  SETUP_KIND_OF,
  standingPlan,
  TILT_DEG,
  type AdjustmentsOf,
  type Arrangement,
  type ArrangementOf,
  type LookQuestion,
  type RestStack,
  type SeatedQuestion,
  type SeatedPlan,
  type SettingId,
  type SetupKind,
  type SetupReview,
  type StandingPlan,
  SETUP_CHOICES
} from '$lib/core/setup';
import {
  isOfThisFit,
  setupReviewOf,
  type Draft,
  type Fit,
  type Look,
  type newestByKind,
  type Player,
  type PlayerCase,
  type Settings,
  type Setup,
  type SetupToKeep
} from '$lib/data';
import type { Lent } from '$lib/data/questions/lent';
import { scrollSchoolOf } from '$lib/data/questions/settings';
import { SETTING_WORDS, settingWords } from '$lib/words/setup';

/** A set-up as it is on the screen: what was worked out, and what is to be set. */
export type Laid =
  | { readonly kind: 'rest'; readonly plan: RestStack; readonly arrangement: ArrangementOf<'rest'> }
  | { readonly kind: 'seated'; readonly plan: SeatedPlan; readonly arrangement: ArrangementOf<'seated'> }
  | {
      readonly kind: 'standing';
      readonly plan: StandingPlan;
      readonly arrangement: ArrangementOf<'standing'>;
    };

/** Ways of a set-up that are taken while nothing else is chosen for it: the teacher's. */
const wayAmong = <Way extends string>(ways: readonly Way[], wanted: string): Way => {
  const [usual] = ways;
  const found = ways.find((way) => way === wanted) ?? usual;
  if (found === undefined) throw new RangeError('no ways');
  return found;
};
const usualSeated = (ways: Ways) => ({
  anchoring: wayAmong(SETUP_CHOICES.seated.anchoring, wayOf('anchoring', ways).id),
  placing: wayAmong(SETUP_CHOICES.seated.placing, wayOf('cello-placing', ways).id)
});
const usualStanding = (ways: Ways) => ({
  bowHold: wayAmong(SETUP_CHOICES.standing.bowHold, wayOf('bass-bow-hold', ways).id)
});

/** Lengths that a set-up of a kind rests on. */
const BASIS: Readonly<Record<SetupKind, readonly MeasurementId[]>> = {
  rest: ['neckGap', 'height', 'shoulderSlope'],
  seated: ['height', 'lowerLeg', 'seatedBreastbone', 'seatedEar', 'seatedShoulder', 'armReach'],
  standing: ['height', 'gripHang', 'cheek', 'eyebrow']
};

/** What the set-up asks of its bench. */
interface Fitted {
  readonly player: Player | null;
  readonly settings: Settings;
  readonly ways: Ways;
  /** The player's case as it stands. */
  readonly of: PlayerCase | null;
  readonly draft: Draft;
  readonly lent: readonly Lent[];
  readonly readings: Readings;
  readonly newest: ReturnType<typeof newestByKind>;
  /** Newest first. */
  readonly setups: readonly Setup[];
  /** Oldest first. */
  readonly looks: readonly Look[];
  readonly decided: Fit | null;
  readonly before: Fit | null;
}

/** The set-up at one bench: worked out, changed by hand, and as it was kept. Reads only. */
export class SetupBench {
  readonly #bench: Fitted;

  constructor(bench: Fitted) {
    this.#bench = bench;
  }

  readonly kind: SetupKind | null = $derived.by(() => {
    const { player } = this.#bench;
    return player && SETUP_KIND_OF[player.family];
  });

  /** The set-ups of this kind, newest first. */
  readonly #mine: readonly Setup[] = $derived.by(() =>
    this.#bench.setups.filter(
      ({ kind, family }) => kind === this.kind && family === this.#bench.player?.family
    )
  );

  /** The decision that is set up: of this fit, else the one that is in use. */
  readonly fit: Fit | null = $derived.by(() => this.#bench.decided ?? this.#bench.before);

  /** The set-up that was kept for that decision. */
  readonly kept: Setup | null = $derived.by(
    () => this.#mine.find(({ fitId }) => fitId === this.fit?.id) ?? null
  );

  /** The newest set-up of an earlier fit on the same family, to compare with. */
  readonly earlier: Setup | null = $derived.by(
    () => this.#mine.find(({ fitId }) => fitId !== this.fit?.id) ?? null
  );

  /** What was changed by hand: in this fit, else in the set-up that was kept. */
  adjustments<Kind extends SetupKind>(kind: Kind): AdjustmentsOf<Kind> {
    const { setup } = this.#bench.draft;
    if (setup?.kind === kind) return setup as AdjustmentsOf<Kind>;
    return this.kept ? (adjustmentsFrom(this.kept) as AdjustmentsOf<Kind>) : noAdjustments(kind);
  }

  /** Lengths as they were read lately, else those on which the set-up in use rests. */
  readonly readings: Readings = $derived.by(() => {
    const { readings } = this.#bench;
    if (!this.kept || bodyOf(readings)) return readings;
    return Object.fromEntries(Object.entries(this.kept.basis.lengths).map(([id, mm]) => [id, [mm]]));
  });

  #lengthOf(id: MeasurementId): number | null {
    const read = this.readings[id] ?? [];
    return read.length > 0 ? combineReadings(id, read).mm : null;
  }

  /** The instrument that was decided on, as it was measured where it was. */
  readonly instrument: NominalInstrument | null = $derived.by(() => {
    const { player, lent, draft } = this.#bench;
    const { fit } = this;
    if (!fit || !player) return null;
    return asMeasured(this.instrumentOf(fit.size), [...lent, ...draft.instruments, ...fit.instruments]);
  });

  /** The notches of the pin, where the instrument that was lent has any. */
  get #lentNotches(): readonly number[] {
    return this.#bench.lent.find(({ size }) => size === this.fit?.size)?.notchesMm ?? [];
  }

  /** A size of the family that is played, by the teacher's own dimensions. */
  instrumentOf(size: string): NominalInstrument {
    const { player, settings } = this.#bench;
    return dimensionsOf(player?.family ?? 'violin', size, settings.dimensions);
  }

  /** The set-up as it is on the screen; null while there is nothing to work it out from. */
  readonly laid: Laid | null = $derived.by(() => {
    const { kind, instrument } = this;
    if (!instrument) return null;
    if (kind === 'rest') return this.#rest(instrument);
    const body = bodyOf(this.readings);
    if (!body || kind === null) return null;
    if (kind === 'seated') {
      const adjustments = this.adjustments('seated');
      const plan = seatedPlan({ body: seatedBody(body), cello: instrument, own: adjustments.values });
      return { kind, plan, arrangement: settleSeated(plan, usualSeated(this.#bench.ways), adjustments) };
    }
    const adjustments = this.adjustments('standing');
    const plan = standingPlan({
      heights: {
        gripHangMm: body.length('gripHang').mm,
        cheekMm: body.length('cheek').mm,
        eyebrowMm: body.length('eyebrow').mm
      },
      bass: instrument,
      notchesMm: adjustments.notchesMm ?? this.#lentNotches,
      own: adjustments.values
    });
    return { kind, plan, arrangement: settleStanding(plan, usualStanding(this.#bench.ways), adjustments) };
  });

  #rest(instrument: NominalInstrument): Laid | null {
    const { player, settings, newest } = this.#bench;
    const adjustments = this.adjustments('rest');
    const neckGapMm = this.#lengthOf('neckGap');
    const heightMm = this.#lengthOf('height') ?? this.#heightFromArm();
    if (!player || !isShoulderFamily(player.family) || (neckGapMm === null && heightMm === null)) return null;
    const dropMm = this.#lengthOf('shoulderSlope');
    const { chinRest: chinRestMm, lift: liftMm } = adjustments.values;
    const plan = restStack({
      instrument,
      neckGapMm,
      heightMm,
      shoulder:
        dropMm !== null && heightMm !== null ? { dropMm } : { slope: newest.shoulderSlope?.look ?? 'medium' },
      school: adjustments.choices.school ?? settings.restSchool,
      tiltDeg: adjustments.values.tilt ?? TILT_DEG[settings.tiltSchool],
      rests: settings.rests ?? [],
      ...(chinRestMm === undefined ? {} : { chinRestMm }),
      ...(liftMm === undefined ? {} : { liftMm })
    });
    const scroll = scrollSchoolOf(settings);
    const usual = { school: settings.restSchool, mount: 'beside', scroll } as const;
    return { kind: 'rest', plan, arrangement: settle(plan, usual, adjustments) };
  }

  #heightFromArm(): number | null {
    const palmMm = this.#lengthOf('armToPalm');
    return palmMm === null ? null : palmMm / FRACTION_OF_HEIGHT.neckToPalm;
  }

  /** What a cello's seat, pin and angle are worked out from; null for others. */
  get seatedQuestion(): SeatedQuestion | null {
    const { instrument } = this;
    const body = this.kind === 'seated' ? bodyOf(this.readings) : null;
    return instrument && body
      ? { body: seatedBody(body), cello: instrument, own: this.adjustments('seated').values }
      : null;
  }

  /** What a look is answered from; null while nothing is laid out. */
  get lookQuestion(): LookQuestion | null {
    const { laid, instrument, looks } = this;
    if (!laid) return null;
    const { arrangement: setup } = laid;
    return {
      kind: laid.kind,
      setup,
      looks,
      instrument,
      notchesMm: setup.notchesMm,
      ...(this.#bench.settings.rests ? { rests: this.#bench.settings.rests } : {}),
      ...(setup.kind === 'rest' ? { school: setup.choices.school } : {})
    };
  }

  get arrangement(): Arrangement | null {
    return this.laid?.arrangement ?? null;
  }

  /** What this set-up calls a setting: the lift of one with a pad is the pad. */
  readonly nameOf = (id: SettingId): string =>
    (this.arrangement ? settingWords(this.arrangement, id) : SETTING_WORDS[id]).name;

  /** The settings as they stand, in their own units. */
  get values(): Readonly<Partial<Record<SettingId, number>>> {
    const { arrangement } = this;
    return arrangement
      ? Object.fromEntries(Object.entries(arrangement.settings).map(([id, { value }]) => [id, value]))
      : {};
  }

  /** What the set-up on the screen rests on, for its record. */
  get basis(): Pick<SetupToKeep, 'lengths' | 'estimated'> {
    const { kind, laid } = this;
    const ids = kind ? BASIS[kind] : [];
    const read = ids.flatMap((id) => {
      const mm = this.#lengthOf(id);
      return mm === null ? [] : ([[id, mm]] as const);
    });
    const stood = laid?.kind === 'rest' ? { neckGap: laid.plan.neckGapMm } : {};
    const needed = ids.filter((id) => id !== 'height' && id !== 'shoulderSlope');
    return {
      lengths: { ...stood, ...Object.fromEntries(read) },
      estimated: needed.filter((id) => this.#lengthOf(id) === null)
    };
  }

  /** How long the set-up that was kept stays right. */
  readonly review: SetupReview | null = $derived.by(() => {
    const { of, setups } = this.#bench;
    return of && this.kept && setupReviewOf({ ...of, setups });
  });

  /** The looks of this fit's set-up, oldest first. */
  readonly looks: readonly Look[] = $derived.by(() =>
    this.#bench.looks.filter((look) => {
      const { of } = this.#bench;
      return look.kind === this.kind && look.setupId === null && of !== null && isOfThisFit(of, look);
    })
  );

  /** True while the set-up on the screen differs from the one that was kept. */
  readonly changed: boolean = $derived.by(() => {
    const { kept, arrangement } = this;
    return kept !== null && arrangement !== null && changesBetween(kept, arrangement).length > 0;
  });
}
