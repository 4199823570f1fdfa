import type { MeasurementId, Plausibility } from '$lib/core/body';
import { formatLength, type LengthProblem, type LengthUnit } from '$lib/core/length';
import { MEASUREMENT_WORDS } from './measurements';

/** Why a typed length was not understood, with what would be. */
export function lengthProblemSentence(problem: LengthProblem, unit: LengthUnit): string {
  const example = unit === 'cm' ? '48.5, 485 mm or 1 m 24' : '19 1/8 or 4\'7"';
  switch (problem) {
    case 'empty':
      return 'Nothing typed yet.';
    case 'not-positive':
      return 'A length is more than zero.';
    case 'zero-denominator':
      return 'That fraction divides by zero.';
    case 'not-a-length':
      return `Not read as a length. Type for example ${example}.`;
  }
}

/** That all lengths can be typed into one field, as they are called out. */
export const rowSentence = (unit: LengthUnit): string =>
  `All can be typed in a row, a dash for what is left out: ${unit === 'cm' ? '124 49.5 – 13.2' : '48 3/4 19 1/2 – 5 1/4'}.`;

/** What to ask before an unlikely value is taken, or why it can't be. */
export function plausibilitySentence(
  id: MeasurementId,
  mm: number,
  judged: Exclude<Plausibility, { kind: 'fine' }>,
  unit: LengthUnit
): string {
  const { name } = MEASUREMENT_WORDS[id];
  if (judged.kind === 'impossible')
    return `${formatLength(mm, unit)} can't be right: ${name.toLowerCase()} lies between ${formatLength(judged.lowMm, unit)} and ${formatLength(judged.highMm, unit)}.`;
  const expected =
    judged.expectedMm === null ? '' : ` The height suggests about ${formatLength(judged.expectedMm, unit)}.`;
  const question = {
    'other-unit': 'Centimetres or inches?',
    'other-landmark': 'Palm or wrist?',
    'birth-month': 'Centimetres or inches? Is the birth month right?',
    unknown: 'Is that so?'
  }[judged.likely];
  return `${question} ${formatLength(mm, unit)} is unusual.${expected}`;
}
