import type { Writer } from './changes';
import type { Database } from './database';
import { newId } from './ids';
import type { Group, Player } from './records';

const plain = (name: string) => name.trim().toLowerCase();

/** The id of the group of that name, a new one where there is none; null for no name. Inside a change. */
export async function joinGroup(db: Database, { put }: Writer, name: string): Promise<string | null> {
  if (name.trim() === '') return null;
  const known = await db.groups.filter((group) => plain(group.name) === plain(name)).first();
  if (known) return known.id;
  const group: Group = { id: newId(), name: name.trim(), seating: [], demo: false };
  await put('groups', group);
  return group.id;
}

/** A group that nobody is in any more goes. Inside a change, after the player has left it. */
export async function leaveGroup(db: Database, { remove }: Writer, { groupId }: Player): Promise<void> {
  if (groupId === null) return;
  if ((await db.players.where('groupId').equals(groupId).count()) === 0) await remove('groups', groupId);
}

/** Names of groups by their id. */
export type GroupNames = ReadonlyMap<string, string>;

export const groupNames = async (db: Database): Promise<GroupNames> =>
  new Map((await db.groups.toArray()).map(({ id, name }) => [id, name]));

/** The name of a player's group, empty for none. */
export const groupOf = (names: GroupNames, { groupId }: Pick<Player, 'groupId'>): string =>
  (groupId && names.get(groupId)) ?? '';
