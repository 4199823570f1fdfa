import { stationsOf, type NominalInstrument } from '../instruments';
import { clamp } from '../maths';

/** What of a bass matters to how high it stands. */
export type Bass = Pick<NominalInstrument, 'bodyMm' | 'stringMm' | 'pinMinMm' | 'pinMaxMm'>;

/** Standing heights of a player, mm from the floor. */
export interface StandingHeights {
  /** Centre of the closed hand, arm hanging, bow in hand. */
  readonly gripHangMm: number;
  readonly cheekMm: number;
  readonly eyebrowMm: number;
}

/** The pin that each of the three height rules asks for, mm; negative where the bass is too tall for it. */
export interface HeightRules {
  /** The bow meets the string midway between bridge and fingerboard. */
  readonly bowReachMm: number;
  /** The first finger in first position is at cheek height. */
  readonly cheekMm: number;
  /** The nut is at eyebrow height. */
  readonly eyebrowMm: number;
  /** How far the bow's pin, at least none, exceeds the cheek's: how far the left hand is lifted above the cheek. */
  readonly liftMm: number;
}

/** Usual lean of the bass towards the player, degrees. */
export const LEAN_DEG = 12;
/** The left hand may be lifted this far above the cheek, mm. */
export const MOST_LIFT_MM = 108;
/** The bow hand may fall this share of the string below the bow's usual place: not below the bridge. */
export const LOWEST_REACH_SHARE = -0.095;
/** With the bow, the hand is this much higher than it hangs, mm. */
export const BOW_OVER_GRIP_MM = 35;

const cosOf = (leanDeg: number) => Math.cos((leanDeg * Math.PI) / 180);

/**
 * The pin by each of the three rules for standing players. A point s up the instrument is (pin + s) cos(lean)
 * above the floor.
 *
 * @param bowOffsetMm how much higher than usual the own bow hold plays
 * Source: the usual rules of bass teachers; the eyebrow rule fails short players.
 */
export function heightRules(
  player: StandingHeights,
  bass: Bass,
  leanDeg = LEAN_DEG,
  bowOffsetMm = 0
): HeightRules {
  const cos = cosOf(leanDeg);
  const at = stationsOf('bass', bass);
  const bowReachMm = (player.gripHangMm + BOW_OVER_GRIP_MM + bowOffsetMm) / cos - at.bow;
  const cheekMm = player.cheekMm / cos - at.firstFinger;
  return {
    bowReachMm,
    cheekMm,
    eyebrowMm: player.eyebrowMm / cos - at.nut,
    liftMm: Math.max(0, bowReachMm) - cheekMm
  };
}

/** From this difference between bow and cheek on, the pin meets the left hand part of the way, mm. */
const TOLERATED_LIFT_MM = 25;
/** The pin gives this share of what is beyond, and this much at most, mm: the bow still clears the fingerboard. */
const GIVEN_SHARE = 0.75;
const MOST_GIVEN_MM = 60;

/**
 * The pin to begin with, mm: by the bow's reach, less clamp(0.75 (reach - cheek - 25), 0, 60), so that the
 * compromise begins without a jump; within the pin's range.
 */
export function pinFor(rules: HeightRules, bass: Bass): number {
  const over = rules.bowReachMm - rules.cheekMm - TOLERATED_LIFT_MM;
  const given = clamp(GIVEN_SHARE * over, 0, MOST_GIVEN_MM);
  return clamp(rules.bowReachMm - given, bass.pinMinMm ?? 0, bass.pinMaxMm ?? Infinity);
}

/** Where bow, nut and first finger come to stand with a pin, mm above the floor. */
export function standingPlaces(bass: Bass, pinMm: number, leanDeg = LEAN_DEG) {
  const cos = cosOf(leanDeg);
  const { bow, nut, firstFinger, bridge, boardEnd } = stationsOf('bass', bass);
  const height = (station: number) => (pinMm + station) * cos;
  return {
    bowMm: height(bow),
    nutMm: height(nut),
    firstFingerMm: height(firstFinger),
    bridgeMm: height(bridge),
    boardEndMm: height(boardEnd)
  };
}
