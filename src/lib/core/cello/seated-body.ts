import { expectedLength, FRACTION_OF_HEIGHT as OF_HEIGHT, type Body } from '../body';

/** The lengths of a seated player that matter at the cello, mm. */
export interface SeatedBody {
  readonly heightMm: number;
  readonly lowerLegMm: number;
  /** Seat to the lower third of the breastbone. */
  readonly breastboneMm: number;
  /** Seat to the ear canal. */
  readonly earMm: number;
  /** Seat to the point of the shoulder. */
  readonly shoulderMm: number;
  /** Shoulder point to the centre of the closed hand. */
  readonly armReachMm: number;
  readonly chestDepthMm: number;
  readonly shoulderHalfBreadthMm: number;
}

/** A player as seated, from what was measured and, for the rest, proportion. */
export const seatedBody = (body: Body): SeatedBody => ({
  heightMm: body.heightMm,
  chestDepthMm: OF_HEIGHT.chestDepth * body.heightMm,
  shoulderHalfBreadthMm: OF_HEIGHT.shoulderHalfBreadth * body.heightMm,
  lowerLegMm: body.length('lowerLeg').mm,
  breastboneMm: body.length('seatedBreastbone').mm,
  earMm: body.length('seatedEar').mm,
  shoulderMm: body.length('seatedShoulder').mm,
  armReachMm: body.length('armReach').mm
});

/** The average player of that height as seated. */
export const averageSeatedBody = (heightMm: number): SeatedBody => ({
  heightMm,
  chestDepthMm: OF_HEIGHT.chestDepth * heightMm,
  shoulderHalfBreadthMm: OF_HEIGHT.shoulderHalfBreadth * heightMm,
  lowerLegMm: expectedLength('lowerLeg', heightMm).mm,
  breastboneMm: expectedLength('seatedBreastbone', heightMm).mm,
  earMm: expectedLength('seatedEar', heightMm).mm,
  shoulderMm: expectedLength('seatedShoulder', heightMm).mm,
  armReachMm: expectedLength('armReach', heightMm).mm
});
