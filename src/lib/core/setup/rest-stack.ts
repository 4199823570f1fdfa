import { FRACTION_OF_HEIGHT } from '../body';
import { alongEdgeMm, halfWidthMm, type NominalInstrument } from '../instruments';
import { clamp } from '../maths';
import type { OwnRest } from './own-rests';
import { reachOf } from './reach';
import { CHIN_REST_RANGE_MM, SLOPE_DEG, TILT_DEG, type RestSchool, type ShoulderSlope } from './rest-schools';

const EDGE_AND_ARCH_MM = 8;
const NOD_MM = 8;
const NOD_RIB_MM = 30;
/** It is too much only when the body cannot make up for it: soft tissue gives this much. */
const BODY_GIVES_MM = 8;
/** So much too little is seen, mm: the jaw nods no further. */
const NOD_GIVES_MM = 6;
/** Feet stand this share of the lower bout's width off the centre line. */
const FOOT_OFFSET = 0.3;
const CHEST_FALL_MM = 35;
const CHEST_FALL_BOUT_MM = 206;
const LOWEST_CHEST_FOOT_MM = 8;
/** Where along the body, from its bottom, the feet grip the edge: shoulder side lower, chest side higher. */
const SHOULDER_FOOT_STATION = 0.15;
const CHEST_FOOT_STATION = 0.21;
/** Feet that differ by less than this count as even, mm. */
const EVEN_MM = 3;

/** Which end of the rest is high: the pad further from the back. */
export type HighEnd = 'shoulder' | 'chest' | 'even';

/** Compares the two feet of a rest, mm from the back. */
export function highEndOf(shoulderFootMm: number, chestFootMm: number): HighEnd {
  const difference = shoulderFootMm - chestFootMm;
  if (Math.abs(difference) < EVEN_MM) return 'even';
  return difference > 0 ? 'shoulder' : 'chest';
}

export interface RestQuestion {
  readonly instrument: Pick<NominalInstrument, 'bodyMm' | 'ribMm' | 'lowerBoutMm' | 'chinRestMm'>;
  /** Collarbone to the underside of the jaw, mm; null takes it from height and says so. */
  readonly neckGapMm: number | null;
  /** Standing height, mm; needed for an estimate of the gap and to turn a shoulder drop into a slope. */
  readonly heightMm: number | null;
  /** Drop from neck base to shoulder point in mm, or the slope by look. */
  readonly shoulder: { readonly dropMm: number } | { readonly slope: ShoulderSlope };
  readonly school: RestSchool;
  /** Height of the chin rest as fitted, mm; by default the size's nominal one, where it alone carries what fits. */
  readonly chinRestMm?: number;
  /** The lift as the teacher set it, mm; what is left of the gap by default. */
  readonly liftMm?: number;
  /** What the teacher has in the cupboard; without any of a kind, all that is made. */
  readonly rests?: readonly OwnRest[];
  /** Tilt of the string plane, degrees 0..30; 18 by default. */
  readonly tiltDeg?: number;
}

export type RestWarning =
  /** Chin rest and plate fill more than the gap: take a lower chin rest. */
  | { readonly code: 'chin-rest-too-high'; readonly excessMm: number; readonly fittingMm: number }
  /** The rest lifts more than the gap has room for. */
  | { readonly code: 'lift-too-high'; readonly excessMm: number; readonly fittingMm: number }
  /** The rest leaves the jaw without support, and could lift more. */
  | { readonly code: 'lift-too-low'; readonly missingMm: number; readonly fittingMm: number }
  /** A rest, pad or sponge that lifts more than its kind should. */
  | { readonly code: 'lift-beyond'; readonly liftMm: number; readonly limitMm: number }
  /** The rest or pad would have to be taller than it should: take a higher chin rest. */
  | { readonly code: 'chin-rest-too-low'; readonly missingMm: number; readonly fittingMm: number }
  | { readonly code: 'tilt-reduced'; readonly fromDeg: number; readonly toDeg: number }
  | { readonly code: 'estimated'; readonly measurement: 'neckGap'; readonly mm: number };

