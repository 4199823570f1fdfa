import { bent, direct, mix, moved, place, type Frame } from '../vector';
import { inRow, mesh, tube } from '../drawing/meshes';
import { cone, type Shape } from '../drawing/shapes';
import type { FigureBody } from './lengths';
import { oval, refined, smoothStep, TORSO } from './profiles';
import { CHEST_AT, SIDES, signOf, WAIST_AT, type Spine, type TrunkPose } from './spine';

const FINE_TORSO = refined(TORSO, 3);
/** Points of a ring round the trunk. */
const AROUND = 24;

/** Where a ring round the trunk lies: its middle, and the ways to the side and to the front. */
type Ring = Pick<Frame, 'at' | 'x' | 'z'>;

const ringOn = (frame: Frame, up: number): Ring => ({ ...frame, at: place(frame, [0, up, 0]) });

const between = (a: Ring, b: Ring, share: number): Ring => ({
  at: mix(a.at, b.at, share),
  x: mix(a.x, b.x, share),
  z: mix(a.z, b.z, share)
});

/** Points of the trunk's surface, in rings from the hem up. */
function torso(
  { heightMm: h, trunkMm: T }: FigureBody,
  { pelvis, waist, chest }: Spine,
  { bellyOut }: Pick<TrunkPose, 'bellyOut'>
): Float64Array {
  const row = new Float64Array(3 * AROUND * FINE_TORSO.length);
  let at = 0;
  for (const [y = 0, half = 0, front = 0, back = 0] of FINE_TORSO) {
    const low = between(
      ringOn(pelvis, y * T),
      ringOn(waist, (y - WAIST_AT) * T),
      smoothStep(y, WAIST_AT, 0.1)
    );
    const ring = between(low, ringOn(chest, (y - CHEST_AT) * T), smoothStep(y, CHEST_AT, 0.1));
    const belly = bellyOut * Math.exp(-(((y - 0.22) / 0.22) ** 2));
    for (const [x, z] of oval(AROUND, half * h, front * h + belly, back * h, 2.3)) {
      row[at++] = ring.at[0] + ring.x[0] * x + ring.z[0] * z;
      row[at++] = ring.at[1] + ring.x[1] * x + ring.z[1] * z;
      row[at++] = ring.at[2] + ring.x[2] * x + ring.z[2] * z;
    }
  }
  return row;
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
  const band = [-0.5, 0.5].flatMap((up) =>
    collar.slice(0, 32).map(([x, z]) => place(ring, [0.037 * h * x, up * 0.012 * h, 0.0455 * h * z]))
  );
  return [
    mesh(tube(torso(body, spine, pose), AROUND, { drawn: [0] }), { part: 'torso', ...cloth }),
    ...slopes,
    neck,
    mesh(tube(inRow(band), 32, { isOpen: true }), {
      part: 'collar',
      flesh: 'body',
      tone: 'top',
      soft: 0.03 * h
    }),
    {
      kind: 'curve',
      part: 'collar',
      points: collar.map(([x, z]) => place(ring, [0.037 * h * x, 0.006 * h, 0.0455 * h * z])),
      normals: collar.map(([x, z]) => direct(ring, [x, 0, z])),
      on: ['torso', 'collar', 'leftShoulder', 'rightShoulder', 'neck']
    }
  ];
}
