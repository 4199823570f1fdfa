import { array, mixed, type InferType } from 'yup';
import { FAMILIES, sizesOf } from '$lib/core/instruments';
import { heightOn, type Sex } from '$lib/core/growth';
import { outlook } from '$lib/core/outlook';
import { monthsLater, type IsoDay } from '$lib/core/time';
import { choiceOf, exactly, lengthWithin, textLike } from './fields';
import { keyOf, measurementFields, measurementProblems, readingsFrom } from './measurements';
import { InputProblem, type FieldProblem } from './respond';

const DAY = /^\d{4}-\d\d-\d\d$/;
const MONTH = /^\d{4}-(0[1-9]|1[0-2])$/;
const HEIGHT_MM = [600, 2300] as const;
const MOST_HEIGHTS = 200;
const STEP_MONTHS = 3;
const USUAL_OUTLOOK_MONTHS = 24;
const LONGEST_OUTLOOK_MONTHS = 240;

/** A day of the calendar; the 30th of February is none. */
function isDay(text: string): boolean {
  if (!DAY.test(text)) return false;
  const moment = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(moment.getTime()) && moment.toISOString().startsWith(text);
}

const day = () => textLike(isDay, 'must be a day such as 2026-11-24');

/** What a question about growth must look like. */
export const growthRequest = exactly({
  sex: choiceOf<Sex>(['female', 'male']).nullable(),
  birthMonth: textLike((text) => MONTH.test(text), 'must be a month such as 2017-05').nullable(),
  heights: array()
    .of(exactly({ date: day().required(), mm: lengthWithin(...HEIGHT_MM).required() }).required())
    .min(1, 'must hold at least one height')
    .max(MOST_HEIGHTS, `must hold at most ${MOST_HEIGHTS} heights`)
    .required(),
  today: day(),
  on: day(),
  family: choiceOf(FAMILIES).required(),
  size: mixed<string>().required(),
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
    estimated: ahead.estimated.map(keyOf)
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
