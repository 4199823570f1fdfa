import type { Database } from '../store/database';
import type { FittingDay, Group, Player, Records } from '../store/records';
import type { TableName } from '../store/tables';

/** Tables of which each record belongs to one player. */
export type OwnedTable = {
  [Name in TableName]: Records[Name] extends { readonly playerId: string } ? Name : never;
}[TableName];

const tableOf = <Name extends TableName>(db: Database, table: Name) => db.table<Records[Name], string>(table);

/** A record by its id; null where there is none. */
export const recordOf = async <Name extends TableName>(
  db: Database,
  table: Name,
  id: string | null | undefined
): Promise<Records[Name] | null> => (await tableOf(db, table).get(id ?? '')) ?? null;

/** Records by their ids, in the order asked for; undefined where there is none. */
export const recordsOf = <Name extends TableName>(
  db: Database,
  table: Name,
  ids: readonly (string | null | undefined)[]
): PromiseLike<(Records[Name] | undefined)[]> => tableOf(db, table).bulkGet(ids.map((id) => id ?? ''));

/** All records of a table. */
export const allOf = <Name extends TableName>(
  db: Database,
  table: Name
): PromiseLike<readonly Records[Name][]> => tableOf(db, table).toArray();

/**
 * The records of some players in a table, player by player. A request for each brings all of one player's at once; one
 * for all of them would step from record to record, ten times as slowly.
 */
export const ofPlayers = async <Name extends OwnedTable>(
  db: Database,
  table: Name,
  playerIds: readonly string[]
): Promise<readonly Records[Name][]> =>
  (await Promise.all(playerIds.map((playerId) => tableOf(db, table).where({ playerId }).toArray()))).flat();

/** Who is in a group, also who was put away. */
export const playersIn = (db: Database, groupId: string): PromiseLike<readonly Player[]> =>
  db.players.where({ groupId }).toArray();

/** Everybody by name, also who was put away. */
export const playersByName = (db: Database): PromiseLike<readonly Player[]> =>
  db.players.orderBy('name').toArray();

/** Who was put away. */
export const archivedPlayers = (db: Database): PromiseLike<readonly Player[]> =>
  db.players.filter(({ archivedOn }) => archivedOn !== null).toArray();

/** How many players the made-up class has here. */
export const demoPlayers = (db: Database): PromiseLike<number> =>
  db.players.filter(({ demo }) => demo).count();

/** Whether there is any record of a table. */
export const isAny = async (db: Database, table: TableName): Promise<boolean> =>
  (await tableOf(db, table).limit(1).count()) > 0;

/** The group that a player is in. */
export const groupOfPlayer = async (db: Database, playerId: string): Promise<Group | null> =>
  recordOf(db, 'groups', (await db.players.get(playerId))?.groupId);

/** Fitting days, newest first. */
export const fittingDays = (db: Database): PromiseLike<readonly FittingDay[]> =>
  db.days.orderBy('day').reverse().toArray();

/** The line in which a player is being tried, if one runs. */
export const lineOf = async (db: Database, id: string): Promise<FittingDay | null> =>
  (await db.days
    .filter(
      ({ closedAt, entries }) =>
        closedAt === null && entries.some(({ playerId, state }) => playerId === id && state === 'trial')
    )
    .first()) ?? null;

/** Whether any group has times of its lessons. */
export const anyLessonTime = async (db: Database): Promise<boolean> =>
  (await db.groups.filter(({ lessons }) => (lessons?.length ?? 0) > 0).first()) !== undefined;
