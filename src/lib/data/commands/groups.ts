import type { CheckCategory, Ways } from '$lib/core/checks';
import type { WeeklyLesson } from '$lib/core/plan';
import type { IsoDay } from '$lib/core/time';
import { commit, type Writer } from '../journal/changes';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { Group, Player } from '../store/records';
import { Refusal } from '../store/refusal';
import { MOST_FOCUSES } from '../schema/group';

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

/** A seat in the room, as shares of its breadth and depth. */
export type Seat = Group['seating'][number];

const currentGroup = async (db: Database, groupId: string): Promise<Group> => {
  const group = await db.groups.get(groupId);
  if (!group) throw new Refusal('This group was removed meanwhile. Nothing was changed.');
  return group;
};

/** Keeps where players of a group sit; the others stay where they are. */
export const setSeats = (db: Database, groupId: string, seats: readonly Seat[]): Promise<void> =>
  commit(db, 'Moved a seat', async ({ put }) => {
    const group = await currentGroup(db, groupId);
    const moved = new Set(seats.map(({ playerId }) => playerId));
    await put('groups', {
      ...group,
      seating: [...group.seating.filter(({ playerId }) => !moved.has(playerId)), ...seats]
    });
  });

/** Notes who of a group is away on a day, or there after all. */
export const setAway = (
  db: Database,
  groupId: string,
  player: Player,
  day: IsoDay,
  isAway: boolean
): Promise<void> =>
  commit(db, isAway ? `Away: ${player.name}` : `There: ${player.name}`, async ({ put }) => {
    const group = await currentGroup(db, groupId);
    const before = group.away?.day === day ? group.away.playerIds : [];
    const playerIds = before.filter((id) => id !== player.id);
    await put('groups', {
      ...group,
      away: { day, playerIds: isAway ? [...playerIds, player.id] : playerIds }
    });
  });

/** Sets a way of a group's own; null follows the teacher's again. */
export const setGroupWay = (
  db: Database,
  groupId: string,
  subject: keyof Ways,
  way: string | null
): Promise<void> =>
  commit(db, 'Changed a group’s way', async ({ put }) => {
    const group = await currentGroup(db, groupId);
    const { [subject]: _, ...others } = group.ways ?? {};
    await put('groups', { ...group, ways: way === null ? others : { ...others, [subject]: way } });
  });

/** Sets when a group comes every week. */
export const setLessons = (db: Database, groupId: string, lessons: readonly WeeklyLesson[]): Promise<void> =>
  commit(db, 'Changed the times of a group', async ({ put }) => {
    const group = await currentGroup(db, groupId);
    await put('groups', { ...group, lessons: [...lessons] });
  });

/** Sets what a group works on in a week; null leaves it open. */
export const setFocus = (
  db: Database,
  groupId: string,
  week: IsoDay,
  category: CheckCategory | null
): Promise<void> =>
  commit(db, 'Planned a week', async ({ put }) => {
    const group = await currentGroup(db, groupId);
    const others = (group.focuses ?? []).filter((one) => one.week !== week);
    const focuses = category ? [...others, { week, category }] : others;
    await put('groups', { ...group, focuses: focuses.slice(-MOST_FOCUSES) });
  });
