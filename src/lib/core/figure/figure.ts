import { bodyOf, type Readings } from '../body';
import { startPlacement, type Placement } from '../cello';
import type { Family, NominalInstrument } from '../instruments';
import { heightRules, LEAN_DEG, pinFor } from '../bass';
import { armShapes, type Arm } from './body/arm';
import { handOf, handShapes, type Hand } from './body/hand';
import { headShapes } from './body/head';
import { jewelleryShapes } from './body/jewellery';
import { legOf, legShapes, TOES, stoolShapes, type Leg } from './body/leg';
import { figureBody, HIP_OVER_SEAT, type FigureBody } from './body/lengths';
import { SIDES, signOf, spineOf, type Side, type Spine } from './body/spine';
import { trunkShapes } from './body/trunk';
import { egg, type Shape } from './drawing/shapes';
import { bowOf, bowShapes, type Bow, type BowFrame } from './instrument/bow';
import type { Cushion, RestLift } from './instrument/fitted';
import { bodyHalf, modelOf, type Model } from './instrument/model';
import { instrumentShapes, type Fittings } from './instrument/solids';
import { bowFrameFree, bowFrameOn, bowHandPlan, pluckingPlan } from './pose/bow-hand';
import { alongArm, armFor, carryingPlan, hangingPlan, lapPlan, scrollPlan } from './pose/left-arm';
import { LANDED } from './parts';
import { leftHandPlan, type HandPlan } from './pose/left-hand';
import type { Pose } from './pose/pose';
import { POSES } from './pose/poses';
import { bassFrame, celloFrame, guardedFrame, shoulderFrame } from './pose/stand';
import { jointsOf, limbsOf, spotsOf, type Parts } from './readout';
import { across, cosDeg, cross, place, scale, sinDeg, sub, type Frame, type Vec } from './vector';

/** Who is drawn, with what, and how. */
export interface FigureQuestion {
  readonly readings: Readings;
  readonly family: Family;
  readonly instrument: NominalInstrument;
  readonly pose: Pose;
  /** The pose without faults to which the instrument was set up. */
  readonly base?: Pose;
  readonly setup?: FigureSetup;
}

/** What the teacher has set, as far as it is known. */
export interface FigureSetup {
  /** Cello: seat, angle and slide. */
  readonly seatMm?: number;
  readonly angleDeg?: number;
  readonly slideMm?: number;
  /** Bass. */
  readonly pinMm?: number;
  readonly leanDeg?: number;
  /** Violin and viola: the scroll to the left of straight ahead, and the tilt of the strings, degrees. */
  readonly scrollDeg?: number;
  readonly tiltDeg?: number;
  /** Violin and viola: what is under the back; null for nothing, the usual rest where it is left out. */
  readonly rest?: RestLift | Cushion | null;
  readonly tapes?: readonly number[];
}

/** A player with an instrument in space, mm: x to the player's left, y up from the floor, z forward. */
export interface Figure {
  readonly body: FigureBody;
  readonly model: Model;
  /** The instrument's own axes; null without an instrument. */
  readonly frame: Frame | null;
  readonly shapes: readonly Shape[];
  readonly joints: Readonly<Record<string, Vec>>;
  readonly limbs: Readonly<Record<string, number>>;
  readonly parts: Parts;
  readonly spots: Readonly<Record<string, Vec>>;
}

/** Semitones above the open string, and lifts of a shoulder rest, where nothing else is known. */
const USUAL_TAPES = [2, 4, 5];
const USUAL_CUSHION_MM = 12;
const USUAL_REST = { leftMm: 16, rightMm: 11 };
const BOW_WEIGHT: Readonly<Record<Family, number>> = { violin: 1, viola: 1, cello: 1.15, bass: 1.35 };
/**
 * Puts a player and an instrument together.
 *
 * @throws RangeError when not even the height can be told from the readings
 */
