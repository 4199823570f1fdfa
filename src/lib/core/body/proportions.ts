import { clamp } from '../maths';

/**
 * Body segment lengths as fractions of standing height, used only where a length was not measured.
 *
 * Source: anthropometric segment tables for the general population, with the reaches and hand values that
 * string teachers measure. Single bodies differ from them by the shares in {@link MEASUREMENTS}.
 */
export const FRACTION_OF_HEIGHT = {
  neckToPalm: 0.4,
  neckToWrist: 0.346,
  hand: 0.108,
  easySpan: 0.07,
  widestSpan: 0.085,
  neckGap: 0.045,
  shoulderHalfBreadth: 0.118,
  neckToShoulderPoint: 0.085,
  popliteal: 0.246,
  armReach: 0.386,
  eyebrow: 0.948,
  cheek: 0.9,
  nose: 0.905,
  mouth: 0.88,
  chin: 0.87,
  shoulder: 0.818,
  elbow: 0.63,
  wrist: 0.485,
  grip: 0.42,
  fingertip: 0.377,
  hip: 0.53,
  knee: 0.285,
  hipHalfBreadth: 0.0955,
  upperArm: 0.186,
  forearm: 0.146,
  handWidth: 0.044,
  innerKneeOverLowerLeg: 0.04,
  chestDepth: 0.115
} as const;

/** Sitting height as a fraction of height at given heights; linear between, constant outside. */
const SITTING_SHARE: readonly (readonly [heightMm: number, share: number])[] = [
  [1000, 0.56],
  [1150, 0.55],
  [1300, 0.539],
  [1450, 0.529],
  [1600, 0.522],
  [1750, 0.52]
];

const SEATED_BREASTBONE_SHARE = 0.47;
const SEATED_SHOULDER_SHARE = 0.65;

/** Expected sitting height in mm of a person of that standing height. */
export function sittingHeightMm(heightMm: number): number {
  const first = SITTING_SHARE[0] as readonly [number, number];
  const last = SITTING_SHARE[SITTING_SHARE.length - 1] as readonly [number, number];
  const at = clamp(heightMm, first[0], last[0]);
  const upper = Math.max(
    1,
    SITTING_SHARE.findIndex(([anchor]) => anchor >= at)
  );
  const [lowHeight, lowShare] = SITTING_SHARE[upper - 1] ?? first;
  const [highHeight, highShare] = SITTING_SHARE[upper] ?? last;
  const share = lowShare + ((at - lowHeight) / (highHeight - lowHeight)) * (highShare - lowShare);
  return heightMm * share;
}

/** Expected distance from the seat to the lower third of the breastbone, in mm. */
export const seatedBreastboneMm = (heightMm: number) => SEATED_BREASTBONE_SHARE * sittingHeightMm(heightMm);

/** Height of a head in mm, chin to crown: it grows far less than the rest, from 0.9 at birth to 1 of 230 mm at 1.7 m. */
export const headHeightMm = (heightMm: number) => 230 * (0.9 + (0.1 * heightMm) / 1700);

/** The ear canal lies this share of the head below the crown. */
export const EAR_BELOW_CROWN = 0.57;

/** Expected distance from the seat to the ear canal, in mm: the sitting height less a part of the head. */
export const seatedEarMm = (heightMm: number) =>
  sittingHeightMm(heightMm) - EAR_BELOW_CROWN * headHeightMm(heightMm);

/** Expected distance from the seat to the shoulder point, in mm. */
export const seatedShoulderMm = (heightMm: number) => SEATED_SHOULDER_SHARE * sittingHeightMm(heightMm);
