import type { Placement } from '../../cello';
import { seatedPosture } from '../../cello';
import type { NominalInstrument } from '../../instruments';
import type { FigureBody } from '../body/lengths';
import { SKULL } from '../body/head';
import { pointOf } from '../drawing/meshes';
import { CHEST_AT, headFrame, spineOf, type Spine } from '../body/spine';
import { chinRestTop } from '../instrument/solids';
import type { Model } from '../instrument/model';
import {
  across,
  add,
  cosDeg,
  cross,
  place,
  scale,
  sinDeg,
  sub,
  sum,
  turn,
  unit,
  within,
  type Frame,
  type Vec
} from '../vector';
import type { Pose } from './pose';

/** What set-up says about how an instrument stands. */
export interface Standing {
  /** Cello: as solved, or as the teacher has it. */
  readonly placement: Placement;
  /** Bass: the pin, mm, and its lean, degrees. */
  readonly pinMm: number;
  readonly leanDeg: number;
}

/** Frame of an instrument: x to the highest string, y up the instrument, z out of its front. */
const frameOf = (at: Vec, up: Vec, out: Vec): Frame => ({ at, x: cross(up, out), y: up, z: out });

/** The chin rest comes to the jaw by this much at most, mm. */
const MOST_TO_JAW_MM = 25;

const onShoulder = (body: FigureBody, pose: Pose, spine: Spine): Frame => {
  const { chest } = spine;
  const h = body.heightMm;
  const at = place(chest, [
    0.012 * h + pose.outOnShoulder,
    (1 - CHEST_AT) * body.trunkMm - 0.004 * h - pose.lowOnChest,
    0.04 * h + 0.35 * pose.lowOnChest
  ]);
  const level = turn(chest.z, chest.y, pose.scrollLeft);
  const up = turn(level, unit(cross(chest.y, level)), -pose.scrollUp);
  const out = turn(across(chest.y, up), up, pose.stringTilt);
  return frameOf(at, up, out);
};

/** How far the chin rest would stand in the jaw, mm along the instrument's front; negative clear of it. */
function intoJaw(body: FigureBody, spine: Spine, model: Model, frame: Frame): number {
  const [wide, along, top] = chinRestTop(model);
  let most = -40;
  const head = headFrame(spine, body);
  for (let i = 0; 3 * i < SKULL.points.length; i++) {
    const [x, y, z] = within(frame, pointOf(SKULL.points, i, head));
    const off = Math.hypot((x - wide) / (0.1 * model.bodyMm), (y - along) / (0.075 * model.bodyMm));
    if (off < 1) most = Math.max(most, top - z);
  }
  return most;
}

/**
 * A violin or viola on the collarbone: the chin rest comes to the jaw of the pose without faults, so that a fault
 * moves the player and not the meeting of both.
 */
export function shoulderFrame(body: FigureBody, model: Model, pose: Pose, base: Pose, spine: Spine): Frame {
  const hips = spine.pelvis.at;
  const baseSpine = spineOf(body, { ...base, hips });
  const baseFrame = onShoulder(body, base, baseSpine);
  const into = intoJaw(body, baseSpine, model, baseFrame);
  const move = Math.max(-MOST_TO_JAW_MM, Math.min(MOST_TO_JAW_MM, into - 1));
  const frame = onShoulder(body, pose, spine);
  return { ...frame, at: sub(frame.at, scale(frame.z, move)) };
}

/** Guarded under the right arm, the scroll forward, the strings to the outside. */
export function guardedFrame(body: FigureBody, model: Model, pose: Pose, spine: Spine): Frame {
  const { chest } = spine;
  const h = body.heightMm;
  const forward = unit(add(scale(chest.z, 1), scale(chest.y, -0.18)));
  const up = turn(turn(forward, chest.x, pose.guardDrop), chest.y, -pose.guardOut);
  const out = across(sub(scale(chest.x, -1), scale(chest.y, 0.15)), up);
  const at = place(chest, [-0.1 * h, -0.05 * body.trunkMm, -0.28 * model.bodyMm]);
  return frameOf(at, up, out);
}

/** A cello as the seated posture says, turned a little about its place at the breastbone. */
export function celloFrame(
  body: FigureBody,
  dimensions: NominalInstrument,
  pose: Pose,
  { placement }: Standing
): { readonly frame: Frame; readonly pinMm: number } {
  const posture = seatedPosture(body.seated, dimensions, {
    ...placement,
    angleDeg: placement.angleDeg + pose.angleMore
  });
  const { contact, pinTop, pinMm, angleDeg } = posture;
  const up0: Vec = [0, cosDeg(angleDeg), -sinDeg(angleDeg)];
  const out0: Vec = [0, sinDeg(angleDeg), cosDeg(angleDeg)];
  const up = turn(up0, out0, -pose.neckLeft);
  const out = turn(out0, up, -pose.turned);
  const toBottom = Math.hypot(contact.x - pinTop.x, contact.y - pinTop.y);
  const middle: Vec = [0.048 * body.heightMm, contact.y, contact.x + pose.awayFromBody];
  const back = Math.sqrt(Math.max(0, toBottom ** 2 - (dimensions.ribMm / 2) ** 2));
  const at = sub(middle, scale(up, back));
  // A pin of another length than the posture's lifts or lowers the instrument about its tip.
  return { frame: frameOf(add(at, scale(up, pose.pinMore)), up, out), pinMm: pinMm + pose.pinMore };
}

/** A bass that leans towards the player from where its pin stands. */
export function bassFrame(
  body: FigureBody,
  model: Model,
  pose: Pose,
  { pinMm, leanDeg }: Standing
): { readonly frame: Frame; readonly pinMm: number } {
  const h = body.heightMm;
  const towards: Vec = unit([-0.2, 0, -1]);
  const along = (lean: number): Vec => add([0, cosDeg(lean), 0], scale(towards, sinDeg(lean)));
  const pin = Math.max(0, pinMm + pose.pinMore);
  const usual = along(leanDeg);
  const nut: Vec = [0.14 * h, usual[1] * (pinMm + model.nut), 0.06 * h + pose.awayFromBody];
  const foot = sub(nut, scale(usual, pinMm + model.nut));
  const up = along(leanDeg + pose.leanMore);
  const out = turn(across([0, 0, 1], up), up, -pose.turned);
  const at = sum([foot[0], 0, foot[2]], scale(up, pin));
  return { frame: frameOf(at, up, out), pinMm: pin };
}