export function figureOf(question: FigureQuestion): Figure {
  const { family, instrument, pose, setup = {} } = question;
  const base = question.base ?? POSES[family].playing ?? pose;
  const known = bodyOf(question.readings);
  if (!known) throw new RangeError('a figure needs a height');
  const seated = family === 'cello';
  const body = figureBody(known, seated);
  const model = modelOf(family, instrument);
  const start = startPlacement(body.seated);
  const placement: Placement = {
    angleDeg: setup.angleDeg ?? start.angleDeg,
    seatMm: setup.seatMm ?? start.seatMm,
    slideMm: setup.slideMm ?? start.slideMm
  };
  const seatMm = placement.seatMm + pose.seatUp;
  const h = body.heightMm;
  const hips: Vec = seated
    ? [pose.hipsLeft, seatMm + HIP_OVER_SEAT * h, pose.hipsForward]
    : [pose.hipsLeft, body.hipMm - 0.001 * h - pose.kneesBend, pose.hipsForward];
  const spine = spineOf(body, { ...pose, hips });
  const rules = {
    gripHangMm: known.length('gripHang').mm,
    cheekMm: known.length('cheek').mm,
    eyebrowMm: known.length('eyebrow').mm
  };
  const leanDeg = setup.leanDeg ?? LEAN_DEG;
  const standing = {
    placement,
    leanDeg,
    pinMm:
      setup.pinMm ?? (family === 'bass' ? pinFor(heightRules(rules, instrument, leanDeg), instrument) : 0)
  };

  let frame: Frame | null = null;
  let pinMm = 0;
  let arm: ReturnType<typeof alongArm> | null = null;
  if (pose.instrument === 'alongArm') {
    arm = alongArm(body, spine, known.length('armToWrist').mm, pose.armDown);
    frame = laidAlong(arm.from, arm.along);
  } else if (pose.instrument === 'guarded') frame = guardedFrame(body, model, pose, spine);
  else if (pose.instrument === 'played')
    if (family === 'cello') ({ frame, pinMm } = celloFrame(body, instrument, pose, standing));
    else if (family === 'bass') ({ frame, pinMm } = bassFrame(body, model, pose, standing));
    else frame = shoulderFrame(body, model, pose, base, spine);
  const legs = legsOf(body, spine, model, pose, frame, seated);
  const bow = bowOf(instrument.bowMm, BOW_WEIGHT[family], pose.bowSlack, pose.bowPressed);
  const lies =
    pose.rightHand !== 'bow'
      ? null
      : pose.bowHeld !== 'string'
        ? bowFrameFree(body, spine, pose.bowHeld, bow)
        : frame && bowFrameOn(model, frame, pose, bow);
  const plans: Record<Side, HandPlan> = {
    left: leftPlan(body, spine, model, pose, frame, lies && { bow, lies }, arm?.plan),
    right: rightPlan(body, spine, model, pose, frame, bow, lies)
  };
  const arms = {} as Record<Side, Arm>;
  const hands = {} as Record<Side, Hand>;
  for (const side of SIDES) {
    arms[side] = armFor(body, spine, side, plans[side]);
    hands[side] = handOf(body.handMm, arms[side].hand, plans[side].targets(arms[side].hand));
  }
  const fittings = {
    tapes: pose.tapesAway ? [] : (setup.tapes ?? USUAL_TAPES).map((at) => at + pose.tapesMoved),
    rest:
      model.chinRestMm > 0 && pose.instrument === 'played'
        ? restOf(pose, setup.rest === undefined ? USUAL_REST : setup.rest)
        : null,
    pinMm,
    pose
  };
  const parts = { body, spine, model, frame, pinMm, arms, hands, legs, bow, lies, pose, plans, fittings };
  let shapes: readonly Shape[] | null = null;
  return {
    body,
    model,
    frame,
    get shapes() {
      return (shapes ??= shapesOf(parts, seated ? seatMm : null));
    },
    joints: jointsOf(parts),
    limbs: limbsOf(parts),
    parts,
    spots: spotsOf(parts)
  };
}

/** All that is drawn, in no order: what hides what is found when it is drawn. */
function shapesOf(
  {
    body,
    spine,
    model,
    frame,
    arms,
    hands,
    legs,
    bow,
    lies,
    pose,
    plans,
    fittings
  }: Parts & { readonly fittings: Fittings },
  seatMm: number | null
): readonly Shape[] {
  return [
    ...trunkShapes(body, spine, pose),
    ...headShapes(body, spine, pose),
    ...jewelleryShapes(body, spine, pose),
    ...(frame ? instrumentShapes(model, frame, fittings) : []),
    ...(seatMm === null ? [] : stoolShapes(body, seatMm, pose.seatBack)),
    ...(lies ? bowShapes(bow, lies, pose) : []),
    ...(frame ? plans.left.touches.map((at, i) => printShape(at, i, frame, body.handMm)) : []),
    ...SIDES.flatMap((side) => [
      ...legShapes(body, side, legs[side]),
      ...armShapes(body, side, arms[side]),
      ...handShapes(body.handMm, side, hands[side], side === 'left' ? pose.nailsLong : 0)
    ])
  ];
}

/** How far a fingertip reaches across and along its string, and over it, in hands. Source: our own drawing. */
const PRINT: Vec = [0.058, 0.044, 0.02];

