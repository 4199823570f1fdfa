import { number, type InferType } from 'yup';
import { causesOf, type CauseFacts } from '$lib/core/causes';
import { checksFor, FAULT_CAUSES } from '$lib/core/checks';
import { FAMILIES } from '$lib/core/instruments';
import type { ListBounds } from './bounds';
import { choiceOf, exactly, flag, listOf, textLike } from './fields';
import { InputProblem } from './problem';

const MOST_RECORDS = FAULT_CAUSES.length + 1;
export const CAUSES_BOUNDS: ListBounds = { record: MOST_RECORDS };
const LONGEST_ID = 240;
const MOST_MM = 5000;
const MOST_DAYS = 40_000;
const MOST_TRIES = 1_000_000;

const whole = (most: number) => number().strict().integer().min(0).max(most);

/** What a question for the causes of a fault must look like. */
export const causesRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  fault: textLike(
    (text) => text.length > 0 && text.length <= LONGEST_ID,
    'A fault of the family as "check/fault"; the fault alone is taken from the first check that has it'
  ).required(),
  facts: exactly({
    setupDriftMm: number().strict().min(-MOST_MM).max(MOST_MM),
    reviewLimitMm: number().strict().moreThan(0).max(MOST_MM),
    sizeChance: number().strict().min(0).max(1),
    outgrown: flag(),
    nextLargerChance: number().strict().min(0).max(1),
    trialSaidLarger: flag(),
    trialSaidSmaller: flag(),
    trialAgreed: flag(),
    frameShort: flag(),
    setupKept: flag(),
    changedDaysAgo: number().strict().min(0).max(MOST_DAYS),
    drillWeeks: number().strict().min(0).max(MOST_DAYS),
    wentAfterDrill: flag(),
    passesWithHelp: flag(),
    record: listOf(
      exactly({
        cause: choiceOf(
          [...FAULT_CAUSES, 'size'] as const,
          '`size`, without its direction, is read as both; deprecated'
        ).required(),
        tries: whole(MOST_TRIES).required(),
        successes: whole(MOST_TRIES).required()
      }).required(),
      MOST_RECORDS,
      'What worked for this fault in the teacher’s own records',
      0
    )
  }).default(undefined)
});

/**
 * Answers which cause of a fault is likely, likeliest first.
 *
 * @throws InputProblem for a fault that the family does not have, and for more successes than tries
 */
export async function answerCauses({
  family,
  fault,
  facts
}: InferType<typeof causesRequest>): Promise<unknown> {
  const checks = await checksFor(family);
  const found = checks.flatMap((check) =>
    check.faults.filter(({ id }) => fault === `${check.id}/${id}` || fault === id)
  )[0];
  if (!found) throw new InputProblem([{ path: 'fault', message: `is no fault of the ${family}` }]);
  const record = facts?.record ?? [];
  const wrong = record.flatMap(({ tries, successes }, i) =>
    successes > tries
      ? [{ path: `facts.record[${i}].successes`, message: 'must not be more than the tries' }]
      : []
  );
  const twice = record.flatMap(({ cause }, i) =>
    record.findIndex((one) => one.cause === cause) < i
      ? [{ path: `facts.record[${i}].cause`, message: 'comes twice' }]
      : []
  );
  if (wrong.length + twice.length > 0) throw new InputProblem([...wrong, ...twice]);
  const known = Object.fromEntries(
    Object.entries(facts ?? {}).filter(([, value]) => value !== undefined)
  ) as CauseFacts;
  return {
    causes: causesOf(
      found.causes.map(({ cause }) => cause),
      known
    ).map(({ cause, share, reasons }) => ({ cause, share, reasons }))
  };
}
