import { heightRules, pinFor, standingPlaces } from '../bass';
import { readOf, FRACTION_OF_HEIGHT as OF_HEIGHT, type Readings } from '../body';
import { CORNER_RANGE_MM, solvePosture, type Posture } from '../cello';
import type { NominalInstrument } from '../instruments';
import { CLOSED_FRAME, EXTENDED_FRAME, frameFit } from './frame';
import { limited, type Judged, type Judgement } from './judge';
import type { SizingQuestion, TestKind } from './yardstick';

export type EvidenceKind =
  | TestKind
  | 'frame-closed'
  | 'frame-extended'
  | 'bow-share'
  | 'corner-knee'
  | 'pin'
  | 'first-finger'
  | 'standing-look'
  | 'height-band';

/** What one piece of evidence would choose if it were alone. */
export type Side = 'smaller' | 'this' | 'larger';

/** How much a piece of evidence counts: the rule itself, beside it, or only a first guess. */
export const EVIDENCE_WEIGHTS = ['decides', 'supports', 'hint'] as const;
export type EvidenceWeight = (typeof EVIDENCE_WEIGHTS)[number];

/** One thing that speaks for or against a size, heaviest first in every list. */
export interface Evidence {
  readonly kind: EvidenceKind;
  /** A share of the hand, of the arm's reach or of the bow; else mm. */
  readonly value: number;
  /** What the value is held against; null where there is none. */
  readonly limit: number | null;
  readonly speaksFor: Side;
  readonly weight: EvidenceWeight;
}

/** With less than this share of the bow in reach, a cello is too large for the arm. */
const LEAST_BOW_SHARE = 0.5;

/** Everything that speaks for or against one size of a judgement. */
export function evidenceFor(
  question: SizingQuestion,
  judgement: Judgement,
  judged: Judged
): readonly Evidence[] {
  const { smallestFirst } = judgement;
  const nextUp = smallestFirst[smallestFirst.indexOf(judged) + 1];
  return [
    ...judged.tests.map((test, index) => decision(test, nextUp?.tests[index])),
    ...frames(question, judged.instrument),
    ...placement(judgement, judged.instrument),
    ...heightBand(question.readings, judged.instrument)
  ];
}

function decision(test: Judged['tests'][number], nextUp: Judged['tests'][number] | undefined): Evidence {
  const largerHolds = nextUp !== undefined && nextUp.marginMm >= 0;
  return {
    kind: test.kind,
    value: test.value,
    limit: limited(test.limit),
    speaksFor: test.marginMm < 0 ? 'smaller' : largerHolds ? 'larger' : 'this',
    weight: 'decides'
  };
}

function frames(
  { family, readings, pain }: SizingQuestion,
  { stringMm }: NominalInstrument
): readonly Evidence[] {
  const extended = EXTENDED_FRAME[family];
  const pairs = [
    { kind: 'frame-closed', id: 'handSpan', share: CLOSED_FRAME[family] },
    ...(extended === undefined
      ? []
      : [{ kind: 'frame-extended', id: 'handSpanWidest', share: extended } as const])
  ] as const;
  return pairs.flatMap(({ kind, id, share }) => {
    const span = readOf(readings, id);
    if (!span) return [];
    const { frameMm, spanMm, verdict } = frameFit(share, stringMm, span.mm, pain);
    const speaksFor = verdict === 'too-short' ? 'smaller' : 'this';
    return [{ kind, value: spanMm, limit: frameMm, speaksFor, weight: 'supports' }];
  });
}

function placement({ yardstick }: Judgement, instrument: NominalInstrument): readonly Evidence[] {
  const { arithmetic, body } = yardstick;
  switch (arithmetic.kind) {
    case 'landing':
      return [];
    case 'seated':
      return seatedEvidence(solvePosture(arithmetic.body, instrument), instrument, body.heightMm);
    case 'standing': {
      const pinMm = pinFor(heightRules(arithmetic.heights, instrument), instrument);
      const { firstFingerMm } = standingPlaces(instrument, pinMm);
      const { eyebrowMm } = arithmetic.heights;
      const over = firstFingerMm > eyebrowMm;
      return [
        {
          kind: 'first-finger',
          value: firstFingerMm,
          limit: eyebrowMm,
          speaksFor: over ? 'smaller' : 'this',
          weight: 'supports'
        },
        pinEvidence(pinMm, instrument)
      ];
    }
  }
}

function seatedEvidence(posture: Posture, cello: NominalInstrument, heightMm: number): readonly Evidence[] {
  const [low, high] = CORNER_RANGE_MM;
  const corner = posture.cornerAboveKneeMm;
  const scrollMm = posture.pinSeenMm + cello.overallMm;
  const eyebrowMm = OF_HEIGHT.eyebrow * heightMm;
  const mouthMm = OF_HEIGHT.mouth * heightMm;
  return [
    {
      kind: 'bow-share',
      value: posture.bowShare,
      limit: LEAST_BOW_SHARE,
      speaksFor: posture.bowShare < LEAST_BOW_SHARE ? 'smaller' : 'this',
      weight: 'supports'
    },
    {
      kind: 'corner-knee',
      value: corner,
      limit: corner < 0 ? low : high,
      speaksFor: corner < low ? 'smaller' : corner > high ? 'larger' : 'this',
      weight: 'supports'
    },
    pinEvidence(posture.pinMm, cello),
    {
      kind: 'standing-look',
      value: scrollMm,
      limit: scrollMm < mouthMm ? mouthMm : eyebrowMm,
      speaksFor: scrollMm >= eyebrowMm ? 'smaller' : scrollMm < mouthMm ? 'larger' : 'this',
      weight: 'hint'
    }
  ];
}

function pinEvidence(pinMm: number, { pinMinMm, pinMaxMm }: NominalInstrument): Evidence {
  const tooShort = pinMinMm !== null && pinMm < pinMinMm;
  const tooLong = pinMaxMm !== null && pinMm > pinMaxMm;
  return {
    kind: 'pin',
    value: pinMm,
    limit: tooShort ? pinMinMm : pinMaxMm,
    speaksFor: tooShort ? 'smaller' : tooLong ? 'larger' : 'this',
    weight: 'supports'
  };
}

function heightBand(
  readings: Readings,
  { heightFromMm, heightToMm }: NominalInstrument
): readonly Evidence[] {
  const height = readOf(readings, 'height');
  if (!height) return [];
  const under = heightFromMm !== null && height.mm < heightFromMm;
  const over = heightToMm !== null && height.mm > heightToMm;
  return [
    {
      kind: 'height-band',
      value: height.mm,
      limit: under ? heightFromMm : (heightToMm ?? heightFromMm),
      speaksFor: under ? 'smaller' : over ? 'larger' : 'this',
      weight: 'hint'
    }
  ];
}
