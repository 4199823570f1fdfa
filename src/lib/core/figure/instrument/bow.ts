import { cone, slab, type Curve, type Shape } from '../drawing/shapes';
import { add, cross, scale, sum, type Vec } from '../vector';

/** A bow of a length; all else follows from it. */
export interface Bow {
  readonly lengthMm: number;
  readonly hairMm: number;
  readonly frogMm: number;
  readonly stickRadius: number;
  readonly size: number;
}

/** A 4/4 violin bow, from which all others are scaled, mm. */
const WHOLE_BOW_MM = 745;
const HAIR_SHARE = 0.88;

/** @param heavy thickness against a violin's bow: 1.15 for a cello's, 1.35 for a bass's */
export function bowOf(lengthMm: number, heavy: number): Bow {
  const size = (lengthMm / WHOLE_BOW_MM) * heavy;
  return { lengthMm, hairMm: HAIR_SHARE * lengthMm, frogMm: 38 * size, stickRadius: 4.3 * size, size };
}

/** Where a bow lies: the hair's end at the frog, along the hair to the tip, and from the hair to the stick. */
export interface BowFrame {
  readonly at: Vec;
  readonly along: Vec;
  readonly up: Vec;
}

/** Middle of the stick over the hair, at a distance from the frog's end, mm. */
export function stickOver({ hairMm, size, lengthMm }: Bow, at: number): number {
  const t = Math.min(1, Math.max(0, at / hairMm));
  return 21 * size - (4 * 12 * lengthMm * t * (1 - t)) / WHOLE_BOW_MM;
}

/** A point of the bow in the world: along, from the hair to the stick, and to the far side. */
export const onBow = ({ at, along, up }: BowFrame, [x, y, z]: Vec): Vec =>
  sum(at, scale(along, x), scale(up, y), scale(cross(along, up), z));

export function bowShapes(bow: Bow, frame: BowFrame): Shape[] {
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
    points: [onBow(frame, [30 * size, 0, side * size]), onBow(frame, [hairMm, 0, side * size])],
    on: ['frog'],
    fine: true,
    ...(side > 0 ? { fromDetail: 0.7 } : {})
  }));
  return [
    ...stick,
    block(5, -2 * size, bow.frogMm, -2 * size, stickOver(bow, 0) - r * 0.4, 'frog'),
    block(3.4, hairMm - 3 * size, hairMm + 7 * size, 0, stickOver(bow, hairMm) + r, 'bowTip'),
    ...hair
  ];
}

export const tipOf = (bow: Bow, frame: BowFrame): Vec => add(frame.at, scale(frame.along, bow.hairMm));
