import type { Direction } from './drawing/camera';
import { INSTRUMENT_PARTS, LANDED } from './parts';

/** What of a figure a picture shows: all of it, or a piece round a spot. */
export interface View extends Direction {
  /** Null shows all. */
  readonly crop: {
    readonly spot: string;
    /** Of what the numbers are shares: the player's height, or the length of the instrument's body. */
    readonly of: 'height' | 'body';
    readonly right: number;
    readonly down: number;
    readonly width: number;
    readonly height: number;
  } | null;
  /** Parts that are left out, by the beginning of their name, so that what matters is seen. */
  readonly without: readonly string[];
  /** Where fingers land is seen instead of the hand. */
  readonly prints?: boolean;
}

/** Whether a view shows a part. */
export const shows = ({ without, prints = false }: View, part: string): boolean =>
  part.startsWith(LANDED) ? prints : !without.some((name) => part.startsWith(name));

const all = (azimuth: number, elevation: number): View => ({ azimuth, elevation, crop: null, without: [] });

const close = (
  azimuth: number,
  elevation: number,
  spot: string,
  [right, down, width, height]: readonly [number, number, number, number],
  without: readonly string[] = []
): View => ({ azimuth, elevation, crop: { spot, of: 'height', right, down, width, height }, without });

/** A close-up of a thing: it is as large as the instrument is. */
const thing = (...[azimuth, elevation, spot, box, without]: Parameters<typeof close>): View => {
  const view = close(azimuth, elevation, spot, box, without);
  return { ...view, crop: view.crop && { ...view.crop, of: 'body' } };
};

/** Everything but the right forearm, its hand and the bow. */
const BESIDE_BOW_HAND = [
  'torso',
  'collar',
  'neck',
  'head',
  'hair',
  'ear',
  'face',
  'jaw',
  'nose',
  'left',
  'rightShoulder',
  'rightUpperArm',
  'rightThigh',
  'rightShin',
  'stool'
];
const PLAYER = ['torso', 'collar', 'neck', 'head', 'hair', 'ear', 'face', 'jaw', 'nose', 'stool'];
/** The player and the bow: the instrument alone. */
const BESIDE_INSTRUMENT = [...PLAYER, 'left', 'right', 'bow', 'frog'];
/** Everything that would hide the bow from whoever looks along the strings. */
const BESIDE_STRINGS = [...PLAYER, 'left', 'right', 'scroll', 'peg', 'tape'];
/** All but the bow. */
const BESIDE_BOW = [
  ...PLAYER,
  'left',
  'right',
  ...INSTRUMENT_PARTS.filter((part) => part !== 'bow' && part !== 'frog')
];
/** Everything but the right forearm, its hand and the instrument. */
const BESIDE_PLUCK_HAND = [...PLAYER, 'left', 'rightShoulder', 'rightUpperArm', 'rightThigh', 'rightShin'];
const BESIDE_LEFT_HAND = [
  'torso',
  'collar',
  'neck',
  'head',
  'hair',
  'ear',
  'face',
  'jaw',
  'nose',
  'right',
  'bow',
  'frog',
  'leftShoulder',
  'leftThigh',
  'leftShin',
  'stool'
];

