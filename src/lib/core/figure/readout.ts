import { CELLO_LOWER_CORNER, CELLO_PEG, CONTACT_BELOW_EDGE_MM } from '../instruments';
import type { Arm } from './body/arm';
import { middleOfHand, type Hand } from './body/hand';
import { collarOf } from './body/jewellery';
import type { Leg } from './body/leg';
import { HIP_OVER_SEAT, type FigureBody } from './body/lengths';
import { EAR_AT, onHead, SIDES, signOf, type Side, type Spine } from './body/spine';
import { tipOf, type Bow, type BowFrame } from './instrument/bow';
import { rosinAt } from './instrument/fitted';
import { boardTop, bowStation, noteAt, onString, type Model } from './instrument/model';
import { pegPlace } from './instrument/scroll';
import type { HandPlan } from './pose/left-hand';
import type { Pose } from './pose/pose';
import { add, distance, mix, place, scale, type Frame, type Vec } from './vector';

/** All that a figure is put together from. */
export interface Parts {
  readonly body: FigureBody;
  readonly spine: Spine;
  readonly model: Model;
  readonly frame: Frame | null;
  readonly pinMm: number;
  readonly arms: Readonly<Record<Side, Arm>>;
  readonly hands: Readonly<Record<Side, Hand>>;
  readonly legs: Readonly<Record<Side, Leg>>;
  readonly bow: Bow;
  readonly lies: BowFrame | null;
  readonly pose: Pose;
  readonly plans: Readonly<Record<Side, HandPlan>>;
}

export const FINGER_NAMES = ['First', 'Second', 'Third', 'Fourth'] as const;

/** The joints of the body in space, mm. */
export function jointsOf({ body, spine, arms, hands, legs }: Parts): Record<string, Vec> {
  const at = onHead(spine, body);
  const joints: Record<string, Vec> = {
    hips: spine.pelvis.at,
    waist: spine.waist.at,
    chest: spine.chest.at,
    neck: spine.neck.at,
    head: spine.head.at,
    crown: at(0, 1, 0)
  };
  for (const side of SIDES) {
    const [arm, hand, leg] = [arms[side], hands[side], legs[side]];
    Object.assign(joints, {
      [`${side}Ear`]: at(signOf(side) * 0.33, EAR_AT, 0),
      [`${side}Shoulder`]: arm.shoulder,
      [`${side}Elbow`]: arm.elbow,
      [`${side}Wrist`]: arm.wrist,
      [`${side}Hand`]: middleOfHand(body.handMm, hand.frame),
      [`${side}ThumbTip`]: hand.thumb[3],
      [`${side}Hip`]: leg.hip,
      [`${side}Knee`]: leg.knee,
      [`${side}Ankle`]: leg.ankle
    });
    hand.fingers.forEach((chain, i) => {
      joints[`${side}${FINGER_NAMES[i] ?? ''}Knuckle`] = chain[0];
      joints[`${side}${FINGER_NAMES[i] ?? ''}Tip`] = chain[3];
    });
  }
  return joints;
}

/** Lengths of the limbs as they are drawn, mm. */
export function limbsOf({ arms, legs }: Parts): Record<string, number> {
  return Object.fromEntries(
    SIDES.flatMap((side) => [
      [`${side}UpperArm`, distance(arms[side].shoulder, arms[side].elbow)],
      [`${side}Forearm`, distance(arms[side].elbow, arms[side].wrist)],
      [`${side}Thigh`, distance(legs[side].hip, legs[side].knee)],
      [`${side}Shin`, distance(legs[side].knee, legs[side].ankle)]
    ])
  );
}

