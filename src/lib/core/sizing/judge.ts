import {
  asMeasured,
  dimensionTable,
  usualSizes,
  type Family,
  type NominalInstrument,
  type Size
} from '../instruments';
import { normalCdf } from '../maths';
import { landingYardstick } from './landing';
import { seatedYardstick } from './seated';
import { standingYardstick } from './standing';
import type { SizeTest, SizingQuestion, Yardstick } from './yardstick';

/** Standard deviation of real instruments around the nominal overall length, mm. */
export const NOMINAL_SD_MM = 4;

/** One size held against one body. */
export interface Judged {
  readonly size: Size;
  readonly instrument: NominalInstrument;
  readonly dimensions: 'measured' | 'nominal';
  readonly tests: readonly SizeTest[];
  /** The least room that any test leaves, mm. */
  readonly marginMm: number;
  readonly holds: boolean;
  /** Chance that it holds, taken alone. */
  readonly chance: number;
}

/** Every size considered against one body, smallest first, and the one that the rule chooses. */
export interface Judgement {
  readonly yardstick: Yardstick;
  readonly smallestFirst: readonly [Judged, ...Judged[]];
  /** The largest that holds; the smallest when none does. */
  readonly chosen: Judged;
}

const YARDSTICKS: Readonly<Record<Family, (question: SizingQuestion) => Yardstick | null>> = {
  violin: landingYardstick,
  viola: landingYardstick,
  cello: seatedYardstick,
  bass: standingYardstick
};

/**
 * Holds every size considered against a body and takes the largest that holds.
 *
 * @returns null when too little was measured to tell anything
 * @throws RangeError when no size is left to consider or the family has no such size
 */
export function judgeSizes(question: SizingQuestion): Judgement | null {
  const yardstick = yardstickOf(question);
  if (!yardstick) return null;
  const [smallest, ...larger] = consideredInstruments(question).map((one) => judge(yardstick, one));
  if (!smallest) throw new RangeError('no size to consider');
  const chosen = larger.findLast(({ holds }) => holds) ?? smallest;
  return { yardstick, smallestFirst: [smallest, ...larger], chosen };
}

/** How a family is measured against the body of a question; null when too little was measured. */
export const yardstickOf = (question: SizingQuestion): Yardstick | null =>
  YARDSTICKS[question.family](question);

/** An instrument to be considered, as the table has it or as it was measured. */
export interface Considered {
  readonly instrument: NominalInstrument;
  readonly dimensions: 'measured' | 'nominal';
}

/** Every instrument that a question considers, shortest first. */
export function consideredInstruments({
  family,
  sizes,
  instruments = [],
  overrides
}: SizingQuestion): readonly Considered[] {
  const wanted = new Set([...(sizes ?? usualSizes(family)), ...instruments.map(({ size }) => size)]);
  return dimensionTable(family, overrides)
    .filter(({ size }) => wanted.has(size))
    .map((nominal): Considered => ({
      instrument: asMeasured(nominal, instruments),
      dimensions: instruments.some(({ size }) => size === nominal.size) ? 'measured' : 'nominal'
    }))
    .sort((a, b) => a.instrument.overallMm - b.instrument.overallMm);
}

function judge(yardstick: Yardstick, { instrument, dimensions }: Considered): Judged {
  const tests = yardstick.tests(instrument);
  const instrumentVariance = dimensions === 'measured' ? 0 : NOMINAL_SD_MM ** 2;
  const marginMm = Math.min(...tests.map((test) => test.marginMm));
  return {
    size: instrument.size,
    instrument,
    dimensions,
    tests,
    marginMm,
    holds: marginMm >= 0,
    chance: Math.min(
      ...tests.map((test) => normalCdf(test.marginMm / Math.sqrt(test.sdMm ** 2 + instrumentVariance)))
    )
  };
}

/** A margin or limit as plain data: null where the smallest that is made has none. */
export const limited = (value: number): number | null => (Number.isFinite(value) ? value : null);

/** The rule's own answer alone: the largest size that holds, else the smallest. */
export const fittingSize = (question: SizingQuestion): Size | null =>
  judgeSizes(question)?.chosen.size ?? null;
