import { ValidationError, type AnyObject, type ISchema, type ObjectSchema, type Schema } from 'yup';
import type { TableName } from '../store/tables';
import { aidSchema, checkSchema, lessonSchema, ownCheckSchema, painSchema } from './check';
import { instrumentSchema, loanSchema } from './cupboard';
import { daySchema } from './day';
import { draftSchema, typedSchema } from './draft';
import { fitSchema, measurementSchema, trialSchema } from './fit';
import { goneSchema } from './gone';
import { groupSchema } from './group';
import { playerSchema } from './player';
import { remedySchema, reviewSchema } from './remedy';
import { settingsSchema } from './settings';
import { lookSchema, setupSchema } from './setup';

/** What every record must look like: checked at each write, and wherever records come from outside. */
const SCHEMAS: { readonly [Name in TableName]: Pick<Schema, 'validateSync'> } = {
  players: playerSchema,
  groups: groupSchema,
  measurements: measurementSchema,
  fits: fitSchema,
  trials: trialSchema,
  setups: setupSchema,
  looks: lookSchema,
  lessons: lessonSchema,
  checks: checkSchema,
  pains: painSchema,
  aids: aidSchema,
  remedies: remedySchema,
  reviews: reviewSchema,
  ownChecks: ownCheckSchema,
  instruments: instrumentSchema,
  loans: loanSchema,
  days: daySchema,
  drafts: draftSchema,
  typed: typedSchema,
  settings: settingsSchema,
  gone: goneSchema
};

/**
 * What is wrong with a record, with its place, or null.
 *
 * @example
 * problemWith('players', { id: 'a' }) // 'name: Give a name, initials or a number.'
 */
export function problemWith(table: TableName, record: unknown): string | null {
  try {
    SCHEMAS[table].validateSync(record, { strict: true });
    return null;
  } catch (error) {
    if (error instanceof ValidationError) return `${error.path ? `${error.path}: ` : ''}${error.message}`;
    return error instanceof Error ? error.message : 'can’t be read';
  }
}

/** A field of a record's schema; what it takes does not depend on its neighbours. */
type Field = ISchema<unknown> & { validateSync(value: unknown, options: { strict: true }): unknown };

/** The fields of a schema that asks nothing but of its fields; null where it asks more of a record as a whole. */
function fieldsOf(table: TableName): Readonly<Record<string, Field>> | null {
  const schema = SCHEMAS[table] as Partial<ObjectSchema<AnyObject>>;
  const asksMore = schema.tests?.some(({ OPTIONS }) => OPTIONS?.name !== 'noUnknown') ?? true;
  return asksMore ? null : (schema.fields as Readonly<Record<string, Field>>);
}

/** Values of a field that are kept; where nearly all differ, more would only cost room. */
const MOST_KEPT = 2000;

/**
 * Like `problemWith`, for the many records of a file: most of their fields hold the same few values, and each of these is
 * held against its schema once.
 *
 * @param table whose records come
 * @returns takes one record after the other, as read from JSON
 */
export function problemsOf(table: TableName): (record: object) => string | null {
  const fields = fieldsOf(table);
  if (!fields) return (record) => problemWith(table, record);
  const parts = Object.entries(fields).map(([name, field]) => ({
    name,
    field,
    plain: new Set<unknown>(),
    deep: new Set<unknown>()
  }));
  const takes = ({ field, plain, deep }: (typeof parts)[number], value: unknown): boolean => {
    const isDeep = typeof value === 'object' && value !== null;
    const [key, good] = isDeep ? [JSON.stringify(value), deep] : [value, plain];
    if (good.has(key)) return true;
    try {
      field.validateSync(value, { strict: true });
    } catch {
      return false;
    }
    if (good.size < MOST_KEPT) good.add(key);
    return true;
  };
  return (record) => {
    const values = record as Readonly<Record<string, unknown>>;
    const isFine =
      Object.keys(values).every((name) => Object.hasOwn(fields, name)) &&
      parts.every((part) => takes(part, values[part.name]));
    // What is wrong is said by the schema itself.
    return isFine ? null : problemWith(table, record);
  };
}
