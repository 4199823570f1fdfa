import type { Line } from './project';

const number = (value: number): string => String(Math.round(value * 10) / 10);
/** Bends sharper than this stay corners, radians. */
const CORNER = 0.75;

type Flat = readonly (readonly [number, number, ...unknown[]])[];

/** Fewer points that stray less than the tolerance from the line (Ramer, Douglas and Peucker). */
export function simplified<P extends readonly [number, number, ...unknown[]]>(
  line: readonly P[],
  tolerance: number
): readonly P[] {
  const keep = new Uint8Array(line.length);
  keep[0] = keep[line.length - 1] = 1;
  const open: [number, number][] = [[0, line.length - 1]];
  for (let range = open.pop(); range; range = open.pop()) {
    const [from, to] = range;
    const [a, b] = [line[from], line[to]];
    if (!a || !b) continue;
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const length = Math.hypot(dx, dy);
    let far = tolerance;
    let at = -1;
    for (let i = from + 1; i < to; i++) {
      const point = line[i];
      if (!point) continue;
      const off =
        length < 1e-6
          ? Math.hypot(point[0] - a[0], point[1] - a[1])
          : Math.abs((point[0] - a[0]) * dy - (point[1] - a[1]) * dx) / length;
      if (off > far) [far, at] = [off, i];
    }
    if (at < 0) continue;
    keep[at] = 1;
    open.push([from, at], [at, to]);
  }
  return line.filter((_, i) => keep[i] === 1);
}

/** Path data of a line: gentle bends become curves through the middles of its pieces, corners stay corners. */
export function flowing(line: Flat): string {
  const pair = ([x, y]: Flat[number]) => `${number(x)} ${number(y)}`;
  const [first] = line;
  if (!first) return '';
  let data = `M${pair(first)}`;
  for (let i = 1; i < line.length; i++) {
    const [a, b, c] = [line[i - 1], line[i], line[i + 1]];
    if (!a || !b) break;
    if (!c) return `${data}L${pair(b)}`;
    const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]];
    const bend = Math.abs(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy));
    const middle: Flat[number] = [(b[0] + c[0]) / 2, (b[1] + c[1]) / 2];
    data += bend < CORNER ? `Q${pair(b)} ${pair(middle)}` : `L${pair(b)}L${pair(middle)}`;
  }
  return data;
}

export const flowingLine = (line: Line, tolerance: number): string => flowing(simplified(line, tolerance));

/** Path data of a closed outline of straight pieces. */
export const closed = (outline: Flat, tolerance: number): string =>
  `M${simplified(outline, tolerance)
    .map(([x, y]) => `${number(x)} ${number(y)}`)
    .join('L')}Z`;
