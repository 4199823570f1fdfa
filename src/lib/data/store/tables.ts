import {
  checkSchema,
  lessonSchema,
  aidSchema,
  ownCheckSchema,
  painSchema,
  type Aid,
  type CheckResult,
  type Lesson,
  type OwnCheckRecord,
  type Pain
} from '../schema/check';
import { instrumentSchema, loanSchema, type Instrument, type Loan } from '../schema/cupboard';
import { daySchema, type FittingDay } from '../schema/day';
import { draftSchema, typedSchema, type Draft, type Typed } from '../schema/draft';
import {
  fitSchema,
  measurementSchema,
  trialSchema,
  type Fit,
  type Measurement,
  type Trial
} from '../schema/fit';
import { groupSchema, type Group } from '../schema/group';
import { playerSchema, type Player } from '../schema/player';
import { remedySchema, reviewSchema, type Remedy, type ReviewRecord } from '../schema/remedy';
import { settingsSchema, type Settings } from '../schema/settings';
import { lookSchema, setupSchema, type Look, type Setup } from '../schema/setup';
import type { Schema } from 'yup';

/** Every table whose records are the teacher's, with the type of its records. */
export interface Records {
  players: Player;
  groups: Group;
  measurements: Measurement;
  fits: Fit;
  trials: Trial;
  setups: Setup;
  looks: Look;
  lessons: Lesson;
  checks: CheckResult;
  pains: Pain;
  aids: Aid;
  remedies: Remedy;
  reviews: ReviewRecord;
  ownChecks: OwnCheckRecord;
  instruments: Instrument;
  loans: Loan;
  days: FittingDay;
  drafts: Draft;
  typed: Typed;
  settings: Settings;
}
export type TableName = keyof Records;

interface TableOf<Name extends TableName> {
  /** What every record must look like: checked at each write, and wherever records come from outside. */
  readonly schema: Pick<Schema, 'validateSync'>;
  /** Indexes, as the database library writes them. */
  readonly indexes: string;
  /** Version of the schema that brought it. */
  readonly since: number;
  /** The field that holds the player whom a record belongs to: it goes with the player, and is refused without. */
  readonly owner?: 'playerId' | 'id';
  /** The record without a mention of a player; null when nothing of it is left. For records that mention several. */
  readonly without?: (record: Records[Name], playerId: string) => Records[Name];
}

const isNot = (gone: string) => (one: { readonly playerId: string }) => one.playerId !== gone;

/** One place for what the database, backups, deletion and migrations must know of each table. */
export const TABLES: { readonly [Name in TableName]: TableOf<Name> } = {
  players: { schema: playerSchema, indexes: 'id, name, family, groupId', since: 1 },
  groups: {
    schema: groupSchema,
    indexes: 'id',
    since: 4,
    without: (group, playerId) => ({
      ...group,
      seating: group.seating.filter(isNot(playerId)),
      ...(group.away
        ? { away: { ...group.away, playerIds: group.away.playerIds.filter((id) => id !== playerId) } }
        : {})
    })
  },
  measurements: {
    schema: measurementSchema,
    indexes: 'id, playerId, [playerId+kind]',
    since: 1,
    owner: 'playerId'
  },
  fits: { schema: fitSchema, indexes: 'id, playerId, day', since: 1, owner: 'playerId' },
  trials: { schema: trialSchema, indexes: 'id, playerId, day', since: 3, owner: 'playerId' },
  setups: { schema: setupSchema, indexes: 'id, playerId, fitId', since: 1, owner: 'playerId' },
  looks: { schema: lookSchema, indexes: 'id, playerId, setupId', since: 4, owner: 'playerId' },
  lessons: { schema: lessonSchema, indexes: 'id, playerId, day', since: 4, owner: 'playerId' },
  checks: {
    schema: checkSchema,
    indexes: 'id, playerId, day, [playerId+checkId]',
    since: 1,
    owner: 'playerId'
  },
  pains: { schema: painSchema, indexes: 'id, playerId', since: 4, owner: 'playerId' },
  aids: { schema: aidSchema, indexes: 'id, playerId', since: 6, owner: 'playerId' },
  remedies: {
    schema: remedySchema,
    indexes: 'id, playerId, [checkId+fault]',
    since: 7,
    owner: 'playerId'
  },
  reviews: { schema: reviewSchema, indexes: 'id, playerId', since: 7, owner: 'playerId' },
  ownChecks: { schema: ownCheckSchema, indexes: 'id', since: 6 },
  instruments: { schema: instrumentSchema, indexes: 'id, family, number', since: 1 },
  loans: { schema: loanSchema, indexes: 'id, playerId, instrumentId', since: 4, owner: 'playerId' },
  days: {
    schema: daySchema,
    indexes: 'id, day',
    since: 3,
    without: (day, playerId) => ({ ...day, entries: day.entries.filter(isNot(playerId)) })
  },
  drafts: { schema: draftSchema, indexes: 'id', since: 1, owner: 'id' },
  typed: { schema: typedSchema, indexes: 'id, playerId', since: 4, owner: 'playerId' },
  settings: { schema: settingsSchema, indexes: 'id', since: 1 }
};

export const TABLE_NAMES = Object.keys(TABLES) as readonly TableName[];

/** Tables whose records belong to one player each. */
export const OWNED_TABLES = TABLE_NAMES.filter((name) => TABLES[name].owner !== undefined);
/** Tables whose records may mention several players. */
export const SHARED_TABLES = TABLE_NAMES.filter((name) => TABLES[name].without !== undefined);

/** The field of an owned table that holds its player. */
export const ownerKey = (name: TableName): string => TABLES[name].owner ?? 'playerId';

/** The player whom a record belongs to, if to one. */
export function ownerOf(name: TableName, record: object): string | null {
  const { owner } = TABLES[name];
  const id = owner ? (record as Readonly<Record<string, unknown>>)[owner] : null;
  return typeof id === 'string' ? id : null;
}
