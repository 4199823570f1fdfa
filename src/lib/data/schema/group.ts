import { array, boolean, number, object, string } from 'yup';
import { day, exactly, id, ways, type RecordOf } from './fields';
import { GROUP_LENGTH } from './player';

/** Players who are taught together, and where each has a seat in the room. */
export const groupSchema = exactly(
  object({
    id: id().required(),
    name: string().required().max(GROUP_LENGTH),
    /** Seats as shares of the room's breadth and depth, 0 to 1. */
    seating: array()
      .of(
        exactly(
          object({
            playerId: id().required(),
            x: number().min(0).max(1).required(),
            y: number().min(0).max(1).required()
          })
        ).required()
      )
      .max(500)
      .defined(),
    /** Who was away on the day of the last lesson. */
    away: exactly(
      object({ day: day().required(), playerIds: array().of(id().required()).max(500).defined() })
    )
      .default(undefined)
      .optional(),
    /** The group's own ways where they are not the teacher's. */
    ways: ways().optional(),
    demo: boolean().required()
  })
);
export type Group = RecordOf<typeof groupSchema>;
