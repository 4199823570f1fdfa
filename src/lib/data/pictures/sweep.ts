import type { IsoDay } from '$lib/core/time';
import { saving } from '../journal/saving';
import type { Database } from '../store/database';
import { stands } from './stands';

/** Removes what may not be kept any longer: its term is over, its consent does not stand, or its player is gone. */
export const sweepPictures = (db: Database, today: IsoDay): Promise<void> =>
  saving('Removed pictures whose time is over', () =>
    db.transaction('rw', db.players, db.gone, db.consents, db.pictures, async () => {
      const there = new Set(await db.players.toCollection().primaryKeys());
      // A deletion that can still be taken back is not over.
      const leaving = new Set(await db.gone.where('at').above('').primaryKeys());
      for (const consent of await db.consents.toArray())
        if (!there.has(consent.id) && !leaving.has(consent.id)) await db.consents.delete(consent.id);
      const allowed = new Set((await db.consents.toArray()).filter(stands).map(({ id }) => id));
      await db.pictures.filter(({ playerId, endsOn }) => endsOn < today || !allowed.has(playerId)).delete();
    })
  );
