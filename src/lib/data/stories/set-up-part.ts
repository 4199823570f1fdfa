import { dimensionsOf } from '$lib/core/instruments';
import {
  HOLDS,
  mendedBy,
  MOST_LOOKS,
  reachOf,
  seenFor,
  stepAfter,
  type KeptLook,
  type SettingId
} from '$lib/core/setup';
import { clamp } from '$lib/core/maths';
import { demoSetUp } from '../demo/set-ups';
import { openPains, setupReviewOf, type PlayerCase } from '../questions/case';
import { type Settings, type Setup } from '../store/records';
import { dated, newest, type Told } from './told';

/** It is set up, and looked at until it holds: one setting is off by what nobody but the body knows. */
export function setUp(of: PlayerCase, { dice, tell, expect }: Told): PlayerCase {
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
