import type { Family } from '../instruments';
import { CHIN_REST_MOUNTS, REST_SCHOOLS } from './rest-schools';

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
  rest: { school: REST_SCHOOLS, mount: CHIN_REST_MOUNTS },
  seated: { anchoring: ['strap', 'stop'], placing: ['turned', 'square'] },
  standing: { bowHold: ['overhand', 'underhand'] }
} as const satisfies Readonly<Record<SetupKind, Readonly<Record<string, readonly string[]>>>>;

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
