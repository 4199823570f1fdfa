import { EAR_BELOW_CROWN, FRACTION_OF_HEIGHT as OF_HEIGHT, headHeightMm, type Body } from '../../body';
import { seatedBody, type SeatedBody } from '../../cello';

/** The lengths from which a player is drawn, mm: measured where they were, by proportion else. */
export interface FigureBody {
  readonly heightMm: number;
  readonly headMm: number;
  /** Hip joints above the floor, standing. */
  readonly hipMm: number;
  /** Hip joints to the height of the shoulder points. */
  readonly trunkMm: number;
  readonly neckMm: number;
  readonly shoulderHalfMm: number;
  readonly hipHalfMm: number;
  readonly chestDepthMm: number;
  readonly upperArmMm: number;
  readonly forearmMm: number;
  readonly handMm: number;
  readonly thighMm: number;
  readonly shinMm: number;
  readonly ankleMm: number;
  readonly footMm: number;
  readonly gripHangMm: number;
  readonly seated: SeatedBody;
}

/** Hip joints over what one sits on, as a share of height. */
export const HIP_OVER_SEAT = 0.045;
/** The drawn shoulder joint lies this share of height inside the shoulder point. */
const JOINT_INSIDE = 0.012;
const HIP_HALF = 0.05;
const ANKLE = 0.04;
const FOOT = 0.152;
/** The shoulder stands this share of height below the chin at least. */
const LEAST_NECK = 0.034;

/** How much longer or shorter than expected the arms were measured. */
function armShare(body: Body): number {
  for (const [id, share] of [
    ['armReach', OF_HEIGHT.armReach],
    ['armToWrist', OF_HEIGHT.neckToWrist],
    ['armToPalm', OF_HEIGHT.neckToPalm]
  ] as const) {
    const length = body.length(id);
    if (length.measured) return length.mm / (share * body.heightMm);
  }
  return 1;
}

/**
 * The lengths of a drawn player.
 *
 * @param seated whether the trunk is that of the seated lengths, which a seated instrument rests on
 */
export function figureBody(body: Body, seated: boolean): FigureBody {
  const h = body.heightMm;
  const head = headHeightMm(h);
  const sitting = seatedBody(body);
  const chin = h - head;
  const shoulder = Math.min(OF_HEIGHT.shoulder * h, chin - LEAST_NECK * h);
  const sittingMm = sitting.earMm + EAR_BELOW_CROWN * head;
  const hip = h - sittingMm + HIP_OVER_SEAT * h;
  const arm = armShare(body);
  const seatedChin = sitting.earMm - (1 - EAR_BELOW_CROWN) * head;
  const seatedShoulder = Math.min(sitting.shoulderMm, seatedChin - LEAST_NECK * h);
  const trunk = seated ? seatedShoulder - HIP_OVER_SEAT * h : shoulder - hip;
  // The knee joint lies where the rules have the inner knee.
  const shin = sitting.lowerLegMm + (OF_HEIGHT.innerKneeOverLowerLeg - ANKLE) * h;
  return {
    heightMm: h,
    headMm: head,
    hipMm: hip,
    trunkMm: trunk,
    neckMm: (seated ? seatedChin - seatedShoulder : chin - shoulder) + 0.22 * head,
    shoulderHalfMm: (OF_HEIGHT.shoulderHalfBreadth - JOINT_INSIDE) * h,
    hipHalfMm: HIP_HALF * h,
    chestDepthMm: sitting.chestDepthMm,
    upperArmMm: arm * OF_HEIGHT.upperArm * h,
    forearmMm: arm * OF_HEIGHT.forearm * h,
    handMm: body.length('handLength').mm,
    thighMm: Math.max(0.2 * h, hip - ANKLE * h - shin + 0.0005 * h),
    shinMm: shin,
    ankleMm: ANKLE * h,
    footMm: FOOT * h,
    gripHangMm: body.length('gripHang').mm,
    seated: sitting
  };
}
