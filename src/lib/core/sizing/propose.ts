import { chancesOfSizes } from './chances';
import { evidenceFor } from './evidence';
import { judgeSizes, limited, type Judged, type Judgement } from './judge';
import type { Candidate, Proposal, Verdict } from './proposal';
import { reasonsFor } from './reasons';
import { warningsFor } from './warnings';
import type { SizingQuestion } from './yardstick';
import type { Size } from '../instruments';

/** Below this chance the proposal counts as between two sizes. */
const SURE_FROM = 0.8;

/**
 * Proposes a size: violin and viola by where the scroll lands on the outstretched hand, cello by the seated
 * model, bass by the three height rules.
 *
 * The proposal is the largest size that holds; when not even the smallest does, that one with the verdict
 * `large` and a warning. Chances come from the error of the tape and, for nominal dimensions, of the
 * instrument. Under 0.8 the answer is between sizes and the smaller one is the careful choice.
 *
 * @returns the proposal, or null when too little was read to tell anything
 * @throws RangeError when no size is left to consider or the family has no such size
 */
export function proposeSize(question: SizingQuestion): Proposal | null {
  const judgement = judgeSizes(question);
  if (!judgement) return null;
  const { smallestFirst, chosen, yardstick } = judgement;
  const answer = answerOf(judgement);
  const at = smallestFirst.indexOf(chosen);
  const candidates = smallestFirst.map((judged, index) =>
    candidateOf(question, judgement, judged, answer.chances[index] ?? 0, index - at)
  );
  return {
    proposal: answer.proposal,
    careful: answer.careful,
    betweenSizes: answer.between !== null,
    between: answer.between,
    candidates: candidates.toReversed(),
    estimated: yardstick.estimated,
    reasons: reasonsFor(question, judgement, answer.between, answer.chances[at] ?? 0),
    warnings: warningsFor(question, judgement),
    heightMm: yardstick.body.heightMm,
    arithmetic: yardstick.arithmetic
  };
}

/** A judgement's bare answer, for lists of many players: no evidence, no reasons. */
export interface SizeAnswer {
  readonly proposal: Size;
  /** The proposal, or the smaller one when between sizes. */
  readonly careful: Size;
  /** The two sizes in question, smaller first, when between sizes. */
  readonly between: readonly [Size, Size] | null;
  /** Chance of each size, smallest first. */
  readonly chances: readonly number[];
}

/** The size, the careful choice and the chances, from a judgement. */
export function answerOf({ smallestFirst, chosen }: Judgement): SizeAnswer {
  const chances = chancesOfSizes(smallestFirst.map(({ chance }) => chance));
  const between = betweenWhich(smallestFirst, chances, smallestFirst.indexOf(chosen));
  return { proposal: chosen.size, careful: between?.[0] ?? chosen.size, between, chances };
}

/** The candidate that the rule chose. */
export const chosenOf = ({ candidates, proposal }: Proposal): Candidate | undefined =>
  candidates.find(({ size }) => size === proposal);

function candidateOf(
  question: SizingQuestion,
  judgement: Judgement,
  judged: Judged,
  probability: number,
  stepsAbove: number
): Candidate {
  const { size, instrument, dimensions, marginMm } = judged;
  return {
    size,
    instrument,
    overallMm: instrument.overallMm,
    stringMm: instrument.stringMm,
    dimensions,
    landing: judged.tests.find(({ kind }) => kind === 'landing')?.value ?? null,
    marginMm: limited(marginMm),
    probability,
    verdict: verdictOf(stepsAbove, judgement.chosen.holds, question.pain),
    evidence: evidenceFor(question, judgement, judged)
  };
}

function verdictOf(stepsAboveChosen: number, chosenHolds: boolean, pain = false): Verdict {
  if (stepsAboveChosen === 0) return !chosenHolds ? 'large' : pain ? 'unsaid' : 'fits';
  return stepsAboveChosen > 0 ? 'large' : 'small';
}

function betweenWhich(
  smallestFirst: readonly Judged[],
  chances: readonly number[],
  chosen: number
): readonly [Size, Size] | null {
  const at = smallestFirst[chosen];
  const down = smallestFirst[chosen - 1];
  const up = smallestFirst[chosen + 1];
  if (!at || (chances[chosen] ?? 0) >= SURE_FROM || (!down && !up)) return null;
  const downIsLikelier = (chances[chosen - 1] ?? -1) >= (chances[chosen + 1] ?? -1);
  return down && downIsLikelier ? [down.size, at.size] : [at.size, up?.size ?? at.size];
}
