import type { IsoDay } from '$lib/core/time';
import type { Database } from '../store/database';
import type { Group, Player } from '../store/records';
import { plainName } from './known-players';
import { allOf } from './records';

/** Names of groups by their id. */
export type GroupNames = ReadonlyMap<string, string>;

export const groupNames = async (db: Database): Promise<GroupNames> =>
  new Map((await allOf(db, 'groups')).map(({ id, name }) => [id, name]));

/**
 * Names by which groups can be told apart: two of one name are numbered.
 *
 * @example
 * namesApart([{ id: 'a', name: 'Owls' }, { id: 'b', name: 'Owls' }]) // a: 'Owls (1)', b: 'Owls (2)'
 */
function namesApart(groups: readonly Pick<Group, 'id' | 'name'>[]): GroupNames {
  const byName = new Map<string, Pick<Group, 'id' | 'name'>[]>();
  for (const group of groups) {
    const same = byName.get(plainName(group.name));
    if (same) same.push(group);
    else byName.set(plainName(group.name), [group]);
  }
  const names = new Map<string, string>();
  for (const same of byName.values())
    for (const [index, { id, name }] of same.toSorted((a, b) => (a.id < b.id ? -1 : 1)).entries())
      names.set(id, same.length > 1 ? `${name} (${index + 1})` : name);
  return names;
}

export const groupsApart = async (db: Database): Promise<GroupNames> => namesApart(await allOf(db, 'groups'));

/** The name of a player's group, empty for none. */
export const groupOf = (names: GroupNames, { groupId }: Pick<Player, 'groupId'>): string =>
  (groupId && names.get(groupId)) ?? '';

/** A group as a door to its room. */
export interface Door {
  readonly id: string;
  readonly name: string;
  /** Nobody is in it, not even somebody who was put away. */
  readonly isEmpty: boolean;
  /** Who comes. */
  readonly count: number;
  /** The day of its last lesson; null where none is among the newest of all. */
  readonly last: IsoDay | null;
}

const NEWEST_LESSONS = 2000;

/** All groups by name, and who comes without one. */
export async function doors(
  db: Database
): Promise<{ readonly groups: readonly Door[]; readonly alone: readonly Player[] }> {
  const [groups, players, lessons, inOne] = await Promise.all([
    allOf(db, 'groups'),
    db.players.filter(({ archivedOn }) => archivedOn === null).toArray(),
    db.lessons.orderBy('day').reverse().limit(NEWEST_LESSONS).toArray(),
    db.players.orderBy('groupId').uniqueKeys()
  ]);
  const names = namesApart(groups);
  const taken = new Set(inOne);
  return {
    groups: groups
      .map(({ id, name }) => ({
        id,
        name: names.get(id) ?? name,
        isEmpty: !taken.has(id),
        count: players.filter(({ groupId }) => groupId === id).length,
        last: lessons.find(({ groupId }) => groupId === id)?.day ?? null
      }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    alone: players.filter(({ groupId }) => groupId === null).sort((a, b) => (a.name < b.name ? -1 : 1))
  };
}
