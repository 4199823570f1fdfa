import { array, boolean, number, object } from 'yup';
import { CHECK_CATEGORIES, RATINGS, STANDPOINTS } from '$lib/core/checks/types';
import { FAMILIES } from '$lib/core/instruments';
import {
  byField,
  dated,
  day,
  exactly,
  family,
  id,
  moment,
  oneOf,
  owned,
  size,
  text,
  type RecordOf
} from './fields';

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

/** Points that are set as practice at most: more nobody remembers at home. */
export const MOST_POINTS = 3;
export const REMEDY_LENGTH = 300;

const practice = exactly(
  object({
    checkId: id().required(),
    fault: id().nullable().defined(),
    /** What is to be done, and the drill with its dose; the teacher's own words. */
    remedy: text(REMEDY_LENGTH),
    drill: id().nullable().defined(),
    dose: text(80)
  })
);
export type Practice = RecordOf<typeof practice>;

/** One lesson of a player: what is looked at on one day belongs together. Its id is `player:day`. */
export const lessonSchema = exactly(
  object({
    ...dated,
    groupId: id().nullable().defined(),
    /** What was worked on, what was set as practice, and when to look again; absent while the lesson goes on. */
    category: oneOf(CHECK_CATEGORIES).optional(),
    practice: array().of(practice.required()).max(MOST_POINTS).optional(),
    nextLook: day().optional()
  })
);
export type Lesson = RecordOf<typeof lessonSchema>;

const measuredAngle = exactly(
  object({
    angle: id().required(),
    deg: number().min(-180).max(180).required(),
    errorDeg: number().min(0).max(180).required()
  })
);
export type MeasuredAngle = RecordOf<typeof measuredAngle>;

/** What was seen at one look at one check. */
export const checkSchema = exactly(
  object({
    ...dated,
    checkId: id().required(),
    /** The lesson it belongs to; null for what was seen before lessons were kept. */
    lessonId: id().nullable().defined(),
    setupId: id().nullable().defined(),
    outcome: byField<Outcome>('kind', { rating, seconds, count, 'yes-no': yesNo, angle }, rating),
    faults: array().of(id().required()).max(20).defined(),
    /** Faults that were looked for and are not there; what stands in neither list was not looked for. */
    absent: array().of(id().required()).max(20).optional(),
    /** Angles that were read from a still, each once, with how far they may be off. The picture is not kept here. */
    angles: array().of(measuredAngle.required()).max(20).optional()
  })
);
export type CheckResult = RecordOf<typeof checkSchema>;

export const PAIN_NOTE_LENGTH = 300;

export const PAIN_PLACES = [
  'jaw',
  'neck',
  'collarbone',
  'back',
  'left-shoulder',
  'left-arm',
  'left-wrist',
  'left-hand',
  'right-shoulder',
  'right-arm',
  'right-wrist',
  'right-hand'
] as const;
export type PainPlace = (typeof PAIN_PLACES)[number];
export const PAIN_FEELS = ['pain', 'tingling', 'numbness'] as const;
export type PainFeel = (typeof PAIN_FEELS)[number];

/** Pain, tingling or numbness as it was noted; open until it is closed with a note. */
export const painSchema = exactly(
  object({
    ...dated,
    family: family(),
    /** What was under way. */
    during: oneOf(['measuring', 'trial', 'set-up', 'check', 'lesson']).required(),
    /** The size that was in use or tried, where one was. */
    size: size().nullable().defined(),
    /** Where it is, and what it feels like; absent until somebody says it. */
    place: oneOf(PAIN_PLACES).optional(),
    feel: oneOf(PAIN_FEELS).optional(),
    closedAt: moment().nullable().defined(),
    note: text(PAIN_NOTE_LENGTH)
  })
);
export type Pain = RecordOf<typeof painSchema>;

/** Little helps on bow, neck or hand that are given up again. */
export const AID_KINDS = ['cup', 'sticker', 'dot', 'tape', 'other'] as const;
export type AidKind = (typeof AID_KINDS)[number];

/** An aid as it is in use: first a lesson without, then gone. */
export const aidSchema = exactly(
  object({
    ...owned,
    kind: oneOf(AID_KINDS).required(),
    /** Where it is, in a few words. */
    where: text(80),
    from: day().required(),
    /** The first lesson without it; null before. */
    weaned: day().nullable().defined(),
    to: day().nullable().defined()
  })
);
export type Aid = RecordOf<typeof aidSchema>;

const stray = exactly(object({ kind: id().required(), amount: number().min(0).max(400).optional() }));
const strays = () => array().of(stray.required()).max(12).defined();

/** A teacher's own check: words, a standpoint, and a picture put together from poses and changes. */
export const ownCheckSchema = exactly(
  object({
    id: id().required(),
    families: array().of(oneOf(FAMILIES).required()).min(1).max(FAMILIES.length).defined(),
    category: oneOf(CHECK_CATEGORIES).required(),
    standpoint: oneOf(STANDPOINTS).required(),
    title: text(60).required(),
    right: text(REMEDY_LENGTH),
    forPlayer: text(80),
    pose: id().required(),
    view: id().required(),
    spot: id().required(),
    faults: array()
      .of(
        exactly(
          object({
            id: id().required(),
            text: text(80).required(),
            remedy: text(REMEDY_LENGTH),
            changes: strays()
          })
        ).required()
      )
      .max(4)
      .defined()
  })
);
export type OwnCheckRecord = RecordOf<typeof ownCheckSchema>;
