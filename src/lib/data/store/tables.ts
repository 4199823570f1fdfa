import type { Aid, CheckResult, Lesson, OwnCheckRecord, Pain } from '../schema/check';
import type { Instrument, Loan } from '../schema/cupboard';
import type { FittingDay } from '../schema/day';
import type { Draft, Typed } from '../schema/draft';
import type { Fit, Measurement, Trial } from '../schema/fit';
import type { Gone } from '../schema/gone';
import type { Group } from '../schema/group';
import type { Player } from '../schema/player';
import type { Remedy, ReviewRecord } from '../schema/remedy';
import type { Settings } from '../schema/settings';
import type { Look, Setup } from '../schema/setup';

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
  gone: Gone;
}
export type TableName = keyof Records;
export type AnyRecord = Records[TableName];

interface TableOf<Name extends TableName> {
  /** Indexes, as the database library writes them. */
  readonly indexes: string;
  /** Version of the schema that brought it. */
  readonly since: number;
  /** The field that holds the player whom a record belongs to: it goes with the player, and is refused without. */
  readonly owner?: 'playerId' | 'id';
  /** Fields that name records of other tables on which a record rests: a merge keeps those as long as it. */
  readonly restsOn?: Readonly<Record<string, TableName>>;
  /** Several of them may stand side by side, so that a merge can keep theirs under an id of its own. */
  readonly several?: true;
  /** For records that mention several players: whom they mention, and the record without some of them. */
  readonly mentions?: {
    readonly of: (record: Records[Name]) => readonly string[];
    readonly without: (record: Records[Name], isGone: (playerId: string) => boolean) => Records[Name];
    /** Whether a player who is there may be mentioned. */
    readonly takes?: (record: Records[Name], player: Player) => boolean;
  };
}

/** One place for what the database, backups, deletion, merges and migrations must know of each table. */
export const TABLES: { readonly [Name in TableName]: TableOf<Name> } = {
  players: { indexes: 'id, name, family, groupId', since: 1, restsOn: { groupId: 'groups' } },
  groups: {
    indexes: 'id',
    since: 4,
    mentions: {
      of: ({ seating, away }) => [...seating.map(({ playerId }) => playerId), ...(away?.playerIds ?? [])],
      without: (group, isGone) => ({
        ...group,
        seating: group.seating.filter(({ playerId }) => !isGone(playerId)),
        ...(group.away
          ? { away: { ...group.away, playerIds: group.away.playerIds.filter((id) => !isGone(id)) } }
          : {})
      }),
      takes: ({ id }, { groupId }) => groupId === id
    }
  },
  measurements: { indexes: 'id, playerId, [playerId+kind]', since: 1, owner: 'playerId' },
  fits: {
    indexes: 'id, playerId, day',
    since: 1,
    owner: 'playerId',
    restsOn: { trialId: 'trials' },
    several: true
  },
  trials: { indexes: 'id, playerId, day', since: 3, owner: 'playerId', several: true },
  setups: {
    indexes: 'id, playerId, fitId',
    since: 1,
    owner: 'playerId',
    restsOn: { fitId: 'fits', instrumentId: 'instruments' },
    several: true
  },
  looks: { indexes: 'id, playerId, setupId', since: 4, owner: 'playerId', restsOn: { setupId: 'setups' } },
  lessons: { indexes: 'id, playerId, day', since: 4, owner: 'playerId' },
  checks: {
    indexes: 'id, playerId, day, [playerId+checkId]',
    since: 1,
    owner: 'playerId',
    restsOn: { setupId: 'setups', lessonId: 'lessons' },
    several: true
  },
  pains: { indexes: 'id, playerId', since: 4, owner: 'playerId', several: true },
  aids: { indexes: 'id, playerId', since: 6, owner: 'playerId', several: true },
  remedies: { indexes: 'id, playerId, [checkId+fault]', since: 7, owner: 'playerId' },
  reviews: { indexes: 'id, playerId', since: 7, owner: 'playerId', several: true },
  ownChecks: { indexes: 'id', since: 6, several: true },
  instruments: { indexes: 'id, family, number', since: 1, several: true },
  loans: {
    indexes: 'id, playerId, instrumentId',
    since: 4,
    owner: 'playerId',
    restsOn: { instrumentId: 'instruments' }
  },
  days: {
    indexes: 'id, day',
    since: 3,
    mentions: {
      of: ({ entries }) => entries.map(({ playerId }) => playerId),
      without: (day, isGone) => ({
        ...day,
        entries: day.entries.filter(({ playerId }) => !isGone(playerId))
      })
    }
  },
  drafts: { indexes: 'id', since: 1, owner: 'id' },
  typed: { indexes: 'id, playerId', since: 4, owner: 'playerId' },
  settings: { indexes: 'id', since: 1 },
  gone: { indexes: 'id, at', since: 8 }
};

export const TABLE_NAMES = Object.keys(TABLES) as readonly TableName[];

/** Tables whose records belong to one player each. */
export const OWNED_TABLES = TABLE_NAMES.filter((name) => TABLES[name].owner !== undefined);
/** Tables whose records may mention several players. */
export const SHARED_TABLES = ['groups', 'days'] as const satisfies readonly TableName[];
export type SharedTable = (typeof SHARED_TABLES)[number];

/** The field of an owned table that holds its player. */
export const ownerKey = (name: TableName): string => TABLES[name].owner ?? 'playerId';

/** The player whom a record belongs to, if to one. */
export function ownerOf(name: TableName, record: object): string | null {
  const { owner } = TABLES[name];
  const id = owner ? (record as Readonly<Record<string, unknown>>)[owner] : null;
  return typeof id === 'string' ? id : null;
}

/** The records on which a record rests. */
export const restsOn = (
  name: TableName,
  record: object
): readonly { readonly table: TableName; readonly id: string }[] =>
  Object.entries(TABLES[name].restsOn ?? {}).flatMap(([field, table]) => {
    const id = (record as Readonly<Record<string, unknown>>)[field];
    return typeof id === 'string' ? [{ table, id }] : [];
  });

const mentionsIn = (name: SharedTable) =>
  TABLES[name].mentions as NonNullable<TableOf<SharedTable>['mentions']> | undefined;

/** The players whom a record mentions, if it is of a table that mentions several. */
export const mentioned = (name: SharedTable, record: AnyRecord): readonly string[] =>
  mentionsIn(name)?.of(record as never) ?? [];

/** A record without the players who are gone; the same record where it mentions none of them. */
export function withoutPlayers<R extends AnyRecord>(
  name: SharedTable,
  record: R,
  isGone: (playerId: string) => boolean
): R {
  return mentioned(name, record).some(isGone)
    ? (mentionsIn(name)?.without(record as never, isGone) as unknown as R)
    : record;
}

/** Whether a record may mention a player. */
export const takesPlayer = (name: SharedTable, record: AnyRecord, player: Player | undefined): boolean =>
  player !== undefined && (mentionsIn(name)?.takes?.(record as never, player) ?? true);

export const isShared = (name: TableName): name is SharedTable =>
  (SHARED_TABLES as readonly TableName[]).includes(name);
