import type { Direction } from './drawing/camera';

/** What of a figure a picture shows: all of it, or a piece round a spot, in shares of the player's height. */
export interface View extends Direction {
  /** Null shows all. */
  readonly crop: {
    readonly spot: string;
    readonly right: number;
    readonly down: number;
    readonly width: number;
    readonly height: number;
  } | null;
  /** Parts that are left out, by the beginning of their name, so that what matters is seen. */
  readonly without: readonly string[];
}

const all = (azimuth: number, elevation: number): View => ({ azimuth, elevation, crop: null, without: [] });

const close = (
  azimuth: number,
  elevation: number,
  spot: string,
  [right, down, width, height]: readonly [number, number, number, number],
  without: readonly string[] = []
): View => ({ azimuth, elevation, crop: { spot, right, down, width, height }, without });

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
  headBehind: close(180, 6, 'head', [-0.05, 0.13, 0.52, 0.52]),
  headLeft: close(90, 4, 'head', [-0.12, 0.13, 0.56, 0.5]),
  trunkLeft: close(90, 4, 'chest', [-0.02, 0.02, 0.7, 0.74]),
  trunkRight: close(-90, 4, 'chest', [0.02, 0.02, 0.7, 0.74]),
  armRight: close(-40, 6, 'chest', [0.12, -0.1, 0.66, 0.56]),
  bodyAbove: close(180, 86, 'bridge', [0.05, 0.02, 0.66, 0.6]),
  leftHand: close(150, 8, 'leftHand', [0, 0.01, 0.19, 0.17], BESIDE_LEFT_HAND),
  leftHandFront: close(-60, 25, 'leftHand', [0, 0.01, 0.19, 0.17], BESIDE_LEFT_HAND),
  leftHandSide: close(98, 6, 'leftHand', [0, 0.01, 0.19, 0.17], BESIDE_LEFT_HAND),
  leftArm: close(0, 4, 'leftElbow', [-0.06, -0.06, 0.42, 0.4]),
  bowHand: close(5, 18, 'rightHand', [0.01, 0.01, 0.19, 0.17], BESIDE_BOW_HAND),
  bowHandInside: close(196, -14, 'rightHand', [-0.01, 0.015, 0.19, 0.17], BESIDE_BOW_HAND),
  bowHandAbove: close(-25, 18, 'rightHand', [0, 0.01, 0.19, 0.17], BESIDE_BOW_HAND),
  neckBehind: close(180, 4, 'neckBack', [0, 0.02, 0.34, 0.3]),
  kneesPin: close(25, 6, 'bottom', [0, -0.02, 0.6, 0.46]),
  feet: close(15, 20, 'leftFoot', [-0.06, -0.06, 0.4, 0.26])
} as const satisfies Readonly<Record<string, View>>;

export type ViewName = keyof typeof VIEWS;
export const VIEW_NAMES = Object.keys(VIEWS) as readonly ViewName[];
