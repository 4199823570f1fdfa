import { EAR_BELOW_CROWN } from '../../body';
import { bent, moved, place, scale, type Frame, UPRIGHT, type Vec } from '../vector';
import type { FigureBody } from './lengths';

export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** 1 on the player's left, -1 on the right. */
export const signOf = (side: Side): 1 | -1 => (side === 'left' ? 1 : -1);

/** How trunk, neck, head and shoulders are held: degrees, and mm for the shoulders. */
export interface TrunkPose {
  /** Hip joints' middle, mm. */
  readonly hips: Vec;
  readonly pelvisYaw: number;
  readonly pelvisPitch: number;
  readonly pelvisRoll: number;
  readonly spineYaw: number;
  readonly spinePitch: number;
  readonly spineRoll: number;
  readonly neckPitch: number;
  readonly neckRoll: number;
  readonly headYaw: number;
  readonly headPitch: number;
  readonly headRoll: number;
  readonly leftShoulderUp: number;
  readonly rightShoulderUp: number;
  readonly leftShoulderForward: number;
  readonly rightShoulderForward: number;
  /** The belly pushed out, mm. */
  readonly bellyOut: number;
}

export interface Spine {
  readonly pelvis: Frame;
  readonly waist: Frame;
  readonly chest: Frame;
  readonly neck: Frame;
  /** Its origin lies 0.22 of a head above the chin, where the neck meets it. */
  readonly head: Frame;
  readonly shoulders: Readonly<Record<Side, Vec>>;
}

/** Where waist and chest bend, in trunks above the hips. */
export const WAIST_AT = 0.25;
export const CHEST_AT = 0.6;
/** A neck leans forward by itself, degrees. */
const NECK_LEAN = 8;
/** A shoulder that rises comes nearer to the neck by this share. */
const RISING_IN = 0.15;

export function spineOf(body: FigureBody, pose: TrunkPose): Spine {
  const { trunkMm: T, heightMm: h } = body;
  const half = { yaw: pose.spineYaw / 2, pitch: pose.spinePitch / 2, roll: pose.spineRoll / 2 };
  const pelvis = bent(moved(UPRIGHT, pose.hips), {
    yaw: pose.pelvisYaw,
    pitch: pose.pelvisPitch,
    roll: pose.pelvisRoll
  });
  const waist = bent(moved(pelvis, place(pelvis, [0, WAIST_AT * T, 0])), half);
  const chest = bent(moved(waist, place(waist, [0, (CHEST_AT - WAIST_AT) * T, 0])), half);
  const top = (1 - CHEST_AT) * T;
  const neck = bent(moved(chest, place(chest, [0, top, -0.012 * h])), {
    pitch: NECK_LEAN + pose.neckPitch,
    roll: pose.neckRoll
  });
  const head = bent(moved(neck, place(neck, [0, body.neckMm, 0.012 * h])), {
    yaw: pose.headYaw,
    pitch: pose.headPitch - NECK_LEAN - pose.neckPitch,
    roll: pose.headRoll
  });
  const shoulder = (side: Side, up: number, forward: number) =>
    place(chest, [
      signOf(side) * (body.shoulderHalfMm - Math.abs(up) * RISING_IN),
      top - 0.034 * h + up,
      -0.006 * h + forward
    ]);
  return {
    pelvis,
    waist,
    chest,
    neck,
    head,
    shoulders: {
      left: shoulder('left', pose.leftShoulderUp, pose.leftShoulderForward),
      right: shoulder('right', pose.rightShoulderUp, pose.rightShoulderForward)
    }
  };
}

/** The head's own coordinates, all in heads: x to the player's left, y above the chin, z forward of the ears. */
export const headFrame = ({ head }: Spine, { headMm }: FigureBody): Frame => ({
  at: place(head, [0, -0.22 * headMm, -0.03 * headMm]),
  x: scale(head.x, headMm),
  y: scale(head.y, headMm),
  z: scale(head.z, headMm)
});

/** A point of the head, all in heads. */
export const onHead = (spine: Spine, body: FigureBody) => {
  const frame = headFrame(spine, body);
  return (x: number, y: number, z: number): Vec => place(frame, [x, y, z]);
};

/** Where the ear canal lies on the head, in heads above the chin. */
export const EAR_AT = 1 - EAR_BELOW_CROWN;
