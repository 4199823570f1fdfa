import { slab } from '../drawing/meshes';
import { cone, type Curve, type Shape } from '../drawing/shapes';
import { add, cross, scale, sum, type Vec } from '../vector';

/** A bow of a length; all else follows from it. */
export interface Bow {
  readonly lengthMm: number;
  readonly hairMm: number;
  readonly frogMm: number;
  readonly stickRadius: number;
  readonly size: number;
  /** How far the stick bends towards the hair: 1 as it should be, more when slack, 0 when quite straight. */
  readonly bend: number;
}

/** A 4/4 violin bow, from which all others are scaled, mm. */
const WHOLE_BOW_MM = 745;
const HAIR_SHARE = 0.88;

/**
 * @param heavy thickness against a violin's bow: 1.15 for a cello's, 1.35 for a bass's
 * @param pressed 1 with the stick on a hair that is taut
 * @param slack 0 as for playing, 1 with the hair on the stick, -1 tightened until the stick bends outward
 */
export function bowOf(lengthMm: number, heavy: number, slack = 0, pressed = 0): Bow {
  const size = (lengthMm / WHOLE_BOW_MM) * heavy;
  return {
    lengthMm,
    hairMm: HAIR_SHARE * lengthMm,
    frogMm: 38 * size,
    stickRadius: 4.3 * size,
    size,
    bend: 1 + (slack > 0 ? 0.42 : 1.35) * slack + 0.62 * pressed
  };
}

/** Where a bow lies: the hair's end at the frog, along the hair to the tip, and from the hair to the stick. */
export interface BowFrame {
  readonly at: Vec;
  readonly along: Vec;
  readonly up: Vec;
}

/** Middle of the stick over the hair, at a distance from the frog's end, mm. */
export function stickOver({ hairMm, size, lengthMm, bend }: Bow, at: number): number {
  const t = Math.min(1, Math.max(0, at / hairMm));
  return 21 * size - (bend * 4 * 12 * lengthMm * t * (1 - t)) / WHOLE_BOW_MM;
}

/** A point of the bow in the world: along, from the hair to the stick, and to the far side. */
export const onBow = ({ at, along, up }: BowFrame, [x, y, z]: Vec): Vec =>
  sum(at, scale(along, x), scale(up, y), scale(cross(along, up), z));

/** Hair that is not as it should be: torn strands, and a part that fingers made dark. */
export interface Hair {
  readonly hairTorn: number;
  readonly hairGreasy: number;
}

export function bowShapes(bow: Bow, frame: BowFrame, { hairTorn, hairGreasy }: Hair): Shape[] {
  const { hairMm, size, stickRadius: r } = bow;
  const pieces = 8;
  const end = -0.055 * hairMm;
  const at = (i: number): Vec => {
    const x = end + ((hairMm - end) * i) / pieces;
    return onBow(frame, [x, stickOver(bow, x), 0]);
  };
  const stick = Array.from({ length: pieces }, (_, i) =>
    cone(at(i), at(i + 1), r * (1 - 0.045 * i), r * (1 - 0.045 * (i + 1)), {
      part: 'bow',
      tone: 'bow',
      flesh: 'stick',
      soft: 3,
      slender: true
    })
  );
  const board = { at: frame.at, x: cross(frame.along, frame.up), y: frame.along, z: frame.up };
  const block = (half: number, from: number, to: number, low: number, high: number, part: string) => {
    const left = [
      [-half * size, from],
      [-half * size, to]
    ] as const;
    const right = left.map(([wide, along]) => [-wide, along] as const);
    return slab(
      board,
      left,
      right,
      () => low,
      () => high,
      { part, tone: 'board' },
      [0, 1]
    );
  };
  const hair = [-3.5, 3.5].map((side): Curve => ({
    kind: 'curve',
    part: 'bowHair',
    points: [30 * size, hairMm].map((along) => onBow(frame, [along, 0, side * size])),
    on: ['frog'],
    fine: true,
    ...(side > 0 ? { fromDetail: 0.7 } : {})
  }));
  const torn =
    hairTorn > 0
      ? [0.34, 0.38, 0.41, 0.46, 0.5, 0.53, 0.58, 0.62].map((share, i): Curve => {
          const from = share * hairMm;
          const hang = (0.07 + 0.035 * (i % 4)) * hairMm * hairTorn;
          const points = Array.from({ length: 9 }, (_, j): Vec => {
            const t = j / 8;
            return add(onBow(frame, [from + 0.12 * hairMm * t * (i % 2 ? 1 : -1), 0, 0]), [
              0,
              -hang * Math.sin(t * 1.5) ** 1.2,
              0
            ]);
          });
          return { kind: 'curve', part: 'bowTorn', points, on: [] };
        })
      : [];
  const dark =
    hairGreasy > 0
      ? [block(3.6, bow.frogMm, bow.frogMm + 0.15 * hairMm * hairGreasy, -2.2 * size, 2.2 * size, 'bowDark')]
      : [];
  return [
    ...torn,
    ...dark,
    ...stick,
    block(5, -2 * size, bow.frogMm, -2 * size, stickOver(bow, 0) - r * 0.4, 'frog'),
    block(3.4, hairMm - 3 * size, hairMm + 7 * size, 0, stickOver(bow, hairMm) + r, 'bowTip'),
    ...hair
  ];
}

export const tipOf = (bow: Bow, frame: BowFrame): Vec => add(frame.at, scale(frame.along, bow.hairMm));
