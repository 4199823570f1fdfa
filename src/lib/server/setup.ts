import type { InferType } from 'yup';
import { combineReadings, heightOf, type MeasurementId } from '$lib/core/body';
import { dimensionsOf, FAMILIES, isShoulderFamily, sizesOf } from '$lib/core/instruments';
import { DEFAULT_REST_SCHOOL, REST_SCHOOLS, restStack, TILT_RANGE_DEG } from '$lib/core/setup';
import type { ListBounds } from './bounds';
import { asReadings, choiceOf, exactly, lengthWithin, listOf, numberWithin, readingsOf } from './fields';
import { measurementProblems, measurementShape, readingsFrom } from './measurements';
import { InputProblem, type FieldProblem } from './respond';
import { answerSeated, answerStanding } from './setup-low';
import { sizeName } from './size';

const CHIN_REST_MM = [1, 80] as const;
const MOST_NOTCHES = 40;
export const SETUP_BOUNDS: ListBounds = { notchesMm: MOST_NOTCHES };

/** What a question for a set-up must look like. */
export const setupRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  size: sizeName().required(),
  measurements: exactly(
    {
      ...measurementShape,
      neckGapMm: readingsOf('neckGap', 'Violin, viola: collarbone to the underside of the jaw'),
      shoulderDropMm: readingsOf(
        'shoulderSlope',
        'Violin, viola: neck base to shoulder point, drop; a medium slope when not given'
      )
    },
    'Violin, viola: height, gap and drop. Cello, bass: what sizes are worked out from.'
  ).required(),
  school: choiceOf(REST_SCHOOLS, 'Violin, viola: rest-first when not given'),
  chinRestMm: lengthWithin(
    ...CHIN_REST_MM,
    'Violin, viola: height of the chin rest as fitted; the nominal one when not given. Collarbone first computes its own.'
  ),
  tiltDeg: numberWithin(...TILT_RANGE_DEG, 'Violin, viola: 18 when not given'),
  locked: exactly(
    {
      seatMm: lengthWithin(100, 800),
      endpinMm: numberWithin(0, 600, 'As the model counts it, from the ribs'),
      angleDeg: numberWithin(10, 50),
      slideMm: numberWithin(-100, 100)
    },
    'Cello: what must not change; the rest is solved'
  )
    .default(undefined)
    .optional(),
  instrument: exactly(
    {
      bodyMm: lengthWithin(100, 1500),
      ribMm: lengthWithin(10, 400),
      stringMm: lengthWithin(100, 1300),
      pinMaxMm: lengthWithin(10, 800),
      notchesMm: listOf(numberWithin(0, 800).required(), MOST_NOTCHES, 'Bass: where the pin snaps')
    },
    'Cello, bass: measured dimensions in place of the nominal ones of the size'
  )
    .default(undefined)
    .optional(),
  leanDeg: numberWithin(0, 25, 'Bass: 12 when not given'),
  offsetMm: numberWithin(-150, 150, 'Bass: how much higher than usual the own bow hold plays')
});

export type SetupRequest = InferType<typeof setupRequest>;

/** What only these families are asked. */
const ONLY_FOR: Readonly<Record<string, readonly string[]>> = {
  school: ['violin', 'viola'],
  chinRestMm: ['violin', 'viola'],
  tiltDeg: ['violin', 'viola'],
  locked: ['cello'],
  instrument: ['cello', 'bass'],
  leanDeg: ['bass'],
  offsetMm: ['bass']
};
/** Of a player with a chin rest only these lengths are taken. */
const OF_A_REST = ['heightMm', 'neckGapMm', 'shoulderDropMm'];

/**
 * Answers a question for a set-up: chin rest and shoulder rest, seat and endpin, or pin and lean.
 *
 * @throws InputProblem for a size that the family does not come in, what belongs to another family, or lengths that
 *   are missing
 */
export function answerSetup(request: SetupRequest): unknown {
  const { family, size, measurements } = request;
  const problems: FieldProblem[] = [];
  const bad = (path: string, message: string) => problems.push({ path, message });
  if (!sizesOf(family).includes(size)) bad('size', `no ${family} comes in this size`);
  for (const [key, families] of Object.entries(ONLY_FOR))
    if (request[key as keyof SetupRequest] !== undefined && !families.includes(family))
      bad(key, `is for ${families.join(' and ')} only`);
  if (isShoulderFamily(family)) {
    for (const key of Object.keys(measurements))
      if (!OF_A_REST.includes(key)) bad(`measurements.${key}`, 'unknown key');
    return answerRest({ ...request, family }, problems);
  }
  for (const key of ['neckGapMm', 'shoulderDropMm'] as const)
    if (measurements[key] !== undefined) bad(`measurements.${key}`, `is not used for the ${family}`);
  problems.push(...measurementProblems(measurements, family));
  const readings = readingsFrom(measurements);
  if (heightOf(readings) === null) bad('measurements', 'needs a height or an arm length');
  if (problems.length > 0) throw new InputProblem(problems);
  const dimensions = dimensionsOf(family, size);
  return family === 'cello'
    ? answerSeated(request, readings, dimensions)
    : answerStanding(request, readings, dimensions);
}

function answerRest(
  request: SetupRequest & { readonly family: 'violin' | 'viola' },
  problems: FieldProblem[]
): unknown {
  const { family, size, measurements, school = DEFAULT_REST_SCHOOL, chinRestMm, tiltDeg } = request;
  const heightMm = valueOf('height', measurements.heightMm);
  const neckGapMm = valueOf('neckGap', measurements.neckGapMm);
  const dropMm = valueOf('shoulderSlope', measurements.shoulderDropMm);
  if (neckGapMm === null && heightMm === null)
    problems.push({ path: 'measurements.neckGapMm', message: 'is needed, or the height for an estimate' });
  if (dropMm !== null && heightMm === null)
    problems.push({
      path: 'measurements.heightMm',
      message: 'is needed to turn the shoulder drop into a slope'
    });
  if (neckGapMm !== null && heightMm !== null && neckGapMm >= heightMm)
    problems.push({ path: 'measurements.neckGapMm', message: 'must be shorter than the height' });
  if (problems.length > 0) throw new InputProblem(problems);

  const stack = restStack({
    instrument: dimensionsOf(family, size),
    neckGapMm,
    heightMm,
    shoulder: dropMm === null ? { slope: 'medium' } : { dropMm },
    school,
    ...(chinRestMm === undefined ? {} : { chinRestMm }),
    ...(tiltDeg === undefined ? {} : { tiltDeg })
  });
  const { fillerMm, liftMm, shoulderFootMm, chestFootMm } = stack;
  const warnings = stack.warnings.map((warning) =>
    'measurement' in warning ? { ...warning, measurement: 'neckGapMm' } : warning
  );
  return { fillerMm, chinRestMm: stack.chinRestMm, liftMm, shoulderFootMm, chestFootMm, warnings };
}

function valueOf(id: MeasurementId, value: number | readonly number[] | undefined): number | null {
  const readings = asReadings(value);
  return readings.length === 0 ? null : combineReadings(id, readings).mm;
}
