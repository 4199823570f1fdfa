import { causesOf } from '$lib/core/causes';
import {
  checksFor,
  CHECK_CATEGORIES,
  lessonPlan,
  RATINGS,
  subjectsFor,
  type Check,
  type SeenResult,
  type SubjectId
} from '$lib/core/checks';
import { dimensionsOf, FAMILIES, isSmaller, type Family, type Size } from '$lib/core/instruments';
import { standingOn } from '$lib/core/outlook';
import {
  HOLDS,
  mendedBy,
  MOST_LOOKS,
  REST_SCHOOLS,
  reachOf,
  seenFor,
  settingsInUse,
  stepAfter,
  type KeptLook,
  type RestSupport,
  type SettingId
} from '$lib/core/setup';
import { clamp } from '$lib/core/maths';
import { LANDING_SCHOOLS } from '$lib/core/sizing';
import { daysLater, type IsoDay } from '$lib/core/time';
import { followTrial, looksFor, STOP, type TrialAnswer } from '$lib/core/trial';
import { fitFrom } from '../commands/fits';
import { demoSetUp } from '../demo/set-ups';
import { answerCase, foresightOf, openPains, setupReviewOf, type PlayerCase } from '../questions/case';
import { causeFacts } from '../questions/causes';
import { libraryFor, taughtTo } from '../questions/library';
import { DEFAULT_SETTINGS } from '../questions/settings';
import type { CheckResult, Fit, Pain, Player, Settings, Setup, Trial } from '../store/records';
import { childOf, diceOf, FIRST_DAY, type Child, type Dice } from './child';
import { contradictions, ofAdvice, ofCandidate, ofCause, ofStanding, type Claim } from './claims';

const VISITS = 4;
const LESSONS_BETWEEN = 2;
/** A category is left after so many lessons. */
const MOST_IN_A_ROW = 4;

const LIBRARIES = Object.fromEntries(
  await Promise.all(FAMILIES.map(async (family) => [family, await checksFor(family)] as const))
) as Readonly<Record<Family, readonly Check[]>>;

/** What went on, line by line, so that a story that fails can be read. */
type Tell = (line: string) => void;

/** Stops the story where a teacher would object. */
export class Objection extends Error {}

interface Told {
  readonly child: Child;
  readonly dice: Dice;
  readonly tell: Tell;
  readonly expect: (holds: boolean, objection: string) => void;
  readonly library: Map<RestSupport, Promise<readonly Check[]>>;
}

/** A child goes through sizing, trial, set-up, growth, lessons and causes; whatever contradicts itself is objected to. */
export async function tellStory(seed: number): Promise<void> {
  const dice = diceOf(seed);
  const child = childOf(dice);
  const lines: string[] = [child.told];
  const tell: Tell = (line) => void lines.push(line);
  const expect = (holds: boolean, objection: string) => {
    if (!holds) throw new Objection([`story ${seed}: ${objection}`, ...lines].join('\n  '));
  };
  const told: Told = { child, dice, tell, expect, library: new Map() };
  const settings = ownSettings(dice, child.family);
  let of = firstCase(child, settings);
  let checks: readonly CheckResult[] = [];
  for (let visit = 0; visit < VISITS; visit++) {
    const today = visit === 0 ? FIRST_DAY : daysLater(of.today, 40 + Math.floor(160 * dice.roll()));
    of = withReadings({ ...of, today }, child, visit);
    tell(
      `${today}: ${of.measurements
        .filter(({ day }) => day === today)
        .map((one) => `${one.kind} ${one.readings[0]?.mm}`)
        .join(', ')}`
    );
    of = trialOf(of, told, visit);
    of = decided(of, told, visit);
    const said = claimsOn(of, told);
    of = setUp(of, told);
    checks = await lessons(of, told, checks, said);
    if (openPains(of.pains).length > 0 && dice.chance(0.7)) {
      tell('the pain is gone');
      of = { ...of, pains: of.pains.map((pain) => ({ ...pain, closedAt: `${today}T18:00:00.000Z` })) };
    }
  }
}

