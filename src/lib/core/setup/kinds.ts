import type { Family } from '../instruments';
import { CHIN_REST_MOUNTS, REST_SCHOOLS, SCROLL_SCHOOLS } from './rest-schools';

/** How a family is set up: with chin rest and shoulder rest, seated with seat and endpin, or standing with a pin. */
export const SETUP_KINDS = ['rest', 'seated', 'standing'] as const;
export type SetupKind = (typeof SETUP_KINDS)[number];

const KIND_OF = {
  violin: 'rest',
  viola: 'rest',
  cello: 'seated',
  bass: 'standing'
} as const satisfies Readonly<Record<Family, SetupKind>>;
export const SETUP_KIND_OF: Readonly<Record<Family, SetupKind>> = KIND_OF;
/** The kind of a family, as a type. */
export type SetupKindOf<F extends Family> = (typeof KIND_OF)[F];

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

/** What can be typed and kept of a setting, in its own unit, and how little of it nobody sees. */
export interface SettingRange {
  readonly low: number;
  readonly high: number;
  /** A value this near to the best one looks right. */
  readonly tolerance: number;
}

const range = (low: number, high: number, tolerance: number): SettingRange => ({ low, high, tolerance });

/** The widest limits of every setting. Sources: usual rests, seats and pins; the steps that teachers change by. */
const SETTING_RANGE = {
  rest: {
    chinRest: range(10, 45, 2.5),
    lift: range(0, 30, 2.5),
    shoulderFoot: range(0, 80, 2.5),
    chestFoot: range(0, 60, 2.5),
    restWidth: range(80, 300, 5),
    shoulderFootAlong: range(20, 200, 6),
    chestFootAlong: range(20, 240, 6),
    tilt: range(0, 30, 2.5)
  },
  seated: {
    seat: range(150, 620, 10),
    pin: range(0, 500, 10),
    angle: range(12, 48, 1.5),
    slide: range(-120, 100, 8),
    anchor: range(100, 1500, 15)
  },
  standing: {
    pin: range(0, 450, 10),
    lean: range(4, 20, 1),
    bowOffset: range(-120, 120, 10),
    stool: range(0, 900, 10)
  }
} as const satisfies { readonly [Kind in SetupKind]: Readonly<Record<SettingId<Kind>, SettingRange>> };

/** What can be typed of one setting of a kind, whatever the instrument at hand can do. */
export const rangeOf = (kind: SetupKind, id: SettingId): SettingRange => {
  const found = (SETTING_RANGE[kind] as Readonly<Partial<Record<SettingId, SettingRange>>>)[id];
  if (!found) throw new RangeError(`a ${kind} set-up has no ${id}`);
  return found;
};
