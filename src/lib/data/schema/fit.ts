import { array, boolean, number, object, string } from 'yup';
import { MEASUREMENT_IDS } from '$lib/core/body';
import { SHOULDER_SLOPES } from '$lib/core/setup';
import {
  answers,
  dated,
  day,
  exactly,
  family,
  id,
  instruments,
  landingRule,
  length,
  mm,
  moment,
  MOST_READINGS,
  nullOr,
  oneOf,
  owned,
  readingLists,
  size,
  sizesBelong,
  type RecordOf
} from './fields';

export const REASON_LENGTH = 160;

/** One length of one player on one day, with every reading. Its id is `player:kind:day`, so a day holds one of a kind. */
export const measurementSchema = exactly(
  object({
    ...owned,
    kind: oneOf(MEASUREMENT_IDS).required(),
    day: day().required(),
    readings: array()
      .of(exactly(object({ mm: length().required(), at: moment().required() })).required())
      .max(MOST_READINGS)
      .defined(),
    /** Only for the shoulder slope: judged by look instead of measured. */
    look: oneOf(SHOULDER_SLOPES).nullable().defined()
  })
);
export type Measurement = RecordOf<typeof measurementSchema>;

/** A decided size: a dated version that is never overwritten. */
export const fitSchema = sizesBelong(
  exactly(
    object({
      ...dated,
      family: family(),
      /** Readings that the decision rested on, mm. */
      readings: readingLists(),
      /** How far the scroll might come; null where the family is not sized by it. */
      rule: nullOr(landingRule),
      /** Real instruments that it was judged by. */
      instruments: instruments(),
      /** The trial on the body that it rests on, if any. */
      trialId: id().nullable().defined(),
      proposal: size().required(),
      /** What tape, trial and growth advised; null where no size could be. */
      advised: size().nullable().defined(),
      betweenSizes: boolean().required(),
      probability: number().min(0).max(1).required(),
      /** Room to the limit; null where there is none. */
      marginMm: mm().nullable().defined(),
      /** What the teacher decided. */
      size: size().required(),
      /** Why it differs from what was advised; null when it does not. */
      reason: string().max(REASON_LENGTH).nullable().defined(),
      nextLook: day().required()
    })
  ),
  ['proposal', 'advised', 'size']
);
export type Fit = RecordOf<typeof fitSchema>;

/** One trial of an instrument on the body, as it ended. */
export const trialSchema = sizesBelong(
  exactly(
    object({
      ...dated,
      family: family(),
      /** The size that was tried on. */
      size: size().required(),
      answers: answers(),
      verdict: oneOf(['smaller', 'keep', 'larger', 'stopped']).required()
    })
  ),
  ['size']
);
export type Trial = RecordOf<typeof trialSchema>;