/** The school, the rest and the ways of one teacher. */
function ownSettings({ one, chance }: Dice, family: Family): Settings {
  const ways = Object.fromEntries(
    subjectsFor(family).flatMap(({ id, ways: all }): [SubjectId, string][] =>
      chance(0.4) ? [[id, one(all).id]] : []
    )
  );
  return { ...DEFAULT_SETTINGS, rule: { school: one(LANDING_SCHOOLS) }, restSchool: one(REST_SCHOOLS), ways };
}

function firstCase({ family, sex, birthMonth }: Child, settings: Settings): PlayerCase {
  const curve = sex === null ? null : sex === 'female' ? ('girl' as const) : ('boy' as const);
  const player = {
    id: 'child',
    name: 'Story',
    family,
    curve,
    birthMonth,
    groupId: null
  } as unknown as Player;
  const none = { measurements: [], fits: [], trials: [], pains: [], setups: [], draft: null };
  return { player, ...none, settings, today: FIRST_DAY };
}

const withReadings = (of: PlayerCase, child: Child, visit: number): PlayerCase => ({
  ...of,
  measurements: [
    ...of.measurements,
    ...child.read(of.today).map(([kind, mm]) => ({
      id: `${kind}-${visit}`,
      playerId: 'child',
      kind,
      day: of.today,
      at: `${of.today}T08:00:00.000Z`,
      readings: [{ mm, at: `${of.today}T08:00:00.000Z` }],
      look: null
    }))
  ]
});

const larger = (family: Family, one: Size, other: Size) => isSmaller(family, other, one);

/** A size is tried on, the answers leaning to the truth; now and then it hurts. */
function trialOf(of: PlayerCase, { dice, tell, expect }: Told, visit: number): PlayerCase {
  const answer = answerCase(of);
  const { family } = of.player;
  if (!answer || !dice.chance(0.7)) return of;
  const { proposal } = answer;
  const size = dice.chance(0.8) ? proposal.careful : dice.one(proposal.candidates).size;
  const leans = larger(family, size, proposal.proposal)
    ? 'smaller'
    : isSmaller(family, size, proposal.proposal)
      ? 'larger'
      : 'keep';
  const answers: TrialAnswer[] = [];
  for (;;) {
    const state = followTrial(looksFor(family), answers);
    if (state.kind === 'ended') {
      tell(`tried on ${size}: ${state.verdict} (${answers.map(({ choice }) => choice).join(', ')})`);
      const trial = {
        ...dated(of, `trial-${visit}`, '09:00'),
        family,
        size,
        answers,
        verdict: state.verdict
      } as Trial;
      const pain = {
        ...dated(of, `pain-${visit}`, '09:01'),
        family,
        size,
        closedAt: null
      } as unknown as Pain;
      const after = {
        ...of,
        trials: [...of.trials, trial],
        pains: state.verdict === 'stopped' ? [...of.pains, pain] : of.pains
      };
      const advice = answerCase(after)?.advice;
      const advised = advice?.size ?? null;
      if (state.verdict === 'smaller')
        expect(
          advised === null || isSmaller(family, advised, size),
          `${size} is too large, ${advised} is advised`
        );
      if (state.verdict === 'larger')
        expect(answers.filter(({ choice }) => choice !== 'reseat').length > 1, 'one look alone says larger');
      return after;
    }
    const { look, choices } = state;
    const said = choices.filter(({ speaksFor }) => speaksFor === leans);
    const choice = dice.chance(0.02)
      ? STOP
      : (dice.chance(0.85) && said.length > 0 ? dice.one(said) : dice.one(choices)).id;
    answers.push({ look: look.id, choice });
  }
}

const dated = ({ today }: PlayerCase, id: string, time: string) => ({
  id,
  playerId: 'child',
  day: today,
  at: `${today}T${time}:00.000Z`
});

