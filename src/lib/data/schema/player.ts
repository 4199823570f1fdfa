import { array, boolean, object, string, ValidationError } from 'yup';
import { FAMILIES } from '$lib/core/instruments';
import { KIT_ITEMS, KIT_STATES } from '$lib/core/kit';
import { day, exactly, id, moment, oneOf, tapes, text, type RecordOf } from './fields';

export const NAME_LENGTH = 80;
export const GROUP_LENGTH = 60;
export const NOTES_LENGTH = 1000;

/** Which growth curve to use; null when the teacher does not say. */
export const GROWTH_CURVES = ['girl', 'boy', 'both'] as const;
export type GrowthCurve = (typeof GROWTH_CURVES)[number];

/** Whether anything of a text can be seen: spaces, joiners and other marks without a shape of their own do not count. */
export const hasShape = (text: string): boolean => /[\p{L}\p{N}\p{P}\p{S}]/u.test(text);

const fields = {
  name: string()
    .trim()
    .required('Give a name, initials or a number.')
    .max(NAME_LENGTH, `Keep the name under ${NAME_LENGTH} letters.`)
    .test('shape', 'Give a name that can be seen.', (name) => !name || hasShape(name)),
  birthMonth: string()
    .nullable()
    .defined()
    .matches(/^(19|20)\d\d-(0[1-9]|1[0-2])$/, {
      message: 'Write the birth month as year-month, such as 2018-05.',
      excludeEmptyString: false
    }),
  curve: oneOf(GROWTH_CURVES, 'The growth curve is girl, boy or both.').nullable().defined(),
  family: oneOf(FAMILIES, `The family is one of ${FAMILIES.join(', ')}.`).required('Choose a family.'),
  notes: string().max(NOTES_LENGTH, `Keep notes under ${NOTES_LENGTH} letters.`).defined(),
  photosAllowed: boolean().required()
};

/** What a player's form or an import must hold; a new group by its name. */
export const playerFormSchema = object({
  ...fields,
  group: string().trim().max(GROUP_LENGTH, `Keep the group under ${GROUP_LENGTH} letters.`).defined(),
  /** A group that is there, by its identity; its name does not count then. */
  groupId: id().nullable().optional()
});
export type PlayerForm = RecordOf<typeof playerFormSchema>;

/** A pupil. Holds no more personal data than fitting needs. */
export const playerSchema = exactly(
  object({
    ...fields,
    id: id().required(),
    groupId: id().nullable().defined(),
    /** The day on which it was put away; null for one who comes. */
    archivedOn: day().nullable().defined(),
    createdAt: moment().required(),
    /** Finger tapes on the instrument that is played, by semitones; one without a day of removal is on. */
    tapes: tapes().optional(),
    /** What is missing or lent of the kit, each thing once; nothing where absent. */
    kit: array()
      .of(
        exactly(
          object({
            item: oneOf(KIT_ITEMS).required(),
            state: oneOf(KIT_STATES).required(),
            whose: text(NAME_LENGTH),
            until: day().nullable().defined()
          })
        ).required()
      )
      .max(KIT_ITEMS.length)
      .optional(),
    /** Belongs to the made-up class and leaves with it. */
    demo: boolean().required()
  })
);
export type Player = RecordOf<typeof playerSchema>;

/** Every problem of a form by field, empty when it is fine. */
export async function playerFormProblems(
  form: PlayerForm
): Promise<Readonly<Partial<Record<string, string>>>> {
  try {
    await playerFormSchema.validate(form, { abortEarly: false });
    return {};
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return Object.fromEntries(error.inner.map(({ path, message }) => [path ?? '', message]));
  }
}
