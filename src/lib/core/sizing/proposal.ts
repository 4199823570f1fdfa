import type { MeasurementId } from '../body';
import type { Size } from '../instruments';
import type { LandingRule } from './schools';

export type Verdict = 'fits' | 'large' | 'small';

/** One size laid along this arm. */
export interface Candidate {
  readonly size: Size;
  /** Overall length in mm, measured on a real instrument or nominal. */
  readonly overallMm: number;
  readonly stringMm: number;
  readonly dimensions: 'measured' | 'nominal';
  /** Where the scroll ends on the hand: 0 wrist crease, 0.5 palm centre, 1 middle fingertip. */
  readonly landing: number;
  /** Arm beyond the scroll up to the limit, mm; negative when the scroll is beyond it. */
  readonly marginMm: number;
  /** Chance, 0 to 1, that this is the right size given the error of tape and instrument. */
  readonly probability: number;
  readonly verdict: Verdict;
}

/** Why the proposal is what it is, as data; the interface and other programs turn it into words. */
export type Reason =
  | { readonly code: 'landing'; readonly size: Size; readonly landing: number; readonly limit: number }
  | { readonly code: 'margin'; readonly size: Size; readonly marginMm: number }
  | { readonly code: 'next-up'; readonly size: Size; readonly needsMm: number }
  | { readonly code: 'next-down'; readonly size: Size; readonly spareMm: number }
  | { readonly code: 'between-sizes'; readonly sizes: readonly [Size, Size]; readonly probability: number }
  | { readonly code: 'estimated'; readonly measurements: readonly MeasurementId[] }
  | { readonly code: 'measured-instrument'; readonly size: Size; readonly overallMm: number }
  | { readonly code: 'largest-considered'; readonly size: Size };

export type Warning =
  | { readonly code: 'smallest-too-large'; readonly size: Size; readonly beyondMm: number }
  | { readonly code: 'readings-disagree'; readonly measurement: MeasurementId; readonly spreadMm: number }
  | {
      readonly code: 'implausible';
      readonly measurement: MeasurementId;
      readonly mm: number;
      readonly expectedMm: number;
    }
  | {
      readonly code: 'frame-short';
      readonly size: Size;
      readonly shortfallMm: number;
      readonly frameMm: number;
    };

export interface Proposal {
  /** The rule's own answer. */
  readonly proposal: Size;
  /** What to hand out: the smaller one when between two sizes. */
  readonly advised: Size;
  readonly betweenSizes: boolean;
  /** The two sizes in question, smaller first, when between sizes. */
  readonly between: readonly [Size, Size] | null;
  /** Every size considered, largest first. */
  readonly candidates: readonly Candidate[];
  readonly estimated: readonly MeasurementId[];
  readonly reasons: readonly Reason[];
  readonly warnings: readonly Warning[];
  /** The arithmetic behind it. */
  readonly arithmetic: {
    readonly wristMm: number;
    readonly handMm: number;
    /** The point on the arm up to which the scroll may come, mm from the base of the neck. */
    readonly reachMm: number;
    readonly reachSdMm: number;
    readonly rule: LandingRule;
    readonly limit: number;
  };
}
