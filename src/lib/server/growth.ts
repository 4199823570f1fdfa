import type { InferType } from 'yup';
import { FAMILIES, sizesOf } from '$lib/core/instruments';
import { heightOn, scoreOf, type Sex } from '$lib/core/growth';
import { outlook } from '$lib/core/outlook';
import { monthsLater, type IsoDay } from '$lib/core/time';
import type { ListBounds } from './bounds';
import { choiceOf, day, exactly, lengthWithin, listOf, textLike } from './fields';
import { keyOf, measurementFields, measurementProblems, readingsFrom } from './measurements';
import { InputProblem, type FieldProblem } from './problem';
import { sizeName } from './size';

const MONTH = /^\d{4}-(0[1-9]|1[0-2])$/;
const HEIGHT_MM = [600, 2300] as const;
const MOST_HEIGHTS = 400;

/** The most that the lists of a question may hold. */
export const GROWTH_BOUNDS: ListBounds = { heights: MOST_HEIGHTS };

const STEP_MONTHS = 3;
const USUAL_OUTLOOK_MONTHS = 24;
const LONGEST_OUTLOOK_MONTHS = 240;

/** What a question about growth must look like. */
export const growthRequest = exactly({
  sex: choiceOf<Sex>(['female', 'male'], 'Null or left out: both references, averaged')
    .nullable()
    .meta({ jsonSchema: { enum: ['female', 'male', null], type: undefined } }),
  birthMonth: textLike((text) => MONTH.test(text), 'must be a month such as 2017-05', {
    type: ['string', 'null'],
    description: 'Such as 2017-05; no forecast without it'
  }).nullable(),
  heights: listOf(
    exactly({ date: day().required(), mm: lengthWithin(...HEIGHT_MM).required() }).required(),
    MOST_HEIGHTS
  ).required(),
  today: day('The day of the last height when not given'),
  on: day('Last day of heightOn; two years after the last height when not given'),
  family: choiceOf(FAMILIES).required(),
  size: sizeName().required(),
  measurements: measurementFields.optional().default(undefined)
});

export type GrowthRequest = InferType<typeof growthRequest>;

/**
 * Answers how a player will grow, when a size will be outgrown and when to measure next. The school is the palm
 * centre, the sizes the usual ones; lengths belong to the last height.
 *
 * @throws InputProblem for what the schema can't see: days out of order, sizes that the family does not come in
 */
export function answerGrowth(request: GrowthRequest): unknown {
  const { family, size, sex = null, birthMonth = null, measurements = {} } = request;
  const heights = [...request.heights].sort((a, b) => a.date.localeCompare(b.date));
  const last = heights.at(-1);
  if (!last) throw new InputProblem([{ path: 'heights', message: 'must hold at least one height' }]);
  const today = request.today ?? last.date;
  const on = request.on ?? monthsLater(last.date, USUAL_OUTLOOK_MONTHS);
  const atLast = { ...measurements, heightMm: last.mm };
  const problems = [...measurementProblems(atLast, family), ...orderProblems(request, last.date, today, on)];
  if (!sizesOf(family).includes(size))
    problems.push({ path: 'size', message: `no ${family} comes in this size` });
  if (problems.length > 0) throw new InputProblem(problems);

  const sizing = { family, readings: readingsFrom(atLast) };
  const ahead = outlook({ sizing, size, sex, birthMonth, heights, today });
  const growing = ahead.why === 'grown' ? null : ahead.followed;
  return {
    z: ahead.followed?.z ?? null,
    heightOn: growing ? quarters(last.date, on).map((date) => ({ date, ...heightOn(growing, date) })) : [],
    outgrown: ahead.outgrown,
    nextMeasure: ahead.nextMeasure,
    estimated: ahead.estimated.map(keyOf),
    warnings:
      ahead.why === 'beyond-reference' && birthMonth
        ? [{ code: 'beyond-reference', date: last.date, mm: last.mm, z: scoreOf({ sex, birthMonth }, last) }]
        : []
  };
}

function orderProblems(
  { heights, birthMonth }: GrowthRequest,
  last: IsoDay,
  today: IsoDay,
  on: IsoDay
): FieldProblem[] {
  const problems: FieldProblem[] = [];
  const bad = (path: string, message: string) => problems.push({ path, message });
  if (today < last) bad('today', 'must not be before the last height');
  if (on < last) bad('on', 'must not be before the last height');
  if (on > monthsLater(last, LONGEST_OUTLOOK_MONTHS)) bad('on', 'must lie within twenty years');
  heights.forEach(({ date }, index) => {
    if (birthMonth && date < `${birthMonth}-01`)
      bad(`heights[${index}].date`, 'must not be before the birth');
  });
  return problems;
}

/** Every three months from a day on, the last entry exactly the other day. */
function quarters(from: IsoDay, to: IsoDay): readonly IsoDay[] {
  const days: IsoDay[] = [];
  for (let step = 0; monthsLater(from, step * STEP_MONTHS) < to; step++)
    days.push(monthsLater(from, step * STEP_MONTHS));
  return [...days, to];
}
