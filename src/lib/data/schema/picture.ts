import { object } from 'yup';
import type { IsoDay } from '$lib/core/time';
import { day, exactly, id, text, type RecordOf } from './fields';

export const CONSENT_LENGTH = 120;

/**
 * That pictures of a player may be kept: who agreed, on what day, and to what. It stands outside the journal, so that
 * nothing brings back one that was withdrawn, and outside backups, as the pictures do. Its id is the player's.
 */
export const consentSchema = exactly(
  object({
    id: id().required(),
    by: text(CONSENT_LENGTH).required('Say who agreed.'),
    on: day().required(),
    what: text(CONSENT_LENGTH).required('Say for what.'),
    /** The day on which it was withdrawn; null while it stands. */
    withdrawnOn: day().nullable().defined()
  })
);
export type Consent = RecordOf<typeof consentSchema>;

/** A picture that is kept on this device: cropped to the player, small, without anything about where it was taken. */
export interface KeptPicture {
  readonly id: string;
  readonly playerId: string;
  readonly checkId: string;
  /** What was measured on it. */
  readonly angle: string;
  readonly at: string;
  readonly day: IsoDay;
  /** The last day on which it is kept: the term's. */
  readonly endsOn: IsoDay;
  readonly width: number;
  readonly height: number;
  readonly jpeg: Uint8Array<ArrayBuffer>;
}
