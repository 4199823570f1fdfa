import { cosDeg, cross, dot, sinDeg, type Vec } from '../vector';

/** From where a figure is seen, degrees: azimuth 0 front, 90 the player's left, 180 behind; elevation 90 above. */
export interface Direction {
  readonly azimuth: number;
  readonly elevation: number;
}

/** The axes of a picture in the world: right, up, and towards the viewer. */
export interface Camera {
  readonly right: Vec;
  readonly up: Vec;
  readonly towards: Vec;
}

export function cameraOf({ azimuth, elevation }: Direction): Camera {
  const towards: Vec = [
    sinDeg(azimuth) * cosDeg(elevation),
    sinDeg(elevation),
    cosDeg(azimuth) * cosDeg(elevation)
  ];
  const right: Vec = [cosDeg(azimuth), 0, -sinDeg(azimuth)];
  return { right, up: cross(towards, right), towards };
}

/** A point as the picture has it, mm: x right, y down, z towards the viewer. */
export const seen = (camera: Camera, point: Vec): Vec => [
  dot(point, camera.right),
  -dot(point, camera.up),
  dot(point, camera.towards)
];