/** The places that pictures, rings and numbers refer to. */
export function spotsOf(parts: Parts): Record<string, Vec> {
  const { body, spine, model, frame, pinMm, arms, hands, legs, bow, lies, pose } = parts;
  const at = onHead(spine, body);
  const spots: Record<string, Vec> = {
    head: at(0, 0.5, 0),
    jaw: at(0.2, 0.1, 0.15),
    mouth: at(0, 0.16, 0.36),
    eyebrow: at(0, 0.62, 0.36),
    cheek: at(0.26, 0.32, 0.2),
    neckBack: at(0, 0.05, -0.25),
    chest: place(spine.chest, [0, 0.1 * body.trunkMm, 0.058 * body.heightMm]),
    back: place(spine.chest, [0, 0, -0.06 * body.heightMm]),
    innerKnee: add(legs.left.knee, [-0.035 * body.heightMm, 0, 0]),
    collar: collarOf(body, spine),
    belly: place(spine.waist, [0, -0.05 * body.trunkMm, 0.062 * body.heightMm + pose.bellyOut])
  };
  if (model.family === 'cello')
    Object.assign(spots, {
      seatEdge: place(spine.pelvis, [
        0,
        -HIP_OVER_SEAT * body.heightMm,
        0.035 * body.heightMm + pose.seatBack
      ]),
      seat: place(spine.pelvis, [0, -HIP_OVER_SEAT * body.heightMm, -0.09 * body.heightMm])
    });
  for (const side of SIDES) {
    Object.assign(spots, {
      [`${side}Ear`]: at(signOf(side) * 0.33, EAR_AT, 0),
      [`${side}Lobe`]: at(signOf(side) * 0.36, 0.2, 0),
      [`${side}Shoulder`]: arms[side].shoulder,
      [`${side}Elbow`]: arms[side].elbow,
      [`${side}Wrist`]: arms[side].wrist,
      [`${side}Hand`]: middleOfHand(body.handMm, hands[side].frame),
      [`${side}Thumb`]: hands[side].thumb[3],
      [`${side}FirstFinger`]: hands[side].fingers[0]?.[2] ?? arms[side].wrist,
      [`${side}FourthFinger`]: hands[side].fingers[3]?.[2] ?? arms[side].wrist,
      [`${side}Fingers`]: hands[side].fingers[1]?.[2] ?? arms[side].wrist,
      [`${side}Knee`]: legs[side].knee,
      [`${side}Shin`]: mix(legs[side].knee, legs[side].ankle, 0.5),
      [`${side}Foot`]: add(legs[side].ankle, scale(legs[side].toe, 0.04 * body.heightMm))
    });
  }
  if (frame) {
    const on = (wide: number, along: number, out: number) => place(frame, [wide, along, out]);
    const peg = pegPlace(model, 0);
    const radius = (model.overallMm - model.nut) * 0.155;
    Object.assign(spots, {
      scroll: on(0, model.overallMm - radius, model.boardAtNut - radius * 0.6),
      scrollEnd: on(0, model.overallMm, model.boardAtNut),
      lowestPeg: on(peg.side * 2.5 * model.nutHalf, peg.station, peg.out),
      nut: on(0, model.nut, model.boardAtNut),
      bridge: on(0, model.bridge, model.bridgeTop),
      boardMiddle: on(0, noteAt(model, 4), boardTop(model, noteAt(model, 4))),
      stringMiddle: on(0, (model.nut + model.bridge) / 2, model.bridgeTop),
      bodyMiddle: on(0, model.bodyMm / 2, model.ribMm / 2),
      bowPlace: place(frame, onString(model, pose.bowString, bowStation(model, 0.5))),
      firstFinger: on(0, model.firstFinger, boardTop(model, model.firstFinger)),
      rosin: on(model.spread, rosinAt(model), model.ribMm),
      bottom: on(0, 0, model.ribMm / 2),
      // On the axis of the instrument, where the rules of sizing and set-up have them.
      contact: on(0, model.bodyMm - CONTACT_BELOW_EDGE_MM, 0),
      axisNut: on(0, model.nut, 0),
      axisFirstFinger: on(0, model.firstFinger, 0),
      axisBow: on(0, model.bow, 0),
      axisEnd: on(0, model.overallMm, 0),
      ...(model.family === 'cello'
        ? {
            peg: on(0, CELLO_PEG.along * model.bodyMm, CELLO_PEG.out * model.ribMm),
            lowerCorner: on(0, CELLO_LOWER_CORNER.along * model.bodyMm, CELLO_LOWER_CORNER.out)
          }
        : {}),
      pinTip: on(0, -pinMm, model.ribMm / 2)
    });
    if (lies)
      Object.assign(spots, {
        bow: add(lies.at, scale(lies.along, bow.hairMm * pose.bowAt)),
        bowTip: tipOf(bow, lies),
        bowMiddle: add(lies.at, scale(lies.along, 0.5 * bow.hairMm)),
        frog: lies.at,
        hairAtFrog: add(lies.at, scale(lies.along, bow.frogMm + 0.075 * bow.hairMm))
      });
    else spots.bow = spots.bowPlace ?? spots.head ?? [0, 0, 0];
  }
  return spots;
}
