import { mixed, type InferType, type TestContext } from 'yup';
import { FAMILIES } from '$lib/core/instruments';
import type { ListBounds } from './bounds';
import { choiceOf, day, exactly, flag, listOf, numberWithin, textLike } from './fields';
import { sizeName } from './size';

const MOST_PLAYERS = 64;
const MOST_INSTRUMENTS = 64;
const MOST_TERMS = 4;
const MOST_SIZES = 16;
const MOST_SLOTS = 20;
const MOST_COST = 1000;
const MOST_STEPS = 12;
const LONGEST_ID = 80;

export const ASSIGN_BOUNDS: ListBounds = {
  players: MOST_PLAYERS,
  instruments: MOST_INSTRUMENTS,
  terms: MOST_TERMS,
  wanted: MOST_TERMS,
  fixed: MOST_TERMS,
  slots: MOST_SLOTS,
  smaller: 2,
  larger: 2
};

const id = () =>
  textLike((text) => text.length > 0 && text.length <= LONGEST_ID, `must have 1 to ${LONGEST_ID} letters`, {
    type: 'string',
    minLength: 1,
    maxLength: LONGEST_ID
  });
const cost = () => numberWithin(0, MOST_COST);
const pair = (description: string) => listOf(cost().required(), 2, description, 2);
const whole = (least: number, most: number, description?: string) =>
  numberWithin(least, most, description).test(
    'whole',
    'must be a whole number',
    (value) => value === undefined || Number.isInteger(value)
  );

/** Steps by player: keys are the players' own ids. */
const stepsField = mixed<Readonly<Record<string, number>>>()
  .meta({
    jsonSchema: {
      type: 'object',
      description:
        'Of a measured one: by player, how many sizes it lands from the one that fits, above 0 too large',
      additionalProperties: { type: 'integer', minimum: -MOST_STEPS, maximum: MOST_STEPS }
    }
  })
  .test('steps', (value: unknown, context: TestContext) => {
    if (value === undefined) return true;
    if (typeof value !== 'object' || value === null || Array.isArray(value))
      return context.createError({ message: 'must be steps by player' });
    const wrong = Object.entries(value).find(
      ([, steps]) => !Number.isInteger(steps) || Math.abs(Number(steps)) > MOST_STEPS
    );
    if (!wrong) return true;
    return context.createError({
      path: `${context.path}.${wrong[0]}`,
      message: `must be a whole number between ${-MOST_STEPS} and ${MOST_STEPS}`
    });
  });

/** What a question for who gets what must look like. */
export const assignRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  terms: listOf(
    exactly({ from: day('First day').required(), to: day('Last day').required() }).required(),
    MOST_TERMS,
    'One after the other'
  ).required(),
  players: listOf(
    exactly({
      id: id().required(),
      wanted: listOf(
        listOf(
          exactly({
            size: sizeName().required(),
            chance: numberWithin(0, 1).required()
          }).required(),
          MOST_SIZES,
          'The chances add up to 1'
        ).required(),
        MOST_TERMS,
        'Sizes that may fit, a list a term'
      ).required(),
      now: id().nullable(),
      noLarger: flag(),
      fixed: listOf(
        exactly({
          term: whole(0, MOST_TERMS - 1, 'Its index').required(),
          instrumentId: id().nullable().defined()
        }).required(),
        MOST_TERMS,
        'What stays as it is whatever it costs; null waits',
        0
      ),
      slots: listOf(id().required(), MOST_SLOTS, 'Lesson times; all who have none share one', 0)
    }).required(),
    MOST_PLAYERS,
    undefined,
    0
  ).required(),
  instruments: listOf(
    exactly({
      id: id().required(),
      size: sizeName().required(),
      shared: flag(),
      only: id(),
      from: day('There from this day on'),
      until: day('There until this day'),
      rental: flag(),
      steps: stepsField
    }).required(),
    MOST_INSTRUMENTS,
    undefined,
    0
  ).required(),
  costs: exactly({
    smaller: pair('A term on one size too small, on two'),
    larger: pair('A term on one size too large, on two or more'),
    change: cost(),
    waits: cost(),
    rental: cost()
  }).default(undefined),
  moreOf: flag()
});

export type Asked = InferType<typeof assignRequest>;
