import { object } from 'yup';
import { day, exactly, id, moment, type RecordOf } from './fields';

/** What stays of a player who was deleted: a random id and a day, so that no merge brings the child back. */
export const goneSchema = exactly(
  object({
    id: id().required(),
    day: day().required(),
    /** When it was deleted, while that can still be taken back; nothing once it is forgotten. */
    at: moment().optional()
  })
);
export type Gone = RecordOf<typeof goneSchema>;
