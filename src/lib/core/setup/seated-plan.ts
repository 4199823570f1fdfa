import {
  CORNER_RANGE_MM,
  misfit,
  PEG_RANGE_MM,
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
  /** The lowest peg lies above its place behind the ear (positive), or below it. */
  | { readonly code: 'peg'; readonly byMm: number }
  /** The lower corner lies above its place at the inner knee (positive), or below it. */
  | { readonly code: 'corner'; readonly byMm: number }
  /** More pin than children usually need: trust the look. */
  | { readonly code: 'pin-hands'; readonly handWidths: number }
  /** The seat lies above (positive) or below what lets the feet stand flat. */
  | { readonly code: 'seat'; readonly byMm: number }
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

/** Teachers rarely give a child more pin than this. */
const MOST_HAND_WIDTHS = 3;
/** The front legs of the seat stand this far before the hips, as a share of the height: one sits on its front half. */
const FRONT_LEGS_OF_HEIGHT = 0.1;
/** A seat this far above the lower leg still lets the feet stand flat, mm. */
const SEAT_OVER_LEG_AT_MOST_MM = 60;
/** With less of the bow within reach a teacher would see it. */
const ENOUGH_BOW = 0.7;
/** Peg and corner this far out of their place are worth a word, mm. */
const PEG_SEEN_MM = 20;
const CORNER_SEEN_MM = 5;
/** An own pin that is met to this is met, mm. */
const MET_MM = 2;

/**
 * Works out seat, pin, angle and anchor. What the teacher has set stays; the rest has the least misfit.
 *
 * Source: the seated model; two hand-widths are the usual look of a child's pin.
 */
export function seatedPlan({ body, cello, own = {} }: SeatedQuestion): SeatedPlan {
  const posture = solvePosture(body, cello, {
    ...(own.seat === undefined ? {} : { seatMm: own.seat }),
    ...(own.angle === undefined ? {} : { angleDeg: own.angle }),
    ...(own.slide === undefined ? {} : { slideMm: own.slide }),
    ...(own.pin === undefined ? {} : { pinMm: own.pin })
  });
  const handWidths = handWidthsOf(posture.pinMm, body.heightMm);
  const anchor = posture.pinTip.x - FRONT_LEGS_OF_HEIGHT * body.heightMm;
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
    warnings: warningsOf(posture, body, cello, own, handWidths)
  };
}

function warningsOf(
  posture: Posture,
  body: SeatedBody,
  cello: Cello,
  own: NonNullable<SeatedQuestion['own']>,
  handWidths: number
): readonly SeatedWarning[] {
  const warnings: SeatedWarning[] = [];
  const { pinMm } = posture;
  const [least, most] = [cello.pinMinMm ?? 0, cello.pinMaxMm ?? Infinity];
  if (own.pin !== undefined && Math.abs(own.pin - pinMm) > MET_MM)
    warnings.push({ code: 'pin-unreachable', pinMm: own.pin, neededMm: pinMm });
  if (pinMm < least - 1) warnings.push({ code: 'pin-range', pinMm, limitMm: least });
  if (pinMm > most + 1) warnings.push({ code: 'pin-range', pinMm, limitMm: most });
  const peg = beyondRange(posture.pegAboveEarMm, ...PEG_RANGE_MM);
  if (Math.abs(peg) > PEG_SEEN_MM) warnings.push({ code: 'peg', byMm: peg });
  const corner = beyondRange(posture.cornerAboveKneeMm, ...CORNER_RANGE_MM);
  if (Math.abs(corner) > CORNER_SEEN_MM) warnings.push({ code: 'corner', byMm: corner });
  const seat = beyondRange(posture.seatMm - body.lowerLegMm, -5, SEAT_OVER_LEG_AT_MOST_MM);
  if (seat !== 0) warnings.push({ code: 'seat', byMm: seat });
  if (handWidths > MOST_HAND_WIDTHS) warnings.push({ code: 'pin-hands', handWidths });
  if (posture.bowShare < ENOUGH_BOW) warnings.push({ code: 'bow', bowShare: posture.bowShare });
  return warnings;
}
