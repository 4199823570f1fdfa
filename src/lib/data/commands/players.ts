import { commit, type Writer } from '../journal/changes';
import type { Database } from '../store/database';
import { joinGroup, leaveGroup } from './groups';
import { newId } from '../store/ids';
import type { Player, PlayerForm } from '../store/records';
import { playerGone } from '../store/refusal';
import { OWNED_TABLES, ownerKey, SHARED_TABLES, TABLES, type Records } from '../store/tables';
import { clearTyped, NEW_PLAYER } from './typed';

export const EMPTY_PLAYER: PlayerForm = {
  name: '',
  birthMonth: null,
  curve: null,
  family: 'violin',
  group: '',
  notes: '',
  photosAllowed: false
};

/**
 * Puts a new player in, inside a change, and returns it. The same id twice adds nobody: a form that is sent twice
 * adds one player.
 */
export async function putNewPlayer(
  db: Database,
  writer: Writer,
  { group, ...form }: PlayerForm,
  id: string,
  now: Date
): Promise<Player> {
  const known = await db.players.get(id);
  if (known) return known;
  const player: Player = {
    ...form,
    id,
    groupId: await joinGroup(db, writer, group),
    archivedOn: null,
    createdAt: now.toISOString(),
    demo: false
  };
  await writer.put('players', player);
  return player;
}

/**
 * Adds a player.
 *
 * @param id of the new player, made when the form was opened
 */
export const addPlayer = (db: Database, form: PlayerForm, id = newId(), now = new Date()): Promise<string> =>
  commit(db, `Added ${form.name}`, async (writer) => {
    await putNewPlayer(db, writer, form, id, now);
    await clearTyped(db, NEW_PLAYER);
    return id;
  });

/**
 * Adds many players as one step.
 *
 * @param batch names this list, made when it was read: the same list twice adds nobody
 */
export const addPlayers = (
  db: Database,
  forms: readonly PlayerForm[],
  batch = newId(),
  now = new Date()
): Promise<void> =>
  commit(db, `Imported ${forms.length} players`, async (writer) => {
    for (const [index, form] of forms.entries())
      await putNewPlayer(db, writer, form, `${batch}-${index}`, now);
  });

/** Changes what a teacher entered about a player. */
export const editPlayer = (db: Database, player: Player, { group, ...form }: PlayerForm): Promise<void> =>
  commit(db, `Changed ${form.name}`, async (writer) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    const groupId = await joinGroup(db, writer, group);
    await writer.put('players', { ...current, ...form, groupId });
    if (groupId !== current.groupId) await leaveGroup(db, writer, current);
    await clearTyped(db, player.id, (field) => field.startsWith('form.'));
  });

/** Puts a player away, or brings one back. */
export const archivePlayer = (db: Database, player: Player, on: string | null): Promise<void> =>
  commit(db, on ? `Archived ${player.name}` : `Brought back ${player.name}`, async ({ put }) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    await put('players', { ...current, archivedOn: on });
  });

async function removeWithRecords(db: Database, writer: Writer, player: Player): Promise<void> {
  for (const table of OWNED_TABLES) {
    const keys = await db.table(table).where(ownerKey(table)).equals(player.id).primaryKeys();
    for (const key of keys) await writer.remove(table, String(key));
  }
  for (const table of SHARED_TABLES) {
    const records = (await db.table(table).toArray()) as Records[typeof table][];
    const { without } = TABLES[table] as {
      without?: (record: Records[typeof table], id: string) => Records[typeof table];
    };
    for (const record of records) {
      const left = without?.(record, player.id);
      if (left && JSON.stringify(left) !== JSON.stringify(record)) await writer.put(table, left);
    }
  }
  await writer.remove('players', player.id);
  await leaveGroup(db, writer, player);
}

/** Deletes a player with everything recorded about it, as one step that can be taken back for a moment. */
export const deletePlayer = (db: Database, player: Player): Promise<void> =>
  commit(db, `Deleted ${player.name}`, async (writer) => {
    const current = await db.players.get(player.id);
    if (current) await removeWithRecords(db, writer, current);
  });

/** Removes the made-up class with everything recorded about it. Returns the ids of who went. */
export const removeDemo = (db: Database): Promise<readonly string[]> =>
  commit(db, 'Removed the made-up class', async (writer) => {
    for (const day of await db.days.filter((one) => one.demo).toArray()) await writer.remove('days', day.id);
    const demo = await db.players.filter((player) => player.demo).toArray();
    for (const player of demo) await removeWithRecords(db, writer, player);
    for (const instrument of await db.instruments.filter((one) => one.demo).toArray())
      await writer.remove('instruments', instrument.id);
    return demo.map(({ id }) => id);
  });
