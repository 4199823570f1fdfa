import { combineReadings, MEASUREMENT_IDS, plausibility } from '../body';
import {
  dimensionsOf,
  sizesOf,
  usualSizes,
  type DimensionOverrides,
  type MeasuredInstrument,
  type ShoulderFamily,
  type Size
} from '../instruments';
import { normalCdf } from '../maths';
import { solveArm, type Arm, type Readings } from './arm';
import { chancesOfSizes } from './chances';
import { frameFit } from './frame';
import type { Candidate, Proposal, Reason, Verdict, Warning } from './proposal';
import { landingLimit, type LandingRule } from './schools';

/** Standard deviation of real instruments around the nominal overall length, mm. */
export const NOMINAL_SD_MM = 4;
/** Below this chance the proposal counts as between two sizes. */
export const SURE_FROM = 0.8;

export interface SizingQuestion {
  readonly family: ShoulderFamily;
  readonly readings: Readings;
  readonly rule: LandingRule;
  /** Sizes to consider; the usual ones of the family by default. */
  readonly sizes?: readonly Size[];
  /** Real instruments whose measured dimensions replace the nominal ones. */
  readonly instruments?: readonly MeasuredInstrument[];
  /** The teacher's own nominal dimensions. */
  readonly overrides?: DimensionOverrides;
}

/** One size before its chance and verdict are known. */
type Laid = Omit<Candidate, 'probability' | 'verdict'> & { readonly holds: number };

/**
 * Proposes a violin or viola size by where the scroll lands on the outstretched hand.
 *
 * The proposal is the largest size whose landing is not beyond the rule's limit; when even the smallest is,
 * that one with the verdict `large` and a warning. Chances come from the error of the tape and, for nominal
 * dimensions, of the instrument. Under 0.8 the answer is between sizes and the smaller one is advised.
 *
 * @returns the proposal, or null when neither height nor an arm length was read
 * @throws RangeError when no size is left to consider or the family has no such size
 */
export function proposeSize(question: SizingQuestion): Proposal | null {
  const arm = solveArm(question.readings);
  if (!arm) return null;
  const limit = landingLimit(question.rule);
  const reachMm = arm.wristMm + limit * arm.handMm;
  const armVariance = arm.varianceAt(limit);

  const laid = consideredSizes(question)
    .map((size) => lay(question, size, arm, reachMm, armVariance))
    .sort((a, b) => a.overallMm - b.overallMm);
  const smallest = laid[0];
  if (!smallest) throw new RangeError('no size to consider');

  const chosen = laid.findLast(({ marginMm }) => marginMm >= 0) ?? smallest;
  const chances = chancesOfSizes(laid.map(({ holds }) => holds));
  const candidates = laid.map(({ holds, ...size }, index): Candidate => ({
    ...size,
    probability: chances[index] ?? 0,
    verdict: verdictOf(index - laid.indexOf(chosen), chosen.marginMm)
  }));
  const between = betweenWhich(candidates, laid.indexOf(chosen));

  return {
    proposal: chosen.size,
    advised: between?.[0] ?? chosen.size,
    betweenSizes: between !== null,
    between,
    candidates: candidates.toReversed(),
    estimated: arm.estimated,
    reasons: reasonsFor(candidates, laid.indexOf(chosen), limit, between, arm),
    warnings: warningsFor(question, chosen, smallest),
    arithmetic: {
      wristMm: arm.wristMm,
      handMm: arm.handMm,
      reachMm,
      reachSdMm: Math.sqrt(armVariance),
      rule: question.rule,
      limit
    }
  };
}

function consideredSizes({ family, sizes, instruments = [] }: SizingQuestion): readonly Size[] {
  const wanted = new Set(sizes ?? [...usualSizes(family), ...instruments.map(({ size }) => size)]);
  return sizesOf(family).filter((size) => wanted.has(size));
}

