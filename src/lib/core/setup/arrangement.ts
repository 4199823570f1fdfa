import {
  SETTING_IDS,
  unitOf,
  type SettingId,
  type SettingUnit,
  type SetupChoices,
  type SetupKind
} from './kinds';
import type { RestStack } from './rest-stack';
import type { SeatedPlan } from './seated-plan';
import type { StandingPlan } from './standing-plan';

/**
 * How a setting was found: worked out, changed by looks or steps, taken from another set-up, typed, or held as it stood
 * when something else was changed.
 */
export const SETTING_ORIGINS = ['computed', 'adjusted', 'copied', 'typed', 'held'] as const;
export type SettingOrigin = (typeof SETTING_ORIGINS)[number];
/** How an own value came to be; without a word it was adjusted. */
export const OWN_ORIGINS = ['adjusted', 'copied', 'typed', 'held'] as const;
export type OwnOrigin = (typeof OWN_ORIGINS)[number];

export interface Setting {
  readonly value: number;
  readonly unit: SettingUnit;
  readonly origin: SettingOrigin;
  /** How to find it again, such as a sticker's place; empty when there is none. */
  readonly mark: string;
}

/** A complete set-up of one kind: every choice and every setting. */
export interface ArrangementOf<Kind extends SetupKind> {
  readonly kind: Kind;
  readonly choices: SetupChoices<Kind>;
  readonly settings: Readonly<Record<SettingId<Kind>, Setting>>;
  /** Where a bass's pin has notches, mm of pin; nothing for one that is set freely, and for other kinds. */
  readonly notchesMm?: readonly number[] | undefined;
}
export type Arrangement = { readonly [Kind in SetupKind]: ArrangementOf<Kind> }[SetupKind];
export type RestArrangement = ArrangementOf<'rest'>;

/** What a teacher changed by hand: ways chosen, own values and marks. */
export interface AdjustmentsOf<Kind extends SetupKind> {
  readonly kind: Kind;
  readonly choices: Partial<SetupChoices<Kind>>;
  readonly values: Readonly<Partial<Record<SettingId<Kind>, number>>>;
  readonly marks: Readonly<Partial<Record<SettingId<Kind>, string>>>;
  /** How the own values were found; adjusted where nothing is said. */
  readonly origins?: Readonly<Partial<Record<SettingId<Kind>, OwnOrigin>>>;
  /** Where a bass's pin has notches, mm of pin. */
  readonly notchesMm?: readonly number[] | undefined;
}
export type Adjustments = { readonly [Kind in SetupKind]: AdjustmentsOf<Kind> }[SetupKind];
export type RestAdjustments = AdjustmentsOf<'rest'>;

export const NO_REST_ADJUSTMENTS: RestAdjustments = { kind: 'rest', choices: {}, values: {}, marks: {} };

/** Nothing changed by hand yet. */
export const noAdjustments = <Kind extends SetupKind>(kind: Kind): AdjustmentsOf<Kind> =>
  ({ kind, choices: {}, values: {}, marks: {} }) as AdjustmentsOf<Kind>;

type Settings = Readonly<Record<string, Setting>>;
const each = <Value>(settings: Settings, take: (setting: Setting) => Value | undefined) =>
  Object.fromEntries(
    Object.entries(settings).flatMap(([id, setting]) => {
      const taken = take(setting);
      return taken === undefined ? [] : [[id, taken]];
    })
  );
const marksOf = (settings: Settings) => each(settings, ({ mark }) => (mark === '' ? undefined : mark));

const notchesOf = ({ notchesMm }: Pick<Arrangement, 'notchesMm'>) => (notchesMm ? { notchesMm } : {});