/** The teacher takes what is advised, most often, or another size with a reason. */
function decided(of: PlayerCase, { dice, tell, expect }: Told, visit: number): PlayerCase {
  const answer = answerCase(of);
  if (!answer) return of;
  const { proposal, advice } = answer;
  const { family } = of.player;
  const [, allowed = proposal.proposal] = proposal.between ?? [];
  expect(
    advice.size === null ||
      !larger(family, advice.size, larger(family, allowed, proposal.proposal) ? allowed : proposal.proposal),
    `${advice.size} is advised, beyond ${proposal.proposal}`
  );
  const asIs = of.fits.length > 0 && dice.chance(0.6);
  const own = dice.chance(0.15) ? dice.one(proposal.candidates).size : null;
  const size = own ?? advice.size;
  if (asIs || size === null) return of;
  const reason = size === advice.size ? null : 'It is what there is';
  const now = new Date(`${of.today}T10:00:00.000Z`);
  const fit: Fit = { ...fitFrom(of, answer, { size, reason, after: null }, now), id: `fit-${visit}` };
  tell(
    `decided on ${size} (tape ${proposal.proposal}, advised ${advice.size ?? 'nothing'}), next look ${fit.nextLook}`
  );
  expect(fit.nextLook >= of.today, `the next look is on ${fit.nextLook}`);
  return { ...of, fits: [...of.fits, fit] };
}

const newest = (of: PlayerCase): Fit | undefined => of.fits.at(-1);

/** What is said of sizes on this day, on every screen. */
function claimsOn(of: PlayerCase, { tell, expect }: Told): readonly Claim[] {
  const answer = answerCase(of);
  const fit = newest(of);
  const foresight = foresightOf(of);
  if (!answer || !fit || !foresight) return [];
  const { family } = of.player;
  const standing = standingOn(
    foresight,
    { hurts: openPains(of.pains).length > 0, underWay: false },
    of.today
  );
  const inUse = answer.proposal.candidates.find(({ size }) => size === fit.size);
  const { measuredOn = '' } = foresight.tooLarge ?? {};
  tell(`${fit.size} in use: ${standing}${measuredOn ? `, too large since ${measuredOn}` : ''}`);
  const said = [
    ...(inUse ? ofCandidate(inUse) : []),
    ...ofAdvice(answer.advice),
    ...ofStanding(standing, fit.size, foresight)
  ];
  const against = contradictions(said);
  expect(against.length === 0, against.join('; '));
  const measured = of.measurements.reduce((last, { day }) => (day > last ? day : last), '');
  const agreed = of.trials.some(
    ({ size, day, verdict }) =>
      size === fit.size && day >= measured && (verdict === 'keep' || verdict === 'larger')
  );
  if (inUse?.marginMm != null && inUse.marginMm < -1 && !agreed)
    expect(
      ['pain', 'measured-too-large', 'chosen-larger'].includes(standing),
      `${fit.size} lies ${-inUse.marginMm} mm beyond the limit and is ${standing}`
    );
  if (standing === 'measured-too-small')
    expect(
      isSmaller(family, fit.size, answer.proposal.proposal),
      `${fit.size} is too small, ${answer.proposal.proposal} fits`
    );
  // The smallest that is made can be too large as well.
  if (standing === 'measured-too-large')
    expect(
      larger(family, fit.size, answer.proposal.proposal) || inUse?.verdict === 'large',
      `${fit.size} is too large, ${answer.proposal.proposal} fits`
    );
  const { outgrown } = foresight;
  if (outgrown?.middle && outgrown.early && outgrown.late)
    expect(outgrown.early <= outgrown.middle && outgrown.middle <= outgrown.late, 'outgrown out of order');
  return said;
}

