/** A player of version 1 only knew that it was archived, not since when, and not whether it was made up. */
export interface PlayerOfVersion1 {
  archived?: boolean;
  archivedOn?: string | null;
  demo?: boolean;
}

/** The day that stands for "before it was recorded". */
export const UNKNOWN_DAY = '1970-01-01';

/** Brings a player's record of version 1 to version 2, in place. */
export function playerFrom1To2(player: PlayerOfVersion1): void {
  player.archivedOn = player.archived ? UNKNOWN_DAY : null;
  player.demo ??= false;
  delete player.archived;
}

/** A fit of version 2 knew no trial and no measured instruments. */
export interface FitOfVersion2 {
  trialId?: string | null;
  instruments?: readonly unknown[];
}

/** Brings a fit's record of version 2 to version 3, in place. */
export function fitFrom2To3(fit: FitOfVersion2): void {
  fit.trialId = null;
  fit.instruments = [];
}

/** A draft of version 2 knew no trial and no measured instruments either. */
export interface DraftOfVersion2 {
  trial?: unknown;
  instruments?: readonly unknown[];
}

/** Brings a draft's record of version 2 to version 3, in place. */
export function draftFrom2To3(draft: DraftOfVersion2): void {
  draft.trial = null;
  draft.instruments = [];
}

/** What brings a table's records to a version, in place, by the version and the table. */
export const MIGRATIONS: Readonly<Record<number, Readonly<Record<string, (record: object) => void>>>> = {
  2: { players: playerFrom1To2 },
  3: { fits: fitFrom2To3, drafts: draftFrom2To3 }
};

/** Tables that a version brought; an older backup does not have them. */
export const TABLES_SINCE: Readonly<Record<string, number>> = { trials: 3, days: 3 };