/** From where a player is looked at. Close-ups name what they come close to. */
export const VIEWS = {
  front: all(0, 4),
  left: all(90, 4),
  right: all(-90, 4),
  behind: all(180, 6),
  above: all(180, 86),
  threeQuarter: all(35, 6),
  threeQuarterRight: all(-40, 6),
  head: close(0, 4, 'head', [0.03, 0.13, 0.52, 0.52]),
  face: close(0, 4, 'head', [0, 0.04, 0.3, 0.28]),
  headQuarter: close(62, 4, 'head', [-0.02, 0.09, 0.34, 0.34]),
  /** A violin from its scroll's end, without the arms. */
  scrollEnd: close(44, 6, 'bodyMiddle', [0.02, -0.02, 0.36, 0.31], ['left', 'right', 'bow', 'frog']),
  /** The same from near by: which end of a shoulder rest is high. */
  restEnd: close(44, 6, 'bodyMiddle', [0, 0, 0.17, 0.152], ['left', 'right', 'bow', 'frog']),
  headBehind: close(180, 6, 'head', [-0.05, 0.13, 0.52, 0.52]),
  headLeft: close(90, 4, 'head', [-0.12, 0.13, 0.56, 0.5]),
  trunkLeft: close(90, 4, 'chest', [-0.02, 0.02, 0.7, 0.74]),
  trunkRight: close(-90, 4, 'chest', [0.02, 0.02, 0.7, 0.74]),
  armRight: close(-40, 6, 'chest', [0.12, -0.1, 0.66, 0.56]),
  bodyAbove: close(180, 86, 'bridge', [0.05, 0.02, 0.66, 0.6]),
  pluckAbove: close(180, 86, 'bridge', [0.02, -0.03, 0.4, 0.36]),
  /** From the head to the hanging hands. */
  upperBody: close(0, 2, 'chest', [0, 0.04, 0.46, 0.62]),
  /** Where an instrument lies on the collarbone, under the head. */
  collarAbove: close(
    180,
    86,
    'chest',
    [-0.03, -0.07, 0.34, 0.32],
    ['head', 'hair', 'ear', 'face', 'jaw', 'nose']
  ),
  leftHand: close(150, 8, 'leftHand', [0, 0.01, 0.15, 0.134], BESIDE_LEFT_HAND),
  /** Along the neck, from the scroll's end, as if it were cut there. */
  leftHandEnd: close(58, 2, 'leftHand', [0, 0, 0.125, 0.112], [...BESIDE_LEFT_HAND, 'scroll', 'peg']),
  /** The same of a neck that stands: from above. */
  leftHandTop: close(180, 64, 'leftHand', [0, 0.01, 0.14, 0.125], [...BESIDE_LEFT_HAND, 'scroll', 'peg']),
  /** A hand round a neck that stands, from behind and above: whether it is open. */
  leftHandQuarter: close(150, 40, 'leftHand', [0, 0.01, 0.145, 0.13], [...BESIDE_LEFT_HAND, 'scroll', 'peg']),
  leftHandFront: close(-60, 25, 'leftHand', [0, 0.01, 0.15, 0.134], BESIDE_LEFT_HAND),
  leftHandSide: close(98, 6, 'leftHand', [0, 0.01, 0.16, 0.143], BESIDE_LEFT_HAND),
  fingers: close(-150, 45, 'leftFingers', [0, 0, 0.14, 0.125], BESIDE_LEFT_HAND),
  fingersSide: close(98, 6, 'leftFingers', [0, 0.01, 0.095, 0.085], BESIDE_LEFT_HAND),
  /** Where the fingers of the left hand land on the board, without the hand that would cover it. */
  prints: {
    ...close(-155, 55, 'leftFingers', [0, 0, 0.084, 0.076], [...BESIDE_LEFT_HAND, 'left']),
    prints: true
  },
  fingersFront: close(-30, 20, 'leftFingers', [0, 0.012, 0.14, 0.125], BESIDE_LEFT_HAND),
  /** Fingers on a board that stands, from aside and near by: nails and joints. */
  fingersAside: close(-80, 15, 'leftFingers', [0, 0, 0.1, 0.0895], BESIDE_LEFT_HAND),
  /** The hand before the board, with its arm: whether the wrist is straight. */
  leftWristFront: close(-60, 25, 'leftWrist', [0, 0, 0.24, 0.215], BESIDE_LEFT_HAND),
  /** The low strings' hand with its thumb on the strings. */
  thumbOver: close(0, 35, 'leftHand', [0, -0.01, 0.17, 0.152], BESIDE_LEFT_HAND),
  leftThumb: close(150, 8, 'leftThumb', [0.01, 0.01, 0.115, 0.103], BESIDE_LEFT_HAND),
  /** The low strings' hand from its little finger. */
  leftHandFar: close(20, 20, 'leftHand', [0, 0.01, 0.13, 0.116], BESIDE_LEFT_HAND),
  leftArm: close(0, 4, 'leftElbow', [-0.06, -0.06, 0.42, 0.4]),
  bowHand: close(5, 18, 'rightHand', [0.01, 0.01, 0.145, 0.13], BESIDE_BOW_HAND),
  bowFourth: close(5, 18, 'rightFourthFinger', [0.01, 0.01, 0.11, 0.098], BESIDE_BOW_HAND),
  bowFourthAbove: close(-25, 18, 'rightFourthFinger', [0.01, 0.01, 0.11, 0.098], BESIDE_BOW_HAND),
  bowBuilding: close(20, 8, 'rightHand', [0.01, -0.005, 0.14, 0.126], [...BESIDE_BOW_HAND, 'instrument']),
  /** Along the stick, from beyond its tip and from behind its screw: how the fingers go round it. */
  bowEndOn: close(60, 10, 'rightHand', [0, 0, 0.13, 0.116], [...BESIDE_BOW_HAND, 'instrument']),
  bowHandEnd: close(240, 10, 'rightHand', [0, 0.01, 0.135, 0.121], BESIDE_BOW_HAND),
  /** How far up the stick the hand is. */
  bowStick: close(5, 18, 'frog', [0.04, 0, 0.2, 0.179], BESIDE_BOW_HAND),
  bowStickAbove: close(-25, 18, 'frog', [0.04, 0, 0.2, 0.179], BESIDE_BOW_HAND),
  bowHandInside: close(184, 14, 'rightHand', [-0.01, 0.005, 0.135, 0.121], BESIDE_BOW_HAND),
  bowWrist: close(-84, 8, 'rightHand', [0, 0.01, 0.2, 0.179], BESIDE_BOW_HAND),
  /** Elbow, wrist and bow: which of them goes first. */
  bowElbow: close(20, 6, 'rightHand', [-0.04, 0.08, 0.36, 0.32]),
  bowElbowLow: close(-30, 8, 'rightHand', [-0.06, -0.08, 0.36, 0.32]),
  bowHandAbove: close(-25, 18, 'rightHand', [0, 0.01, 0.145, 0.13], BESIDE_BOW_HAND),
  scrollOnHand: close(
    0,
    80,
    'leftHand',
    [-0.035, -0.035, 0.24, 0.2],
    [...PLAYER, 'right', 'leftThigh', 'leftShin', 'bow', 'frog']
  ),
  underInstrument: close(20, -8, 'bodyMiddle', [0, 0.02, 0.3, 0.26], ['bow', 'frog', 'left', 'right']),
  neckBehind: close(180, 4, 'neckBack', [0, 0.02, 0.34, 0.3]),
  board: thing(30, 45, 'boardMiddle', [0, 0, 0.4, 0.34], BESIDE_INSTRUMENT),
  boardFront: thing(0, 15, 'boardMiddle', [0, 0, 0.34, 0.29], BESIDE_INSTRUMENT),
  strings: thing(30, 45, 'stringMiddle', [0, 0.1, 0.95, 0.8], BESIDE_INSTRUMENT),
  tuning: thing(30, 40, 'boardMiddle', [0, -0.06, 0.95, 0.8], BESIDE_INSTRUMENT),
  tuningFront: thing(0, 15, 'nut', [0, 0.12, 0.66, 0.56], BESIDE_INSTRUMENT),
  bridge: thing(30, 55, 'bridge', [0, 0, 0.85, 0.72], [...PLAYER, 'left', 'right']),
  pegs: thing(30, 35, 'lowestPeg', [0, 0, 0.5, 0.42], BESIDE_INSTRUMENT),
  back: thing(40, -62, 'bodyMiddle', [0, 0.05, 1.15, 0.95], BESIDE_INSTRUMENT),
  bowLevel: thing(48, 16, 'bowPlace', [0, 0, 0.5, 0.43], BESIDE_STRINGS),
  bowLevelAbove: thing(190, 64, 'bowPlace', [0, 0, 0.42, 0.36], BESIDE_STRINGS),
  /** The same of a bass, which stands steeper and turned away. */
  bowLevelBass: thing(150, 80, 'bowPlace', [0, 0, 0.42, 0.36], BESIDE_STRINGS),
  bowStrings: thing(0, 60, 'bowPlace', [0, 0, 0.34, 0.29], [...PLAYER, 'left', 'right']),
  bowMiddle: close(20, 6, 'bowMiddle', [0, 0, 0.26, 0.16], BESIDE_BOW),
  bowMiddleAbove: close(180, 72, 'bowMiddle', [0, 0, 0.26, 0.16], BESIDE_BOW),
  /** The room between stick and hair. */
  bowGap: close(20, 6, 'bowMiddle', [0, 0, 0.1, 0.062], BESIDE_BOW),
  bowGapAbove: close(180, 72, 'bowMiddle', [0, 0, 0.1, 0.062], BESIDE_BOW),
  bowFrogAbove: close(180, 72, 'frog', [-0.05, 0.01, 0.2, 0.13], [...BESIDE_BOW, 'leftShoulder']),
  bowFrog: close(20, 6, 'frog', [0.05, 0.01, 0.2, 0.13], [...BESIDE_BOW, 'rightShoulder']),
  /** Along the bow from behind its screw, over the strings: how it is rolled. */
  bowRoll: thing(-49, -5, 'bowPlace', [0, 0, 0.27, 0.24], BESIDE_STRINGS),
  /** The same of a cello and of a bass, whose bows lie low and point elsewhere. */
  bowRollCello: thing(-101, -4, 'bowPlace', [0, 0, 0.14, 0.125], BESIDE_STRINGS),
  bowRollBass: thing(-124, -8, 'bowPlace', [0, 0, 0.12, 0.107], BESIDE_STRINGS),
  /** A seated player from the waist to the floor. */
  seatLeft: close(90, 4, 'leftKnee', [0.07, 0.02, 0.5, 0.5]),
  kneesFront: close(0, 4, 'bottom', [0, -0.04, 0.56, 0.44]),
  legsLeft: close(90, 4, 'leftKnee', [-0.02, -0.02, 0.42, 0.5]),
  legsRight: close(-90, 4, 'rightKnee', [0.02, -0.02, 0.42, 0.5]),
  feetRight: close(-70, 22, 'rightFoot', [0.1, -0.05, 0.46, 0.33]),
  bowArmFront: close(0, 4, 'chest', [-0.06, -0.05, 0.66, 0.64]),
  bowCarried: close(35, 6, 'rightHand', [0.06, -0.08, 0.36, 0.4]),
  bowRight: close(-55, 8, 'bow', [0, 0, 0.5, 0.42]),
  bowFront: close(0, 4, 'bow', [0, 0, 0.56, 0.46]),
  bowWhole: close(0, 4, 'bow', [-0.05, -0.04, 0.76, 0.6]),
  pluckHand: close(-10, 20, 'rightHand', [0.03, 0.005, 0.14, 0.123], BESIDE_PLUCK_HAND),
  /** Along the board from the player’s left: how far the hand is over the strings. */
  pluckSide: close(80, 15, 'rightHand', [0, -0.03, 0.24, 0.21], BESIDE_PLUCK_HAND),
  /** Down along the board from the scroll: how deep the finger goes. */
  pluckFinger: close(180, 60, 'rightHand', [0, 0, 0.12, 0.107], BESIDE_PLUCK_HAND),
  pluckQuarter: close(30, 15, 'rightHand', [0, -0.02, 0.22, 0.193], BESIDE_PLUCK_HAND),
  pinClose: close(60, 12, 'pinTip', [0, -0.04, 0.3, 0.22], ['left', 'right', 'stool']),
  kneesPin: close(25, 6, 'bottom', [0, -0.02, 0.6, 0.46]),
  feet: close(15, 20, 'leftFoot', [-0.06, -0.06, 0.4, 0.26]),
  feetBehind: close(195, 24, 'rightFoot', [0.05, -0.05, 0.42, 0.3])
} as const satisfies Readonly<Record<string, View>>;

export type ViewName = keyof typeof VIEWS;
export const VIEW_NAMES = Object.keys(VIEWS) as readonly ViewName[];

/**
 * Width and height of what a view shows, mm; a whole figure is about as high as the player.
 *
 * @example
 * shownMm(VIEWS.front, 1300, 360) // { wide: 1300, high: 1365 }
 */
export function shownMm({ crop, elevation }: View, heightMm: number, bodyMm: number) {
  if (!crop)
    return elevation > 60
      ? { wide: 0.8 * heightMm, high: 0.65 * heightMm }
      : { wide: heightMm, high: 1.05 * heightMm };
  const by = crop.of === 'body' ? bodyMm : heightMm;
  return { wide: crop.width * by, high: crop.height * by };
}

/** Pixels per mm at which a view fills a box. */
export function detailFor(
  view: View,
  box: { readonly wide: number; readonly high: number },
  heightMm: number,
  bodyMm: number
): number {
  const { wide, high } = shownMm(view, heightMm, bodyMm);
  return Math.min(box.wide / wide, box.high / high);
}

/** Width over height of a view's picture. */
export const shapeOf = ({ crop }: View): number => (crop ? crop.width / crop.height : 0.7);
