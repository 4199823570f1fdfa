import type { MeasurementId } from '../body';
import type { Family, NominalInstrument, Size } from '../instruments';
import type { Evidence } from './evidence';
import type { Arithmetic, TestKind } from './yardstick';

/** `unsaid` where it would be `fits` and pain is open: nothing is called fitting then. */
export type Verdict = 'fits' | 'large' | 'small' | 'unsaid';

/** One size held against this body. */
export interface Candidate {
  readonly size: Size;
  /** Its dimensions, measured on a real instrument or nominal. */
  readonly instrument: NominalInstrument;
  readonly overallMm: number;
  readonly stringMm: number;
  readonly dimensions: 'measured' | 'nominal';
  /**
   * Violin and viola: where the scroll ends on the hand, 0 wrist crease, 0.5 palm centre, 1 middle fingertip;
   * null for the others.
   */
  readonly landing: number | null;
  /** Room up to the limit, mm; negative beyond it, null for the smallest that is made, which has none. */
  readonly marginMm: number | null;
  /** Chance, 0 to 1, that this is the right size given the error of tape and instrument. */
  readonly probability: number;
  readonly verdict: Verdict;
  /** What speaks for or against it, heaviest first. */
  readonly evidence: readonly Evidence[];
}

/** Part of a body that moves the answer away from what height alone suggests. */
export type BodyPart = 'arm' | 'trunk' | 'hanging-hand' | 'face';

/** Why the proposal is what it is, as data; the interface and other programs turn it into words. */
export type Reason =
  | { readonly code: 'landing'; readonly size: Size; readonly landing: number; readonly limit: number }
  | {
      readonly code: 'seated';
      readonly size: Size;
      readonly armLoad: number;
      readonly armLoadLimit: number | null;
      readonly pegAboveEarMm: number;
      readonly pegLimitMm: number | null;
    }
  | {
      readonly code: 'standing';
      readonly size: Size;
      readonly bowReachMm: number;
      readonly cheekMm: number;
      readonly eyebrowMm: number;
      readonly liftMm: number;
    }
  | { readonly code: 'margin'; readonly size: Size; readonly marginMm: number | null }
  /** What the next larger size still lacks, one entry for each test it fails. */
  | { readonly code: 'next-up'; readonly size: Size; readonly needsMm: number; readonly test: TestKind }
  /** A real instrument of the next larger size would fit up to this length. */
  | { readonly code: 'shorter-instrument'; readonly size: Size; readonly overallMm: number }
  | { readonly code: 'next-down'; readonly size: Size; readonly spareMm: number | null }
  | { readonly code: 'between-sizes'; readonly sizes: readonly [Size, Size]; readonly probability: number }
  | { readonly code: 'estimated'; readonly measurements: readonly MeasurementId[] }
  | { readonly code: 'measured-instrument'; readonly size: Size; readonly overallMm: number }
  | { readonly code: 'largest-considered'; readonly size: Size }
  /** One part of the body moves the answer by that many sizes from what height alone suggests. */
  | {
      readonly code: 'body-differs';
      readonly heightSize: Size;
      readonly part: BodyPart;
      readonly build: 'short' | 'long';
      readonly steps: number;
    }
  /** The size of this family that is nearest in length to the one that the player comes from. */
  | {
      readonly code: 'changes-over';
      readonly from: { readonly family: Family; readonly size: Size };
      readonly size: Size;
    }
  /** A short adult may still be offered the usual bass, with its pin in. */
  | { readonly code: 'adult-pin-in'; readonly size: Size };

export type Warning =
  | {
      readonly code: 'smallest-too-large';
      readonly family: Family;
      readonly size: Size;
      readonly beyondMm: number;
    }
  /** A length that no body has together with another. */
  | {
      readonly code: 'contradiction';
      readonly measurement: MeasurementId;
      readonly should: 'shorter' | 'longer';
      readonly than: MeasurementId;
    }
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
      /** The easy span against the closed frame, or the widest against the extended one. */
      readonly frame: 'closed' | 'extended';
      readonly shortfallMm: number;
      readonly frameMm: number;
    };

export interface Proposal {
  /** The rule's own answer. */
  readonly proposal: Size;
  /** What the tape alone would hand out: the smaller one when between two sizes. */
  readonly careful: Size;
  readonly betweenSizes: boolean;
  /** The two sizes in question, smaller first, when between sizes. */
  readonly between: readonly [Size, Size] | null;
  /** Every size considered, largest first. */
  readonly candidates: readonly Candidate[];
  readonly estimated: readonly MeasurementId[];
  readonly reasons: readonly Reason[];
  readonly warnings: readonly Warning[];
  /** The height it rests on, read or guessed from other lengths, mm. */
  readonly heightMm: number;
  /** The numbers behind it. */
  readonly arithmetic: Arithmetic;
}
