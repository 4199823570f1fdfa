import type { InferType } from 'yup';
import { combineReadings, type MeasurementId } from '$lib/core/body';
import { dimensionsOf, SHOULDER_FAMILIES, sizesOf } from '$lib/core/instruments';
import { DEFAULT_REST_SCHOOL, REST_SCHOOLS, restStack, TILT_RANGE_DEG } from '$lib/core/setup';
import { asReadings, choiceOf, exactly, lengthWithin, numberWithin, readingsOf } from './fields';
import { InputProblem, type FieldProblem } from './respond';
import { sizeName } from './size';

const CHIN_REST_MM = [1, 80] as const;

/** What a question for a set-up must look like. */
export const setupRequest = exactly({
  family: choiceOf(SHOULDER_FAMILIES).required(),
  size: sizeName().required(),
  measurements: exactly({
    heightMm: readingsOf('height', 'Needed with shoulderDropMm, or for an estimate of the gap'),
    neckGapMm: readingsOf('neckGap', 'Collarbone to the underside of the jaw'),
    shoulderDropMm: readingsOf(
      'shoulderSlope',
      'Neck base to shoulder point, drop; a medium slope when not given'
    )
  }).required(),
  school: choiceOf(REST_SCHOOLS, 'rest-first when not given'),
  chinRestMm: lengthWithin(
    ...CHIN_REST_MM,
    'Height of the chin rest as fitted; the nominal one when not given. Collarbone first computes its own.'
  ),
  tiltDeg: numberWithin(...TILT_RANGE_DEG, '18 when not given')
});

export type SetupRequest = InferType<typeof setupRequest>;

/**
 * Answers a question for chin rest and shoulder rest.
 *
 * @throws InputProblem for a size that the family does not come in, or lengths that are missing
 */
export function answerSetup(request: SetupRequest): unknown {
  const { family, size, measurements, school = DEFAULT_REST_SCHOOL, chinRestMm, tiltDeg } = request;
  const heightMm = valueOf('height', measurements.heightMm);
  const neckGapMm = valueOf('neckGap', measurements.neckGapMm);
  const dropMm = valueOf('shoulderSlope', measurements.shoulderDropMm);

  const problems: FieldProblem[] = [];
  if (!sizesOf(family).includes(size))
    problems.push({ path: 'size', message: `no ${family} comes in this size` });
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
