import { clamp } from '../maths';
import type { AdjustmentsOf, OwnOrigin } from './arrangement';
import { reachOf, type SettingId, type SetupKind } from './kinds';

/** Seat, angle and slide together decide the pin: of the four at most three can be held. */
const DECIDE_THE_PIN: readonly SettingId[] = ['seat', 'angle', 'slide'];

type OwnValues = Readonly<Partial<Record<SettingId, number>>>;

/**
 * A teacher's own values with one more set, or given back to be computed. A value beyond what the setting can do is
 * taken at its end. Where a cello's seat, angle, slide and pin would all be held, the oldest say gives way: the slide to
 * a pin, the pin to any other.
 */
export function withOwnValue(
  kind: SetupKind,
  values: OwnValues,
  id: SettingId,
  value: number | undefined
): OwnValues {
  const { [id]: _old, ...others } = values;
  if (value === undefined) return others;
  const { low, high } = reachOf(kind, id);
  const next: OwnValues = { ...others, [id]: clamp(value, low, high) };
  const allHeld =
    kind === 'seated' && next.pin !== undefined && DECIDE_THE_PIN.every((one) => next[one] !== undefined);
  if (!allHeld) return next;
  const { [id === 'pin' ? 'slide' : 'pin']: _given, ...held } = next;
  return held;
}

/** Adjustments with one more own value, or with one given back to be computed; each remembers how it was found. */
export function withOwn<Kind extends SetupKind>(
  adjustments: AdjustmentsOf<Kind>,
  id: SettingId,
  value: number | undefined,
  origin: OwnOrigin = 'adjusted'
): AdjustmentsOf<Kind> {
  const values = withOwnValue(adjustments.kind, adjustments.values, id, value);
  const origins = Object.entries({ ...adjustments.origins, [id]: origin }).filter(([one]) => one in values);
  return { ...adjustments, values, origins: Object.fromEntries(origins) } as AdjustmentsOf<Kind>;
}
