import { slab, type Mesh } from '../drawing/meshes';
import { cone, curveOn, type Curve, type Shape } from '../drawing/shapes';
import { place, scale, type Frame, type Vec } from '../vector';
import {
  cushionUnder,
  pinEndShapes,
  rosinDust,
  rosinShapes,
  shoulderRest,
  slackString,
  type Cushion,
  type RestLift
} from './fitted';
import { boardHalf, boardTop, halfOutline, mirrored, noteAt, onString, type Model } from './model';
import { scrollShapes } from './scroll';

/** What is fitted to an instrument. */
export interface Fittings {
  /** Shoulder rest by its lift over the back at either end, mm, or something soft; null for nothing. */
  readonly rest: RestLift | Cushion | null;
  /** Tapes on the fingerboard, semitones above the open string. */
  readonly tapes: readonly number[];
  /** Length of the pin from the ribs, mm; 0 for none. */
  readonly pinMm: number;
  readonly pose?: Partial<Unready>;
}

/** What is not ready on it, 0 as it should be. */
export interface Unready {
  readonly pegOut: number;
  readonly stringSlack: number;
  readonly rosinHeap: number;
  readonly rosinDust: number;
  readonly restCrooked: number;
  readonly pinBare: number;
  readonly stopAway: number;
  readonly strap: number;
}

/** As it comes out of the case. */
export const BARE: Fittings = { rest: null, tapes: [], pinMm: 0 };

const INSTRUMENT = 'instrument';
const wood = { part: INSTRUMENT, tone: 'wood' } as const;
const dark = { tone: 'board' } as const;

/** The instrument in its frame, from the back to the strings. */
export function instrumentShapes(
  model: Model,
  frame: Frame,
  { rest, tapes, pinMm, pose = {} }: Fittings
): Shape[] {
  const { bodyMm, ribMm, stringMm } = model;
  const {
    pegOut = 0,
    stringSlack = 0,
    rosinHeap = 0,
    rosinDust: dust = 0,
    restCrooked = 0,
    pinBare = 0,
    stopAway = 0,
    strap = 0
  } = pose;
  const left = halfOutline(model.family).map(
    ([at, half]) => [-half * model.lowerBoutMm, at * bodyMm] as const
  );
  const body = slab(
    frame,
    left,
    mirrored(left),
    () => 0,
    () => ribMm,
    wood,
    cornersOf(left)
  );
  return [
    body,
    ...purfling(model, frame),
    ...neckShapes(model, frame),
    ...scrollShapes(model, frame, pegOut),
    ...bridgeShapes(model, frame, stringSlack),
    ...(rosinHeap > 0 ? rosinShapes(model, frame, rosinHeap) : []),
    ...(dust > 0 ? rosinDust(model, frame) : []),
    ...tapes.map((semitones): Mesh => {
      const at = noteAt(model, semitones);
      const half = boardHalf(model, at) * 1.02;
      const up = boardTop(model, at);
      const strip = [at - 0.009 * stringMm, at + 0.009 * stringMm].map((along) => [-half, along] as const);
      const look = { part: 'tape', tone: 'nail' } as const;
      return slab(
        frame,
        strip,
        mirrored(strip),
        () => up - 0.5,
        () => up + 0.8,
        look
      );
    }),
    ...(model.chinRestMm > 0 ? [chinRest(model, frame)] : []),
    ...(rest === null
      ? []
      : 'cushion' in rest
        ? cushionUnder(model, frame, rest)
        : shoulderRest(model, frame, rest, restCrooked)),
    ...(pinMm > 0
      ? [
          cone(
            place(frame, [0, 4, ribMm / 2]),
            place(frame, [0, -pinMm, ribMm / 2]),
            0.008 * bodyMm,
            0.006 * bodyMm,
            {
              part: 'pin',
              tone: 'metal',
              slender: true
            }
          ),
          ...pinEndShapes(model, frame, pinMm, pinBare, strap > 0 ? null : stopAway)
        ]
      : [])
  ];
}

/** The corners of the outline, where the waist begins and ends. */
const cornersOf = (outline: readonly (readonly [number, number])[]): number[] =>
  outline.flatMap(([wide], i) => {
    const [before, after] = [outline[i - 1]?.[0] ?? wide, outline[i + 1]?.[0] ?? wide];
    return i > 4 &&
      i < outline.length - 4 &&
      Math.abs(wide) > Math.abs(before) + 1e-9 &&
      Math.abs(wide) > Math.abs(after) + 1e-9 &&
      isCorner(outline, i)
      ? [i]
      : [];
  });

const isCorner = (outline: readonly (readonly [number, number])[], i: number): boolean => {
  const [a, b, c] = [outline[i - 1], outline[i], outline[i + 1]];
  if (!a || !b || !c) return false;
  const bend = Math.atan2(c[0] - b[0], c[1] - b[1]) - Math.atan2(b[0] - a[0], b[1] - a[1]);
  return Math.abs(bend) > 1;
};

