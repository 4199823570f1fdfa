import { commit, type Writer } from './changes';
import type { Database } from './database';
import { newId } from './ids';
import type { Player, TableName } from './records';

/** What a teacher enters about a player. */
export type PlayerForm = Pick<
  Player,
  'name' | 'birthMonth' | 'curve' | 'family' | 'group' | 'notes' | 'photosAllowed'
>;

export const EMPTY_PLAYER: PlayerForm = {
  name: '',
  birthMonth: null,
  curve: null,
  family: 'violin',
  group: '',
  notes: '',
  photosAllowed: false
};

/** A new player's record from a form. */
export const playerFrom = (form: PlayerForm, now = new Date()): Player => ({
  ...form,
  id: newId(),
  archivedOn: null,
  createdAt: now.toISOString(),
  demo: false
});

/** Adds a player and returns the id. */
export async function addPlayer(db: Database, form: PlayerForm): Promise<string> {
  const player = playerFrom(form);
  await commit(db, `Added ${player.name}`, ({ put }) => put('players', player));
  return player.id;
}

/** Adds many players as one step. */
export const addPlayers = (db: Database, forms: readonly PlayerForm[]): Promise<void> =>
  commit(db, `Imported ${forms.length} players`, async ({ put }) => {
    for (const form of forms) await put('players', playerFrom(form));
  });

/** Changes a player's details. */
export const changePlayer = (db: Database, player: Player, patch: Partial<Player>, label?: string) =>
  commit(db, label ?? `Changed ${player.name}`, async ({ put }) => {
    const current = (await db.players.get(player.id)) ?? player;
    await put('players', { ...current, ...patch });
  });

const OWNED = ['measurements', 'fits', 'setups', 'trials', 'checks'] as const satisfies readonly TableName[];

async function removeWithRecords(db: Database, { put, remove }: Writer, playerId: string) {
  for (const table of OWNED) {
    const keys = await db.table(table).where('playerId').equals(playerId).primaryKeys();
    for (const key of keys) await remove(table, String(key));
  }
  if (await db.drafts.get(playerId)) await remove('drafts', playerId);
  for (const day of await db.days.toArray()) {
    const entries = day.entries.filter((entry) => entry.playerId !== playerId);
    if (entries.length < day.entries.length) await put('days', { ...day, entries });
  }
  await remove('players', playerId);
}

/** Deletes a player with everything recorded about it, as one step that can be undone. */
export const deletePlayer = (db: Database, player: Player): Promise<void> =>
  commit(db, `Deleted ${player.name}`, (writer) => removeWithRecords(db, writer, player.id));

/** Removes the made-up class with everything recorded about it. */
export const removeDemo = (db: Database): Promise<void> =>
  commit(db, 'Removed the made-up class', async (writer) => {
    const { remove } = writer;
    for (const day of await db.days.filter((one) => one.demo).toArray()) await remove('days', day.id);
    const demo = await db.players.filter((player) => player.demo).toArray();
    for (const player of demo) await removeWithRecords(db, writer, player.id);
    for (const instrument of await db.instruments.filter((one) => one.demo).toArray())
      await remove('instruments', instrument.id);
  });
