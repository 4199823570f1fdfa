import type { InferType } from 'yup';
import {
  CHECK_CATEGORIES,
  checksFor,
  drillsFor,
  focusOf,
  identityOf,
  RATINGS,
  subjectsFor,
  type Rating,
  type SeenResult
} from '$lib/core/checks';
import { FAMILIES, type Family } from '$lib/core/instruments';
import { focusText } from '$lib/words/checks';
import type { ListBounds } from './bounds';
import { choiceOf, day, exactly, listOf, textLike } from './fields';
import { InputProblem } from './problem';

/** Results at most in one question: years of lessons of one player. */
const MOST_RESULTS = 5000;
export const FOCUS_BOUNDS: ListBounds = { results: MOST_RESULTS, thisLesson: MOST_RESULTS };
const LONGEST_ID = 120;

/** The family of a query, or undefined for none that is known. */
export const familyNamed = (name: string | null): Family | undefined => FAMILIES.find((one) => one === name);

/** The library of a family: its checks with their faults, causes and remedies, the drills, and where teachers differ. */
export async function answerChecks(family: Family): Promise<unknown> {
  const checks = await checksFor(family);
  return {
    family,
    categories: CHECK_CATEGORIES,
    checks: checks.map(({ id, category, standpoint, title, right, faults, result, school }) => ({
      id,
      category,
      standpoint,
      title,
      right,
      faults: faults.map((fault) => ({
        id: fault.id,
        text: fault.text,
        identity: identityOf(id, fault.id),
        causes: fault.causes.map(({ cause, remedy, step }) => ({
          cause,
          remedy,
          ...(step ? { setting: step.setting, way: step.way } : {})
        }))
      })),
      result,
      school: school?.subject ?? null
    })),
    drills: drillsFor(family).map(({ id, name, text, dose }) => ({ id, name, text, dose })),
    schools: subjectsFor(family).map(({ id, title, ways }) => ({
      id,
      title,
      ways: ways.map((way) => ({ id: way.id, name: way.name, why: way.why }))
    }))
  };
}

/** What a question for the next focus must look like. */
export const focusRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  today: day('The day of the lesson').required(),
  results: listOf(
    exactly({
      checkId: textLike(
        (text) => text.length > 0 && text.length <= LONGEST_ID,
        'must be a check of the family'
      ).required(),
      day: day().required(),
      rating: choiceOf(RATINGS).required()
    }).required(),
    MOST_RESULTS,
    'What was seen in earlier lessons, in any order',
    0
  ).required(),
  thisLesson: listOf(
    exactly({
      checkId: textLike(
        (text) => text.length > 0 && text.length <= LONGEST_ID,
        'must be a check of the family'
      ).required(),
      rating: choiceOf(RATINGS).required()
    }).required(),
    MOST_RESULTS,
    'What was seen in this lesson so far: it moves what is worked on, and leaves the category',
    0
  )
});

/**
 * Answers what to work on next.
 *
 * @throws InputProblem for a check that the family does not have
 */
export async function answerFocus({
  family,
  today,
  results,
  thisLesson = []
}: InferType<typeof focusRequest>): Promise<unknown> {
  const checks = await checksFor(family);
  const known = new Set(checks.map(({ id }) => id));
  const unknown = (list: readonly { readonly checkId: string }[], path: string) =>
    list.flatMap(({ checkId }, i) =>
      known.has(checkId) ? [] : [{ path: `${path}[${i}].checkId`, message: `is no check of the ${family}` }]
    );
  const wrong = [...unknown(results, 'results'), ...unknown(thisLesson, 'thisLesson')];
  if (wrong.length > 0) throw new InputProblem(wrong);
  const seen = (checkId: string, on: string, rating: Rating): SeenResult => ({
    checkId,
    day: on,
    outcome: { kind: 'rating', rating }
  });
  const { category, check, reason, stays, resting } = focusOf({
    checks,
    results: results.map(({ checkId, day: on, rating }) => seen(checkId, on, rating)),
    thisLesson: thisLesson.map(({ checkId, rating }) => seen(checkId, today, rating)),
    today
  });
  return { category, check: check?.id ?? null, reason: focusText(reason), stays, resting };
}
