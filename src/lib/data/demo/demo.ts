import { expectedLength, FIT_ORDER, type MeasurementId } from '$lib/core/body';
import { checksFor, RATINGS } from '$lib/core/checks';
import {
  dimensionsOf,
  isShoulderFamily,
  type Family,
  type ShoulderFamily,
  type Size
} from '$lib/core/instruments';
import { restStack, settle, TILT_DEG } from '$lib/core/setup';
import { proposeSize } from '$lib/core/sizing';
import { dayOf, daysLater, monthsLater, type IsoDay } from '$lib/core/time';
import { advise, followTrial, looksFor, STOP, type TrialAnswer, type TrialVerdict } from '$lib/core/trial';
import { commit } from '../changes';
import type { Database } from '../database';
import { newDraft } from '../drafts';
import { nextLook } from '../fits';
import { outlookQuestion } from '../outlook';
import type { CheckResult, Fit, FittingDay, Measurement, Player, Setup, Trial } from '../records';
import { DEFAULT_SETTINGS } from '../settings';
import { DEMO_CAST, type DemoPlayer } from './cast';

/** Growth of a beginner, mm a day: about 6 cm a year. */
const GROWTH_MM_PER_DAY = 60 / 365;
const ADULT_MONTHS = 216;

/** Every record of the made-up class, with its dates counted back from today. */
export interface DemoRecords {
  readonly players: readonly Player[];
  readonly measurements: readonly Measurement[];
  readonly fits: readonly Fit[];
  readonly setups: readonly Setup[];
  readonly trials: readonly Trial[];
  readonly checks: readonly CheckResult[];
  readonly days: readonly FittingDay[];
  readonly drafts: readonly ReturnType<typeof newDraft>[];
}

interface Plot {
  /** How many days ago its sizes were decided, oldest first. */
  readonly decided?: readonly number[];
  /** How many days ago it was measured without a decision, and whether only in part. */
  readonly measured?: { readonly daysAgo: number; readonly part?: boolean };
  /** Its first decision was on another family. */
  readonly firstOn?: Family;
  /** How the trial before its last decision ended. */
  readonly trial?: TrialVerdict;
}

const PLOTS: Readonly<Record<DemoPlayer['story'], Plot>> = {
  new: {},
  'half-measured': { measured: { daysAgo: 0, part: true } },
  due: { decided: [210] },
  outgrown: { decided: [320], measured: { daysAgo: 3 } },
  history: { decided: [430, 240, 35], trial: 'keep' },
  settled: { decided: [40] },
  between: { decided: [9] },
  'changes-over': { decided: [200], firstOn: 'violin', measured: { daysAgo: 2 } },
  'trial-differs': { decided: [12], trial: 'smaller' },
  stopped: { decided: [14], trial: 'stopped' },
  archived: { decided: [400] }
};

/** How much of it a player has had measured who is half done. */
const PART: Readonly<Record<Family, number>> = { violin: 2, viola: 2, cello: 4, bass: 2 };

const at = (day: IsoDay, time: string) => `${day}T${time}.000Z`;

/** A repeatable small number from -1 to 1, so that invented bodies are not all average. */
function quirk(seed: string): number {
  let hash = 7;
  for (const letter of seed) hash = (hash * 31 + letter.charCodeAt(0)) % 9973;
  return (hash / 9973) * 2 - 1;
}

/** Writes the life of one invented player. */
class Story {
  readonly measurements: Measurement[] = [];
  readonly fits: Fit[] = [];
  readonly setups: Setup[] = [];
  readonly trials: Trial[] = [];
  readonly checks: CheckResult[] = [];

  constructor(
    readonly who: DemoPlayer,
    readonly player: Player,
    readonly today: IsoDay
  ) {}

