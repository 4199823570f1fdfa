import type { Table } from 'dexie';
import type { Operation } from '../schema/change';
import type { Database } from '../store/database';
import { playerGone } from '../store/refusal';
import {
  isShared,
  mentioned,
  OWNED_TABLES,
  ownerKey,
  ownerOf,
  SHARED_TABLES,
  takesPlayer,
  withoutPlayers,
  type AnyRecord,
  type Records,
  type TableName
} from '../store/tables';

/** What is to stand under a key after a write; null for nothing. */
export type Write = readonly [key: string, after: AnyRecord | null];
/** Writes into the running transaction and notes what it did. */
export type Replace = (table: TableName, writes: readonly Write[]) => Promise<void>;

/** More of them are looked for in one list of all. */
const FEW = 40;

/** When players are deleted by what passes the gate; null where a step is only taken back or done again. */
export type Deletion = { readonly day: string; readonly at: string } | null;

const keysOf = async (
  table: Table<object, string>,
  keys: readonly string[]
): Promise<ReadonlySet<string>> => {
  if (keys.length > FEW) return new Set(await table.toCollection().primaryKeys());
  const found = await Promise.all(keys.map((key) => table.get(key)));
  return new Set(keys.filter((_, index) => found[index] !== undefined));
};

/** What became of each record of a table: as it was first, as it is last. */
function netOf<Name extends TableName>(operations: readonly Operation[], name: Name) {
  const net = new Map<string, { before: Records[Name] | null; after: Records[Name] | null }>();
  for (const { table, key, before, after } of operations) {
    if (table !== name) continue;
    const known = net.get(key);
    net.set(key, {
      before: known ? known.before : (before as Records[Name] | null),
      after: after as Records[Name] | null
    });
  }
  return net;
}

/**
 * The one gate through which every change of the records goes, at its end and in its transaction. Afterwards no record
 * belongs to a player who is not there, none mentions one, nobody is in a group that is not there or sits in one that
 * was left, and who was deleted has a tombstone as long as nobody brings the child back.
 *
 * What has to follow is written through `replace`, so that it is part of the same step. It reads only what the step
 * touched.
 *
 * @throws Refusal for a record whose player is not there; Error for one whose group is not there
 */
export async function passGate(
  db: Database,
  operations: readonly Operation[],
  replace: Replace,
  deletion: Deletion
): Promise<void> {
  const players = netOf(operations, 'players');
  const removed = [...players].filter(([, { after }]) => after === null).map(([key]) => key);
  const moved = [...players].flatMap(([key, { before, after }]) =>
    before && after && before.groupId !== after.groupId ? [key] : []
  );
  if (removed.length > 0) await removeOwned(db, new Set(removed), replace);
  if (removed.length + moved.length > 0)
    await leaveMentions(
      db,
      new Set(removed),
      new Map(moved.map((id) => [id, players.get(id)?.after])),
      replace
    );
  await checkOwners(db, operations, players);
  await checkGroups(db, operations, players);
  await checkMentions(db, operations, players, replace);
  await keepTombstones(db, players, removed, replace, deletion);
}

/** Whatever belongs to a player goes with the player, also what no step tells of. */
async function removeOwned(db: Database, gone: ReadonlySet<string>, replace: Replace): Promise<void> {
  for (const name of OWNED_TABLES) {
    const rows = db.table<AnyRecord, string>(name);
    const owner = ownerKey(name);
    const owners = gone.size > FEW ? await rows.orderBy(owner).uniqueKeys() : [...gone];
    const left = owners.map(String).filter((id) => gone.has(id));
    const keys = (await Promise.all(left.map((id) => rows.where(owner).equals(id).primaryKeys()))).flat();
    if (keys.length > 0)
      await replace(
        name,
        keys.map((key): Write => [key, null])
      );
  }
}

/** Nothing mentions who is gone, and who changed the group leaves the seat. */
async function leaveMentions(
  db: Database,
  removed: ReadonlySet<string>,
  moved: ReadonlyMap<string, Records['players'] | null | undefined>,
  replace: Replace
): Promise<void> {
  for (const name of SHARED_TABLES) {
    const writes = (await db.table<AnyRecord, string>(name).toArray()).flatMap((record): Write[] => {
      const left = withoutPlayers(
        name,
        record,
        (id) => removed.has(id) || (moved.has(id) && !takesPlayer(name, record, moved.get(id) ?? undefined))
      );
      return left === record ? [] : [[record.id, left]];
    });
    if (writes.length > 0) await replace(name, writes);
  }
}

type Net<Name extends TableName> = ReturnType<typeof netOf<Name>>;

