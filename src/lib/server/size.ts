import { array, mixed, type InferType } from 'yup';
import { combineReadings, type MeasurementId } from '$lib/core/body';
import { SHOULDER_FAMILIES, sizesOf, type MeasuredInstrument } from '$lib/core/instruments';
import {
  DEFAULT_LANDING_SCHOOL,
  LANDING_SCHOOLS,
  OWN_LIMIT_RANGE,
  proposeSize,
  type LandingRule,
  type Readings,
  type Reason,
  type Warning
} from '$lib/core/sizing';
import { asReadings, choiceOf, exactly, lengthWithin, numberWithin, readingsOf } from './fields';
import { InputProblem, type FieldProblem } from './respond';

const INSTRUMENT_LENGTH_MM = [150, 900] as const;

const measurements = exactly({
  heightMm: readingsOf('height'),
  armToPalmMm: readingsOf('armToPalm'),
  armToWristMm: readingsOf('armToWrist'),
  handLengthMm: readingsOf('handLength'),
  handSpanMm: readingsOf('handSpan')
});

const instrument = exactly({
  size: mixed<string>().required(),
  overallMm: lengthWithin(...INSTRUMENT_LENGTH_MM).required(),
  stringMm: lengthWithin(...INSTRUMENT_LENGTH_MM)
});

/** What a question for a size must look like. */
export const sizeRequest = exactly({
  family: choiceOf(SHOULDER_FAMILIES).required(),
  measurements: measurements.required(),
  landingLimit: numberWithin(...OWN_LIMIT_RANGE),
  school: choiceOf(LANDING_SCHOOLS),
  sizes: array().of(mixed<string>().required()).min(1, 'must name at least one size'),
  instruments: array().of(instrument.required())
});

export type SizeRequest = InferType<typeof sizeRequest>;

const KEY_OF: Readonly<Partial<Record<MeasurementId, keyof SizeRequest['measurements']>>> = {
  height: 'heightMm',
  armToPalm: 'armToPalmMm',
  armToWrist: 'armToWristMm',
  handLength: 'handLengthMm',
  handSpan: 'handSpanMm'
};

/**
 * Answers a question for a size, with reasons and warnings as codes and values.
 *
 * @throws InputProblem for what the schema can't see: both a limit and a school, sizes that the family does
 *   not come in, an arm longer than the height, a palm nearer than the wrist
 */
export function answerSize(request: SizeRequest): unknown {
  const readings: Readings = {
    height: asReadings(request.measurements.heightMm),
    armToPalm: asReadings(request.measurements.armToPalmMm),
    armToWrist: asReadings(request.measurements.armToWristMm),
    handLength: asReadings(request.measurements.handLengthMm),
    handSpan: asReadings(request.measurements.handSpanMm)
  };
  const problems = [...choiceProblems(request), ...bodyProblems(readings)];
  if (problems.length > 0) throw new InputProblem(problems);

  const proposal = proposeSize({
    family: request.family,
    readings,
    rule: ruleOf(request),
    ...(request.sizes ? { sizes: request.sizes } : {}),
    instruments: (request.instruments ?? []) as readonly MeasuredInstrument[]
  });
  if (!proposal)
    throw new InputProblem([{ path: 'measurements', message: 'needs a height or an arm length' }]);
  const { advised, betweenSizes, candidates, estimated, reasons, warnings } = proposal;
  return {
    proposal: proposal.proposal,
    advised,
    betweenSizes,
    candidates,
    estimated: estimated.map(keyOf),
    reasons: reasons.map(withKeys),
    warnings: warnings.map(withKeys)
  };
}

const keyOf = (id: MeasurementId): string => KEY_OF[id] ?? id;

/** Other programs know measurements by the keys that they send. */
function withKeys(note: Reason | Warning): unknown {
  if ('measurements' in note) return { ...note, measurements: note.measurements.map(keyOf) };
  return 'measurement' in note ? { ...note, measurement: keyOf(note.measurement) } : note;
}

function ruleOf({ landingLimit, school }: SizeRequest): LandingRule {
  if (landingLimit !== undefined) return { school: 'own', limit: landingLimit };
  return { school: school ?? DEFAULT_LANDING_SCHOOL };
}

function choiceProblems({ family, landingLimit, school, sizes, instruments }: SizeRequest): FieldProblem[] {
  const problems: FieldProblem[] = [];
  const known = sizesOf(family);
  const bad = (path: string, message: string) => problems.push({ path, message });
  if (landingLimit !== undefined && school !== undefined)
    bad('landingLimit', 'give a limit or a school, not both');
  sizes?.forEach((size, index) => {
    if (!known.includes(size)) bad(`sizes[${index}]`, `no ${family} comes in this size`);
    else if (sizes.indexOf(size) !== index) bad(`sizes[${index}]`, 'comes twice');
  });
  instruments?.forEach(({ size }, index) => {
    const path = `instruments[${index}].size`;
    if (!known.includes(size)) bad(path, `no ${family} comes in this size`);
    else if (sizes && !sizes.includes(size)) bad(path, 'is not among the sizes to consider');
    else if (instruments.findIndex((one) => one.size === size) !== index) bad(path, 'comes twice');
  });
  return problems;
}

function bodyProblems(readings: Readings): FieldProblem[] {
  const valueOf = (id: MeasurementId) => {
    const values = readings[id] ?? [];
    return values.length === 0 ? null : combineReadings(id, values).mm;
  };
  const problems: FieldProblem[] = [];
  const height = valueOf('height');
  const palm = valueOf('armToPalm');
  const wrist = valueOf('armToWrist');
  if (height === null && palm === null && wrist === null)
    problems.push({ path: 'measurements', message: 'needs a height or an arm length' });
  for (const id of ['armToPalm', 'armToWrist', 'handLength', 'handSpan'] as const) {
    const value = valueOf(id);
    if (height !== null && value !== null && value >= height)
      problems.push({ path: `measurements.${keyOf(id)}`, message: 'must be shorter than the height' });
  }
  if (palm !== null && wrist !== null && palm <= wrist)
    problems.push({ path: 'measurements.armToPalmMm', message: 'must be longer than the arm to the wrist' });
  return problems;
}