/** Sound holes, as lazy S. */
function purfling({ bodyMm, lowerBoutMm, ribMm }: Model, frame: Frame): Curve[] {
  const hole: readonly (readonly [number, number])[] = [
    [0.37, 0.17],
    [0.357, 0.155],
    [0.362, 0.128],
    [0.392, 0.115],
    [0.42, 0.118],
    [0.455, 0.135],
    [0.488, 0.15],
    [0.516, 0.156],
    [0.54, 0.15],
    [0.546, 0.13],
    [0.532, 0.122]
  ];
  return [-1, 1].map((side) =>
    curveOn(
      frame,
      hole.map(([at, out]) => [side * (0.33 - out) * lowerBoutMm * 1.16, at * bodyMm, ribMm + 0.6] as Vec),
      { part: 'soundHole', on: [INSTRUMENT], fine: true, fromDetail: 60 / bodyMm }
    )
  );
}

function neckShapes(model: Model, frame: Frame): Shape[] {
  const { bodyMm: b, nut, neckRadius: r, ribMm, boardAtNut, boardEnd, stringMm } = model;
  const at = (point: Vec) => place(frame, point);
  const neck = { part: 'instrumentNeck', tone: 'wood', flesh: 'neckWood' } as const;
  const left = [boardEnd, nut].map((along) => [-boardHalf(model, along), along] as const);
  const board: Mesh = slab(
    frame,
    left,
    mirrored(left),
    (along) => boardTop(model, along) - 0.022 * stringMm,
    (along) => boardTop(model, along),
    { part: 'fingerboard', ...dark },
    [0, 1]
  );
  return [
    cone(at([0, b, boardTop(model, b) - r * 1.25]), at([0, nut, boardAtNut - r]), r * 1.15, r * 0.92, {
      ...neck,
      soft: 6
    }),
    cone(at([0, b * 0.985, ribMm * 0.55]), at([0, b, boardTop(model, b) - r * 1.05]), r * 0.9, r * 1.1, {
      ...neck,
      soft: 20
    }),
    board
  ];
}

/** Bridge, tailpiece and strings. */
function bridgeShapes(model: Model, frame: Frame, slack: number): Shape[] {
  const { bodyMm: b, bridge, stringMm, bridgeTop, ribMm, spread, nut, nutHalf } = model;
  const half = spread * 1.25;
  const foot = half * 1.15;
  const thick = 0.012 * stringMm;
  const feet = [bridge - thick, bridge + thick].map((at) => [-foot, at] as const);
  const tail = [
    [-half * 0.55, b * 0.035],
    [-half * 0.72, b * 0.17],
    [-half * 1.05, b * 0.29]
  ] as const;
  const tailTop = (at: number) => ribMm + (bridgeTop - ribMm) * (0.12 + 0.42 * (at / (0.29 * b)));
  return [
    slab(
      frame,
      feet,
      mirrored(feet),
      () => ribMm,
      () => bridgeTop - 0.006 * stringMm,
      { part: 'bridge', tone: 'rib' },
      [0, 1]
    ),
    slab(frame, tail, mirrored(tail), (at) => tailTop(at) - 0.012 * stringMm, tailTop, {
      part: 'tailpiece',
      ...dark
    }),
    ...[0, 1, 2, 3].map((string) =>
      curveOn(
        frame,
        [
          onString(model, string, nut),
          ...(string === 0 && slack > 0 ? slackString(model, slack) : []),
          onString(model, string, bridge),
          [((string - 1.5) / 1.5) * half * 0.7, b * 0.285, tailTop(0.285 * b)]
        ],
        {
          part: string === 0 && slack > 0 ? 'string0' : 'string',
          on: ['bridge', 'fingerboard', 'tailpiece'],
          ...(string === 0 && slack > 0 ? {} : { fine: true, fromDetail: 2.2 / (nutHalf * 0.72) })
        }
      )
    )
  ];
}

/** The plate of the chin rest, left of the tailpiece. */
const CHIN_REST_AT = [-0.135, 0.095] as const;

/** Middle of the chin rest's top, in the instrument's frame. */
export const chinRestTop = ({ bodyMm, ribMm, chinRestMm }: Model): Vec => [
  CHIN_REST_AT[0] * bodyMm,
  CHIN_REST_AT[1] * bodyMm,
  ribMm + chinRestMm
];

function chinRest(model: Model, frame: Frame): Shape {
  const { bodyMm: b, chinRestMm } = model;
  const [wide, along, top] = chinRestTop(model);
  const thick = 0.36 * chinRestMm;
  return {
    kind: 'ellipsoid',
    part: 'chinRest',
    ...dark,
    at: place(frame, [wide, along, top - thick]),
    axes: [scale(frame.x, 0.12 * b), scale(frame.y, 0.085 * b), scale(frame.z, thick)]
  };
}
