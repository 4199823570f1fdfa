import { array, boolean, mixed, number, object, string, type Schema } from 'yup';
import { CHECK_CATEGORIES } from '$lib/core/checks/types';
import { WEEKDAYS, type Weekday } from '$lib/core/plan';
import { day, exactly, id, oneOf, ways, type RecordOf } from './fields';
import { GROUP_LENGTH } from './player';

/** Lessons of one group in a week, and weeks that are planned, at most. */
export const MOST_LESSONS = 14;
export const MOST_FOCUSES = 60;

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
    /** When it comes, every week. */
    lessons: array()
      .of(
        exactly(
          object({
            weekday: mixed<Weekday>().oneOf(WEEKDAYS).required() as unknown as Schema<Weekday>,
            time: string()
              .matches(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time such as 15:30')
              .required(),
            minutes: number().integer().min(5).max(300).required()
          })
        ).required()
      )
      .max(MOST_LESSONS)
      .optional(),
    /** What it works on in a week, by the week's Monday. */
    focuses: array()
      .of(
        exactly(object({ week: day().required(), category: oneOf(CHECK_CATEGORIES).required() })).required()
      )
      .max(MOST_FOCUSES)
      .optional(),
    demo: boolean().required()
  })
);
export type Group = RecordOf<typeof groupSchema>;
