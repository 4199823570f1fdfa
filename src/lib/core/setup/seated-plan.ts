import {
  ANGLE_RANGE_DEG,
  CORNER_RANGE_MM,
  heldPlacement,
  misfit,
  PEG_RANGE_MM,
  SLIDE_RANGE_MM,
  seatedPosture,
  solvePosture,
  type Cello,
  type Posture,
  type SeatedBody
} from '../cello';
import { COLLAR_MM } from '../instruments';
import { beyondRange } from '../maths';
import type { SettingId } from './kinds';

type SeatedSetting = SettingId<'seated'>;

/** What seat, pin and angle of a cello are worked out from. */
export interface SeatedQuestion {
  readonly body: SeatedBody;
  readonly cello: Cello;
  /** What the teacher has set, mm and degrees: it stays, and the rest follows. */
  readonly own?: Readonly<Partial<Record<SeatedSetting, number>>>;
}

export type SeatedWarning =
  /** The pin that is needed lies outside what the instrument's pin can do. */
  | { readonly code: 'pin-range'; readonly pinMm: number; readonly limitMm: number }
  /** The own pin can't be met by what is left free. */
  | { readonly code: 'pin-unreachable'; readonly pinMm: number; readonly neededMm: number }
  /** The tip can't be where it is anchored with what else is set: there it would be instead. */
  | { readonly code: 'anchor-unreachable'; readonly anchorMm: number; readonly neededMm: number }
  /** The lowest peg lies above its place behind the ear (positive), or below it. */
  | { readonly code: 'peg'; readonly byMm: number }
  /** The lower corner lies above its place at the inner knee (positive), or below it. */
  | { readonly code: 'corner'; readonly byMm: number }
  /** The seat lies above (positive) or below what lets the feet stand flat. */
  | { readonly code: 'seat'; readonly byMm: number }
  /** The back touches the breastbone above (positive) or below where it rests well. */
  | { readonly code: 'contact'; readonly byMm: number }
  /** Flatter or more upright than a cello stands. */
  | { readonly code: 'angle'; readonly angleDeg: number }
  /** So much of the bow is out of reach. */
  | { readonly code: 'bow'; readonly bowShare: number };

/** Seat, pin and angle of a cello for one player, and where everything comes to lie. */
export interface SeatedPlan {
  readonly kind: 'seated';
  readonly posture: Posture;
  readonly misfit: number;
  /** The pin that is seen, in this player's hand-widths. */
  readonly handWidths: number;
  /** Every setting as it comes out, own values as they were set. */
  readonly values: Readonly<Record<SeatedSetting, number>>;
  readonly warnings: readonly SeatedWarning[];
}

/** A hand-width, as a share of the height. */
const HAND_WIDTH_OF_HEIGHT = 0.044;

/** What is seen of a pin below the collar, in hand-widths of a player. */
export const handWidthsOf = (pinMm: number, heightMm: number): number =>
  (pinMm - COLLAR_MM) / (HAND_WIDTH_OF_HEIGHT * heightMm);

/** The front legs of the seat stand this far before the hips, as a share of the height: one sits on its front half. */
const FRONT_LEGS_OF_HEIGHT = 0.1;
/** A seat this far above the lower leg still lets the feet stand flat, mm. */
const SEAT_OVER_LEG_AT_MOST_MM = 60;
/** The smallest child of average build on any size reaches about half of its bow; with less the arm is in the way. */
const ENOUGH_BOW = 0.45;
/** Peg and corner this far out of their place are worth a word, mm. */
const PEG_SEEN_MM = 20;
const CORNER_SEEN_MM = 5;
/** So is a contact this far from where it rests well. */
const CONTACT_SEEN_MM = 10;
/** An own pin that is met to this is met, mm. */
const MET_MM = 1;

/**
 * Works out seat, pin, angle and anchor. What the teacher has set stays; the rest has the least misfit.
 *
 * Source: the seated model.
 */
export function seatedPlan({ body, cello, own = {} }: SeatedQuestion): SeatedPlan {
  const chairLegMm = FRONT_LEGS_OF_HEIGHT * body.heightMm;
  const posture = postureOf(body, cello, own, chairLegMm);
  const handWidths = handWidthsOf(posture.pinMm, body.heightMm);
  const anchor = posture.pinTip.x - chairLegMm;
  return {
    kind: 'seated',
    posture,
    misfit: misfit(posture, body, cello),
    handWidths,
    values: {
      seat: posture.seatMm,
      pin: own.pin ?? posture.pinMm,
      angle: posture.angleDeg,
      slide: posture.slideMm,
      anchor: own.anchor ?? anchor
    },
    warnings: warningsOf(posture, body, cello, own, anchor)
  };
}

