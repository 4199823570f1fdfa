import { ValidationError } from 'yup';
import type { IsoDay } from '$lib/core/time';
import { saving } from '../journal/saving';
import { consentSchema, type Consent } from '../schema/picture';
import type { Database } from '../store/database';
import { playerGone, Refusal } from '../store/refusal';

/**
 * Notes that a guardian agreed to pictures being kept.
 *
 * @throws Refusal where it does not say who or for what, or where the player is gone
 */
export const noteConsent = (
  db: Database,
  playerId: string,
  said: Pick<Consent, 'by' | 'on' | 'what'>
): Promise<void> =>
  saving('Noted a consent', () =>
    db.transaction('rw', db.players, db.consents, async () => {
      if (!(await db.players.get(playerId))) throw playerGone();
      try {
        const { by, on, what } = said;
        const given = { id: playerId, by: by.trim(), on, what: what.trim(), withdrawnOn: null };
        const consent = consentSchema.validateSync(given);
        await db.consents.put(consent);
      } catch (error) {
        throw error instanceof ValidationError ? new Refusal(error.message) : error;
      }
    })
  );

/** Takes a consent back: it says when, and every picture of the player goes at once. Nothing brings them back. */
export const withdrawConsent = (db: Database, playerId: string, today: IsoDay): Promise<void> =>
  saving('Withdrew a consent', () =>
    db.transaction('rw', db.consents, db.pictures, async () => {
      await db.consents.update(playerId, { withdrawnOn: today });
      await db.pictures.where('playerId').equals(playerId).delete();
    })
  );