export interface RestStack {
  /** Gap left for chin rest and lift, mm. */
  readonly fillerMm: number;
  readonly neckGapMm: number;
  readonly thicknessMm: number;
  readonly nodMm: number;
  readonly chinRestMm: number;
  /** How far the shoulder rest or pad holds the back off the collarbone, mm. */
  readonly liftMm: number;
  readonly tiltDeg: number;
  readonly slopeDeg: number;
  /** Pad distance from the back at the shoulder end and at the chest end, mm. */
  readonly shoulderFootMm: number;
  readonly chestFootMm: number;
  readonly highEnd: HighEnd;
  /** Foot to foot across the back, mm. */
  readonly restWidthMm: number;
  /** Place of each foot along the edge, from the end button, mm. */
  readonly shoulderFootAlongMm: number;
  readonly chestFootAlongMm: number;
  readonly warnings: readonly RestWarning[];
}

const rad = (deg: number) => (deg * Math.PI) / 180;
const deg = (angle: number) => (angle * 180) / Math.PI;

/**
 * Shares the gap between collarbone and jaw and places the shoulder rest, for violin and viola.
 *
 *     filler = neckGap - (rib + 8) - 8 rib / 30,  chinRest + lift = filler
 *     shoulderFoot = lift + d (tan slope + tan tilt),  chestFoot = lift + chestFall - d tan tilt
 *
 * with d = 0.30 of the lower bout. Lift stays within the school's range and a chest foot under 8 mm takes
 * less tilt; what had to give is in the warnings. The values are where the adjusting begins, not its end.
 *
 * @throws RangeError when neither gap nor height is known, or a shoulder drop comes without a height
 */
export function restStack(question: RestQuestion): RestStack {
  const { instrument, school } = question;
  const warnings: RestWarning[] = [];
  const neckGapMm = gapOf(question, warnings);
  const thicknessMm = instrument.ribMm + EDGE_AND_ARCH_MM;
  const nodMm = (NOD_MM * instrument.ribMm) / NOD_RIB_MM;
  const fillerMm = neckGapMm - thicknessMm - nodMm;
  const { chinRests, mostLiftMm: most } = atHand(question);
  const fittingMm = clamp(fillerMm, ...chinRests);
  const first = school === 'collarbone-first' || school === 'none';
  const nominalMm = first ? fittingMm : (instrument.chinRestMm ?? chinRests[0]);
  const chinRestMm = question.chinRestMm ?? nominalMm;

  const wantedLiftMm = fillerMm - (first ? fittingMm : chinRestMm);
  const liftMm = question.liftMm ?? clamp(wantedLiftMm, 0, most);
  warnings.push(...fillWarnings({ chinRestMm, liftMm, fillerMm, most, first, chinRests }));

  return {
    fillerMm,
    neckGapMm,
    thicknessMm,
    nodMm,
    chinRestMm,
    liftMm,
    ...feet(question, liftMm, warnings),
    warnings
  };
}

/** What chin rests and lifts there are to fill it with, mm. */
function atHand({ school, rests = [] }: RestQuestion) {
  const question = { kind: 'rest', school, rests } as const;
  const { low, high } = reachOf('chinRest', question);
  const [lowest, highest] = CHIN_REST_RANGE_MM;
  const chinRests = [clamp(low, lowest, highest), clamp(high, lowest, highest)] as const;
  return { chinRests, mostLiftMm: reachOf('lift', question).high };
}