/** Where a finger lands, as the string sees its tip. */
const printShape = (at: Vec, finger: number, frame: Frame, handMm: number): Shape =>
  egg({ ...frame, at }, [0, 0, PRINT[2] * handMm], scale(PRINT, handMm), {
    part: `${LANDED}${finger + 1}`,
    tone: 'skin'
  });

/** What is under the back as it is fitted; null when it is missing. */
function restOf(
  { restAway, restSwapped, restKind }: Pose,
  rest: RestLift | Cushion | null
): RestLift | Cushion | null {
  if (restAway || rest === null || 'cushion' in rest) return restAway ? null : rest;
  if (restKind !== 'rest') return { cushion: restKind, thickMm: USUAL_CUSHION_MM };
  // The wrong end high: told from the right one also where both are nearly alike.
  return restSwapped ? { leftMm: rest.rightMm - 5, rightMm: rest.leftMm + 16 } : rest;
}

/** An instrument laid along the arm, its strings upwards. */
const laidAlong = (at: Vec, along: Vec): Frame => {
  const out = across([0, 1, 0], along);
  return { at, x: cross(along, out), y: along, z: out };
};

function leftPlan(
  body: FigureBody,
  spine: Spine,
  model: Model,
  pose: Pose,
  frame: Frame | null,
  held: { readonly bow: Bow; readonly lies: BowFrame } | null,
  stretched: HandPlan | undefined
): HandPlan {
  if (stretched && pose.leftHand === 'alongArm') return stretched;
  if (pose.leftHand === 'lap') return lapPlan(body, spine, 'left');
  if (held && pose.leftHand === 'bow') return carryingPlan(body, held.bow, held.lies);
  if (!frame || pose.leftHand === 'hanging') return hangingPlan(body, spine, 'left');
  return pose.leftHand === 'scroll'
    ? scrollPlan(body, model, frame)
    : leftHandPlan(body, model, frame, pose, spine);
}

function rightPlan(
  body: FigureBody,
  spine: Spine,
  model: Model,
  pose: Pose,
  frame: Frame | null,
  bow: Bow,
  lies: BowFrame | null
): HandPlan {
  if (pose.rightHand === 'lap') return lapPlan(body, spine, 'right');
  if (lies) return bowHandPlan(body, model, pose, bow, lies);
  return frame && pose.rightHand === 'pluck'
    ? pluckingPlan(body, model, frame, pose)
    : hangingPlan(body, spine, 'right');
}

function legsOf(
  body: FigureBody,
  spine: Spine,
  model: Model,
  pose: Pose,
  frame: Frame | null,
  seated: boolean
): Record<Side, Leg> {
  const h = body.heightMm;
  const legOn = (side: Side): Leg => {
    const k = signOf(side);
    const out = side === 'left' ? pose.leftFootOut : pose.rightFootOut;
    const forward = side === 'left' ? pose.leftFootForward : pose.rightFootForward;
    const toe: Vec = [k * sinDeg(out), -pose.heelsUp / (TOES * h), cosDeg(out)];
    if (!seated) {
      const ankle: Vec = [k * pose.feetApart * h, body.ankleMm, forward - 0.012 * h];
      const knees = pose.kneesBack > 0 ? -1 : 1;
      return legOf(body, spine, side, ankle, [k * 0.12, 0, knees], toe);
    }
    const kneeY = body.ankleMm + body.shinMm;
    const hip = place(spine.pelvis, [k * body.hipHalfMm, 0, 0]);
    let kneeX = k * (0.075 * h + pose.kneesOut);
    if (frame) {
      const along = (kneeY - frame.at[1] - 0.4 * model.ribMm * frame.z[1]) / frame.y[1];
      const half = Math.max(...[-0.06, 0, 0.06, 0.1].map((by) => bodyHalf(model, along + by * model.bodyMm)));
      kneeX = place(frame, [k * half, along, 0.4 * model.ribMm])[0] + k * (0.039 * h + pose.kneesOut);
    }
    const room = body.thighMm ** 2 - (kneeX - hip[0]) ** 2 - (kneeY - hip[1]) ** 2;
    const knee: Vec = [kneeX, kneeY, Math.sqrt(Math.max(0, room)) + hip[2]];
    const ankle: Vec = [
      kneeX + k * 0.005 * h,
      body.ankleMm + pose.heelsUp,
      knee[2] + 0.01 * h + pose.feetForward + forward
    ];
    const [px, , pz] = sub(knee, hip);
    return legOf(body, spine, side, ankle, [px * 0.7, 900, pz * 0.7], toe);
  };
  return { left: legOn('left'), right: legOn('right') };
}
