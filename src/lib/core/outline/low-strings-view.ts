import { LEAN_DEG } from '../bass';
import type { Posture } from '../cello';
import { CONTACT_BELOW_EDGE_MM, stationsOf, type Family, type NominalInstrument } from '../instruments';
import { path, smoothThrough, type Point } from './path';

/** A cello or bass seen from its side, wherever it stands; paths in mm, y downward. */
export interface LowStringsView {
  readonly body: string;
  readonly neck: string;
  readonly scroll: string;
  readonly strings: string;
  readonly fittings: string;
  readonly pin: string;
}

type Shape = Pick<NominalInstrument, 'bodyMm' | 'overallMm' | 'stringMm' | 'ribMm'>;

/** Height of the bridge over the top plate, as a share of the body. */
const BRIDGE_HEIGHT = 0.118;
/** How far the plates bulge, as a share of the body. */
const ARCH = 0.024;

/**
 * The outline of a cello or bass from the side.
 *
 * @param at where a point of the instrument lies: along it from the bottom edge, and out of its back
 * @param pinMm length of the pin from the ribs
 */
export function lowStringsView(
  at: Placing,
  { bodyMm, overallMm, stringMm, ribMm }: Shape,
  pinMm: number,
  family: Extract<Family, 'cello' | 'bass'>
): LowStringsView {
  const line = (...points: readonly (readonly [number, number])[]) =>
    points.map(([along, out], index) => path(index === 0 ? 'M' : 'L', ...at(along, out))).join('');
  const curve = (...points: readonly (readonly [number, number])[]) => {
    const placed = points.map(([along, out]) => at(along, out));
    return path('M', ...(placed[0] ?? [0, 0])) + smoothThrough(placed);
  };
  const arch = ARCH * bodyMm;
  const { bridge, nut, boardEnd } = stationsOf(family, { bodyMm, stringMm });
  const bridgeTop = ribMm + BRIDGE_HEIGHT * bodyMm;
  const k = overallMm / 1220;
  const nutOut = ribMm + 26 * k;
  const boardOut = nutOut + ((bridgeTop - 16 * k - nutOut) * (nut - boardEnd)) / (nut - bridge);
  const tailTop = bridge - 0.13 * bodyMm;
  return {
    body:
      line([0, 0], [0, ribMm], [bodyMm, ribMm], [bodyMm, 0], [0, 0]) +
      curve([0, ribMm], [0.3 * bodyMm, ribMm + arch], [0.7 * bodyMm, ribMm + arch], [bodyMm, ribMm]) +
      curve([0, 0], [0.3 * bodyMm, -arch], [0.7 * bodyMm, -arch], [bodyMm, 0]),
    neck: line(
      [boardEnd, boardOut],
      [nut, nutOut],
      [nut, nutOut - 26 * k],
      [bodyMm + 24 * k, ribMm - 16 * k],
      [bodyMm, 0.25 * ribMm]
    ),
    scroll: curve(
      [nut, nutOut],
      [nut + 0.45 * (overallMm - nut), nutOut - 14 * k],
      [overallMm - 26 * k, nutOut - 4 * k],
      [overallMm, nutOut - 26 * k],
      [overallMm - 26 * k, nutOut - 52 * k],
      [overallMm - 52 * k, nutOut - 40 * k],
      [nut + 0.4 * (overallMm - nut), nutOut - 46 * k],
      [nut, nutOut - 26 * k]
    ),
    strings: line([tailTop, ribMm + 0.062 * bodyMm], [bridge, bridgeTop], [nut, nutOut]),
    fittings:
      line([bridge - 4 * k, ribMm + arch], [bridge, bridgeTop], [bridge + 4 * k, ribMm + arch]) +
      line([0, ribMm], [tailTop, ribMm + 0.062 * bodyMm]) +
      line([nut + 22 * k, nutOut - 20 * k], [nut + 22 * k, nutOut + 34 * k]) +
      line([nut + 62 * k, nutOut - 24 * k], [nut + 62 * k, nutOut + 28 * k]),
    pin: line([0, ribMm / 2], [-pinMm, ribMm / 2])
  };
}

/** Where a point of an instrument lies in a view: along it from the bottom edge, out of its back. */
export type Placing = (along: number, out: number) => Point;

/** A cello as it stands before a seated player; x forward of the hips, y downward with the floor at 0. */
export function seatedPlacing({ contact, angleDeg }: Posture, bodyMm: number): Placing {
  const tilt = (angleDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(tilt), Math.cos(tilt)];
  return (along, out) => {
    const s = along - (bodyMm - CONTACT_BELOW_EDGE_MM);
    return [contact.x - s * sin + out * cos, -(contact.y + s * cos + out * sin)];
  };
}

/** A bass meets the body at the hip, this share of the height up and forward. */
const HIP_UP = 0.53;
const HIP_FORWARD = 0.07;

/** A bass as it leans on a standing player; x forward of the body's line, y downward with the floor at 0. */
export function standingPlacing(
  heightMm: number,
  { ribMm }: Pick<NominalInstrument, 'ribMm'>,
  pinMm: number,
  leanDeg = LEAN_DEG
): Placing {
  const lean = (leanDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(lean), Math.cos(lean)];
  const hipAlong = (HIP_UP * heightMm) / cos;
  return (along, out) => [
    HIP_FORWARD * heightMm - (pinMm + along - hipAlong) * sin + out * cos,
    -((pinMm + along) * cos + (out - ribMm / 2) * sin)
  ];
}