/** It is set up, and looked at until it holds: one setting is off by what nobody but the body knows. */
function setUp(of: PlayerCase, { dice, tell, expect }: Told): PlayerCase {
  const fit = newest(of);
  if (!fit || fit.day !== of.today || openPains(of.pains).length > 0) return of;
  const instrument = dimensionsOf(fit.family, fit.size);
  const laid = demoSetUp(fit, of.settings.restSchool);
  const looks = seenFor(laid.kind).filter(({ mends }) => mends !== null);
  const { mends } = dice.one(looks);
  const reach = { kind: laid.kind, instrument, school: of.settings.restSchool, notchesMm: [] };
  const values = laid.settings as Readonly<Record<string, { readonly value: number }>>;
  const setting = mends && mendedBy(laid, mends.setting);
  const at = setting && values[setting]?.value;
  if (setting && at !== undefined && at !== null) {
    const { low, high, tolerance } = reachOf(setting, reach);
    const truth = at + 3 * tolerance * dice.bell();
    tell(`${setting} at ${at}, right at ${Math.round(truth)}`);
    search(
      of,
      { ...reach, laid, setting, truth, low: Math.min(low, at), high: Math.max(high, at) },
      { dice, tell, expect }
    );
  }
  const setup = {
    ...dated(of, `setup-${fit.id}`, '10:30'),
    fitId: fit.id,
    ...laid,
    family: fit.family,
    size: fit.size,
    version: 1
  };
  const after = { ...of, setups: [...(of.setups ?? []), setup as unknown as Setup] };
  const review = setupReviewOf(after);
  if (review) {
    expect(
      review.heightMm > (fit.readings.height?.[0] ?? 0),
      'a set-up is looked at again before it was set'
    );
    expect(Math.abs(review.drift.byMm) >= 1, 'a set-up is looked at again though nothing would change');
  }
  return after;
}

interface Search {
  readonly laid: ReturnType<typeof demoSetUp>;
  readonly setting: SettingId;
  readonly truth: number;
  readonly low: number;
  readonly high: number;
  readonly kind: ReturnType<typeof demoSetUp>['kind'];
  readonly instrument: ReturnType<typeof dimensionsOf>;
  readonly school: Settings['restSchool'];
}

function search(
  { today }: PlayerCase,
  { laid, setting, truth, low, high, ...question }: Search,
  { tell, expect }: Pick<Told, 'dice' | 'tell' | 'expect'>
): void {
  const reach = reachOf(setting, question);
  const { tolerance } = reach;
  const looks: KeptLook[] = [];
  let value = (laid.settings as Readonly<Record<string, { readonly value: number }>>)[setting]?.value ?? 0;
  for (let number = 0; number <= MOST_LOOKS + 1; number++) {
    const way = truth > value + tolerance ? 'raise' : truth < value - tolerance ? 'lower' : null;
    const seen = way
      ? (seenFor(laid.kind).find(
          ({ mends }) => mends && mendedBy(laid, mends.setting) === setting && mends.way === way
        )?.id ?? null)
      : HOLDS;
    // What nobody can see of this setting is not said.
    if (seen === null) return;
    const settings = { ...laid.settings, [setting]: { value } } as unknown as (typeof laid)['settings'];
    const setup = { kind: laid.kind, choices: laid.choices, settings } as Parameters<
      typeof stepAfter
    >[1]['setup'];
    const step = stepAfter(seen, { ...question, setup, looks });
    tell(`look ${number + 1} on ${today}, ${seen}: ${step.kind}${'to' in step ? ` to ${step.to}` : ''}`);
    if (step.kind === 'hint') return;
    if (step.kind === 'end') {
      const there = way === 'raise' ? value >= high - 1 || value >= reach.high : value <= low + 1;
      expect(there, `${setting} at ${value} is called an end of ${low} to ${high}`);
      return;
    }
    if (step.kind === 'holds') {
      // By itself it may say so of what is near: the best that there is.
      const best = clamp(truth, low, high);
      expect(
        way === null || Math.abs(best - (step.to ?? value)) <= 2 * tolerance,
        `${setting} is said to hold at ${step.to}, right is ${Math.round(best)}`
      );
      return;
    }
    expect(step.kind !== 'not-found', `${setting} was not found though every answer was right`);
    if (step.kind !== 'change') {
      looks.push({ seen, change: { setting, from: value, to: value } });
      continue;
    }
    expect(step.setting === setting, `${seen} changes ${step.setting}`);
    expect(
      step.to >= Math.floor(low) && step.to <= Math.ceil(high),
      `${setting} to ${step.to}, of ${low} to ${high}`
    );
    expect(
      way === 'raise' ? step.to > value : step.to < value,
      `${seen} goes the wrong way, ${value} to ${step.to}`
    );
    looks.push({ seen, change: { setting, from: value, to: step.to } });
    value = step.to;
  }
  expect(false, `${setting} was looked at without an end`);
}

