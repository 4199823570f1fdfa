import type { Raster } from './raster';

type Corner = readonly [number, number];
type Loop = readonly Corner[];

/** East, south, west, north: the region lies to the right of the way. */
const STEP_X = [1, 0, -1, 0] as const;
const STEP_Y = [0, 1, 0, -1] as const;

/**
 * The outlines of what bears a label, as closed loops in the coordinates of the picture, mm. Holes are loops that
 * run the other way round. They run through the middles of the pixels' edges, so that stairs become slopes.
 *
 * @param labels the label of each pixel; 0 for none
 */
export function regionsOf(
  { width, height, left, top, detail }: Raster,
  labels: Uint8Array
): ReadonlyMap<number, readonly Loop[]> {
  const found = new Map<number, Loop[]>();
  const begun = new Uint8Array(labels.length);
  const at = (x: number, y: number): number =>
    x < 0 || y < 0 || x >= width || y >= height ? 0 : (labels[y * width + x] ?? 0);

  const follow = (startX: number, startY: number, label: number): Loop => {
    const loop: Corner[] = [];
    let [x, y, way] = [startX, startY, 0];
    do {
      if (way === 0) begun[y * width + x] = 1;
      const [dx, dy] = [STEP_X[way] ?? 0, STEP_Y[way] ?? 0];
      loop.push([left + (x + dx / 2) / detail, top + (y + dy / 2) / detail]);
      x += dx;
      y += dy;
      // The two pixels before the corner that was reached, left and right of the way.
      const [leftX, leftY, rightX, rightY] =
        way === 0
          ? [x, y - 1, x, y]
          : way === 1
            ? [x, y, x - 1, y]
            : way === 2
              ? [x - 1, y, x - 1, y - 1]
              : [x - 1, y - 1, x, y - 1];
      if (at(rightX, rightY) !== label) way = (way + 1) % 4;
      else if (at(leftX, leftY) === label) way = (way + 3) % 4;
    } while (x !== startX || y !== startY || way !== 0);
    const [first] = loop;
    return first ? [...loop, first] : loop;
  };

  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const pixel = y * width + x;
      const label = labels[pixel] ?? 0;
      if (label === 0 || begun[pixel] === 1 || at(x, y - 1) === label) continue;
      const loops = found.get(label);
      const loop = follow(x, y, label);
      if (loops) loops.push(loop);
      else found.set(label, [loop]);
    }
  return found;
}
