import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../instruments';
import type { ViewName } from '../figure/views';

/** Places on a player and an instrument that are laid on a picture. */
export type PhotoPoint =
  | 'left-ear'
  | 'right-ear'
  | 'left-shoulder'
  | 'right-shoulder'
  | 'shoulder'
  | 'hip'
  | 'left-elbow'
  | 'left-wrist'
  | 'left-knuckles'
  | 'right-elbow'
  | 'right-wrist'
  | 'right-knuckles'
  | 'button'
  | 'scroll'
  | 'rib-below'
  | 'rib-above'
  | 'frog'
  | 'tip'
  | 'bridge'
  | 'nut';

/**
 * How an angle is read from its points.
 *
 * - `level`: the first above the second, from level
 * - `plumb`: the line through both from plumb, whichever way it leans
 * - `lines`: the first two against the last two, the first higher
 * - `bend`: at the second, from straight
 * - `between`: the line of the first two against the line of the last two
 * - `facing`: from the third to the fourth, to the left of straight ahead of the first two, seen from above
 */
export type AngleReading = 'level' | 'plumb' | 'lines' | 'bend' | 'between' | 'facing';

/** Where a point usually lies in the plane of the picture, mm: right and down, from the middle of all. */
type Lies = readonly [right: number, down: number];

export interface AngleKind {
  readonly families: readonly Family[];
  readonly reading: AngleReading;
  readonly points: readonly (readonly [point: PhotoPoint, lies: Lies])[];
  /** From where it is looked at, by the family's own side where that differs. */
  readonly view: ViewName | Readonly<Partial<Record<Family, ViewName>>>;
  /** At what height the camera stands, and how far off it usually is, mm. */
  readonly height: 'shoulders' | 'hips' | 'hand' | 'instrument' | 'bow' | 'above';
  readonly distanceMm: number;
  /** What is right, degrees, both ends counted; without one it is what was set up or agreed, so far to both sides. */
  readonly band:
    readonly [least: number, most: number] | { readonly agreed: 'scroll' | 'cello'; readonly within: number };
  /** How far its points lie before or behind each other, mm: what a turned camera sees of that is no angle. */
  readonly deepMm: number;
  /** Checks to which it speaks. */
  readonly checks: readonly string[];
}

const one = <Kind extends AngleKind>(kind: Kind): Kind => kind;
const LOW = ['cello', 'bass'] as const;
const fromBehind = { violin: 'headBehind', viola: 'headBehind', cello: 'front', bass: 'front' } as const;
const WRIST = { reading: 'bend', height: 'hand', distanceMm: 600, band: [0, 15], deepMm: 20 } as const;

/**
 * The angles that can be read from a still, by family.
 *
 * Source: what string teachers hold level, bend and right angles against, with their usual limits; lengths of a child of
 * about 1.3 m with the size that fits.
 */
