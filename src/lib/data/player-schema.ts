import { boolean, mixed, object, string } from 'yup';
import { FAMILIES, type Family } from '$lib/core/instruments';
import type { PlayerForm } from './players';
import type { GrowthCurve } from './records';

export const NAME_LENGTH = 80;
export const GROUP_LENGTH = 60;
export const NOTES_LENGTH = 1000;
const CURVES: readonly GrowthCurve[] = ['girl', 'boy', 'both'];

/** What a player's form, an import or a backup must hold. */
export const playerFormSchema = object({
  name: string()
    .trim()
    .required('Give a name, initials or a number.')
    .max(NAME_LENGTH, `Keep the name under ${NAME_LENGTH} letters.`),
  birthMonth: string()
    .nullable()
    .defined()
    .matches(/^(19|20)\d\d-(0[1-9]|1[0-2])$/, {
      message: 'Write the birth month as year-month, such as 2018-05.',
      excludeEmptyString: false
    }),
  curve: mixed<GrowthCurve>()
    .nullable()
    .defined()
    .oneOf([...CURVES, null], 'The growth curve is girl, boy or both.'),
  family: mixed<Family>()
    .oneOf(FAMILIES, `The family is one of ${FAMILIES.join(', ')}.`)
    .required('Choose a family.'),
  group: string().trim().max(GROUP_LENGTH, `Keep the group under ${GROUP_LENGTH} letters.`).defined(),
  notes: string().max(NOTES_LENGTH, `Keep notes under ${NOTES_LENGTH} letters.`).defined(),
  photosAllowed: boolean().required()
});

/** Every problem of a form by field, empty when it is fine. */
export async function playerFormProblems(
  form: PlayerForm
): Promise<Readonly<Partial<Record<string, string>>>> {
  const { ValidationError } = await import('yup');
  try {
    await playerFormSchema.validate(form, { abortEarly: false });
    return {};
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return Object.fromEntries(error.inner.map(({ path, message }) => [path ?? '', message]));
  }
}
