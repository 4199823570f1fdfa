import { SHOULDER_FAMILIES } from '../../instruments';
import { at, change, HEAD, INSTRUMENT, LOW, TRUNK, type ChangeKind } from './kind';

/** How the instrument lies, stands or leans. */
export const INSTRUMENT_CHANGES = {
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
    'above'
  ),
  'scroll-to-side': change(
    SHOULDER_FAMILIES,
    ['deg', 34, 50],
    (a, p) => ({ scrollLeft: p.scrollLeft + a }),
    INSTRUMENT,
    at('scroll', 0.06),
    'above'
  ),
  'tilted-too-steep': change(
    SHOULDER_FAMILIES,
    ['deg', 32, 45],
    (a, p) => ({ stringTilt: p.stringTilt + a }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'scrollEnd'
  ),
  'lying-flat': change(
    SHOULDER_FAMILIES,
    ['deg', 20, 30],
    (a, p) => ({ stringTilt: p.stringTilt - a }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'scrollEnd'
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
    (a, p) => ({ turned: p.turned + a, headRoll: p.headRoll - 0.5 * a, headYaw: p.headYaw + 1.4 * a }),
    [...INSTRUMENT, ...HEAD],
    at('bridge', 0.1),
    'head'
  ),
  'pushed-away': change(
    ['cello', 'bass'],
    ['mm', 100, 160],
    (a) => ({ awayFromBody: a }),
    INSTRUMENT,
    at('chest', 0.08),
    { cello: 'left', bass: 'above' }
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
  'knees-above-corner': {
    ...change(
      ['cello'],
      ['mm', 70, 110],
      (a) => ({ seatUp: -a * 0.8, feetForward: -a * 0.3 }),
      ['leftThigh', 'rightThigh'],
      at('leftKnee', 0.09),
      'kneesPin'
    ),
    against: 'seatEdge'
  },
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
    INSTRUMENT,
    at('leftShoulder', 0.09),
    'front'
  ),
  'bass-too-high': change(
    ['bass'],
    ['mm', 120, 170],
    (a) => ({ pinMore: a }),
    INSTRUMENT,
    at('nut', 0.06, 'level', 'eyebrow'),
    'front'
  ),
  'bass-too-low': change(
    ['bass'],
    ['mm', 110, 150],
    (a, p) => ({ pinMore: -a, spinePitch: p.spinePitch + 0.12 * a }),
    INSTRUMENT,
    at('nut', 0.06, 'level', 'eyebrow'),
    'front'
  ),

  'out-on-the-shoulder': change(
    SHOULDER_FAMILIES,
    ['mm', 62, 90],
    (a, p, h) => ({ outOnShoulder: p.outOnShoulder + (a * h) / 1300 }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'bodyAbove'
  ),
  'on-the-throat': change(
    SHOULDER_FAMILIES,
    ['mm', 55, 80],
    (a, p, h) => ({ outOnShoulder: p.outOnShoulder - (a * h) / 1300 }),
    INSTRUMENT,
    at('bodyMiddle', 0.09),
    'bodyAbove'
  ),
  'rest-hangs-down': change(
    SHOULDER_FAMILIES,
    ['deg', 60, 75],
    (a) => ({ guardDrop: a }),
    INSTRUMENT,
    at('scroll', 0.07),
    'threeQuarterRight',
    'rest'
  ),
  'rest-points-out': change(
    SHOULDER_FAMILIES,
    ['deg', 55, 75],
    (a) => ({ guardOut: a }),
    INSTRUMENT,
    at('scroll', 0.07),
    'front',
    'rest'
  ),
  'cello-turned-far': change(
    ['cello'],
    ['deg', 24, 35],
    (a, p) => ({ turned: p.turned + a }),
    INSTRUMENT,
    at('bridge', 0.1),
    'front'
  ),
  'neck-in-the-middle': change(
    ['cello'],
    ['deg', 9, 14],
    (a, p) => ({ neckLeft: p.neckLeft - a }),
    ['scroll', 'fingerboard', 'instrumentNeck'],
    at('nut', 0.07),
    'front'
  ),
  'neck-far-out': change(
    ['cello'],
    ['deg', 12, 18],
    (a, p) => ({ neckLeft: p.neckLeft + a }),
    ['scroll', 'fingerboard', 'instrumentNeck'],
    at('nut', 0.07),
    'front'
  ),
  'bass-face-on': change(
    ['bass'],
    ['deg', 40, 55],
    (a, p) => ({ turned: p.turned - a }),
    INSTRUMENT,
    at('bridge', 0.1),
    'front'
  ),
  'leaning-on-it': change(
    LOW,
    ['deg', 20, 30],
    (a, p) => ({
      spinePitch: p.spinePitch + a,
      pelvisPitch: p.pelvisPitch + 0.3 * a,
      spineRoll: p.spineRoll + 0.3 * a
    }),
    TRUNK,
    at('chest', 0.1, 'plumb'),
    { cello: 'left', bass: 'left' }
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;
