import { termsFrom } from '$lib/core/cupboard';
import { dayOf, daysLater } from '$lib/core/time';
import { saving } from '../journal/saving';
import { getSettings } from '../questions/settings';
import type { KeptPicture } from '../schema/picture';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import { playerGone, Refusal } from '../store/refusal';
import { consentOf, stands } from './stands';

/** More of one player nobody looks at. */
const MOST_OF_A_PLAYER = 40;

type NewPicture = Pick<KeptPicture, 'playerId' | 'checkId' | 'angle' | 'width' | 'height' | 'jpeg'>;

/**
 * Keeps a picture until the term ends.
 *
 * @throws Refusal without a consent that stands, for a player who is gone, and where there are very many already
 */
export const keepPicture = (db: Database, picture: NewPicture, now = new Date()): Promise<void> =>
  saving('Kept a picture', () =>
    db.transaction('rw', db.players, db.consents, db.pictures, db.settings, async () => {
      const { playerId } = picture;
      if (!(await db.players.get(playerId))) throw playerGone();
      if (!stands(await consentOf(db, playerId)))
        throw new Refusal('No consent stands for pictures of this player.');
      if ((await db.pictures.where('playerId').equals(playerId).count()) >= MOST_OF_A_PLAYER)
        throw new Refusal(`${MOST_OF_A_PLAYER} pictures of this player are kept. Remove some first.`);
      const day = dayOf(now);
      const [, next = day] = termsFrom(day, 2, (await getSettings(db)).termStarts);
      await db.pictures.add({
        ...picture,
        id: newId(),
        at: now.toISOString(),
        day,
        endsOn: daysLater(next, -1)
      });
    })
  );

/** The pictures of a player, oldest first. */
export const picturesOf = (db: Database, playerId: string): Promise<readonly KeptPicture[]> =>
  db.pictures.where('playerId').equals(playerId).sortBy('at');

/** How many pictures are kept on this device, of how many players, and how large they are together, bytes. */
export async function picturesKept(
  db: Database
): Promise<{ readonly count: number; readonly players: number; readonly bytes: number }> {
  const players = new Set<string>();
  let [count, bytes] = [0, 0];
  await db.pictures.each(({ playerId, jpeg }) => {
    players.add(playerId);
    count += 1;
    bytes += jpeg.byteLength;
  });
  return { count, players: players.size, bytes };
}

/** Removes pictures for good. */
export const dropPictures = (db: Database, ids: readonly string[]): Promise<void> =>
  saving('Removed pictures', () => db.pictures.bulkDelete([...ids]));

export const dropAllPictures = (db: Database): Promise<void> =>
  saving('Removed all pictures', () => db.pictures.clear());
