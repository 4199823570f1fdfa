import type { Line } from './project';

/** Tenths of a mm: whole numbers while paths are put together, so that rounding does not add up. */
const tenths = (value: number): number => Math.round(value * 10);
/** A number of tenths, as short as it can be written. */
function written(value: number): string {
  const size = value < 0 ? -value : value;
  const whole = (size - (size % 10)) / 10;
  const text = size % 10 === 0 ? `${whole}` : whole === 0 ? `.${size}` : `${whole}.${size % 10}`;
  return value < 0 ? `-${text}` : text;
}
const pair = (x: number, y: number): string => `${written(x)}${y < 0 ? '' : ' '}${written(y)}`;

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
  const [first] = line;
  if (!first) return '';
  let [x, y] = [tenths(first[0]), tenths(first[1])];
  let data = `M${pair(x, y)}`;
  const lineTo = (px: number, py: number) => {
    const [tx, ty] = [tenths(px), tenths(py)];
    data += `l${pair(tx - x, ty - y)}`;
    [x, y] = [tx, ty];
  };
  for (let i = 1; i < line.length; i++) {
    const [a, b, c] = [line[i - 1], line[i], line[i + 1]];
    if (!a || !b) break;
    if (!c) {
      lineTo(b[0], b[1]);
      break;
    }
    const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]];
    const bend = Math.abs(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy));
    const [mx, my] = [(b[0] + c[0]) / 2, (b[1] + c[1]) / 2];
    if (bend < CORNER) {
      const [tx, ty] = [tenths(mx), tenths(my)];
      data += `q${pair(tenths(b[0]) - x, tenths(b[1]) - y)} ${pair(tx - x, ty - y)}`;
      [x, y] = [tx, ty];
    } else {
      lineTo(b[0], b[1]);
      lineTo(mx, my);
    }
  }
  return data;
}

export const flowingLine = (line: Line, tolerance: number): string => flowing(simplified(line, tolerance));

/** Path data of a closed outline of straight pieces. */
export function closed(outline: Flat, tolerance: number): string {
  const [first, ...rest] = simplified(outline, tolerance);
  if (!first) return '';
  let [x, y] = [tenths(first[0]), tenths(first[1])];
  const steps = rest.slice(0, -1).map(([px, py]) => {
    const [tx, ty] = [tenths(px), tenths(py)];
    const step = pair(tx - x, ty - y);
    [x, y] = [tx, ty];
    return step;
  });
  return `M${pair(tenths(first[0]), tenths(first[1]))}l${steps.join(' ')}Z`;
}
