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

/** x and y of each point, one after the other. */
export type Flat = readonly number[];

/** Fewer points that stray less than the tolerance from the line (Ramer, Douglas and Peucker). */
export function simplified(line: Flat, tolerance: number): Flat {
  const last = line.length / 2 - 1;
  const keep = new Uint8Array(last + 1);
  keep[0] = keep[last] = 1;
  const open = [0, last];
  while (open.length > 0) {
    const to = open.pop() ?? 0;
    const from = open.pop() ?? 0;
    const ax = line[2 * from] ?? 0;
    const ay = line[2 * from + 1] ?? 0;
    const dx = (line[2 * to] ?? 0) - ax;
    const dy = (line[2 * to + 1] ?? 0) - ay;
    const length = Math.sqrt(dx * dx + dy * dy);
    const closed = length < 1e-6;
    let far = closed ? tolerance : tolerance * length;
    let at = -1;
    for (let i = from + 1; i < to; i++) {
      const px = (line[2 * i] ?? 0) - ax;
      const py = (line[2 * i + 1] ?? 0) - ay;
      const off = closed ? Math.sqrt(px * px + py * py) : Math.abs(px * dy - py * dx);
      if (off > far) {
        far = off;
        at = i;
      }
    }
    if (at < 0) continue;
    keep[at] = 1;
    open.push(from, at, at, to);
  }
  const kept: number[] = [];
  for (let i = 0; i <= last; i++) if (keep[i] === 1) kept.push(line[2 * i] ?? 0, line[2 * i + 1] ?? 0);
  return kept;
}

/** Path data of a line: gentle bends become curves through the middles of its pieces, corners stay corners. */
export function flowing(line: Flat): string {
  if (line.length < 2) return '';
  let x = tenths(line[0] ?? 0);
  let y = tenths(line[1] ?? 0);
  let data = `M${pair(x, y)}`;
  const lineTo = (px: number, py: number) => {
    const tx = tenths(px);
    const ty = tenths(py);
    data += `l${pair(tx - x, ty - y)}`;
    x = tx;
    y = ty;
  };
  for (let i = 2; i + 1 < line.length; i += 2) {
    const bx = line[i] ?? 0;
    const by = line[i + 1] ?? 0;
    if (i + 3 >= line.length) {
      lineTo(bx, by);
      break;
    }
    const ux = bx - (line[i - 2] ?? 0);
    const uy = by - (line[i - 1] ?? 0);
    const vx = (line[i + 2] ?? 0) - bx;
    const vy = (line[i + 3] ?? 0) - by;
    const bend = Math.abs(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy));
    if (bend < CORNER) {
      const tx = tenths(bx + vx / 2);
      const ty = tenths(by + vy / 2);
      data += `q${pair(tenths(bx) - x, tenths(by) - y)} ${pair(tx - x, ty - y)}`;
      x = tx;
      y = ty;
    } else {
      lineTo(bx, by);
      lineTo(bx + vx / 2, by + vy / 2);
    }
  }
  return data;
}

export const flowingLine = (line: Flat, tolerance: number): string => flowing(simplified(line, tolerance));

/** Path data of a closed outline of straight pieces, whose last point is its first. */
export function closed(outline: Flat, tolerance: number): string {
  const points = simplified(outline, tolerance);
  if (points.length < 2) return '';
  let x = tenths(points[0] ?? 0);
  let y = tenths(points[1] ?? 0);
  let data = `M${pair(x, y)}l`;
  for (let i = 2; i + 3 < points.length; i += 2) {
    const tx = tenths(points[i] ?? 0);
    const ty = tenths(points[i + 1] ?? 0);
    data += `${i > 2 ? ' ' : ''}${pair(tx - x, ty - y)}`;
    x = tx;
    y = ty;
  }
  return `${data}Z`;
}

/** The points through which path data runs, its lines and curves each by their ends, one list for each line of it. */
export function loopsOf(path: string): readonly (readonly (readonly [x: number, y: number])[])[] {
  const loops: (readonly [number, number])[][] = [];
  let [x, y] = [0, 0];
  for (const [, command = '', rest = ''] of path.matchAll(/([MlqZ])([^MlqZ]*)/g)) {
    const numbers = (rest.match(/-?(?:\d+\.?\d*|\.\d+)/g) ?? []).map(Number);
    if (command === 'M') loops.push([]);
    for (let i = 0; i + 1 < numbers.length; i += 2) {
      const [dx = 0, dy = 0] = numbers.slice(i, i + 2);
      // The bend of a curve lies beside it.
      if (command === 'q' && i % 4 === 0) continue;
      [x, y] = command === 'M' ? [dx, dy] : [x + dx, y + dy];
      loops.at(-1)?.push([x, y]);
    }
  }
  return loops;
}
