import { MEASUREMENT_IDS } from '$lib/core/body';
import { faultKey, type CauseFacts, type OwnRecord, type RemedyStanding } from '$lib/core/causes';
import { identityOf, type Check, type Fault, type SettingStep } from '$lib/core/checks';
import { furthestDrift, reachOf, type SettingId } from '$lib/core/setup';
import { daysBetween, type IsoDay } from '$lib/core/time';
import { looksFor } from '$lib/core/trial';
import { foresightOf, newestFirst, newestFitOf, setupThenOf } from './case';
import { combined, heightsOf } from './lengths';
import { newestByKind } from '../commands/measurements';
import type { CheckResult, Fit, Measurement, Player, Remedy, Settings, Setup, Trial } from '../store/records';

/** What of a player is on record that speaks for one cause or another. */
export interface OnRecord {
  readonly player: Player;
  readonly measurements: readonly Measurement[];
  readonly fits: readonly Fit[];
  readonly trials: readonly Trial[];
  readonly setups: readonly Setup[];
  readonly checks: readonly CheckResult[];
  readonly standings: readonly RemedyStanding<Remedy>[];
  /** What worked here for the fault, whoever had it. */
  readonly worked: readonly OwnRecord[];
  readonly settings: Settings;
  readonly today: IsoDay;
}

/** Looks of the trial that tell whether the left-hand frame falls short. */
const FRAME_LOOKS = ['shoulder-fourth', 'cello-frame', 'cello-extended', 'bass-frame'];

/** So near to its end a setting stands at it. */
const AT_END = 0.5;

function setupFacts(
  { player, measurements, setups, settings }: OnRecord,
  step: SettingStep | undefined
): CauseFacts {
  const setup = newestFirst(setups).find(({ family }) => family === player.family);
  if (!setup) return { setupKept: false };
  const then = setupThenOf(setup, settings);
  const { instrument } = then;
  const heightMm = heightsOf(measurements).at(-1)?.mm;
  const drift = heightMm === undefined ? null : furthestDrift(then, heightMm);
  const newest = newestByKind(measurements);
  const lengthReadAnew = MEASUREMENT_IDS.some((kind) => {
    const [was, now] = [setup.basis.lengths[kind], newest[kind]];
    if (was === undefined || !now || now.day <= setup.day || now.readings.length === 0) return false;
    const { mm, sdMm } = combined(now);
    return kind !== 'height' && Math.abs(mm - was) > 2 * sdMm;
  });
  const value =
    step && (setup.settings as Readonly<Partial<Record<string, { value: number }>>>)[step.setting]?.value;
  const reach =
    step && value !== undefined
      ? reachOf(step.setting as SettingId, {
          kind: setup.kind,
          instrument,
          notchesMm: setup.notchesMm,
          ...(setup.kind === 'rest' ? { school: setup.choices.school } : {}),
          ...(settings.rests ? { rests: settings.rests } : {})
        })
      : null;
  const end = step && reach && (step.way === 'raise' ? reach.low : step.way === 'lower' ? reach.high : null);
  return {
    setupKept: true,
    ...(drift ? { setupDriftMm: drift.byMm, reviewLimitMm: drift.limitMm } : {}),
    ...(lengthReadAnew ? { lengthReadAnew } : {}),
    ...(end != null && value !== undefined && Math.abs(value - end) < AT_END
      ? { settingAtOtherEnd: true }
      : {})
  };
}

function sizeFacts({ player, fits, trials, measurements, settings, today }: OnRecord): CauseFacts {
  const fit = newestFitOf(player, fits);
  const ahead = foresightOf({ player, measurements, fits, trials, pains: [], draft: null, settings, today });
  if (!fit) return {};
  const trial = trials.find(({ id }) => id === fit.trialId);
  const tried = trial?.size === fit.size ? trial : null;
  const looks = looksFor(player.family).filter(({ id }) => FRAME_LOOKS.includes(id));
  const frameShort = tried?.answers.some(({ look, choice }) =>
    looks.some(
      ({ id, choices }) => id === look && choices.find((one) => one.id === choice)?.speaksFor === 'smaller'
    )
  );
  return {
    ...(ahead?.tooLarge
      ? { sizeChance: 0 }
      : fit.size === fit.proposal
        ? { sizeChance: fit.probability }
        : {}),
    ...(ahead ? { outgrown: ahead.tooSmall } : {}),
    ...(tried
      ? {
          trialAgreed: tried.verdict === 'keep',
          trialSaidLarger: tried.verdict === 'smaller',
          trialSaidSmaller: tried.verdict === 'larger'
        }
      : {}),
    ...(frameShort ? { frameShort } : {})
  };
}

function habitFacts({ standings, checks, today }: OnRecord, check: Check, fault: Fault): CauseFacts {
  const mine = standings.filter(
    ({ remedy }) => faultKey(remedy) === identityOf(check.id, fault.id) && remedy.day < today
  );
  const habit = mine.filter(({ remedy }) => remedy.cause === 'habit');
  const last = habit.at(-1);
  const changed = mine.findLast(({ remedy }) => remedy.cause === 'set-up')?.remedy.day;
  const rating = newestFirst(checks.filter(({ checkId }) => checkId === check.id))[0]?.outcome;
  return {
    ...(changed ? { changedDaysAgo: daysBetween(changed, today) } : {}),
    ...(last && last.effect !== 'helped'
      ? { drillWeeks: Math.floor(daysBetween(last.remedy.day, today) / 7) }
      : {}),
    ...(habit.some(({ effect }) => effect === 'helped') ? { wentAfterDrill: true } : {}),
    ...(rating?.kind === 'rating' && rating.rating === 'with-help' ? { passesWithHelp: true } : {})
  };
}

/** The facts that speak for the causes of a fault. */
export const causeFacts = (on: OnRecord, check: Check, fault: Fault): CauseFacts => ({
  ...setupFacts(on, fault.causes.find(({ step }) => step)?.step),
  ...sizeFacts(on),
  ...habitFacts(on, check, fault),
  record: on.worked
});
