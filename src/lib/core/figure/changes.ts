import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../instruments';
import type { Pose } from './pose/pose';
import type { ViewName } from './views';

/** What leads the eye to a fault besides its line: a ring at a place, a plumb or a level line through it. */
export interface Cue {
  readonly spot: string;
  /** Radius of the ring, as a share of height. */
  readonly ring: number;
  readonly line?: 'plumb' | 'level';
}

/** One way in which a player can stray from a pose. */
export interface ChangeKind {
  readonly families: readonly Family[];
  readonly unit: 'mm' | 'deg' | 'share';
  /** How much it is when nothing else is said, and the most. */
  readonly usual: number;
  readonly most: number;
  readonly apply: (amount: number, pose: Pose, heightMm: number) => Partial<Pose>;
  /** Parts whose lines bear it, by the beginning of their name. */
  readonly parts: readonly string[];
  readonly cue: Cue;
  /** From where it is seen best, by family where that differs. */
  readonly view: ViewName | Readonly<Partial<Record<Family, ViewName>>>;
}

const HEAD = ['head', 'hair', 'ear', 'nose', 'face'];
const TRUNK = ['torso', 'leftShoulder', 'rightShoulder'];
const LEFT_HAND = ['leftPalm', 'leftFinger', 'leftThumb', 'leftWrist'];
const BOW_HAND = ['rightPalm', 'rightFinger', 'rightThumb', 'rightWrist'];
const INSTRUMENT = ['instrument', 'scroll', 'fingerboard', 'pin'];
const LOW: readonly Family[] = ['cello', 'bass'];

type Short = readonly [unit: ChangeKind['unit'], usual: number, most: number];

const change = (
  families: readonly Family[],
  [unit, usual, most]: Short,
  apply: ChangeKind['apply'],
  parts: readonly string[],
  cue: Cue,
  view: ChangeKind['view']
): ChangeKind => ({ families, unit, usual, most, apply, parts, cue, view });

const at = (spot: string, ring: number, line?: Cue['line']): Cue => ({
  spot,
  ring,
  ...(line ? { line } : {})
});

/**
 * Every way to stray from a pose, by its name. An amount of 0 changes nothing; a larger amount goes further the same
 * way.
 *
 * Source: the faults that string teachers look for, from the body outward.
 */