/** What was changed by hand in a set-up that was kept: from there it is gone on with. */
export function adjustmentsFrom(kept: Arrangement): Adjustments {
  const { chinRest, ...others } = kept.settings as Settings;
  // The chin rest is what was fitted then, whatever would be proposed now.
  const fitted: Setting | undefined =
    chinRest?.origin === 'computed' ? { ...chinRest, origin: 'held' } : chinRest;
  const settings: Settings = fitted ? { chinRest: fitted, ...others } : others;
  return {
    kind: kept.kind,
    choices: kept.choices,
    values: each(settings, ({ value, origin }) => (origin === 'computed' ? undefined : value)),
    marks: marksOf(settings),
    origins: each(settings, ({ origin }) => (origin === 'computed' ? undefined : origin)),
    ...notchesOf(kept)
  } as Adjustments;
}

/**
 * All of a set-up as own values, to be set the same way once more: for something that was lent, another instrument of
 * that size, or somebody who takes it over. A cello's angle and slide are left to follow from seat, pin and anchor.
 */
export function copiedFrom(other: Arrangement): Adjustments {
  const { angle: _turns, slide: _follows, ...settings } = other.settings as Settings;
  return {
    kind: other.kind,
    choices: other.choices,
    values: each(settings as Settings, ({ value }) => value),
    marks: marksOf(other.settings as Settings),
    origins: each(settings as Settings, () => 'copied'),
    ...notchesOf(other)
  } as Adjustments;
}

/**
 * Puts the teacher's own values, ways and marks over the computed ones; each setting says which it is.
 *
 * @param usual the ways to take where the teacher chose none for this player
 * @param computed the values as worked out, own ones already taken into account
 */
function settled<Kind extends SetupKind>(
  kind: Kind,
  usual: SetupChoices<Kind>,
  computed: (id: SettingId<Kind>) => number,
  { choices, values, marks, origins, notchesMm }: AdjustmentsOf<Kind>
): ArrangementOf<Kind> {
  const ids: readonly SettingId<Kind>[] = SETTING_IDS[kind];
  const setting = (id: SettingId<Kind>): Setting => ({
    value: values[id] ?? computed(id),
    unit: unitOf(id),
    origin: values[id] === undefined ? 'computed' : (origins?.[id] ?? 'adjusted'),
    mark: marks[id] ?? ''
  });
  return {
    kind,
    choices: { ...usual, ...choices },
    settings: Object.fromEntries(ids.map((id) => [id, setting(id)])) as ArrangementOf<Kind>['settings'],
    ...notchesOf({ notchesMm })
  };
}

const ON_THE_LIFT: readonly SettingId[] = ['shoulderFoot', 'chestFoot'];

/** A rest as it is to be set. An own lift carries both computed feet with it, since they stand on the lift. */
export function settle(
  stack: RestStack,
  usual: SetupChoices<'rest'>,
  adjustments: RestAdjustments = NO_REST_ADJUSTMENTS
): RestArrangement {
  const raisedMm = (adjustments.values.lift ?? stack.liftMm) - stack.liftMm;
  const computed = (id: SettingId<'rest'>): number =>
    id === 'tilt' ? stack.tiltDeg : stack[`${id}Mm`] + (ON_THE_LIFT.includes(id) ? raisedMm : 0);
  // An own tilt has already gone into the stack, which may have had to give less.
  const made = settled('rest', usual, computed, adjustments);
  const tilt = { ...made.settings.tilt, value: stack.tiltDeg };
  return { ...made, settings: { ...made.settings, tilt } };
}

/** A cello's seat, pin and place as they are to be set. */
export const settleSeated = (
  plan: SeatedPlan,
  usual: SetupChoices<'seated'>,
  adjustments: AdjustmentsOf<'seated'> = noAdjustments('seated')
): ArrangementOf<'seated'> => settled('seated', usual, (id) => plan.values[id], adjustments);

/** A bass's pin and lean as they are to be set. */
export const settleStanding = (
  plan: StandingPlan,
  usual: SetupChoices<'standing'>,
  adjustments: AdjustmentsOf<'standing'> = noAdjustments('standing')
): ArrangementOf<'standing'> => settled('standing', usual, (id) => plan.values[id], adjustments);
