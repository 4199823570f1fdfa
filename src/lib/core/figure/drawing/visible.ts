import { overlap, type Line, type LinePoint, type Projected } from './project';
import type { Raster } from './raster';

/** A surface this near before a line does not hide it, mm. */
const TOUCHES_MM = 0.8;
/** The same for a line that lies on a surface. */
const LIES_ON_MM = 4;
/** A mesh's own faces, mm: its edges lie in them. */
const OWN_FACES_MM = 1.6;

export interface VisibleOptions {
  /** Thickness of a stroke, mm. */
  readonly strokeMm: number;
  /** Steps along a line, mm. */
  readonly stepMm: number;
  /** Shortest piece of a line that is drawn, mm. */
  readonly shortestMm: number;
}

const lengthOf = (line: Line): number =>
  line.reduce((all, [x, y], i) => {
    const before = line[i - 1];
    return before ? all + Math.hypot(x - before[0], y - before[1]) : 0;
  }, 0);

const between = (a: LinePoint, b: LinePoint, share: number): LinePoint => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share,
  (a[3] ?? 0) + ((b[3] ?? 0) - (a[3] ?? 0)) * share
];

/** Whether a point of a shape's line is seen, by all solids of the picture. */
function seenBy(me: Projected, solids: readonly Projected[], raster: Raster, strokeMm: number) {
  const { shape } = me;
  const mine = solids.indexOf(me);
  const lies = (solid: number): boolean => {
    const part = solids[solid]?.shape.part ?? '';
    return shape.kind === 'curve' && shape.on.some((on) => part.startsWith(on));
  };
  const kin: { readonly solid: number; readonly start: number; readonly end: number }[] = [];
  solids.forEach((other, solid) => {
    if (other === me || shape.flesh === undefined || other.shape.flesh !== shape.flesh) return;
    if (shape.kind === 'curve' || !overlap(other.box, me.box)) return;
    const soft = (value: number) => -Math.max(value, 0.5 * strokeMm);
    const start = soft(Math.min(shape.soft ?? 4, other.shape.soft ?? 4));
    kin.push({ solid, start, end: shape.softEnd === undefined ? start : soft(shape.softEnd) });
  });
  const hides = (solid: number, [x, y, z]: LinePoint): boolean => {
    if (solid < 0) return false;
    if (solid === mine)
      return shape.kind === 'mesh' && !shape.normals && raster.depthOf(solid, x, y) > z + OWN_FACES_MM;
    if (lies(solid)) return raster.depthOf(solid, x, y) > z + LIES_ON_MM;
    const other = solids[solid]?.shape.flesh;
    if (other !== undefined && other === shape.flesh && shape.kind !== 'curve') return false;
    return raster.depthOf(solid, x, y) > z + TOUCHES_MM;
  };
  return (point: LinePoint): boolean => {
    const at = raster.pixel(point[0], point[1]);
    // Nothing is drawn beside the picture.
    if (at < 0) return false;
    if (hides(raster.nearest[at] ?? -1, point) || hides(raster.second[at] ?? -1, point)) return false;
    return kin.every(({ solid, start, end }) => {
      const { box } = solids[solid] ?? me;
      const [x, y, z, along = 0] = point;
      if (x < box[0] || x > box[2] || y < box[1] || y > box[3]) return true;
      return raster.depthOf(solid, x, y) <= z + start + (end - start) * along;
    });
  };
}

/** The pieces of a shape's lines that nothing hides; their ends are found by halving. */
export function visiblePieces(
  me: Projected,
  solids: readonly Projected[],
  raster: Raster,
  { strokeMm, stepMm, shortestMm }: VisibleOptions
): readonly Line[] {
  const isSeen = seenBy(me, solids, raster, strokeMm);
  const shortest = Math.max(shortestMm, me.shape.shortest ?? 0);
  return me.lines.flatMap((line) => {
    const pieces: LinePoint[][] = [];
    let piece: LinePoint[] | null = null;
    let last: LinePoint | null = null;
    let was = false;
    const visit = (point: LinePoint) => {
      const now = isSeen(point);
      if (last && now !== was) {
        let [a, b] = [last, point];
        for (let i = 0; i < 5; i++) {
          const middle = between(a, b, 0.5);
          if (isSeen(middle) === was) a = middle;
          else b = middle;
        }
        if (piece) {
          piece.push(a);
          pieces.push(piece);
          piece = null;
        } else piece = [b];
      }
      if (now) (piece ??= []).push(point);
      [last, was] = [point, now];
    };
    line.forEach((point, i) => {
      const before = line[i - 1];
      if (before) {
        const steps = Math.ceil(Math.hypot(point[0] - before[0], point[1] - before[1]) / stepMm);
        for (let k = 1; k < steps; k++) visit(between(before, point, k / steps));
      }
      visit(point);
    });
    if (piece) pieces.push(piece);
    const least = Math.min(shortest, 0.8 * lengthOf(line));
    return pieces.filter((one) => one.length > 1 && lengthOf(one) > least);
  });
}
