import { ValidationError, type Schema } from 'yup';
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
