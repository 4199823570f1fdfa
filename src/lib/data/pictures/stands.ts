import type { Consent } from '../schema/picture';
import type { Database } from '../store/database';

/** The consent of a player's guardian, withdrawn or not; null where nobody was asked. */
export const consentOf = async (db: Database, playerId: string): Promise<Consent | null> =>
  (await db.consents.get(playerId)) ?? null;

export const stands = (consent: Consent | null): boolean => consent !== null && consent.withdrawnOn === null;