/** How chin rest and lift as they are set fill the gap. */
function fillWarnings({
  chinRestMm,
  liftMm,
  fillerMm,
  most,
  first,
  chinRests
}: {
  readonly chinRestMm: number;
  readonly liftMm: number;
  readonly fillerMm: number;
  readonly most: number;
  /** By the collarbone first, or with nothing under the back: the chin rest fills it. */
  readonly first: boolean;
  readonly chinRests: readonly [number, number];
}): readonly RestWarning[] {
  const excessMm = chinRestMm + liftMm - fillerMm;
  const fits = (mm: number) => clamp(mm, ...chinRests);
  const beyond: RestWarning[] = liftMm > most ? [{ code: 'lift-beyond', liftMm, limitMm: most }] : [];
  if (excessMm > BODY_GIVES_MM) {
    const fittingLift = Math.max(0, liftMm - excessMm);
    return liftMm > 0 && chinRestMm + fittingLift - fillerMm <= BODY_GIVES_MM
      ? [...beyond, { code: 'lift-too-high', excessMm, fittingMm: fittingLift }]
      : [...beyond, { code: 'chin-rest-too-high', excessMm, fittingMm: fits(fillerMm) }];
  }
  const missingMm = -excessMm;
  const liftable = !first && liftMm + missingMm <= most;
  if (missingMm <= (first || liftable ? NOD_GIVES_MM : 0)) return beyond;
  return liftable
    ? [...beyond, { code: 'lift-too-low', missingMm, fittingMm: liftMm + missingMm }]
    : [
        ...beyond,
        { code: 'chin-rest-too-low', missingMm, fittingMm: fits(fillerMm - (first ? liftMm : most)) }
      ];
}

function gapOf({ neckGapMm, heightMm }: RestQuestion, warnings: RestWarning[]): number {
  if (neckGapMm !== null) return neckGapMm;
  if (heightMm === null) throw new RangeError('neither neck gap nor height is known');
  const mm = FRACTION_OF_HEIGHT.neckGap * heightMm;
  warnings.push({ code: 'estimated', measurement: 'neckGap', mm });
  return mm;
}

function slopeOf({ shoulder, heightMm }: RestQuestion): number {
  if ('slope' in shoulder) return SLOPE_DEG[shoulder.slope];
  if (heightMm === null) throw new RangeError('a shoulder drop needs the height');
  return deg(Math.atan(shoulder.dropMm / (FRACTION_OF_HEIGHT.neckToShoulderPoint * heightMm)));
}

function feet(question: RestQuestion, liftMm: number, warnings: RestWarning[]) {
  const { bodyMm, lowerBoutMm } = question.instrument;
  const offsetMm = FOOT_OFFSET * lowerBoutMm;
  const chestFallMm = (CHEST_FALL_MM * lowerBoutMm) / CHEST_FALL_BOUT_MM;
  const slopeDeg = slopeOf(question);

  const wantedDeg = question.tiltDeg ?? TILT_DEG['high-over-shoulder'];
  const mostDeg = deg(Math.atan(Math.max(0, liftMm + chestFallMm - LOWEST_CHEST_FOOT_MM) / offsetMm));
  const tiltDeg = Math.min(wantedDeg, mostDeg);
  if (tiltDeg < wantedDeg) warnings.push({ code: 'tilt-reduced', fromDeg: wantedDeg, toDeg: tiltDeg });

  const tiltRiseMm = offsetMm * Math.tan(rad(tiltDeg));
  const shoulderFootMm = liftMm + offsetMm * Math.tan(rad(slopeDeg)) + tiltRiseMm;
  const chestFootMm = liftMm + chestFallMm - tiltRiseMm;
  const outline = { bodyMm, lowerBoutMm };
  return {
    tiltDeg,
    slopeDeg,
    shoulderFootMm,
    chestFootMm,
    highEnd: highEndOf(shoulderFootMm, chestFootMm),
    restWidthMm: halfWidthMm(outline, SHOULDER_FOOT_STATION) + halfWidthMm(outline, CHEST_FOOT_STATION),
    shoulderFootAlongMm: alongEdgeMm(outline, SHOULDER_FOOT_STATION),
    chestFootAlongMm: alongEdgeMm(outline, CHEST_FOOT_STATION)
  };
}
