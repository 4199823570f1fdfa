import { array, boolean, object, string } from 'yup';
import { day, exactly, id, moment, oneOf, type RecordOf } from './fields';

/** Where one player of a fitting day stands; whether a size was decided follows from the fits since it began. */
export const DAY_STATES = ['waiting', 'passed', 'trial', 'skipped', 'absent'] as const;
export type DayState = (typeof DAY_STATES)[number];

/** A fitting day: a queue of players, measured one after the other. */
export const daySchema = exactly(
  object({
    id: id().required(),
    name: string().max(80).defined(),
    day: day().required(),
    startedAt: moment().required(),
    closedAt: moment().nullable().defined(),
    entries: array()
      .of(exactly(object({ playerId: id().required(), state: oneOf(DAY_STATES).required() })).required())
      .max(5000)
      .defined(),
    demo: boolean().required()
  })
);
export type FittingDay = RecordOf<typeof daySchema>;
