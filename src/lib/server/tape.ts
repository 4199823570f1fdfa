import type { InferType } from 'yup';
import { fittingTape } from '$lib/core/fitting-tape';
import { isShoulderFamily, SHOULDER_FAMILIES, sizesOf } from '$lib/core/instruments';
import { landingLimit, LANDING_SCHOOLS, OWN_LIMIT_RANGE } from '$lib/core/sizing';
import type { ListBounds } from './bounds';
import { choiceOf, exactly, lengthWithin, listOf, numberWithin, textLike } from './fields';
import { InputProblem } from './problem';
import { INSTRUMENT_LENGTH_MM, OWN_DIMENSIONS, ownDimensions, ruleOf, sizeName } from './size';

const MOST_INSTRUMENTS = 64;
const MOST_SIZES = 16;
const LONGEST_NAME = 80;
export const TAPE_BOUNDS: ListBounds = { instruments: MOST_INSTRUMENTS, sizes: MOST_SIZES };

/** What a question for a fitting tape must look like. */
export const tapeRequest = exactly({
  family: choiceOf(SHOULDER_FAMILIES).required(),
  landingLimit: numberWithin(
    ...OWN_LIMIT_RANGE,
    'Where the tape is read: 0 wrist crease, 0.5 palm centre; not together with school'
  ),
  school: choiceOf(LANDING_SCHOOLS, 'palm-centre when neither is given'),
  sizes: listOf(sizeName().required(), MOST_SIZES, 'The usual ones when not given'),
  instruments: listOf(
    exactly({
      id: textLike((text) => text.length > 0 && text.length <= LONGEST_NAME, 'is no name').required(),
      size: sizeName().required(),
      overallMm: lengthWithin(...INSTRUMENT_LENGTH_MM, 'As long as its size when not given')
    }).required(),
    MOST_INSTRUMENTS,
    'Own instruments, each at its length',
    0
  ),
  dimensions: OWN_DIMENSIONS.default(undefined).optional()
});

/**
 * Answers where the lines of a fitting tape lie, mm from its beginning at the base of the neck.
 *
 * @throws InputProblem for sizes that the family does not come in, and for instruments of one name
 */
export function answerTape(request: InferType<typeof tapeRequest>): unknown {
  const { family, sizes, instruments, dimensions } = request;
  if (!isShoulderFamily(family)) throw new RangeError('no tape of this family');
  const known = sizesOf(family);
  const own = instruments ?? [];
  const foreign = { message: `no ${family} comes in this size` };
  const problems = [
    ...(request.landingLimit !== undefined && request.school !== undefined
      ? [{ path: 'landingLimit', message: 'can’t be given together with school' }]
      : []),
    ...(sizes ?? []).flatMap((size, at) =>
      known.includes(size) ? [] : [{ path: `sizes[${at}]`, ...foreign }]
    ),
    ...own.flatMap(({ id, size }, at) => [
      ...(known.includes(size) ? [] : [{ path: `instruments[${at}].size`, ...foreign }]),
      ...(own.findIndex((one) => one.id === id) < at
        ? [{ path: `instruments[${at}].id`, message: 'comes twice' }]
        : [])
    ]),
    ...Object.keys(ownDimensions(dimensions)).flatMap((size) =>
      known.includes(size) ? [] : [{ path: `dimensions["${size}"]`, ...foreign }]
    )
  ];
  if (problems.length > 0) throw new InputProblem(problems);
  const marks = fittingTape({
    family,
    ...(sizes ? { sizes } : {}),
    own: own.map(({ id, size, overallMm }) => ({ name: id, size, overallMm: overallMm ?? null })),
    overrides: { [family]: ownDimensions(dimensions) }
  });
  return {
    landingLimit: landingLimit(ruleOf(request)),
    marks: marks.map(({ size, overallMm, dimensions: by, names, doubtMm: [fromMm, toMm] }) => ({
      size,
      mm: overallMm,
      dimensions: by,
      instruments: names,
      doubt: { fromMm, toMm }
    }))
  };
}
