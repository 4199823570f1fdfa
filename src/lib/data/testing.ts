import 'fake-indexeddb/auto';
import { createDatabase, type Database } from './database';
import { addPlayer, EMPTY_PLAYER, type PlayerForm } from './players';
import type { Player } from './records';

let count = 0;

/** A fresh database of its own, for one test. */
export const freshDatabase = (): Database => createDatabase(`test-${count++}`);

/** A player in a database. */
export async function givenPlayer(db: Database, form: Partial<PlayerForm> = {}): Promise<Player> {
  const id = await addPlayer(db, { ...EMPTY_PLAYER, name: 'Tilly Test', ...form });
  const player = await db.players.get(id);
  if (!player) throw new Error('the player was not added');
  return player;
}

/** Everything that the database holds but its journal, to compare. */
export async function contents(db: Database): Promise<Readonly<Record<string, unknown>>> {
  const tables = db.tables.filter(({ name }) => name !== 'changes');
  return Object.fromEntries(
    await Promise.all(tables.map(async (table) => [table.name, await table.toArray()]))
  );
}