/** Some lessons; what is amiss in them has its causes weighed. */
async function lessons(
  of: PlayerCase,
  told: Told,
  before: readonly CheckResult[],
  said: readonly Claim[]
): Promise<readonly CheckResult[]> {
  const { dice, tell, expect, child } = told;
  const taught = taughtTo(of.settings, null, of.setups);
  const checks = await (told.library.get(taught.support) ??
    told.library.set(taught.support, libraryFor(child.family, of.settings, [], taught)).get(taught.support));
  if (!checks) return before;
  const known = new Set(LIBRARIES[child.family].map(({ id }) => id));
  const pain = openPains(of.pains).length > 0;
  let results = before;
  let row = { category: '', lessons: 0 };
  for (let lesson = 0; lesson < LESSONS_BETWEEN; lesson++) {
    const today: IsoDay = daysLater(of.today, 7 * lesson);
    const seen = results.map(({ checkId, day, outcome }): SeenResult => ({ checkId, day, outcome }));
    const { focus, looks } = lessonPlan({ checks, results: seen, today, pain });
    expect(!pain || looks.length === 0, 'something is worked on while it hurts');
    if (focus.category === null) return results;
    row = { category: focus.category, lessons: row.category === focus.category ? row.lessons + 1 : 1 };
    expect(
      CHECK_CATEGORIES.includes(focus.category) && focus.category !== 'ready',
      `a lesson about ${focus.category}`
    );
    expect(focus.stays < MOST_IN_A_ROW + 1, `${focus.category} for ${focus.stays} lessons`);
    expect(looks.length > 0 && looks.length <= 6, `${looks.length} looks`);
    let weighed = false;
    for (const check of looks) {
      expect(known.has(check.id), `${check.id} is no check of the ${child.family}`);
      const rating = RATINGS[1 + Math.floor(4 * dice.roll())] ?? 'mostly';
      const amiss = rating === 'not-yet' && check.faults.length > 0 ? [dice.one(check.faults)] : [];
      results = [
        ...results,
        {
          ...dated({ ...of, today }, `${check.id}-${today}`, '11:00'),
          checkId: check.id,
          setupId: null,
          lessonId: null,
          outcome: { kind: 'rating', rating },
          faults: amiss.map(({ id }) => id)
        }
      ];
      const [fault] = amiss;
      if (fault && !weighed) causes({ ...of, today }, told, results, { check, fault, said });
      weighed ||= fault !== undefined;
    }
  }
  tell(`lessons about ${row.category}`);
  return results;
}

/** Why a fault came about, as the end of a lesson shows it beside what every list says. */
function causes(
  of: PlayerCase,
  told: Told,
  checks: readonly CheckResult[],
  { check, fault, said }: { check: Check; fault: Check['faults'][number]; said: readonly Claim[] }
): void {
  const { expect, tell } = told;
  const facts = causeFacts(
    { ...of, setups: of.setups ?? [], checks, standings: [], worked: [] },
    check,
    fault
  );
  const weighed = causesOf(
    fault.causes.map(({ cause }) => cause),
    facts
  );
  const all = weighed.reduce((sum, { share }) => sum + share, 0);
  expect(Math.abs(all - 1) < 1e-9, `the causes of ${check.id} ${fault.id} add up to ${all}`);
  const setup = of.setups?.at(-1);
  for (const { step } of fault.causes) {
    if (!step || !setup) continue;
    const has = step.setting in setup.choices || settingsInUse(setup).some((id) => id === step.setting);
    expect(has, `${check.id} ${fault.id} names ${step.setting}, which this set-up does not have`);
  }
  const [first] = weighed;
  const fit = newest(of);
  if (!first || !fit) return;
  tell(`${check.id} ${fault.id}: ${first.cause} ${first.share.toFixed(2)}`);
  const against = contradictions([...said, ...ofCause(first.cause, fit.size)]);
  expect(against.length === 0, against.join('; '));
}
