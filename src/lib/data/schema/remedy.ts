import { object } from 'yup';
import { FAULT_CAUSES } from '$lib/core/checks/types';
import { REMEDY_LENGTH } from './check';
import { dated, day, exactly, family, id, oneOf, text, type RecordOf } from './fields';

/** A remedy as it was begun. Whether it helped is read from the looks that follow, never stored. Its id is `player:check:day`. */
export const remedySchema = exactly(
  object({
    ...dated,
    family: family(),
    checkId: id().required(),
    fault: id().required(),
    /** Earlier ones knew the size without its direction. */
    cause: oneOf([...FAULT_CAUSES, 'size'] as const).required(),
    remedy: text(REMEDY_LENGTH),
    drill: id().nullable().defined(),
    /** The setting that it changes; null where it changes none. */
    setting: id().nullable().defined()
  })
);
export type Remedy = RecordOf<typeof remedySchema>;

export const PUT_OFF_LENGTH = 160;

/** What the teacher said to a review that was due: done, or put off until a day with a reason. */
export const reviewSchema = exactly(
  object({
    ...dated,
    key: text(260).required(),
    state: oneOf(['done', 'put-off']).required(),
    until: day().nullable().defined(),
    reason: text(PUT_OFF_LENGTH)
  })
);
export type ReviewRecord = RecordOf<typeof reviewSchema>;
