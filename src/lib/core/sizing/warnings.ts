import { combineReadings, contradictions, MEASUREMENT_IDS, plausibility, readOf } from '../body';
import { CLOSED_FRAME, EXTENDED_FRAME, frameFit } from './frame';
import type { Judgement } from './judge';
import type { Warning } from './proposal';
import type { SizingQuestion } from './yardstick';

/** What the teacher should look at before trusting the answer. */
export function warningsFor(
  question: SizingQuestion,
  { smallestFirst, chosen }: Judgement
): readonly Warning[] {
  const [smallest] = smallestFirst;
  return [
    ...(chosen.holds
      ? []
      : [
          {
            code: 'smallest-too-large',
            family: question.family,
            size: smallest.size,
            beyondMm: -smallest.marginMm
          } as const
        ]),
    ...readingWarnings(question),
    ...frameWarnings(question, chosen)
  ];
}

function readingWarnings({ readings }: SizingQuestion): readonly Warning[] {
  const heightMm = readOf(readings, 'height')?.mm ?? null;
  const warnings: Warning[] = contradictions(readings).map(({ id, should, than }) => ({
    code: 'contradiction',
    measurement: id,
    should,
    than
  }));
  for (const measurement of MEASUREMENT_IDS) {
    const values = readings[measurement];
    if (!values || values.length === 0) continue;
    const { mm, agrees, spreadMm } = combineReadings(measurement, values);
    if (!agrees) warnings.push({ code: 'readings-disagree', measurement, spreadMm });
    const judged = plausibility(measurement, mm, heightMm);
    if (judged.kind === 'ask' && judged.expectedMm !== null)
      warnings.push({ code: 'implausible', measurement, mm, expectedMm: judged.expectedMm });
  }
  return warnings;
}

function frameWarnings(
  { family, readings, pain }: SizingQuestion,
  { size, instrument }: Judgement['chosen']
): readonly Warning[] {
  const frames = [
    ['closed', 'handSpan', CLOSED_FRAME[family]],
    ['extended', 'handSpanWidest', EXTENDED_FRAME[family]]
  ] as const;
  return frames.flatMap(([frame, id, share]) => {
    const span = readOf(readings, id);
    if (!span || share === undefined) return [];
    const { verdict, shortfallMm, frameMm } = frameFit(share, instrument.stringMm, span.mm, pain);
    return verdict === 'too-short' ? [{ code: 'frame-short', size, frame, shortfallMm, frameMm }] : [];
  });
}