  #heightOn(day: IsoDay, daysAgo: number): number {
    const grown = (this.who.ageMonths ?? 0) < ADULT_MONTHS ? daysAgo * GROWTH_MM_PER_DAY : 0;
    return Math.round(this.who.heightMm - grown + quirk(day) * 2);
  }

  measure(daysAgo: number, kinds: readonly MeasurementId[]): IsoDay {
    const day = daysLater(this.today, -daysAgo);
    const heightMm = this.#heightOn(day, daysAgo);
    for (const kind of kinds) {
      const first = Math.round(this.#lengthOf(kind, heightMm));
      const twice = kind === 'armToPalm' || kind === 'armReach' || kind === 'gripHang';
      const readings = [first, ...(twice ? [first + 2] : [])].map((mm, index) => ({
        mm,
        at: at(day, `09:1${index}:00`)
      }));
      this.measurements.push({
        id: `${this.player.id}:${kind}:${day}`,
        playerId: this.player.id,
        kind,
        day,
        readings,
        look: null
      });
    }
    return day;
  }

  /** Arm and hand differ together, as do the seated lengths. */
  #lengthOf(kind: MeasurementId, heightMm: number): number {
    if (kind === 'height') return heightMm;
    if (kind === 'shoulderSlope') return 0.026 * heightMm;
    const { name, notes } = this.who;
    const builds: Partial<Record<MeasurementId, number>> = {
      handSpan: 0.06 * quirk(`${name} span`),
      handSpanWidest: 0.06 * quirk(`${name} span`),
      neckGap: 0.1 * quirk(`${name} neck`),
      eyebrow: 0.003 * quirk(`${name} face`),
      cheek: 0.004 * quirk(`${name} face`)
    };
    const trunk = notes.includes('short trunk') ? -0.07 : 0.012 * quirk(`${name} trunk`);
    const seated = kind.startsWith('seated') ? trunk : undefined;
    const build = builds[kind] ?? seated ?? 0.015 * quirk(name);
    return expectedLength(kind, heightMm).mm * (1 + build);
  }

  decide(daysAgo: number, family: Family, trial: TrialVerdict | null): void {
    const day = this.measure(daysAgo, FIT_ORDER[family]);
    const sofar = this.measurements.filter((one) => one.day <= day);
    const readings = Object.fromEntries(
      sofar.filter((one) => one.day === day).map(({ kind, readings }) => [kind, readings.map(({ mm }) => mm)])
    );
    const proposal = proposeSize({ family, readings, rule: DEFAULT_SETTINGS.rule });
    if (!proposal) return;
    const tried = trial && this.#try(day, family, proposal.advised, trial);
    const advice = advise(proposal, tried, day);
    const size = advice.size ?? proposal.advised;
    const chosen = proposal.candidates.find((candidate) => candidate.size === size);
    const number = this.fits.length + 1;
    const player = { ...this.player, family };
    const fit: Fit = {
      id: `${this.player.id}-fit-${number}`,
      playerId: this.player.id,
      family,
      at: at(day, '09:20:00'),
      day,
      readings,
      rule: proposal.arithmetic.kind === 'landing' ? proposal.arithmetic.rule : null,
      instruments: [],
      trialId: tried?.id ?? null,
      proposal: proposal.proposal,
      advised: size,
      betweenSizes: proposal.betweenSizes,
      probability: chosen?.probability ?? 0,
      marginMm: Math.min(1000, chosen?.marginMm ?? 0),
      size,
      reason: null,
      nextLook: nextLook(outlookQuestion(player, sofar, DEFAULT_SETTINGS, size, day), proposal.betweenSizes)
    };
    this.fits.push(fit);
    if (isShoulderFamily(family)) this.#setUp(fit, family, readings);
    this.#check(fit, number);
  }

  /** A trial that ends with the wanted verdict: calm answers, then those that speak for it. */
  #try(day: IsoDay, family: Family, size: Size, verdict: TrialVerdict): Trial {
    const looks = looksFor(family);
    const answers: TrialAnswer[] = [];
    for (let state = followTrial(looks, answers); state.kind === 'asking';) {
      const { look, choices } = state;
      const stops = verdict === 'stopped' && state.number > 2;
      const telling = choices.find(({ speaksFor, points }) => speaksFor === verdict && points > 0);
      const calm = choices.find(({ speaksFor }) => speaksFor === 'keep');
      answers.push({ look: look.id, choice: stops ? STOP : ((telling ?? calm ?? choices[0])?.id ?? '') });
      state = followTrial(looks, answers);
    }
    const trial: Trial = {
      id: `${this.player.id}-trial-${this.trials.length + 1}`,
      playerId: this.player.id,
      family,
      at: at(day, '09:18:00'),
      day,
      size,
      answers,
      verdict
    };
    this.trials.push(trial);
    return trial;
  }

  #setUp(
    fit: Fit,
    family: ShoulderFamily,
    readings: Readonly<Partial<Record<MeasurementId, readonly number[]>>>
  ): void {
    const school = quirk(`${this.who.name} school`) > 0.4 ? 'collarbone-first' : 'rest-first';
    const stack = restStack({
      instrument: dimensionsOf(family, fit.size),
      neckGapMm: readings.neckGap?.[0] ?? null,
      heightMm: readings.height?.[0] ?? null,
      shoulder: { slope: 'medium' },
      school,
      tiltDeg: TILT_DEG['high-over-shoulder']
    });
    const rest = settle(
      stack,
      { school, mount: 'beside' },
      {
        values: {},
        marks: { shoulderFootAlong: 'blue sticker at the foot', chestFootAlong: 'blue sticker at the foot' }
      }
    );
    const number = this.setups.length + 1;
    this.setups.push({
      id: `${this.player.id}-setup-${number}`,
      playerId: this.player.id,
      fitId: fit.id,
      family,
      size: fit.size,
      version: number,
      at: at(fit.day, '09:30:00'),
      day: fit.day,
      fillerMm: stack.fillerMm,
      neckGapMm: stack.neckGapMm,
      neckGapEstimated: false,
      rest
    });
  }

  #check(fit: Fit, round: number): void {
    checksFor(fit.family).forEach((check, index) => {
      const level = Math.min(4, 1 + round + Math.round(quirk(`${this.who.name}${check.id}`)));
      const outcome: CheckResult['outcome'] =
        check.result === 'seconds'
          ? { kind: 'seconds', seconds: 2 + round * 2 }
          : { kind: 'rating', rating: RATINGS[Math.max(1, level)] ?? 'mostly' };
      this.checks.push({
        id: `${this.player.id}-check-${round}-${index}`,
        playerId: this.player.id,
        checkId: check.id,
        at: at(fit.day, `09:4${index}:00`),
        day: fit.day,
        setupId: this.setups.at(-1)?.id ?? null,
        outcome,
        faults: level <= 1 && check.faults[0] ? [check.faults[0].id] : []
      });
    });
  }
}

