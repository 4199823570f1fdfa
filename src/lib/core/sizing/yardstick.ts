import type { Body, MeasurementId, Readings } from '../body';
import type { StandingHeights } from '../bass';
import type { SeatedBody } from '../cello';
import type { DimensionOverrides, Family, MeasuredInstrument, NominalInstrument, Size } from '../instruments';
import type { LandingRule } from './schools';

/** A question for the size that fits a player. */
export interface SizingQuestion {
  readonly family: Family;
  readonly readings: Readings;
  /** How far the scroll may come along the hand; violin and viola only, the palm centre by default. */
  readonly rule?: LandingRule;
  /** Sizes to consider; the usual ones of the family by default. Those of real instruments join them. */
  readonly sizes?: readonly Size[];
  /** Real instruments whose measured dimensions replace the nominal ones. */
  readonly instruments?: readonly MeasuredInstrument[];
  /** The teacher's own nominal dimensions. */
  readonly overrides?: DimensionOverrides;
  /** Pain is open: no size is called fitting, and a hand that falls short of the frame gets no allowance. */
  readonly pain?: boolean;
  /** The size on another family that the player comes from. */
  readonly from?: { readonly family: Family; readonly size: Size };
  /** The player has stopped growing. */
  readonly grown?: boolean;
}

/** What a test measures, and what a player would need more of to pass it. */
export type TestKind = 'landing' | 'arm-load' | 'peg-above-ear' | 'cheek-lift' | 'bow-reach';

/** One thing that decides whether a size holds. */
export interface SizeTest {
  readonly kind: TestKind;
  readonly value: number;
  /** The most that is accepted, for the bow's reach the least; infinite where the size has no limit. */
  readonly limit: number;
  /** Room to the limit, mm; negative beyond it. */
  readonly marginMm: number;
  /** Error of that room, without the instrument's, mm. */
  readonly sdMm: number;
}

/** The numbers behind an answer, by the way in which the family is sized. Plain data, to be stored and sent. */
export type Arithmetic =
  | {
      readonly kind: 'landing';
      readonly wristMm: number;
      readonly handMm: number;
      /** The point on the arm up to which the scroll may come, mm from the base of the neck. */
      readonly reachMm: number;
      readonly reachSdMm: number;
      readonly rule: LandingRule;
      readonly limit: number;
    }
  | { readonly kind: 'seated'; readonly body: SeatedBody }
  | { readonly kind: 'standing'; readonly heights: StandingHeights };

/** How one family is measured against a body. */
export interface Yardstick {
  readonly body: Body;
  readonly arithmetic: Arithmetic;
  /** What was not measured and stands in by estimate. */
  readonly estimated: readonly MeasurementId[];
  /** The tests of one size; it holds when none has a negative margin. */
  readonly tests: (instrument: NominalInstrument) => readonly SizeTest[];
}
