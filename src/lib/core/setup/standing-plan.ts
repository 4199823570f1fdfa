import {
  heightRules,
  LEAN_DEG,
  MOST_LIFT_MM,
  pinFor,
  standingPlaces,
  type Bass,
  type HeightRules,
  type StandingHeights
} from '../bass';
import { clamp } from '../maths';
import type { SettingId } from './kinds';

type StandingSetting = SettingId<'standing'>;

/** What pin and lean of a bass are worked out from. */
export interface StandingQuestion {
  readonly heights: StandingHeights;
  readonly bass: Bass;
  /** Where the pin's notches are, mm of pin; without them any length can be set. */
  readonly notchesMm?: readonly number[];
  /** What the teacher has set, mm and degrees: it stays, and the rest follows. */
  readonly own?: Readonly<Partial<Record<StandingSetting, number>>>;
}

export type StandingWarning =
  /** The pin by the rules lies outside what the instrument's pin can do. */
  | { readonly code: 'pin-range'; readonly wantedMm: number; readonly limitMm: number }
  /** The left hand has to go above the eyebrow. */
  | { readonly code: 'hand-high'; readonly byMm: number }
  /** The left hand ends far below the cheek: the back bends. */
  | { readonly code: 'hand-low'; readonly byMm: number }
  /** Bow and left hand ask for pins this far apart: a smaller bass, or a stool with the left foot raised. */
  | { readonly code: 'conflict'; readonly liftMm: number }
  /** Too upright to stay, or too far over. */
  | { readonly code: 'lean'; readonly leanDeg: number };

/** Pin and lean of a bass for one player, and where both hands come to be. */
export interface StandingPlan {
  readonly kind: 'standing';
  readonly rules: HeightRules;
  readonly places: ReturnType<typeof standingPlaces>;
  /** The notch that the pin stands in, counted from 1 with the shortest; null without notches. */
  readonly notch: number | null;
  readonly leftHandAboveCheekMm: number;
  readonly values: Readonly<Record<StandingSetting, number>>;
  readonly warnings: readonly StandingWarning[];
}

/** Leans in which a bass stays without hands, degrees. */
const LEAN_RANGE_DEG = [8, 16] as const;
/** The first finger this far below the cheek bends the back, mm. */
const HAND_TOO_LOW_MM = 120;

/** Works out pin and lean. What the teacher has set stays; without notches the pin is set to the millimetre. */
export function standingPlan({ heights, bass, notchesMm = [], own = {} }: StandingQuestion): StandingPlan {
  const lean = own.lean ?? LEAN_DEG;
  const bowOffset = own.bowOffset ?? 0;
  const rules = heightRules(heights, bass, lean, bowOffset);
  const free = pinFor(rules, bass);
  const notches = [...notchesMm].sort((a, b) => a - b);
  const pin = own.pin ?? nearest(notches, free);
  const places = standingPlaces(bass, pin, lean);
  const notch = notches.indexOf(pin);
  return {
    kind: 'standing',
    rules,
    places,
    notch: notch < 0 ? null : notch + 1,
    leftHandAboveCheekMm: places.firstFingerMm - heights.cheekMm,
    values: { pin, lean, bowOffset, stool: own.stool ?? 0 },
    warnings: warningsOf(heights, bass, rules, places.firstFingerMm, lean)
  };
}

/**
 * The notch that a pin comes to when it is to be moved: the nearest one, but never the one it stands in.
 *
 * @param to where it is to go; taken as it is where there are no notches
 */
export function toNotch(notchesMm: readonly number[], from: number, to: number): number {
  if (to === from) return nearest(notchesMm, to);
  const ahead = notchesMm.filter((one) =>
    to > from ? one > from + SAME_NOTCH_MM : one < from - SAME_NOTCH_MM
  );
  return nearest(ahead.length > 0 ? ahead : notchesMm, to);
}
const SAME_NOTCH_MM = 0.5;

/** The nearest of some values; the value itself where there are none. */
const nearest = (values: readonly number[], to: number): number =>
  values.reduce((best, one) => (Math.abs(one - to) < Math.abs(best - to) ? one : best), values[0] ?? to);

function warningsOf(
  { cheekMm, eyebrowMm }: StandingHeights,
  bass: Bass,
  rules: HeightRules,
  firstFingerMm: number,
  leanDeg: number
): readonly StandingWarning[] {
  const warnings: StandingWarning[] = [];
  const [least, most] = [bass.pinMinMm ?? 0, bass.pinMaxMm ?? Infinity];
  const limitMm = clamp(rules.bowReachMm, least, most);
  // The compromise with the left hand takes 60 mm at most off what the bow asks for.
  if (rules.bowReachMm > most + 60 || rules.bowReachMm < least - 1)
    warnings.push({ code: 'pin-range', wantedMm: rules.bowReachMm, limitMm });
  if (firstFingerMm > eyebrowMm) warnings.push({ code: 'hand-high', byMm: firstFingerMm - eyebrowMm });
  if (firstFingerMm < cheekMm - HAND_TOO_LOW_MM)
    warnings.push({ code: 'hand-low', byMm: cheekMm - firstFingerMm });
  if (rules.liftMm > MOST_LIFT_MM) warnings.push({ code: 'conflict', liftMm: rules.liftMm });
  if (leanDeg < LEAN_RANGE_DEG[0] || leanDeg > LEAN_RANGE_DEG[1]) warnings.push({ code: 'lean', leanDeg });
  return warnings;
}
