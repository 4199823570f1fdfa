import { FAMILIES } from '../../instruments';
import { at, BOW, BOW_HAND, byHold, change, type ChangeKind } from './kind';

const STROKES = byHold('head', 'bowWhole');
const MIDDLE = [[0.3, 0.7]] as const;
const WHOLE = [[0.03, 0.97]] as const;
const HALTS = [
  [0.28, 0.38],
  [0.44, 0.54],
  [0.6, 0.7]
] as const;

/** The bow hand, the bow arm and the way of the bow. */
export const BOW_CHANGES = {
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
  'bow-fist': {
    ...change(
      FAMILIES,
      ['share', 1, 1],
      (a) => ({ bowFist: a }),
      ['rightPalm', 'rightFinger1', 'rightFinger2'],
      at('rightHand', 0.05),
      {
        violin: 'bowHand',
        viola: 'bowHand',
        cello: 'bowHandAbove',
        bass: 'bowHandAbove'
      }
    ),
    squeezes: ['rightThumb', 'rightFingers']
  },
  'bow-hand-stiff': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowStiff: a }),
    ['rightFinger2', 'rightFinger3'],
    at('rightFingers', 0.05),
    byHold('bowHandInside', 'bowHandAbove')
  ),
  'bow-oblique': change(
    FAMILIES,
    ['deg', 24, 35],
    (a, p) => ({ bowAngle: p.bowAngle - a }),
    BOW,
    at('bow', 0.06),
    { violin: 'bodyAbove', viola: 'bodyAbove', cello: 'front', bass: 'front' }
  ),
  'bow-over-board': change(
    FAMILIES,
    ['share', 1.1, 1.6],
    (a, p) => ({ bowPlace: p.bowPlace + a }),
    BOW,
    at('bow', 0.06),
    byHold('bridge', 'bowFront')
  ),
  /** For want of rosin. */
  'bow-skates': change(
    FAMILIES,
    ['share', 1.1, 1.6],
    (a, p) => ({ rosinDust: 0, bowPlace: p.bowPlace + a, bowAngle: p.bowAngle - 12 * a }),
    BOW,
    at('bow', 0.06),
    byHold('bridge', 'bowStrings')
  ),
  'bow-tilted': change(
    FAMILIES,
    ['deg', 38, 50],
    (a, p) => ({ bowTilt: p.bowTilt + a }),
    BOW,
    at('frog', 0.03),
    { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' }
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

  'bow-thumb-ahead': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowThumbAlong: a }),
    ['rightThumb'],
    at('rightThumb', 0.03),
    'bowHandInside'
  ),
  'first-finger-over': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowFirstOver: a }),
    ['rightFinger1'],
    at('rightFingers', 0.04),
    byHold('bowHand', 'bowHandInside')
  ),
  'bow-fingers-crowded': {
    ...change(
      FAMILIES,
      ['share', 1, 1],
      (a) => ({ bowSpread: -0.5 * a }),
      ['rightFinger'],
      at('rightFingers', 0.04),
      byHold('bowHand', 'bowHandAbove')
    ),
    squeezes: ['rightFirstFinger', 'rightFourthFinger']
  },
  'first-finger-far': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowFirstFar: a }),
    ['rightFinger1'],
    at('rightFingers', 0.04),
    byHold('bowHand', 'bowHandAbove')
  ),
  'little-finger-off': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowLittleOff: a }),
    ['rightFinger4'],
    at('rightFourthFinger', 0.03),
    byHold('bowHand', 'bowHandAbove')
  ),
  'bow-hand-ahead': change(
    FAMILIES,
    ['share', 0.28, 0.4],
    (a, p) => ({ bowHandAlong: p.bowHandAlong + a }),
    ['rightPalm', 'rightWrist'],
    at('rightHand', 0.06),
    byHold('head', 'bowFront')
  ),
  'bow-wrist-dropped': change(
    FAMILIES,
    ['deg', 50, 60],
    (a, p) => ({ rightWristFlex: p.rightWristFlex - a }),
    ['rightPalm', 'rightWrist', 'rightForearm'],
    at('rightWrist', 0.04),
    'bowWrist'
  ),
  'bow-wrist-high': change(
    FAMILIES,
    ['deg', 50, 60],
    (a, p) => ({ rightWristFlex: p.rightWristFlex + a }),
    ['rightPalm', 'rightWrist', 'rightForearm'],
    at('rightWrist', 0.04),
    'bowWrist'
  ),
  'bow-slants-in': change(
    FAMILIES,
    ['deg', 24, 35],
    (a, p) => ({ bowAngle: p.bowAngle + a }),
    BOW,
    at('bow', 0.06),
    byHold('bodyAbove', 'front')
  ),
  'bow-at-the-bridge': change(
    FAMILIES,
    ['share', 0.75, 1],
    (a, p) => ({ bowPlace: p.bowPlace - a }),
    BOW,
    at('bow', 0.06),
    byHold('bridge', 'bowFront')
  ),
  'bow-bounces': change(
    FAMILIES,
    ['mm', 26, 40],
    (a) => ({ bowOff: a, strokes: [[0.15, 0.85]], strokeGoes: 'bouncing' }),
    BOW,
    at('bow', 0.06),
    byHold('headLeft', 'left')
  ),
  'bow-on-two-strings': change(
    FAMILIES,
    ['deg', 25, 30],
    (a) => ({ bowLevel: a }),
    BOW,
    at('bow', 0.06),
    byHold('head', 'bowFront')
  ),
  // The way of a stroke, as a line beside the bow
  'strokes-middle': change(FAMILIES, ['there', 1, 1], () => ({ strokes: MIDDLE }), [], at('bow', 0), STROKES),
  'strokes-whole': change(FAMILIES, ['there', 1, 1], () => ({ strokes: WHOLE }), [], at('bow', 0), STROKES),
  'bow-halts': change(FAMILIES, ['there', 1, 1], () => ({ strokes: HALTS }), BOW, at('bow', 0), STROKES),
  'bow-short': change(
    FAMILIES,
    ['share', 0.38, 0.5],
    (a, p) => ({
      bowAt: p.bowAt - a,
      strokes: p.strokes.map(([from, to]) => [from < 0.2 ? from : 0.03, to - 1.2 * a] as const)
    }),
    BOW,
    at('bow', 0.06),
    byHold('head', 'bowFront')
  ),
  'bow-run-out': change(
    FAMILIES,
    ['share', 0.42, 0.5],
    (a, p) => ({
      bowAt: Math.min(0.97, p.bowAt + a),
      strokes: p.strokes.map(([from]) => [from, 0.98] as const),
      strokeGoes: 'rushing'
    }),
    BOW,
    at('bow', 0.06),
    byHold('head', 'bowFront')
  ),
  'bow-pressed': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowPressed: a, bowFirstOver: a }),
    BOW,
    at('bowMiddle', 0.06),
    byHold('bowMiddle', 'bowMiddleAbove')
  ),
  'bow-points-out': change(
    FAMILIES,
    ['there', 1, 1],
    () => ({ bowHeld: 'carried' }),
    BOW,
    at('rightHand', 0.1),
    'threeQuarter',
    'bowUpright'
  ),
  'hair-touched': change(
    FAMILIES,
    ['there', 1, 1],
    () => ({ leftHand: 'bow' }),
    ['leftPalm', 'leftFinger', 'leftThumb'],
    at('leftHand', 0.06),
    'threeQuarter',
    'bowUpright'
  ),
  'bow-underhand': change(
    ['bass'],
    ['there', 1, 1],
    (a) => ({ bowUnder: a }),
    BOW_HAND,
    at('rightHand', 0.06),
    'bowFront'
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;
