import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Pose } from '../pose/pose';
import { at, byHold, change, LOW, type ChangeKind } from './kind';

/** All fingers further along the string by semitones, where their tapes are not. */
const moved = ([first, second, third, fourth]: Pose['frame'], by: number): Pose['frame'] => [
  first + by,
  second + by,
  third + by,
  fourth + by
];

/** The fingers nearer together or further apart, from the first. */
const spaced = ([first, second, third, fourth]: Pose['frame'], by: number): Pose['frame'] => [
  first,
  first + (second - first) * by,
  first + (third - first) * by,
  first + (fourth - first) * by
];

/** The fingers on their strings: as the player sees them, or as the strings do. */
const FINGERS = byHold('fingers', 'fingersFront');

/** The left arm, its hand and its fingers. */
export const LEFT_HAND_CHANGES = {
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
  'arm-sinks': change(
    SHOULDER_FAMILIES,
    ['deg', 24, 38],
    (a, p) => ({ armDown: p.armDown + a }),
    ['leftUpperArm', 'leftForearm', 'leftPalm', 'leftFinger', 'leftThumb', 'leftWrist'],
    at('leftHand', 0.08, 'level'),
    'front',
    'outstretched'
  ),
  // Left hand
  'wrist-caved': change(
    FAMILIES,
    ['deg', 46, 65],
    (a, p) => ({ leftWristFlex: p.leftWristFlex - a }),
    ['leftPalm', 'leftWrist', 'leftForearm'],
    at('leftWrist', 0.035),
    byHold('leftHand', 'leftHandSide')
  ),
  'wrist-bent-out': change(
    FAMILIES,
    ['deg', 42, 60],
    (a, p) => ({ leftWristFlex: p.leftWristFlex + a }),
    ['leftPalm', 'leftWrist', 'leftForearm'],
    at('leftWrist', 0.035),
    byHold('leftHandFront', 'leftHandSide')
  ),
  'thumb-hooked': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ thumbHooked: a }),
    ['leftThumb'],
    at('leftThumb', 0.03),
    { violin: 'leftHand', viola: 'leftHand', cello: 'leftHand', bass: 'leftHand' }
  ),
  'thumb-pressing': {
    ...change(
      FAMILIES,
      ['share', 1, 1],
      (a) => ({ thumbPressing: a }),
      ['leftThumb'],
      at('leftThumb', 0.03),
      { violin: 'leftHand', viola: 'leftHand', cello: 'leftHand', bass: 'leftHand' }
    ),
    squeezes: ['leftThumb', 'leftFingers']
  },
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
    ['leftFinger2', 'leftFinger3'],
    at('leftFingers', 0.035),
    byHold('leftHandSide', 'fingersFront')
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
    ['leftFinger2', 'leftFinger3'],
    at('leftFingers', 0.035),
    FINGERS
  ),
  'fourth-flat': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ fourthFlat: a }),
    ['leftFinger4'],
    at('leftFourthFinger', 0.03),
    FINGERS
  ),
  'hand-slides-back': change(
    ['cello'],
    ['share', 1, 1],
    (a) => ({ handBack: a }),
    ['leftPalm', 'leftWrist', 'leftFinger1'],
    at('leftHand', 0.05),
    'leftHandSide'
  ),

  'web-closed': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ neckDeep: a }),
    ['leftThumb', 'leftPalm'],
    at('leftHand', 0.05),
    'leftHand'
  ),
  'knuckles-low': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a) => ({ handLow: a }),
    ['leftPalm'],
    at('leftFingers', 0.05),
    'leftHand'
  ),
  'palm-turned-away': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ palmAway: a }),
    ['leftPalm'],
    at('leftHand', 0.05),
    byHold('leftHandFront', 'leftHandSide')
  ),
  'off-the-neck': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a) => ({ offNeck: a }),
    ['leftPalm'],
    at('leftFingers', 0.04),
    'leftHand'
  ),
  'fourth-hidden': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a) => ({ fourthHidden: a }),
    ['leftFinger4'],
    at('leftFourthFinger', 0.03),
    'fingers'
  ),
  'fourth-lifted': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ lifted: [p.lifted[0], p.lifted[1], p.lifted[2], p.lifted[3] + 0.62 * a] }),
    ['leftFinger4'],
    at('leftFourthFinger', 0.03),
    FINGERS
  ),
  'fingers-crowded': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ frame: spaced(p.frame, 1 - 0.55 * a) }),
    ['leftFinger4', 'print2', 'print3', 'print4'],
    at('leftFingers', 0.04),
    FINGERS
  ),
  'fingers-stretched': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ frame: spaced(p.frame, 1 + 0.5 * a) }),
    ['leftFinger4', 'print2', 'print3', 'print4'],
    at('leftFingers', 0.04),
    FINGERS
  ),
  'fingers-past': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ frame: moved(p.frame, 0.85 * a) }),
    ['leftFinger1', 'print'],
    at('leftFingers', 0.04),
    'fingers'
  ),
  'fingers-short': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ frame: moved(p.frame, -0.85 * a) }),
    ['leftFinger1', 'print'],
    at('leftFingers', 0.04),
    'fingers'
  ),
  'third-far': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ frame: [p.frame[0], p.frame[1], p.frame[2] + 0.8 * a, p.frame[3]] }),
    ['leftFinger3', 'print3'],
    at('leftFingers', 0.04),
    'prints'
  ),
  'second-near-first': change(
    LOW,
    ['share', 1, 1],
    (a, p) => ({ frame: [p.frame[0], p.frame[1] - 0.75 * a, p.frame[2] - 0.3 * a, p.frame[3]] }),
    ['leftFinger2', 'print2', 'print3'],
    at('leftFingers', 0.04),
    'fingersFront'
  ),
  'hand-travels': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ handBack: p.handBack - 1.3 * a }),
    ['leftPalm', 'leftWrist', 'leftFinger1'],
    at('leftHand', 0.05),
    byHold('leftHandFront', 'leftHandSide')
  ),
  'hand-at-the-nut': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ handBack: p.handBack + 1.7 * a }),
    ['leftPalm', 'leftWrist', 'leftFinger1'],
    at('leftHand', 0.05),
    'leftHand'
  ),
  'thumb-towards-body': change(
    FAMILIES,
    ['share', 0.26, 0.4],
    (a) => ({ thumbAlong: -a }),
    ['leftThumb'],
    at('leftThumb', 0.03),
    'leftHand'
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;
