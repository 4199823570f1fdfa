import type { Size } from '$lib/core/instruments';
import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { Pain, Player } from '../store/records';

/** Pressed twice within this time it is one note, ms. */
const ONE_PRESS_MS = 3000;

/** Notes pain inside a change; pressed again at once it is the same pain. */
export async function putPain(
  db: Database,
  { put }: Writer,
  player: Player,
  during: Pain['during'],
  size: Size | null,
  now: Date
): Promise<void> {
  const earlier = await db.pains.where('playerId').equals(player.id).toArray();
  const same = earlier.some(
    ({ at, closedAt }) => closedAt === null && now.getTime() - new Date(at).getTime() < ONE_PRESS_MS
  );
  if (same) return;
  await put('pains', {
    id: newId(),
    playerId: player.id,
    family: player.family,
    at: now.toISOString(),
    day: dayOf(now),
    during,
    size,
    closedAt: null,
    note: ''
  });
}

/** Notes pain, tingling or numbness: a record of its own that stays open until it is closed. */
export const notePain = (
  db: Database,
  player: Player,
  during: Pain['during'],
  size: Size | null,
  now = new Date()
): Promise<void> =>
  commit(db, `Noted pain: ${player.name}`, (writer) => putPain(db, writer, player, during, size, now));

/** Closes notes of pain with a word on what became of it. */
export const closePains = (
  db: Database,
  player: Player,
  ids: readonly string[],
  note: string,
  now = new Date()
): Promise<void> =>
  commit(db, `Closed a note of pain: ${player.name}`, async ({ put }) => {
    for (const pain of await db.pains.bulkGet([...ids]))
      if (pain && pain.closedAt === null)
        await put('pains', { ...pain, closedAt: now.toISOString(), note: note.trim() });
  });

/** Says where it is or what it feels like. */
export const describePain = (
  db: Database,
  id: string,
  patch: Partial<Pick<Pain, 'place' | 'feel'>>
): Promise<void> =>
  commit(db, 'Said where it hurts', async ({ put }) => {
    const pain = await db.pains.get(id);
    if (pain) await put('pains', { ...pain, ...patch });
  });
