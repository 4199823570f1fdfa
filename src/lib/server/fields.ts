// The package's main door redeclares the validator's own types; this one does not.
import { convertSchema } from '@sodaru/yup-to-json-schema/dist/converters/index.js';
import {
  boolean,
  mixed,
  object,
  ValidationError,
  type InferType,
  type ObjectShape,
  type Schema,
  type TestContext
} from 'yup';
import { isDay } from '$lib/core/time';
import { MEASUREMENTS, type MeasurementId } from '$lib/core/body';

/** Most readings of one length. */
const MOST_READINGS = 9;
/** A request is told this many of its faults; then it is not looked at any further. */
export const MOST_FAULTS = 20;

type JsonSchema = Readonly<Record<string, unknown>>;

/** What a field looks like to other programs, beside the check that only a function can make. */
const described = (jsonSchema: JsonSchema) => ({ jsonSchema });

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The description of a request's schema for other programs. */
export const describe = (schema: Schema): JsonSchema => tidy(convertSchema(schema)) as JsonSchema;

/** Leaves out what says nothing: no type, no default. */
function tidy(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(tidy);
  if (!isObject(value)) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(
        ([key, one]) => one !== undefined && key !== 'default' && !(Array.isArray(one) && one.length === 0)
      )
      .map(([key, one]) => [key, tidy(one)])
  );
}

/** An object that may have these keys and no other; the first unknown key is named by its own path. */
export const exactly = <Shape extends ObjectShape>(shape: Shape, description?: string) =>
  object(shape)
    .strict()
    .meta(described({ additionalProperties: false, ...(description ? { description } : {}) }))
    .test('known-keys', (value, context) => {
      if (!isObject(value)) return true;
      const unknown = Object.keys(value).find((key) => !Object.hasOwn(shape, key));
      if (unknown === undefined) return true;
      return context.createError({
        path: context.path ? `${context.path}.${unknown}` : unknown,
        message: 'unknown key'
      });
    });

/** A list of so many things at most, and at least one unless told otherwise; it stops at the first faults. */
export function listOf<Item extends Schema>(item: Item, most: number, description?: string, least = 1) {
  return mixed<InferType<Item>[]>()
    .meta(
      described({
        type: 'array',
        items: describe(item),
        ...(least > 0 ? { minItems: least } : {}),
        maxItems: most,
        ...(description ? { description } : {})
      })
    )
    .test('list', (value: unknown, context: TestContext) => {
      if (value === undefined) return true;
      if (!Array.isArray(value)) return context.createError({ message: 'must be a list' });
      if (value.length < least || value.length > most)
        return context.createError({
          message: least > 0 ? `must hold one to ${most}` : `must hold at most ${most}`
        });
      const faults: ValidationError[] = [];
      for (const [index, one] of value.entries()) {
        if (faults.length >= MOST_FAULTS) break;
        try {
          item.validateSync(one, { strict: true, abortEarly: false });
        } catch (error) {
          if (!(error instanceof ValidationError)) throw error;
          const inner = error.inner.length > 0 ? error.inner : [error];
          for (const fault of inner)
            faults.push(
              new ValidationError(
                fault.message,
                undefined,
                `${context.path}[${index}]${fault.path ? `.${fault.path}` : ''}`
              )
            );
        }
      }
      return faults.length === 0 || new ValidationError(faults.slice(0, MOST_FAULTS), value, context.path);
    });
}

function problemWith(value: unknown, lowest: number, highest: number): string | null {
  if (typeof value !== 'number' || !Number.isFinite(value)) return 'must be a number of millimetres';
  if (value <= 0) return 'must be more than 0';
  if (value < lowest || value > highest) return `must be between ${lowest} and ${highest}`;
  return null;
}

/** A length in mm or a list of one to nine readings of it; each wrong reading is named by its own path. */
export const readingsOf = (id: MeasurementId, description: string) => {
  const [lowest, highest] = MEASUREMENTS[id].rangeMm;
  const one = { type: 'number', minimum: lowest, maximum: highest };
  const several = { type: 'array', items: one, minItems: 1, maxItems: MOST_READINGS };
  return mixed<number | readonly number[]>()
    .meta(described({ description, oneOf: [one, several], type: undefined }))
    .test('readings', (value: unknown, context: TestContext) => {
      if (value === undefined) return true;
      if (!Array.isArray(value)) {
        const message = problemWith(value, lowest, highest);
        return message === null || context.createError({ message });
      }
      if (value.length === 0 || value.length > MOST_READINGS)
        return context.createError({ message: `must hold one to ${MOST_READINGS} readings` });
      const at = value.findIndex((reading) => problemWith(reading, lowest, highest) !== null);
      if (at < 0) return true;
      return context.createError({
        path: `${context.path}[${at}]`,
        message: problemWith(value[at], lowest, highest) ?? 'is not right'
      });
    });
};

/** A single length in mm within a range. */
export const lengthWithin = (lowest: number, highest: number, description?: string) =>
  mixed<number>()
    .meta(described({ type: 'number', minimum: lowest, maximum: highest, description }))
    .test('length', (value: unknown, context: TestContext) => {
      if (value === undefined) return true;
      const message = problemWith(value, lowest, highest);
      return message === null || context.createError({ message });
    });

/** A number within a range, ends included. */
export const numberWithin = (lowest: number, highest: number, description?: string) =>
  mixed<number>()
    .meta(described({ type: 'number', minimum: lowest, maximum: highest, description }))
    .test('number', (value: unknown, context: TestContext) => {
      if (value === undefined) return true;
      const fine = typeof value === 'number' && value >= lowest && value <= highest;
      return fine || context.createError({ message: `must be a number between ${lowest} and ${highest}` });
    });

/** A text out of a few; null only where the field says that it may be null. */
export const choiceOf = <Value extends string>(values: readonly Value[], description?: string) =>
  mixed<Value>()
    .meta(described({ enum: values, type: undefined, description }))
    .test('choice', (value: unknown, context: TestContext) => {
      const fine = value == null || values.some((one) => one === value);
      return fine || context.createError({ message: `must be one of ${values.join(', ')}` });
    });

/** A single reading or several, as a list. */
export const asReadings = (value: number | readonly number[] | undefined): readonly number[] =>
  value === undefined ? [] : typeof value === 'number' ? [value] : value;

/** A text of a certain kind. */
export const textLike = (
  isRight: (text: string) => boolean,
  message: string,
  jsonSchema: JsonSchema = { type: 'string' }
) =>
  mixed<string>()
    .meta(described(jsonSchema))
    .test('text', (value: unknown, context: TestContext) => {
      const fine = value === undefined || value === null || (typeof value === 'string' && isRight(value));
      return fine || context.createError({ message });
    });

export const flag = () => boolean().strict();

/** A day of the calendar. */
export const day = (description?: string) =>
  textLike(isDay, 'must be a day such as 2026-11-24', { type: 'string', format: 'date', description });