function tell(who: DemoPlayer, index: number, today: IsoDay): Story {
  const id = `demo-${String(index + 1).padStart(2, '0')}`;
  const player: Player = {
    id,
    name: who.name,
    birthMonth: who.ageMonths === null ? null : monthsLater(today, -who.ageMonths).slice(0, 7),
    curve: who.curve,
    family: who.family,
    group: who.group,
    notes: who.notes,
    photosAllowed: quirk(who.name) > 0.5,
    archivedOn: who.story === 'archived' ? daysLater(today, -200) : null,
    createdAt: at(daysLater(today, -450), '08:00:00'),
    demo: true
  };
  const story = new Story(who, player, today);
  const { decided = [], measured, firstOn, trial = null } = PLOTS[who.story];
  decided.forEach((daysAgo, index) =>
    story.decide(
      daysAgo,
      index === 0 && firstOn ? firstOn : who.family,
      index === decided.length - 1 ? trial : null
    )
  );
  if (measured) {
    const all = FIT_ORDER[who.family];
    story.measure(measured.daysAgo, measured.part ? all.slice(0, PART[who.family]) : all);
  }
  return story;
}

/** A line that was begun today with the Monday beginners: one is away. */
function demoDay(stories: readonly Story[], now: Date): FittingDay {
  const line = stories.filter(
    ({ who }) => who.group === 'Monday beginners' && who.story !== 'archived' && who.story !== 'half-measured'
  );
  return {
    id: 'demo-day',
    name: 'Monday beginners, autumn',
    day: dayOf(now),
    startedAt: new Date(now.getTime() - 1_800_000).toISOString(),
    closedAt: null,
    entries: line.map(({ player }, index) => ({
      playerId: player.id,
      state: index === 1 ? 'absent' : 'waiting'
    })),
    typed: {},
    demo: true
  };
}

/** The made-up class as it would stand on a day. The same day always gives the same records. */
export function demoRecords(now: Date): DemoRecords {
  const today = dayOf(now);
  const stories = DEMO_CAST.map((who, index) => tell(who, index, today));
  const of = <T>(pick: (story: Story) => readonly T[]) => stories.flatMap(pick);
  return {
    players: stories.map(({ player }) => player),
    measurements: of((story) => story.measurements),
    fits: of((story) => story.fits),
    setups: of((story) => story.setups),
    trials: of((story) => story.trials),
    days: [demoDay(stories, now)],
    checks: of((story) => story.checks),
    drafts: stories
      .filter(({ who }) => who.story === 'half-measured')
      .map(({ player }) => newDraft(player.id, new Date(now.getTime() - 3_600_000)))
  };
}

/** Puts the made-up class into the database as one step. */
export const loadDemo = (db: Database, now = new Date()): Promise<void> =>
  commit(db, 'Brought in the made-up class', async ({ put }) => {
    const records = demoRecords(now);
    for (const player of records.players) await put('players', player);
    for (const measurement of records.measurements) await put('measurements', measurement);
    for (const fit of records.fits) await put('fits', fit);
    for (const setup of records.setups) await put('setups', setup);
    for (const trial of records.trials) await put('trials', trial);
    for (const day of records.days) await put('days', day);
    for (const check of records.checks) await put('checks', check);
    for (const draft of records.drafts) await put('drafts', draft);
  });
