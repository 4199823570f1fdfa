import { bent, direct, mix, moved, place, type Vec } from '../vector';
import { cone, tube, type Shape } from '../drawing/shapes';
import type { FigureBody } from './lengths';
import { oval, refined, smoothStep, TORSO } from './profiles';
import { CHEST_AT, SIDES, signOf, WAIST_AT, type Spine, type TrunkPose } from './spine';

const FINE_TORSO = refined(TORSO, 3);

/** Points of the trunk's surface, in rings from the hem up. */
export function torsoRings(
  body: FigureBody,
  spine: Spine,
  { bellyOut }: Pick<TrunkPose, 'bellyOut'>
): Vec[][] {
  const { heightMm: h, trunkMm: T } = body;
  return FINE_TORSO.map(([y = 0, half = 0, front = 0, back = 0]) => {
    const intoWaist = smoothStep(y, WAIST_AT, 0.1);
    const intoChest = smoothStep(y, CHEST_AT, 0.1);
    const belly = bellyOut * Math.exp(-(((y - 0.22) / 0.22) ** 2));
    return oval(24, half * h, front * h + belly, back * h, 2.3).map(([x, z]) => {
      const high = place(spine.chest, [x, (y - CHEST_AT) * T, z]);
      if (intoChest === 1) return high;
      const middle = place(spine.waist, [x, (y - WAIST_AT) * T, z]);
      if (intoWaist === 1) return mix(middle, high, intoChest);
      return mix(mix(place(spine.pelvis, [x, y * T, z]), middle, intoWaist), high, intoChest);
    });
  });
}

/** Trunk, neck and the slopes to the shoulders. */
export function trunkShapes(body: FigureBody, spine: Spine, pose: Pick<TrunkPose, 'bellyOut'>): Shape[] {
  const { heightMm: h, trunkMm: T } = body;
  const cloth = { flesh: 'body', tone: 'top', soft: 0.03 * h, shortest: 0.026 * h } as const;
  const top = (1 - CHEST_AT) * T;
  const slopes = SIDES.map((side) =>
    cone(
      place(spine.chest, [signOf(side) * 0.02 * h, top + 0.009 * h, -0.016 * h]),
      spine.shoulders[side],
      0.031 * h,
      0.033 * h,
      { part: `${side}Shoulder`, ...cloth }
    )
  );
  const neck = cone(
    place(spine.neck, [0, 0.012 * h, 0.004 * h]),
    place(spine.neck, [0, body.neckMm * 0.9, 0]),
    0.03 * h,
    0.0262 * h + 3,
    { part: 'neck', flesh: 'neck', tone: 'skin', soft: 0.02 * h, shortest: 0.02 * h }
  );
  const ring = bent(moved(spine.chest, place(spine.chest, [0, top + 0.034 * h, -0.005 * h])), { pitch: 32 });
  const collar = Array.from({ length: 33 }, (_, i) => {
    const angle = (i * Math.PI) / 16;
    return [Math.sin(angle), Math.cos(angle)] as const;
  });
  const band = [-0.5, 0.5].map((up) =>
    collar.slice(0, 32).map(([x, z]) => place(ring, [0.037 * h * x, up * 0.012 * h, 0.0455 * h * z]))
  );
  return [
    tube(torsoRings(body, spine, pose), { part: 'torso', ...cloth }, [0]),
    ...slopes,
    neck,
    tube(band, { part: 'collar', flesh: 'body', tone: 'top', soft: 0.03 * h, shell: true }),
    {
      kind: 'curve',
      part: 'collar',
      points: collar.map(([x, z]) => place(ring, [0.037 * h * x, 0.006 * h, 0.0455 * h * z])),
      normals: collar.map(([x, z]) => direct(ring, [x, 0, z])),
      on: ['torso', 'collar', 'leftShoulder', 'rightShoulder', 'neck']
    }
  ];
}
