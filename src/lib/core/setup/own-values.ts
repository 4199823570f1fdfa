import { clamp } from '../maths';
import type { AdjustmentsOf, OwnOrigin } from './arrangement';
import { seatedPlan, type SeatedQuestion } from './seated-plan';
import { rangeOf, SETTING_IDS, type SettingId, type SetupKind } from './kinds';

type OwnValues = Readonly<Partial<Record<SettingId, number>>>;

/**
 * What stands on a cello while one thing is changed; the rest follows. What a teacher sets is seat, pin and anchor, so
 * a changed pin leaves the other two; a turned cello keeps seat and pin, and its anchor goes along; a changed seat takes
 * the cello along as it lies on the body.
 */
const STANDS_WITH: Readonly<Record<SettingId<'seated'>, readonly SettingId<'seated'>[]>> = {
  pin: ['seat', 'anchor'],
  anchor: ['seat', 'pin'],
  angle: ['seat', 'pin'],
  slide: ['seat', 'pin'],
  seat: ['angle', 'slide']
};

/** What stands and what follows where a setting of a cello is changed. */
export const standsWith = (id: SettingId<'seated'>) => ({
  stands: STANDS_WITH[id],
  follows: SETTING_IDS.seated.filter((one) => one !== id && !STANDS_WITH[id].includes(one))
});

/** Something that moves along when something else is changed. */
export interface Follows {
  readonly id: SettingId;
  readonly from: number;
  readonly to: number;
}

/** What of a cello moves along when a setting is changed to a value. */
export function followsOf(
  question: SeatedQuestion,
  setting: SettingId<'seated'>,
  to: number
): readonly Follows[] {
  const { values } = seatedPlan(question);
  const own = withOwnValue('seated', question.own ?? {}, setting, to, values);
  const then = seatedPlan({ ...question, own }).values;
  return standsWith(setting).follows.map((id) => ({ id, from: values[id], to: then[id] }));
}

const isSeated = (id: SettingId): id is SettingId<'seated'> =>
  (SETTING_IDS.seated as readonly SettingId[]).includes(id);

/**
 * A teacher's own values with one more set, or given back to be worked out. A value beyond what the setting can do is
 * taken at its end.
 *
 * @param standing all values as they stand: what stands on a cello while one thing is changed is held as it is
 */
export function withOwnValue(
  kind: SetupKind,
  values: OwnValues,
  id: SettingId,
  value: number | undefined,
  standing: OwnValues
): OwnValues {
  const { [id]: _old, ...others } = values;
  if (value === undefined) return others;
  const { low, high } = rangeOf(kind, id);
  const own = { [id]: clamp(value, low, high) };
  if (kind !== 'seated' || !isSeated(id)) return { ...others, ...own };
  const held = STANDS_WITH[id].flatMap((one) => {
    const stands = standing[one] ?? values[one];
    return stands === undefined ? [] : [[one, stands] as const];
  });
  return { ...Object.fromEntries(held), ...own };
}

/** Adjustments with one more own value, or with one given back; each remembers how it was found. */
export function withOwn<Kind extends SetupKind>(
  adjustments: AdjustmentsOf<Kind>,
  id: SettingId,
  value: number | undefined,
  standing: OwnValues,
  origin: OwnOrigin = 'adjusted'
): AdjustmentsOf<Kind> {
  const values = withOwnValue(adjustments.kind, adjustments.values, id, value, standing);
  const before: Readonly<Partial<Record<SettingId, OwnOrigin>>> = adjustments.origins ?? {};
  const known = (one: SettingId): OwnOrigin =>
    before[one] ?? (adjustments.values[one as SettingId<Kind>] === undefined ? 'held' : 'adjusted');
  const origins = Object.fromEntries(
    (Object.keys(values) as SettingId[]).map((one) => [one, one === id ? origin : known(one)])
  );
  return { ...adjustments, values, origins } as AdjustmentsOf<Kind>;
}