export const ANGLES = {
  shoulders: one({
    families: FAMILIES,
    reading: 'level',
    points: [
      ['left-shoulder', [-138, 0]],
      ['right-shoulder', [138, 0]]
    ],
    view: fromBehind,
    height: 'shoulders',
    distanceMm: 1500,
    band: [-4, 4],
    deepMm: 25,
    checks: [
      'stance-shoulders',
      'hold-shoulder',
      'hold-squeeze',
      'hold-bringing-up',
      'left-shoulder',
      'use-shoulder',
      'seat-line'
    ]
  }),
  'head-violin': one({
    families: SHOULDER_FAMILIES,
    reading: 'lines',
    points: [
      ['left-ear', [-65, -180]],
      ['right-ear', [65, -180]],
      ['left-shoulder', [-138, 0]],
      ['right-shoulder', [138, 0]]
    ],
    view: 'headBehind',
    height: 'shoulders',
    distanceMm: 1500,
    band: [-15, 15],
    deepMm: 120,
    checks: ['hold-neck', 'hold-head', 'hold-jaw']
  }),
  'head-low': one({
    families: LOW,
    reading: 'lines',
    points: [
      ['left-ear', [70, -180]],
      ['right-ear', [-70, -180]],
      ['left-shoulder', [138, 0]],
      ['right-shoulder', [-138, 0]]
    ],
    view: 'front',
    height: 'shoulders',
    distanceMm: 1500,
    band: [-8, 8],
    deepMm: 60,
    checks: ['hold-head', 'hold-looks', 'seat-line']
  }),
  trunk: one({
    families: FAMILIES,
    reading: 'plumb',
    points: [
      ['hip', [0, 180]],
      ['shoulder', [0, -180]]
    ],
    view: 'right',
    height: 'hips',
    distanceMm: 2200,
    band: [0, 5],
    deepMm: 40,
    checks: ['stance-back', 'hold-comes-to-player', 'hold-back', 'seat-back', 'use-elbow', 'use-repeats']
  }),
  'left-wrist': one({
    ...WRIST,
    families: FAMILIES,
    points: [
      ['left-elbow', [-130, 90]],
      ['left-wrist', [0, 0]],
      ['left-knuckles', [50, -55]]
    ],
    view: { violin: 'leftHandFront', viola: 'leftHandFront', cello: 'leftHandSide', bass: 'leftHandSide' },
    checks: ['left-wrist', 'left-first-weeks', 'left-palm', 'left-c-shape']
  }),
  'right-wrist': one({
    ...WRIST,
    families: FAMILIES,
    points: [
      ['right-elbow', [-150, 60]],
      ['right-wrist', [0, 0]],
      ['right-knuckles', [70, -10]]
    ],
    view: 'bowWrist',
    checks: ['bow-wrist', 'use-wrist-leads', 'bow-knuckles']
  }),
  'instrument-level': one({
    families: SHOULDER_FAMILIES,
    reading: 'level',
    points: [
      ['scroll', [-235, 0]],
      ['button', [235, 0]]
    ],
    view: 'threeQuarterRight',
    height: 'instrument',
    distanceMm: 1300,
    band: [-8, 8],
    deepMm: 15,
    checks: ['hold-level', 'hold-free-run', 'left-first-weeks']
  }),
  'cello-angle': one({
    families: ['cello'],
    reading: 'plumb',
    points: [
      ['rib-below', [-150, 260]],
      ['rib-above', [150, -260]]
    ],
    view: 'left',
    height: 'instrument',
    distanceMm: 1800,
    band: { agreed: 'cello', within: 5 },
    deepMm: 40,
    checks: ['hold-peg', 'hold-breastbone', 'hold-pin', 'hold-contacts']
  }),
  'bass-angle': one({
    families: ['bass'],
    reading: 'plumb',
    points: [
      ['rib-below', [-80, 450]],
      ['rib-above', [80, -450]]
    ],
    view: 'left',
    height: 'instrument',
    distanceMm: 2200,
    band: [8, 16],
    deepMm: 60,
    checks: ['hold-leans-in', 'hold-contacts']
  }),
  'bow-string': one({
    families: FAMILIES,
    reading: 'between',
    points: [
      ['frog', [-260, 0]],
      ['tip', [260, 0]],
      ['bridge', [0, 90]],
      ['nut', [0, -170]]
    ],
    view: { violin: 'bodyAbove', viola: 'bodyAbove', cello: 'bowFront', bass: 'bowFront' },
    height: 'bow',
    distanceMm: 1200,
    band: [82, 98],
    deepMm: 30,
    checks: ['use-straight', 'use-part', 'use-whole', 'use-one-string', 'use-tip', 'use-lane', 'use-opening']
  }),
  'scroll-direction': one({
    families: SHOULDER_FAMILIES,
    reading: 'facing',
    points: [
      ['left-shoulder', [-138, 60]],
      ['right-shoulder', [138, 60]],
      ['button', [-20, 30]],
      ['scroll', [-270, -260]]
    ],
    view: 'above',
    height: 'above',
    distanceMm: 1500,
    band: { agreed: 'scroll', within: 12 },
    deepMm: 60,
    checks: ['stance-facing', 'hold-direction']
  })
} as const satisfies Readonly<Record<string, AngleKind>>;

export type AngleId = keyof typeof ANGLES;
export const ANGLE_IDS = Object.keys(ANGLES) as readonly AngleId[];
export const angleKind = (id: AngleId): AngleKind => ANGLES[id];

/** The angles of a family: those that speak to a check first. */
export function anglesFor(family: Family, checkId: string): readonly AngleId[] {
  const own = ANGLE_IDS.filter((id) => angleKind(id).families.includes(family));
  const speaks = (id: AngleId) => angleKind(id).checks.includes(checkId);
  return [...own.filter(speaks), ...own.filter((id) => !speaks(id))];
}

/** What was set up or agreed, degrees, where it is known. */
export interface Agreed {
  /** The scroll to the left of straight ahead. */
  readonly scrollDeg?: number;
  /** A cello's angle from plumb. */
  readonly celloDeg?: number;
}

const USUAL_SCROLL_DEG = 45;

/** What is right for an angle; null where nothing was set up against which it could be held. */
export function bandOf(
  id: AngleId,
  { scrollDeg = USUAL_SCROLL_DEG, celloDeg }: Agreed
): readonly [number, number] | null {
  const { band } = angleKind(id);
  if (!('agreed' in band)) return band;
  const middle = band.agreed === 'scroll' ? scrollDeg : celloDeg;
  return middle === undefined ? null : [middle - band.within, middle + band.within];
}

/** From where an angle is looked at in a family. */
export function viewFor(id: AngleId, family: Family): ViewName {
  const { view } = angleKind(id);
  return typeof view === 'string' ? view : (view[family] ?? 'front');
}
