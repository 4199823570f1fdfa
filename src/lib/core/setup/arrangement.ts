import {
  SETTING_IDS,
  unitOf,
  type SettingId,
  type SettingUnit,
  type SetupChoices,
  type SetupKind
} from './kinds';
import type { RestStack } from './rest-stack';

/** How a setting was found. */
export const SETTING_ORIGINS = ['computed', 'adjusted', 'copied', 'typed'] as const;
export type SettingOrigin = (typeof SETTING_ORIGINS)[number];

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
}
export type Arrangement = { readonly [Kind in SetupKind]: ArrangementOf<Kind> }[SetupKind];
export type RestArrangement = ArrangementOf<'rest'>;

/** What a teacher changed by hand: ways chosen, own values and marks. */
export interface AdjustmentsOf<Kind extends SetupKind> {
  readonly kind: Kind;
  readonly choices: Partial<SetupChoices<Kind>>;
  readonly values: Readonly<Partial<Record<SettingId<Kind>, number>>>;
  readonly marks: Readonly<Partial<Record<SettingId<Kind>, string>>>;
}
export type Adjustments = { readonly [Kind in SetupKind]: AdjustmentsOf<Kind> }[SetupKind];
export type RestAdjustments = AdjustmentsOf<'rest'>;

export const NO_REST_ADJUSTMENTS: RestAdjustments = { kind: 'rest', choices: {}, values: {}, marks: {} };

const ON_THE_LIFT: readonly SettingId[] = ['shoulderFoot', 'chestFoot'];

/**
 * Puts the teacher's own values and marks over the computed ones; each setting says which it is. An own lift
 * carries both computed feet with it, since they stand on the lift.
 *
 * @param usual the ways to take where the teacher chose none for this player
 */
export function settle(
  stack: RestStack,
  usual: SetupChoices<'rest'>,
  adjustments: RestAdjustments = NO_REST_ADJUSTMENTS
): RestArrangement {
  const raisedMm = (adjustments.values.lift ?? stack.liftMm) - stack.liftMm;
  const computed = (id: SettingId<'rest'>): number =>
    id === 'tilt' ? stack.tiltDeg : stack[`${id}Mm`] + (ON_THE_LIFT.includes(id) ? raisedMm : 0);
  const setting = (id: SettingId<'rest'>): Setting => {
    // An own tilt has already gone into the stack, which may have had to give less.
    const own = id === 'tilt' ? undefined : adjustments.values[id];
    const adjusted = adjustments.values[id] !== undefined;
    return {
      value: own ?? computed(id),
      unit: unitOf(id),
      origin: adjusted ? 'adjusted' : 'computed',
      mark: adjustments.marks[id] ?? ''
    };
  };
  return {
    kind: 'rest',
    choices: { ...usual, ...adjustments.choices },
    settings: Object.fromEntries(
      SETTING_IDS.rest.map((id) => [id, setting(id)])
    ) as RestArrangement['settings']
  };
}
