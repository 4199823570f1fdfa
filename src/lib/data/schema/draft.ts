import { object } from 'yup';
import type { Adjustments } from '$lib/core/setup';
import { answers, exactly, id, instruments, moment, nullOr, size, text, type RecordOf } from './fields';
import { adjustmentsSchema } from './setup';

/** A fit that is under way: what was chosen and is not yet a record. Its id is the player's. */
export const draftSchema = exactly(
  object({
    id: id().required(),
    /** When this fit was begun; later decisions and set-ups belong to it. */
    startedAt: moment().required(),
    updatedAt: moment().required(),
    overrideSize: size().nullable().defined(),
    /** Real instruments at hand, measured, in place of the nominal ones. */
    instruments: instruments(),
    trial: exactly(object({ size: size().required(), answers: answers() }))
      .nullable()
      .defined(),
    /** What was changed by hand in the set-up; null where nothing was. */
    setup: nullOr<Adjustments>(adjustmentsSchema)
  })
);
export type Draft = RecordOf<typeof draftSchema>;

/** The longest text that is kept while it is being typed; each field has a shorter limit of its own. */
const TYPED_LENGTH = 4000;

/** What is being typed into one field and is not entered yet. Apart from everything that undo takes back. */
export const typedSchema = exactly(
  object({
    /** `player:field`, or the place and the field where no player is concerned. */
    id: id().required(),
    playerId: id().nullable().defined(),
    field: id().required(),
    text: text(TYPED_LENGTH),
    at: moment().required()
  })
);
export type Typed = RecordOf<typeof typedSchema>;
