import { FRACTION_OF_HEIGHT, type MeasurementId } from '$lib/core/body';
import { checksFor, RATINGS } from '$lib/core/checks';
import { dimensionsOf, isShoulderFamily } from '$lib/core/instruments';
import { restStack, settle, TILT_DEG } from '$lib/core/setup';
import { nextMeasure } from '$lib/core/growth';
import { proposeSize } from '$lib/core/sizing';
import { dayOf, daysLater, monthsLater, type IsoDay } from '$lib/core/time';
import { commit } from '../changes';
import type { Database } from '../database';
import { newDraft } from '../drafts';
import type { CheckResult, Fit, Measurement, Player, Setup } from '../records';
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
  readonly checks: readonly CheckResult[];
  readonly drafts: readonly ReturnType<typeof newDraft>[];
}

/** How many days ago the sizes of a story were decided, oldest first. */
const DECIDED_DAYS_AGO: Readonly<Record<DemoPlayer['story'], readonly number[]>> = {
  new: [],
  'half-measured': [],
  due: [210],
  outgrown: [320],
  history: [430, 240, 35],
  settled: [40],
  between: [9],
  archived: [400]
};

/** How many days ago it was measured without a decision. */
const MEASURED_DAYS_AGO: Readonly<Record<DemoPlayer['story'], readonly number[]>> = {
  new: [],
  'half-measured': [0],
  due: [],
  outgrown: [3],
  history: [],
  settled: [],
  between: [],
  archived: []
};

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
    const height = this.#heightOn(day, daysAgo);
    const long = 1 + 0.015 * quirk(this.who.name);
    const lengths: Partial<Record<MeasurementId, number>> = {
      height,
      armToPalm: height * FRACTION_OF_HEIGHT.neckToPalm * long,
      armToWrist: height * FRACTION_OF_HEIGHT.neckToWrist * long,
      handLength: height * FRACTION_OF_HEIGHT.hand * long,
      handSpan: height * FRACTION_OF_HEIGHT.easySpan * (1 + 0.06 * quirk(`${this.who.name} span`)),
      neckGap: height * FRACTION_OF_HEIGHT.neckGap * (1 + 0.1 * quirk(`${this.who.name} neck`)),
      shoulderSlope: 0.026 * height
    };
    for (const kind of kinds) {
      const mm = lengths[kind];
      if (mm === undefined) continue;
      const readings = [0, ...(kind === 'armToPalm' ? [2] : [])].map((off, index) => ({
        mm: Math.round(mm) + off,
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

  decide(daysAgo: number): void {
    const { family } = this.who;
    if (!isShoulderFamily(family)) return;
    const day = this.measure(daysAgo, [
      'height',
      'armToPalm',
      'armToWrist',
      'handLength',
      'handSpan',
      'neckGap',
      'shoulderSlope'
    ]);
    const today = this.measurements.filter((one) => one.day === day);
    const readings = Object.fromEntries(
      today.map(({ kind, readings }) => [kind, readings.map(({ mm }) => mm)])
    );
    const proposal = proposeSize({ family, readings, rule: DEFAULT_SETTINGS.rule });
    if (!proposal) return;
    const size = proposal.advised;
    const chosen = proposal.candidates.find((candidate) => candidate.size === size);
    const number = this.fits.length + 1;
    const fit: Fit = {
      id: `${this.player.id}-fit-${number}`,
      playerId: this.player.id,
      family,
      at: at(day, '09:20:00'),
      day,
      readings,
      rule: DEFAULT_SETTINGS.rule,
      proposal: proposal.proposal,
      advised: proposal.advised,
      betweenSizes: proposal.betweenSizes,
      probability: chosen?.probability ?? 0,
      marginMm: chosen?.marginMm ?? 0,
      size,
      reason: null,
      nextLook: nextMeasure(day, null, { borderline: proposal.betweenSizes, grown: false }).date
    };
    this.fits.push(fit);
    this.#setUp(fit, readings);
    this.#check(fit, number);
  }

  #setUp(fit: Fit, readings: Readonly<Partial<Record<MeasurementId, readonly number[]>>>): void {
    const school = quirk(`${this.who.name} school`) > 0.4 ? 'collarbone-first' : 'rest-first';
    const stack = restStack({
      instrument: dimensionsOf(fit.family, fit.size),
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
      family: fit.family,
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
  for (const daysAgo of DECIDED_DAYS_AGO[who.story]) story.decide(daysAgo);
  for (const daysAgo of MEASURED_DAYS_AGO[who.story])
    story.measure(
      daysAgo,
      who.story === 'half-measured' ? ['height', 'armToPalm'] : ['height', 'armToPalm', 'armToWrist']
    );
  if (!isShoulderFamily(who.family)) for (const daysAgo of [380, 190, 20]) story.measure(daysAgo, ['height']);
  return story;
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
    for (const check of records.checks) await put('checks', check);
    for (const draft of records.drafts) await put('drafts', draft);
  });
