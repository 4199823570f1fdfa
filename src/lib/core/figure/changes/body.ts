import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import { at, change, HEAD, STANDING, TRUNK, type ChangeKind } from './kind';

/** Head, shoulders, trunk and feet. */
export const BODY_CHANGES = {
  // Head
  'head-tipped': change(
    FAMILIES,
    ['deg', 32, 42],
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
    at('leftShoulder', 0.2, 'plumb'),
    'trunkLeft'
  ),
  'jaw-clenched': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({ jawClenched: a, headPitch: p.headPitch + 7 * a }),
    ['face', 'jaw'],
    at('mouth', 0.045),
    'face'
  ),
  'breath-goes': change(FAMILIES, ['there', 1, 1], (a) => ({ breathGoes: a }), [], at('mouth', 0), 'face'),
  'breath-held': change(
    FAMILIES,
    ['share', 1, 1],
    (a, p) => ({
      cheeksFull: a,
      breathGoes: 0,
      leftShoulderUp: p.leftShoulderUp + 22 * a,
      rightShoulderUp: p.rightShoulderUp + 22 * a
    }),
    ['face'],
    at('mouth', 0.055),
    'face'
  ),
  // Shoulders and trunk
  'shoulder-raised': change(
    FAMILIES,
    ['mm', 34, 60],
    (a) => ({ leftShoulderUp: a }),
    ['leftShoulder'],
    at('leftShoulder', 0.07, 'level'),
    { violin: 'headBehind', viola: 'headBehind', cello: 'head', bass: 'headBehind' }
  ),
  'bow-shoulder-raised': change(
    FAMILIES,
    ['mm', 34, 60],
    (a, p) => ({ rightShoulderUp: p.rightShoulderUp + a }),
    ['rightShoulder'],
    at('rightShoulder', 0.07, 'level'),
    { violin: 'head', viola: 'head', cello: 'head', bass: 'head' }
  ),
  'shoulder-rolled': change(
    FAMILIES,
    ['mm', 40, 70],
    (a, p) => ({
      leftShoulderForward: p.leftShoulderForward + a,
      rightShoulderForward: p.rightShoulderForward + a,
      // The upper back rounds with them.
      spinePitch: p.spinePitch + 0.2 * a,
      headPitch: p.headPitch - 0.2 * a
    }),
    ['leftShoulder', 'rightShoulder'],
    at('leftShoulder', 0.07, 'plumb', 'leftEar'),
    'trunkLeft'
  ),
  'trunk-bent': change(
    FAMILIES,
    ['deg', 25, 35],
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
  'bent-over': change(
    ['bass'],
    ['deg', 24, 38],
    (a, p) => ({ pelvisPitch: p.pelvisPitch + a, headPitch: p.headPitch - 0.2 * a }),
    TRUNK,
    at('back', 0.12, 'plumb'),
    'right'
  ),
  'leaning-back': change(
    FAMILIES,
    ['deg', 17, 25],
    (a, p) => ({ pelvisPitch: p.pelvisPitch - a, headPitch: p.headPitch + 0.6 * a }),
    TRUNK,
    at('head', 0.11, 'plumb', 'leftFoot'),
    { violin: 'left', viola: 'left', cello: 'right', bass: 'right' }
  ),
  'belly-out': change(
    FAMILIES,
    ['mm', 55, 90],
    (a, p, h) => ({
      bellyOut: (a * h) / 1500,
      pelvisPitch: p.pelvisPitch + a * 0.12,
      spinePitch: p.spinePitch - a * 0.18
    }),
    ['torso'],
    at('belly', 0.1, 'plumb', 'leftFoot'),
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
    ['mm', 95, 130],
    (a, p, h) => ({
      hipsLeft: p.hipsLeft + (a * h) / 1500,
      pelvisRoll: p.pelvisRoll - a * 0.12,
      spineRoll: p.spineRoll + a * 0.16
    }),
    ['torso', 'leftThigh', 'rightThigh'],
    at('belly', 0.12, 'plumb'),
    'front'
  ),

  'chin-up': change(
    FAMILIES,
    ['deg', 18, 30],
    (a, p) => ({ headPitch: p.headPitch - a, neckPitch: p.neckPitch - 0.3 * a }),
    HEAD,
    at('head', 0.11),
    'headLeft'
  ),
  'chin-tip-down': change(
    SHOULDER_FAMILIES,
    ['deg', 34, 45],
    (a, p) => ({ headYaw: p.headYaw - a, headPitch: p.headPitch + 0.1 * a }),
    HEAD,
    at('head', 0.11),
    'face'
  ),
  'cheek-laid-down': change(
    SHOULDER_FAMILIES,
    ['deg', 26, 38],
    (a, p) => ({ headRoll: p.headRoll + 0.9 * a, headYaw: p.headYaw + 0.5 * a }),
    HEAD,
    at('head', 0.11),
    'head'
  ),
  'shoulders-pulled-up': change(
    FAMILIES,
    ['mm', 34, 55],
    (a, p) => ({ leftShoulderUp: p.leftShoulderUp + a, rightShoulderUp: p.rightShoulderUp + a }),
    ['leftShoulder', 'rightShoulder'],
    at('neckBack', 0.15, 'level'),
    'head'
  ),
  'turned-away': change(
    FAMILIES,
    ['deg', 32, 50],
    (a, p) => ({ pelvisYaw: p.pelvisYaw - a }),
    TRUNK,
    at('chest', 0.12),
    'front'
  ),
  'knees-locked': change(
    STANDING,
    ['mm', 26, 40],
    (a, p) => ({ kneesBend: p.kneesBend + 0.2 * a, kneesBack: a, pelvisPitch: p.pelvisPitch + 0.25 * a }),
    ['leftThigh', 'leftShin', 'rightThigh', 'rightShin'],
    at('leftKnee', 0.08, 'plumb'),
    'left'
  ),
  'knees-deep': change(
    STANDING,
    ['mm', 90, 130],
    (a, p) => ({ kneesBend: p.kneesBend + a }),
    ['leftThigh', 'leftShin', 'rightThigh', 'rightShin'],
    at('leftKnee', 0.08),
    'left'
  ),
  'toes-turned-in': change(
    FAMILIES,
    ['deg', 38, 50],
    (a, p) => ({ leftFootOut: p.leftFootOut - a, rightFootOut: p.rightFootOut - a }),
    ['leftFoot', 'rightFoot'],
    at('leftFoot', 0.1),
    { violin: 'feet', viola: 'feet', cello: 'feet', bass: 'feetBehind' }
  ),
  'left-foot-forward': change(
    STANDING,
    ['mm', 150, 200],
    (a, p) => ({ leftFootForward: p.leftFootForward + a }),
    ['leftFoot', 'leftShin'],
    at('leftFoot', 0.1),
    'left'
  ),
  'heels-up': change(
    ['cello'],
    ['mm', 60, 90],
    (a) => ({ heelsUp: a }),
    ['leftFoot', 'rightFoot', 'leftShin', 'rightShin'],
    at('leftFoot', 0.09, 'level'),
    'left'
  ),
  'seated-far-back': {
    ...change(
      ['cello'],
      ['mm', 120, 170],
      (a, p) => ({ seatBack: p.seatBack + a }),
      ['torso', 'leftThigh', 'rightThigh'],
      at('seatEdge', 0.09, 'plumb'),
      'left'
    ),
    against: 'seatEdge'
  },
  'knees-together': change(
    ['cello'],
    ['mm', 55, 80],
    (a, p) => ({ kneesOut: p.kneesOut - a }),
    ['leftThigh', 'rightThigh', 'leftShin', 'rightShin'],
    at('leftKnee', 0.09),
    'front'
  ),
  'knees-wide': change(
    ['cello'],
    ['mm', 90, 130],
    (a, p) => ({ kneesOut: p.kneesOut + a }),
    ['leftThigh', 'rightThigh', 'leftShin', 'rightShin'],
    at('leftKnee', 0.09),
    'front'
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;
