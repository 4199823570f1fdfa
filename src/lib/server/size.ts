import { mixed, type InferType } from 'yup';
import { heightOf } from '$lib/core/body';
import { FAMILIES, isShoulderFamily, sizesOf } from '$lib/core/instruments';
import {
  LANDING_SCHOOLS,
  OWN_LIMIT_RANGE,
  proposeSize,
  type Candidate,
  type LandingRule,
  type Reason,
  type Warning
} from '$lib/core/sizing';
import type { ListBounds } from './bounds';
import { choiceOf, exactly, lengthWithin, listOf, numberWithin } from './fields';
import { keyOf, measurementFields, measurementProblems, readingsFrom } from './measurements';
import { InputProblem, type FieldProblem } from './problem';

export const INSTRUMENT_LENGTH_MM = [150, 2300] as const;
const STRING_LENGTH_MM = [100, 1300] as const;

const EVERY_SIZE = [...new Set(FAMILIES.flatMap(sizesOf))];
/** Most real instruments in one question. */
const MOST_INSTRUMENTS = 64;
/** The most sizes that a family comes in. */
const MOST_SIZES = Math.max(...FAMILIES.map((family) => sizesOf(family).length));

/** The most that the lists of a question may hold. */
export const SIZE_BOUNDS: ListBounds = { instruments: MOST_INSTRUMENTS, sizes: MOST_SIZES };

/** Any size of any family, by its label; whether the family comes in it is found later, with its path. */
export const sizeName = () => mixed<string>().meta({ jsonSchema: { enum: EVERY_SIZE, type: undefined } });

/** A real instrument, as it was measured. */
export const INSTRUMENT = exactly({
  size: sizeName().required(),
  overallMm: lengthWithin(...INSTRUMENT_LENGTH_MM).required(),
  stringMm: lengthWithin(...STRING_LENGTH_MM)
});

/** Own dimensions of the sizes, as a teacher types them: what they say moves a size, never the limits of a body. */
export const OWN_DIMENSIONS = exactly(
  Object.fromEntries(
    EVERY_SIZE.map((size) => [
      size,
      exactly({
        overallMm: lengthWithin(...INSTRUMENT_LENGTH_MM).required(),
        stringMm: lengthWithin(...STRING_LENGTH_MM)
      })
        .default(undefined)
        .optional()
    ])
  ),
  'Own nominal dimensions by size, for all instruments of it; a measured instrument goes before them'
);

/** What a question for a size must look like. */
export const sizeRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  measurements: measurementFields.required(),
  landingLimit: numberWithin(
    ...OWN_LIMIT_RANGE,
    'Violin, viola: highest accepted landing; not together with school'
  ),
  school: choiceOf(LANDING_SCHOOLS, 'Violin, viola: palm-centre when neither is given'),
  sizes: listOf(sizeName().required(), MOST_SIZES, 'The usual ones when not given'),
  instruments: listOf(
    INSTRUMENT.required(),
    MOST_INSTRUMENTS,
    'Measured dimensions in place of nominal ones; the body follows the overall length'
  ),
  dimensions: OWN_DIMENSIONS.default(undefined).optional()
});

export type SizeRequest = InferType<typeof sizeRequest>;

/**
 * Answers a question for a size.
 *
 * @throws InputProblem for what the schema can't see: school and limit together, sizes that the family does
 *   not come in, measurements of another family, an arm longer than the height, a palm nearer than the wrist
 */
export function answerSize(request: SizeRequest): unknown {
  const readings = readingsFrom(request.measurements);
  const problems = [...choiceProblems(request), ...measurementProblems(request.measurements, request.family)];
  if (heightOf(readings) === null)
    problems.push({ path: 'measurements', message: 'needs a height or an arm length' });
  if (problems.length > 0) throw new InputProblem(problems);

  const proposal = proposeSize({
    family: request.family,
    readings,
    rule: ruleOf(request),
    ...(request.sizes ? { sizes: request.sizes } : {}),
    overrides: { [request.family]: ownDimensions(request.dimensions) },
    ...(request.instruments
      ? {
          instruments: request.instruments.map(({ size, overallMm, stringMm }) => ({
            size,
            overallMm,
            ...(stringMm === undefined ? {} : { stringMm })
          }))
        }
      : {})
  });
  if (!proposal)
    throw new InputProblem([{ path: 'measurements', message: 'needs a height or an arm length' }]);
  return {
    proposal: proposal.proposal,
    advised: proposal.careful,
    betweenSizes: proposal.betweenSizes,
    candidates: proposal.candidates.map(candidateAnswer),
    estimated: proposal.estimated.map(keyOf),
    reasons: proposal.reasons.map(withKeys),
    warnings: proposal.warnings.map(withKeys)
  };
}

/** Dimensions that were given, by size. */
export const ownDimensions = (given: SizeRequest['dimensions']): Readonly<Record<string, object>> =>
  Object.fromEntries(
    Object.entries(given ?? {}).flatMap(([size, own]) =>
      own
        ? [
            [
              size,
              { overallMm: own.overallMm, ...(own.stringMm === undefined ? {} : { stringMm: own.stringMm }) }
            ]
          ]
        : []
    )
  );

function candidateAnswer(candidate: Candidate): unknown {
  const { size, overallMm, stringMm, dimensions, landing, marginMm, probability, verdict, evidence } =
    candidate;
  return {
    size,
    overallMm,
    stringMm,
    dimensions,
    ...(landing === null ? {} : { landing }),
    marginMm,
    probability,
    verdict,
    evidence
  };
}

/** Other programs know measurements by the keys that they send. */
function withKeys(note: Reason | Warning): unknown {
  if ('measurements' in note) return { ...note, measurements: note.measurements.map(keyOf) };
  if (!('measurement' in note)) return note;
  return {
    ...note,
    measurement: keyOf(note.measurement),
    ...('than' in note ? { than: keyOf(note.than) } : {})
  };
}

export function ruleOf({ school, landingLimit }: Pick<SizeRequest, 'school' | 'landingLimit'>): LandingRule {
  if (landingLimit !== undefined) return { school: 'own', limit: landingLimit };
  return { school: school ?? 'palm-centre' };
}

function choiceProblems({
  family,
  landingLimit,
  school,
  sizes,
  instruments,
  dimensions
}: SizeRequest): FieldProblem[] {
  const problems: FieldProblem[] = [];
  const known = sizesOf(family);
  const bad = (path: string, message: string) => problems.push({ path, message });
  if (landingLimit !== undefined && school !== undefined)
    bad('landingLimit', 'can’t be given together with school');
  if (!isShoulderFamily(family))
    for (const [path, value] of Object.entries({ landingLimit, school }))
      if (value !== undefined) bad(path, 'is for violin and viola only');
  sizes?.forEach((size, index) => {
    if (!known.includes(size)) bad(`sizes[${index}]`, `no ${family} comes in this size`);
  });
  instruments?.forEach(({ size }, index) => {
    if (!known.includes(size)) bad(`instruments[${index}].size`, `no ${family} comes in this size`);
    else if (sizes && !sizes.includes(size))
      bad(`instruments[${index}].size`, 'is not among the sizes considered');
    else if (instruments.findIndex((one) => one.size === size) < index)
      bad(`instruments[${index}].size`, 'comes twice');
  });
  for (const size of Object.keys(ownDimensions(dimensions)))
    if (!known.includes(size)) bad(`dimensions["${size}"]`, `no ${family} comes in this size`);
  return problems;
}
