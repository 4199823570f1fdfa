import { mixed, object, type AnyObject, type ObjectShape, type TestContext } from 'yup';
import { MEASUREMENTS, type MeasurementId } from '$lib/core/body';

const MOST_READINGS = 9;

const isObject = (value: unknown): value is AnyObject =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An object that may have these keys and no other; every unknown key is named by its own path. */
export const exactly = <Shape extends ObjectShape>(shape: Shape) =>
  object(shape)
    .strict()
    .test('known-keys', (value, context) => {
      if (!isObject(value)) return true;
      const unknown = Object.keys(value).filter((key) => !Object.hasOwn(shape, key));
      if (unknown.length === 0) return true;
      return context.createError({
        path: context.path ? `${context.path}.${unknown[0]}` : unknown[0],
        message: `unknown key${unknown.length > 1 ? `; also ${unknown.slice(1).join(', ')}` : ''}`
      });
    });

function problemWith(value: unknown, lowest: number, highest: number): string | null {
  if (typeof value !== 'number' || !Number.isFinite(value)) return 'must be a number of millimetres';
  if (value <= 0) return 'must be more than 0';
  if (value < lowest || value > highest) return `must be between ${lowest} and ${highest}`;
  return null;
}

/** A length in mm or a list of one to nine readings of it; each wrong reading is named by its own path. */
export const readingsOf = (id: MeasurementId) => {
  const [lowest, highest] = MEASUREMENTS[id].rangeMm;
  return mixed<number | readonly number[]>().test('readings', (value: unknown, context: TestContext) => {
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
export const lengthWithin = (lowest: number, highest: number) =>
  mixed<number>().test('length', (value: unknown, context: TestContext) => {
    if (value === undefined) return true;
    const message = problemWith(value, lowest, highest);
    return message === null || context.createError({ message });
  });

/** A number within a range, ends included. */
export const numberWithin = (lowest: number, highest: number) =>
  mixed<number>().test('number', (value: unknown, context: TestContext) => {
    if (value === undefined) return true;
    const fine = typeof value === 'number' && value >= lowest && value <= highest;
    return fine || context.createError({ message: `must be a number between ${lowest} and ${highest}` });
  });

/** A text out of a few. */
export const choiceOf = <Value extends string>(values: readonly Value[]) =>
  mixed<Value>().test('choice', (value: unknown, context: TestContext) => {
    const fine = value === undefined || values.some((one) => one === value);
    return fine || context.createError({ message: `must be one of ${values.join(', ')}` });
  });

/** A single reading or several, as a list. */
export const asReadings = (value: number | readonly number[] | undefined): readonly number[] =>
  value === undefined ? [] : typeof value === 'number' ? [value] : value;

/** A text of a certain kind. */
export const textLike = (isRight: (text: string) => boolean, message: string) =>
  mixed<string>().test('text', (value: unknown, context: TestContext) => {
    const fine = value === undefined || value === null || (typeof value === 'string' && isRight(value));
    return fine || context.createError({ message });
  });
