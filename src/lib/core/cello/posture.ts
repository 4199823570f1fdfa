import { FRACTION_OF_HEIGHT as OF_HEIGHT } from '../body';
import {
  CELLO_BOW,
  CELLO_LOWER_CORNER,
  CELLO_PEG,
  COLLAR_MM,
  CONTACT_BELOW_EDGE_MM,
  type NominalInstrument
} from '../instruments';
import type { SeatedBody } from './seated-body';

/** What of a cello matters to how it stands before a player. */
export type Cello = Pick<NominalInstrument, 'bodyMm' | 'ribMm' | 'bowMm' | 'pinMinMm' | 'pinMaxMm'>;

/** How the instrument is placed: what the teacher can change. */
export interface Placement {
  /** Angle of the instrument from the vertical, degrees. */
  readonly angleDeg: number;
  /** Height of the seat, mm. */
  readonly seatMm: number;
  /** How far the instrument is moved up along the breastbone, mm. */
  readonly slideMm: number;
}

/** A place in the side view, mm: x forward of the hips, y up from the floor. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** Where everything comes to lie for one body, one cello and one placement, mm. */
export interface Posture extends Placement {
  /** Where the instrument's back touches the breastbone. */
  readonly contact: Place;
  /** Where the pin leaves the middle of the ribs, and where it meets the floor. */
  readonly pinTop: Place;
  readonly pinTip: Place;
  /** Length of the pin from the ribs, and what is seen of it below the collar. */
  readonly pinMm: number;
  readonly pinSeenMm: number;
  readonly peg: Place;
  readonly corner: Place;
  readonly bowContact: Place;
  readonly ear: Place;
  readonly shoulder: Place;
  /** Height of the inner knee. */
  readonly kneeMm: number;
  /** The lowest peg above the ear canal; negative below it. */
  readonly pegAboveEarMm: number;
  /** The lower corner above the inner knee; negative below it. */
  readonly cornerAboveKneeMm: number;
  /** Right shoulder to where the bow plays. */
  readonly bowDistanceMm: number;
  /** That distance as a share of the arm's reach. */
  readonly armLoad: number;
  /** Share of the bow that can be used at this place, 0 to 1. */
  readonly bowShare: number;
}

/** The shoulder may come forward by this share of the arm. */
const SHOULDER_GIVES = 1.05;
/** Share of the bow from frog to tip that a stroke uses at most. */
const BOW_IN_STROKE = 0.88;

/** Hip to chest, where the instrument's own axes stand: u up the instrument, n out of its front. */
const axes = (angleDeg: number) => {
  const tilt = (angleDeg * Math.PI) / 180;
  return { sin: Math.sin(tilt), cos: Math.cos(tilt) };
};

/** What of a posture says whether it is a good one, mm. */
export interface Stands {
  readonly pinMm: number;
  /** How far forward of the hips the pin's tip stands. */
  readonly tipMm: number;
  readonly pegAboveEarMm: number;
  readonly cornerAboveKneeMm: number;
}

/** Height of the inner knee, mm. */
const innerKnee = (body: SeatedBody): number =>
  body.lowerLegMm + OF_HEIGHT.innerKneeOverLowerLeg * body.heightMm;

/** How a cello stands before a seated player: the little that a search asks for hundreds of times. */
export function standsAt(
  body: SeatedBody,
  cello: Cello,
  angleDeg: number,
  seatMm: number,
  slideMm: number
): Stands {
  const { sin, cos } = axes(angleDeg);
  const touches = cello.bodyMm - CONTACT_BELOW_EDGE_MM;
  const contactY = seatMm + body.breastboneMm + slideMm;
  const pinMm = (contactY - touches * cos + (cello.ribMm / 2) * sin) / cos;
  const up = (along: number, out: number) => contactY + (along - touches) * cos + out * sin;
  return {
    pinMm,
    tipMm: body.chestDepthMm / 2 + (touches + pinMm) * sin + (cello.ribMm / 2) * cos,
    pegAboveEarMm: up(CELLO_PEG.along * cello.bodyMm, CELLO_PEG.out * cello.ribMm) - seatMm - body.earMm,
    cornerAboveKneeMm: up(CELLO_LOWER_CORNER.along * cello.bodyMm, CELLO_LOWER_CORNER.out) - innerKnee(body)
  };
}

/**
 * Places a cello before a seated player, seen from the side: the back touches the breastbone, the pin stands on
 * the floor, everything else follows.
 *
 * Source: plane geometry of the seated cellist; stations are shares of body length of usual instruments.
 */
export function seatedPosture(body: SeatedBody, cello: Cello, placement: Placement): Posture {
  const { angleDeg, seatMm, slideMm } = placement;
  const { sin, cos } = axes(angleDeg);
  const contact = { x: body.chestDepthMm / 2, y: seatMm + body.breastboneMm + slideMm };
  const touches = cello.bodyMm - CONTACT_BELOW_EDGE_MM;
  const point = (along: number, out: number): Place => ({
    x: contact.x - (along - touches) * sin + out * cos,
    y: contact.y + (along - touches) * cos + out * sin
  });
  const stands = standsAt(body, cello, angleDeg, seatMm, slideMm);
  const { pinMm } = stands;
  const peg = point(CELLO_PEG.along * cello.bodyMm, CELLO_PEG.out * cello.ribMm);
  const corner = point(CELLO_LOWER_CORNER.along * cello.bodyMm, CELLO_LOWER_CORNER.out);
  const bowContact = point(CELLO_BOW.along * cello.bodyMm, CELLO_BOW.out * cello.ribMm);
  const ear = { x: 0, y: seatMm + body.earMm };
  const shoulder = { x: 0, y: seatMm + body.shoulderMm };
  const away = Math.hypot(bowContact.x - shoulder.x, bowContact.y - shoulder.y);
  const bowDistanceMm = Math.hypot(away, body.shoulderHalfBreadthMm);
  const across = (SHOULDER_GIVES * body.armReachMm) ** 2 - away ** 2;
  const strokeMm = across < 0 ? 0 : body.shoulderHalfBreadthMm + Math.sqrt(across);
  // Written out: copying the placement in would cost more than all the rest.
  return {
    angleDeg,
    seatMm,
    slideMm,
    contact,
    pinTop: point(0, cello.ribMm / 2),
    pinTip: { x: stands.tipMm, y: 0 },
    pinMm,
    pinSeenMm: pinMm - COLLAR_MM,
    peg,
    corner,
    bowContact,
    ear,
    shoulder,
    kneeMm: innerKnee(body),
    pegAboveEarMm: stands.pegAboveEarMm,
    cornerAboveKneeMm: stands.cornerAboveKneeMm,
    bowDistanceMm,
    armLoad: bowDistanceMm / body.armReachMm,
    bowShare: Math.min(1, strokeMm / (BOW_IN_STROKE * cello.bowMm))
  };
}

/** Where every search and every judgement of a size begins. */
export const startPlacement = (body: SeatedBody): Placement => ({
  angleDeg: START_ANGLE_DEG,
  seatMm: body.lowerLegMm + START_SEAT_OVER_LEG_MM,
  slideMm: 0
});

/** Usual angle of the instrument from the vertical. */
export const START_ANGLE_DEG = 30;
/** Usual height of the seat over the lower leg. */
export const START_SEAT_OVER_LEG_MM = 25;
