import { array, boolean, mixed, number, object, string, type ISchema, type TestContext } from 'yup';
import { isYearDay, type Costs } from '$lib/core/cupboard';
import {
  EDITABLE_DIMENSIONS,
  FAMILIES,
  sizesOf,
  type DimensionOverrides,
  type Family
} from '$lib/core/instruments';
import { LENGTH_UNITS } from '$lib/core/length';
import { OWN_REST_KINDS, REST_SCHOOLS, SCROLL_SCHOOLS, TILT_SCHOOLS } from '$lib/core/setup';
import { A_RANGE_HZ } from '$lib/core/tones';
import { each, exactly, id, landingRule, length, oneOf, text, ways, type RecordOf } from './fields';

/** Letters to families that a teacher can word anew. */
export const LETTER_KINDS = ['size', 'set-up', 'practice'] as const;
export type LetterKind = (typeof LETTER_KINDS)[number];
export const TEACHER_NAME_LENGTH = 80;
export const LETTER_LENGTH = 4000;

const THEMES = ['light', 'dark', 'system'] as const;
export type ThemeChoice = (typeof THEMES)[number];

const ofFamily = <S>(build: (family: Family) => S) =>
  Object.fromEntries(FAMILIES.map((family) => [family, build(family)])) as Readonly<Record<Family, S>>;

const sizes = ofFamily((family) =>
  array()
    .of(oneOf(sizesOf(family)).required())
    .min(1, 'needs at least one size')
    .max(sizesOf(family).length)
    .test('once', 'names a size twice', (list) => !list || new Set(list).size === list.length)
    .optional()
);
const dimensions = ofFamily((family) =>
  each(sizesOf(family), () => each(EDITABLE_DIMENSIONS, length)).optional()
);

/** Rests that a teacher has, at most: more would be a shop. */
export const MOST_OWN_RESTS = 60;

/** A check in the teacher's own words; the library's where absent. */
const checkWords = exactly(
  object({ title: text(60).optional(), right: text(300).optional(), forPlayer: text(80).optional() })
);
export type CheckWords = RecordOf<typeof checkWords>;

const areWords = (value: unknown): boolean =>
  value === undefined ||
  (typeof value === 'object' &&
    value !== null &&
    Object.keys(value).length <= 400 &&
    Object.values(value).every((words) => checkWords.isValidSync(words)));

const notBelow =
  (lower: string, words: string) =>
  (value: unknown, { parent, createError, path }: TestContext) => {
    const low: unknown = (parent as Readonly<Record<string, unknown>>)[lower];
    return (
      typeof value !== 'number' ||
      typeof low !== 'number' ||
      value >= low ||
      createError({ path, message: words })
    );
  };

const ownRest = exactly(
  object({
    id: id().required(),
    kind: oneOf(OWN_REST_KINDS).required(),
    name: text(60),
    lowMm: length().required(),
    highMm: length().required().test('order', notBelow('lowMm', 'The highest lies below the lowest.')),
    narrowMm: length().nullable().defined(),
    wideMm: length()
      .nullable()
      .defined()
      .test('order', notBelow('narrowMm', 'The widest lies below the narrowest.')),
    count: number().integer().min(0).max(999).required()
  })
);

const MOST_COST = 1000;
const costSchema = exactly(
  object({
    smaller: array().of(number().min(0).max(MOST_COST).required()).length(2).required(),
    larger: array().of(number().min(0).max(MOST_COST).required()).length(2).required(),
    change: number().min(0).max(MOST_COST).required(),
    waits: number().min(0).max(MOST_COST).required(),
    rental: number().min(0).max(MOST_COST).required()
  })
);

export const settingsSchema = exactly(
  object({
    id: oneOf(['settings']).required(),
    unit: oneOf(LENGTH_UNITS).required(),
    rule: landingRule,
    restSchool: oneOf(REST_SCHOOLS).required(),
    tiltSchool: oneOf(TILT_SCHOOLS).required(),
    /** Where the scroll points; the usual way where absent. */
    scrollSchool: oneOf(SCROLL_SCHOOLS).optional(),
    /** Sizes to consider by family; the usual ones where absent. */
    sizes: exactly(object(sizes)).required(),
    /** The teacher's own dimensions, by family and size. */
    dimensions: exactly(object(dimensions)).required() as unknown as ISchema<DimensionOverrides>,
    theme: oneOf(THEMES).required(),
    /** The ways of the subjects on which teachers differ; the usual ones where absent. */
    ways: ways().optional(),
    /** Checks that are not looked at, in the teacher's own words, and in the teacher's order. */
    hiddenChecks: array().of(id().required()).max(400).optional(),
    checkWords: mixed<Readonly<Record<string, CheckWords>>>()
      .test('words', 'must be words by check', areWords)
      .optional(),
    checkOrder: array().of(id().required()).max(400).optional(),
    /** Causes of a fault in the library's order, not weighed by what is on record. */
    causesAsListed: boolean().optional(),
    /** Single letters are no shortcuts in a lesson. */
    noLetterKeys: boolean().optional(),
    /** The teacher's own rests, to choose from; none where absent. */
    rests: array().of(ownRest.required()).max(MOST_OWN_RESTS).optional(),
    /** What a plan of the cupboard weighs against what; as usual where absent. */
    costs: mixed<Costs>()
      .test(
        'costs',
        'must be what is weighed',
        (value) => value === undefined || costSchema.isValidSync(value)
      )
      .optional(),
    /** Days of the year on which terms begin; a third of a year each where absent. */
    termStarts: array()
      .of(
        string()
          .required()
          .test('year-day', 'must be a day of the year', (text) => isYearDay(text ?? ''))
      )
      .max(6)
      .optional(),
    /** The A that is tuned to, Hz; the usual one where absent. */
    aHz: number().min(A_RANGE_HZ[0]).max(A_RANGE_HZ[1]).optional(),
    /** The teacher's own templates of letters, by kind; the usual ones where absent. */
    letters: each(LETTER_KINDS, () => string().max(LETTER_LENGTH)).optional(),
    /** Printed on the card. */
    teacherName: text(TEACHER_NAME_LENGTH)
  })
);
export type Settings = RecordOf<typeof settingsSchema>;
