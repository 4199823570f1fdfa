import { angleKind, type AngleId } from './angles';
import { needsLevel, readAngle, type At } from './read';

/** How a picture was taken. */
export interface Taken {
  /** The longer side, pixels. */
  readonly longPx: number;
  readonly distanceMm: number;
  /** The camera was put at the part's height and square to it. */
  readonly square: boolean;
  /** A level or plumb line was drawn, so long, pixels; null without one. */
  readonly levelPx: number | null;
}

// Sources: cameras of phones and tablets show about 65 degrees on the longer side; a point is laid to 3 pixels across and
// 3 down; how far a hand-held camera stands off is our own guess of what teachers do without and with care.
export const FOCAL = 0.5 / Math.tan((32.5 * Math.PI) / 180);
const POINT_PX = 3.6;
const ROLL_DEG = 3;
/** A door frame or a stand is not quite level itself, and beside the middle a camera that stands off shows it askew. */
const FRAME_DEG = 1;
const ROUGHLY = { roundDeg: 15, offMm: 300 };
const SQUARE = { roundDeg: 6, offMm: 80 };
const RAD = 180 / Math.PI;

type Space = readonly [right: number, down: number, away: number];

/** How a camera that stands round and above sees places that lie about its middle. */
function seenFrom(
  places: readonly Space[],
  roundRad: number,
  offMm: number,
  { distanceMm, longPx }: Taken
): readonly At[] {
  const pitch = Math.atan2(offMm, distanceMm);
  const far = Math.hypot(offMm, distanceMm);
  const [cr, sr, cp, sp] = [Math.cos(roundRad), Math.sin(roundRad), Math.cos(pitch), Math.sin(pitch)];
  return places.map(([x, y, z]) => {
    const [x1, z1] = [x * cr - z * sr, x * sr + z * cr];
    const [y2, z2] = [y * cp + z1 * sp, z1 * cp - y * sp];
    const scale = (FOCAL * longPx) / (far + z2);
    return [x1 * scale, y2 * scale];
  });
}

/** How far the reading strays where the camera stands round or off, and the points before or behind each other. */
function strays(id: AngleId, points: readonly At[], taken: Taken): number {
  const { roundDeg, offMm } = taken.square ? SQUARE : ROUGHLY;
  const mm = taken.distanceMm / (FOCAL * taken.longPx);
  const [cx, cy] = [0, 1].map((i) => points.reduce((sum, at) => sum + (at[i] ?? 0), 0) / points.length);
  const flat = points.map(([x, y]): Space => [(x - (cx ?? 0)) * mm, (y - (cy ?? 0)) * mm, 0]);
  const { deepMm } = angleKind(id);
  const read = (places: readonly Space[], round: number, off: number) =>
    readAngle(id, seenFrom(places, round / RAD, off, taken));
  const asItIs = read(flat, 0, 0);
  let most = 0;
  for (const round of [-roundDeg, 0, roundDeg])
    for (const off of [-offMm, 0, offMm]) {
      const shift = Math.abs(read(flat, round, off) - asItIs);
      // One point after the other a little nearer or farther: they go their own ways.
      const deep = flat.map((_, i) => {
        const before = flat.map((at, k): Space => (k === i ? [at[0], at[1], deepMm / 2] : at));
        return read(before, round, off) - read(flat, round, off);
      });
      most = Math.max(most, Math.hypot(shift, ...deep));
    }
  return most;
}

/** How far the reading strays where each point is laid a little beside its place. */
function slips(id: AngleId, points: readonly At[]): number {
  const asItIs = readAngle(id, points);
  const each = points.map((_, i) => {
    const by = ([dx, dy]: At) =>
      Math.abs(
        readAngle(
          id,
          points.map((at, k) => (k === i ? [at[0] + dx, at[1] + dy] : at))
        ) - asItIs
      );
    return Math.max(by([POINT_PX, 0]), by([0, POINT_PX]), by([-POINT_PX, 0]), by([0, -POINT_PX]));
  });
  return Math.hypot(...each);
}

/**
 * How far an angle may be off, degrees to both sides: the points, the roll that no level line took out, and a camera that
 * stands round, higher or lower. Nineteen of twenty readings lie within it.
 *
 * @param points pixels, their roll taken out
 */
export function errorOf(id: AngleId, points: readonly At[], taken: Taken): number {
  const { levelPx } = taken;
  const roll = !needsLevel(id)
    ? 0
    : levelPx === null
      ? ROLL_DEG
      : Math.hypot(FRAME_DEG, (Math.SQRT2 * POINT_PX * RAD) / Math.max(1, levelPx));
  return Math.hypot(slips(id, points), roll, strays(id, points, taken));
}

/** Where the points of an angle usually lie in a picture of a size, pixels. */
export function usualPoints(id: AngleId, width: number, height: number): readonly At[] {
  const { points, distanceMm } = angleKind(id);
  const scale = (FOCAL * Math.max(width, height)) / distanceMm;
  return points.map(([, [right, down]]) => [width / 2 + right * scale, height / 2 + down * scale]);
}

/** What an angle says. */
export type Verdict = 'inside' | 'outside' | 'open';

/** Whether an angle with its error is right, not right, or not to be told. */
export function verdictOf(deg: number, errorDeg: number, [least, most]: readonly [number, number]): Verdict {
  if (deg - errorDeg >= least && deg + errorDeg <= most) return 'inside';
  // What is read from straight is never below it.
  if (least === 0 && deg + errorDeg <= most && deg >= 0) return 'inside';
  return deg + errorDeg < least || deg - errorDeg > most ? 'outside' : 'open';
}

/**
 * Whether a picture of a size can settle an angle at all, taken with care at the usual distance: else it is not offered.
 */
export function isOffered(
  id: AngleId,
  width: number,
  height: number,
  band: readonly [number, number] | null
): boolean {
  if (!band) return true;
  const points = usualPoints(id, width, height);
  const taken = {
    longPx: Math.max(width, height),
    distanceMm: angleKind(id).distanceMm,
    square: true,
    levelPx: width / 3
  };
  const [least, most] = band;
  const room = least === 0 ? most : (most - least) / 2;
  return errorOf(id, points, taken) < room;
}
