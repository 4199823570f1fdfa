import type { CheckCategory, Ways } from '$lib/core/checks';
import type { WeeklyLesson } from '$lib/core/plan';
import type { IsoDay } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { Group, Player, PlayerForm } from '../store/records';
import { playerGone, Refusal } from '../store/refusal';
import { plainName } from '../questions/known-players';
import { MOST_FOCUSES } from '../schema/group';

const groupGone = () => new Refusal('This group was removed meanwhile. Nothing was changed.');

/** Which group a player joins: one that is there, by its identity, or one by its name, made where there is none. */
export type GroupChoice = Pick<PlayerForm, 'group' | 'groupId'>;

/**
 * The ids of the groups that are joined, in order; null for none. Inside a change.
 *
 * @throws Refusal when a group that was chosen is not there any more
 */
export async function joinGroups(
  db: Database,
  { put }: Writer,
  choices: readonly GroupChoice[]
): Promise<readonly (string | null)[]> {
  if (
    choices.every(({ group, groupId }) => groupId === null || (groupId === undefined && group.trim() === ''))
  )
    return choices.map(() => null);
  const groups = (await db.groups.toArray()).sort((a, b) => (a.id < b.id ? -1 : 1));
  const ids = new Set(groups.map(({ id }) => id));
  const byName = new Map(groups.toReversed().map(({ id, name }) => [plainName(name), id]));
  const joined: (string | null)[] = [];
  for (const { group: name, groupId } of choices) {
    if (groupId !== undefined) {
      if (groupId !== null && !ids.has(groupId)) throw groupGone();
      joined.push(groupId);
      continue;
    }
    const known = name.trim() === '' ? null : byName.get(plainName(name));
    if (known === undefined) {
      const group: Group = { id: newId(), name: name.trim(), seating: [], demo: false };
      await put('groups', group);
      byName.set(plainName(name), group.id);
      joined.push(group.id);
    } else joined.push(known);
  }
  return joined;
}

/** What a group has of its own, which somebody planned: without it, it is only a name. */
const hasOwn = ({ lessons = [], focuses = [], ways = {} }: Group): boolean =>
  lessons.length + focuses.length + Object.keys(ways).length > 0;

/**
 * A group that nobody is in any more goes, unless times, plans or ways were set for it. Inside a change, after the
 * player has left it.
 */
export async function leaveGroup(db: Database, { remove }: Writer, { groupId }: Player): Promise<void> {
  if (groupId === null || (await db.players.where('groupId').equals(groupId).count()) > 0) return;
  const group = await db.groups.get(groupId);
  if (group && !hasOwn(group)) await remove('groups', groupId);
}

/** Gives a group another name. */
export const renameGroup = (db: Database, groupId: string, name: string): Promise<void> =>
  commit(db, `Renamed a group to ${name.trim()}`, async ({ put }) => {
    const group = await currentGroup(db, groupId);
    if (name.trim() === '') throw new Refusal('Give the group a name.');
    await put('groups', { ...group, name: name.trim() });
  });

/** Removes a group with the times, plans and ways that were set for it. Its players stay, in no group. */
export const removeGroup = (db: Database, groupId: string): Promise<void> =>
  commit(db, 'Removed a group', async ({ putAll, remove }) => {
    await currentGroup(db, groupId);
    const members = await db.players.where('groupId').equals(groupId).toArray();
    await putAll(
      'players',
      members.map((player) => ({ ...player, groupId: null }))
    );
    await remove('groups', groupId);
  });

/** Moves a player to another group, or out of any. */
export const moveToGroup = (db: Database, playerId: string, groupId: string | null): Promise<void> =>
  commit(
    db,
    groupId === null ? 'Took a player out of a group' : 'Moved a player to a group',
    async (writer) => {
      const player = await db.players.get(playerId);
      if (!player) throw playerGone();
      if (groupId !== null) await currentGroup(db, groupId);
      if (player.groupId === groupId) return;
      await writer.put('players', { ...player, groupId });
      await leaveGroup(db, writer, player);
    }
  );

/** A seat in the room, as shares of its breadth and depth. */
export type Seat = Group['seating'][number];

const currentGroup = async (db: Database, groupId: string): Promise<Group> => {
  const group = await db.groups.get(groupId);
  if (!group) throw groupGone();
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

/** What a group works on in a week; null leaves it open. */
export type WeekFocus = readonly [groupId: string, category: CheckCategory | null];

/** Sets what groups work on in a week, in one step. */
export const setFocuses = (db: Database, week: IsoDay, planned: readonly WeekFocus[]): Promise<void> =>
  commit(db, 'Planned a week', async ({ put }) => {
    for (const [groupId, category] of planned) {
      const group = await currentGroup(db, groupId);
      const others = (group.focuses ?? []).filter((one) => one.week !== week);
      const focuses = category ? [...others, { week, category }] : others;
      await put('groups', { ...group, focuses: focuses.slice(-MOST_FOCUSES) });
    }
  });
