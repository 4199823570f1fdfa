import type { CheckCategory } from '$lib/core/checks';
import { expectedLength, FIT_ORDER, type MeasurementId } from '$lib/core/body';
import type { Family, Size } from '$lib/core/instruments';
import { daysLater, monthsLater, type IsoDay } from '$lib/core/time';
import { followTrial, looksFor, STOP, type TrialAnswer, type TrialVerdict } from '$lib/core/trial';
import { answerCase, type CaseAnswer, type PlayerCase } from '../questions/case';
import { fitFrom } from '../commands/fits';
import type {
  CheckResult,
  Fit,
  Lesson,
  Measurement,
  Pain,
  Player,
  Remedy,
  Setup,
  Trial
} from '../store/records';
import { DEFAULT_SETTINGS } from '../questions/settings';
import type { DemoPlayer } from './cast';
import { demoGroupId } from './groups';
import { demoKit } from './kit';
import { DEMO_LESSONS, demoLesson, demoTest } from './lessons';
import { demoSetUp } from './set-ups';

/** Growth of a beginner, mm a day: about 6 cm a year. */
const GROWTH_MM_PER_DAY = 60 / 365;
const ADULT_MONTHS = 216;

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
export class Story {
  readonly measurements: Measurement[] = [];
  readonly fits: Fit[] = [];
  readonly setups: Setup[] = [];
  readonly trials: Trial[] = [];
  readonly lessons: Lesson[] = [];
  readonly checks: CheckResult[] = [];
  readonly remedies: Remedy[] = [];
  readonly pains: Pain[] = [];

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
    const caseOn = (): PlayerCase => ({
      player: { ...this.player, family },
      measurements: this.measurements.filter((one) => one.day <= day),
      fits: this.fits,
      trials: this.trials.filter((one) => one.day === day),
      pains: [],
      draft: null,
      settings: DEFAULT_SETTINGS,
      today: day
    });
    const first = answerCase(caseOn());
    if (!first) return;
    if (trial) this.#try(day, family, first.proposal.careful, trial);
    const answer: CaseAnswer = answerCase(caseOn()) ?? first;
    const { advice } = answer;
    const size = advice.size ?? advice.smaller ?? first.proposal.careful;
    const reason = advice.size === null ? 'tried with a softer pad, no pain' : null;
    const number = this.fits.length + 1;
    const made = fitFrom(caseOn(), answer, { size, reason, after: null }, new Date(at(day, '09:20:00')));
    const fit: Fit = { ...made, id: `${this.player.id}-fit-${number}`, day, at: at(day, '09:20:00') };
    this.fits.push(fit);
    this.#setUp(fit);
    this.#lesson(fit, number, 'hold');
  }

  /** A trial that ends with the wanted verdict: calm answers, then those that speak for it. */
  #try(day: IsoDay, family: Family, size: Size, verdict: TrialVerdict): void {
    const looks = looksFor(family);
    const answers: TrialAnswer[] = [];
    for (let state = followTrial(looks, answers); state.kind === 'asking';) {
      const { look, choices } = state;
      const stops = verdict === 'stopped' && state.number > 2;
      const telling = choices.find(({ speaksFor }) => speaksFor === verdict);
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
    if (verdict === 'stopped')
      this.pains.push({
        id: `${trial.id}-pain`,
        playerId: this.player.id,
        at: trial.at,
        day,
        family,
        during: 'trial',
        size,
        closedAt: null,
        note: ''
      });
  }

  #setUp(fit: Fit): void {
    const school = quirk(`${this.who.name} school`) > 0.4 ? 'collarbone-first' : 'rest-first';
    const number = this.setups.length + 1;
    this.setups.push({
      ...demoSetUp(fit, school),
      id: `${this.player.id}-setup-${number}`,
      playerId: this.player.id,
      fitId: fit.id,
      instrumentId: null,
      family: fit.family,
      size: fit.size,
      version: number,
      at: at(fit.day, '09:30:00'),
      day: fit.day
    });
  }

  /** One lesson, with what was begun after it. */
  #lesson(fit: Pick<Fit, 'day' | 'family'>, round: number, category: CheckCategory): void {
    const setupId = this.setups.at(-1)?.id ?? null;
    const { lesson, checks, remedies } = demoLesson(this.player, fit, round, { category, setupId, quirk });
    this.lessons.push(lesson);
    this.checks.push(...checks);
    this.remedies.push(...remedies);
  }

  /** The lessons since the last decision, a category and a test each. */
  lessonsSince(): void {
    const fit = this.fits.at(-1);
    if (!fit) return;
    for (const { category, daysAgo, round } of DEMO_LESSONS) {
      const day = daysLater(this.today, -daysAgo);
      if (day <= fit.day) continue;
      this.#lesson({ ...fit, day }, round, category);
      this.checks.push(demoTest(this.player, { ...fit, day }, round, quirk));
    }
  }
}

/** The life of one invented player up to a day. */
export function tell(who: DemoPlayer, index: number, today: IsoDay): Story {
  const id = `demo-${String(index + 1).padStart(2, '0')}`;
  const player: Player = {
    id,
    name: who.name,
    birthMonth: who.ageMonths === null ? null : monthsLater(today, -who.ageMonths).slice(0, 7),
    curve: who.curve,
    family: who.family,
    groupId: who.group === '' ? null : demoGroupId(who.group),
    notes: who.notes,
    photosAllowed: quirk(who.name) > 0.5,
    archivedOn: who.story === 'archived' ? daysLater(today, -200) : null,
    createdAt: at(daysLater(today, -450), '08:00:00'),
    kit: demoKit(who.name, today),
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
  if (trial !== 'stopped' && who.story !== 'archived') story.lessonsSince();
  return story;
}
