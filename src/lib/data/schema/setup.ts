import { array, number, object, string } from 'yup';
import { MEASUREMENT_IDS } from '$lib/core/body';
import {
  OWN_ORIGINS,
  SETTING_IDS,
  SETTING_ORIGINS,
  SETTING_UNITS,
  SETUP_CHOICES,
  SETUP_KINDS,
  type AdjustmentsOf,
  type SetupChoices,
  type SetupKind
} from '$lib/core/setup';
import type { Schema } from 'yup';
import {
  all,
  byField,
  dated,
  each,
  exactly,
  family,
  id,
  length,
  mm,
  oneOf,
  size,
  sizesBelong,
  text,
  type RecordOf
} from './fields';

export const MARK_LENGTH = 60;
export const MOST_NOTCHES = 40;

const setting = () =>
  exactly(
    object({
      value: mm().required(),
      unit: oneOf(SETTING_UNITS).required(),
      origin: oneOf(SETTING_ORIGINS).required(),
      mark: text(MARK_LENGTH)
    })
  );

const ways = <Kind extends SetupKind>(kind: Kind, needed: boolean) =>
  exactly(
    object(
      Object.fromEntries(
        Object.entries(SETUP_CHOICES[kind]).map(([key, values]) => [
          key,
          needed ? oneOf(values).required() : oneOf(values).optional()
        ])
      )
    )
  ).required();

/** Whatever the kind, a set-up says of which version, fit and instrument it is, and on which lengths it rests. */
const common = {
  ...dated,
  fitId: id().required(),
  /** The instrument of the cupboard; null where none is named. */
  instrumentId: id().nullable().defined(),
  family: family(),
  size: size().required(),
  version: number().integer().min(1).required(),
  basis: exactly(
    object({
      /** Lengths that it was computed from, mm. */
      lengths: each(MEASUREMENT_IDS, length),
      /** Those of them that were estimated. */
      estimated: array().of(oneOf(MEASUREMENT_IDS).required()).max(MEASUREMENT_IDS.length).defined()
    })
  ).required()
};

/** Where a bass's pin has notches. */
export const notches = () => array().of(mm().min(0).required()).max(MOST_NOTCHES).optional();

const setupOf = <Kind extends SetupKind>(kind: Kind) =>
  sizesBelong(
    exactly(
      object({
        ...common,
        kind: oneOf([kind]).required(),
        choices: ways(kind, true) as unknown as Schema<SetupChoices<Kind>>,
        settings: all<(typeof SETTING_IDS)[Kind][number], ReturnType<typeof setting>>(
          SETTING_IDS[kind],
          setting
        ),
        notchesMm: notches()
      })
    ),
    ['size']
  );

const rest = setupOf('rest');
const seated = setupOf('seated');
const standing = setupOf('standing');

/** One version of a player's set-up, by its kind. */
export const setupSchema = byField<typeof rest | typeof seated | typeof standing>(
  'kind',
  { rest, seated, standing },
  rest
);
export type Setup = RecordOf<typeof rest> | RecordOf<typeof seated> | RecordOf<typeof standing>;

const adjustmentsOf = <Kind extends SetupKind>(kind: Kind) =>
  exactly(
    object({
      kind: oneOf([kind]).required(),
      choices: ways(kind, false),
      values: each(SETTING_IDS[kind], mm),
      marks: each(SETTING_IDS[kind], () => string().max(MARK_LENGTH)),
      origins: each(SETTING_IDS[kind], () => oneOf(OWN_ORIGINS)).optional(),
      notchesMm: notches()
    })
  ) as unknown as Schema<AdjustmentsOf<Kind>>;

/** What was changed by hand in a set-up that is under way, by its kind; null where nothing was. */
export const adjustmentsSchema = byField(
  'kind',
  Object.fromEntries(SETUP_KINDS.map((kind) => [kind, adjustmentsOf(kind)])),
  adjustmentsOf('rest') as Schema
);

/** One look of the adjust loop: what was seen, and what was changed upon it. */
export const lookSchema = exactly(
  object({
    ...dated,
    /** The set-up that came of it; null while it is under way. */
    setupId: id().nullable().defined(),
    kind: oneOf(SETUP_KINDS).required(),
    /** What was seen, by the adjust loop's own codes. */
    seen: id().required(),
    change: exactly(object({ setting: id().required(), from: mm().required(), to: mm().required() }))
      .nullable()
      .defined()
  })
);
export type Look = RecordOf<typeof lookSchema>;