async function checkOwners(
  db: Database,
  operations: readonly Operation[],
  players: Net<'players'>
): Promise<void> {
  const owners = new Set<string>();
  for (const { table, after } of operations) {
    const owner = after && OWNED_TABLES.includes(table) ? ownerOf(table, after) : null;
    if (owner !== null) owners.add(owner);
  }
  // What was written and went with its player in the same step is not there any more.
  const asked = [...owners].filter((id) => !players.has(id));
  if (asked.length === 0) return;
  const there = await keysOf(db.players, asked);
  if (asked.some((id) => !there.has(id))) throw playerGone();
}

async function checkGroups(
  db: Database,
  operations: readonly Operation[],
  players: Net<'players'>
): Promise<void> {
  const asked = new Set<string>();
  for (const { before, after } of players.values())
    if (after?.groupId != null && after.groupId !== before?.groupId) asked.add(after.groupId);
  for (const [key, { after }] of netOf(operations, 'groups')) {
    if (after !== null) asked.delete(key);
    else if ((await db.players.where('groupId').equals(key).count()) > 0)
      throw new Error(`The group ${key} went while players are in it.`);
  }
  const there = await keysOf(db.groups, [...asked]);
  for (const id of asked) if (!there.has(id)) throw new Error(`There is no group ${id}.`);
}

/** Records that mention several players mention only those who are there, in whatever they newly mention. */
async function checkMentions(
  db: Database,
  operations: readonly Operation[],
  players: Net<'players'>,
  replace: Replace
): Promise<void> {
  for (const name of SHARED_TABLES)
    for (const [key, { before, after }] of netOf(operations, name)) {
      if (!after) continue;
      const record = await db.table<AnyRecord, string>(name).get(key);
      if (!record) continue;
      const known = new Set(before ? mentioned(name, before) : []);
      const asked = mentioned(name, record).filter((id) => !known.has(id));
      if (asked.length === 0) continue;
      const found = await db.players.bulkGet(asked.filter((id) => !players.has(id)));
      const there = new Map(found.flatMap((one) => (one ? [[one.id, one] as const] : [])));
      const isOut = (id: string) =>
        asked.includes(id) &&
        !takesPlayer(name, record, there.get(id) ?? players.get(id)?.after ?? undefined);
      const left = withoutPlayers(name, record, isOut);
      if (left !== record) await replace(name, [[key, left]]);
    }
}

/** Who is deleted leaves a tombstone; who is there has none. */
async function keepTombstones(
  db: Database,
  players: Net<'players'>,
  removed: readonly string[],
  replace: Replace,
  deletion: Deletion
): Promise<void> {
  const come = [...players].filter(([, { before, after }]) => before === null && after !== null);
  if (come.length > 0) {
    const stones = await keysOf(
      db.gone,
      come.map(([key]) => key)
    );
    const lifted = come.filter(([key]) => stones.has(key)).map(([key]): Write => [key, null]);
    if (lifted.length > 0) await replace('gone', lifted);
  }
  const deleted = removed.filter((id) => players.get(id)?.before);
  if (deletion && deleted.length > 0)
    await replace(
      'gone',
      deleted.map((id): Write => [id, { id, ...deletion }])
    );
}

/**
 * Everything that must hold of all records and does not, in words: what the gate keeps up, looked at as a whole.
 *
 * @param tables records by table
 * @param problemWith what is wrong with a record by itself
 */
export function faultsIn(
  tables: { readonly [Name in TableName]: readonly Records[Name][] },
  problemWith: (table: TableName, record: unknown) => string | null
): readonly string[] {
  const players = new Map(tables.players.map((player) => [player.id, player]));
  const groups = new Set(tables.groups.map(({ id }) => id));
  const faults: string[] = [];
  for (const [name, records] of Object.entries(tables) as [TableName, readonly AnyRecord[]][])
    for (const record of records) {
      const place = `${name} ${record.id}`;
      const problem = problemWith(name, record);
      if (problem) faults.push(`${place}: ${problem}`);
      const owner = OWNED_TABLES.includes(name) ? ownerOf(name, record) : null;
      if (owner !== null && !players.has(owner)) faults.push(`${place} belongs to nobody`);
      if (isShared(name))
        for (const id of mentioned(name, record))
          if (!takesPlayer(name, record, players.get(id))) faults.push(`${place} mentions ${id}`);
    }
  for (const { id, groupId } of tables.players)
    if (groupId !== null && !groups.has(groupId)) faults.push(`players ${id} is in no group ${groupId}`);
  for (const { id } of tables.gone) if (players.has(id)) faults.push(`gone ${id} is there`);
  return faults;
}
