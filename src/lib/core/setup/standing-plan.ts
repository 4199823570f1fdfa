import {
  BOW_OVER_GRIP_MM,
  heightRules,
  LEAN_DEG,
  MOST_LIFT_MM,
  pinFor,
  standingPlaces,
  type Bass,
  type HeightRules,
  type StandingHeights
} from '../bass';
import { FRACTION_OF_HEIGHT } from '../body';
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
  /** The pin as it is set lies outside what the instrument's pin can do. */
  | { readonly code: 'pin-range'; readonly wantedMm: number; readonly limitMm: number }
  /** The pin as it is set stands between two notches. */
  | { readonly code: 'between-notches'; readonly pinMm: number; readonly nearestMm: number }
  /** The bass stands higher than bow and left hand want (positive), or lower; with where it puts both. */
  | {
      readonly code: 'stands-off';
      readonly byMm: number;
      /** The bow's place above the bow hand. */
      readonly bowMm: number;
      /** The first finger above the cheek. */
      readonly handMm: number;
    }
  /** The left hand has to go above the eyebrow. */
  | { readonly code: 'hand-high'; readonly byMm: number; readonly stoolMm?: number }
  /** The left hand ends far below the cheek: the back bends. */
  | { readonly code: 'hand-low'; readonly byMm: number }
  /** Bow and left hand ask for pins this far apart: a smaller bass, or a stool with the left foot raised. */
  | { readonly code: 'conflict'; readonly liftMm: number; readonly stoolMm?: number }
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

/** Stools that there are for bass players, mm. */
const STOOLS_MM = [550, 600, 650, 700, 750, 800] as const;

/**
 * Works out pin and lean, and which stool would help where one would. What the teacher has set stays; without notches
 * the pin is set to the millimetre.
 */
export function standingPlan(question: StandingQuestion): StandingPlan {
  const plan = planAsSet(question);
  if (plan.values.stool > 0) return plan;
  // Whoever sits keeps no pin that was set for standing.
  const { pin: _stood, ...own } = question.own ?? {};
  const helps = (code: StandingWarning['code']) =>
    STOOLS_MM.find((stool) =>
      planAsSet({ ...question, own: { ...own, stool } }).warnings.every((warning) => warning.code !== code)
    );
  const warnings = plan.warnings.map((warning) => {
    if (warning.code !== 'conflict' && warning.code !== 'hand-high') return warning;
    const stoolMm = helps(warning.code);
    return stoolMm === undefined ? warning : { ...warning, stoolMm };
  });
  return { ...plan, warnings };
}

function planAsSet({ heights: standing, bass, notchesMm = [], own = {} }: StandingQuestion): StandingPlan {
  const lean = own.lean ?? LEAN_DEG;
  const bowOffset = own.bowOffset ?? 0;
  const stool = own.stool ?? 0;
  const heights = stool > 0 ? onStool(standing, stool) : standing;
  const rules = heightRules(heights, bass, lean, bowOffset);
  const free = pinFor(rules, bass);
  const wanted = pinFor(rules, { ...bass, pinMinMm: -Infinity, pinMaxMm: Infinity });
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
    values: { pin, lean, bowOffset, stool },
    warnings: warningsOf({ heights, bass, rules, places, notches, wanted, pin, lean, bowOffset })
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

/** Where one sits on a high stool, as a share of the standing height: the height of the hips. */
const HIPS_OF_HEIGHT = 0.48;

/** The heights of a player who sits on a stool: higher by what it is above the hips, or lower. */
function onStool({ gripHangMm, cheekMm, eyebrowMm }: StandingHeights, stoolMm: number): StandingHeights {
  const by = stoolMm - (HIPS_OF_HEIGHT * eyebrowMm) / FRACTION_OF_HEIGHT.eyebrow;
  return { gripHangMm: gripHangMm + by, cheekMm: cheekMm + by, eyebrowMm: eyebrowMm + by };
}

/** A pin that is off by this much is felt by bow or hand, mm. */
const FELT_MM = 25;

function warningsOf({
  heights: { gripHangMm, cheekMm, eyebrowMm },
  bass,
  rules,
  places,
  notches,
  wanted,
  pin,
  lean,
  bowOffset
}: {
  readonly heights: StandingHeights;
  readonly bass: Bass;
  readonly rules: HeightRules;
  readonly places: ReturnType<typeof standingPlaces>;
  readonly notches: readonly number[];
  /** The pin by the rules, whatever this one can do. */
  readonly wanted: number;
  readonly pin: number;
  readonly lean: number;
  readonly bowOffset: number;
}): readonly StandingWarning[] {
  const warnings: StandingWarning[] = [];
  const [least, most] = [bass.pinMinMm ?? 0, bass.pinMaxMm ?? Infinity];
  const { firstFingerMm } = places;
  if (pin > most + 1 || pin < least - 1)
    warnings.push({ code: 'pin-range', wantedMm: pin, limitMm: clamp(pin, least, most) });
  const near = nearest(notches, pin);
  if (Math.abs(near - pin) > SAME_NOTCH_MM)
    warnings.push({ code: 'between-notches', pinMm: pin, nearestMm: near });
  const off = pin - wanted;
  if (Math.abs(off) > Math.max(FELT_MM, largestGap(notches) / 2))
    warnings.push({
      code: 'stands-off',
      byMm: off,
      bowMm: places.bowMm - gripHangMm - BOW_OVER_GRIP_MM - bowOffset,
      handMm: firstFingerMm - cheekMm
    });
  if (firstFingerMm > eyebrowMm) warnings.push({ code: 'hand-high', byMm: firstFingerMm - eyebrowMm });
  if (firstFingerMm < cheekMm - HAND_TOO_LOW_MM)
    warnings.push({ code: 'hand-low', byMm: cheekMm - firstFingerMm });
  if (rules.liftMm > MOST_LIFT_MM) warnings.push({ code: 'conflict', liftMm: rules.liftMm });
  if (lean < LEAN_RANGE_DEG[0] || lean > LEAN_RANGE_DEG[1]) warnings.push({ code: 'lean', leanDeg: lean });
  return warnings;
}

const largestGap = (notches: readonly number[]): number =>
  notches.reduce((most, one, i) => Math.max(most, one - (notches[i - 1] ?? one)), 0);
