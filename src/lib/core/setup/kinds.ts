import type { Family } from '../instruments';
import { CHIN_REST_MOUNTS, REST_SCHOOLS, SCROLL_SCHOOLS } from './rest-schools';

/** How a family is set up: with chin rest and shoulder rest, seated with seat and endpin, or standing with a pin. */
export const SETUP_KINDS = ['rest', 'seated', 'standing'] as const;
export type SetupKind = (typeof SETUP_KINDS)[number];

export const SETUP_KIND_OF: Readonly<Record<Family, SetupKind>> = {
  violin: 'rest',
  viola: 'rest',
  cello: 'seated',
  bass: 'standing'
};

/** Every setting of a set-up that is a number, by kind and in the order in which it is set. */
export const SETTING_IDS = {
  rest: [
    'chinRest',
    'lift',
    'shoulderFoot',
    'chestFoot',
    'restWidth',
    'shoulderFootAlong',
    'chestFootAlong',
    'tilt'
  ],
  seated: ['seat', 'pin', 'angle', 'slide', 'anchor'],
  standing: ['pin', 'lean', 'bowOffset', 'stool']
} as const satisfies Readonly<Record<SetupKind, readonly string[]>>;

export type SettingId<Kind extends SetupKind = SetupKind> = (typeof SETTING_IDS)[Kind][number];

/** Every setting that is one of a few ways, by kind. */
export const SETUP_CHOICES = {
  rest: { school: REST_SCHOOLS, mount: CHIN_REST_MOUNTS, scroll: SCROLL_SCHOOLS },
  seated: { anchoring: ['strap', 'stop'], placing: ['turned', 'square'] },
  standing: { bowHold: ['overhand', 'underhand'] }
} as const satisfies Readonly<Record<SetupKind, Readonly<Record<string, readonly string[]>>>>;

/** Every setting that is one of a few ways. */
export type ChoiceId = { [Kind in SetupKind]: keyof (typeof SETUP_CHOICES)[Kind] }[SetupKind];

export type SetupChoices<Kind extends SetupKind> = {
  readonly [
    Id in keyof (typeof SETUP_CHOICES)[Kind]
  ]: (typeof SETUP_CHOICES)[Kind][Id] extends readonly (infer Way)[] ? Way : never;
};

export const SETTING_UNITS = ['mm', 'deg'] as const;
export type SettingUnit = (typeof SETTING_UNITS)[number];

const ANGLES: readonly SettingId[] = ['tilt', 'angle', 'lean'];

/** Angles are in degrees, everything else in millimetres. */
export const unitOf = (id: SettingId): SettingUnit => (ANGLES.includes(id) ? 'deg' : 'mm');

/** How far a setting can be moved, in its own unit, and how little of it nobody sees. */
export interface SettingReach {
  readonly low: number;
  readonly high: number;
  /** A value this near to the best one looks right. */
  readonly tolerance: number;
}

const reach = (low: number, high: number, tolerance: number): SettingReach => ({ low, high, tolerance });

/** Limits of every setting. Sources: usual rests, seats and pins; the steps that teachers change by. */
const SETTING_REACH = {
  rest: {
    chinRest: reach(10, 45, 2.5),
    lift: reach(0, 30, 2.5),
    shoulderFoot: reach(0, 80, 2.5),
    chestFoot: reach(0, 60, 2.5),
    restWidth: reach(80, 300, 5),
    shoulderFootAlong: reach(20, 200, 6),
    chestFootAlong: reach(20, 240, 6),
    tilt: reach(0, 30, 2.5)
  },
  seated: {
    seat: reach(150, 620, 10),
    pin: reach(0, 500, 10),
    angle: reach(20, 40, 1.5),
    slide: reach(-50, 40, 8),
    anchor: reach(100, 1500, 15)
  },
  standing: {
    pin: reach(0, 450, 10),
    lean: reach(4, 20, 1),
    bowOffset: reach(-120, 120, 10),
    stool: reach(0, 900, 10)
  }
} as const satisfies { readonly [Kind in SetupKind]: Readonly<Record<SettingId<Kind>, SettingReach>> };

/** How far one setting of a kind can be moved. */
export const reachOf = (kind: SetupKind, id: SettingId): SettingReach => {
  const found = (SETTING_REACH[kind] as Readonly<Partial<Record<SettingId, SettingReach>>>)[id];
  if (!found) throw new RangeError(`a ${kind} set-up has no ${id}`);
  return found;
};
