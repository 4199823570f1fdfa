import {
  array,
  lazy,
  mixed,
  number,
  object,
  string,
  type AnyObject,
  type InferType,
  type ISchema,
  type MixedSchema,
  type ObjectSchema,
  type Schema
} from 'yup';
import { isDay } from '$lib/core/time';
import { MEASUREMENT_IDS } from '$lib/core/body';
import { SUBJECT_IDS } from '$lib/core/checks/subject-ids';
import { FAMILIES, sizesOf, type Family } from '$lib/core/instruments';
import { LANDING_SCHOOLS, OWN_LIMIT_RANGE } from '$lib/core/sizing';
import { HIGHEST_TAPE } from '$lib/core/tapes';

/** Lists and objects as they come out of a schema, never to be changed in place. */
export type ReadOnly<T> = T extends readonly (infer Item)[]
  ? number extends T['length']
    ? readonly ReadOnly<Item>[]
    : { readonly [Key in keyof T]: ReadOnly<T[Key]> }
  : T extends object
    ? { readonly [Key in keyof T]: ReadOnly<T[Key]> }
    : T;

/** The type of a schema's records. */
export type RecordOf<S extends ISchema<unknown>> = ReadOnly<InferType<S>>;

export const id = () => string().matches(/^[\w:.-]{1,120}$/, 'must be an id');

export const day = () =>
  string().test('day', 'must be a day such as 2026-11-24', (value) => value == null || isDay(value));

const MOMENT = /^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d+)?Z$/;
export const moment = () =>
  string().test(
    'moment',
    'must be a moment such as 2026-11-24T09:30:00Z',
    (value) => value == null || (MOMENT.test(value) && isDay(value.slice(0, 10)))
  );

/** A text that may be empty. */
export const text = (longest: number) => string().max(longest).defined();

/** Farther than any margin, gap or length between a player and an instrument, mm. */
const FARTHEST_MM = 5000;
export const mm = () => number().min(-FARTHEST_MM).max(FARTHEST_MM);
export const length = () => number().moreThan(0).max(FARTHEST_MM);

export const oneOf = <const Value extends string>(
  values: readonly Value[],
  message = `must be one of ${values.join(', ')}`
): MixedSchema<Value | undefined> => mixed<Value>().oneOf(values, message) as MixedSchema<Value | undefined>;

/** An object with exactly these fields. */
export const exactly = <T extends AnyObject>(shape: ObjectSchema<T>) =>
  shape.noUnknown('has an unknown field: ${unknown}').strict();

/** An object whose keys are known and whose values all look alike; any may be absent. */
export const each = <const Key extends string, S extends Schema>(keys: readonly Key[], value: () => S) =>
  exactly(
    object(Object.fromEntries(keys.map((key) => [key, value().optional()])))
  ).required() as unknown as Schema<{ [One in Key]?: InferType<S> | undefined }>;

/** An object whose keys are known and whose values all look alike; all must be there. */
export const all = <const Key extends string, S extends Schema>(keys: readonly Key[], value: () => S) =>
  exactly(
    object(Object.fromEntries(keys.map((key) => [key, value().required()])))
  ).required() as unknown as Schema<{
    [One in Key]: NonNullable<InferType<S>>;
  }>;

export const family = () => oneOf(FAMILIES).required();
export const size = () => string().max(12);

/** Fields of a record that belongs to a player. */
export const owned = { id: id().required(), playerId: id().required() };
export const dated = { ...owned, at: moment().required(), day: day().required() };

/** Refuses a size that its family does not come in, at the field that holds it. */
export const sizesBelong = <T extends AnyObject>(
  schema: ObjectSchema<T>,
  fields: readonly string[]
): ObjectSchema<T> =>
  schema.test('own-size', (record, context) => {
    const { family: of } = record as { family?: Family };
    const known = FAMILIES.find((one) => one === of);
    const wrong = fields.find((field) => {
      const value = (record as Readonly<Record<string, unknown>>)[field];
      return value != null && known !== undefined && !sizesOf(known).some((one) => one === value);
    });
    if (wrong === undefined) return true;
    const path = context.path ? `${context.path}.${wrong}` : wrong;
    return context.createError({ path, message: 'is a size that the family does not come in' });
  }) as ObjectSchema<T>;

/** The ways of subjects on which teachers differ. */
export const ways = () => each(SUBJECT_IDS, () => string().max(40));

/** Which schema an object must meet, by its field that says its kind. */
export const byField = <S extends Schema>(
  field: string,
  schemas: Readonly<Record<string, S>>,
  otherwise: S
) =>
  lazy((value: unknown) => {
    const kind =
      typeof value === 'object' && value !== null
        ? (value as Readonly<Record<string, unknown>>)[field]
        : null;
    return (
      (typeof kind === 'string' && Object.hasOwn(schemas, kind) ? schemas[kind] : undefined) ?? otherwise
    );
  });

const namedRule = exactly(object({ school: oneOf(LANDING_SCHOOLS).required() }));
const ownRule = exactly(
  object({
    school: oneOf(['own']).required(),
    limit: number().min(OWN_LIMIT_RANGE[0]).max(OWN_LIMIT_RANGE[1]).required()
  })
);
/** How far the scroll may come. */
export const landingRule = lazy((value: unknown) =>
  typeof value === 'object' && value !== null && 'school' in value && value.school === 'own'
    ? ownRule.required()
    : namedRule.required()
);

const onlyNull = mixed().nullable().defined().oneOf([null]);
/** What another schema takes, or null. */
export const nullOr = <T>(schema: ISchema<T>): ISchema<T | null> =>
  lazy((value: unknown) =>
    value === null ? onlyNull : (schema.resolve({ value }) as unknown as typeof onlyNull)
  ) as unknown as ISchema<T | null>;

/** Most readings of one length that a day keeps. */
export const MOST_READINGS = 30;
/** The readings that something rested on, mm. */
export const readingLists = () =>
  each(MEASUREMENT_IDS, () => array().of(length().required()).min(1).max(MOST_READINGS));

/** Real instruments that were measured. */
export const instruments = () =>
  array()
    .of(
      exactly(
        object({ size: size().required(), overallMm: length().required(), stringMm: length().optional() })
      ).required()
    )
    .max(40)
    .defined();

/** Answers of a trial. */
export const answers = () =>
  array()
    .of(exactly(object({ look: id().required(), choice: id().required() })).required())
    .max(100)
    .defined();

/** Finger tapes by semitones, since when each is on and when it came off. */
export const tapes = () =>
  array()
    .of(
      exactly(
        object({
          semitones: number().integer().min(1).max(HIGHEST_TAPE).required(),
          since: day().required(),
          off: day().nullable().defined()
        })
      ).required()
    )
    .max(HIGHEST_TAPE);