function postureOf(
  body: SeatedBody,
  cello: Cello,
  { seat, pin, anchor, angle, slide }: NonNullable<SeatedQuestion['own']>,
  chairLegMm: number
): Posture {
  const tipMm = anchor === undefined ? undefined : anchor + chairLegMm;
  if (seat !== undefined && pin !== undefined && tipMm !== undefined)
    return seatedPosture(body, cello, heldPlacement(body, cello, { seatMm: seat, pinMm: pin, tipMm }));
  return solvePosture(body, cello, {
    ...(seat === undefined ? {} : { seatMm: seat }),
    ...(angle === undefined ? {} : { angleDeg: angle }),
    ...(slide === undefined ? {} : { slideMm: slide }),
    ...(pin === undefined ? {} : { pinMm: pin }),
    ...(tipMm === undefined ? {} : { tipMm })
  });
}

/**
 * The pin with which the lowest peg comes lower or higher by a miss that was read: seat and anchor stand, so the angle
 * turns a little too; null where no pin does it.
 *
 * @param byMm how much higher the peg is wanted; negative is lower
 */
export function pinForPeg(question: SeatedQuestion, byMm: number): number | null {
  const { values, posture } = seatedPlan(question);
  const { seat, anchor } = values;
  const wanted = posture.pegAboveEarMm + byMm;
  const missAt = (pin: number) =>
    seatedPlan({ ...question, own: { seat, anchor, pin } }).posture.pegAboveEarMm - wanted;
  if (Math.abs(byMm) < NOTHING_MM) return values.pin;
  let [before, at] = [values.pin, values.pin + byMm];
  let missBefore = missAt(before);
  for (let round = 0; round < MOST_TRIES; round++) {
    const miss = missAt(at);
    if (Math.abs(miss) < NOTHING_MM) return at;
    const slope = (miss - missBefore) / (at - before);
    if (!(slope > 0)) return null;
    [before, missBefore, at] = [at, miss, at - miss / slope];
  }
  return null;
}
const MOST_TRIES = 12;
/** A miss of less is none. */
const NOTHING_MM = 0.5;

function warningsOf(
  posture: Posture,
  body: SeatedBody,
  cello: Cello,
  own: NonNullable<SeatedQuestion['own']>,
  anchorMm: number
): readonly SeatedWarning[] {
  const warnings: SeatedWarning[] = [];
  const { pinMm } = posture;
  const [least, most] = [cello.pinMinMm ?? 0, cello.pinMaxMm ?? Infinity];
  if (own.pin !== undefined && Math.abs(own.pin - pinMm) > MET_MM)
    warnings.push({ code: 'pin-unreachable', pinMm: own.pin, neededMm: pinMm });
  if (own.anchor !== undefined && Math.abs(own.anchor - anchorMm) > MET_MM)
    warnings.push({ code: 'anchor-unreachable', anchorMm: own.anchor, neededMm: anchorMm });
  if (pinMm < least - 1) warnings.push({ code: 'pin-range', pinMm, limitMm: least });
  if (pinMm > most + 1) warnings.push({ code: 'pin-range', pinMm, limitMm: most });
  const contact = beyondRange(posture.slideMm, ...SLIDE_RANGE_MM);
  if (Math.abs(contact) > CONTACT_SEEN_MM) warnings.push({ code: 'contact', byMm: contact });
  if (beyondRange(posture.angleDeg, ...ANGLE_RANGE_DEG) !== 0)
    warnings.push({ code: 'angle', angleDeg: posture.angleDeg });
  const peg = beyondRange(posture.pegAboveEarMm, ...PEG_RANGE_MM);
  if (Math.abs(peg) > PEG_SEEN_MM) warnings.push({ code: 'peg', byMm: peg });
  const corner = beyondRange(posture.cornerAboveKneeMm, ...CORNER_RANGE_MM);
  if (Math.abs(corner) > CORNER_SEEN_MM) warnings.push({ code: 'corner', byMm: corner });
  const seat = beyondRange(posture.seatMm - body.lowerLegMm, -5, SEAT_OVER_LEG_AT_MOST_MM);
  if (seat !== 0) warnings.push({ code: 'seat', byMm: seat });
  if (posture.bowShare < ENOUGH_BOW) warnings.push({ code: 'bow', bowShare: posture.bowShare });
  return warnings;
}
