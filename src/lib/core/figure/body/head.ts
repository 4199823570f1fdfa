import { add, direct, radians, scale, unit, type Vec } from '../vector';
import { inRow, mesh, tube, type Form } from '../drawing/meshes';
import { cone, type Curve, type Shape } from '../drawing/shapes';
import type { FigureBody } from './lengths';
import { HEAD, oval, refined } from './profiles';
import { headFrame, onHead, type Spine } from './spine';

const FINE = refined(HEAD, 2);
const FINEST = refined(HEAD, 6);

/** What shows in a face, from 0 to 1: teeth set on each other, and breath held in the cheeks. */
export interface Face {
  readonly jawClenched: number;
  readonly cheeksFull: number;
}

/** Head with face, ears and hair. */
export function headShapes(body: FigureBody, spine: Spine, { jawClenched, cheeksFull }: Face): Shape[] {
  const { headMm: H } = body;
  const at = onHead(spine, body);
  const { head } = spine;
  const skin = { tone: 'skin', flesh: 'head' } as const;
  const frame = headFrame(spine, body);
  const skull = mesh(SKULL, { part: 'head', ...skin, soft: 0.05 * H, shortest: 0.08 * H }, frame);
  const surface = (x: number, y: number) => {
    const [, half = 1, front = 0] = FINEST.find(([height = 0]) => height >= y) ?? [];
    return front * Math.sqrt(Math.max(0, 1 - (x / half) ** 2));
  };
  const line = (points: readonly (readonly [number, number])[]): Curve => ({
    kind: 'curve',
    part: 'face',
    points: points.map(([x, y]) => at(x, y, surface(x, y) + 0.004)),
    on: ['head']
  });
  const faces: Shape[] = [-1, 1].flatMap((side): Shape[] => [
    {
      kind: 'ellipsoid',
      part: 'ear',
      tone: 'skin',
      at: at(side * 0.325, 0.42, -0.02),
      axes: [
        scale(head.x, 0.03 * H),
        scale(unit(add(head.y, scale(head.z, -0.15))), 0.095 * H),
        scale(unit(add(head.z, scale(head.y, 0.15))), 0.058 * H)
      ]
    },
    line([
      [side * 0.126, 0.45],
      [side * 0.129, 0.477],
      [side * 0.13, 0.505]
    ])
  ]);
  const mouth = line(
    Array.from({ length: 9 }, (_, i) => {
      const x = (i - 4) / 4;
      const wide = 0.085 + 0.02 * jawClenched - 0.05 * cheeksFull;
      return [x * wide, 0.2 + (0.018 - 0.05 * jawClenched) * x * x] as const;
    })
  );
  const strain = [-1, 1].flatMap((side): Curve[] => [
    ...(jawClenched > 0
      ? [
          // The brow comes down, and the muscle stands out at the jaw's corner.
          line([0.04, 0.12, 0.2].map((x, i) => [side * x, 0.525 + 0.035 * i] as const)),
          line([0.02, 0.05, 0.08].map((x) => [side * x, 0.165] as const)),
          line([0.15, 0.18, 0.21].map((y) => [side * 0.1, y] as const)),
          line([0.155, 0.18, 0.205].map((y) => [side * 0.04, y] as const)),
          line([0.31, 0.25, 0.18].map((y, i) => [side * (0.245 - 0.012 * Math.abs(i - 1)), y] as const))
        ]
      : []),
    ...(cheeksFull > 0
      ? [
          line([0.07, 0.13, 0.19].map((x, i) => [side * x, 0.6 + (i === 1 ? 0.015 : 0)] as const)),
          line(
            [
              [0.16, 0.3],
              [0.13, 0.25],
              [0.13, 0.19],
              [0.16, 0.14]
            ].map(([x = 0, y = 0]) => [side * x, y] as const)
          )
        ]
      : [])
  ]);
  // The jaw's edge from ear to chin, where the side of the face turns under.
  const jaw = [-1, 1].map((side): Curve => {
    const run = Array.from({ length: 9 }, (_, i) => i / 8);
    const points = run.map((t) => {
      const y = 0.3 - 0.265 * t;
      const [, half = 0.3, front = 0.37, back = 0.2] = FINEST.find(([height = 0]) => height >= y) ?? [];
      const angle = radians(100 - 72 * t);
      const c = Math.cos(angle);
      return at(side * half * Math.sin(angle), y, (c > 0 ? front : back) * c);
    });
    const normals = run.map((t) => {
      const angle = radians(100 - 72 * t);
      return direct(head, unit([side * Math.sin(angle), -0.35, Math.cos(angle)]));
    });
    return { kind: 'curve', part: 'jaw', points, normals, on: ['head'], fine: true, fromDetail: 0.45 };
  });
  const nose = cone(at(0, 0.43, 0.37), at(0, 0.335, 0.405), 0.02 * H, 0.034 * H, {
    part: 'nose',
    ...skin,
    soft: 0.045 * H
  });
  return [skull, nose, ...faces, mouth, ...strain, ...jaw, mesh(HAIR, { part: 'hair', tone: 'hair' }, frame)];
}

/** The head's surface, the same for everybody, in heads. */
export const SKULL: Form = tube(
  inRow(
    FINE.flatMap(([y = 0, half = 0, front = 0, back = 0]) =>
      oval(24, half, front, back, 2.15).map(([x, z]): Vec => [x, y, z])
    )
  ),
  24
);

/** Where the hair ends: turned round the head from the forehead over the left, and down from the crown; degrees. */
const HAIRLINE: readonly (readonly [number, number])[] = [
  [0, 66],
  [30, 67],
  [52, 74],
  [66, 92],
  [77, 106],
  [84, 107],
  [90, 99],
  [104, 104],
  [114, 120],
  [135, 134],
  [180, 138],
  [225, 134],
  [246, 120],
  [256, 104],
  [270, 99],
  [276, 107],
  [283, 106],
  [294, 92],
  [308, 74],
  [330, 67],
  [360, 66]
];

const FINE_HAIRLINE = refined(HAIRLINE, 6);

const HAIR_AROUND = 48;
const HAIR_DOWN = 9;

/** How far down from the crown the hair reaches, degrees. */
function edgeAt(round: number): number {
  const index = Math.max(
    1,
    FINE_HAIRLINE.findIndex(([at = 0]) => at >= round)
  );
  const [[from = 0, low = 0] = [], [to = 0, high = 0] = []] = [
    FINE_HAIRLINE[index - 1],
    FINE_HAIRLINE[index]
  ];
  return low + ((high - low) * (round - from)) / (to - from || 1);
}

/** Points of a cap of hair down to the nape, in rings from its edge up; in heads. */
const hairRings = Array.from({ length: HAIR_DOWN + 1 }, (_, row) =>
  Array.from({ length: HAIR_AROUND }, (_, i): Vec => {
    const round = (360 * i) / HAIR_AROUND;
    const angle = radians(0.5 + edgeAt(round) * (1 - row / HAIR_DOWN));
    const [x, y, z] = [
      Math.sin(angle) * Math.sin(radians(round)),
      Math.cos(angle),
      Math.sin(angle) * Math.cos(radians(round))
    ];
    return [x * 0.372, 0.57 + y * (y > 0 ? 0.47 : 0.5), z * (z > 0 ? 0.415 : 0.47) - 0.005];
  })
).flat();

const HAIR: Form = tube(inRow(hairRings), HAIR_AROUND, { isOpen: true, drawn: [0] });