function lay(question: SizingQuestion, size: Size, arm: Arm, reachMm: number, armVariance: number): Laid {
  const nominal = dimensionsOf(question.family, size, question.overrides);
  const measured = question.instruments?.find((instrument) => instrument.size === size);
  const overallMm = measured?.overallMm ?? nominal.overallMm;
  const marginMm = reachMm - overallMm;
  const sdMm = Math.sqrt(armVariance + (measured ? 0 : NOMINAL_SD_MM ** 2));
  return {
    size,
    overallMm,
    stringMm: measured?.stringMm ?? nominal.stringMm,
    dimensions: measured ? 'measured' : 'nominal',
    landing: (overallMm - arm.wristMm) / arm.handMm,
    marginMm,
    holds: normalCdf(marginMm / sdMm)
  };
}

function verdictOf(stepsAboveChosen: number, chosenMarginMm: number): Verdict {
  if (stepsAboveChosen === 0) return chosenMarginMm >= 0 ? 'fits' : 'large';
  return stepsAboveChosen > 0 ? 'large' : 'small';
}

function betweenWhich(smallestFirst: readonly Candidate[], chosen: number): readonly [Size, Size] | null {
  const at = smallestFirst[chosen];
  const down = smallestFirst[chosen - 1];
  const up = smallestFirst[chosen + 1];
  if (!at || at.probability >= SURE_FROM || (!down && !up)) return null;
  const downIsLikelier = (down?.probability ?? -1) >= (up?.probability ?? -1);
  return down && downIsLikelier ? [down.size, at.size] : [at.size, up?.size ?? at.size];
}

function reasonsFor(
  smallestFirst: readonly Candidate[],
  index: number,
  limit: number,
  between: readonly [Size, Size] | null,
  arm: Arm
): readonly Reason[] {
  const chosen = smallestFirst[index];
  if (!chosen) return [];
  const { size, landing, marginMm, probability } = chosen;
  const up = smallestFirst[index + 1];
  const down = smallestFirst[index - 1];
  const reasons: Reason[] = [
    { code: 'landing', size, landing, limit },
    { code: 'margin', size, marginMm }
  ];
  if (chosen.dimensions === 'measured')
    reasons.push({ code: 'measured-instrument', size, overallMm: chosen.overallMm });
  if (between) reasons.push({ code: 'between-sizes', sizes: between, probability });
  if (up) reasons.push({ code: 'next-up', size: up.size, needsMm: -up.marginMm });
  else reasons.push({ code: 'largest-considered', size });
  if (down) reasons.push({ code: 'next-down', size: down.size, spareMm: down.marginMm });
  if (arm.estimated.length > 0) reasons.push({ code: 'estimated', measurements: arm.estimated });
  return reasons;
}

function warningsFor({ family, readings }: SizingQuestion, chosen: Laid, smallest: Laid): readonly Warning[] {
  const warnings: Warning[] = [];
  if (smallest.marginMm < 0)
    warnings.push({ code: 'smallest-too-large', size: smallest.size, beyondMm: -smallest.marginMm });

  const heights = readings.height;
  const heightMm = heights && heights.length > 0 ? combineReadings('height', heights).mm : null;
  for (const measurement of MEASUREMENT_IDS) {
    const values = readings[measurement];
    if (!values || values.length === 0) continue;
    const { mm, agrees, spreadMm } = combineReadings(measurement, values);
    if (!agrees) warnings.push({ code: 'readings-disagree', measurement, spreadMm });
    const judged = plausibility(measurement, mm, heightMm);
    if (judged.kind === 'ask' && judged.expectedMm !== null)
      warnings.push({ code: 'implausible', measurement, mm, expectedMm: judged.expectedMm });
  }

  const spans = readings.handSpan;
  if (spans && spans.length > 0) {
    const frame = frameFit(family, chosen.stringMm, combineReadings('handSpan', spans).mm);
    if (frame.verdict === 'too-short')
      warnings.push({
        code: 'frame-short',
        size: chosen.size,
        shortfallMm: frame.shortfallMm,
        frameMm: frame.frameMm
      });
  }
  return warnings;
}
