import { array, boolean, number, object } from 'yup';
import { RATINGS } from '$lib/core/checks';
import { byField, dated, exactly, family, id, moment, oneOf, size, text, type RecordOf } from './fields';

/** A clock that ran longer than this asks before it records, s. */
export const LONG_CLOCK_S = 600;
const LONGEST_CLOCK_S = 86_400;

const rating = exactly(object({ kind: oneOf(['rating']).required(), rating: oneOf(RATINGS).required() }));
const seconds = exactly(
  object({ kind: oneOf(['seconds']).required(), seconds: number().min(0).max(LONGEST_CLOCK_S).required() })
);
const count = exactly(
  object({ kind: oneOf(['count']).required(), count: number().integer().min(0).max(10_000).required() })
);
const yesNo = exactly(object({ kind: oneOf(['yes-no']).required(), yes: boolean().required() }));
const angle = exactly(
  object({ kind: oneOf(['angle']).required(), deg: number().min(-180).max(180).required() })
);
type Outcome = typeof rating | typeof seconds | typeof count | typeof yesNo | typeof angle;

/** One lesson of a player: what is looked at on one day belongs together. Its id is `player:day`. */
export const lessonSchema = exactly(object({ ...dated, groupId: id().nullable().defined() }));
export type Lesson = RecordOf<typeof lessonSchema>;

/** What was seen at one look at one check. */
export const checkSchema = exactly(
  object({
    ...dated,
    checkId: id().required(),
    /** The lesson it belongs to; null for what was seen before lessons were kept. */
    lessonId: id().nullable().defined(),
    setupId: id().nullable().defined(),
    outcome: byField<Outcome>('kind', { rating, seconds, count, 'yes-no': yesNo, angle }, rating),
    faults: array().of(id().required()).max(20).defined()
  })
);
export type CheckResult = RecordOf<typeof checkSchema>;

export const PAIN_NOTE_LENGTH = 300;

/** Pain, tingling or numbness as it was noted; open until it is closed with a note. */
export const painSchema = exactly(
  object({
    ...dated,
    family: family(),
    /** What was under way. */
    during: oneOf(['measuring', 'trial', 'set-up', 'check', 'lesson']).required(),
    /** The size that was in use or tried, where one was. */
    size: size().nullable().defined(),
    closedAt: moment().nullable().defined(),
    note: text(PAIN_NOTE_LENGTH)
  })
);
export type Pain = RecordOf<typeof painSchema>;