export const CHANGES = {
  // Head
  'head-tipped': change(
    FAMILIES,
    ['deg', 22, 40],
    (a, p) => ({ headRoll: p.headRoll + 0.65 * a, neckRoll: p.neckRoll + 0.35 * a }),
    HEAD,
    at('head', 0.11, 'plumb'),
    { violin: 'headBehind', viola: 'headBehind', cello: 'head', bass: 'head' }
  ),
  'head-turned': change(
    FAMILIES,
    ['deg', 32, 60],
    (a, p) => ({ headYaw: p.headYaw + a }),
    HEAD,
    at('head', 0.11),
    'head'
  ),
  'head-forward': change(
    FAMILIES,
    ['deg', 24, 40],
    (a, p) => ({ neckPitch: p.neckPitch + a, headPitch: p.headPitch - 0.2 * a }),
    [...HEAD, 'neck'],
    at('head', 0.11, 'plumb'),
    'trunkLeft'
  ),
  // Shoulders and trunk
  'shoulder-raised': change(
    FAMILIES,
    ['mm', 34, 60],
    (a) => ({ leftShoulderUp: a }),
    ['leftShoulder', 'leftUpperArm'],
    at('leftShoulder', 0.07, 'level'),
    { violin: 'headBehind', viola: 'headBehind', cello: 'head', bass: 'headBehind' }
  ),
  'bow-shoulder-raised': change(
    FAMILIES,
    ['mm', 34, 60],
    (a, p) => ({ rightShoulderUp: p.rightShoulderUp + a }),
    ['rightShoulder', 'rightUpperArm'],
    at('rightShoulder', 0.07, 'level'),
    { violin: 'head', viola: 'head', cello: 'head', bass: 'head' }
  ),
  'shoulder-rolled': change(
    FAMILIES,
    ['mm', 40, 70],
    (a, p) => ({
      leftShoulderForward: p.leftShoulderForward + a,
      rightShoulderForward: p.rightShoulderForward + a
    }),
    ['leftShoulder', 'rightShoulder', 'leftUpperArm'],
    at('leftShoulder', 0.07),
    'trunkLeft'
  ),
  'trunk-bent': change(
    FAMILIES,
    ['deg', 18, 35],
    (a, p) => ({ spineRoll: p.spineRoll + a }),
    TRUNK,
    at('chest', 0.12, 'plumb'),
    'front'
  ),
  'trunk-twisted': change(
    FAMILIES,
    ['deg', 30, 50],
    (a, p) => ({ spineYaw: p.spineYaw + a }),
    TRUNK,
    at('chest', 0.12),
    { violin: 'above', viola: 'above', cello: 'front', bass: 'front' }
  ),
  slumped: change(
    FAMILIES,
    ['deg', 34, 55],
    (a, p) => ({
      pelvisPitch: p.pelvisPitch - 0.3 * a,
      spinePitch: p.spinePitch + a,
      headPitch: p.headPitch - 0.25 * a
    }),
    TRUNK,
    at('back', 0.12, 'plumb'),
    { violin: 'left', viola: 'left', cello: 'right', bass: 'right' }
  ),
  'leaning-back': change(
    FAMILIES,
    ['deg', 14, 25],
    (a, p) => ({ pelvisPitch: p.pelvisPitch - a, headPitch: p.headPitch + 0.6 * a }),
    TRUNK,
    at('back', 0.12, 'plumb'),
    { violin: 'left', viola: 'left', cello: 'right', bass: 'right' }
  ),
  'belly-out': change(
    FAMILIES,
    ['mm', 55, 90],
    (a, p, h) => ({
      bellyOut: (a * h) / 1500,
      pelvisPitch: p.pelvisPitch + a * 0.12,
      spinePitch: p.spinePitch - a * 0.26
    }),
    ['torso'],
    at('belly', 0.1, 'plumb'),
    { violin: 'left', viola: 'left', cello: 'right', bass: 'right' }
  ),
  // Feet and weight
  'feet-together': change(
    ['violin', 'viola', 'bass'],
    ['share', 1, 1],
    (a, p) => ({ feetApart: p.feetApart * (1 - 0.72 * a) }),
    ['leftFoot', 'rightFoot', 'leftShin', 'rightShin'],
    at('leftFoot', 0.1),
    'front'
  ),
  'feet-wide': change(
    ['violin', 'viola', 'bass'],
    ['share', 1, 1],
    (a, p) => ({ feetApart: p.feetApart + 0.1 * a }),
    ['leftFoot', 'rightFoot', 'leftShin', 'rightShin'],
    at('leftFoot', 0.1),
    'front'
  ),
  'feet-drawn-in': change(
    ['cello'],
    ['mm', 130, 200],
    (a, p) => ({ feetForward: p.feetForward - a }),
    ['leftFoot', 'leftShin', 'rightFoot', 'rightShin'],
    at('leftFoot', 0.1),
    'left'
  ),
  'weight-on-one-leg': change(
    ['violin', 'viola', 'bass'],
    ['mm', 70, 110],
    (a, p, h) => ({
      hipsLeft: p.hipsLeft + (a * h) / 1500,
      pelvisRoll: p.pelvisRoll - a * 0.12,
      spineRoll: p.spineRoll + a * 0.16
    }),
    ['torso', 'leftThigh', 'rightThigh'],
    at('belly', 0.12, 'plumb'),
    'front'
  ),
  // Instrument
  'on-the-chest': change(
    SHOULDER_FAMILIES,
    ['mm', 75, 110],
    (a, _p, h) => ({ lowOnChest: (a * h) / 1300 }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'head'
  ),
  'scroll-droops': change(
    SHOULDER_FAMILIES,
    ['deg', 28, 45],
    (a, p) => ({ scrollUp: p.scrollUp - a }),
    INSTRUMENT,
    at('scroll', 0.06, 'level'),
    'headLeft'
  ),
  'scroll-up': change(
    SHOULDER_FAMILIES,
    ['deg', 22, 35],
    (a, p) => ({ scrollUp: p.scrollUp + a }),
    INSTRUMENT,
    at('scroll', 0.06, 'level'),
    'headLeft'
  ),
  'scroll-to-front': change(
    SHOULDER_FAMILIES,
    ['deg', 36, 50],
    (a, p) => ({ scrollLeft: p.scrollLeft - a }),
    INSTRUMENT,
    at('scroll', 0.06),
    'bodyAbove'
  ),
  'scroll-to-side': change(
    SHOULDER_FAMILIES,
    ['deg', 34, 50],
    (a, p) => ({ scrollLeft: p.scrollLeft + a }),
    INSTRUMENT,
    at('scroll', 0.06),
    'bodyAbove'
  ),
  'tilted-too-steep': change(
    SHOULDER_FAMILIES,
    ['deg', 32, 45],
    (a, p) => ({ stringTilt: p.stringTilt + a }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'head'
  ),
  'lying-flat': change(
    SHOULDER_FAMILIES,
    ['deg', 20, 30],
    (a, p) => ({ stringTilt: p.stringTilt - a }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'head'
  ),
  'cello-square': change(
    ['cello'],
    ['deg', 12, 20],
    (a, p) => ({ turned: p.turned - a }),
    INSTRUMENT,
    at('bridge', 0.1),
    'above'
  ),
  'cello-too-upright': change(
    ['cello'],
    ['deg', 15, 25],
    (a) => ({ angleMore: -a }),
    INSTRUMENT,
    at('lowestPeg', 0.06, 'plumb'),
    'left'
  ),
  'cello-too-flat': change(
    ['cello'],
    ['deg', 15, 25],
    (a) => ({ angleMore: a }),
    INSTRUMENT,
    at('lowestPeg', 0.06, 'plumb'),
    'left'
  ),
  'pulled-in': change(
    ['cello'],
    ['deg', 22, 35],
    (a, p) => ({ turned: p.turned + a, headRoll: p.headRoll - 0.5 * a, headYaw: p.headYaw + 0.6 * a }),
    INSTRUMENT,
    at('bridge', 0.1),
    'front'
  ),
  'pushed-away': change(
    ['cello', 'bass'],
    ['mm', 100, 160],
    (a) => ({ awayFromBody: a }),
    INSTRUMENT,
    at('chest', 0.08),
    'left'
  ),
  'pin-too-short': change(
    LOW,
    ['mm', 110, 160],
    (a, p, h) => ({ pinMore: -a, ...(h > 0 ? { spinePitch: p.spinePitch + 0.1 * a } : {}) }),
    ['pin', ...TRUNK],
    at('pinTip', 0.08),
    { cello: 'left', bass: 'right' }
  ),
  'pin-too-long': change(
    LOW,
    ['mm', 110, 160],
    (a) => ({ pinMore: a }),
    ['pin', ...INSTRUMENT],
    at('pinTip', 0.08),
    { cello: 'left', bass: 'right' }
  ),
  'seat-too-low': change(
    ['cello'],
    ['mm', 90, 130],
    (a) => ({ seatUp: -a }),
    ['leftThigh', 'rightThigh', 'stool'],
    at('leftKnee', 0.09, 'level'),
    'left'
  ),
  'seat-too-high': change(
    ['cello'],
    ['mm', 90, 130],
    (a) => ({ seatUp: a }),
    ['leftThigh', 'rightThigh', 'stool'],
    at('leftFoot', 0.09, 'level'),
    'left'
  ),
  'knees-above-corner': change(
    ['cello'],
    ['mm', 70, 110],
    (a) => ({ seatUp: -a * 0.8, feetForward: -a * 0.3 }),
    ['leftThigh', 'rightThigh'],
    at('leftKnee', 0.09),
    'kneesPin'
  ),
  'bass-upright': change(
    ['bass'],
    ['deg', 11, 16],
    (a) => ({ leanMore: -a }),
    INSTRUMENT,
    at('nut', 0.06, 'plumb'),
    'left'
  ),
  'bass-leans-out': change(
    ['bass'],
    ['deg', 18, 26],
    (a) => ({ leanMore: -a, awayFromBody: 4 * a }),
    INSTRUMENT,
    at('nut', 0.06, 'plumb'),
    'left'
  ),
  'bass-squeezed': change(
    ['bass'],
    ['mm', 45, 70],
    (a, p) => ({ awayFromBody: -a, leftShoulderUp: 0.5 * a, spinePitch: p.spinePitch + 0.15 * a }),
    ['leftShoulder', ...TRUNK],
    at('leftShoulder', 0.09),
    'front'
  ),
  'bass-too-high': change(
    ['bass'],
    ['mm', 120, 170],
    (a) => ({ pinMore: a }),
    INSTRUMENT,
    at('nut', 0.06, 'level'),
    'front'
  ),
  'bass-too-low': change(
    ['bass'],
    ['mm', 110, 150],
    (a, p) => ({ pinMore: -a, spinePitch: p.spinePitch + 0.12 * a }),
    INSTRUMENT,
    at('nut', 0.06, 'level'),
    'front'
  ),
  // Arms
  'elbow-out': change(
    FAMILIES,
    ['deg', 48, 70],
    (a) => ({ leftElbowSwing: a }),
    ['leftUpperArm', 'leftForearm'],
    at('leftElbow', 0.07, 'plumb'),
    { violin: 'head', viola: 'head', cello: 'front', bass: 'front' }
  ),
  'elbow-in': change(
    SHOULDER_FAMILIES,
    ['deg', 36, 55],
    (a) => ({ leftElbowSwing: -a }),
    ['leftUpperArm', 'leftForearm'],
    at('leftElbow', 0.07, 'plumb'),
    'head'
  ),
  'elbow-dropped': change(
    LOW,
    ['deg', 62, 90],
    (a, p) => ({ leftElbowSwing: -a, leftWristFlex: p.leftWristFlex + 0.25 * a }),
    ['leftUpperArm', 'leftForearm'],
    at('leftElbow', 0.07, 'level'),
    'front'
  ),
  'bow-elbow-high': change(
    FAMILIES,
    ['deg', 45, 70],
    (a) => ({ rightElbowSwing: -a }),
    ['rightUpperArm', 'rightForearm'],
    at('rightElbow', 0.07, 'level'),
    'front'
  ),
  'bow-elbow-dropped': change(
    FAMILIES,
    ['deg', 40, 60],
    (a) => ({ rightElbowSwing: a }),
    ['rightUpperArm', 'rightForearm'],
    at('rightElbow', 0.07, 'level'),
    'front'
  ),
  // Left hand
  'wrist-caved': change(
    FAMILIES,
    ['deg', 46, 65],
    (a, p) => ({ leftWristFlex: p.leftWristFlex - a }),
    ['leftPalm', 'leftWrist', 'leftForearm'],
    at('leftWrist', 0.035),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHandSide', bass: 'leftHandSide' }
  ),
  'wrist-bent-out': change(
    FAMILIES,
    ['deg', 42, 60],
    (a, p) => ({ leftWristFlex: p.leftWristFlex + a }),
    ['leftPalm', 'leftWrist', 'leftForearm'],
    at('leftWrist', 0.035),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHandSide', bass: 'leftHandSide' }
  ),
  'thumb-hooked': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ thumbHooked: a }),
    ['leftThumb'],
    at('leftThumb', 0.03),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHand', bass: 'leftHand' }
  ),
  'thumb-pressing': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ thumbPressing: a }),
    ['leftThumb'],
    at('leftThumb', 0.03),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHand', bass: 'leftHand' }
  ),
  'thumb-straight': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ thumbStraight: a }),
    ['leftThumb'],
    at('leftThumb', 0.03),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHand', bass: 'leftHand' }
  ),
  'thumb-misplaced': change(
    FAMILIES,
    ['share', 0.28, 0.4],
    (a) => ({ thumbAlong: a }),
    ['leftThumb'],
    at('leftThumb', 0.03),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHand', bass: 'leftHand' }
  ),
  'fingers-flat': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ fingersFlat: a }),
    ['leftFinger'],
    at('leftFingers', 0.035),
    { violin: 'leftHandFront', viola: 'leftHandFront', cello: 'leftHandSide', bass: 'leftHandSide' }
  ),
  'fingers-flying': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({
      lifted: [p.lifted[0], p.lifted[1] + 0.24 * a, p.lifted[2] + 0.3 * a, p.lifted[3] + 0.28 * a]
    }),
    ['leftFinger2', 'leftFinger3', 'leftFinger4'],
    at('leftFingers', 0.04),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHandSide', bass: 'leftHandSide' }
  ),
  'fingers-collapsed': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ fingersCollapsed: a }),
    ['leftFinger'],
    at('leftFingers', 0.035),
    { violin: 'leftHandFront', viola: 'leftHandFront', cello: 'leftHandSide', bass: 'leftHandSide' }
  ),
  'fourth-flat': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ fourthFlat: a }),
    ['leftFinger4'],
    at('leftFourthFinger', 0.03),
    { violin: 'leftHandFront', viola: 'leftHandFront', cello: 'leftHandSide', bass: 'leftHandSide' }
  ),
  'hand-slides-back': change(
    ['cello'],
    ['share', 1, 1],
    (a) => ({ handBack: a }),
    LEFT_HAND,
    at('leftHand', 0.05),
    'leftHandSide'
  ),
  // Bow hand and bow
  'bow-thumb-straight': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowThumbStraight: a }),
    ['rightThumb'],
    at('rightThumb', 0.03),
    'bowHandInside'
  ),
  'little-finger-flat': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowLittleFlat: a }),
    ['rightFinger4'],
    at('rightFourthFinger', 0.03),
    { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' }
  ),
  'bow-fist': change(FAMILIES, ['share', 1, 1], (a) => ({ bowFist: a }), BOW_HAND, at('rightHand', 0.05), {
    violin: 'bowHand',
    viola: 'bowHand',
    cello: 'bowHandAbove',
    bass: 'bowHandAbove'
  }),
  'bow-hand-stiff': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowStiff: a }),
    BOW_HAND,
    at('rightHand', 0.05),
    { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' }
  ),
  'bow-oblique': change(
    FAMILIES,
    ['deg', 24, 35],
    (a, p) => ({ bowAngle: p.bowAngle - a }),
    ['bow', 'frog'],
    at('bow', 0.06),
    { violin: 'bodyAbove', viola: 'bodyAbove', cello: 'front', bass: 'front' }
  ),
  'bow-over-board': change(
    FAMILIES,
    ['share', 1.1, 1.6],
    (a, p) => ({ bowPlace: p.bowPlace + a }),
    ['bow', 'frog'],
    at('bow', 0.06),
    { violin: 'bodyAbove', viola: 'bodyAbove', cello: 'front', bass: 'front' }
  ),
  'bow-tilted': change(
    FAMILIES,
    ['deg', 38, 50],
    (a, p) => ({ bowTilt: p.bowTilt + a }),
    ['bow', 'frog'],
    at('bow', 0.05),
    { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' }
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;

export type ChangeName = keyof typeof CHANGES;
export const CHANGE_NAMES = Object.keys(CHANGES) as readonly ChangeName[];
export const changeKind = (name: ChangeName): ChangeKind => CHANGES[name];

export interface Change {
  readonly kind: ChangeName;
  /** In the kind's unit; its usual amount without one. */
  readonly amount?: number;
}

/** The kinds that make sense for a family. */
export const changesFor = (family: Family): readonly ChangeName[] =>
  CHANGE_NAMES.filter((name) => changeKind(name).families.includes(family));

/** From where a change is seen best. */
export function viewOf(name: ChangeName, family: Family): ViewName {
  const { view } = changeKind(name);
  return typeof view === 'string' ? view : (view[family] ?? 'front');
}

/** A pose with changes, one after the other. */
export const changed = (pose: Pose, changes: readonly Change[], heightMm: number): Pose =>
  changes.reduce<Pose>((so, { kind, amount }) => {
    const { apply, usual } = changeKind(kind);
    return { ...so, ...apply(amount ?? usual, so, heightMm) };
  }, pose);
