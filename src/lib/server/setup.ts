import { combineReadings, heightOf, type MeasurementId } from '$lib/core/body';
import { dimensionsOf, isShoulderFamily, sizesOf } from '$lib/core/instruments';
import { DEFAULT_REST_SCHOOL, restStack } from '$lib/core/setup';
import { asReadings } from './fields';
import { measurementProblems, readingsFrom } from './measurements';
import { InputProblem, type FieldProblem } from './problem';
import type { SetupRequest } from './setup-request';
import { answerSeated, answerStanding } from './setup-low';

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
    ...(chinRestMm === undefined || school === 'collarbone-first' ? {} : { chinRestMm }),
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
